#!/usr/bin/env bash
# Installs what is missing of the packages listed in files (one a line, # comments). Where nothing is, it neither asks
# the network nor for root. A line "NAME headers" wants that package's headers alone, without what it depends on: they
# are unpacked into .packages/.
set -euo pipefail
mapfile -t wanted < <(sed 's/#.*//; s/ *$//; /^$/d' "$@" | sort -u)
installed=$(dpkg-query -W -f='${Package} ${Status}\n' 2>/dev/null | awk '/install ok installed/{print $1}')
has() { grep -qxF "$1" <<<"$installed"; }
missing=() unpack=()
for line in "${wanted[@]}"; do
    package=${line%% *}
    has "$package" && continue
    if [ "$line" = "$package" ]; then missing+=("$package")
    elif [ ! -e ".packages/$package" ]; then unpack+=("$package"); fi
done
[ ${#missing[@]} -eq 0 ] && [ ${#unpack[@]} -eq 0 ] && exit 0
as_root=()
[ "$(id -u)" -eq 0 ] || as_root=(sudo)
export DEBIAN_FRONTEND=noninteractive
"${as_root[@]}" apt-get update -q
if [ ${#missing[@]} -gt 0 ]; then
    echo "Installing: ${missing[*]}"
    "${as_root[@]}" apt-get install -y -q --no-install-recommends "${missing[@]}"
fi
for package in "${unpack[@]}"; do
    echo "Unpacking the headers of $package"
    folder=$(mktemp -d)
    (cd "$folder" && apt-get download -q "$package" && dpkg-deb -x ./*.deb out)
    mkdir -p .packages/usr
    cp -R "$folder/out/usr/include" .packages/usr/
    touch ".packages/$package"
    rm -rf "$folder"
done
