import io
from unittest import TestCase

from openpyxl import Workbook

from upright_anvil.core.errors import DomainError
from upright_anvil.core.plan.pasted.program_rows import program_rows
from upright_anvil.core.plan.pasted.table import table_of
from upright_anvil.formats.spreadsheet_file import text_of_spreadsheet


def book(*rows: tuple[object, ...], merged: str = "") -> bytes:
    made = Workbook()
    sheet = made.active
    assert sheet is not None
    for row in rows:
        sheet.append(row)
    if merged:
        sheet.merge_cells(merged)
    kept = io.BytesIO()
    made.save(kept)
    return kept.getvalue()


class SpreadsheetFileTest(TestCase):
    def test_cells_come_as_copied_with_merged_headings(self) -> None:
        content = book(
            ("", "Week 1", "", "", "Week 2", "", ""),
            ("Exercise", "Sets", "Reps", "Load", "Sets", "Reps", "Load"),
            ("Squat", 3, "8-10", 60.0, 3, 8, 62.5),
            merged="B1:D1",
        )
        found = program_rows(table_of(text_of_spreadsheet(content)))
        self.assertEqual(found.lines[0].texts, ("3 x 8-10, 60", "3 x 8, 62.5"))

    def test_what_is_no_spreadsheet_or_empty_is_refused_in_words(self) -> None:
        for content, word in ((b"", "no spreadsheet"), (b"PK\x03\x04nonsense", "no spreadsheet"), (book(), "empty")):
            with self.subTest(word), self.assertRaisesRegex(DomainError, word):
                text_of_spreadsheet(content)

    def test_ten_thousand_rows_are_bounded(self) -> None:
        text = text_of_spreadsheet(book(*[("squat", "3x8")] * 10_000))
        with self.assertRaisesRegex(DomainError, "601 rows; at most 600"):
            table_of(text)
