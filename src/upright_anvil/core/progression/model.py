"""What a progression policy looks at, and what it answers."""

from dataclasses import dataclass
from datetime import date
from decimal import Decimal
from enum import StrEnum

from upright_anvil.core.constants import STEP_CAP
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.shorthand import write
from upright_anvil.core.strength.over_time import Strength


class Lever(StrEnum):
    """What a proposal changes."""

    LOAD = "load"
    REPS = "reps"
    SECONDS = "hold seconds"
    TEMPO = "slower lowering"
    SETS = "sets"
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
    """One session of a line: what was asked and the sets that were done, in order."""

    on: date
    prescription: Prescription
    sets: tuple[PerformedSet, ...]


@dataclass(frozen=True, slots=True)
class Situation:
    """All a policy may look at.

    ``exposures`` are oldest first, the last is today's, at least one. ``home`` is what the phase began with: reps go
    back to its range and tempo after a rise. ``step_cap`` is a share of the load now (0.10 = 10 %). ``strength`` is the
    estimate over time, ``steepness`` that of the client's own rep curve. ``harder`` and ``easier`` are the rungs beside
    the exercise that can be done. ``rests`` are the seconds between the sets of today, ``poor_day`` says that the
    client came with little, ``worn`` why an easier week comes first; ``next_on`` is the day the proposal is for. With
    ``changed_day`` the line was changed for today, and today's prescription is the one that is written in the plan.
    """

    exercise: Exercise
    place: Inventory
    home: Prescription
    exposures: tuple[Exposure, ...]
    body_kg: Decimal | None = None
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

    @property
    def today(self) -> Exposure:
        """The session just done."""
        return self.exposures[-1]


@dataclass(frozen=True, slots=True)
class Alternative:
    """Something else the trainer may take: a few words, and its shorthand."""

    label: str
    text: str


@dataclass(frozen=True, slots=True)
class Proposal:
    """What a policy proposes.

    ``rise`` is the change of load as a share of the load now; ``bridged`` says that a rise past the cap has been earned
    by reps and slower lowering first, ``bridging`` that this is on the way to one. ``evidence`` and ``rule`` are
    sentences. ``exercise`` names another exercise where the next rung is proposed.
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
    exercise: str = ""

    @property
    def text(self) -> str:
        """The proposal as shorthand."""
        return write(self.prescription)
