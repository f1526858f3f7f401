#!/usr/bin/env bash
# Installs the package in a bare Debian 12, runs the programs there without a display, and works a job by keyboard on one.
#   tools/check_deb.sh BUILD      as root; asks the network for Debian's packages
set -euo pipefail
package=$(readlink -f "$1"/*.deb)
root=$(mktemp -d)
trap 'umount "$root/proc" 2>/dev/null || true; rm -rf "$root"' EXIT
debootstrap --variant=minbase bookworm "$root" "${MIRROR:-http://deb.debian.org/debian}" > /dev/null
cp "$package" "$root/tmp/brisk-arbor.deb"
mount -t proc proc "$root/proc"
inside() { chroot "$root" env DEBIAN_FRONTEND=noninteractive LC_ALL=C.UTF-8 "$@"; }
[ -f /etc/apt/apt.conf.d/proxy ] && cp /etc/apt/apt.conf.d/proxy "$root/etc/apt/apt.conf.d/"
inside apt-get install -y -q --no-install-recommends /tmp/brisk-arbor.deb > /dev/null
for program in brisk-arbor brisk-arbor-cli brisk-arbor-sim; do
    inside $program --version
    inside $program --help > /dev/null
done
# The display's socket has no name in the file system, so that the bare root reaches it too.
with_display() { inside env HOME=/root DISPLAY="$DISPLAY" QT_QPA_PLATFORM=xcb brisk-arbor; }
export -f with_display inside
export root
tools/work_by_keyboard.sh "$root/root" bash -c with_display
demo=/root/.local/share/brisk-arbor/demo-shop # the program has just made it
status=0
inside brisk-arbor-cli plan $demo/exhaust-fan-carrier.arbor.json > /dev/null || status=$?
[ $status -le 1 ]
inside env QT_QPA_PLATFORM=offscreen brisk-arbor $demo/exhaust-fan-carrier.arbor.json --shot /tmp/shot.png
[ -s "$root/tmp/shot.png" ]
echo "installs and runs in a bare Debian 12"
