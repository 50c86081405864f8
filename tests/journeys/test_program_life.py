"""The life of a program: what came of it, the next prepared from it, weeks off, another client's taken over."""

import re

from playwright.sync_api import Page, expect

from tests.journeys.support import JourneyTest


class ProgramLifeTest(JourneyTest):
    def board(self, client: str = "Casimir Holt") -> Page:
        page = self.page()
        page.get_by_role("listitem").filter(has_text=client).get_by_role("link", name="Program").first.click()
        expect(page.get_by_role("button", name="About")).to_be_visible()
        return page

    def test_a_program_is_looked_back_on_and_the_next_begun_from_it(self) -> None:
        page = self.board()
        page.get_by_role("button", name="About").click()
        page.get_by_role("link", name="What came of it, and what carries over").click()
        expect(page.get_by_role("heading", level=1)).to_contain_text("What came of Hut to hut")
        expect(page.get_by_text("18 of 18 sessions held.")).to_be_visible()
        self.assert_accessible(page, "what came of a program")
        page.get_by_label("Back squat").uncheck()
        page.get_by_label("Name").fill("Over the pass")
        page.get_by_role("button", name="Begin the next").click()
        expect(page.get_by_role("heading", level=1)).to_contain_text("Over the pass")
        expect(page.get_by_text("Prepared: it takes over in the week of 16 Mar 2026.")).to_be_visible()
        expect(page.get_by_role("rowheader", name="Romanian deadlift", exact=True)).to_be_visible()
        expect(page.get_by_role("rowheader", name="Back squat", exact=True)).to_have_count(0)
        page.get_by_role("link", name="Casimir Holt").click()
        page.get_by_role("link", name="Past and next").click()
        expect(page.get_by_role("region", name="Prepared")).to_contain_text("Over the pass")
        self.assert_accessible(page, "all programs")
        runs = page.get_by_role("region", name="Runs now")
        runs.get_by_role("button", name="End it today: Hut to hut").click()
        expect(page.get_by_role("region", name="Over", exact=True)).to_contain_text("Hut to hut")
        page.get_by_role("button", name="Let it go on: Hut to hut").click()
        expect(runs).to_contain_text("Hut to hut")

    def test_weeks_off_move_what_is_to_come_and_are_taken_back(self) -> None:
        page = self.board()
        page.get_by_role("link", name="Calendar").click()
        off = page.get_by_role("region", name="Time off")
        off.get_by_label("Before").select_option(label="week 8, 9 Mar 2026")
        off.get_by_label("Weeks off").fill("2")
        off.get_by_label("Why, for the logbook").fill("Holiday")
        off.get_by_role("button", name="Take off").click()
        expect(off).to_contain_text("It ends on 29 Mar 2026 now.")
        expect(page.get_by_role("row").filter(has_text="week 8")).to_contain_text("23 Mar")
        expect(page.get_by_role("table")).to_contain_text("2 weeks off: Holiday")
        self.assert_accessible(page, "the calendar with weeks off")
        off.get_by_role("button", name="Take back the weeks off before week 8").click()
        expect(off).to_contain_text("It ends on 15 Mar 2026 now.")

    def test_another_clients_phase_is_kept_as_a_template_and_taken_over(self) -> None:
        page = self.board()
        page.get_by_role("button", name="About").click()
        page.get_by_role("button", name="Keep as a template: Groundwork").click()
        page.get_by_label("Name of the template").fill("Mountain base")
        page.get_by_label("Whom it suits").fill("Long days on foot")
        page.get_by_role("button", name="Keep it", exact=True).click()
        expect(page.get_by_text("Kept, without this client’s loads")).to_be_visible()
        page.goto(self.server.url)
        page.get_by_role("link", name="Clients").click()
        page.get_by_role("link", name="Oona Feldt", exact=True).click()
        page.get_by_role("link", name="Start a program").click()
        expect(page.get_by_role("heading", name=re.compile("^Mountain base"))).to_be_visible()
        page.get_by_label("Of whom").select_option(label="Casimir Holt")
        page.get_by_label("Which program").select_option(index=1)
        part = page.get_by_role("region", name="From a client’s program")
        expect(part).to_contain_text("8 weeks in 2 phases")
        self.assert_accessible(page, "another client's program")
        part.get_by_role("button", name="Start with it").click()
        expect(page.get_by_role("heading", level=1)).to_contain_text("Hut to hut for Oona Feldt")

    def test_a_proposal_is_looked_at_before_all_are_accepted(self) -> None:
        page = self.page()
        page.get_by_role("link", name=re.compile(r"\d+ exercises?$")).first.click()
        page.get_by_role("button", name="Look first").click()
        expect(page.get_by_text("Sets a week")).to_be_visible()
        self.assert_accessible(page, "a look at all proposals")

    def test_a_program_leaves_as_a_file_and_comes_in_for_another_client(self) -> None:
        page = self.board()
        page.get_by_role("button", name="About").click()
        with page.expect_download() as leaving:
            page.get_by_role("link", name="Spreadsheet").click()
        file = leaving.value
        self.assertEqual(file.suggested_filename, "hut-to-hut-casimir-holt.xlsx")
        page.goto(self.server.url)
        page.get_by_role("link", name="Clients").click()
        page.get_by_role("link", name="Oona Feldt", exact=True).click()
        page.get_by_role("link", name="Start a program").click()
        part = page.get_by_role("region", name="From a file")
        part.get_by_label("Open a file").set_input_files(
            {"name": "notes.json", "mimeType": "application/json", "buffer": b"{}"}
        )
        expect(part).to_contain_text("no program file")
        part.get_by_label("Open a file").set_input_files(file.path())
        expect(part).to_contain_text("Written for another client")
        self.assert_accessible(page, "a program from a file")
        part.get_by_role("button", name="Start with it").click()
        expect(page.get_by_role("heading", level=1)).to_contain_text("Hut to hut for Oona Feldt")
