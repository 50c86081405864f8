"""What rests what, and whether the kit allows two exercises in turn."""

from upright_anvil.core.checks.study import StudiedLine
from upright_anvil.core.exercises import Exercise, ExerciseKind, Pattern
from upright_anvil.core.loads.implements import FixedLoads, ImplementKind
from upright_anvil.core.loads.inventory import Inventory

_OPPOSITE = (
    frozenset({Pattern.PUSH_HORIZONTAL, Pattern.PULL_HORIZONTAL}),
    frozenset({Pattern.PUSH_VERTICAL, Pattern.PULL_VERTICAL}),
    frozenset({Pattern.PUSH_HORIZONTAL, Pattern.PULL_VERTICAL}),
    frozenset({Pattern.PUSH_VERTICAL, Pattern.PULL_HORIZONTAL}),
)
_LEGS = frozenset({Pattern.SQUAT, Pattern.HINGE, Pattern.LUNGE})
_ONE_OF_A_KIND = frozenset({ImplementKind.BARBELL, ImplementKind.STACK, ImplementKind.IMPROVISED})
"""Kinds of which there are so many as the place lists; a rack of dumbbells has a pair for everyone."""


def are_opposite(first: Exercise, second: Exercise) -> bool:
    """Answer whether two exercises rest each other: push and pull, front and back, or no muscle in common.

    Two exercises for the legs are never taken for opposites, nor two that share a direct mover. House rule.
    """
    if ExerciseKind.CARDIO in (first.kind, second.kind) or set(first.movers) & set(second.movers):
        return False
    patterns = frozenset({first.pattern, second.pattern})
    if patterns in _OPPOSITE:
        return True
    if patterns <= _LEGS:
        return False
    helped = (set(first.movers) & set(second.helpers)) | (set(first.helpers) & set(second.movers))
    return not helped


def both_at_once(first: StudiedLine, second: StudiedLine) -> bool:
    """Answer whether the tools of two lines are there at once: not the one bar, stack or adjustable set at two loads.

    The same tool at the same load goes from one to the other. House rule.
    """
    place = first.profile.inventory
    kind = first.exercise.implement_at(place)
    if kind is None or kind is not second.exercise.implement_at(place):
        return True
    loads = [line.prescription.load if line.prescription else None for line in (first, second)]
    if loads[0] is not None and loads[0] == loads[1]:
        return True
    return (kind not in _ONE_OF_A_KIND and not _adjustable(place, kind)) or _how_many(place, kind) > 1


def _adjustable(place: Inventory, kind: ImplementKind) -> bool:
    """Whether the loads of a kind are steps of one set, each with its code."""
    made = place.achievable(kind)
    return kind is ImplementKind.DUMBBELL and any(", " in one.how for one in made)


def _how_many(place: Inventory, kind: ImplementKind) -> int:
    found = [one for one in place.implements if one.kind is kind]
    if kind is ImplementKind.IMPROVISED:
        return sum(len(one.loads) for one in found if isinstance(one, FixedLoads))
    return len(found)
