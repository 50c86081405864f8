"""A spreadsheet file (.xlsx) as the text that copying its cells would give."""

import io
from zipfile import BadZipFile

from openpyxl import load_workbook
from openpyxl.utils.exceptions import InvalidFileException

from upright_anvil.core.errors import DomainError
from upright_anvil.core.plan.pasted.table import MOST_CELLS, MOST_ROWS


def text_of_spreadsheet(content: bytes) -> str:
    """Answer the first sheet that says something: rows by line, cells by tab, formulas by their last values.

    One row more than can be read is kept, so that reading says what is too much. Raises `DomainError` where it is no
    spreadsheet or says nothing.
    """
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
