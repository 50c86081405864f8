"""What one set asks for: repetitions, a range, as many as possible, seconds or a distance."""

from dataclasses import dataclass
from decimal import Decimal
from typing import Literal

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import plain
from upright_anvil.core.phrases import ENGLISH, Phrases
from upright_anvil.core.prescription.bounds import MAX_METRES, MAX_REPS, MAX_WORK_SECONDS, within

METRES_PER_KILOMETRE = 1000
TENTH = 100
"""Metres: from a kilometre on, whole tenths of one are written as kilometres."""
MINUTE = 60
LONG = 600
"""Seconds from which on whole minutes are written as minutes. House rule."""
ASSUMED_MOST = 12
"""Repetitions reckoned with where as many as possible are asked for without a cap. House rule."""


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
            raise DomainError(f"A range climbs: write {self.high}-{self.low}, not {self.low}-{self.high}.")

    def __str__(self) -> str:
        return str(self.low) if self.low == self.high else f"{self.low}-{self.high}"


@dataclass(frozen=True, slots=True)
class Most:
    """As many repetitions as possible, up to a cap where there is one; how many stay in reserve stands beside it."""

    cap: int | None = None
    kind: Literal["most"] = "most"

    def __post_init__(self) -> None:
        if self.cap is not None:
            within("A cap", self.cap, 1, MAX_REPS)

    @property
    def reckoned(self) -> int:
        """The repetitions to reckon with: the cap, else a house figure."""
        return self.cap if self.cap is not None else ASSUMED_MOST

    def __str__(self) -> str:
        return "max" if self.cap is None else f"max to {self.cap}"


@dataclass(frozen=True, slots=True)
class Seconds:
    """A hold or timed target, seconds, 1 to 21,600; a range has its lower end in ``low``, 0 for as long as possible."""

    seconds: int
    kind: Literal["seconds"] = "seconds"
    low: int | None = None

    def __post_init__(self) -> None:
        within("Work by the clock", self.seconds, 1, MAX_WORK_SECONDS, " s")
        if self.low is not None and not 0 <= self.low < self.seconds:
            raise DomainError(f"A range climbs: write {self.seconds}-{self.low} s, not {self.low}-{self.seconds} s.")

    def moved_to(self, seconds: int) -> "Seconds":
        """Answer the same with another upper end; the lower one of a range moves in proportion, never past it."""
        if not self.low:
            return Seconds(seconds, low=self.low)
        low = min(max(self.low * seconds // self.seconds, 1), seconds - 1)
        return Seconds(seconds, low=low or None)

    @property
    def least(self) -> int:
        """The seconds from which the set is as it was asked for."""
        return self.seconds if self.low is None else max(self.low, 1)

    def __str__(self) -> str:
        long = _in_minutes(self.seconds) and not (self.low or 0) % MINUTE
        one, unit = (MINUTE, "min") if long else (1, "s")
        high = f"{self.seconds // one} {unit}"
        if self.low is None:
            return high
        return f"{self.low // one}-{high}" if self.low else f"max to {high}"


@dataclass(frozen=True, slots=True)
class Distance:
    """A distance, metres, 1 to 50,000."""

    metres: int
    kind: Literal["distance"] = "distance"

    def __post_init__(self) -> None:
        within("A distance", self.metres, 1, MAX_METRES, " m")

    def __str__(self) -> str:
        return distance_words(self.metres)


def _in_minutes(seconds: int) -> bool:
    return seconds >= LONG and not seconds % MINUTE


def duration_words(seconds: int) -> str:
    """Say a time that was worked: ``40 s``; from ten minutes on ``25 min`` or ``25:30``."""
    if seconds < LONG:
        return f"{seconds} s"
    return f"{seconds // MINUTE} min" if _in_minutes(seconds) else f"{seconds // MINUTE}:{seconds % MINUTE:02d} min"


def distance_words(metres: int) -> str:
    """Say a distance: ``400 m``, ``2.5 km``; from a kilometre on, whole tenths of one are kilometres."""
    kilometres = Decimal(metres) / METRES_PER_KILOMETRE
    return f"{plain(kilometres)} km" if kilometres >= 1 and metres % TENTH == 0 else f"{metres} m"


def pace_words(metres: int, seconds: int) -> str:
    """Say the pace of a distance: ``6:00 min a km``; ``metres`` are more than 0."""
    each = round(seconds * METRES_PER_KILOMETRE / metres)
    return f"{each // MINUTE}:{each % MINUTE:02d} min a km"


Target = Reps | Most | Seconds | Distance


def reps_of(target: Target) -> int | None:
    """Answer the repetitions a target comes to at most; None where it is not counted in repetitions."""
    match target:
        case Reps():
            return target.high
        case Most():
            return target.reckoned
        case Seconds() | Distance():
            return None


def amount_of(target: Target) -> int:
    """Answer the upper end of a target in its own unit: repetitions, seconds or metres."""
    match target:
        case Seconds():
            return target.seconds
        case Distance():
            return target.metres
        case Reps() | Most():
            return reps_of(target) or 0


def spoken(target: Target, phrases: Phrases = ENGLISH) -> str:
    """Say a target with its unit: ``8-10 reps``, ``as many reps as possible``, ``40 s``, ``20 m``."""
    match target:
        case Reps():
            return phrases.say("{{count}} reps", count=target)
        case Most(cap=None):
            return phrases.say("as many reps as possible")
        case Most():
            return phrases.say("as many reps as possible, at most {{cap}}", cap=target.cap)
        case Seconds(low=0):
            return phrases.say("as long as possible, at most {{seconds}} s", seconds=target.seconds)
        case Seconds() | Distance():
            return str(target).replace(".", phrases.decimal_mark)
