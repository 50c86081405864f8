"""What a progression policy looks at, and what it answers."""

from dataclasses import dataclass, field
from datetime import date
from decimal import Decimal
from enum import StrEnum
from typing import Any

from upright_anvil.core.constants import STEP_CAP
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ids import NO_EXERCISE, ExerciseId, LineId
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Kilograms
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.progression.kinds import WorkKind, kind_of
from upright_anvil.core.strength.standing import Strength


class Lever(StrEnum):
    """What a proposal changes."""

    LOAD = "load"
    REPS = "reps"
    SECONDS = "hold seconds"
    METRES = "distance"
    TEMPO = "slower lowering"
    SETS = "sets"
    ROUNDS = "one more round"
    DENSITY = "less rest"
    CHECKPOINT = "checkpoint"
    PAUSE = "a pause"
    VARIANT = "harder variant"
    SIDE = "weaker side first"
    HOLD = "hold"
    EASE = "ease off"


class Confidence(StrEnum):
    """How far the evidence carries: every set with its reserve, some without, or little to go by."""

    FIRM = "firm"
    FAIR = "fair"
    THIN = "thin"


@dataclass(frozen=True, slots=True)
class Exposure:
    """One session of a line: what was asked and the sets that were done, in order.

    ``summed`` is what `evidence.showing` makes of it, kept with it: every judgement asks.
    """

    on: date
    prescription: Prescription
    sets: tuple[PerformedSet, ...]
    summed: Any = field(default=None, init=False, compare=False, repr=False)


@dataclass(frozen=True, slots=True)
class ProgressionContext:
    """All a policy may look at.

    ``exposures`` are oldest first, the last is today's, at least one. ``home`` is what the phase began with: reps go
    back to its range and tempo after a rise. ``step_cap`` is a share of the load now (0.10 = 10 %). ``strength`` is the
    estimate over time, ``steepness`` that of the client's own rep curve. ``harder`` and ``easier`` are the rungs beside
    the exercise that can be done. ``rests`` are the seconds of rest between the sets of today, the work taken off,
    ``poor_day`` says that the client came with little, ``worn`` why an easier week comes first; ``next_on`` is the day
    the proposal is for. With ``changed_day`` the line was changed for today, and today's prescription is the one that
    is written in the plan.

    ``health`` says why nothing may go up by the health file, empty where nothing stands against it. ``away_days`` are
    the days the client had not trained before today. ``beside`` are the sets of the same exercise in other lines of
    the session, ``doubted`` the ids of sets whose figures the rest contradicts. ``unfinished`` says that the session
    was stopped before its end, ``preparing`` that the line stands in a warm-up or cool-down. ``most_reps`` is the most
    repetitions the client's goal asks for, ``restricted`` that the blood flow is restricted in the line. ``alone``
    says why work that was done alone is not enough for more load, empty where it is. ``brief`` asks for what comes next
    alone, where nobody reads its evidence or what else there was to choose.
    """

    exercise: Exercise
    place: Inventory
    home: Prescription
    exposures: tuple[Exposure, ...]
    body_kg: Kilograms | None = None
    step_cap: Decimal = STEP_CAP
    strength: Strength | None = None
    steepness: float = 1.0
    harder: Exercise | None = None
    easier: Exercise | None = None
    rests: tuple[int, ...] = ()
    poor_day: bool = False
    changed_day: bool = False
    worn: str = ""
    next_on: date | None = None
    health: str = ""
    away_days: int = 0
    beside: tuple[PerformedSet, ...] = ()
    doubted: frozenset[str] = frozenset()
    unfinished: bool = False
    preparing: bool = False
    most_reps: int = 20
    restricted: bool = False
    alone: str = ""
    brief: bool = False

    @property
    def today(self) -> Exposure:
        """The session just done."""
        return self.exposures[-1]

    @property
    def kind(self) -> WorkKind:
        """What sort of work the line is."""
        return kind_of(self.exercise, self.today.prescription, preparing=self.preparing)


@dataclass(frozen=True, slots=True)
class Alternative:
    """Something else the trainer may take: a few words, and its shorthand."""

    label: str
    text: str


@dataclass(frozen=True, slots=True)
class StationChange:
    """What a circuit's proposal asks of one of its other stations: the line, and what it asks for then."""

    line: LineId
    prescription: Prescription

    @property
    def text(self) -> str:
        """The station as shorthand."""
        return write(self.prescription)


@dataclass(frozen=True, slots=True)
class Proposal:
    """What a policy proposes.

    ``rise`` is the change of load as a share of the load now; ``bridged`` says that a rise past the cap has been earned
    by reps and slower lowering first, ``bridging`` that this is on the way to one. ``evidence`` and ``rule`` are
    sentences. ``exercise`` names another exercise where the next rung is proposed. ``stations`` are the other stations
    of a circuit that is judged as one, ``rest_after`` its rest after a round, seconds, where that changes.
    ``estimated`` says that the next load is known only by an estimate.
    """

    policy: str
    lever: Lever
    prescription: Prescription
    rule: str
    evidence: tuple[str, ...]
    confidence: Confidence
    rise: Decimal = Decimal(0)
    bridged: bool = False
    bridging: bool = False
    alternatives: tuple[Alternative, ...] = ()
    exercise: ExerciseId = NO_EXERCISE
    stations: tuple[StationChange, ...] = ()
    rest_after: int | None = None
    estimated: bool = False

    @property
    def text(self) -> str:
        """The proposal as shorthand."""
        return write(self.prescription)
