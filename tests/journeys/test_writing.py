"""Writing a program: typed, filled, grouped, checked, fitted, moved about the calendar, and begun from nothing."""

import re
from io import BytesIO

from openpyxl import Workbook
from playwright.sync_api import Locator, Page, expect

from tests.journeys.support import JourneyTest


class Desk(JourneyTest):
    """Gives a program that was just typed."""

    def start(self, name: str = "Rufus Kettleman") -> Page:
        """The start page of a client without a program."""
        page = self.page(path="/clients")
        page.get_by_role("link", name=name, exact=True).click()
        page.get_by_role("link", name="Start a program").click()
        expect(page.get_by_role("heading", name="Draft for me")).to_be_visible()
        return page

    def written(self) -> Page:
        """A program of three typed lines."""
        page = self.start()
        page.get_by_role("button", name="Start empty").click()
        expect(page.get_by_role("columnheader", name="Week 4")).to_be_visible()
        page.locator("[data-add]").first.click()
        for row, typed in enumerate(("goblet squat 3x10 10", "push up 3x8-12", "plank 3x40s")):
            page.keyboard.type(typed)
            page.keyboard.press("Enter")
            expect(self.at(page, row, 3)).to_be_visible()
            expect(page.locator("[data-add]").first).to_have_value("")
        return page

    def at(self, page: Page, row: int, column: int) -> Locator:
        return page.locator(f'[data-cell="{row}:{column}"]')

    def says(self, page: Page, row: int, column: int, text: str) -> None:
        self.expect_drawn(self.at(page, row, column), re.compile(re.escape(f": {text}") + "( |$)"))


