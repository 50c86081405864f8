"""What can be tested: one item is one measure with its standard, its typical error and what is plausible."""

from dataclasses import dataclass
from decimal import Decimal
from enum import StrEnum

from upright_anvil.core.ids import NO_EXERCISE, ExerciseId


class TestKind(StrEnum):
    """What a test measures."""

    REPS = "good-form reps"
    HOLD = "hold"
    LOAD_REPS = "load for reps"
    TIME_OVER_DISTANCE = "time over a distance"
    DISTANCE_IN_TIME = "distance in a time"
    RANGE = "range"
    GRADE = "quality grade"
    BODY_WEIGHT = "body weight"
    GIRTH = "girth"


class Better(StrEnum):
    """Which way is progress."""

    MORE = "more"
    LESS = "less"
    NEITHER = "neither"


class Ended(StrEnum):
    """Why a test ended."""

    FORM = "form"
    BREATH = "breath"
    PAIN = "pain"
    WILL = "will"
    TIME = "time"
    TARGET = "target"


GRADES = ("cannot, or pain", "with clear faults", "with small faults", "clean")
"""Quality grades 0 to 3. House rule."""

UNITS = {
    TestKind.REPS: "reps",
    TestKind.HOLD: "s",
    TestKind.LOAD_REPS: "kg",
    TestKind.TIME_OVER_DISTANCE: "s",
    TestKind.DISTANCE_IN_TIME: "m",
    TestKind.RANGE: "cm",
    TestKind.GRADE: "of 3",
    TestKind.BODY_WEIGHT: "kg",
    TestKind.GIRTH: "cm",
}
"""The unit figures of a kind are compared in; loads and body weight are kept in the unit they were entered in."""


@dataclass(frozen=True, slots=True)
class TestItem:
    """One test.

    ``standard`` says what counts; ``sides`` asks for left and right; ``variants`` are ordered easiest first;
    ``seconds`` is a time limit and ``metres`` a fixed distance; ``typical_error`` is in the item's unit, or a share of
    the figure where ``error_is_share``; ``low`` and ``high`` bound what is plausible, beyond them the app asks.
    """

    id: str
    name: str
    kind: TestKind
    standard: str
    better: Better
    typical_error: Decimal
    low: Decimal
    high: Decimal
    error_is_share: bool = False
    exercise: ExerciseId = NO_EXERCISE
    sides: bool = False
    variants: tuple[str, ...] = ()
    seconds: int | None = None
    metres: int | None = None
    own: bool = False

    @property
    def unit(self) -> str:
        """The unit its figures are compared in."""
        return UNITS[self.kind]

    @property
    def whole(self) -> bool:
        """Answer whether figures are whole numbers."""
        return self.kind in (TestKind.REPS, TestKind.GRADE)


@dataclass(frozen=True, slots=True)
class Battery:
    """An ordered list of tests, repeated every so many weeks."""

    id: str
    name: str
    purpose: str
    tests: tuple[str, ...]
    repeat_weeks: int
    own: bool = False
    edited: bool = False
