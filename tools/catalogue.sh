#!/usr/bin/env bash
# Brings the catalogue up to date with the code: every text in a call of tr(), wanted() or forReader() in src/ lands in
# each language's file, what is gone goes. All of them stand in one context, whichever class or function asks
# (language/catalogue.h); lupdate is told so by a copy of the sources that calls translate("arbor", ...) instead.
#   tools/catalogue.sh            writes src/language/*.ts
#   tools/catalogue.sh --check    writes nothing; ends with 1 where a file is not up to date or a text has no translation
set -euo pipefail
cd "$(dirname "$0")/.."
qt=$(qtpaths6 --query QT_HOST_BINS 2>/dev/null || echo /usr/lib/qt6/bin)
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
cp -R src "$work/src"
find "$work/src" -name '*.cpp' -o -name '*.h' | xargs perl -0pi -e '
    my $literal = qr/(?:"(?:[^"\\]|\\.)*"\s*)+/;
    my $call; $call = qr/(?:[^()]|\((??{$call})\))*/;
    s/\btr\(($literal),\s*(?:""|nullptr),\s*$call\)/tr($1, "", n)/g; # of a plural; lupdate reads plain counts alone
    s/\b(?:wanted|forReader)\(\s*($literal)/QT_TRANSLATE_NOOP("arbor", $1) fill(/g;
    s/\b(?:(?:ui|words|QObject)::)?tr\(\s*(?=")/QCoreApplication::translate("arbor", /g;'
for file in src/language/*.ts; do
    plural=()
    [[ $file == *_en.ts ]] && plural=(-pluralonly)
    (cd "$work" && "$qt/lupdate" -silent src -ts "$file" "${plural[@]}" -no-obsolete -locations none \
        -source-language en -target-language "$(basename "$file" .ts | sed 's/.*_//')")
    if [ "${1:-}" != --check ]; then cp "$work/$file" "$file"
    elif ! cmp -s "$work/$file" "$file"; then echo "$file: not up to date; tools/catalogue.sh"; exit 1
    elif grep -n 'type="unfinished"' "$file"; then echo "$file: texts without a translation"; exit 1; fi
done
