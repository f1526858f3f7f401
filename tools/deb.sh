#!/usr/bin/env bash
# Makes the Debian package and lets it be checked: nothing that lintian or the validators say is let pass.
#   tools/deb.sh BUILD
set -euo pipefail
build=$1
rm -f "$build"/*.deb
(cd "$build" && cpack -G DEB > cpack.log || { cat cpack.log; exit 1; })
package=$(ls "$build"/*.deb)
desktop-file-validate packaging/brisk-arbor.desktop
appstreamcli validate --no-net packaging/brisk-arbor.metainfo.xml
lintian --fail-on error,warning "$package"
echo "$package"
