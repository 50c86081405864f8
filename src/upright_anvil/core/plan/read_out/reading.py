"""A plan read out: each cell's prescription or why it cannot be read, its time, its set blocks, its cautions."""

from collections.abc import Sequence
from dataclasses import dataclass
from functools import lru_cache
from typing import Literal

from upright_anvil.core.blocks import Athlete, Bar, planned_bar, planned_label
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.health.cautions import Caution, joint_cautions
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.document import Day, Group, Line, Phase, Week
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.resolving import load_caution, resolved, set_to
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes.base import SetPlan
from upright_anvil.core.prescription.text.shorthand import ShorthandError, Unreadable, read, write_parts
from upright_anvil.core.same import Same
from upright_anvil.core.timing.estimate import TimedBlock, TimedLine, day_seconds
from upright_anvil.core.timing.groups import group_seconds, line_seconds

CellState = Literal["empty", "read", "unreadable"]


@dataclass(frozen=True, slots=True)
class ReadCell:
    """A cell read out: its normal form or why it cannot be read, seconds of work and rest, one outline for its sets.

    ``work`` and ``manner`` are the two halves of the normal form (what is done, and how). ``bars`` has an outline for
    each set where the sets differ, else it is empty and ``bar`` stands for all. ``note`` says what the load comes to.
    """

    state: CellState
    text: str
    work: str = ""
    manner: str = ""
    sets: int = 0
    bar: Bar | None = None
    seconds: int = 0
    caution: str | None = None
    unreadable: Unreadable | None = None
    bars: tuple[Bar, ...] = ()
    note: str = ""


@dataclass(frozen=True, slots=True)
class _Text:
    """What a text always comes to, whoever it is for; ``differ`` are its sets where they are not all alike."""

    prescription: Prescription
    text: str
    work: str
    manner: str
    label: str
    sets: int
    differ: tuple[SetPlan, ...]


def _worked_out(text: str, unit: Unit) -> _Text:
    prescription = read(text, unit)
    work, manner = write_parts(prescription)
    normal = f"{work}, {manner}" if manner else work
    plans = prescription.plans
    differ = plans if len(set(plans)) > 1 else ()
    return _Text(prescription, normal, work, manner, planned_label(prescription), len(plans), differ)


def forget_texts() -> None:
    """Forget every text read so far; only a bench has a reason to."""
    read.cache_clear()
    seconds_of.cache_clear()
    _cells.clear()


_Cell = tuple[str, Unit, Same[Exercise], Same[Inventory], Athlete, Load | None]
_cells: dict[_Cell, ReadCell] = {}
"""What a text comes to for an exercise at a place, for a strength: the board asks for the same cells time and again."""

MOST_CELLS = 20_000


def read_cell(text: str, exercise: Exercise, profile: ClientProfile) -> ReadCell:
    """Read one cell as the board shows it. Never raises: what cannot be read comes back as it was typed."""
    if not text:
        return _EMPTY
    last = profile.last_loads.get(exercise.id)
    key = (text, profile.unit, Same(exercise), Same(profile.inventory), profile.athlete(exercise.id), last)
    found = _cells.get(key)
    if found is None:
        if len(_cells) >= MOST_CELLS:
            _cells.clear()
        found = _cells[key] = _read_cell(text, exercise, profile)
    return found


_EMPTY = ReadCell("empty", "")


def _read_cell(text: str, exercise: Exercise, profile: ClientProfile) -> ReadCell:
    try:
        line = _worked_out(text, profile.unit)
    except ShorthandError as error:
        return ReadCell("unreadable", text, unreadable=error.why)
    prescription = line.prescription
    athlete = profile.athlete(exercise.id)
    found = resolved(prescription.load, exercise, profile)
    return ReadCell(
        state="read",
        text=line.text,
        work=line.work,
        manner=line.manner,
        sets=line.sets,
        bar=planned_bar(prescription, exercise, athlete, line.label),
        seconds=seconds_of(text, profile.unit, Same(exercise)),
        caution=load_caution(prescription, exercise, profile),
        bars=tuple(planned_bar(prescription, exercise, athlete, plan=plan) for plan in line.differ),
        note=set_to(prescription, exercise, profile) or (found.why if found else ""),
    )


