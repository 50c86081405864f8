#!/usr/bin/env bash
# Debian's Chromium for the tests that drive the interface; nothing happens where it is there already.
set -euo pipefail
if [ -x /usr/bin/chromium ]; then exit 0; fi
echo "Setting up Chromium …"
as_root() { if [ "$(id -u)" = 0 ]; then "$@"; else sudo "$@"; fi; }
export DEBIAN_FRONTEND=noninteractive
as_root apt-get update -qq
as_root apt-get install -y -qq --no-install-recommends chromium >/dev/null
