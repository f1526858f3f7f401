#!/usr/bin/env bash
# Runs a command on the display there is; where there is none, under Xvfb at 1280x800, and says so.
set -euo pipefail
if [ -n "${DISPLAY:-}" ] || [ -n "${WAYLAND_DISPLAY:-}" ]; then
    exec "$@"
fi
echo "No display: running under Xvfb, a screen in memory (make demo SHOT=file.png shows what is on it)."
"$(dirname "$0")/install_packages.sh" packages/screen.txt
export XDG_RUNTIME_DIR=${XDG_RUNTIME_DIR:-$(mktemp -d)}
exec xvfb-run --auto-servernum --server-args="-screen 0 1280x800x24" "$@"
