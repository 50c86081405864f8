"""The sessions that a pasted log says were held: what was done, day by day and exercise by exercise.

Read are tables with a heading row (date, exercise, and sets, reps, load, seconds, distance, reserve, notes, client; a
row a set or a row an exercise), tables with a column a day, and plain lists: a day alone in its row, below it lines
such as ``goblet squat 3x10 16``.
"""

import re
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field
from datetime import date
from itertools import pairwise
from typing import Final

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.pasted.dates import DayOrder, date_of, day_order
from upright_anvil.core.pasted.program_rows import COLUMNS
from upright_anvil.core.pasted.row_text import row_text
from upright_anvil.core.pasted.table import HEADING_WITHIN, LeftRow, formula_in, role_of
from upright_anvil.core.prescription.load_targets import BodyweightLoad, Coded, LoadTarget, as_weight
from upright_anvil.core.prescription.schemes.base import SetPlan
from upright_anvil.core.prescription.targets import Distance, Most, Reps, Seconds
from upright_anvil.core.prescription.text.named import parted
from upright_anvil.core.prescription.text.shorthand import read

OLDEST_YEARS: Final = 30
"""Years back; an earlier day is a slip of the keyboard. House rule."""

MOST_SETS_A_DAY: Final = 60
"""Sets of one exercise on one day; more are the same rows twice. House rule."""

_ROLES: Final[Mapping[str, str]] = {
    "date": r"dates?|day|when|performed(?: on)?|session date|workout date|datum",
    "client": r"clients?|athlete|name of client|client name|who",
    "number": r"set|set ?(?:#|no\.?|number|nr\.?)|#",
    "seconds": r"seconds|secs?|time|duration|time ?\(?s(?:ec)?\)?|hold",
    "distance": r"distance|metres|meters|m|distance ?\(?(?:m|km)\)?",
    "effort": r"effort|session rpe|srpe",
    **{role: words for role, words in COLUMNS.items() if role not in ("day", "week", "order", "percent", "tempo")},
}
_POUNDS = re.compile(r".*\blbs?\b.*", re.I)
_KILOMETRES = re.compile(r".*\bkm\b.*", re.I)
_LIST = re.compile(r"\d+(?:\s*[,;/ ]\s*\d+)+")
_LOADS = re.compile(r"(\d+(?:\.\d+)?(?:\s*[,;/]\s*\d+(?:\.\d+)?)+)\s*(kg|lbs?)?", re.I)
_DECIMAL = re.compile(r"\d+,(?:\d|25|50|75)(?!\d)")


@dataclass(frozen=True, slots=True)
class DoneSet:
    """A set that was done: repetitions, or seconds, or metres with the seconds they took; ``load`` as it was written.

    ``assisted`` says that the load was taken off the body's weight, ``reserve`` is repetitions left.
    """

    reps: int | None = None
    seconds: int | None = None
    metres: int | None = None
    load: Load | None = None
    assisted: bool = False
    reserve: int | None = None
    note: str = ""


@dataclass(frozen=True, slots=True)
class DoneExercise:
    """An exercise of a session: the row it first stands in (from 1), its name as typed, its sets in order."""

    row: int
    name: str
    sets: tuple[DoneSet, ...]


@dataclass(frozen=True, slots=True)
class PastSession:
    """A session: its day, the client's name where the table has one, what was done."""

    on: date
    client: str
    exercises: tuple[DoneExercise, ...]


@dataclass(frozen=True, slots=True)
class PastLog:
    """What a pasted log says; ``order`` is how its dates were read, ``left`` the rows that were left, and why."""

    sessions: tuple[PastSession, ...]
    left: tuple[LeftRow, ...]
    order: DayOrder


@dataclass(slots=True)
class _Reading:
    """What has been read so far; ``now`` is the day, client and exercise that a row without its own goes on with."""

    unit: Unit
    today: date
    order: DayOrder
    numbered: bool = False
    done: dict[tuple[date, str], dict[str, tuple[int, list[DoneSet]]]] = field(default_factory=dict)
    left: list[LeftRow] = field(default_factory=list)
    day: date | None = None
    client: str = ""
    exercise: str = ""


