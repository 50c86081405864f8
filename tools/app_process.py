"""The app in a process of its own, and the Chromium that looks at it: for the tests, the pictures and the bench."""

import os
import signal
import socket
import subprocess
import sys
import time
import urllib.request
from pathlib import Path

from playwright.sync_api import Browser, Playwright

ROOT = Path(__file__).parents[1]
CHROMIUM = "/usr/bin/chromium"
QUIET = ("--disable-background-networking", "--disable-component-update", "--no-first-run")
STEP = 0.05
STEPS = 1200
"""A minute: making the demo data takes some seconds."""


class AppProcess:
    """The app on a free port of its own; it can be killed and come back with the same data."""

    def __init__(self, data: Path, *, demo: bool = False) -> None:
        self.data, self.demo = data, demo
        with socket.socket() as free:
            free.bind(("127.0.0.1", 0))
            self.port = int(free.getsockname()[1])
        self.url = f"http://127.0.0.1:{self.port}"
        self.process: subprocess.Popen[bytes] | None = None

    def start(self) -> None:
        """Start and wait until it answers. Raises `RuntimeError` when it does not."""
        command = [
            sys.executable,
            "-m",
            "upright_anvil.cli",
            "serve",
            "--data",
            str(self.data),
            "--port",
            str(self.port),
        ]
        env = {**os.environ, "PYTHONPATH": f"{ROOT / 'src'}:{ROOT}"}
        self.process = subprocess.Popen(
            [*command, *(["--demo"] if self.demo else [])], env=env, stdout=subprocess.DEVNULL
        )
        for _ in range(STEPS):
            try:
                urllib.request.urlopen(f"{self.url}/api/exercises", timeout=2).close()
            except OSError:
                time.sleep(STEP)
            else:
                return
        raise RuntimeError("the app did not come up")

    def kill(self) -> None:
        """End it without a warning, as a power cut would."""
        if self.process:
            self.process.send_signal(signal.SIGKILL)
            self.process.wait()
            self.process = None


def launch_chromium(playwright: Playwright) -> Browser:
    """Start Debian's Chromium without a screen."""
    return playwright.chromium.launch(executable_path=CHROMIUM, args=["--no-sandbox", "--disable-gpu", *QUIET])
