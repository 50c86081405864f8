"""Two hundred clients with long and foreign names, one box to get anywhere, and what comes out on paper."""

import re

from playwright.sync_api import Page, expect
from tools.crowd import NAMES, crowd

from tests.journeys.support import DESK, PHONE, JourneyTest


class ManyTest(JourneyTest):
    def sideways(self, page: Page) -> int:
        return int(page.evaluate("() => document.scrollingElement.scrollWidth - document.documentElement.clientWidth"))

    def test_two_hundred_clients_are_searched_and_stay_short(self) -> None:
        crowd(self.server.url)
        page = self.page(DESK, "/clients")
        expect(page.get_by_role("heading", name="Today")).to_be_visible()
        self.assertLess(page.evaluate("() => document.scrollingElement.scrollHeight"), 3000)
        page.get_by_label(re.compile("^Find among")).fill("077")
        expect(page.get_by_role("link", name="Client 077", exact=True)).to_be_visible()
        page.get_by_label(re.compile("^Find among")).fill("stairs client")
        expect(page.get_by_role("listitem")).to_have_count(1)
        self.assert_accessible(page, "clients found")
        for size in (PHONE, DESK):
            page.set_viewport_size({"width": size[0], "height": size[1]})
            for name in NAMES:
                page.goto(self.server.url + "/clients")
                page.get_by_label(re.compile("^Find among")).fill(name[:9])
                found = page.get_by_role("link", name=name, exact=True)
                expect(found).to_be_visible()
                self.assertLessEqual(self.sideways(page), 0, name)
                found.click()
                expect(page.get_by_role("heading", level=1)).to_have_text(name)
                self.assertLessEqual(self.sideways(page), 0, name)
            page.goto(self.server.url)
            expect(page.get_by_role("heading", name=re.compile("today"))).to_be_visible()
            self.assertLessEqual(self.sideways(page), 0)
            self.assertLess(page.evaluate("() => document.scrollingElement.scrollHeight"), 5000)

    def test_one_box_leads_anywhere(self) -> None:
        page = self.page()
        expect(page.get_by_role("heading", name=re.compile("today"))).to_be_visible()
        page.keyboard.press("Control+k")
        box = page.get_by_role("combobox")
        # A view that comes late behind the box brings options of its own.
        offered = page.get_by_role("listbox").get_by_role("option")
        expect(box).to_be_focused()
        self.assert_accessible(page, "the box to get anywhere")
        page.keyboard.type("casi")
        expect(offered.first).to_contain_text("Casimir Holt")
        page.keyboard.press("ArrowDown")
        page.keyboard.press("Enter")
        expect(page).to_have_url(re.compile("/programs/"))
        goals = (("rdl", "/library/romanian-deadlift"), ("settings", "/settings"), ("bring in", "/clients/bring-in"))
        for typed, address in goals:
            page.keyboard.press("Control+k")
            page.keyboard.type(typed)
            expect(offered.first).to_be_visible()
            if typed == "rdl":
                expect(offered.filter(has_text="Romanian deadlift").first).to_be_visible()
            page.keyboard.press("Enter")
            expect(page).to_have_url(re.compile(f"{address}$"))
        page.keyboard.press("Control+k")
        page.keyboard.type("zorp")
        expect(page.get_by_text("Nothing by these words.")).to_be_visible()
        page.keyboard.press("Escape")
        expect(box).to_have_count(0)


class PaperTest(JourneyTest):
    def printed(self, page: Page) -> None:
        page.emulate_media(media="print")
        for what in ("banner", "toolbar", "navigation"):
            expect(page.get_by_role(what).filter(visible=True)).to_have_count(0)  # type: ignore[arg-type]

    def test_board_file_review_progress_and_calendar(self) -> None:
        page = self.page()
        page.get_by_role("listitem").filter(has_text="Casimir Holt").get_by_role("link", name="Program").click()
        page.get_by_role("button", name="All", exact=True).click()
        expect(page.get_by_role("table")).to_have_count(2)
        address = page.url.split("?")[0]
        self.printed(page)
        expect(page.locator("[data-cell]").first).to_be_visible()
        expect(page.locator("[data-add-row]").first).to_be_hidden()
        expect(page.get_by_role("complementary", name="Beside the board")).to_be_hidden()
        sheet = page.pdf(prefer_css_page_size=True)
        self.assertGreaterEqual(len(re.findall(rb"/Type\s*/Page\b", sheet)), 2)
        self.assertRegex(sheet, rb"/MediaBox\s*\[\s*0 0 (79\d|84\d)", "a board is printed lengthwise")
        for path in (f"{address}/calendar", "/clients"):
            page.emulate_media(media="screen")
            page.goto(path if path.startswith("http") else self.server.url + path)
            expect(page.get_by_role("heading", level=1)).to_be_visible()
            self.printed(page)
        expect(page.get_by_role("link", name="Casimir Holt", exact=True)).to_be_visible()
