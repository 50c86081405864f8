"""The whole app in a process of its own, driven through headless Chromium."""

import os
import signal
import socket
import subprocess
import sys
import tempfile
import time
import urllib.request
from pathlib import Path
from typing import ClassVar
from unittest import TestCase

from playwright.sync_api import Browser, Page, Playwright, expect, sync_playwright

from tests.demo.filled import demo_copy

ROOT = Path(__file__).parents[2]
AXE = ROOT / "web/node_modules/axe-core/axe.min.js"
DESK = (1280, 800)
TABLET = (820, 1180)
PHONE = (390, 844)
FLAGS = [
    "--no-sandbox",
    "--disable-gpu",
    "--disable-background-networking",
    "--disable-component-update",
    "--no-first-run",
]

expect.set_options(timeout=10_000)


class Server:
    """The app on a port of its own; it can be killed and come back with the same data."""

    def __init__(self, data: Path) -> None:
        self.data = data
        with socket.socket() as free:
            free.bind(("127.0.0.1", 0))
            self.port = int(free.getsockname()[1])
        self.url = f"http://127.0.0.1:{self.port}"
        self.process: subprocess.Popen[bytes] | None = None

    def start(self) -> None:
        """Start and wait until it answers."""
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
        self.process = subprocess.Popen(command, env=env, stdout=subprocess.DEVNULL)
        for _ in range(200):
            try:
                urllib.request.urlopen(f"{self.url}/api/today", timeout=2).close()
            except OSError:
                time.sleep(0.05)
            else:
                return
        raise AssertionError("the server did not come up")

    def kill(self) -> None:
        """End it without a warning, as a power cut would."""
        if self.process:
            self.process.send_signal(signal.SIGKILL)
            self.process.wait()
            self.process = None


class JourneyTest(TestCase):
    """Gives a server with the demo data and pages of any size; a script error in a page fails the test."""

    playwright: ClassVar[Playwright]
    browser: ClassVar[Browser]

    @classmethod
    def setUpClass(cls) -> None:
        cls.playwright = sync_playwright().start()
        cls.addClassCleanup(cls.playwright.stop)
        cls.browser = cls.playwright.chromium.launch(executable_path="/usr/bin/chromium", args=FLAGS)
        cls.addClassCleanup(cls.browser.close)

    def setUp(self) -> None:
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.server = Server(demo_copy(Path(folder.name)))
        self.addCleanup(self.server.kill)
        self.server.start()

    def page(self, size: tuple[int, int] = DESK, path: str = "/", dark: bool = False) -> Page:
        """Open a page as a device of its own."""
        width, height = size
        context = self.browser.new_context(
            viewport={"width": width, "height": height},
            color_scheme="dark" if dark else "light",
            reduced_motion="reduce",
        )
        self.addCleanup(context.close)
        page = context.new_page()
        broken: list[str] = []
        page.on("pageerror", lambda error: broken.append(str(error)))
        self.addCleanup(lambda: self.assertEqual(broken, []))
        page.goto(self.server.url + path)
        return page

    def floor_of(self, page: Page, client: str) -> None:
        """From Today to a client's floor."""
        page.goto(self.server.url)
        page.get_by_role("listitem").filter(has_text=client).get_by_role("link", name="Open the floor").click()
        expect(page.get_by_role("heading", level=1, name=client)).to_be_visible()

    def assert_accessible(self, page: Page, what: str) -> None:
        """Ask axe-core for WCAG 2.2 AA; it must find nothing."""
        if not page.evaluate("() => 'axe' in window"):
            page.add_script_tag(path=str(AXE))
        tags = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"]
        found = page.evaluate("tags => axe.run(document, {runOnly: {type: 'tag', values: tags}})", tags)
        told = [f"{v['id']}: {v['help']} ({v['nodes'][0]['html'][:160]})" for v in found["violations"]]
        self.assertEqual(told, [], what)
