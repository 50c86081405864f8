"""How many hard sets a muscle is given in a week, by goal and training age: house defaults, never a law."""

from collections.abc import Mapping
from dataclasses import dataclass
from decimal import Decimal
from enum import StrEnum

from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.loads.load import plain


class BandPosition(StrEnum):
    """Where a week's sets lie against the band."""

    BELOW = "below"
    WITHIN = "within"
    ABOVE = "above"


SOFT_EDGE = Decimal("0.1")
"""Share of an end of a band within which nothing is asked: bands are no laws. House rule."""

BIG_MUSCLES = (
    Muscle.QUADRICEPS,
    Muscle.HAMSTRINGS,
    Muscle.GLUTES,
    Muscle.CHEST,
    Muscle.LATS,
    Muscle.UPPER_BACK,
    Muscle.FRONT_SHOULDER,
    Muscle.TRICEPS,
    Muscle.BICEPS,
)
"""The muscles a plan is expected to bring into the band. House rule."""


@dataclass(frozen=True, slots=True)
class Band:
    """The sets a muscle is usually given in a week, fractional, and what the figures rest on."""

    low: int
    high: int
    source: str

    def clearly(self, sets: Decimal) -> BandPosition:
        """Answer where a number of sets clearly lies: up to a tenth past an end still counts as within. House rule."""
        if sets < self.low * (1 - SOFT_EDGE):
            return BandPosition.BELOW
        return BandPosition.ABOVE if sets > self.high * (1 + SOFT_EDGE) else BandPosition.WITHIN

    def standing(self, sets: Decimal) -> BandPosition:
        """Answer where a number of sets lies; the ends belong to the band."""
        if sets < self.low:
            return BandPosition.BELOW
        return BandPosition.ABOVE if sets > self.high else BandPosition.WITHIN


SIZE = Band(8, 20, "House band for size, from fractional dose-response (Pelland et al. 2025)")
STRENGTH = Band(4, 14, "House band for strength: gains level off early (Pelland et al. 2025)")
GENERAL = Band(3, 12, "House band for general training")
BEGINNING = Band(2, 8, "House band for the first months, whatever the goal")

_BY_GOAL = {
    GoalKind.SIZE: SIZE,
    GoalKind.LAGGING: SIZE,
    GoalKind.STRENGTH: STRENGTH,
    GoalKind.JOINT: STRENGTH,
}
_FIRST_MONTHS = frozenset({TrainingAge.SEDENTARY, TrainingAge.NEW})


def band_for(goal: GoalKind, training_age: TrainingAge) -> Band:
    """Answer the band for a goal and a training age. House rule.

    The first months have a band of their own; a goal nobody named is general training.
    """
    if training_age in _FIRST_MONTHS:
        return BEGINNING
    return _BY_GOAL.get(goal, GENERAL)


def band_sentence(sets: Mapping[Muscle, Decimal], band: Band) -> str:
    """Say how many hard sets muscles get beside the band: ``7 hard sets for chest; the band is 8 to 20.``"""
    (first, many), *others = sets.items()
    more = "".join(f", {plain(count)} for {muscle}" for muscle, count in others)
    return f"{plain(many)} hard sets for {first}{more}; the band is {band.low} to {band.high}."
