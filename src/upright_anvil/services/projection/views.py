"""What looking ahead shows: a day's lines through the weeks to come, under one of three outlooks."""

from dataclasses import dataclass
from datetime import date
from decimal import Decimal

from upright_anvil.core.ids import ClientId, DayId, ExerciseId, LineId, ProgramId
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.projection.measure import Measure
from upright_anvil.core.projection.scenario import Scenario


@dataclass(frozen=True, slots=True)
class AheadWeek:
    """A week to come: its number in the program, the day's date, whether it eases off, whether the phase is over."""

    number: int
    on: date
    easing_off: bool
    beyond: bool


@dataclass(frozen=True, slots=True)
class AheadPoint:
    """A week of a line: the shorthand asked for, and the figure drawn with the band eight of ten stay inside.

    ``sets`` is what is asked of it in short: 4 x 5-7. The figures are in the line's measure; None where the week is not
    trained or asks for nothing.
    """

    text: str
    sets: str
    trained: bool
    value: Decimal | None
    low: Decimal | None
    high: Decimal | None


@dataclass(frozen=True, slots=True)
class AheadEvent:
    """Something to know of a week (position from 0)."""

    week: int
    text: str


@dataclass(frozen=True, slots=True)
class AheadCourse:
    """A line week by week, and what to know of it."""

    points: tuple[AheadPoint, ...]
    events: tuple[AheadEvent, ...]


@dataclass(frozen=True, slots=True)
class AheadLine:
    """A line of the day; ``why_not`` says why it is not looked ahead of, with no course then."""

    line: LineId
    exercise_id: ExerciseId
    exercise: str
    policy: str
    measure: Measure
    why_not: str
    course: AheadCourse | None


@dataclass(frozen=True, slots=True)
class AheadMinutes:
    """The estimated minutes of each week, and where they run over in one sentence, else empty."""

    minutes: tuple[int, ...]
    over: str


@dataclass(frozen=True, slots=True)
class AheadDay:
    """A day one may look at."""

    id: DayId
    name: str


@dataclass(frozen=True, slots=True)
class AheadView:
    """A day of a phase through the weeks to come, as they go under ``outlook``."""

    program_id: ProgramId
    client_id: ClientId
    client: str
    unit: Unit
    phase: str
    day_id: DayId
    day: str
    days: tuple[AheadDay, ...]
    limit: int
    outlook: Scenario
    weeks: tuple[AheadWeek, ...]
    lines: tuple[AheadLine, ...]
    minutes: AheadMinutes
