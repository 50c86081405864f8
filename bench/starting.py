"""From the command to Today's answer: the demo data written for the first time, and there already."""

import os
import signal
import subprocess
import sys
import tempfile
import time
import urllib.request
from pathlib import Path
from urllib.error import URLError

from tools.app_process import free_port

from bench.figures import Figure

LOOK_EVERY = 0.02


def measure() -> list[Figure]:
    """Start the app in a process of its own, twice on one file."""
    with tempfile.TemporaryDirectory() as folder:
        first, second = (_until_today(Path(folder) / "data.sqlite3") for _ in range(2))
    return [
        Figure("the first start, demo data written", first, 8, "s", "until Today has answered"),
        Figure("the second start", second, 2, "s", "until Today has answered"),
    ]


def _until_today(data: Path) -> float:
    port = free_port()
    command = [sys.executable, "-m", "upright_anvil"]
    asked = ["serve", "--data", str(data), "--demo", "--on", "2026-03-04", "--port", str(port)]
    begun = time.perf_counter()
    # Its compiled modules are kept, as on anybody's machine.
    kept = os.environ | {"PYTHONDONTWRITEBYTECODE": ""}
    process = subprocess.Popen([*command, *asked], env=kept, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
    try:
        while True:
            try:
                urllib.request.urlopen(f"http://127.0.0.1:{port}/api/today").read()
                return time.perf_counter() - begun
            except URLError:
                if process.poll() is not None:
                    raise RuntimeError(f"the app ended with {process.returncode}") from None
                time.sleep(LOOK_EVERY)
    finally:
        os.kill(process.pid, signal.SIGTERM)
        process.wait()
