"""Bringing in what a trainer has already: clients, past sessions; read first, brought in, taken back."""

import re
import tempfile
from pathlib import Path

from playwright.sync_api import Page, expect
from tools.app_process import AppProcess

from tests.journeys.support import JourneyTest

PEOPLE = (
    "Name\tDOB\tWeight\tGoal\tDays a week\tMinutes\tLevel\tInjuries\tShoe size\n"
    "Agnes Thornby\t14/3/1961\t64 kg\tstrong for the stairs\t2\t45\tbeginner\tleft knee, after surgery\t38\n"
    "Berthold Ashe\t1890\t82 kg\tmuscle\t9\t60\tadvanced\t\t44\n"
    "\t\t\t\t\t\t\t\t\n"
    "Agnes Thornby\t\t\t\t\t\t\t\t\n"
)
LOG = (
    "Date\tExercise\tSets\tReps\tWeight\tRIR\n"
    "2025-03-02\tsquat\t3\t8\t60\t2\n\tdb bench\t3\t8,8,7\t16\t\n\tzorp press\t3\t8\t20\t\n"
    "2025-03-05\tsquat\t3\t8-10\t62.5\t\n\tRDL\t3\t8\t70\t2\n"
)


class BringingTest(JourneyTest):
    def setUp(self) -> None:
        super().setUp()
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.server = AppProcess(Path(folder.name) / "studio")
        self.addCleanup(self.server.kill)
        self.server.start()

    def brought_in(self, page: Page) -> None:
        page.get_by_role("link", name="or bring in your list from a spreadsheet").click()
        page.get_by_label("Rows copied from your spreadsheet").fill(PEOPLE)
        understood = page.get_by_role("region", name="Understood")
        expect(understood).to_contain_text("born 1961")
        expect(understood).to_contain_text("Enter them in the health file too")
        expect(understood).to_contain_text("Shoe size")
        expect(understood).to_contain_text("born “1890”")
        expect(page.get_by_role("region", name="Left out")).to_contain_text("The same name as in row 2")
        self.assert_accessible(page, "clients understood")
        # What was pasted outlives a reload, and nothing is written yet.
        page.reload()
        expect(understood).to_contain_text("born 1961")
        page.get_by_role("button", name="Bring in 2 clients").click()
        expect(page.get_by_text("2 clients brought in.")).to_be_visible()

    def test_clients_are_brought_in_and_taken_back_by_one_undo(self) -> None:
        page = self.page()
        self.brought_in(page)
        page.get_by_role("link", name="See them all").click()
        expect(page.get_by_role("link", name="Agnes Thornby", exact=True)).to_be_visible()
        page.get_by_role("link", name="Bring in from a spreadsheet").click()
        page.get_by_role("button", name="Undo").click()
        expect(page.get_by_text("2 clients brought in.")).to_have_count(0)
        page.get_by_role("link", name="Clients").click()
        expect(page.get_by_text("No clients yet.")).to_be_visible()

    def test_past_sessions_are_brought_in_and_count(self) -> None:
        page = self.page()
        self.brought_in(page)
        page.get_by_role("link", name="See them all").click()
        page.get_by_role("link", name="Agnes Thornby", exact=True).click()
        page.get_by_role("link", name="Start a program").click()
        page.get_by_role("link", name="Bring in past sessions").click()
        page.get_by_label("Rows copied from your spreadsheet").fill(LOG)
        names = page.get_by_role("region", name="Exercises")
        expect(names.get_by_label("Exercise for squat")).to_have_value("back-squat")
        expect(names).to_contain_text("1 not in the library")
        expect(page.get_by_role("region", name="Sessions")).to_contain_text("squat: 3 x 8, 60 kg")
        expect(page.get_by_role("region", name="Left out")).to_contain_text("“8-10” is a plan")
        self.assert_accessible(page, "past sessions understood")
        names.get_by_label("Exercise for zorp press").select_option(index=1)
        page.get_by_role("button", name="Bring in 2 sessions").click()
        expect(page.get_by_text("2 sessions with 12 sets brought in.")).to_be_visible()
        page.get_by_role("link", name="See the progress").click()
        done = page.get_by_role("navigation", name="Exercises done")
        for name in ("Back squat", "Dumbbell bench press", "Romanian deadlift"):
            expect(done.get_by_role("button", name=re.compile(f"^{name}"))).to_be_visible()
        page.go_back()
        page.get_by_role("button", name="Undo").click()
        expect(page.get_by_text("brought in.")).to_have_count(0)
        page.get_by_role("navigation", name="File of").get_by_role("link", name="Progress").click()
        expect(done.get_by_role("button", name=re.compile("^Back squat"))).to_have_count(0)

    def test_a_file_is_opened_and_what_is_none_is_told(self) -> None:
        page = self.page()
        page.get_by_role("link", name="or bring in your list from a spreadsheet").click()
        box = page.get_by_label("or open a file")
        box.set_input_files(
            {"name": "list.csv", "mimeType": "text/csv", "buffer": "Name;Alter\nZoë;40".encode("cp1252")}
        )
        expect(page.get_by_role("region", name="Understood")).to_contain_text("Zoë")
        box.set_input_files({"name": "list.xlsx", "mimeType": "application/zip", "buffer": b"PK\x03\x04nonsense"})
        expect(page.get_by_role("alert")).to_contain_text("no spreadsheet file")
        expect(page.get_by_role("region", name="Understood")).to_contain_text("Zoë")
