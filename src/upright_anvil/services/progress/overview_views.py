"""What the progress of a client shows: weeks, lifts, tests, body, pain, and what is worth telling."""

from dataclasses import dataclass
from datetime import date
from decimal import Decimal

from upright_anvil.core.ids import ClientId, ExerciseId, ProgramId
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.progress.highlights import Telling


@dataclass(frozen=True, slots=True)
class OverviewWeek:
    """One calendar week: sessions planned (up to today) and held, hard sets planned and done, what hurt, decisions.

    ``phase`` is empty where no program ran; ``raised`` are proposals that were accepted or changed, ``declined`` those
    that were not.
    """

    monday: date
    phase: str
    number: int
    easing_off: bool
    planned: int
    held: int
    sets_planned: int
    sets_done: int
    hurt: tuple[str, ...]
    raised: int
    declined: int


@dataclass(frozen=True, slots=True)
class LiftPoint:
    """The estimate after a session, in the client's unit, with its 95 % interval."""

    on: date
    value: Decimal
    low: Decimal
    high: Decimal


@dataclass(frozen=True, slots=True)
class Lift:
    """One exercise: the estimated maximum now with its interval, in the client's unit, and how it has changed.

    ``gain`` is since the third session, per cent, None with fewer; ``week`` the change a week over the last weeks, per
    cent, with ``week_low`` and ``week_high`` four to one against less and more, ``way`` what that says: rising, falling
    or nothing; ``with_body`` says that body weight is included.
    """

    exercise_id: ExerciseId
    exercise: str
    sessions: int
    value: Decimal
    low: Decimal
    high: Decimal
    gain: float | None
    week: float | None
    week_low: float | None
    week_high: float | None
    way: str
    with_body: bool
    path: tuple[LiftPoint, ...]


@dataclass(frozen=True, slots=True)
class TestedTwice:
    """One test and side, the first time and the last, in the test's unit; ``way`` says whether that is better."""

    name: str
    unit: str
    first_on: date
    first: Decimal
    last_on: date
    last: Decimal
    way: str
    words: str


@dataclass(frozen=True, slots=True)
class BodyPoint:
    """A body weight, in the client's unit."""

    on: date
    value: Decimal


@dataclass(frozen=True, slots=True)
class PainRow:
    """A joint that hurt: the training days on which it did, how it stands in the client's file, and since when."""

    joint: str
    days: tuple[date, ...]
    state: str


@dataclass(frozen=True, slots=True)
class OverviewView:
    """A client's progress over the last year at most; ``telling`` are the three things worth telling."""

    client_id: ClientId
    client: str
    unit: Unit
    program_id: ProgramId | None
    telling: tuple[Telling, ...]
    weeks: tuple[OverviewWeek, ...]
    lifts: tuple[Lift, ...]
    tests: tuple[TestedTwice, ...]
    body: tuple[BodyPoint, ...]
    pain: tuple[PainRow, ...]
