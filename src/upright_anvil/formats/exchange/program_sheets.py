"""A program as rows for people: CSV a phase, or a spreadsheet with a sheet a phase, as the board looks.

The spreadsheet carries the whole program beside its rows (a hidden sheet, and a hidden column with the lines' ids), so
that reading it back loses nothing and takes over what was typed into its cells.
"""

import csv
import io
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass
from typing import Any, Final
from zipfile import BadZipFile, ZipFile

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ExerciseId, LineId
from upright_anvil.core.plan.document import Phase, Program
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.formats.exchange.program_file import MOST_BYTES, ProgramFile, read_program
from upright_anvil.formats.exchange.safe_cell import as_typed, safe

HIDDEN: Final = "upright-anvil"
PIECE: Final = 30_000
"""Letters of the hidden document a cell; a cell takes 32,767."""

MOST_UNPACKED: Final = 40_000_000
WIDE, NARROW = 34, 16
WEEKDAYS: Final = ("Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday")


@dataclass(frozen=True, slots=True)
class SheetRow:
    """A row of a phase: its line (none for the name of a day), and its cells."""

    line: LineId | None
    cells: tuple[str, ...]


def rows_of(program: Program, phase: Phase, names: Mapping[ExerciseId, str]) -> Iterator[SheetRow]:
    """Answer a phase as rows: heading, then each day's name and its lines, a column a week."""
    numbers = [number for number, (p, _, _) in enumerate(program.weeks(), start=1) if p.id == phase.id]
    yield SheetRow(None, ("Section", "Together", "Exercise", *(f"Week {number}" for number in numbers)))
    for day in sorted(phase.days, key=lambda one: one.weekday):
        yield SheetRow(None, (f"{day.name} ({WEEKDAYS[day.weekday]})",))
        for group in day.groups:
            together = (group.pairing.value or group.kind.value) if len(group.lines) > 1 else ""
            for line in group.lines:
                name = names.get(line.exercise, line.exercise)
                other = f" / B weeks: {names.get(line.exercise_b, line.exercise_b)}" if line.exercise_b else ""
                texts = (cell.text for cell in line.cells)
                yield SheetRow(line.id, (group.section.value, together, name + other, *texts))


def program_csv(program: Program, phase: Phase, names: Mapping[ExerciseId, str]) -> str:
    """Answer a phase as CSV; cells that a spreadsheet would take for formulas are marked as text."""
    out = io.StringIO()
    writer = csv.writer(out)
    for row in rows_of(program, phase, names):
        writer.writerow([safe(cell) for cell in row.cells])
    return out.getvalue()