class WritingTest(Desk):
    def test_typed_with_its_name_filled_along_a_path_copied_and_undone(self) -> None:
        page = self.written()
        self.says(page, 0, 0, "3 x 10, 10 kg")
        page.keyboard.press("ArrowDown")
        expect(page.get_by_role("combobox", name="Add an exercise to Day 2")).to_be_focused()
        self.at(page, 1, 0).focus()
        page.keyboard.press("Alt+w")
        sheet = page.get_by_role("dialog", name="Fill 1 line on")
        sheet.get_by_text("Repetitions").click()
        sheet.get_by_label("Step: Repetitions").fill("2")
        sheet.get_by_role("button", name="Fill on").click()
        self.says(page, 1, 3, "3 x 14-18")
        page.keyboard.press("Control+z")
        self.says(page, 1, 3, "3 x 8-12")
        self.at(page, 2, 1).focus()
        page.keyboard.type("4 x 20 s")
        page.keyboard.press("Enter")
        self.says(page, 2, 1, "4 x 20 s")
        self.says(page, 2, 0, "3 x 40 s")
        self.at(page, 2, 0).focus()
        page.keyboard.press("Control+d")
        self.says(page, 2, 1, "3 x 40 s")
        self.at(page, 0, 0).focus()
        page.keyboard.press("Control+c")
        self.at(page, 1, 2).focus()
        page.keyboard.press("Control+v")
        self.says(page, 1, 2, "3 x 10, 10 kg")
        self.at(page, 2, 0).focus()
        page.keyboard.press("Alt+w")
        sheet.get_by_role("button", name="Fill on").click()
        expect(page.get_by_role("dialog", name="That was not saved")).to_contain_text("needs a load")

    def test_lines_are_chosen_paired_parted_and_moved(self) -> None:
        page = self.roomy(self.written())
        self.at(page, 0, 0).focus()
        page.keyboard.press("Shift+ArrowDown")
        page.keyboard.press("Space")
        bar = page.get_by_role("toolbar", name="Chosen lines")
        expect(bar).to_contain_text("2 lines chosen")
        bar.get_by_role("button", name="Pair opposites").click()
        purpose = page.get_by_label("What the pair Goblet squat and Push-up is for")
        expect(purpose).to_have_value("opposite muscles")
        page.get_by_label("rest inside, Goblet squat and Push-up, seconds").fill("20")
        page.keyboard.press("Enter")
        page.get_by_role("button", name="Part", exact=True).click()
        expect(purpose).to_have_count(0)
        page.get_by_role("button", name="Choose Plank").click()
        with page.expect_response(re.compile("/revisions$")):
            bar.get_by_label("Move the chosen lines to a day").select_option(label="Day 2")
        expect(self.at(page, 2, 0)).to_have_accessible_name(re.compile("^Plank"))
        handle = page.get_by_role("row").filter(has=page.get_by_role("rowheader", name="Plank")).locator("[draggable]")
        handle.drag_to(page.get_by_role("row").filter(has=page.get_by_role("rowheader", name="Goblet squat")))
        expect(self.at(page, 0, 0)).to_have_accessible_name(re.compile("^Plank"))
        self.at(page, 0, 0).focus()
        page.keyboard.press("Alt+ArrowDown")
        expect(self.at(page, 1, 0)).to_have_accessible_name(re.compile("^Plank"))

    def test_a_half_typed_cell_survives_a_reload(self) -> None:
        page = self.written()
        self.at(page, 0, 1).focus()
        page.keyboard.type("4 x 1")
        expect(page.get_by_label("Goblet squat, week 2")).to_have_value("4 x 1")
        page.reload()
        expect(self.at(page, 0, 1)).to_contain_text("Not kept yet: 4 x 1")
        self.at(page, 0, 1).focus()
        page.keyboard.press("Enter")
        page.keyboard.type("2")
        page.keyboard.press("Enter")
        self.says(page, 0, 1, "4 x 12")
        expect(self.at(page, 0, 1)).not_to_contain_text("Not kept yet")

    def test_a_program_is_pasted_looked_at_and_brought_in(self) -> None:
        page = self.written()
        page.get_by_role("button", name="Paste", exact=True).click()
        sheet = page.get_by_role("dialog", name="Paste a program")
        book = Workbook()
        book.active.append(("Day 1",))  # type: ignore[union-attr]
        book.active.append(("goblet squat", "3x10 16"))  # type: ignore[union-attr]
        kept = BytesIO()
        book.save(kept)
        file = {"name": "plan.xlsx", "mimeType": "application/octet-stream", "buffer": kept.getvalue()}
        sheet.get_by_label("or open a file (.xlsx, .csv)").set_input_files(file)  # type: ignore[arg-type]
        expect(sheet.get_by_role("listitem").filter(has_text="Goblet squat")).to_contain_text("3x10 16")
        rows = "\tWeek 1\tWeek 2\nMonday\nRDL\t3x8 60\t3x9 60\nzorp press\t3x10\t3x10\nplank\t3x40 s\t=B4"
        sheet.get_by_label("Rows copied from your spreadsheet").fill(rows)
        expect(sheet.get_by_role("listitem").filter(has_text="Romanian deadlift")).to_contain_text("3x8 60 · 3x9 60")
        expect(sheet.get_by_text("A formula: paste its values.")).to_be_visible()
        expect(sheet.get_by_role("button", name="Bring in 1 line for 2 weeks")).to_be_enabled()
        self.assert_accessible(page, "a pasted program")
        sheet.get_by_label("Exercise for row 4, zorp press").select_option(label="Overhead press")
        sheet.get_by_role("button", name="Bring in 2 lines for 2 weeks").click()
        expect(sheet).to_have_count(0)
        expect(page.get_by_role("rowheader", name="Romanian deadlift")).to_be_visible()
        page.get_by_role("button", name="Undo").click()
        expect(page.get_by_role("rowheader", name="Romanian deadlift")).to_have_count(0)

    def test_more_of_a_line_a_day_and_a_week(self) -> None:
        page = self.written()
        page.get_by_role("button", name="More of Push-up").click()
        sheet = page.get_by_role("dialog", name="Push-up")
        sheet.get_by_label("What it is for").fill("Getting off the floor")
        page.keyboard.press("Enter")
        self.assert_accessible(page, "more of a line")
        sheet.get_by_label("Harder, when it is time").select_option(index=1)
        sheet.get_by_role("button", name=re.compile("^Take it: ")).first.click()
        expect(page.get_by_role("rowheader", name="Push-up", exact=True)).to_have_count(0)
        expect(page.get_by_title("Getting off the floor")).to_be_visible()
        page.get_by_role("button", name="Place, minutes and more of Day 1").click()
        sheet = page.get_by_role("dialog", name="Day 1")
        sheet.get_by_label("Minutes").fill("20")
        page.keyboard.press("Enter")
        sheet.get_by_role("button", name=re.compile("^Repeat on")).first.click()
        expect(page.get_by_role("combobox", name="Add an exercise to Day 1 again")).to_be_visible()
        expect(page.get_by_text(re.compile(r"of 20 min")).first).to_be_visible()
        page.get_by_role("button", name="Variant and place of week 2").click()
        page.get_by_role("button", name="Alternate A and B in the whole phase").click()
        page.get_by_role("button", name="Close").click()
        expect(page.get_by_role("columnheader", name=re.compile("Week 2 B"))).to_be_visible()

    def test_a_finding_explains_itself_is_mended_or_answered_and_panels_follow(self) -> None:
        page = self.written()
        page.get_by_role("button", name="Findings").click()
        self.at(page, 0, 0).focus()
        page.keyboard.type("3 x 10, 9 kg")
        page.keyboard.press("Enter")
        dock = page.get_by_role("complementary", name="Beside the board")
        finding = dock.get_by_role("button", name=re.compile("9 kg cannot be made here"))
        finding.click()
        expect(dock).to_contain_text("becomes a guess on the day")
        expect(dock).to_contain_text("3 x 10, 10 kg")
        dock.get_by_role("button", name=re.compile(r"^Take \d+ kg")).click()
        expect(finding).to_have_count(0)
        self.says(page, 0, 0, "3 x 10, 10 kg")
        self.at(page, 1, 0).focus()
        page.keyboard.type("3 x 60")
        page.keyboard.press("Enter")
        many = dock.get_by_role("button", name=re.compile("60 reps"))
        many.click()
        dock.get_by_label("Your reason: Repetitions for the goal").fill("A bet with her sister")
        page.keyboard.press("Enter")
        expect(many).to_have_count(0)
        dock.get_by_text("1 finding answered").click()
        expect(dock).to_contain_text("A bet with her sister")
        dock.get_by_role("button", name="Balance").click()
        expect(dock.get_by_role("row").filter(has_text="squat")).to_contain_text("3 sets")
        self.at(page, 0, 0).focus()
        page.keyboard.type("5 x 10, 10 kg")
        page.keyboard.press("Enter")
        expect(dock.get_by_role("row").filter(has_text="squat")).to_contain_text("5 sets")
        dock.get_by_role("button", name="Minutes").click()
        expect(dock.get_by_role("table").filter(has_text="Day 1")).to_contain_text("Week 4")
        self.assert_accessible(page, "the board with its minutes")

    def test_a_session_is_fitted_and_taken_back(self) -> None:
        page = self.written()
        self.at(page, 0, 0).focus()
        page.keyboard.type("6 x 10, 10 kg, rest 4:00")
        page.keyboard.press("Enter")
        self.says(page, 0, 0, "6 x 10, 10 kg, rest 4:00")
        page.get_by_role("button", name=re.compile("^fit")).first.click()
        sheet = page.get_by_role("dialog", name="Day 1, week 1: fit the time")
        sheet.get_by_label("Minutes there are").fill("25")
        expect(sheet).to_contain_text("Goblet squat: rest 3:00 instead of 4:00")
        self.assert_accessible(page, "fit the time")
        sheet.get_by_role("button", name="Apply: Goblet squat: rest 3:00 instead of 4:00").click()
        expect(sheet.get_by_role("button", name="Apply: Goblet squat: rest 3:00 instead of 4:00")).to_have_count(0)
        sheet.get_by_role("button", name="Close").click()
        self.says(page, 0, 3, "6 x 10, 10 kg, rest 3:00")
        page.get_by_role("button", name="Undo").click()
        self.says(page, 0, 0, "6 x 10, 10 kg, rest 4:00")

    def test_the_logbook_compares_and_brings_back(self) -> None:
        page = self.written()
        self.at(page, 0, 0).focus()
        page.keyboard.type("5 x 5, 12 kg")
        page.keyboard.press("Enter")
        self.says(page, 0, 3, "5 x 5, 12 kg")
        page.get_by_label("As first written").click()
        expect(self.at(page, 0, 0)).to_contain_text("first: nothing")
        page.get_by_role("button", name="Logbook").click()
        sheet = page.get_by_role("dialog", name="Logbook of this program")
        sheet.get_by_label("Compare revision 4").click()
        sheet.get_by_label("Compare revision 5").click()
        expect(sheet.get_by_role("region", name="What differs")).to_contain_text("5 x 5, 12 kg")
        self.assert_accessible(page, "the logbook")
        sheet.get_by_role("button", name="Bring back revision 4").click()
        self.says(page, 0, 0, "3 x 10, 10 kg")


