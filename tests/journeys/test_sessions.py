"""Sessions as they are really run: typed on the board, run to their end by the clock, finished, reviewed."""

import re

from playwright.sync_api import expect

from tests.journeys.session_desk import SAVED, SessionDesk
from tests.journeys.support import PHONE, TABLET

STATIONS = (
    "quick high knees", "goblet squat", "push-up", "slow mountain climber", "reverse lunge", "plank", "bird dog",
    "glute bridge", "side lunge", "bear crawl", "squat hold", "step-up",
)  # fmt: skip


class SessionsTest(SessionDesk):
    def test_twelve_stations_on_the_minute(self) -> None:
        """One proposal for all of it: 12 x 60 x 3 + 2 x 120 - 30 = 2,370 s on board and clock."""
        board = self.typed(*(f"{name} 3x30s checkpoints 35/40" for name in STATIONS))
        self.together(board, 12, "On the minute")
        self.figure(board, "after a round", 120)
        floor, seconds = self.floor(board)
        self.assertEqual(seconds, 2370)
        shown = floor.get_by_role("region", name="Clock")
        expect(shown).to_contain_text("Round 1 of 3")
        for _ in range(seconds // 60 + 2):
            floor.clock.fast_forward(60_000)
        expect(floor.get_by_role("button", name=re.compile("^Set 3: .*done 30 s.*saved"))).to_be_visible()
        self.finish(floor)
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

    def test_blocks_of_forty_five_on_fifteen_off(self) -> None:
        """Two blocks of two stations, two rounds, 30 s between: 2 x (4 x 45 + 3 x 15) + 30 = 480 s."""
        names = ("biceps curl", "push-up", "lateral raise", "goblet squat")
        board = self.typed(*(f"{name} 2x45 s rest 15" for name in names))
        for first in (0, 2):
            self.at(board, first, 0).focus()
            board.keyboard.press("Shift+ArrowDown")
            board.keyboard.press("Space")
            with board.expect_response(SAVED):
                bar = board.get_by_role("toolbar", name="Chosen lines")
                bar.get_by_role("button", name="By the clock", exact=True).click()
            expect(bar).to_have_count(0)
        board.get_by_role("button", name="More", exact=True).first.click()
        self.figure(board, "break behind it", 30)
        program = board.url.rstrip("/").rsplit("/", 1)[1]
        self.assertEqual(self.asked(f"/programs/{program}")["phases"][0]["days"][0]["seconds"][0], 480)
        floor = self.started(board)
        for block in range(2):
            floor.get_by_role("button", name="Start the clock").click()
            floor.get_by_role("button", name="Ready now").click()
            if block == 0:
                floor.clock.fast_forward(46_000)
                expect(floor.get_by_text("Biceps curl, set 1:")).to_be_visible()
                floor.get_by_role("group", name="Reps", exact=True).get_by_role("button", name="14").click()
                self.assert_accessible(floor, "the clock with the reps of the last station")
            for _ in range(18):
                floor.clock.fast_forward(15_000)
            expect(floor.get_by_role("region", name="Clock").get_by_test_id("clock")).to_have_count(0)
        floor.get_by_role("navigation", name="Exercises").get_by_role("button", name=re.compile("^Biceps curl")).click()
        expect(floor.get_by_role("button", name=re.compile("^Set 1: .*done 45 s, 14 reps.*saved"))).to_be_visible()
        self.reviewed(floor)
        expect(floor.get_by_text(re.compile("All 2 rounds were done"))).to_have_count(2)

    def test_most_rounds_in_ten_minutes(self) -> None:
        """One tap a round; the round that the time cut short keeps its repetitions; next week aims for one more."""
        board = self.typed("goblet squat 4x10", "push-up 4x10", "glute bridge 4x10")
        self.together(board, 3, "Most rounds")
        self.figure(board, "rounds in", 600)
        floor, seconds = self.floor(board)
        self.assertEqual(seconds, 600)
        for number in range(1, 4):
            floor.get_by_role("button", name=f"Round {number} done").click()
            floor.clock.fast_forward(100_000)
        # Two taps before the disk has the first: each is a round of its own.
        twice = "async (button) => { button.click(); await null; button.click(); }"
        floor.get_by_role("button", name="Round 4 done").evaluate(twice)
        floor.clock.fast_forward(320_000)
        over = floor.get_by_role("region", name="The time is over")
        expect(over).to_contain_text("Time. 5 rounds.")
        self.assert_accessible(floor, "the time for most rounds over")
        over.get_by_role("button", name="10: Goblet squat done").click()
        for _ in range(4):
            over.get_by_role("button", name="Reps of the unfinished round: more").click()
        over.get_by_role("button", name="Done: 5 rounds and 14 reps").click()
        self.reviewed(floor)
        expect(floor.get_by_text(re.compile("5 rounds and 14 repetitions in 10:00: aim for 6"))).to_be_visible()
        expect(floor.get_by_text("6 x 10").first).to_be_visible()

    def test_a_run_with_its_time_and_cuffs_that_nothing_raises(self) -> None:
        board = self.typed("easy run 5 km", "biceps curl 3x15 10 kg cuffs")
        asks = board.get_by_text(re.compile("restricted blood flow: are you trained in it"))
        expect(asks).to_have_count(1)
        floor = self.started(board, PHONE)
        expect(floor.get_by_role("button", name=re.compile("^Beat"))).to_have_count(0)
        floor.get_by_label("Time, minutes and seconds").fill("31:20")
        floor.get_by_role("button", name="Done: 5 km in 31:20").click()
        expect(floor.get_by_text("Only as taught")).to_be_visible()
        self.assert_accessible(floor, "work with cuffs on the floor")
        for _ in range(3):
            floor.get_by_role("button", name="Done: 15 reps").click()
        self.reviewed(floor)
        expect(floor.get_by_text(re.compile("All of it was done at 6:16 min a km"))).to_be_visible()
        expect(floor.get_by_text("1 x 5.5 km").first).to_be_visible()
        expect(floor.get_by_text(re.compile("restricted blood flow"))).to_be_visible()
        board.goto(f"{self.server.url}/clients/{self.client()}/progress?exercise=easy-run")
        expect(board.get_by_role("cell", name="6:16")).to_be_visible()
        self.assert_accessible(board, "progress of a run")

    def test_ninety_minutes_into_less_for_all_weeks_and_a_day_on_top(self) -> None:
        board = self.typed("goblet squat 5x8 10 rest 3:00", "push-up 4x10 rest 2:00", "biceps curl 3-4x12 10 rest 90")
        board.get_by_role("button", name=re.compile("^fit")).first.click()
        sheet = board.get_by_role("dialog", name=re.compile("fit the time"))
        sheet.get_by_label("Minutes there are").fill("25")
        chosen = sheet.get_by_role("region", name="The cheapest that fit")
        expect(chosen).to_contain_text("Biceps curl: 3 sets, as its range allows")
        sheet.get_by_label("shorter rests").uncheck()
        expect(chosen).not_to_contain_text("rest 45 s")
        sheet.get_by_label("shorter rests").check()
        self.assert_accessible(board, "fitting the time")
        with board.expect_response(SAVED):
            chosen.get_by_role("button", name=re.compile("^Apply all")).click()
        board.keyboard.press("Escape")
        self.says(board, 2, 3, "3 x 12, 10 kg, rest 45 s")
        board.get_by_role("button", name="Add an optional day").click()
        board.get_by_role("dialog").get_by_role("button", name=re.compile("^Top-up of")).click()
        look = board.get_by_role("dialog", name=re.compile("^Top-up, in "))
        expect(look).to_contain_text("Sets a week")
        with board.expect_response(re.compile("/days$")):
            look.get_by_role("button", name="Take it").click()
        expect(board.get_by_role("rowheader", name=re.compile("^Top-up"))).to_contain_text("optional")

    def test_two_clients_in_one_hour(self) -> None:
        page = self.page(TABLET)
        self.floor_of(page, "Casimir Holt")
        page.get_by_role("button", name="More", exact=True).click()
        page.get_by_role("button", name="Two clients side by side").click()
        page.get_by_role("region", name="Two clients side by side").get_by_role(
            "button", name=re.compile("^Tobiah Renn")
        ).click()
        turns = page.get_by_role("group", name="Whose turn it is")
        expect(turns.get_by_role("button", name=re.compile("^Tobiah Renn"))).to_be_visible()
        for word in ("Begin as planned", "Straight to the work"):
            button = page.get_by_role("button", name=word)
            expect(page.get_by_role("button", name=re.compile("Begin as planned|^Done:"))).to_have_count(2)
            while button.count():
                button.first.click()
        self.assert_accessible(page, "two floors")
        turns.get_by_role("button", name=re.compile("^Casimir Holt")).click()
        done = page.get_by_role("button", name=re.compile("^Done:"))
        expect(done).to_have_count(2)
        done.first.click()
        expect(turns.get_by_role("button", name=re.compile("^Tobiah Renn"))).to_have_attribute("aria-pressed", "true")
        expect(turns.get_by_role("button", name=re.compile("^Casimir Holt"))).to_contain_text("rests")
        page.keyboard.press("Enter")
        expect(turns.get_by_role("button", name=re.compile("^Casimir Holt"))).to_have_attribute("aria-pressed", "true")
        expect(page.get_by_role("button", name=re.compile("^Set 1: .*done.*saved"))).to_have_count(2)
        page.set_viewport_size({"width": PHONE[0], "height": PHONE[1]})
        expect(done).to_have_count(1)
        turns.get_by_role("button", name=re.compile("^Tobiah Renn")).click()
        expect(page.get_by_role("heading", level=1)).to_have_text("Tobiah Renn")
