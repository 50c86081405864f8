"""An exercise as the rules see it."""

from dataclasses import dataclass
from decimal import Decimal
from enum import StrEnum

from upright_anvil.core.constants import DEFAULT_REP_SECONDS
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.inventory import Inventory


class Pattern(StrEnum):
    """Movement patterns (rules, volume and balance)."""

    SQUAT = "squat"
    HINGE = "hinge"
    LUNGE = "lunge"
    PUSH_HORIZONTAL = "push horizontal"
    PUSH_VERTICAL = "push vertical"
    PULL_HORIZONTAL = "pull horizontal"
    PULL_VERTICAL = "pull vertical"
    CARRY = "carry"
    TRUNK = "trunk"
    ROTATION = "rotation"
    LOCOMOTION = "locomotion"
    BALANCE = "balance"


@dataclass(frozen=True, slots=True)
class Exercise:
    """What the rules need of an exercise.

    ``implements`` are in order of preference; ``bodyweight_share`` is the share of body weight moved (0 to 1);
    ``rep_seconds`` holds where a line has no tempo; ``one_sided`` moves are prescribed each side.
    """

    id: str
    name: str
    pattern: Pattern
    movers: tuple[str, ...]
    helpers: tuple[str, ...] = ()
    implements: tuple[ImplementKind, ...] = (ImplementKind.BODYWEIGHT,)
    bodyweight_share: Decimal = Decimal(0)
    rep_seconds: int = DEFAULT_REP_SECONDS
    one_sided: bool = False
    cues: tuple[str, ...] = ()
    own: bool = False
    removed: bool = False

    def implement_at(self, place: Inventory) -> ImplementKind | None:
        """Answer what this exercise is loaded with at a place: the first of its implements found there."""
        return place.first_of(self.implements)


def unknown_exercise(exercise_id: str) -> Exercise:
    """Stand in for an exercise nobody knows any more, so that a plan that names it still opens."""
    return Exercise(exercise_id, exercise_id.replace("-", " "), Pattern.TRUNK, (), removed=True)
