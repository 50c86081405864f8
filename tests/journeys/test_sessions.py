"""Sessions as they are really run: typed on the board, run to their end by the clock, finished, reviewed."""

import json
import re
import urllib.request
from typing import Any

from playwright.sync_api import Page, expect

from tests.journeys.support import TABLET
from tests.journeys.test_writing import Desk

STATIONS = (
    "quick high knees", "goblet squat", "push-up", "slow mountain climber", "reverse lunge", "plank", "bird dog",
    "glute bridge", "side lunge", "bear crawl", "squat hold", "step-up",
)  # fmt: skip


SAVED = re.compile("/revisions$")


class SessionsTest(Desk):
    def asked(self, path: str) -> Any:
        with urllib.request.urlopen(f"{self.server.url}/api{path}") as answer:
            return json.load(answer)

    def typed(self, *lines: str) -> Page:
        """A new program whose first day has these lines, each typed with its name."""
        page = self.start()
        page.get_by_role("button", name="Start empty").click()
        expect(page.get_by_role("columnheader", name="Week 4")).to_be_visible()
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

    def test_twelve_stations_on_the_minute(self) -> None:
        """One proposal for all of it: 12 x 60 x 3 + 2 x 120 - 30 = 2,370 s on board and clock."""
        board = self.typed(*(f"{name} 3x30s checkpoints 35/40" for name in STATIONS))
        self.together(board, 12, "On the minute")
        self.figure(board, "after a round", 120)
        floor, seconds = self.floor(board)
        self.assertEqual(seconds, 2370)
        shown = floor.get_by_role("region", name="Clock")
        expect(shown).to_contain_text("Round 1 of 3")
        for _ in range(seconds // 30 + 2):
            floor.clock.fast_forward(30_000)
        expect(floor.get_by_role("button", name=re.compile("^Set 3: .*done 30 s.*saved"))).to_be_visible()
        floor.get_by_role("button", name="Finish").first.click()
        expect(floor.get_by_text(re.compile("39 min|40 min")).first).to_be_visible()
        floor.get_by_role("link", name=re.compile("next|Look|Review", re.IGNORECASE)).first.click()
        expect(floor.get_by_text(re.compile("circuit", re.IGNORECASE)).first).to_be_visible()

    def test_a_counted_circuit_calls_both_sides(self) -> None:
        board = self.typed(
            "goblet squat 20", "reverse lunge 20/side", "step-up 12 each side right first", "bird dog 10 e/s"
        )
        self.together(board, 4, "Circuit")
        self.figure(board, "Rounds", 2)
        self.says(board, 1, 0, "2 x 20 each side")
        floor, _ = self.floor(board)
        shown = floor.get_by_role("region", name="Clock")
        floor.get_by_role("button", name=re.compile("^Done")).click()
        floor.clock.fast_forward(15_000)
        expect(shown).to_contain_text("Round 1 of 2, left, 20 reps")
        floor.get_by_role("button", name="Left done").click()
        floor.clock.fast_forward(5_000)
        expect(shown).to_contain_text("Round 1 of 2, right, 20 reps")
        floor.get_by_role("button", name=re.compile("^Done: 20 reps")).click()
        floor.clock.fast_forward(15_000)
        expect(shown).to_contain_text("Round 1 of 2, right, 12 reps")
