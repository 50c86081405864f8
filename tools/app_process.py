"""The app in a process of its own, and the Chromium that looks at it: for the tests, the pictures and the bench."""

import multiprocessing
import os
import socket
import time
import urllib.error
import urllib.request
from datetime import UTC, datetime
from multiprocessing.context import ForkServerProcess
from pathlib import Path

from playwright.sync_api import Browser, BrowserContext, Playwright

from tools.forked_server import serve
from upright_anvil.api.clock import shift_to
from upright_anvil.api.hosting.studio_folder import CLOSED_AFTER

ROOT = Path(__file__).parents[1]
CHROMIUM = next(filter(os.path.exists, ("/usr/bin/chromium-headless-shell", "/usr/bin/chromium")), "/usr/bin/chromium")
"""Debian's Chromium that draws nowhere is a fifth faster than the whole one; either will do."""
QUIET = ("--disable-background-networking", "--disable-component-update", "--no-first-run")
STEP = 0.05
STEPS = 1200
"""A minute: making the demo data takes some seconds."""


_FORKS = multiprocessing.get_context("forkserver")
_FORKS.set_forkserver_preload(["tools.forked_server"])
"""The app is imported once; each server is a fork of that, there in a fraction of a second."""


DEMO_DAY = datetime(2026, 3, 4, 17, 0, tzinfo=UTC)
"""The moment that the app's clock begins at, a Wednesday, so that the demo tells the same on every day."""


def free_port() -> int:
    """Answer a port of this machine that nobody listens at."""
    with socket.socket() as free:
        free.bind(("127.0.0.1", 0))
        return int(free.getsockname()[1])


class AppProcess:
    """The app on a free port of its own, its clock set; it can be killed and come back with the same data.

    ``data`` is a file, or a folder of many studios, each closed after so many seconds without a request.
    """

    def __init__(
        self, data: Path, *, demo: bool = False, begins: datetime = DEMO_DAY, closed_after: float = CLOSED_AFTER
    ) -> None:
        self.data, self.demo, self.shift, self.closed_after = data, demo, shift_to(begins), closed_after
        self.port = free_port()
        self.url = f"http://127.0.0.1:{self.port}"
        self.process: ForkServerProcess | None = None

    def start(self) -> None:
        """Start and wait until it answers. Raises `RuntimeError` when it does not."""
        asked = (self.data, self.port, self.demo, self.shift, self.closed_after)
        self.process = _FORKS.Process(target=serve, args=asked, daemon=True)
        self.process.start()
        for _ in range(STEPS):
            try:
                urllib.request.urlopen(f"{self.url}/api/health", timeout=2).close()
            except urllib.error.HTTPError:
                return  # it answers, though not to this name
            except OSError:
                time.sleep(STEP)
            else:
                return
        raise RuntimeError("the app did not come up")

    def kill(self) -> None:
        """End it without a warning, as a power cut would."""
        if self.process:
            self.process.kill()
            self.process.join()
            self.process.close()
            self.process = None

    def set_clock(self, context: BrowserContext) -> None:
        """Let the pages of a context tell the app's time."""
        context.add_init_script(_SHIFTED_DATE % round(self.shift.total_seconds() * 1000))


_SHIFTED_DATE = """(() => {
  const Machine = Date, shift = %d;
  globalThis.Date = class extends Machine {
    constructor(...given) { super(...(given.length ? given : [Machine.now() + shift])); }
    static now() { return Machine.now() + shift; }
  };
})()"""


def launch_chromium(playwright: Playwright) -> Browser:
    """Start Debian's Chromium without a screen."""
    return playwright.chromium.launch(executable_path=CHROMIUM, args=["--no-sandbox", "--disable-gpu", *QUIET])
