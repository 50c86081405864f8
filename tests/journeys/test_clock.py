"""Timed work on the floor: it runs, calls, logs, pauses, survives a reload, and counts rounds and checkpoints."""

import re

from playwright.sync_api import Page, expect
from tools.small_program import SmallProgram, small_program

from tests.journeys.support import PHONE, TABLET, JourneyTest


class ClockTest(JourneyTest):
    def begun(self, made: SmallProgram, size: tuple[int, int] = TABLET) -> Page:
        """The floor with a clock of the page's own that can be moved on."""
        page = self.page(size)
        page.clock.install()
        page.goto(self.server.url + made.floor)
        page.get_by_role("button", name="Begin as planned").click()
        page.get_by_role("button", name="Start the clock").click()
        return page

    def shows(self, page: Page, title: str) -> None:
        expect(page.get_by_role("region", name="Clock").get_by_role("heading", name=title)).to_be_visible()

    def test_holds_run_by_themselves_and_survive_a_reload_at_the_right_second(self) -> None:
        page = self.begun(small_program(self.server.url, ("plank", "3 x 40 s, rest 60 s")))
        self.shows(page, "Get ready")
        page.clock.fast_forward("00:20")
        self.shows(page, "Plank")
        self.assertAlmostEqual(self.left(page), 30, delta=2)
        page.clock.fast_forward("01:00")
        self.shows(page, "Rest")
        page.reload()
        self.shows(page, "Rest")
        self.assertAlmostEqual(self.left(page), 30, delta=4)
        # Asleep past the second hold: it was timed and is logged, once.
        page.clock.fast_forward("01:20")
        self.shows(page, "Rest")
        page.get_by_role("button", name="End the clock").click()
        for number in (1, 2):
            expect(page.get_by_role("button", name=re.compile(f"^Set {number}: .*done 40 s.*saved"))).to_be_visible()
        expect(page.get_by_role("button", name=re.compile("^Set 3: planned 40 s$"))).to_be_visible()

    def test_pause_longer_back_and_skip(self) -> None:
        page = self.begun(small_program(self.server.url, ("plank", "2 x 40 s, rest 60 s")), PHONE)
        page.get_by_role("button", name="Ready now").click()
        self.shows(page, "Plank")
        page.clock.fast_forward("00:10")
        page.get_by_role("button", name="Pause").click()
        page.clock.fast_forward("05:00")
        self.assertAlmostEqual(self.left(page), 30, delta=2)
        page.get_by_role("button", name="Go on").click()
        page.get_by_role("button", name="+10 s").click()
        self.assertAlmostEqual(self.left(page), 40, delta=2)
        page.get_by_role("button", name="Back").click()
        self.assertAlmostEqual(self.left(page), 40, delta=2)
        page.clock.fast_forward("00:25")
        page.get_by_role("button", name="Stop now").click()
        self.shows(page, "Rest")
        page.get_by_role("button", name="Go now").click()
        self.shows(page, "Plank")
        page.get_by_role("button", name="Skip this step").click()
        expect(page.get_by_role("button", name=re.compile(r"^Set 1: .*done 2[4-6] s"))).to_be_visible()
        expect(page.get_by_role("button", name=re.compile("^Set 2: planned 40 s$"))).to_be_visible()

    def test_a_circuit_waits_for_counted_work_and_times_the_rest(self) -> None:
        made = small_program(
            self.server.url, ("goblet-squat", "2 x 10, 12 kg"), ("plank", "2 x 30 s"), kind="circuit", rests=(15, 60)
        )
        page = self.begun(made)
        page.get_by_role("button", name="Ready now").click()
        self.shows(page, "Goblet squat")
        page.get_by_role("button", name="Reps: less").click()
        page.get_by_role("button", name="Done: 9 reps × 12 kg").click()
        self.shows(page, "Rest")
        page.clock.fast_forward("00:15")
        self.shows(page, "Plank")
        page.clock.fast_forward("00:30")
        self.shows(page, "Round rest")
        expect(page.get_by_text("Next: Goblet squat, round 2 of 2", exact=True)).to_be_visible()
        self.assert_accessible(page, "Clock")
        page.get_by_role("navigation", name="Exercises").get_by_role("button", name="Goblet squat").click()
        expect(page.get_by_role("button", name=re.compile("^Set 1: .*done 9 reps"))).to_be_visible()
        page.get_by_role("button", name=re.compile("back to the clock")).click()
        self.shows(page, "Round rest")

    def test_rounds_and_checkpoints(self) -> None:
        rounds = self.begun(
            small_program(self.server.url, ("goblet-squat", "most x 5, 12 kg, in 4:00"), name="Odo Pell")
        )
        rounds.get_by_role("button", name="Ready now").click()
        for number in (1, 2, 3):
            rounds.get_by_role("button", name=f"Round {number} done").click()
        rounds.clock.fast_forward("04:01")
        expect(rounds.get_by_role("button", name=re.compile("^Set 3: .*done 5 reps"))).to_be_visible()
        marks = self.begun(
            small_program(self.server.url, ("mountain-climber", "2 x 30 s, rest 20 s, checkpoints 40/50 s"))
        )
        marks.get_by_role("button", name="Ready now").click()
        self.shows(marks, "Mountain climber")
        marks.clock.fast_forward("00:31")
        marks.get_by_role("button", name="Carries on to 40 s").click()
        marks.clock.fast_forward("00:20")
        self.shows(marks, "Rest")
        marks.get_by_role("button", name="End the clock").click()
        expect(marks.get_by_role("button", name=re.compile("^Set 1: .*done 40 s"))).to_be_visible()
        expect(marks.get_by_text("+1 mark", exact=True)).to_be_visible()

    def left(self, page: Page) -> int:
        minutes, seconds = page.get_by_test_id("clock").inner_text().split(":")
        return int(minutes) * 60 + int(seconds)
