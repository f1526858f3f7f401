#!/usr/bin/env bash
# A German locale for the tests, in a folder of the project's: the machine's own locales stay as they are.
set -euo pipefail
folder=.packages/locale
[ -e "$folder/de_DE.UTF-8" ] && exit 0
mkdir -p "$folder"
localedef -i de_DE -f UTF-8 "$folder/de_DE.UTF-8"
