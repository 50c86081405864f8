"""A session in which the server and the browser are killed without warning, to see whether a tap is ever lost.

Every set is tapped once and counts as acknowledged when the floor has drawn it. At the end the data file is read: each
acknowledged set must stand there once, in the order of the taps.
"""

import os
import re
import signal
import sqlite3
from contextlib import suppress
from dataclasses import dataclass
from pathlib import Path
from random import Random

from playwright.sync_api import BrowserContext, Error, Page, Playwright, ViewportSize, expect

from tools.app_process import CHROMIUM, QUIET, AppProcess
from tools.small_program import small_program

TABLET = ViewportSize(width=820, height=1180)
PATIENCE = 30_000
INSTALLED = "() => navigator.serviceWorker.controller !== null && caches.match('/api/settings').then(Boolean)"
"""The app is installed and has kept what it reads beside the session: a page can be opened while the server is away."""


@dataclass(frozen=True)
class Outcome:
    """What became of the acknowledged sets, and how often what was killed."""

    acknowledged: int
    lost: int
    duplicates: int
    in_order: bool
    server_kills: int
    browser_kills: int


class KillTrial:
    """One session with kills at moments that a seed decides."""

    def __init__(self, playwright: Playwright, folder: Path, seed: int, sets: int = 10) -> None:
        self._playwright, self._folder, self._sets = playwright, folder, sets
        self._chance = Random(seed)  # noqa: S311 - a simulation
        self._app = AppProcess(folder / "data.sqlite3")
        self._profile = folder / "profile"
        self._context: BrowserContext | None = None
        self._kills = {"server": 0, "browser": 0}
        self._taps: list[int] = []

    def run(self) -> Outcome:
        """Run the session to its end and answer what is on the disk."""
        self._app.start()
        try:
            floor = self._written()
            page = self._open(floor)
            page.get_by_role("button", name="Begin as planned").click()
            self._trained(page, floor)
            self._back()
            page = self._reopened(floor)
            expect(page.get_by_text("Saved", exact=True)).to_be_visible(timeout=PATIENCE)
        finally:
            self._kill_browser()
            self._app.kill()
        return self._outcome()

    def _written(self) -> str:
        """Write the session; answer where its floor is."""
        return small_program(self._app.url, ("back-squat", f"{self._sets} x 5, 20 kg, rest 5 s")).floor

    def _trained(self, page: Page, floor: str) -> None:
        for number in range(1, self._sets + 1):
            page = self._one_set(page, floor, number)

    def _one_set(self, page: Page, floor: str, number: int) -> Page:
        event = self._chance.choice(("", "", "server dies", "server comes", "browser dies", "both die"))
        if event in ("server dies", "both die"):
            self._kill_server()
        elif event == "server comes":
            self._back()
        page.get_by_role("button", name=re.compile("^Done:")).click()
        if self._chance.random() < 0.3:  # noqa: PLR2004 - now and then it dies while the tap is on its way
            self._kill_server()
        expect(page.get_by_role("button", name=re.compile(f"^Set {number}: .*done"))).to_be_visible(timeout=PATIENCE)
        self._taps.append(number)
        if event in ("browser dies", "both die"):
            self._kill_browser()
            self._kills["browser"] += 1
            return self._reopened(floor)
        return page

    def _open(self, floor: str) -> Page:
        self._context = self._playwright.chromium.launch_persistent_context(
            str(self._profile),
            executable_path=CHROMIUM,
            args=["--no-sandbox", "--disable-gpu", *QUIET],
            viewport=TABLET,
            reduced_motion="reduce",
        )
        page = self._context.pages[0]
        page.goto(self._app.url + floor, timeout=PATIENCE)
        page.wait_for_function(INSTALLED, timeout=PATIENCE)
        return page

    def _reopened(self, floor: str) -> Page:
        """The same floor in a browser started anew: from the server, or as the browser kept it while that is away."""
        self._kill_browser()
        page = self._open(floor)
        begin = page.get_by_role("button", name="Begin as planned")
        expect(page.get_by_role("navigation", name="Exercises").or_(begin)).to_be_visible(timeout=PATIENCE)
        return page

    def _back(self) -> None:
        if self._app.process is None:
            self._app.start()

    def _kill_server(self) -> None:
        if self._app.process is not None:
            self._app.kill()
            self._kills["server"] += 1

    def _kill_browser(self) -> None:
        """End every process of the browser at once, as an empty battery would."""
        if self._context is None:
            return
        for process in Path("/proc").glob("[0-9]*"):
            with suppress(OSError):
                if str(self._profile).encode() in (process / "cmdline").read_bytes():
                    os.kill(int(process.name), signal.SIGKILL)
        with suppress(Error):
            self._context.close()
        self._context = None
        for lock in self._profile.glob("Singleton*"):
            lock.unlink(missing_ok=True)

    def _stored(self, file: sqlite3.Connection) -> list[int]:
        """The sets in the file, as they are counted in taps."""
        return [number for (number,) in file.execute("SELECT number FROM performed_set ORDER BY seq")]

    def _outcome(self) -> Outcome:
        with sqlite3.connect(self._app.data) as file:
            rows = self._stored(file)
        stored = list(dict.fromkeys(rows))
        return Outcome(
            acknowledged=len(self._taps),
            lost=len(set(self._taps) - set(rows)),
            duplicates=len(rows) - len(stored),
            in_order=stored == sorted(stored),
            server_kills=self._kills["server"],
            browser_kills=self._kills["browser"],
        )


STATIONS = ("biceps-curl", "floor-press")
AT_MOST = 120
"""Looks at a running clock before the trial gives up."""


class ClockTrial(KillTrial):
    """The same with a circuit by the clock: what the clock logged and drew is there once, whatever was killed."""

    def _written(self) -> str:
        lines = ((exercise, f"{self._sets // 2} x 3 s, 8 kg, rest 2 s") for exercise in STATIONS)
        return small_program(self._app.url, *lines, kind="by the clock", rests=(2, 2)).floor

    def _trained(self, page: Page, floor: str) -> None:
        for _ in range(AT_MOST):
            for name in ("Begin as planned", "Start the clock", "Ready now"):
                button = page.get_by_role("button", name=name)
                if button.is_visible():
                    button.click()
            page.wait_for_timeout(self._chance.randrange(400, 2500))
            self._note(page)
            if len(self._taps) == self._sets:
                return
            page = self._struck(page, floor)

    def _struck(self, page: Page, floor: str) -> Page:
        event = self._chance.choice(("", "", "server dies", "server comes", "browser dies"))
        if event == "server dies":
            self._kill_server()
        elif event == "server comes":
            self._back()
        elif event == "browser dies":
            self._kill_browser()
            self._kills["browser"] += 1
            return self._reopened(floor)
        return page

    def _note(self, page: Page) -> None:
        """Every set that the strip of exercises shows as done is one the trainer relies on."""
        strip = page.get_by_role("navigation", name="Exercises").get_by_role("button").all()
        for station, button in enumerate(strip):
            done = int(re.findall(r"(\d+) of \d+ sets", button.inner_html())[0])
            known = (10 * number + station for number in range(1, done + 1))
            self._taps += [one for one in known if one not in self._taps]

    def _stored(self, file: sqlite3.Connection) -> list[int]:
        rows = file.execute("SELECT number, exercise FROM performed_set ORDER BY seq")
        return [10 * number + STATIONS.index(exercise) for number, exercise in rows]
