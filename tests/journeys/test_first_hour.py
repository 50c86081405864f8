"""From an empty studio to the first logged set, with the keys and taps it takes."""

import re
import tempfile
from pathlib import Path

from playwright.sync_api import expect
from tools.app_process import AppProcess

from tests.journeys.session_desk import SessionDesk

MOST_KEYS, MOST_TAPS = 60, 12


class FirstHourTest(SessionDesk):
    def setUp(self) -> None:
        super().setUp()
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.server = AppProcess(Path(folder.name) / "studio")
        self.addCleanup(self.server.kill)
        self.server.start()

    def test_an_empty_studio_to_the_first_logged_set(self) -> None:
        page = self.page()
        expect(page.get_by_role("heading", name="A client")).to_be_visible()
        self.assert_accessible(page, "an empty studio")
        page.get_by_role("link", name="Add your first client").click()
        expect(page.get_by_role("textbox", name="Name", exact=True)).to_be_focused()
        page.keyboard.type("Ottoline")
        for key in ("Tab", "Space", "Tab", "Tab", "Enter"):
            page.keyboard.press(key)
        expect(page.get_by_role("heading", level=1, name="Ottoline")).to_be_visible()
        page.get_by_role("navigation", name="File of").get_by_role("link", name="Places").click()
        page.get_by_role("button", name="A new place").click()
        # Choosing from a list counts as two taps, and takes none here.
        page.get_by_label("Start from a usual kit").select_option("home-two-dumbbells")
        self.spent["at the desk"]["taps"] += 2
        expect(page.get_by_role("list", name="Line by line")).to_contain_text("dumbbells 4, 6, 8")
        page.get_by_role("link", name="Start a program").click()
        expect(page.get_by_text("The health screen was not asked yet")).to_be_visible()
        self.assert_accessible(page, "beginning a program without a screen")
        page.get_by_role("button", name="Start empty").click()
        expect(page.get_by_role("columnheader", name="Week 4")).to_be_visible()
        page.locator("[data-add]").first.click()
        page.keyboard.type("db goblet squat 3x10 12")
        page.keyboard.press("Enter")
        expect(page.get_by_role("rowheader", name="Goblet squat")).to_be_visible()
        page.get_by_role("link", name="floor").first.click()
        page.get_by_role("button", name="Begin as planned").click()
        page.get_by_role("button", name="Straight to the work").click()
        page.get_by_role("button", name=re.compile("^Done: 10 reps × 12 kg")).click()
        expect(page.get_by_role("button", name=re.compile("^Set 1: .*done 10 reps"))).to_be_visible()
        spent = self.spent["at the desk"]
        self.assertLessEqual(spent["keys"], MOST_KEYS)
        self.assertLessEqual(spent["taps"], MOST_TAPS)
