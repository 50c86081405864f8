"""Logging when things go wrong: the server away, a reload, a second device."""

import re
from datetime import timedelta

from playwright.sync_api import Page, expect

from tests.journeys.support import PHONE, TABLET, JourneyTest


class FloorTest(JourneyTest):
    def done(self, page: Page) -> None:
        page.get_by_role("button", name=re.compile("^Done:")).click()

    def saved(self, page: Page) -> None:
        expect(page.get_by_text("Saved", exact=True)).to_be_visible(timeout=20_000)

    def test_taps_wait_while_the_server_is_away(self) -> None:
        page = self.page(TABLET)
        self.floor_of(page, "Casimir Holt")
        self.done(page)
        self.saved(page)
        self.server.kill()
        self.done(page)
        expect(page.get_by_role("button", name=re.compile("^Set 2: .*waiting for the server"))).to_be_visible()
        self.done(page)
        expect(page.get_by_text("Server away, 2 taps kept here")).to_be_visible()
        self.server.start()
        self.saved(page)
        other = self.page(TABLET, page.url.removeprefix(self.server.url))
        for number in (1, 2, 3):
            expect(other.get_by_role("button", name=re.compile(f"Set {number}: .*, saved"))).to_be_visible()
        expect(other.get_by_role("img", name="3 of 4 sets")).to_be_visible()

    def test_a_reload_and_a_second_device_show_the_same(self) -> None:
        page = self.page(TABLET)
        self.floor_of(page, "Tobiah Renn")
        other = self.page(PHONE, page.url.removeprefix(self.server.url))
        other.get_by_role("button", name="Begin as planned").click()
        self.done(page)
        self.saved(page)
        expect(other.get_by_role("button", name=re.compile("^Set 1: .*, saved"))).to_be_visible()
        left = page.get_by_test_id("rest").inner_text()
        page.reload()
        expect(page.get_by_role("button", name=re.compile("^Set 1: .*, saved"))).to_be_visible()
        expect(page.get_by_test_id("rest")).to_be_visible()
        self.assertLessEqual(page.get_by_test_id("rest").inner_text(), left)

    def test_taps_survive_the_browser_while_the_server_is_away(self) -> None:
        page = self.page(TABLET)
        self.floor_of(page, "Casimir Holt")
        self.server.kill()
        self.done(page)
        expect(page.get_by_text("Server away")).to_be_visible()
        floor, again = page.url, page.context.new_page()
        page.close()
        self.server.start()
        again.goto(floor)
        self.saved(again)
        expect(again.get_by_role("button", name=re.compile("^Set 1: .*, saved"))).to_be_visible()

    def test_a_set_is_corrected_and_taken_back(self) -> None:
        page = self.page(TABLET)
        self.floor_of(page, "Casimir Holt")
        self.done(page)
        self.saved(page)
        page.get_by_role("button", name=re.compile("^Set 1:")).click()
        page.get_by_role("button", name="Reps: less").click()
        page.get_by_role("button", name="Correct set 1").click()
        expect(page.get_by_role("button", name=re.compile("^Set 1: .*done 6 reps.*saved"))).to_be_visible()
        page.get_by_role("button", name=re.compile("^Set 1:")).click()
        page.get_by_role("button", name="Take it back").click()
        expect(page.get_by_role("button", name=re.compile("^Set 1: planned [^,]*$"))).to_be_visible()
        self.saved(page)
        self.done(page)
        expect(page.get_by_role("button", name=re.compile("^Set 1: .*done 7 reps.*saved"))).to_be_visible()

    def test_by_keyboard(self) -> None:
        page = self.page()
        self.floor_of(page, "Casimir Holt")
        page.locator("body").press("ArrowDown")
        page.locator("body").press("ArrowRight")
        page.locator("body").press("Enter")
        expect(page.get_by_role("button", name=re.compile("^Set 1: .*done 6 reps with 8[25].*saved"))).to_be_visible()
        page.locator("body").press("n")
        expect(page.get_by_role("heading", name="Romanian deadlift")).to_be_visible()
        page.locator("body").press("p")
        expect(page.get_by_role("heading", name="Back squat")).to_be_visible()

    def test_a_phone_shows_the_whole_set_with_targets_for_a_thumb(self) -> None:
        page = self.page(PHONE)
        self.floor_of(page, "Casimir Holt")
        self.done(page)
        expect(page.get_by_test_id("rest")).to_be_visible()
        self.assertLessEqual(page.evaluate("document.documentElement.scrollWidth"), 390)
        for button in page.get_by_role("button").all() + page.get_by_role("link").all():
            box = button.bounding_box()
            assert box
            self.assertGreaterEqual(min(round(box["height"]), 48), 48, button.inner_text())
        rest = page.get_by_test_id("rest").bounding_box()
        pad = page.get_by_role("region", name=re.compile("^Set ")).bounding_box()
        assert rest and pad
        self.assertLessEqual(rest["y"] + rest["height"], pad["y"])
        self.assertLessEqual(pad["y"] + pad["height"], 845)

    def test_a_figure_far_from_the_rest_is_asked_about_and_confirmed(self) -> None:
        page = self.page(PHONE)
        self.floor_of(page, "Casimir Holt")
        for _ in range(26):
            page.get_by_role("button", name="Load: more").click()
        self.done(page)
        question = page.get_by_text(re.compile("^Set 1: That shows .* more strength than the other sets. Is it right"))
        expect(question).to_be_visible()
        self.assert_accessible(page, "a figure that is asked about")
        page.get_by_role("button", name="It is right").click()
        expect(question).to_be_hidden()
        self.saved(page)
        page.reload()
        expect(page.get_by_role("button", name=re.compile("^Set 1: .*saved"))).to_be_visible()
        expect(question).to_be_hidden()

    def test_after_weeks_away_the_step_back_comes_first_and_can_be_taken_back(self) -> None:
        page = self.page(TABLET)
        page.goto(self.server.url)
        link = page.get_by_role("listitem").filter(has_text="Ilse Marwick").get_by_role("link", name="Open the floor")
        path = link.get_attribute("href") or ""
        self.server.kill()
        self.server.shift += timedelta(days=19)
        self.server.start()
        page = self.page(TABLET, path)
        expect(page.get_by_role("heading", name="Back after a break: stepped back")).to_be_visible()
        expect(page.get_by_text("22 days without training: 10.5 % back to begin with.")).to_be_visible()
        self.assert_accessible(page, "back after a break")
        page.get_by_role("button", name=re.compile("^Take back: Goblet squat")).click()
        expect(page.get_by_text("taken back")).to_be_visible()
        page.get_by_role("button", name="Begin, stepped back").click()
        self.to_work(page)
        expect(page.get_by_role("region", name=re.compile("^Set 1"))).to_be_visible()
