#!/usr/bin/env bash
# Makes every picture of docs/screenshots anew from a copy of the demo shop.
set -euo pipefail
app=$1 out=$2
shop=$(mktemp -d)
trap 'rm -rf "$shop"' EXIT
cp -R demo/. "$shop/"
job=$shop/seamer-turret-upper.arbor.json
closed=$shop/exhaust-fan-carrier.arbor.json
mkdir -p "$out"

"$app" "$shop" --shot "$out/shelf.png"
for station in fit tooling press; do
    "$app" "$job" --station "$station" --shot "$out/$station.png"
done
"$app" "$job" --station order --shot "$out/order.png"
"$app" "$job" --station fit --night --shot "$out/fit-night.png"
"$app" "$closed" --station press --shot "$out/press-trace.png"
"$app" "$closed" --station seat --shot "$out/seat.png"
"$app" "$closed" --station close --shot "$out/close.png"

# The trap: a sleeve that lands on the inner ring.
sed -i 's/"press": "P30"/"press": "P30", "driver": "S11"/' "$job"
"$app" "$job" --station tooling --shot "$out/tooling-stop.png"
echo "Pictures in $out: $(ls "$out"/*.png | wc -l)"
