#!/usr/bin/env bash
# Starts the program on a copy of the demo shop, so that trying things out leaves the checkout as it is.
# With a third argument: saves a picture of the window there and ends.
set -euo pipefail
app=$1 job=$2 shot=${3:-}
if [ -n "$shot" ]; then
    exec "$app" "$job" --shot "$shot"
fi
shop=build/demo-shop
mkdir -p "$shop"
cp -Rn "$(dirname "$job")/." "$shop/"
cli=$(dirname "$app")/../cli/brisk-arbor-cli
[ -e "$shop/logbook.sqlite" ] || "$cli" log "$shop" --import "$shop/past_presses.json"
echo "Open on a copy of the demo shop, $shop; delete that folder to start afresh."
exec "$app" "$shop/$(basename "$job")"
