"""What is shown of a program that ends: what came of it, and what would carry over."""

from dataclasses import dataclass
from datetime import date
from decimal import Decimal

from upright_anvil.core.ids import ClientId, ExerciseId, LineId, ProgramId
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.standing import ProgramStanding
from upright_anvil.services.progress.overview_views import BodyPoint, TestedTwice


@dataclass(frozen=True, slots=True)
class LiftOutcome:
    """The estimated maximum of a lift at the beginning and the end of a program, in the client's unit.

    ``change`` is in per cent; ``clear`` says that the two 95 % intervals lie apart. ``held`` is how often it was done.
    """

    exercise_id: ExerciseId
    exercise: str
    held: int
    before: Decimal
    after: Decimal
    low: Decimal
    high: Decimal
    change: float
    clear: bool


@dataclass(frozen=True, slots=True)
class PhaseOutcome:
    """A phase: sessions held of those planned up to today, hard sets done of those planned."""

    name: str
    purpose: str
    weeks: int
    held: int
    planned: int
    sets_done: int
    sets_planned: int


@dataclass(frozen=True, slots=True)
class CarriedLine:
    """A line of the last phase: what it came to, and whether it would go on in the next program, else why not."""

    line: LineId
    day: str
    exercise: str
    text: str
    last_done: str
    on: bool
    why: str


@dataclass(frozen=True, slots=True)
class OutcomeView:
    """What came of a program; ``told`` are sentences, the weightiest first; ``carried`` are lines of its last phase."""

    program_id: ProgramId
    client_id: ClientId
    client: str
    name: str
    unit: Unit
    start: date
    end: date
    standing: ProgramStanding
    ended_on: date | None
    held: int
    planned: int
    raised: int
    declined: int
    phases: tuple[PhaseOutcome, ...]
    lifts: tuple[LiftOutcome, ...]
    tests: tuple[TestedTwice, ...]
    body: tuple[BodyPoint, ...]
    hurt: tuple[str, ...]
    told: tuple[str, ...]
    carried: tuple[CarriedLine, ...]