def program_xlsx(file: ProgramFile) -> bytes:
    """Answer a program as a spreadsheet: a sheet a phase, and the whole of it hidden beside."""
    from openpyxl import Workbook

    book = Workbook()
    book.remove(book.active)
    names = {ExerciseId(key): name for key, name in file.exercises.items()}
    for number, phase in enumerate(file.program.phases, start=1):
        sheet = book.create_sheet(_title(phase.name, number))
        for at, row in enumerate(rows_of(file.program, phase, names), start=1):
            _write(sheet, at, row)
        sheet.column_dimensions["A"].hidden = True
        for column, width in (("B", NARROW), ("C", NARROW), ("D", WIDE)):
            sheet.column_dimensions[column].width = width
        for week in range(len(phase.weeks)):
            sheet.column_dimensions[sheet.cell(1, 5 + week).column_letter].width = WIDE
        sheet.freeze_panes = "E2"
    hidden = book.create_sheet(HIDDEN)
    hidden.sheet_state = "hidden"
    document = file.model_dump_json()
    for begin in range(0, len(document), PIECE):
        _text(hidden.cell(begin // PIECE + 1, 1), document[begin : begin + PIECE])
    out = io.BytesIO()
    book.save(out)
    return out.getvalue()


def _title(name: str, number: int) -> str:
    """A name that a sheet may have: 31 letters, none of those it may not, each its own."""
    clean = "".join(letter for letter in name if letter not in r"[]:*?/\'").strip()
    return f"{number} {clean}"[:31]


def _write(sheet: Any, at: int, row: SheetRow) -> None:
    from openpyxl.styles import Alignment, Font

    _text(sheet.cell(at, 1), row.line or "")
    for column, cell in enumerate(row.cells, start=2):
        _text(sheet.cell(at, column), cell)
        sheet.cell(at, column).alignment = Alignment(wrap_text=True, vertical="top")
        if row.line is None:
            sheet.cell(at, column).font = Font(bold=True)


def _text(cell: Any, text: str) -> None:
    """Write a cell as text, whatever it begins with."""
    cell.value = text
    cell.data_type = "s"
    cell.quotePrefix = text[:1] in "=+-@"


@dataclass(frozen=True, slots=True)
class ReadSheets:
    """The program of a spreadsheet with what was typed into it, and in words what could not be taken over."""

    file: ProgramFile
    lost: tuple[str, ...]


def read_xlsx(content: bytes) -> ReadSheets:
    """Read a spreadsheet that was written here, with what was changed in its cells since.

    Raises `DomainError` where it is none, was made elsewhere, or unpacks to more than any program.
    """
    from openpyxl import load_workbook
    from openpyxl.utils.exceptions import InvalidFileException

    if len(content) > MOST_BYTES:
        raise DomainError("The file is larger than any program; choose a program file (.json or .xlsx).")
    try:
        unpacked = sum(entry.file_size for entry in ZipFile(io.BytesIO(content)).infolist())
        book = load_workbook(io.BytesIO(content), data_only=True) if unpacked <= MOST_UNPACKED else None
    except (BadZipFile, InvalidFileException, KeyError, ValueError, OSError) as fault:
        raise DomainError("This is no spreadsheet file (.xlsx).") from fault
    if book is None:
        raise DomainError("The spreadsheet unpacks to more than any program.")
    if HIDDEN not in book.sheetnames:
        raise DomainError("This spreadsheet was not written here: paste its rows on the board instead.")
    pieces = (str(row[0]) for row in book[HIDDEN].iter_rows(max_col=1, values_only=True) if row[0] is not None)
    file = read_program("".join(pieces).encode())
    program, lost = file.program, list[str]()
    sheets = [sheet for sheet in book.worksheets if sheet.title != HIDDEN]
    for phase, sheet in zip(file.program.phases, sheets, strict=False):
        rows = list(sheet.iter_rows(min_row=2, values_only=True))
        program = _with_cells(program, phase, rows, sheet.title, lost)
    if len(sheets) != len(file.program.phases):
        lost.append(f"{len(sheets)} sheets for {len(file.program.phases)} phases: phases are added on the board.")
    return ReadSheets(file.model_copy(update={"program": program}), tuple(lost))


def _with_cells(
    program: Program, phase: Phase, rows: Sequence[Sequence[object]], title: str, lost: list[str]
) -> Program:
    known = {line.id: line for day in phase.days for line in day.lines}
    seen: set[LineId] = set()
    for at, row in enumerate(rows, start=2):
        words = ["" if cell is None else as_typed(str(cell)) for cell in row]
        line = known.get(LineId(words[0])) if words and words[0] else None
        if line is None:
            if any(words[4:]):
                lost.append(f"{title}, row {at}: a new line; add it on the board, with its exercise.")
            continue
        seen.add(line.id)
        texts = (words[4:] + [""] * len(phase.weeks))[: len(phase.weeks)]
        for week, cell, text in zip(phase.weeks, line.cells, texts, strict=True):
            if text != cell.text:
                program = SetCell(line=line.id, week=week.id, text=text).apply(program)
    gone = len(known) - len(seen)
    if gone:
        lost.append(
            f"{title}: {gone} line{'s' if gone > 1 else ''} missing there; taken out on the board, not by a file."
        )
    return program
