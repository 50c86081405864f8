import io
from unittest import TestCase

from openpyxl import Workbook

from upright_anvil.core.errors import DomainError
from upright_anvil.core.pasted.program_rows import program_rows
from upright_anvil.core.pasted.table import table_of
from upright_anvil.formats.exchange.table_file import text_of_spreadsheet, text_of_table_file


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
        with self.assertRaisesRegex(DomainError, "10,000 rows; at most 600"):
            table_of(text)

    def test_text_in_any_letters_and_a_spreadsheet_are_told_apart(self) -> None:
        said = "Übung;Sätze\nKniebeuge;3"
        for content in (said.encode(), said.encode("utf-8-sig"), said.encode("utf-16"), said.encode("cp1252")):
            self.assertEqual(text_of_table_file(content), said)
        self.assertEqual(text_of_table_file(book(("squat", "3x8"))), "squat\t3x8")
        for content in (b"", b"  ", b"\x00\x01\x02", b"\x89PNG\r\n\x1a\n\x00\x00"):
            with self.subTest(content), self.assertRaisesRegex(DomainError, "neither a spreadsheet"):
                text_of_table_file(content)