@lru_cache(maxsize=8192)
def seconds_of(text: str, unit: Unit, exercise: Same[Exercise]) -> int:
    """Answer the seconds a text takes as a line on its own; 0 where it is empty or cannot be read."""
    prescription = prescription_or_none(text, unit)
    return line_seconds(TimedLine(prescription, exercise.value, None)) if prescription else 0


@dataclass(frozen=True, slots=True)
class ReadLine:
    """A line read out, one cell a week, with what the client's joints say of the exercise."""

    line: Line
    exercise: Exercise
    cells: tuple[ReadCell, ...]
    joints: tuple[Caution, ...] = ()


@dataclass(frozen=True, slots=True)
class ReadGroup:
    """A group read out."""

    group: Group
    lines: tuple[ReadLine, ...]


@dataclass(frozen=True, slots=True)
class ReadDay:
    """A day read out: its groups, and the estimated seconds of each week."""

    day: Day
    groups: tuple[ReadGroup, ...]
    seconds: tuple[int, ...]

    @property
    def lines(self) -> tuple[ReadLine, ...]:
        """The day's lines in order."""
        return tuple(line for group in self.groups for line in group.lines)


def read_day(day: Day, weeks: Sequence[Week], profile: ClientProfile) -> ReadDay:
    """Read a day of a phase with these weeks, each at its place. House rule."""
    settings = profiles_by_week(day, weeks, profile)
    groups = tuple(
        ReadGroup(group, tuple(_line(line, weeks, settings) for line in group.lines)) for group in day.groups
    )
    return ReadDay(day, groups, tuple(_in_week(day, n, week, settings[n]) for n, week in enumerate(weeks)))


def profiles_by_week(day: Day, weeks: Sequence[Week], profile: ClientProfile) -> tuple[ClientProfile, ...]:
    """Answer the profile a day is read against in each week: the week's place, else the day's, else the usual one."""
    here = profile.at(day.place) if day.place else profile
    return tuple(profile.at(week.place) if week.place else here for week in weeks)


def _line(line: Line, weeks: Sequence[Week], settings: Sequence[ClientProfile]) -> ReadLine:
    cells = tuple(
        read_cell(cell.text, profile.exercise(line.exercise_in(week)), profile)
        for cell, week, profile in zip(line.cells, weeks, settings, strict=True)
    )
    exercise = settings[0].exercise(line.exercise)
    return ReadLine(line, exercise, cells, joint_cautions(exercise, settings[0].standing))


def timed(lines: Sequence[tuple[Line, str]], week: Week, profile: ClientProfile) -> list[TimedLine | None]:
    """Answer lines with their texts as they are timed in a week; None for one that cannot be read or rests."""
    found: list[TimedLine | None] = []
    for line, text in lines:
        prescription = prescription_or_none(text, profile.unit)
        exercise = profile.exercise(line.exercise_in(week))
        implement = exercise.implement_at(profile.inventory)
        found.append(TimedLine(prescription, exercise, implement) if prescription else None)
    return found


def day_estimate(day: Day, weeks: Sequence[Week], number: int, profile: ClientProfile) -> int:
    """Answer the estimated seconds of a day in one week (index from 0); resting and unreadable lines count none."""
    return _in_week(day, number, weeks[number], profiles_by_week(day, (weeks[number],), profile)[0])


def _in_week(day: Day, number: int, week: Week, here: ClientProfile) -> int:
    blocks = []
    for group in day.groups:
        texts = [(line, line.cells[number].text) for line in group.lines if line.cells[number].text]
        trained = [t for t in timed(texts, week, here) if t]
        if trained:
            alone = len(trained) == 1 == len(texts)
            same = Same(trained[0].exercise)
            seconds = seconds_of(texts[0][1], here.unit, same) if alone else group_seconds(group, trained)
            blocks.append(TimedBlock(seconds, trained[0].implement, trained[-1].implement, group.break_after))
    return day_seconds(blocks, here.pace)


def prescription_or_none(text: str, unit: Unit) -> Prescription | None:
    """Answer the prescription of a text, None where it is empty or cannot be read."""
    try:
        return read(text, unit) if text else None
    except ShorthandError:
        return None


def read_phase(phase: Phase, profile: ClientProfile) -> tuple[ReadDay, ...]:
    """Read all days of a phase, by weekday."""
    return tuple(read_day(d, phase.weeks, profile) for d in sorted(phase.days, key=lambda d: d.weekday))