class StartingTest(Desk):
    def test_a_program_begins_when_it_is_said_and_says_what_it_is_for(self) -> None:
        page = self.start("Oona Feldt")
        page.get_by_label("Begins in the week of").fill("2026-03-18")
        page.get_by_role("button", name="Draft it").click()
        expect(page.get_by_text("8 weeks from 16 Mar.")).to_be_visible()
        self.assert_accessible(page, "a draft")
        page.get_by_role("button", name="Start with this draft").click()
        expect(page.get_by_role("columnheader", name="Week 1", exact=False).first).to_contain_text("16 Mar")
        page.get_by_role("button", name="About").click()
        about = page.get_by_role("dialog", name="About this program")
        self.assert_accessible(page, "about a program")
        about.get_by_label("Name").fill("Spring")
        about.get_by_label("Name").press("Enter")
        about.get_by_label("What it is for").first.fill("From within")
        about.get_by_label("What it is for").first.blur()
        expect(page.locator("h1")).to_contain_text("Spring")
        about.get_by_role("button", name="Take out Phase 2").click()
        expect(about.get_by_role("button", name=re.compile("^Take out "))).to_have_count(0)
        page.keyboard.press("Escape")
        page.keyboard.press("Control+z")
        expect(page.get_by_role("button", name=re.compile("^Phase 2"))).to_be_visible()

    def test_a_draft_is_rolled_pinned_and_kept(self) -> None:
        page = self.start("Oona Feldt")
        page.get_by_role("button", name="Draft it").click()
        first = page.get_by_role("button", name=re.compile("^Roll .* again$")).nth(1)
        name = (first.get_attribute("aria-label") or "").removeprefix("Roll ").removesuffix(" again")
        keep = page.get_by_role("button", name=re.compile("^Keep ")).first
        kept = (keep.get_attribute("aria-label") or "").removeprefix("Keep ")
        keep.click()
        first.click()
        expect(page.get_by_role("button", name=f"Roll {name} again")).to_have_count(0)
        expect(page.get_by_role("button", name=f"Keep {kept}")).to_have_attribute("aria-pressed", "true")
        self.assert_accessible(page, "starting a program")
        page.get_by_role("button", name="Start with this draft").click()
        expect(page.get_by_role("rowheader", name=kept, exact=True).first).to_be_visible()
        page.get_by_role("button", name="Findings").click()
        dock = page.get_by_role("complementary", name="Beside the board")
        expect(dock).to_be_visible()
        expect(dock).not_to_contain_text(re.compile("caution:|question:"))

    def test_a_template_becomes_the_clients_own(self) -> None:
        page = self.start()
        for weeks in ("0", "60", "many"):
            page.get_by_label("Weeks, 1 to 52").fill(weeks)
            expect(page.get_by_role("button", name="Start empty")).to_be_disabled()
        page.get_by_role("button", name="Start with it: Hotel room").click()
        expect(page.get_by_role("heading", level=1)).to_contain_text("Hotel room for Rufus Kettleman")
        page.get_by_role("button", name=re.compile("^How .* are done$")).first.click()
        how = page.get_by_role("dialog").get_by_label(re.compile("^How .* are done$"))
        expect(how).to_have_value("circuit")
        self.assert_accessible(page, "a group of the compact board")
        page.keyboard.press("Escape")
        page.get_by_role("button", name="Take one over").click()
        page.get_by_role("button", name="Look at it: Top-up day").click()
        look = page.get_by_role("dialog", name="Top-up day as the next phase")
        expect(look).to_contain_text("Sets a week")
        self.assert_accessible(page, "a look before it is taken")
        look.get_by_role("button", name="Take it").click()
        expect(page.get_by_role("button", name=re.compile("^Top-up day"))).to_be_visible()
        page.get_by_role("button", name="All", exact=True).click()
        expect(page.get_by_role("heading", name="Hotel room", exact=True)).to_be_visible()
        expect(page.get_by_role("heading", name="Top-up day", exact=True)).to_be_visible()


class CalendarTest(JourneyTest):
    def test_a_session_is_moved_dropped_and_held_after_all(self) -> None:
        page = self.page()
        page.get_by_role("listitem").filter(has_text="Casimir Holt").get_by_role("link", name="Program").click()
        page.get_by_role("link", name="Calendar").click()
        expect(page.get_by_role("heading", level=1, name="Calendar of")).to_be_visible()
        row = page.get_by_role("row").filter(has_text="week 8")
        day = row.get_by_role("button", name="Upper body")
        day.click()
        sheet = page.get_by_role("dialog", name=re.compile("^Upper body"))
        sheet.get_by_label("Why, for the logbook").fill("Away for the weekend")
        self.assert_accessible(page, "what becomes of a session")
        sheet.get_by_role("button", name="Do it: Drop it").click()
        expect(page.get_by_role("dialog")).to_have_count(0)
        expect(row).to_contain_text("dropped Away for the weekend")
        day.click()
        sheet.get_by_role("button", name=re.compile("^Do it: Move it to")).first.click()
        expect(row).to_contain_text("moved from")
        day.click()
        sheet.get_by_role("button", name="Hold it as planned after all").click()
        expect(row).not_to_contain_text("moved from")
        self.assert_accessible(page, "the calendar")
