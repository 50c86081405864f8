"""Take the pictures of docs/screenshots from the demo data."""

import os
import re
import subprocess
import sys
import tempfile
import time
import urllib.request
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from pathlib import Path

from playwright.sync_api import Browser, Page, sync_playwright

ROOT = Path(__file__).parents[1]
SHOTS = ROOT / "docs" / "screenshots"
PORT = 8399
URL = f"http://127.0.0.1:{PORT}"
FLAGS = [
    "--no-sandbox",
    "--disable-gpu",
    "--disable-background-networking",
    "--disable-component-update",
    "--no-first-run",
]


@contextmanager
def demo() -> Iterator[None]:
    """Serve fresh demo data."""
    with tempfile.TemporaryDirectory() as folder:
        command = [
            sys.executable,
            "-m",
            "upright_anvil.cli",
            "serve",
            "--demo",
            "--data",
            f"{folder}/d.sqlite3",
            "--port",
            str(PORT),
        ]
        process = subprocess.Popen(command, env={**os.environ, "PYTHONPATH": "src"}, stdout=subprocess.DEVNULL)
        try:
            for _ in range(600):
                try:
                    urllib.request.urlopen(f"{URL}/api/today", timeout=2).close()
                    break
                except OSError:
                    time.sleep(0.1)
            yield
        finally:
            process.kill()
            process.wait()


def today(page: Page) -> None:
    """Who comes today, what waits for a decision."""
    page.goto(URL)
    page.get_by_role("heading", name=re.compile("today")).wait_for()


def clients(page: Page) -> None:
    """All clients."""
    page.goto(f"{URL}/clients")
    page.get_by_role("heading", name="Clients").wait_for()


def client_file(page: Page) -> None:
    """A client with the place and what can be lifted there."""
    clients(page)
    page.get_by_role("link", name="Casimir Holt").click()
    page.get_by_text("Barbell").wait_for()


def board(page: Page) -> None:
    """The program board."""
    today(page)
    page.get_by_role("listitem").filter(has_text="Casimir Holt").get_by_role("link", name="Program").click()
    page.get_by_role("table").wait_for()


def typing(page: Page) -> None:
    """A slip while typing: where, what was expected, the nearest line."""
    board(page)
    page.locator('[data-cell="1:2"]').focus()
    page.keyboard.type("3 x 6-8, 80 kg, tmepo 3-1-1-0, leave 2")
    page.get_by_text("Nearest:").wait_for()


def floor(client: str) -> Callable[[Page], None]:
    """The floor between two sets; each picture has a client of its own, so that none finds another's sets."""

    def walk(page: Page) -> None:
        today(page)
        page.get_by_role("listitem").filter(has_text=client).get_by_role("link", name="Open the floor").click()
        page.get_by_role("button", name=re.compile("^Done:")).click()
        page.get_by_test_id("rest").wait_for()
        page.get_by_role("button", name="Reps: less").click()
        page.get_by_role("button", name=re.compile("^Done:")).click()
        page.get_by_text("Saved", exact=True).wait_for()

    return walk


def review(page: Page) -> None:
    """After the session: proposals with their evidence."""
    today(page)
    page.get_by_role("link", name=re.compile("exercises$")).first.click()
    page.get_by_text("Evidence:").first.click()


def progress(page: Page) -> None:
    """One exercise through the weeks."""
    clients(page)
    page.get_by_role("listitem").filter(has_text="Casimir Holt").get_by_role("link", name="Progress").click()
    page.get_by_role("button", name="Romanian deadlift").click()
    page.get_by_role("heading", name="Romanian deadlift").wait_for()


PICTURES: tuple[tuple[str, Callable[[Page], None], tuple[int, int], bool], ...] = (
    ("today", today, (1280, 800), False),
    ("clients", clients, (1280, 800), False),
    ("client-file", client_file, (1280, 800), False),
    ("board", board, (1280, 800), False),
    ("board-typing", typing, (1280, 800), False),
    ("board-dark", board, (1280, 800), True),
    ("review", review, (1280, 800), False),
    ("progress", progress, (1280, 800), False),
    ("floor-tablet", floor("Casimir Holt"), (820, 1180), False),
    ("floor-tablet-dark", floor("Ilse Marwick"), (820, 1180), True),
    ("floor-phone", floor("Dell Ostrander"), (390, 844), False),
)


def take(browser: Browser, name: str, walk: Callable[[Page], None], size: tuple[int, int], dark: bool) -> None:
    """Walk to a view and take its picture."""
    width, height = size
    context = browser.new_context(
        viewport={"width": width, "height": height}, color_scheme="dark" if dark else "light", reduced_motion="reduce"
    )
    page = context.new_page()
    walk(page)
    page.wait_for_load_state("networkidle") if "floor" not in name else page.wait_for_timeout(400)
    page.screenshot(path=SHOTS / f"{name}.png")
    context.close()


def main() -> None:
    """Take the pictures named as arguments, or all of them."""
    wanted = set(sys.argv[1:])
    SHOTS.mkdir(parents=True, exist_ok=True)
    with demo(), sync_playwright() as playwright:
        browser = playwright.chromium.launch(executable_path="/usr/bin/chromium", args=FLAGS)
        for name, walk, size, dark in PICTURES:
            if not wanted or name in wanted:
                take(browser, name, walk, size, dark)
        browser.close()


if __name__ == "__main__":
    main()
