#!/usr/bin/env bash
# Configures a preset once; after that the build itself notices what changed. The presets release, test and bench share
# a folder and add to it.
set -euo pipefail
preset=$1
case $preset in release | test | bench) folder=build/release ;; *) folder=build/$preset ;; esac
stamp=$folder/.configured-$preset
# What is analysed is never built, so nothing else would notice a source that came or went.
[ "$preset" != analysis ] && [ "$stamp" -nt CMakePresets.json ] && exit 0
cmake --preset "$preset" --log-level=WARNING
touch "$stamp"
