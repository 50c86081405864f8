"""A session typed on the board, run on the floor by a clock that can be moved on, and reviewed."""

import json
import re
import sys
import urllib.request
from typing import Any

from playwright.sync_api import Page, expect

from tests.journeys.support import DESK, TABLET
from tests.journeys.test_writing import Desk

SAVED = re.compile("/revisions$")


# A click that a key made counts as the key alone.
COUNT = """for (const [event, what] of [["keydown", "keys"], ["click", "taps"]])
  addEventListener(event, (seen) => {
    if (seen.isTrusted && (seen.type !== "click" || seen.detail)) window.counted(what);
  }, true);"""


class SessionDesk(Desk):
    """Gives what every session goes through; counts keys and taps, and prints them for each."""

    def setUp(self) -> None:
        super().setUp()
        self.spent = {place: dict.fromkeys(("keys", "taps"), 0) for place in ("at the desk", "on the floor")}
        self.addCleanup(self._tell)

    def _tell(self) -> None:
        said = ", ".join(f"{n} {what} {place}" for place, each in self.spent.items() for what, n in each.items() if n)
        print(f"{self.id().rpartition('.')[2]}: {said}", file=sys.__stdout__)

    def prepare(self, page: Page, size: tuple[int, int]) -> None:
        """Let its keys and taps count."""
        spent = self.spent["at the desk" if size == DESK else "on the floor"]

        def counted(what: str) -> None:
            spent[what] += 1

        page.expose_function("counted", counted)
        page.add_init_script(COUNT)

    def asked(self, path: str, method: str = "GET", body: object = None) -> Any:
        sent = None if body is None else json.dumps(body).encode()
        request = urllib.request.Request(
            f"{self.server.url}/api{path}", sent, {"Content-Type": "application/json"}, method=method
        )
        with urllib.request.urlopen(request) as answer:
            return json.load(answer)

    def client(self, name: str = "Rufus Kettleman") -> str:
        """The id of a client."""
        return next(str(one["id"]) for one in self.asked("/clients") if one["name"] == name)

    def start(self, name: str = "Rufus Kettleman") -> Page:
        """The start page of a client without a program, opened by its address."""
        page = self.page(path=f"/clients/{self.client(name)}/start")
        expect(page.get_by_role("heading", name="Draft for me")).to_be_visible()
        return page

    def typed(self, *lines: str) -> Page:
        """A new program whose first day has these lines, each typed with its name."""
        page = self.start()
        page.get_by_role("button", name="Start empty").click()
        expect(page.get_by_role("columnheader", name="Week 4")).to_be_visible()
        self.roomy(page)
        page.locator("[data-add]").first.click()
        for row, line in enumerate(lines):
            page.keyboard.type(line)
            page.keyboard.press("Enter")
            expect(self.at(page, row, 3)).to_be_visible()
            expect(page.locator("[data-add]").first).to_have_value("")
        return page

    def together(self, page: Page, lines: int, how: str) -> None:
        self.at(page, 0, 0).focus()
        for _ in range(lines - 1):
            page.keyboard.press("Shift+ArrowDown")
        page.keyboard.press("Space")
        with page.expect_response(SAVED):
            page.get_by_role("toolbar", name="Chosen lines").get_by_role("button", name=how, exact=True).click()
        expect(page.get_by_label(re.compile("^How .* are done$")).first).to_have_value(how.lower())

    def figure(self, page: Page, name: str, value: int) -> None:
        field = page.get_by_label(re.compile(f"^{name}, ")).first
        field.fill(str(value))
        with page.expect_response(SAVED):
            field.press("Enter")
        expect(page.get_by_label(re.compile(f"^{name}, ")).first).to_have_value(str(value))

    def floor(self, board: Page) -> tuple[Page, int]:
        """The floor of the first day with a clock that can be moved on; board and clock say the same seconds."""
        program = board.url.rstrip("/").rsplit("/", 1)[1]
        phase = self.asked(f"/programs/{program}")["phases"][0]
        week, day = phase["weeks"][0]["id"], phase["days"][0]["id"]
        where = f"/programs/{program}/weeks/{week}/days/{day}"
        (clock,) = self.asked(f"{where}/floor/clocks")
        self.assertEqual(clock["seconds"], phase["days"][0]["seconds"][0])
        page = self.page(TABLET)
        page.clock.install()
        page.goto(f"{self.server.url}/floor/{program}/{week}/{day}")
        page.get_by_role("button", name="Begin as planned").click()
        page.get_by_role("button", name="Start the clock").click()
        page.get_by_role("button", name="Ready now").click()
        return page, clock["seconds"]

    def started(self, board: Page, size: tuple[int, int] = TABLET, late: int = 0) -> Page:
        """The floor of the first day, begun; ``late`` minutes are gone of it."""
        program = board.url.rstrip("/").rsplit("/", 1)[1]
        phase = self.asked(f"/programs/{program}")["phases"][0]
        page = self.page(size)
        page.clock.install()
        page.goto(f"{self.server.url}/floor/{program}/{phase['weeks'][0]['id']}/{phase['days'][0]['id']}")
        if late:
            page.get_by_role("group", name="Late").get_by_role("button", name=f"{late} min").click()
        page.get_by_role("button", name="Begin so" if late else "Begin as planned").click()
        return page

    def reviewed(self, floor: Page) -> None:
        """From the floor through the end of the session to what comes next."""
        self.finish(floor)
        floor.get_by_role("link", name=re.compile("next|Look|Review", re.IGNORECASE)).first.click()
        expect(floor.get_by_role("heading", level=1)).to_contain_text("Rufus Kettleman")
