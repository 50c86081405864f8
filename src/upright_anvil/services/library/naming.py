"""Which exercise a typed name means, and the nearest ones where it means none."""

from collections.abc import Iterable
from dataclasses import dataclass
from typing import Final

from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.library.search import SearchIndex
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.read_out.reading import prescription_or_none

NEAREST = 3
"""Exercises offered for a name that is not in the library."""


@dataclass(frozen=True, slots=True)
class NearExercise:
    """An exercise that a typed name may mean."""

    id: ExerciseId
    name: str


@dataclass(frozen=True, slots=True)
class MeantExercise:
    """The exercise that a typed name really names, None where it names none; the nearest ones, best first."""

    exercise: NearExercise | None
    nearest: tuple[NearExercise, ...]

    @property
    def id(self) -> ExerciseId | None:
        """The id of the exercise it names."""
        return self.exercise.id if self.exercise else None


A_BAR: Final = 20
"""Kilograms from which on a load says that a bar is meant. House rule."""


def meant_by(index: SearchIndex, typed: str, loads: Iterable[Load | None]) -> MeantExercise:
    """Answer which exercise a typed name means with the loads that stand beside it."""
    hits = index.search(typed, NEAREST, loaded=is_loaded(loads))
    near = tuple(NearExercise(hit.exercise.id, hit.exercise.name) for hit in hits)
    return MeantExercise(near[0] if hits and hits[0].named else None, near)


def is_loaded(loads: Iterable[Load | None]) -> bool:
    """Answer whether a load of a bar's weight or more is among them."""
    return any(load is not None and load.kg >= A_BAR for load in loads)


def loads_in(text: str, unit: Unit) -> tuple[Load | None, ...]:
    """Answer the weights that a line in shorthand asks for; none where it cannot be read."""
    asked = prescription_or_none(text, unit)
    return tuple(plan.load for plan in asked.plans if isinstance(plan.load, Load)) if asked else ()
