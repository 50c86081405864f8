"""Jumps, hops, bounds and throws are counted in contacts, a session and a week, against a careful band."""

from dataclasses import dataclass
from types import MappingProxyType
from typing import Final

from upright_anvil.core.exercises import Exercise, ExerciseKind
from upright_anvil.core.goals import TrainingAge
from upright_anvil.core.ledger.rows import Outcome, PerformedSet
from upright_anvil.core.prescription.targets import reps_of
from upright_anvil.core.volume.hard_sets import PlannedLine

_COUNTED: Final = frozenset({ExerciseKind.JUMP, ExerciseKind.THROW})


@dataclass(frozen=True, slots=True)
class ContactsBand:
    """The most contacts that are usual in a session and in a week. House band."""

    a_session: int
    a_week: int


_BANDS: Final = MappingProxyType(
    {
        TrainingAge.SEDENTARY: ContactsBand(30, 60),
        TrainingAge.NEW: ContactsBand(60, 120),
        TrainingAge.RETURNING: ContactsBand(60, 120),
        TrainingAge.NOT_SAID: ContactsBand(60, 120),
        TrainingAge.SOME: ContactsBand(100, 200),
        TrainingAge.EXPERIENCED: ContactsBand(140, 300),
    }
)


def contacts_band(training_age: TrainingAge) -> ContactsBand:
    """Answer the most contacts that are usual for a training age. House rule."""
    return _BANDS[training_age]


def contacts_of(line: PlannedLine) -> int:
    """Answer the contacts that a line plans: repetitions of jumps and throws, both sides where each side counts."""
    if line.exercise.kind not in _COUNTED or line.prescription.ramp:
        return 0
    sides = 2 if line.prescription.each_side else 1
    return sides * sum(reps_of(plan.target) or 0 for plan in line.prescription.plans)


def contacts_done(row: PerformedSet, exercise: Exercise) -> int:
    """Answer the contacts of a performed set; sides told apart are added, else both count where each was asked."""
    if exercise.kind not in _COUNTED or row.outcome is not Outcome.DONE:
        return 0
    if row.how.left is not None and row.how.right is not None:
        return row.how.left + row.how.right
    return (row.reps or 0) * (2 if "each side" in row.planned else 1)
