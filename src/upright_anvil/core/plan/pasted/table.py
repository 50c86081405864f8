"""A pasted text as a table: cells by tabs, semicolons or commas, whichever it has; bounded, formulas told."""

import csv
import io
from typing import Final

from upright_anvil.core.errors import DomainError

MOST_ROWS: Final = 600
"""More rows than this are no phase of a program."""

MOST_CELLS: Final = 60
"""Cells of a row that are looked at."""

MOST_LETTERS: Final = 400
"""Letters of a cell that are kept."""


def table_of(text: str) -> list[list[str]]:
    """Answer the rows of a pasted text, each a list of trimmed cells; empty rows stay, so that numbers hold.

    Raises `DomainError` for more than 600 rows. House rule.
    """
    lines = text.replace("\r\n", "\n").replace("\r", "\n").strip("\n").split("\n")
    if len(lines) > MOST_ROWS:
        raise DomainError(f"These are {len(lines):,} rows; at most {MOST_ROWS} at once. Paste one phase at a time.")
    reader = csv.reader(io.StringIO("\n".join(lines)), delimiter=_delimiter(lines), strict=False)
    try:
        return [[" ".join(cell.split())[:MOST_LETTERS] for cell in row[:MOST_CELLS]] for row in reader]
    except csv.Error as fault:
        raise DomainError("This is no table: copy the cells in your spreadsheet and paste them here.") from fault


def _delimiter(lines: list[str]) -> str:
    filled = [line for line in lines if line.strip()]
    for sign in ("\t", ";"):
        if any(sign in line for line in filled):
            return sign
    many = sum(line.count(",") > 1 for line in filled)
    return "," if filled and many * 2 > len(filled) else "\t"
