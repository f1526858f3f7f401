#!/usr/bin/env bash
# Draws the icon in the sizes a desktop asks for; needs rsvg-convert (librsvg2-bin). Only when the drawing has changed.
set -euo pipefail
cd "$(dirname "$0")/../packaging/icons"
for size in 16 32 48 128 256; do
    rsvg-convert -w $size -h $size brisk-arbor.svg -o brisk-arbor-$size.png
done
