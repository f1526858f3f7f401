#!/usr/bin/env bash
# Installs the library for other programs into a folder of its own, builds the example against it, and runs it.
#   tests/package/run.sh BUILD EXPECTED
set -euo pipefail
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
cmake --install "$1" --prefix "$work/installed" --component Development > /dev/null
cmake -S "$(dirname "$0")" -B "$work/build" -DCMAKE_PREFIX_PATH="$work/installed" -DCMAKE_BUILD_TYPE=Debug > /dev/null
cmake --build "$work/build" > /dev/null
[ "$("$work/build/press_force")" = "$2" ] || { "$work/build/press_force"; exit 1; }
