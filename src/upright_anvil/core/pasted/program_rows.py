"""The days, lines and weeks of a pasted program, row by row, with what was not understood.

Read are tables with a heading row (exercise, sets, reps, load, tempo, rest, reserve, notes, day, week, or a column a
week, also with sets, reps and load under each week), and plain lists: a day's name alone in its row, below it lines
such as ``goblet squat 3x10 16``, or a name and a text for each week.
"""

import re
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field
from typing import Final

from upright_anvil.core.errors import DomainError
from upright_anvil.core.pasted.row_text import row_text
from upright_anvil.core.pasted.table import HEADING_WITHIN, LeftRow, formula_in, role_of
from upright_anvil.core.prescription.text.named import parted

MOST_WEEKS: Final = 26
MOST_DAYS: Final = 7
"""Weeks and days that one phase takes."""

COLUMNS: Final[Mapping[str, str]] = {
    "exercise": r"exercises?|movements?|lifts?|name|drill|exercise name",
    "sets": r"sets?|series|rounds?",
    "reps": r"rep(?:etition)?s?|rep range|reps?/time|volume|target(?: reps)?",
    "load": r"loads?|weights?|kg|lbs?|resistance|load \(?(?:kg|lbs?)\)?|weight \(?(?:kg|lbs?)\)?",
    "percent": r"%|%\s*1rm|percent(?:age)?|intensity",
    "tempo": r"tempo",
    "rest": r"rest(?: period| time)?|pause|rest \(?s(?:ec)?\)?",
    "reserve": r"rir|reserve|reps left|reps in reserve|left",
    "rpe": r"rpe",
    "notes": r"notes?|comments?|remarks?|cues?|coaching(?: notes)?",
    "day": r"days?|session|workout",
    "week": r"week|wk|microcycle",
    "order": r"#|no\.?|order|nr\.?|block|group|series id",
    "text": r"prescription|plan|sets? ?x ?reps?|scheme|sets and reps|sets & reps",
}
_WEEK = re.compile(r"(?:week|wk|w)\.?\s*(\d{1,2})\b.*", re.I)
_DAY = re.compile(
    r"(?:day|session|workout|training)\s*[\w-]*\b.*|(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?\b.*"
    r"|(?:upper|lower|push|pull|legs?|full|whole)(?: body)?(?: day)?(?: [a-d1-4])?|[a-d]",
    re.I,
)
WEEKDAYS: Final = ("mon", "tue", "wed", "thu", "fri", "sat", "sun")


@dataclass(frozen=True, slots=True)
class PastedLine:
    """A line of the pasted program: its first row (from 1), its day (from 0), the name as typed, a text each week."""

    row: int
    day: int
    name: str
    texts: tuple[str, ...]
    note: str = ""


@dataclass(frozen=True, slots=True)
class PastedDay:
    """A day: its name, and its weekday from Monday = 0; None where the table does not say it."""

    name: str
    weekday: int | None


@dataclass(frozen=True, slots=True)
class PastedProgram:
    """What a pasted table says: days, lines, how many weeks, and rows that were left with the reason."""

    days: tuple[PastedDay, ...]
    lines: tuple[PastedLine, ...]
    weeks: int
    left: tuple[LeftRow, ...]


@dataclass(slots=True)
class _Reading:
    """What has been read so far."""

    columns: list[tuple[int, str]]
    days: list[str] = field(default_factory=list)
    lines: dict[tuple[int, str, int], tuple[int, dict[int, str], str]] = field(default_factory=dict)
    left: list[LeftRow] = field(default_factory=list)
    week: int = 1
    day: int = 0


def program_rows(table: Sequence[Sequence[str]]) -> PastedProgram:
    """Answer what the rows say. Raises `DomainError` where there is no line at all, or more than a phase takes."""
    start, columns = _heading(table)
    reading = _Reading(columns)
    for number, row in enumerate(table[start:], start + 1):
        if any(row):
            _row(reading, number, row)
    if not reading.lines:
        raise DomainError("No row names an exercise. Copy the rows with their names, best with the heading row.")
    weeks = max(week for _, texts, _ in reading.lines.values() for week in texts)
    if weeks > MOST_WEEKS or len(reading.days) > MOST_DAYS:
        raise DomainError(f"A phase has at most {MOST_WEEKS} weeks and {MOST_DAYS} days; paste one phase at a time.")
    lines = [
        PastedLine(row, day, name, tuple(_carried(texts, weeks)), note)
        for (day, name, _), (row, texts, note) in reading.lines.items()
    ]
    days = [PastedDay(name, _weekday(name)) for name in reading.days]
    return PastedProgram(tuple(days), tuple(lines), weeks, tuple(reading.left))


