#!/usr/bin/env bash
# Feeds everything that reads from outside with made-up input until it breaks: two targets at a time, each until
# SECONDS or RUNS are over, whichever is first. What broke it lies in BUILD/corpus/TARGET-crash*; the figures stand in
# BUILD/figures.md, a line a target.
#   tools/fuzz.sh BUILD SECONDS RUNS [TARGET...]
set -euo pipefail
cd "$(dirname "$0")/.."
build=$1 seconds=$2 runs=$3
shift 3
targets=("$@")
[ ${#targets[@]} -gt 0 ] || for folder in fuzz/corpus/*/; do targets+=("$(basename "$folder")"); done

# The demo shop's files, what ships, and what earlier runs found worth keeping.
seed() { # target folder
    local files=()
    case $1 in
    job) files=(demo/*.arbor.json tests/data/*.arbor.json) ;;
    arrangement) files=(data/templates/*.json) ;;
    rack) files=(demo/rack.csv tests/data/jobs/*.rack.csv) ;;
    presses) files=(demo/presses.json demo/gauges.json demo/people.json data/catalog/*.json) ;;
    trace) files=(demo/traces/*.csv) ;;
    bearings) files=(data/catalog/bearings/*.csv) ;;
    esac
    mkdir -p "$2"
    for file in "${files[@]}" fuzz/corpus/"$1"/*; do [ -f "$file" ] && cp "$file" "$2/"; done
    # Words of those files, for the fuzzer to put in.
    cat "$2"/* | grep -oaE '[A-Za-z0-9_]{2,40}' | sort -u | sed -n 1,800p | sed 's/.*/"&"/' > "$2.words"
}

fuzz() { # target
    local corpus=$build/corpus/$1 log=$build/corpus/$1.log most=4096 begun=$SECONDS
    [ "$1" = job ] && most=16384
    seed "$1" "$corpus"
    local ended=held
    "$build/fuzz/fuzz_$1" -runs="$runs" -max_total_time="$seconds" -max_len=$most -timeout=10 -rss_limit_mb=4096 \
        -dict="$corpus.words" -artifact_prefix="$corpus-" -print_final_stats=1 "$corpus" > "$log" 2>&1 || ended=BROKE
    local did
    did=$(sed -n 's/^stat::number_of_executed_units: *//p' "$log")
    printf '| %s | %s | %d | %s | %s |\n' "$1" "${did:-0}" $((SECONDS - begun)) \
        "$(grep -oE 'cov: [0-9]+' "$log" | tail -1 | cut -c6-)" "$ended" | tee -a "$build/figures.md"
    [ $ended = held ]
}
export -f seed fuzz
export build seconds runs
mkdir -p "$build/corpus"
printf '%s\n' '| target | inputs | seconds | places in the code reached | |' '|---|---|---|---|---|' | tee "$build/figures.md"
printf '%s\n' "${targets[@]}" | xargs -P 2 -I{} bash -c 'set -euo pipefail; fuzz {}'
