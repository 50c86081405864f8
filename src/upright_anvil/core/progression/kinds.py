"""The kinds of work, and what may raise each.

Lifts rise by the line's policy; holds by seconds, then a rung; work for time by load or a rung; jumps and throws by
contacts or a rung, never by slow lowering; distance by metres; balance by seconds, then a rung; rounds in a time by
rounds or load. Warm-up, mobility, stretches, recovery and ramp-up sets are raised by nobody. House rule.
"""

from enum import StrEnum
from typing import Final

from upright_anvil.core.exercises import Exercise, ExerciseKind
from upright_anvil.core.prescription.model import Prescription, TimedAs
from upright_anvil.core.prescription.schemes import Density
from upright_anvil.core.prescription.targets import Distance, Seconds


class WorkKind(StrEnum):
    """What sort of work a line is."""

    LIFT = "lift"
    HOLD = "hold"
    TIMED = "work for time"
    JUMP = "jump or throw"
    DISTANCE = "distance"
    BALANCE = "balance"
    ROUNDS = "most rounds in a time"
    PREPARATION = "warm-up, mobility or recovery"


_PREPARES: Final = frozenset({ExerciseKind.MOBILITY, ExerciseKind.WARM_UP, ExerciseKind.STRETCH})
_EXPLOSIVE: Final = frozenset({ExerciseKind.JUMP, ExerciseKind.THROW})
_HELD: Final = frozenset({ExerciseKind.HOLD, ExerciseKind.CARRY})


def kind_of(exercise: Exercise, asked: Prescription, *, preparing: bool = False) -> WorkKind:
    """Answer what sort of work a line is; ``preparing`` says that it stands in a warm-up or cool-down. House rule."""
    if preparing or prepares(exercise) or asked.ramp:
        return WorkKind.PREPARATION
    if isinstance(asked.scheme, Density):
        return WorkKind.ROUNDS
    if exercise.kind in _EXPLOSIVE:
        return WorkKind.JUMP
    if exercise.kind is ExerciseKind.BALANCE:
        return WorkKind.BALANCE
    if isinstance(asked.target, Distance) or exercise.kind is ExerciseKind.CARDIO:
        return WorkKind.DISTANCE
    if isinstance(asked.target, Seconds):
        return WorkKind.HOLD if is_held(exercise, asked) else WorkKind.TIMED
    return WorkKind.LIFT


def is_held(exercise: Exercise, asked: Prescription) -> bool:
    """Answer whether work by the clock is held, by the line's own word or the kind of exercise. House rule."""
    return exercise.kind in _HELD if asked.timed_as is None else asked.timed_as is TimedAs.HELD


def prepares(exercise: Exercise) -> bool:
    """Answer whether an exercise only gets ready, loosens or winds down. House rule."""
    return exercise.kind in _PREPARES


def explosive(exercise: Exercise) -> bool:
    """Answer whether an exercise is a jump or a throw."""
    return exercise.kind in _EXPLOSIVE
