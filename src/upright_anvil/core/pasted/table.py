"""A pasted text as a table: cells by tabs, semicolons or commas, whichever it has; bounded, formulas told."""

import csv
import io
import re
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from typing import Final

from upright_anvil.core.errors import DomainError

MOST_ROWS: Final = 600
"""More rows than this are no phase of a program."""

MOST_CELLS: Final = 60
"""Cells of a row that are looked at."""

MOST_LETTERS: Final = 400
"""Letters of a cell that are kept."""


HEADING_WITHIN: Final = 12
"""Rows at the top among which the heading is looked for."""


@dataclass(frozen=True, slots=True)
class LeftRow:
    """A row, or a part of it, that was left: its number (from 1), its words, and why."""

    row: int
    words: str
    why: str


def table_of(text: str, most: int = MOST_ROWS, advice: str = "Paste one phase at a time.") -> list[list[str]]:
    """Answer the rows of a pasted text, each a list of trimmed cells; empty rows stay, so that numbers hold.

    Raises `DomainError` for more than ``most`` rows, with ``advice``. House rule.
    """
    lines = text.replace("\r\n", "\n").replace("\r", "\n").strip("\n").split("\n")
    if len(lines) > most:
        raise DomainError(f"These are {len(lines):,} rows; at most {most:,} at once. {advice}")
    reader = csv.reader(io.StringIO("\n".join(lines)), delimiter=_delimiter(lines), strict=False)
    try:
        return [[" ".join(cell.split())[:MOST_LETTERS] for cell in row[:MOST_CELLS]] for row in reader]
    except csv.Error as fault:
        raise DomainError("This is no table: copy the cells in your spreadsheet and paste them here.") from fault


def role_of(cell: str, roles: Mapping[str, str]) -> str:
    """Answer what a column's heading says it holds: the first of ``roles`` whose pattern it is; empty for none."""
    plain = cell.strip().lower().strip(":*")
    return next((role for role, words in roles.items() if plain and re.fullmatch(words, plain)), "")


def formula_in(number: int, cells: Sequence[str]) -> LeftRow | None:
    """Answer that a row holds a formula instead of what it comes to; None where it does not."""
    if not any(cell.lstrip().startswith("=") for cell in cells):
        return None
    return LeftRow(number, " ".join(filter(None, cells)), "A formula: paste its values.")


def _delimiter(lines: list[str]) -> str:
    filled = [line for line in lines if line.strip()]
    for sign in ("\t", ";"):
        if any(sign in line for line in filled):
            return sign
    many = sum(line.count(",") > 1 for line in filled)
    return "," if filled and many * 2 > len(filled) else "\t"
