#!/usr/bin/env bash
# Works a job of the demo shop by the keyboard alone, from the welcome to its record, and reads the record in its file.
#   tools/work_by_keyboard.sh HOME COMMAND...    COMMAND starts the program, which finds in HOME nothing yet
set -euo pipefail
home=$1
shift
export DISPLAY=:$((100 + $$ % 400))
Xvfb $DISPLAY -screen 0 1280x800x24 -ac > /dev/null 2>&1 &
started=($!)
trap 'kill "${started[@]}" 2> /dev/null || true' EXIT

waits() { # command...: until it succeeds
    for _ in {1..200}; do
        "$@" > /dev/null 2>&1 && return
        sleep 0.1
    done
    echo "not seen within 20 s: $*" >&2
    exit 1
}
shop=$home/.local/share/brisk-arbor/demo-shop
step='.steps["in:housing+bearing"]'
job=$shop/seamer-turret-upper.arbor.json
holds() { jq -e "$1" "$job"; }
keys() { xdotool key --delay 60 "$@"; }
until_holds() { # filter key: pressed again until the job's file says so, as a hand does that waits to see
    for _ in {1..40}; do
        keys "$2"
        for _ in {1..20}; do holds "$1" > /dev/null 2>&1 && return; sleep 0.1; done
    done
    echo "$2 does not bring about: $1" >&2
    exit 1
}
types() { xdotool type --delay 60 "$1"; }

waits xdotool getdisplaygeometry
"$@" &
started+=($!)
waits xdotool search --onlyvisible --sync --name 'Brisk Arbor' windowfocus --sync # there is no window manager
keys Tab Tab space # a copy of the demo shop
waits test -s "$job"
keys f
types 'Seamer'
keys Return Return # out of the search; the job it found
until_holds '.done | index("fit")' ctrl+Return
until_holds "$step.done | index(\"tooling\")" space
until_holds "$step.heat.press_cold" c
until_holds "$step.done | index(\"press\")" space
for depth in 22.201 22.203 22.204 22.202 22.199 22.197 22.196 22.198; do
    types $depth
    keys Return
done
waits holds "$step.readings.readings | length == 8"
until_holds "$step.done | index(\"seat\")" space # each check of the seat is a yes
keys ctrl+0
types 'Ilse Marden'
keys Tab
types 'Worked by keyboard.'
until_holds '.record' ctrl+Return
jq -e '.record | .who == "Ilse Marden" and .verdict == "home_and_square" and (.readings | length == 8)' "$job" > /dev/null
echo "a job of the demo shop was worked by keyboard; its record: $(jq -c '.record | [.who, .verdict, .tools]' "$job")"
