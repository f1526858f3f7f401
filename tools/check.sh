#!/usr/bin/env bash
# Keeps the house in order: format, static analysis, layers, data, tests that can fail, share of tests.
set -uo pipefail
build=$1
failed=0
step() { # name, command...
    local name=$1 begun=$SECONDS
    shift
    if "$@"; then echo "ok      $name, $((SECONDS - begun)) s"; else echo "FAILED  $name"; failed=1; fi
}
sources() { git ls-files -- "$@" | grep -E '\.(cpp|h)$'; }
none() { ! git grep -nE "$@"; } # prints what was found

formatted() { sources src tests bench fuzz | xargs clang-format --dry-run --Werror; }
analysed() { tools/analyse.sh; }
core_without_qt() { none '#include *[<"]Q' -- src/core src/words; }
layers() {
    none '#include "(io|device|ui|cli|words|solver)/' -- src/core &&
        none '#include "(io|ui|cli)/' -- src/words &&
        none '#include "(io|ui|cli|device|words|log|sim)/' -- src/solver &&
        none '#include "(ui|cli|io|sim|words)/' -- src/device &&
        none '#include "(core|io|ui|cli|device|words)/' -- src/sim &&
        none '#include "(io|ui|cli|device|words)/' -- src/practice &&
        none '#include "(io|ui|cli|device|practice)/' -- src/mistakes ':!src/mistakes/main.cpp' &&
        none '#include "(io|ui|cli|device|words|sim)/' -- src/log &&
        none '#include "(ui|cli)/' -- src/io src/backup &&
        none '#include "ui/' -- src/cli fuzz &&
        none 'Qt6::(Widgets|Gui)|arbor_ui' -- src/core src/words src/io src/cli
}
# Qt's own checks return from a GoogleTest body in silence; a property must be asserted; a test waits on conditions.
tests_can_fail() {
    none 'QCOMPARE|QVERIFY|QTRY_|QFAIL' -- tests &&
        none '^ *rc::check' -- tests &&
        none 'qSleep|sleep_for|usleep|QThread::sleep' -- tests
}
data_loads() {
    for job in demo/*.arbor.json; do
        "$build/src/cli/brisk-arbor-cli" plan "$job" --json >/dev/null
        [ $? -le 1 ] || return 1
    done
}
# cloc's code lines, tests against everything that is code.
test_share() {
    local share
    share=$(cloc --quiet --csv --include-lang='C++,C/C++ Header' tests | awk -F, '$2=="SUM"{print $5}')
    local all
    all=$(cloc --quiet --csv --include-lang='C++,C/C++ Header' src tests bench | awk -F, '$2=="SUM"{print $5}')
    share=$((100 * share / all))
    echo "        tests are $share % of the code"
    [ "$share" -ge 25 ] && [ "$share" -le 34 ]
}

step "format" formatted
step "core without Qt" core_without_qt
step "layers" layers
step "tests can fail" tests_can_fail
step "data loads" data_loads
step "every text in every language" tools/catalogue.sh --check
step "test share" test_share
step "static analysis" analysed
exit $failed
