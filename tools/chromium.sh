#!/usr/bin/env bash
# Debian's Chromium for the tests that drive the interface, without its windows where there is such a package; nothing
# happens where one is there already.
set -euo pipefail
if [ -x /usr/bin/chromium-headless-shell ]; then exit 0; fi
echo "Setting up Chromium …"
as_root() { if [ "$(id -u)" = 0 ]; then "$@"; else sudo "$@"; fi; }
export DEBIAN_FRONTEND=noninteractive
as_root apt-get update -qq
install() { as_root apt-get install -y -qq --no-install-recommends "$1" >/dev/null; }
install chromium-headless-shell || install chromium
