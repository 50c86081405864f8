"""A program out and in again: JSON and spreadsheets lose nothing, CSV stays text, a session stays one event."""

import io
import json
from datetime import UTC, date, datetime, timedelta
from pathlib import Path
from unittest import TestCase
from zipfile import ZIP_DEFLATED, ZipFile

from hypothesis import given, settings
from hypothesis import strategies as st
from icalendar import Calendar
from openpyxl import load_workbook

from tests.core.checks.plans import SETTING
from tests.core.plan.samples import program, texts
from tests.core.strategies import prescriptions
from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.formats.exchange.calendar_file import CalendarEntry, calendar_ics
from upright_anvil.formats.exchange.program_file import ProgramFile, program_schema, read_program, write_program
from upright_anvil.formats.exchange.program_sheets import HIDDEN, program_csv, program_xlsx, read_xlsx
from upright_anvil.formats.exchange.safe_cell import as_typed, safe

SCHEMA = Path(__file__).parents[3] / "docs/schemas/program.json"
NAMES = {key: exercise.name for key, exercise in SETTING.exercises.items()}
FILE = ProgramFile(client="Agnes", unit=Unit.KG, exercises={"back-squat": "Back squat"}, program=program())


class JsonTest(TestCase):
    def test_nothing_is_lost(self) -> None:
        text = write_program(program(), Unit.LB, {"back-squat": "Back squat"}, "Agnes")
        read = read_program(text.encode())
        self.assertEqual((read.program, read.unit, read.client), (program(), Unit.LB, "Agnes"))

    def test_the_schema_is_published(self) -> None:
        self.assertEqual(json.loads(SCHEMA.read_text("utf-8")), program_schema())

    def test_what_is_no_program_is_refused_in_words(self) -> None:
        good = json.loads(write_program(program(), Unit.KG, {}))
        for content, said in [
            (b"\xff\xfe\x00", "not JSON"),
            (b"[" * 100_000, "not JSON"),
            (b"[]", "no program file"),
            (b'{"format": "other"}', "no program file"),
            (json.dumps(good | {"unit": "stone"}).encode(), "at unit"),
            (json.dumps(good | {"more": 1}).encode(), "at more"),
            (b" " * 2_000_001, "larger than any program"),
        ]:
            with self.subTest(said), self.assertRaisesRegex(DomainError, said):
                read_program(content)


class SheetsTest(TestCase):
    def test_a_spreadsheet_comes_back_as_it_went(self) -> None:
        read = read_xlsx(program_xlsx(FILE))
        self.assertEqual((read.file, read.lost), (FILE, ()))

    @settings(max_examples=25, deadline=None)
    @given(st.lists(prescriptions, min_size=3, max_size=3))
    def test_whatever_stands_in_its_cells(self, asked: list[Prescription]) -> None:
        edits = [SetCell(line="squat", week=f"w{n}", text=write(one)) for n, one in enumerate(asked, start=1)]
        plan = program()
        for edit in edits:
            plan = edit.apply(plan)
        file = FILE.model_copy(update={"program": plan})
        self.assertEqual(read_xlsx(program_xlsx(file)).file.program, plan)

    def test_what_was_typed_into_it_is_taken_over_and_what_is_new_is_told(self) -> None:
        book = load_workbook(io.BytesIO(program_xlsx(FILE)))
        sheet = book.worksheets[0]
        row = next(at for at in range(1, 20) if sheet.cell(at, 1).value == "squat")
        sheet.cell(row, 6).value = "5 x 5, 70 kg"
        sheet.append([None, "main", "", "Front squat", "3 x 5"])
        kept = io.BytesIO()
        book.save(kept)
        read = read_xlsx(kept.getvalue())
        self.assertEqual(texts(read.file.program, "squat"), ["3 x 8, 60 kg", "5 x 5, 70 kg", "3 x 6, 65 kg"])
        self.assertEqual(len(read.lost), 1)
        self.assertIn("a new line", read.lost[0])

    def test_what_begins_like_a_formula_stays_text(self) -> None:
        plan = SetCell(line="squat", week="w1", text="=1+1").apply(program())
        book = load_workbook(io.BytesIO(program_xlsx(FILE.model_copy(update={"program": plan}))))
        cell = next(c for row in book.worksheets[0].iter_rows() for c in row if c.value == "=1+1")
        self.assertEqual(cell.data_type, "s")
        csv = program_csv(plan, plan.phases[0], NAMES)
        self.assertIn("'=1+1", csv)
        for text in ("=1", "+2.5", "-1", "@x", "3 x 8", ""):
            self.assertEqual(as_typed(safe(text)), text)
            self.assertNotIn(safe(text)[:1], ("=", "+", "-", "@"))

    def test_other_spreadsheets_and_bombs_are_refused(self) -> None:
        book = load_workbook(io.BytesIO(program_xlsx(FILE)))
        del book[HIDDEN]
        kept = io.BytesIO()
        book.save(kept)
        bomb = io.BytesIO()
        with ZipFile(bomb, "w", ZIP_DEFLATED) as packed:
            packed.writestr("xl/worksheets/sheet1.xml", b" " * 50_000_000)
        for content, said in [
            (kept.getvalue(), "not written here"),
            (bomb.getvalue(), "unpacks to more"),
            (b"PK\x03\x04nothing", "no spreadsheet"),
        ]:
            with self.subTest(said), self.assertRaisesRegex(DomainError, said):
                read_xlsx(content)


class CalendarFileTest(TestCase):
    def test_a_change_is_an_update_of_the_same_event(self) -> None:
        now = datetime(2026, 3, 4, 17, tzinfo=UTC)
        first = CalendarEntry("s1", date(2026, 3, 9), "Agnes: Legs <b>", "Base, week 2.", "Depot", 3, now)
        moved = CalendarEntry(
            "s1", date(2026, 3, 10), "Agnes: Legs", "", "", 4, now + timedelta(hours=1), cancelled=True
        )
        events = [next(iter(Calendar.from_ical(calendar_ics("Agnes", [one])).walk("VEVENT"))) for one in (first, moved)]
        self.assertEqual(events[0]["uid"], events[1]["uid"])
        self.assertEqual([int(event["sequence"]) for event in events], [3, 4])
        self.assertEqual([event.decoded("dtstart") for event in events], [date(2026, 3, 9), date(2026, 3, 10)])
        self.assertEqual([str(event["status"]) for event in events], ["CONFIRMED", "CANCELLED"])
        self.assertEqual(str(events[0]["summary"]), "Agnes: Legs <b>")
