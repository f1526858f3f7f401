#!/usr/bin/env bash
# Makes every picture of docs/screenshots anew from a copy of the demo shop.
set -euo pipefail
app=$1 out=$2
passing=$(mktemp -d)
trap 'rm -rf "$passing"' EXIT
shop=$passing/tidewrack
mkdir "$shop"
cp -R demo/. "$shop/"
"$(dirname "$app")/../cli/brisk-arbor-cli" log "$shop" --import "$shop/past_presses.json" >/dev/null
job=$shop/seamer-turret-upper.arbor.json
closed=$shop/exhaust-fan-carrier.arbor.json
mkdir -p "$out"
export LC_ALL=C.UTF-8

"$app" "$shop" --shot "$out/shelf.png"
"$app" "$shop" --station rack --shot "$out/rack.png"
"$app" "$job" --station label --shot "$out/label.png"
"$app" "$job" --station fit --shot "$out/fit.png"
"$app" "$shop/conveyor-tail-drum.arbor.json" --station measure --item 2 --shot "$out/measure.png"
"$app" "$job" --station gauges --shot "$out/shop.png"
"$app" "$shop/brine-agitator.arbor.json" --station intake --shot "$out/intake.png"
"$app" "$shop/conveyor-tail-drum.arbor.json" --station arrangement --shot "$out/arrangement.png"
"$app" "$closed" --station press --item 4 --shot "$out/press-trace.png"
"$app" "$closed" --station seat --item 4 --shot "$out/seat.png"
"$app" "$shop/conveyor-tail-drum.arbor.json" --station adjust --shot "$out/adjust.png"

# A released record that was opened again: the revision and the file as it was released.
mkdir "$shop/revisions"
kept=revisions/exhaust-fan-carrier.r1.arbor.json
cp "$closed" "$shop/$kept"
revision="{\"number\": 1, \"who\": \"Piet Oduya\", \"when\": \"2026-11-27T08:40:00\", \"reason\": \"torque wrench number was left out\", \"file\": \"$kept\", \"sha256\": \"$(sha256sum "$closed" | cut -d' ' -f1)\"}"
sed -i "s|^  \"units\"|  \"revisions\": [$revision],\n  \"units\"|; s|\"released_by\": \"[^\"]*\"|\"released_by\": \"\"|; s|\"released_on\": \"[^\"]*\"|\"released_on\": \"\"|" "$closed"
"$app" "$closed" --station close --shot "$out/close.png"
"$app" "$shop/retort-trolley-roller.arbor.json" --station strip --shot "$out/strip.png"
"$app" --shot "$out/welcome.png"
"$app" "$job" --station lesson --shot "$out/practice-job.png"

# On its way from the oven: the clocks count from now.
drum=$shop/conveyor-tail-drum.arbor.json
ago() { date -d "-$1 seconds" +%Y-%m-%dT%H:%M:%S; }
counted="\"counted\": {\"boot\": \"$(cat /proc/sys/kernel/random/boot_id)\", \"when\": \"$(ago 0)\", \"count_s\": $(cut -d' ' -f1 /proc/uptime)}"
steps="\"steps\": {\"in:hub+inner_cup\": {\"outer\": \"hub\", \"inner\": \"inner_cup\", \"way\": \"in\", \"heat\": {\"clocks\": [{\"what\": \"outer\", \"started\": \"$(ago 4000)\", \"lasts_s\": 3480}, {\"what\": \"inner\", \"started\": \"$(ago 3900)\", \"lasts_s\": 3240}, {\"what\": \"carry\", \"started\": \"$(ago 45)\", \"lasts_s\": 386}], $counted}}, \"in:hub+outer_cup\": {\"outer\": \"hub\", \"inner\": \"outer_cup\", \"way\": \"in\", \"heat\": {\"clocks\": [{\"what\": \"outer\", \"started\": \"$(ago 900)\", \"lasts_s\": 3300}], $counted}}}"
sed -i "s|^  \"units\"|  $steps,\n  \"units\"|" "$drum"
"$app" "$drum" --station warm --item 5 --shot "$out/warm.png"
"$app" "$drum" --station warm --item 5 --big --night --shot "$out/big.png"
LC_ALL=de_DE.UTF-8 "$app" "$drum" --station press --item 5 --big --shot "$out/german.png"

# The trap: a sleeve that lands on the inner ring.
sed -i 's/"press": "P30"/"press": "P30", "steps": {"in:housing+bearing": {"outer": "housing", "inner": "bearing", "way": "in", "driver": "S11"}}/' "$job"
"$app" "$job" --station tooling --shot "$out/tooling-stop.png"
echo "Pictures in $out: $(ls "$out"/*.png | wc -l)"
