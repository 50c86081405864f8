"""The floor in Firefox and WebKit: a set logged, a reload, one clock. Beside the test run: both are heavy to set up.

Debian's packages: ``firefox-esr``, ``webkit2gtk-driver`` with its MiniBrowser, ``xvfb``.
"""

import os
import socket
import subprocess
import sys
import tempfile
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path

from tools.app_process import ROOT, AppProcess

HERE = ROOT / "web" / "browsers"
DISPLAY = ":97"


@contextmanager
def webkit_driver() -> Iterator[dict[str, str]]:
    """A screen nobody sees and the driver on it; answers what the journey has to know of them."""
    with socket.socket() as free:
        free.bind(("127.0.0.1", 0))
        port = int(free.getsockname()[1])
    browsers = sorted(Path("/usr/lib").glob("*/webkit2gtk-4*/MiniBrowser"))
    if not browsers:
        raise SystemExit("There is no MiniBrowser: install webkit2gtk-driver.")
    screen = subprocess.Popen(["Xvfb", DISPLAY, "-screen", "0", "820x1180x24"], stderr=subprocess.DEVNULL)
    environment = os.environ | {"DISPLAY": DISPLAY, "WEBKIT_DISABLE_SANDBOX_THIS_IS_DANGEROUS": "1"}
    driver = subprocess.Popen(["WebKitWebDriver", f"--port={port}"], env=environment)
    try:
        yield environment | {"WEBKIT_DRIVER": f"http://127.0.0.1:{port}", "MINI_BROWSER": str(browsers[-1])}
    finally:
        for process in (driver, screen):
            process.terminate()
            process.wait()


def journey(which: str, environment: dict[str, str]) -> bool:
    """Run the journey in one browser against demo data of its own; answer whether it came to its end."""
    with tempfile.TemporaryDirectory() as folder:
        server = AppProcess(Path(folder) / "demo.sqlite3", demo=True)
        server.start()
        try:
            ran = subprocess.run(["node", "run.mjs", server.url, which], cwd=HERE, env=environment, check=False)
        finally:
            server.kill()
    return ran.returncode == 0


def main() -> int:
    """Run all browsers; the last line counts those that came through."""
    through = [journey("firefox", dict(os.environ))]
    with webkit_driver() as environment:
        through.append(journey("webkit", environment))
    print(f"{sum(through)} of {len(through)} browsers came through")
    return 0 if all(through) else 1


if __name__ == "__main__":
    sys.exit(main())
