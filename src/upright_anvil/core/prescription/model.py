"""One prescription: what a line asks for in one week."""

from dataclasses import dataclass
from decimal import Decimal
from typing import Literal

from upright_anvil.core.constants import EXPLOSIVE_SECONDS
from upright_anvil.core.loads.load import Load
from upright_anvil.core.sentences import Refusal

MAX_SETS = 20
MAX_REPS = 100
MAX_HOLD_SECONDS = 3600
MAX_REST_SECONDS = 1800
MAX_RESERVE = 10
MAX_PHASE_SECONDS = 60


def within(what: str, value: int, low: int, high: int, unit: str = "") -> None:
    """Raise `Refusal` unless a value lies in its bounds."""
    if not low <= value <= high:
        raise Refusal(f"{what} must be {low} to {high}{unit}, not {value}.")


@dataclass(frozen=True, slots=True)
class Reps:
    """A repetition target: ``low`` to ``high``, equal for a fixed number. 1 to 100."""

    low: int
    high: int
    kind: Literal["reps"] = "reps"

    def __post_init__(self) -> None:
        within("Repetitions", self.low, 1, MAX_REPS)
        within("Repetitions", self.high, 1, MAX_REPS)
        if self.high < self.low:
            raise Refusal(f"A range climbs: write {self.high}-{self.low}, not {self.low}-{self.high}.")

    def __str__(self) -> str:
        return str(self.low) if self.low == self.high else f"{self.low}-{self.high}"


@dataclass(frozen=True, slots=True)
class Seconds:
    """A hold or timed target, seconds, 1 to 3600."""

    seconds: int
    kind: Literal["seconds"] = "seconds"

    def __post_init__(self) -> None:
        within("A hold", self.seconds, 1, MAX_HOLD_SECONDS, " s")

    def __str__(self) -> str:
        return f"{self.seconds} s"


Target = Reps | Seconds


@dataclass(frozen=True, slots=True)
class Tempo:
    """Four phases in seconds, always lowering, bottom, lifting, top; None stands for X, as fast as possible."""

    lowering: int | None
    bottom: int | None
    lifting: int | None
    top: int | None

    def __post_init__(self) -> None:
        for phase in self.phases:
            within("A tempo phase", phase or 0, 0, MAX_PHASE_SECONDS, " s")

    @property
    def phases(self) -> tuple[int | None, int | None, int | None, int | None]:
        """The four phases in their fixed order."""
        return (self.lowering, self.bottom, self.lifting, self.top)

    @property
    def rep_seconds(self) -> int:
        """Seconds one repetition takes, X counted as one second (rules, time)."""
        return sum(EXPLOSIVE_SECONDS if phase is None else phase for phase in self.phases)

    def __str__(self) -> str:
        return "-".join("X" if phase is None else str(phase) for phase in self.phases)


@dataclass(frozen=True, slots=True)
class BodyweightLoad:
    """Body weight, with something added (a vest, a held plate) or taken off (assistance)."""

    added: Load | None = None
    assisted: bool = False

    def __post_init__(self) -> None:
        if self.assisted and self.added is None:
            raise Refusal("Say how much assistance there is, for example 'bw - 15 kg'.")
        if self.added is not None and not self.added.value:
            raise Refusal("Body weight with nothing added is written 'bw'.")

    def __str__(self) -> str:
        return "bw" if self.added is None else f"bw {'-' if self.assisted else '+'} {self.added}"


LoadTarget = Load | BodyweightLoad


def check_sets(sets: int) -> None:
    """Raise `Refusal` unless it is a number of sets."""
    within("Sets", sets, 1, MAX_SETS)


def check_rest(seconds: int) -> None:
    """Raise `Refusal` unless it is a rest, seconds."""
    within("Rest", seconds, 0, MAX_REST_SECONDS, " s")


def check_reserve(reps: int) -> None:
    """Raise `Refusal` unless it is a number of repetitions left."""
    within("Reps left", reps, 0, MAX_RESERVE)


def check_load(load: Load) -> None:
    """Raise `Refusal` for a load of nothing."""
    if not load.value:
        raise Refusal("A load must be more than 0; leave it out where there is none.")


@dataclass(frozen=True, slots=True)
class Prescription:
    """Sets of a target, each side or not, with what is said of load, tempo, rest (seconds) and reserve (reps left)."""

    sets: int
    target: Target
    each_side: bool = False
    load: LoadTarget | None = None
    tempo: Tempo | None = None
    rest: int | None = None
    reserve: int | None = None

    def __post_init__(self) -> None:
        check_sets(self.sets)
        if self.rest is not None:
            check_rest(self.rest)
        if self.reserve is not None:
            check_reserve(self.reserve)
        if isinstance(self.load, Load):
            check_load(self.load)

    @property
    def amount(self) -> int:
        """The upper end of the target: reps, or seconds of a hold."""
        return self.target.high if isinstance(self.target, Reps) else self.target.seconds


def moved_kg(load: LoadTarget | None, share: Decimal, body_kg: Decimal | None) -> Decimal | None:
    """Answer the kilograms that move, or None where nobody can say.

    ``share`` is the exercise's share of body weight moved (0 for a barbell lift), ``body_kg`` the client's body weight.
    A plain load on an exercise that also moves body weight counts both. House rule.
    """
    if share and body_kg is None:
        return None
    own = share * (body_kg or Decimal(0))
    match load:
        case Load():
            return load.kg + own
        case BodyweightLoad(added=None):
            return own or None
        case BodyweightLoad(added=added, assisted=assisted) if added is not None:
            return max(own - added.kg, Decimal(0)) if assisted else own + added.kg
        case _:
            return own or None
