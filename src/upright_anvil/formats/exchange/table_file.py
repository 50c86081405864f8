"""A file with a table, a spreadsheet (.xlsx) or text (.csv, .tsv), as the text that copying its cells would give."""

import codecs
import io
from typing import Final
from zipfile import BadZipFile

from upright_anvil.core.errors import DomainError
from upright_anvil.core.pasted.table import MOST_CELLS

MOST_ROWS: Final = 20_000
"""Rows of a spreadsheet that are looked at; more than any reading takes."""

ZIP: Final = b"PK\x03\x04"
"""How a spreadsheet file begins."""


def text_of_table_file(content: bytes) -> str:
    """Answer a file's rows as text, whatever letters it was written in (UTF-8, UTF-16, else Windows-1252).

    Raises `DomainError` where it is neither a spreadsheet nor text.
    """
    if content.startswith(ZIP):
        return text_of_spreadsheet(content)
    if content.startswith((codecs.BOM_UTF16_LE, codecs.BOM_UTF16_BE)):
        text = content.decode("utf-16", "replace")
    else:
        try:
            text = content.decode("utf-8-sig")
        except UnicodeDecodeError:
            text = content.decode("cp1252", "replace")
    if "\0" in text or not text.strip():
        raise DomainError("This is neither a spreadsheet (.xlsx) nor text (.csv). Save it as one of them.")
    return text


def text_of_spreadsheet(content: bytes) -> str:
    """Answer the first sheet that says something: rows by line, cells by tab, formulas by their last values.

    One row more than can be read is kept, so that reading says what is too much. Raises `DomainError` where it is no
    spreadsheet or says nothing.
    """
    from openpyxl import load_workbook
    from openpyxl.utils.exceptions import InvalidFileException

    try:
        book = load_workbook(io.BytesIO(content), read_only=True, data_only=True)
    except (BadZipFile, InvalidFileException, KeyError, ValueError, OSError) as fault:
        raise DomainError(
            "This is no spreadsheet file (.xlsx). Save it as .xlsx or .csv, or paste its rows."
        ) from fault
    for sheet in book.worksheets:
        rows = sheet.iter_rows(max_row=MOST_ROWS + 1, max_col=MOST_CELLS, values_only=True)
        lines = ["\t".join(_words(cell) for cell in row).rstrip("\t") for row in rows]
        if any(lines):
            return "\n".join(lines).rstrip("\n")
    raise DomainError("The spreadsheet is empty.")


def _words(cell: object) -> str:
    if cell is None:
        return ""
    if isinstance(cell, float):
        return f"{cell:g}"
    return " ".join(str(cell).split())