def session_rows(table: Sequence[Sequence[str]], unit: Unit, today: date) -> PastLog:
    """Answer the sessions of a table, oldest first; ``unit`` is that of loads without one.

    Raises `DomainError` where no row says what was done on a day.
    """
    start, columns, days = _heading(table, today)
    cells = [cell for row in table for cell in row]
    reading = _Reading(unit, today, day_order(cells))
    if any(role == "load" and _POUNDS.fullmatch(table[start - 1][at]) for at, role in columns.items()):
        reading.unit = Unit.LB
    reading.numbered = _one_row_a_set(table[start:], columns)
    kilometres = any(role == "distance" and _KILOMETRES.fullmatch(table[start - 1][at]) for at, role in columns.items())
    for number, row in enumerate(table[start:], start + 1):
        filled = [cell for cell in row if cell]
        if not filled:
            continue
        if told := formula_in(number, row):
            reading.left.append(told)
        elif len(filled) == 1 and (on := date_of(filled[0].rstrip(":"), reading.order, today)):
            _to_day(reading, number, filled[0], on)
        elif days:
            _under_days(reading, number, row, days)
        elif columns:
            said = {role: row[at] for at, role in columns.items() if at < len(row) and row[at]}
            if kilometres and re.fullmatch(r"[\d.,]+", said.get("distance", "")):
                said["distance"] += " km"
            _under_heading(reading, number, said, filled)
        else:
            _plain_row(reading, number, filled)
    if not reading.done:
        why = f" Row {reading.left[0].row}: {reading.left[0].why}" if reading.left else ""
        raise DomainError(
            f"No row says what was done on a day. Copy the rows with their dates, best with the heading row.{why}"
        )
    sessions = [
        PastSession(on, client, tuple(DoneExercise(row, name, tuple(sets)) for name, (row, sets) in exercises.items()))
        for (on, client), exercises in sorted(reading.done.items(), key=lambda item: item[0])
    ]
    return PastLog(tuple(sessions), tuple(reading.left), reading.order)


def _heading(table: Sequence[Sequence[str]], today: date) -> tuple[int, dict[int, str], dict[int, str]]:
    """The row below the heading, the role of each column, and, where days stand across, the day of each column."""
    for at, row in enumerate(table[:HEADING_WITHIN]):
        roles = {column: role for column, cell in enumerate(row) if (role := role_of(cell, _ROLES))}
        if {"date", "exercise"} <= set(roles.values()) or {"exercise", "reps"} <= set(roles.values()):
            return at + 1, {column: role for column, role in roles.items() if role != "day"}, {}
        order = day_order(row)
        days = {column: cell for column, cell in enumerate(row) if column and date_of(cell, order, today)}
        if len(days) > 1:
            return at + 1, {}, days
    return 0, {}, {}


def _one_row_a_set(rows: Sequence[Sequence[str]], columns: Mapping[int, str]) -> bool:
    """Whether a column "set" counts them one by one: an exercise then stands in several rows, or it is 1 all along."""
    at = {role: column for column, role in columns.items()}
    if "number" not in at:
        return False
    said = [row[at["number"]] for row in rows if at["number"] < len(row) and row[at["number"]]]
    return ("1", "2") in pairwise(said) or set(said) <= {"1"}


def _to_day(reading: _Reading, number: int, words: str, on: date) -> bool:
    """Go on to a day, unless it has not come yet or lies too far back."""
    reading.day = None
    if on > reading.today:
        reading.left.append(LeftRow(number, words, f"{on:%d %b %Y} has not come yet."))
    elif on.year < reading.today.year - OLDEST_YEARS:
        reading.left.append(LeftRow(number, words, f"{on:%d %b %Y} lies more than {OLDEST_YEARS} years back."))
    else:
        reading.day = on
    return reading.day is not None


def _under_heading(reading: _Reading, number: int, said: dict[str, str], filled: Sequence[str]) -> None:
    words = " ".join(filled)
    if written := said.pop("date", ""):
        on = date_of(written, reading.order, reading.today)
        if on is None:
            reading.day = None
            reading.left.append(LeftRow(number, words, f"“{written}” is no day. Write it like 2026-03-02."))
            return
        if not _to_day(reading, number, words, on):
            return
        reading.exercise = ""
    reading.client = said.pop("client", reading.client)
    reading.exercise = said.pop("exercise", reading.exercise)
    note = said.pop("notes", "")
    said.pop("effort", "")
    counted = said.pop("number", "")
    if counted and not reading.numbered:
        said.setdefault("sets", counted)
    if reading.day is None:
        reading.left.append(LeftRow(number, words, "No day stands in this row or above it."))
    elif not reading.exercise:
        reading.left.append(LeftRow(number, words, "No exercise stands in this row."))
    else:
        _keep(reading, number, reading.exercise, _as_done(said), note)


def _under_days(reading: _Reading, number: int, row: Sequence[str], days: Mapping[int, str]) -> None:
    name = next((cell for at, cell in enumerate(row) if cell and at not in days), "")
    if not name:
        reading.left.append(LeftRow(number, " ".join(filter(None, row)), "No exercise stands in this row."))
        return
    for at, written in days.items():
        on = date_of(written, reading.order, reading.today)
        if at < len(row) and row[at] and on and _to_day(reading, number, f"{name} {written}", on):
            _keep(reading, number, name, row[at], "")


