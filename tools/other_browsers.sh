#!/usr/bin/env bash
# Debian's Firefox and WebKit for `make browsers`; nothing happens where they are there already.
set -euo pipefail
if [ -x /usr/bin/firefox-esr ] && [ -x /usr/bin/WebKitWebDriver ] && [ -x /usr/bin/Xvfb ]; then exit 0; fi
echo "Setting up Firefox and WebKit …"
as_root() { if [ "$(id -u)" = 0 ]; then "$@"; else sudo "$@"; fi; }
export DEBIAN_FRONTEND=noninteractive
as_root apt-get update -qq
as_root apt-get install -y -qq --no-install-recommends firefox-esr webkit2gtk-driver xvfb >/dev/null
