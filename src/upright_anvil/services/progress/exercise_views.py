"""What the progress with one exercise shows."""

from dataclasses import dataclass
from datetime import date
from decimal import Decimal

from upright_anvil.core.blocks import SetBlock
from upright_anvil.core.ids import ClientId, ExerciseId, SessionId
from upright_anvil.core.loads.load import Unit


@dataclass(frozen=True, slots=True)
class FormulaEstimate:
    """One published formula's estimated maximum, in the client's unit."""

    formula: str
    value: Decimal | None


@dataclass(frozen=True, slots=True)
class SetPoint:
    """A set that was done, in the client's unit; ``moved`` includes body weight where it moves.

    ``amount`` says what was done in words, ``metres`` how far it went.
    """

    amount: str
    load: str
    reps: int | None
    seconds: int | None
    metres: int | None
    moved: Decimal | None
    reserve: int | None


@dataclass(frozen=True, slots=True)
class SessionPoint:
    """One session: planned and done side by side, and its best estimate.

    Figures of load are in the client's unit, to 0.1. ``metres`` is what was covered in all, ``pace`` the seconds for a
    kilometre of it where every set was timed.
    """

    id: SessionId
    on: date
    planned: str
    planned_moved: Decimal | None
    planned_amount: int | None
    sets: tuple[SetPoint, ...]
    estimate: Decimal | None
    metres: int | None = None
    pace: int | None = None


@dataclass(frozen=True, slots=True)
class SessionDetail:
    """What of a session is shown where it is looked at: its sets as blocks, every formula's figure for its best set."""

    id: SessionId
    blocks: tuple[SetBlock, ...]
    formulas: tuple[FormulaEstimate, ...]


@dataclass(frozen=True, slots=True)
class StrengthPoint:
    """The estimate over time after a session, with its 95 % interval, in the client's unit."""

    on: date
    value: Decimal
    low: Decimal
    high: Decimal


@dataclass(frozen=True, slots=True)
class StrengthOverTime:
    """The estimated maximum as it stands today with its 95 % interval, in the client's unit.

    ``trend`` is the change a week in per cent with its interval, ``way`` what that says, ``steepness`` that of the
    client's own rep curve (1 = published) learned from ``told_by`` sets; ``path`` has a point for each session.
    """

    value: Decimal
    low: Decimal
    high: Decimal
    trend: float
    trend_low: float
    trend_high: float
    way: str
    steepness: float
    told_by: int
    path: tuple[StrengthPoint, ...]


@dataclass(frozen=True, slots=True)
class PhaseSpan:
    """A phase on the calendar, first and last day."""

    name: str
    first: date
    last: date


@dataclass(frozen=True, slots=True)
class DecisionMark:
    """A decision on the exercise: the day of its session, the verdict, what went into the plan, and why."""

    on: date
    verdict: str
    taken: str
    rule: str


@dataclass(frozen=True, slots=True)
class TestMark:
    """A test of the exercise with a load: the day, what was done, the estimated maximum in the client's unit."""

    on: date
    words: str
    value: Decimal | None


@dataclass(frozen=True, slots=True)
class ExerciseChoice:
    """An exercise the client has done, and in how many sessions."""

    id: ExerciseId
    name: str
    sessions: int


@dataclass(frozen=True, slots=True)
class ProgressView:
    """What a client has done with one exercise, oldest first; ``with_body`` says that loads include body weight.

    ``earlier`` is how many sessions there are before those shown, ``newest`` the last of them looked at.
    """

    client_id: ClientId
    client: str
    unit: Unit
    exercises: tuple[ExerciseChoice, ...]
    exercise_id: ExerciseId | None
    exercise: str
    with_body: bool
    sessions: tuple[SessionPoint, ...]
    earlier: int
    strength: StrengthOverTime | None
    newest: SessionDetail | None = None
    phases: tuple[PhaseSpan, ...] = ()
    decisions: tuple[DecisionMark, ...] = ()
    tests: tuple[TestMark, ...] = ()