def _plain_row(reading: _Reading, number: int, filled: Sequence[str]) -> None:
    cells = list(filled)
    if on := date_of(cells[0], reading.order, reading.today):
        if not _to_day(reading, number, " ".join(cells), on):
            return
        cells = cells[1:]
    typed = parted(cells[0])
    name, text = (cells[0], ", ".join(cells[1:])) if cells[1:] else (typed.name, typed.line)
    if reading.day is None:
        reading.left.append(LeftRow(number, " ".join(filled), "No day stands in this row or above it."))
    elif not text:
        reading.left.append(LeftRow(number, " ".join(filled), "It does not say what was done."))
    else:
        _keep(reading, number, name, text, "")


def _as_done(said: Mapping[str, str]) -> str:
    """The shorthand of a row of a log: several repetitions or loads in a cell are those of the sets."""
    said = dict(said)
    reps = said.get("reps", "")
    if _LIST.fullmatch(reps):
        said["text"] = "/".join(re.findall(r"\d+", reps))
    load = said.get("load", "")
    if (several := _LOADS.fullmatch(load)) and not _DECIMAL.fullmatch(several.group(1)):
        said["load"] = "/".join(re.findall(r"\d+(?:\.\d+)?", several.group(1))) + f" {several.group(2) or ''}".rstrip()
    seconds, distance = said.pop("seconds", ""), said.pop("distance", "")
    took = f"{seconds} s" if re.fullmatch(r"\d+", seconds) else seconds
    covered = f"{distance} m" if re.fullmatch(r"\d+", distance) else distance
    if "reps" not in said and (covered or took):
        said["reps"] = covered or took
    text = row_text({role: cell for role, cell in said.items() if role != "rest"})
    return f"{text}, in {took}" if covered and took else text


def _keep(reading: _Reading, number: int, name: str, text: str, note: str) -> None:
    """Keep what was done of an exercise on the day; the same one again adds its sets."""
    assert reading.day is not None  # noqa: S101 - the caller has checked
    try:
        sets = sets_done(text, reading.unit, note)
    except DomainError as refusal:
        reading.left.append(LeftRow(number, f"{name}: {text}", str(refusal)))
        return
    exercises = reading.done.setdefault((reading.day, reading.client), {})
    before = exercises.setdefault(name, (number, []))[1]
    if len(before) + len(sets) > MOST_SETS_A_DAY:
        reading.left.append(LeftRow(number, f"{name}: {text}", f"More than {MOST_SETS_A_DAY} sets on one day."))
        return
    before += sets


def sets_done(text: str, unit: Unit, note: str = "") -> list[DoneSet]:
    """Answer the sets that a line in shorthand says were done; ``note`` goes with the first.

    Raises `DomainError` for what cannot be read, and for what says a plan instead of what was done: a range, as many as
    possible, a share of the maximum.
    """
    if not text.strip():
        raise DomainError("It does not say what was done.")
    asked = read(text, unit)
    sets = [_done(plan, asked.left, asked.within) for plan in asked.plans]
    return [sets[0] if not note else _with_note(sets[0], note), *sets[1:]]


def _with_note(done: DoneSet, note: str) -> DoneSet:
    said = f"{done.note}, {note}" if done.note else note
    return DoneSet(done.reps, done.seconds, done.metres, done.load, done.assisted, done.reserve, said[:200])


def _done(plan: SetPlan, reserve: int | None, took: int | None) -> DoneSet:
    load, assisted, note = _load(plan.load)
    match plan.target:
        case Reps(low=low, high=high) if low == high:
            return DoneSet(reps=low, load=load, assisted=assisted, reserve=reserve, note=note)
        case Seconds(seconds=seconds, low=None):
            return DoneSet(seconds=seconds, load=load, assisted=assisted, note=note)
        case Distance(metres=metres):
            return DoneSet(metres=metres, seconds=took, load=load, assisted=assisted, note=note)
        case Most():
            raise DomainError("“max” is a plan: how many were done?")
        case _:
            raise DomainError(f"“{plan.target}” is a plan: how many were done?")


def _load(load: LoadTarget | None) -> tuple[Load | None, bool, str]:
    """A load as a set keeps it: its weight, whether it was taken off, and what else was said of it."""
    weight = as_weight(load)
    if weight is None or isinstance(weight, Load):
        return weight, False, "" if load is weight else str(load)
    if isinstance(weight, BodyweightLoad):
        return weight.added, weight.assisted, ""
    if isinstance(weight, Coded):
        return None, False, str(weight)
    raise DomainError(f"“{weight}” is a plan: which load was it?")
