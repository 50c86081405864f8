"""The dense board: a week at a glance, a row by a formula, find and replace, rows to a spreadsheet and back."""

import re
from functools import partial
from pathlib import Path

from playwright.sync_api import Locator, Page, expect
from tools.large_program import LINES, WEEKS, large_program
from tools.small_program import ask

from tests.journeys.support import JourneyTest

SAVED = re.compile("/revisions$")
READ = re.compile("/read")
RENDERED = (Path(__file__).parent / "rendered.js").read_text("utf-8")
DRAWN = "() => new Promise((done) => requestAnimationFrame(() => setTimeout(done, 0)))"
ELEMENTS_AT_MOST = 6500
RENDERED_AT_MOST = 20
"""Of one keystroke in a cell: the cell, its editor and what the editor says."""


class DenseTest(JourneyTest):
    def board(self, client: str = "Casimir Holt", dark: bool = False) -> Page:
        page = self.page(dark=dark)
        page.get_by_role("listitem").filter(has_text=client).get_by_role("link", name="Program").first.click()
        expect(page.get_by_role("button", name="About")).to_be_visible()
        return page

    def cell(self, page: Page, row: int, column: int) -> Locator:
        return page.locator(f'[data-cell="{row}:{column}"]')

    def says(self, page: Page, row: int, column: int, text: str) -> None:
        expect(self.cell(page, row, column).locator(".sr-only").first).to_contain_text(text)

    def test_three_days_of_six_lines_and_four_weeks_without_scrolling(self) -> None:
        page = self.board()
        expect(self.cell(page, 17, 3)).to_be_in_viewport(ratio=1)
        expect(self.cell(page, 0, 0)).to_be_in_viewport(ratio=1)
        scrolled = "e => e.scrollHeight > e.clientHeight || e.scrollWidth > e.clientWidth"
        self.assertFalse(page.locator("[data-board-scroll]").evaluate(scrolled))
        self.assertFalse(page.evaluate("() => document.scrollingElement.scrollHeight > innerHeight"))
        self.assert_accessible(page, "the compact board")

    def test_one_key_switches_and_the_choice_is_kept(self) -> None:
        page = self.board(dark=True)
        page.keyboard.press("F9")
        expect(page.get_by_label("Section of Back squat")).to_be_visible()
        expect(page.get_by_role("complementary", name="Beside the board")).to_be_visible()
        self.assert_accessible(page, "the roomy board, dark")
        page.reload()
        expect(page.get_by_role("complementary", name="Beside the board")).to_be_visible()
        page.keyboard.press("F9")
        expect(page.get_by_role("complementary", name="Beside the board")).to_have_count(0)
        self.assert_accessible(page, "the compact board, dark")

    def test_heads_stay_while_a_low_window_scrolls(self) -> None:
        page = self.board()
        page.set_viewport_size({"width": 1280, "height": 560})
        last = self.cell(page, 17, 0)
        last.focus()
        expect(last).to_be_in_viewport(ratio=1)
        expect(page.get_by_role("columnheader", name=re.compile("^Week 7"))).to_be_in_viewport(ratio=1)

    def test_a_formula_fills_a_row_and_a_ditto_repeats_the_one_above(self) -> None:
        page = self.board()
        self.cell(page, 0, 0).focus()
        page.keyboard.type("3 x 5, 60 kg, +2.5 each week")
        expect(page.get_by_text("then 3 x 5, 62.5 kg")).to_be_visible()
        page.keyboard.press("Enter")
        for column, load in enumerate(("60 kg", "62.5 kg", "65 kg", "67.5 kg")):
            self.says(page, 0, column, f"3 x 5, {load}")
        self.cell(page, 1, 2).focus()
        page.keyboard.type('" 70')
        page.keyboard.press("Enter")
        self.says(page, 1, 2, "3 x 5, 70 kg")
        page.keyboard.press("Control+z")
        page.keyboard.press("Control+z")
        self.says(page, 0, 3, "4 x 5-7, 80 kg")

    def test_a_load_is_found_and_replaced_all_over(self) -> None:
        page = self.board()
        page.keyboard.press("Control+h")
        sheet = page.get_by_role("dialog", name="Find and replace")
        sheet.get_by_role("textbox", name="Find").fill("80 kg")
        sheet.get_by_role("textbox", name="Replace by").fill("+2.5")
        expect(sheet).to_contain_text("2 places")
        self.assert_accessible(page, "find and replace")
        sheet.get_by_role("button", name="Replace 2 places").click()
        self.says(page, 0, 2, "82.5 kg")
        self.says(page, 0, 1, "80 kg")

    def test_rows_go_to_a_spreadsheet_and_come_back(self) -> None:
        page = self.board()
        page.evaluate("() => addEventListener('copy', e => { window.copied = e.clipboardData.getData('text/plain') })")
        self.cell(page, 0, 0).focus()
        page.keyboard.press("Space")
        page.keyboard.press("Control+c")
        copied = page.evaluate("() => window.copied")
        self.assertEqual(copied.splitlines()[0], "Exercise\tWeek 5\tWeek 6\tWeek 7\tWeek 8")
        self.assertTrue(copied.splitlines()[1].startswith("Back squat\t4 x 5-7, 80 kg"))
        page.keyboard.press("Escape")
        changed = copied.rsplit("80 kg", 1)
        page.evaluate(
            """text => {
              const data = new DataTransfer();
              data.setData("text/plain", text);
              document.activeElement.dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true }));
            }""",
            "85 kg".join(changed),
        )
        self.says(page, 0, 3, "85 kg")

    def test_only_rows_in_view_exist_and_the_keys_reach_the_others(self) -> None:
        page = self.board()
        page.get_by_role("button", name="All", exact=True).click()
        for _ in range(3):
            with page.expect_response(SAVED):
                page.get_by_role("button", name="Add a phase").click()
            page.get_by_role("button", name="All", exact=True).click()
            expect(page.get_by_role("heading", level=2)).not_to_have_count(0)
        rows = page.locator("tr[data-row]")
        expect(rows).to_have_count(90)
        expect(self.cell(page, 0, 0)).to_be_attached()
        expect(self.cell(page, 89, 0)).to_have_count(0)
        self.cell(page, 17, 0).scroll_into_view_if_needed()
        page.locator("tr[data-row='89']").scroll_into_view_if_needed()
        expect(self.cell(page, 89, 0)).to_be_in_viewport()
        expect(self.cell(page, 0, 0)).to_have_count(0)
        self.cell(page, 89, 0).focus()
        for row in range(88, 40, -1):
            page.keyboard.press("ArrowUp")
            expect(self.cell(page, row, 0)).to_be_focused()

    def test_only_weeks_in_view_exist_and_the_keys_reach_the_others(self) -> None:
        page = self.page(path=f"/programs/{large_program(partial(ask, self.server.url))}")
        expect(self.cell(page, 0, 0)).to_be_attached()
        expect(self.cell(page, 0, WEEKS - 1)).to_have_count(0)
        self.cell(page, 0, 0).focus()
        for column in range(1, WEEKS):
            page.keyboard.press("ArrowRight")
            expect(self.cell(page, 0, column)).to_be_focused()
        page.keyboard.press("ArrowRight")
        expect(self.cell(page, 0, WEEKS - 1)).to_be_focused()
        expect(self.cell(page, 0, 0)).to_have_count(0)
        expect(self.cell(page, LINES - 1, WEEKS - 1)).to_be_attached()

    def test_the_largest_board_stays_light(self) -> None:
        page = self.page()
        page.add_init_script(RENDERED)
        page.goto(f"{self.server.url}/programs/{large_program(partial(ask, self.server.url))}")
        expect(self.cell(page, 0, 5)).to_be_visible()
        expect(page.get_by_role("button", name=re.compile("^Findings [0-9]"))).to_be_visible()
        self.assertLess(page.locator("*").count(), ELEMENTS_AT_MOST)
        self.cell(page, 0, 2).focus()
        for key in "3x8, 60 kg":
            page.evaluate("() => (window.rendered = 0)")
            with page.expect_response(READ) as answer:
                page.keyboard.press(key)
            answer.value.finished()
            page.evaluate(DRAWN)
            rendered = page.evaluate("() => window.rendered")
            self.assertGreater(rendered, 0)
            self.assertLessEqual(rendered, RENDERED_AT_MOST, key)
        with page.expect_response(SAVED):
            page.keyboard.press("Enter")
        self.says(page, 0, 2, "3 x 8, 60 kg")