def _heading(table: Sequence[Sequence[str]]) -> tuple[int, list[tuple[int, str]]]:
    """The row below the heading, and what each column says: its week (0: all) and its role; none without a heading."""
    for at, row in enumerate(table[:HEADING_WITHIN]):
        weeks = {column: int(found.group(1)) for column, cell in enumerate(row) if (found := _WEEK.fullmatch(cell))}
        roles = [role_of(cell, COLUMNS) for cell in row]
        if "exercise" in roles or (len(weeks) > 1 and not roles[0]):
            below = [role_of(cell, COLUMNS) for cell in table[at + 1]] if at + 1 < len(table) else []
            if len(weeks) > 1 and len([role for role in below if role]) > len(weeks):
                return at + 2, _under_weeks(roles, weeks, below)
            names = "exercise" in roles
            return at + 1, [
                (weeks.get(column, 0), "text" if column in weeks else role or ("" if names or column else "exercise"))
                for column, role in enumerate(roles)
            ]
    return 0, []


def _under_weeks(roles: list[str], weeks: Mapping[int, int], below: list[str]) -> list[tuple[int, str]]:
    """Columns of a two-row heading: a week stands over its columns up to the next one, as merged cells leave it."""
    columns, week = [], 0
    for column in range(max(len(roles), len(below))):
        week = weeks.get(column, week)
        role = below[column] if column < len(below) and below[column] else roles[column] if column < len(roles) else ""
        columns.append((week if role not in ("exercise", "day", "order") else 0, role))
    return columns


def _row(reading: _Reading, number: int, row: Sequence[str]) -> None:
    cells = [cell.strip() for cell in row]
    if told := formula_in(number, cells):
        reading.left.append(told)
        return
    filled = [cell for cell in cells if cell]
    if len(filled) == 1 and (found := _WEEK.fullmatch(filled[0])):
        reading.week = int(found.group(1))
    elif len(filled) == 1 and _is_day(filled[0]):
        _day(reading, filled[0])
    elif reading.columns:
        _under_heading(reading, number, cells)
    else:
        _plain_row(reading, number, filled)


def _is_day(cell: str) -> bool:
    return bool(_DAY.fullmatch(cell.rstrip(":"))) and not re.search(r"\d\s*x\s*\d|\d\s*(?:kg|lb|s|reps?)\b", cell)


def _day(reading: _Reading, name: str) -> None:
    """Go on to a day; the same name again, below another week, is the same day."""
    name = name.rstrip(":").strip()
    if name not in reading.days:
        reading.days.append(name)
    reading.day = reading.days.index(name)


def _under_heading(reading: _Reading, number: int, cells: Sequence[str]) -> None:
    said: dict[int, dict[str, str]] = {}
    for (week, role), cell in zip(reading.columns, cells, strict=False):
        if cell and role:
            said.setdefault(week, {})[role] = f"{said.get(week, {}).get(role, '')} {cell}".strip()
    whole = said.pop(0, {})
    name = whole.pop("exercise", "")
    if day := whole.pop("day", ""):
        _day(reading, day if not day.isdigit() else f"Day {day}")
    if not name:
        reading.left.append(LeftRow(number, " ".join(filter(None, cells)), "No exercise stands in this row."))
        return
    found = re.search(r"\d+", whole.pop("week", ""))
    week = int(found.group()) if found else reading.week
    note = whole.pop("notes", "")
    texts = {one: row_text({**whole, **own}) for one, own in said.items()} or {week: row_text(whole)}
    typed = parted(name)
    if typed.line and not any(texts.values()):
        name, texts = typed.name, {week: typed.line}
    _line(reading, number, name, texts, note)


def _plain_row(reading: _Reading, number: int, filled: Sequence[str]) -> None:
    typed = parted(filled[0])
    texts = list(filled[1:]) or [typed.line]
    name = typed.name if not filled[1:] else filled[0]
    if not re.search(r"[^\W\d_]{2,}", name):
        reading.left.append(LeftRow(number, " ".join(filled), "No name of an exercise stands in this row."))
        return
    first = reading.week
    _line(reading, number, name, {first + n: text for n, text in enumerate(texts)}, "")


def _line(reading: _Reading, number: int, name: str, texts: Mapping[int, str], note: str) -> None:
    """Keep a line; the same exercise of the same day in another week is the same line."""
    if not reading.days:
        _day(reading, "Day 1")
    for again in range(len(reading.lines) + 1):
        key = (reading.day, name, again)
        known = reading.lines.get(key)
        if known is None:
            reading.lines[key] = (number, dict(texts), note)
            return
        if known[1].keys().isdisjoint(texts):
            known[1].update(texts)
            return


def _carried(texts: Mapping[int, str], weeks: int) -> list[str]:
    """A text for each week: where a week says nothing, what the week before says."""
    found, last = [], texts[min(texts)]
    for week in range(1, weeks + 1):
        last = texts.get(week) or last
        found.append(last)
    return found


def _weekday(name: str) -> int | None:
    found = re.search(rf"\b({'|'.join(WEEKDAYS)})", name.lower())
    return WEEKDAYS.index(found.group(1)) if found else None
