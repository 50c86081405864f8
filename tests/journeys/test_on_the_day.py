"""A session as it comes: asked before, changed on the way, something hurts, measured, finished."""

import re

from playwright.sync_api import Page, expect
from tools.small_program import small_program

from tests.journeys.support import DESK, PHONE, TABLET, JourneyTest


class OnTheDayTest(JourneyTest):
    def test_before_the_first_set(self) -> None:
        page = self.page(PHONE)
        self.floor_of(page, "Casimir Holt", begin=False)
        for name, answer in (("Slept", 2), ("Energy", 2), ("Stress", 4), ("Sore", 3)):
            page.get_by_role("group", name=name).get_by_role("button", name=str(answer)).click()
        expect(page.get_by_text("A poor day:")).to_be_visible()
        page.get_by_role("button", name="Begin so").click()
        # Listed, with a reason, each taken back with one tap; the program stays as written.
        page.get_by_role("button", name=re.compile("changes for today")).click()
        squat = page.get_by_role("listitem").filter(has_text="Back squat: 3 x 5-7, 72.5 kg")
        expect(squat).to_be_visible()
        expect(page.get_by_text("7.5 to 10 % lighter").first).to_be_visible()
        squat.get_by_role("button", name=re.compile("^Take back")).click()
        expect(squat).to_contain_text("taken back")
        page.get_by_role("button", name="Back to the set").click()
        expect(page.get_by_text("4 x 5-7, 80 kg, rest 2:30, leave 2")).to_be_visible()
        # Late, and elsewhere: looked at before it is made.
        page.get_by_role("button", name="More", exact=True).click()
        page.get_by_role("button", name="Adjust today").click()
        page.get_by_role("group", name="Today").get_by_role("button", name="Hotel room").click()
        expect(page.get_by_text("Trained at Hotel room")).to_be_visible()
        page.get_by_role("button", name="Change it").click()
        expect(page.get_by_role("navigation", name="Exercises").get_by_role("button", name="Back squat")).to_be_hidden()

    def test_something_hurts(self) -> None:
        page = self.page(TABLET)
        self.floor_of(page, "Casimir Holt")
        page.get_by_role("button", name=re.compile("^Done:")).click()
        page.get_by_role("button", name="Reps: less").click()
        page.get_by_role("button", name="How it went").click()
        page.get_by_role("button", name="Slipping").click()
        page.get_by_role("button", name="Something hurts").click()
        stop = page.get_by_role("button", name=re.compile("^Stop here"))
        page.get_by_role("button", name="hip", exact=True).click()
        expect(stop).to_be_disabled()
        page.get_by_role("group", name="Side").get_by_role("button", name="Right").click()
        stop.click()
        expect(page.get_by_role("heading", name="Stop Back squat for today")).to_be_visible()
        page.get_by_role("button", name=re.compile("Warning signs")).click()
        expect(page.get_by_role("button", name="End the session now")).to_be_visible()
        page.keyboard.press("Escape")
        page.get_by_role("listitem").get_by_role("button").first.click()
        expect(page.get_by_role("heading", level=2, name="Back squat")).to_be_hidden()
        page.get_by_role("button", name=re.compile("change for today")).click()
        expect(page.get_by_text("Right hip hurt in Back squat.")).to_be_visible()
        page.get_by_role("button", name="Back to the set").click()
        expect(
            page.get_by_role("button", name=re.compile("^Set 2: .*done 6 reps.*slipping, right hip hurt"))
        ).to_be_visible()
        self.finish(page)
        expect(page.get_by_text("Hurt: right hip, set 2")).to_be_visible()

    def test_other_loads_sides_order_and_exercises(self) -> None:
        made = small_program(
            self.server.url,
            ("back-squat", "3 x 5, 40 kg, rest 2:00, leave 2"),
            ("split-squat", "2 x 8 each side, 10 kg, rest 60 s"),
        )
        page = self.page(TABLET, made.floor)
        page.get_by_role("button", name="Begin as planned").click()
        self.to_work(page)
        # Another load for all sets left: three taps.
        page.get_by_role("button", name="Load: more").click()
        page.get_by_role("button", name="42.5 kg for 2 more sets too").click()
        page.get_by_role("button", name="Done: 5 reps × 42.5 kg, 2 left").click()
        expect(page.get_by_role("button", name="Done: 5 reps × 42.5 kg, 2 left")).to_be_visible()
        expect(page.get_by_text("3 x 5, 42.5 kg, rest 2:00, leave 2")).to_be_visible()
        # The rack is taken: the other exercise first.
        page.get_by_role("button", name="Change", exact=True).click()
        page.get_by_role("button", name="Do it later").click()
        strip = page.get_by_role("navigation", name="Exercises").get_by_role("button")
        expect(strip.first).to_contain_text("split squat", ignore_case=True)
        strip.first.click()
        self.to_work(page)
        # Each side for itself; the weaker side is the set's figure.
        page.get_by_role("button", name="How it went").click()
        page.get_by_role("button", name="Right side: less").click()
        page.get_by_role("button", name=re.compile("^Done: 8 left, 7 right reps")).click()
        expect(page.get_by_role("button", name=re.compile("^Set 1: .*done 7 reps"))).to_be_visible()
        page.get_by_role("button", name="Change", exact=True).click()
        page.get_by_role("button", name="Add an exercise").click()
        page.get_by_role("searchbox", name="Exercise").fill("push-up")
        page.get_by_role("button", name="Push-up", exact=True).click()
        expect(strip.last).to_contain_text("Push-up")
        page.get_by_role("button", name="Note", exact=True).click()
        page.get_by_role("button", name="Left side weaker").click()
        expect(page.get_by_text("“Left side weaker”")).to_be_visible()

    def test_devices_measure_beside_the_set(self) -> None:
        desk = self.page(DESK, "/settings")
        for device in ("Repetition sensor", "Heart-rate strap"):
            desk.get_by_role("group", name=device).get_by_role("button", name="Simulated").click()
        expect(desk.get_by_role("button", name="Simulated", pressed=True)).to_have_count(2)
        page = self.page(TABLET)
        self.floor_of(page, "Casimir Holt")
        page.get_by_role("button", name="Watch this set").click()
        expect(page.get_by_test_id("counted")).to_contain_text(re.compile("[1-9]"))
        self.assertGreater(self.heart(page), 40)
        page.get_by_role("button", name=re.compile("^Done: 7 reps")).click()
        expect(page.get_by_text("Measured", exact=False).first).to_contain_text("beats a minute on average")
        expect(page.get_by_role("button", name=re.compile("^Set 1: .*done 7 reps"))).to_be_visible()

    def heart(self, page: Page) -> int:
        return int(page.get_by_role("region", name="Devices").get_by_text(re.compile(r"^\d+$")).first.inner_text())
