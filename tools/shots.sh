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
below() { convert "${@:2}" -append "$out/$1.png"; } # several in one file

"$app" "$shop" --shot "$out/shelf.png"
"$app" "$shop" --station rack --shot "$out/rack.png"
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

# What goes out of the shop.
sed -i 's|"cause": "[^"]*"|"cause": "the fit was loose: the inner ring turned"|; s|"closing": {|"closing": {"next_inspection": "2027-05-30", |' "$closed"
for paper in label quote; do "$app" "$job" --station $paper --shot "$passing/$paper.png"; done
for paper in customer inspections; do "$app" "$closed" --station $paper --now 2026-11-30T07:00:00 --shot "$passing/$paper.png"; done
below papers "$passing/label.png" "$passing/quote.png" "$passing/customer.png" "$passing/inspections.png"

# On its way from the oven: the clocks count from now.
drum=$shop/conveyor-tail-drum.arbor.json
ago() { date -d "-$1 seconds" +%Y-%m-%dT%H:%M:%S; }
counted="\"counted\": {\"boot\": \"$(cat /proc/sys/kernel/random/boot_id)\", \"when\": \"$(ago 0)\", \"count_s\": $(cut -d' ' -f1 /proc/uptime)}"
steps="\"steps\": {\"in:hub+inner_cup\": {\"outer\": \"hub\", \"inner\": \"inner_cup\", \"way\": \"in\", \"heat\": {\"clocks\": [{\"what\": \"outer\", \"started\": \"$(ago 4000)\", \"lasts_s\": 3480}, {\"what\": \"inner\", \"started\": \"$(ago 3900)\", \"lasts_s\": 3240}, {\"what\": \"carry\", \"started\": \"$(ago 45)\", \"lasts_s\": 386}], $counted}}, \"in:hub+outer_cup\": {\"outer\": \"hub\", \"inner\": \"outer_cup\", \"way\": \"in\", \"heat\": {\"clocks\": [{\"what\": \"outer\", \"started\": \"$(ago 900)\", \"lasts_s\": 3300}], $counted}}}"
sed -i "s|^  \"units\"|  $steps,\n  \"units\"|" "$drum"
"$app" "$drum" --station warm --item 5 --shot "$out/warm.png"
"$app" "$drum" --station warm --item 5 --big --night --shot "$passing/night.png"
LC_ALL=de_DE.UTF-8 "$app" "$drum" --station press --item 5 --big --shot "$passing/day.png"
below big "$passing/night.png" "$passing/day.png"

# The day: planned; planned anew when a piece takes longer; with two starts that clash.
day=$passing/day
mkdir "$day"
cp -R demo/. "$day/"
wanted() { sed -i "s|^  \"units\"|  \"wanted_by\": \"2026-11-30T$2:00\",\n  \"units\"|" "$day/$1.arbor.json"; }
wanted seamer-turret-upper 12:00
wanted filler-pump-shaft 11:00
wanted trolley-line-sheave 15:00
"$app" "$day" --station day --now 2026-11-30T07:00:00 --shot "$passing/planned.png"
sed -i 's|^  "units"|  "worked": [{"what": "strip", "began": "2026-11-30T07:00:00", "planned_s": 1020, "usual_s": 1020}],\n  "units"|' "$day/conveyor-tail-drum.arbor.json"
"$app" "$day" --station day --now 2026-11-30T07:45:00 --shot "$passing/moved.png"
at='"at": "2026-11-30T10:00:00"'
sed -i "s|\"fixed_starts\": \[\]|\"fixed_starts\": [{\"job\": \"J-0142\", \"what\": \"in\", \"step\": \"in:bearing\", $at}, {\"job\": \"J-0152\", \"what\": \"out\", \"step\": \"out:outer_cup\", $at}]|" "$day/day.json"
"$app" "$day" --station day --now 2026-11-30T07:45:00 --shot "$passing/clash.png"
below day "$passing/planned.png" "$passing/moved.png" "$passing/clash.png"

# The trap: a sleeve that lands on the inner ring.
sed -i 's/"press": "P30"/"press": "P30", "steps": {"in:housing+bearing": {"outer": "housing", "inner": "bearing", "way": "in", "driver": "S11"}}/' "$job"
"$app" "$job" --station tooling --shot "$out/tooling-stop.png"
echo "Pictures in $out: $(ls "$out"/*.png | wc -l)"
