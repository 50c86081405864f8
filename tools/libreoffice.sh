#!/usr/bin/env bash
# Debian's LibreOffice without its windows, for opening what is exported; nothing happens where one is there already.
set -euo pipefail
if command -v soffice >/dev/null; then exit 0; fi
echo "Setting up LibreOffice …"
as_root() { if [ "$(id -u)" = 0 ]; then "$@"; else sudo "$@"; fi; }
export DEBIAN_FRONTEND=noninteractive
as_root apt-get update -qq
as_root apt-get install -y -qq --no-install-recommends libreoffice-calc-nogui >/dev/null
