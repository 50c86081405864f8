"""One prescription: what a line asks for in one week."""

from dataclasses import dataclass, field
from decimal import Decimal
from enum import StrEnum

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Load
from upright_anvil.core.prescription.bounds import (
    MAX_ALTERNATIVES,
    MAX_REPS,
    MAX_RESERVE,
    MAX_WORK_SECONDS,
    check_load,
    check_reserve,
    check_rest,
    check_sets,
    within,
)
from upright_anvil.core.prescription.load_targets import BodyweightLoad, Coded, LoadTarget
from upright_anvil.core.prescription.schemes import Density, Scheme, Varied
from upright_anvil.core.prescription.schemes.base import SetPlan, Straight
from upright_anvil.core.prescription.targets import Distance, Most, Reps, Seconds, Target, amount_of
from upright_anvil.core.prescription.tempo import Tempo

MAX_ACTIVITY = 40


class SideRule(StrEnum):
    """Which side leads where each side is worked, the one side that is, or left and right in turn within the set."""

    LEFT_FIRST = "left first"
    RIGHT_FIRST = "right first"
    ALTERNATE = "alternate lead"
    ALTERNATING = "alternating"
    LEFT_ONLY = "left only"
    RIGHT_ONLY = "right only"

    @property
    def leads(self) -> bool:
        """Whether both sides are worked."""
        return self not in (SideRule.LEFT_ONLY, SideRule.RIGHT_ONLY, SideRule.ALTERNATING)


class TimedAs(StrEnum):
    """What work by the clock is, where the kind of exercise does not say it: held still, or repetitions in the time."""

    HELD = "hold"
    COUNTED = "for reps"


class Span(StrEnum):
    """How much of the way a repetition goes, where it is not all of it."""

    HALF = "half reps"
    TOP = "top half"
    BOTTOM = "bottom half"


@dataclass(frozen=True, slots=True)
class OtherKit:
    """What to do with another load than the planned one: ``or 8 kg x 15``, ``or bw x 12``, ``or band red x 15``."""

    load: Load | BodyweightLoad | Coded
    target: Target

    def __str__(self) -> str:
        return f"or {self.load} x {self.target}"


@dataclass(frozen=True, slots=True)
class Prescription:
    """Sets of a target, with what is said of sides, load, tempo, rest (seconds) and reserve (repetitions left).

    ``rpe`` says the reserve the other way round (10 = nothing left, halves allowed); only one of the two is given.
    ``scheme`` says how the sets relate where they are not all alike; ``ramp`` that they only lead up to the work.
    ``activity`` is what the client does in the rest, ``others`` what to do with other loads. ``sets`` and ``rest`` are
    the upper ends where a range was written; ``fewest`` and ``rest_from`` its lower ends. ``span`` is how much of the
    way the repetitions go, ``partials`` how many shorter ones follow them, ``within`` the seconds for a distance,
    ``timed_as`` what work by the clock is where the trainer says so. ``cuffs`` are worn that restrict the blood flow.
    """

    sets: int
    target: Target
    each_side: bool = False
    load: LoadTarget | None = None
    tempo: Tempo | None = None
    rest: int | None = None
    reserve: int | None = None
    rpe: Decimal | None = None
    side: SideRule | None = None
    activity: str = ""
    scheme: Scheme | None = None
    others: tuple[OtherKit, ...] = ()
    ramp: bool = False
    fewest: int | None = None
    rest_from: int | None = None
    span: Span | None = None
    partials: int = 0
    within: int | None = None
    timed_as: TimedAs | None = None
    cuffs: bool = False
    plans: tuple[SetPlan, ...] = field(init=False, compare=False, repr=False)
    """Every set in order."""

    def __post_init__(self) -> None:
        check_sets(self.sets)
        if self.rest is not None:
            check_rest(self.rest)
        if self.reserve is not None:
            check_reserve(self.reserve)
        if isinstance(self.load, Load):
            check_load(self.load)
        self._check_effort()
        if self.side is not None and self.side.leads is not self.each_side:
            raise DomainError(f"'{self.side}' goes {'with' if self.side.leads else 'without'} 'each side'.")
        if self.activity and self.rest is None:
            raise DomainError("Something to do in the rest needs a rest, for example rest 1:00 with easy walk.")
        if len(self.others) > MAX_ALTERNATIVES:
            raise DomainError(f"At most {MAX_ALTERNATIVES} other loads, not {len(self.others)}.")
        self._settle()
        straight = Straight(self.sets, self.target, self.load)
        if self.scheme is not None:
            self.scheme.check(straight)
        object.__setattr__(self, "plans", self.scheme.plans(straight) if self.scheme else straight.plans())

    def _settle(self) -> None:
        """Drop what a change of sets, rest or target left without sense; the reader refuses it where it is typed."""
        if self.fewest is not None and (isinstance(self.scheme, Varied | Density) or self.fewest >= self.sets):
            object.__setattr__(self, "fewest", None)
        if self.rest_from is not None and (self.rest is None or self.rest_from >= self.rest):
            object.__setattr__(self, "rest_from", None)
        if not isinstance(self.target, Reps | Most):
            object.__setattr__(self, "span", None)
            object.__setattr__(self, "partials", 0)
        if self.within is not None:
            within("The time for a distance", self.within, 1, MAX_WORK_SECONDS, " s")
            if not isinstance(self.target, Distance):
                object.__setattr__(self, "within", None)
        if not isinstance(self.target, Seconds):
            object.__setattr__(self, "timed_as", None)
        if not 0 <= self.partials <= MAX_REPS:
            raise DomainError(f"Partial repetitions must be 1 to {MAX_REPS}, not {self.partials}.")

    def _check_effort(self) -> None:
        if self.rpe is None:
            return
        if self.reserve is not None:
            raise DomainError("Say how hard only once: 'leave 2' or 'rpe 8'.")
        if not 1 <= self.rpe <= MAX_RESERVE or self.rpe * 2 % 1:
            raise DomainError(f"RPE must be 1 to 10, in halves, not {self.rpe}.")

    @property
    def left(self) -> int | None:
        """Repetitions left, however it was said; a half RPE counts the deeper way (RPE 8.5 leaves 1)."""
        return self.reserve if self.rpe is None else int(MAX_RESERVE - self.rpe)

    @property
    def needed(self) -> int:
        """So many sets make the line complete: the lower end of a range of sets, else all of them."""
        return len(self.plans) - (self.sets - self.fewest if self.fewest is not None else 0)

    @property
    def amount(self) -> int:
        """The upper end of the target: reps, seconds of a hold, or metres."""
        return amount_of(self.target)
