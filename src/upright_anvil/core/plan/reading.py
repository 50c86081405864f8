"""A plan read out: each cell's prescription or why it cannot be read, its time, its set blocks, its cautions."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field
from decimal import Decimal
from functools import lru_cache
from typing import Literal

from upright_anvil.core.blocks import Athlete, Bar, planned_bar, planned_label
from upright_anvil.core.exercises import Exercise, unknown_exercise
from upright_anvil.core.health.cautions import Caution, joint_cautions
from upright_anvil.core.health.history import Standing
from upright_anvil.core.library.ladders import Ladders
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.document import Day, Line, Phase
from upright_anvil.core.prescription.load_targets import BodyweightLoad
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.shorthand import ShorthandError, Unreadable, read, write_parts
from upright_anvil.core.timing.estimate import TimedLine, day_seconds, line_seconds, transition_seconds


@dataclass(frozen=True, slots=True)
class Setting:
    """What a plan is read against: the client's unit, body and joints, the place, the exercises, the pace."""

    unit: Unit = Unit.KG
    inventory: Inventory = field(default_factory=Inventory)
    exercises: Mapping[str, Exercise] = field(default_factory=dict)
    max_kg: Mapping[str, Decimal] = field(default_factory=dict)
    body_kg: Decimal | None = None
    standing: tuple[Standing, ...] = ()
    ladders: Ladders = field(default_factory=lambda: Ladders(()))
    pace: float = 1.0

    def exercise(self, exercise_id: str) -> Exercise:
        """Answer the exercise, or a stand-in for one that is gone."""
        return self.exercises.get(exercise_id) or unknown_exercise(exercise_id)

    def athlete(self, exercise_id: str) -> Athlete:
        """Answer what the set blocks of this exercise are drawn against."""
        return Athlete(self.body_kg, self.max_kg.get(exercise_id))


CellState = Literal["empty", "read", "unreadable"]


@dataclass(frozen=True, slots=True)
class ReadCell:
    """A cell read out: its normal form or why it cannot be read, seconds of work and rest, one outline for its sets.

    ``work`` and ``manner`` are the two halves of the normal form (what is done, and how).
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


@dataclass(frozen=True, slots=True)
class _Remembered:
    """What a text always comes to, whoever it is for."""

    prescription: Prescription
    text: str
    work: str
    manner: str
    label: str


@lru_cache(maxsize=8192)
def _remembered(text: str, unit: Unit) -> _Remembered:
    prescription = read(text, unit)
    work, manner = write_parts(prescription)
    normal = f"{work}, {manner}" if manner else work
    return _Remembered(prescription, normal, work, manner, planned_label(prescription))


def forget_texts() -> None:
    """Forget every text read so far; only a bench has a reason to."""
    _remembered.cache_clear()
    read.cache_clear()


def read_cell(text: str, exercise: Exercise, setting: Setting) -> ReadCell:
    """Read one cell as the board shows it. Never raises: what cannot be read comes back as it was typed."""
    if not text:
        return ReadCell("empty", "")
    try:
        line = _remembered(text, setting.unit)
    except ShorthandError as error:
        return ReadCell("unreadable", text, unreadable=error.why)
    prescription = line.prescription
    timed = TimedLine(prescription, exercise, None)
    return ReadCell(
        state="read",
        text=line.text,
        work=line.work,
        manner=line.manner,
        sets=prescription.sets,
        bar=planned_bar(prescription, exercise, setting.athlete(exercise.id), line.label),
        seconds=line_seconds(timed),
        caution=load_caution(prescription, exercise, setting.inventory),
    )


def load_caution(prescription: Prescription, exercise: Exercise, place: Inventory) -> str | None:
    """Say when a planned load cannot be made at the place, with the nearest two; None where it can. House rule."""
    match prescription.load:
        case BodyweightLoad(added=Load() as load, assisted=True) if place.has(ImplementKind.ASSISTANCE):
            kind: ImplementKind | None = ImplementKind.ASSISTANCE
        case BodyweightLoad(added=Load() as load, assisted=False):
            kind = ImplementKind.BODYWEIGHT
        case Load() as load if load.value:
            kind = exercise.implement_at(place)
            if kind in (None, ImplementKind.BODYWEIGHT):
                wanted = " or ".join(k for k in exercise.implements if k is not ImplementKind.BODYWEIGHT)
                return f"There is no {wanted or 'load'} for this at the place."
        case _:
            return None
    if kind is None or place.find(kind, load):
        return None
    near = " or ".join(str(a.load) for a in place.around(kind, load))
    return f"{load} cannot be made here: take {near}." if near else f"There is nothing here to add {load} with."


@dataclass(frozen=True, slots=True)
class ReadLine:
    """A line read out, one cell a week, with what the client's joints say of the exercise."""

    line: Line
    exercise: Exercise
    cells: tuple[ReadCell, ...]
    joints: tuple[Caution, ...] = ()


@dataclass(frozen=True, slots=True)
class ReadDay:
    """A day read out: its lines, and the estimated seconds of each week."""

    day: Day
    lines: tuple[ReadLine, ...]
    seconds: tuple[int, ...]


def read_day(day: Day, weeks: int, setting: Setting) -> ReadDay:
    """Read a day of a phase with this many weeks. House rule."""
    lines = []
    for line in day.lines:
        exercise = setting.exercise(line.exercise)
        cells = tuple(read_cell(c.text, exercise, setting) for c in line.cells)
        lines.append(ReadLine(line, exercise, cells, joint_cautions(exercise, setting.standing)))
    return ReadDay(day, tuple(lines), tuple(_week_seconds(lines, week, setting) for week in range(weeks)))


def _week_seconds(lines: Sequence[ReadLine], week: int, setting: Setting) -> int:
    """The day's estimate from cells that are read already: the same as `day_estimate`."""
    working = [line for line in lines if line.cells[week].state == "read"]
    total = sum(line.cells[week].seconds for line in working)
    implements = [line.exercise.implement_at(setting.inventory) for line in working]
    return round((total + transition_seconds(implements)) * setting.pace)


def day_estimate(day: Day, week: int, setting: Setting) -> int:
    """Answer the estimated seconds of a day in one week (index from 0); resting and unreadable lines count none."""
    timed = []
    for line in day.lines:
        prescription = prescription_or_none(line.cells[week].text, setting.unit)
        if prescription:
            exercise = setting.exercise(line.exercise)
            timed.append(TimedLine(prescription, exercise, exercise.implement_at(setting.inventory)))
    return day_seconds(timed, setting.pace)


def prescription_or_none(text: str, unit: Unit) -> Prescription | None:
    """Answer the prescription of a text, None where it is empty or cannot be read."""
    try:
        return read(text, unit) if text else None
    except ShorthandError:
        return None


def read_phase(phase: Phase, setting: Setting) -> tuple[ReadDay, ...]:
    """Read all days of a phase, by weekday."""
    return tuple(read_day(d, len(phase.weeks), setting) for d in sorted(phase.days, key=lambda d: d.weekday))
