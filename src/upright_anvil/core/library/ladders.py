"""Ladders: exercises in order from easier to harder, and how far two rungs are apart."""

from collections import deque
from collections.abc import Iterable, Iterator, Mapping
from dataclasses import dataclass
from functools import cached_property
from itertools import pairwise

from upright_anvil.core.errors import DomainError
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ids import ExerciseId


@dataclass(frozen=True, slots=True)
class Ladder:
    """A named ladder; ``rungs`` are exercise ids, easiest first."""

    id: str
    name: str
    rungs: tuple[ExerciseId, ...]


@dataclass(frozen=True)
class Ladders:
    """All ladders together, with the steps between their rungs."""

    all: tuple[Ladder, ...]

    @cached_property
    def _harder(self) -> dict[ExerciseId, tuple[ExerciseId, ...]]:
        return _neighbours((low, high) for ladder in self.all for low, high in _steps(ladder))

    @cached_property
    def _easier(self) -> dict[ExerciseId, tuple[ExerciseId, ...]]:
        return _neighbours((high, low) for ladder in self.all for low, high in _steps(ladder))

    @cached_property
    def _of(self) -> dict[ExerciseId, tuple[Ladder, ...]]:
        found: dict[ExerciseId, tuple[Ladder, ...]] = {}
        for ladder in self.all:
            for rung in ladder.rungs:
                found[rung] = (*found.get(rung, ()), ladder)
        return found

    def of(self, exercise_id: ExerciseId) -> tuple[Ladder, ...]:
        """Answer the ladders an exercise stands on."""
        return self._of.get(exercise_id, ())

    def harder(self, exercise_id: ExerciseId) -> tuple[ExerciseId, ...]:
        """Answer the next rungs up, one for each ladder."""
        return self._harder.get(exercise_id, ())

    def easier(self, exercise_id: ExerciseId) -> tuple[ExerciseId, ...]:
        """Answer the next rungs down, one for each ladder."""
        return self._easier.get(exercise_id, ())

    def rungs_between(self, start: ExerciseId, end: ExerciseId) -> int | None:
        """Answer how many rungs ``end`` is above ``start`` (below: negative) on the shortest way; None off the ladder.

        Only ways that climb all along, or fall all along, count: up and down again says nothing. House rule.
        """
        return self.rungs_from(start).get(end)

    def rungs_from(self, start: ExerciseId) -> dict[ExerciseId, int]:
        """Answer all exercises that can be reached from one, and how many rungs above it they are, as above."""
        down = {end: -rungs for end, rungs in _distances(self._easier, start).items()}
        up = _distances(self._harder, start)
        return down | {end: rungs for end, rungs in up.items() if end not in down or rungs <= -down[end]}

    def with_own(self, own: Iterable[Exercise]) -> "Ladders":
        """Answer the ladders with own exercises put above the rung they name (below the first where they name none)."""
        rungs = {ladder.id: list(ladder.rungs) for ladder in self.all}
        for exercise in own:
            if exercise.ladder in rungs and exercise.id not in rungs[exercise.ladder]:
                ladder = rungs[exercise.ladder]
                ladder.insert(ladder.index(exercise.after) + 1 if exercise.after in ladder else 0, exercise.id)
        return Ladders(tuple(Ladder(la.id, la.name, tuple(rungs[la.id])) for la in self.all))


def check_ladders(ladders: Ladders, exercises: Mapping[ExerciseId, Exercise]) -> None:
    """Raise `DomainError` for a rung nobody knows, a rung named twice, or ladders that form a cycle."""
    for ladder in ladders.all:
        for rung in ladder.rungs:
            if rung not in exercises:
                raise DomainError(f"The ladder {ladder.name} names {rung}, which is no exercise.")
        if len(set(ladder.rungs)) < len(ladder.rungs):
            raise DomainError(f"The ladder {ladder.name} names a rung twice.")
    for ladder in ladders.all:
        for rung in ladder.rungs:
            if any(rung in _distances(ladders._harder, harder) for harder in ladders.harder(rung)):
                raise DomainError(f"By the ladders, {rung} is harder than itself.")


def _steps(ladder: Ladder) -> Iterator[tuple[ExerciseId, ExerciseId]]:
    return pairwise(ladder.rungs)


def _neighbours(steps: Iterable[tuple[ExerciseId, ExerciseId]]) -> dict[ExerciseId, tuple[ExerciseId, ...]]:
    found: dict[ExerciseId, tuple[ExerciseId, ...]] = {}
    for start, end in steps:
        if end not in found.get(start, ()):
            found[start] = (*found.get(start, ()), end)
    return found


def _distances(neighbours: Mapping[ExerciseId, tuple[ExerciseId, ...]], start: ExerciseId) -> dict[ExerciseId, int]:
    far = {start: 0}
    queue = deque([start])
    while queue:
        here = queue.popleft()
        for there in neighbours.get(here, ()):
            if there not in far:
                far[there] = far[here] + 1
                queue.append(there)
    return far
