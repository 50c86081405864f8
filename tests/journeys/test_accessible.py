"""axe-core finds nothing on any view, light and dark, with the dialogs open too."""

import re

from playwright.sync_api import expect

from tests.journeys.support import DESK, PHONE, TABLET, JourneyTest


class AccessibleTest(JourneyTest):
    def test_every_view_at_the_desk(self) -> None:
        for dark in (False, True):
            page = self.page(DESK, dark=dark)
            look = "dark" if dark else "light"
            expect(page.get_by_role("heading", name=re.compile("today"))).to_be_visible()
            self.assert_accessible(page, f"Today, {look}")
            page.locator("body").press("?")
            expect(page.get_by_role("dialog", name="Help")).to_be_visible()
            self.assert_accessible(page, f"Help, {look}")
            page.keyboard.press("Escape")
            page.get_by_role("link", name=re.compile("exercises?$")).first.click()
            expect(page.get_by_role("button", name="Accept").first).to_be_visible()
            page.get_by_role("button", name="Change").first.click()
            self.assert_accessible(page, f"After the session, {look}")
            page.get_by_role("link", name="Program").click()
            expect(page.get_by_role("table").first).to_be_visible()
            self.assert_accessible(page, f"Board, {look}")
            page.get_by_role("link", name="Ahead").click()
            expect(page.get_by_role("columnheader", name="Week 14")).to_be_visible()
            self.assert_accessible(page, f"Ahead, {look}")
            page.get_by_label("In words").check()
            self.assert_accessible(page, f"Ahead in words, {look}")
            page.go_back()
            expect(page.get_by_role("table").first).to_be_visible()
            page.locator('[data-cell="0:2"]').click()
            page.keyboard.type("?")
            expect(page.get_by_text("At character")).to_be_visible()
            self.assert_accessible(page, f"Typing, {look}")
            page.keyboard.press("Escape")
            page.get_by_role("link", name="Clients").click()
            expect(page.get_by_role("heading", name="Clients")).to_be_visible()
            self.assert_accessible(page, f"Clients, {look}")
            page.get_by_role("link", name="Dell Ostrander", exact=True).click()
            expect(page.get_by_label("Birth year")).to_be_visible()
            self.assert_accessible(page, f"Client file, {look}")
            page.get_by_role("navigation", name="File of").get_by_role("link", name="Progress").click()
            expect(page.get_by_role("heading", name="Week by week")).to_be_visible()
            page.get_by_text("The same in figures").click()
            self.assert_accessible(page, f"Progress as a whole, {look}")
            page.get_by_role("button", name="Bench press").click()
            expect(page.get_by_text("All sessions")).to_be_visible()
            self.assert_accessible(page, f"Progress, {look}")

    def test_the_client_from_health_to_tests(self) -> None:
        for dark in (False, True):
            look = "dark" if dark else "light"
            page = self.page(DESK, "/clients", dark)
            page.get_by_role("link", name="Casimir Holt", exact=True).click()
            tabs = page.get_by_role("navigation", name="File of")
            tabs.get_by_role("link", name="Health").click()
            expect(page.get_by_role("heading", name="How things stand")).to_be_visible()
            self.assert_accessible(page, f"Health, {look}")
            page.get_by_role("button", name="Ask again").click()
            expect(page.get_by_role("dialog", name="Health screen")).to_be_visible()
            self.assert_accessible(page, f"Screen, {look}")
            page.keyboard.press("Escape")
            page.get_by_role("button", name="Warning signs").click()
            expect(page.get_by_role("dialog").get_by_role("listitem").first).to_be_visible()
            self.assert_accessible(page, f"Warning signs, {look}")
            page.keyboard.press("Escape")
            tabs.get_by_role("link", name="Places").click()
            expect(page.get_by_text("Barbell")).to_be_visible()
            self.assert_accessible(page, f"Places, {look}")
            tabs.get_by_role("link", name="Tests").click()
            expect(page.get_by_role("table").first).to_be_visible()
            self.assert_accessible(page, f"Tests, {look}")

    def test_library_and_batteries(self) -> None:
        for dark in (False, True):
            look = "dark" if dark else "light"
            page = self.page(DESK, "/library/split-squat?q=squat", dark)
            expect(page.get_by_role("heading", name="Instead of it")).to_be_visible()
            self.assert_accessible(page, f"Library, {look}")
            page.get_by_role("button", name="An exercise of your own").click()
            expect(page.get_by_role("dialog")).to_be_visible()
            self.assert_accessible(page, f"Own exercise, {look}")
            page.keyboard.press("Escape")
            page.get_by_role("link", name="Tests").click()
            expect(page.get_by_role("heading", name="Test batteries")).to_be_visible()
            self.assert_accessible(page, f"Batteries, {look}")

    def test_the_testing_floor(self) -> None:
        for size, dark in [(TABLET, False), (TABLET, True), (PHONE, False)]:
            page = self.page(size, "/clients", dark)
            page.get_by_role("link", name="Casimir Holt").first.click()
            page.get_by_role("navigation", name="File of").get_by_role("link", name="Tests").click()
            page.get_by_role("button", name="Test now").click()
            tests = page.get_by_role("navigation", name="Tests").get_by_role("button")
            expect(tests.first).to_be_visible()
            for number in (0, 1):
                tests.nth(number).click()
                self.assert_accessible(page, f"Test {number}, {size}")

    def test_the_floor(self) -> None:
        for size, dark in [(TABLET, False), (PHONE, True)]:
            page = self.page(size, dark=dark)
            self.floor_of(page, "Casimir Holt" if size == TABLET else "Dell Ostrander", begin=False)
            expect(page.get_by_role("group", name="Slept")).to_be_visible()
            page.get_by_text("Something hurts").click()
            self.assert_accessible(page, f"Before, {size}")
            page.get_by_role("button", name="Begin as planned").click()
            self.to_work(page)
            self.assert_accessible(page, f"Floor, {size}")
            page.get_by_role("button", name=re.compile("^Done:")).click()
            expect(page.get_by_test_id("rest")).to_be_visible()
            page.get_by_role("button", name="How it went").click()
            self.assert_accessible(page, f"Rest and how it went, {size}")
            for ask in ("Note", "Change"):
                page.get_by_role("button", name=ask, exact=True).click()
                self.assert_accessible(page, f"{ask}, {size}")
                page.keyboard.press("Escape")
            page.get_by_role("button", name="More", exact=True).click()
            expect(page.get_by_role("region", name="More")).to_be_visible()
            self.assert_accessible(page, f"More, {size}")
            page.get_by_role("button", name="Warning signs").click()
            expect(page.get_by_role("button", name="End the session now")).to_be_visible()
            self.assert_accessible(page, f"Warning signs, {size}")
            page.keyboard.press("Escape")
            page.keyboard.press("Escape")
            page.get_by_role("button", name="Finish", exact=True).click()
            expect(page.get_by_role("button", name="Finish as it is")).to_be_visible()
            self.assert_accessible(page, f"Finishing with open sets, {size}")
            page.get_by_role("button", name="Finish as it is").click()
            expect(page.get_by_role("group", name="Effort")).to_be_visible()
            self.assert_accessible(page, f"Summary, {size}")

    def test_settings(self) -> None:
        page = self.page(DESK, "/settings")
        expect(page.get_by_role("heading", name="Settings")).to_be_visible()
        self.assert_accessible(page, "Settings")
