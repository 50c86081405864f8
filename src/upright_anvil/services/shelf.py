"""The exercises a trainer can choose from: those that ship with the app, and apart from them the trainer's own."""

from collections import ChainMap
from collections.abc import Mapping
from dataclasses import dataclass, field
from functools import cached_property, lru_cache
from typing import cast

from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.library.ladders import Ladders
from upright_anvil.core.library.search import SearchIndex
from upright_anvil.formats.shipped.exercise_file import (
    exercise_of,
    first_names,
    first_names_loaded,
    shipped_exercises,
    shipped_ladders,
)
from upright_anvil.store.file.database import Scope
from upright_anvil.store.file.memo import Memo
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.studio import exercises as store
from upright_anvil.store.tables import OwnExerciseRow

REMEMBERED = 8
"""How many states of the library are kept in memory: a trainer's changes make a new one."""


@dataclass(frozen=True)
class Library:
    """All exercises at one time, removed ones included and marked, with their ladders and their search index.

    ``pictures`` has the mark of each exercise's picture of the trainer's own.
    """

    exercises: Mapping[ExerciseId, Exercise]
    ladders: Ladders
    pictures: Mapping[ExerciseId, str] = field(default_factory=dict)

    @cached_property
    def index(self) -> SearchIndex:
        """The search index."""
        return SearchIndex(self.exercises.values(), first_names(), first_names_loaded())

    def exercise(self, exercise_id: ExerciseId) -> Exercise:
        """Answer one exercise. Raises `NotFoundError`."""
        found = self.exercises.get(exercise_id)
        if found is None:
            raise NotFoundError("exercise")
        return found


_remembered: Memo[Library] = Memo(REMEMBERED)


@lru_cache(maxsize=1)
def shipped_library() -> Library:
    """Answer the library as it ships."""
    return Library(shipped_exercises(), shipped_ladders())


def library(scope: Scope) -> Library:
    """Answer the library as it stands; read anew only after a change, so that its size costs nothing elsewhere."""
    mark = store.library_mark(scope)
    if mark is None:
        return shipped_library()
    return _remembered.get(scope.memory, mark, lambda: _read(scope))


def _read(scope: Scope) -> Library:
    shipped, own = shipped_exercises(), dict[ExerciseId, Exercise]()
    for row in store.own_exercises(scope):
        if row.shipped_id is None:
            own[ExerciseId(row.id)] = own_of(row)
        elif row.shipped_id in shipped and row.removed_at is None:
            # An edit from before there were other names keeps those that ship.
            document = {"also": list(shipped[row.shipped_id].also)} | row.document
            own[row.shipped_id] = exercise_of(row.shipped_id, document, edited=True)
    ladders = shipped_ladders().with_own([e for e in own.values() if e.own and not e.removed])
    return Library(ChainMap(own, cast("dict[ExerciseId, Exercise]", shipped)), ladders, store.picture_marks(scope))


def own_of(row: OwnExerciseRow) -> Exercise:
    """Read an own exercise's row."""
    return exercise_of(ExerciseId(row.id), row.document, own=True, removed=row.removed_at is not None)


def all_exercises(scope: Scope) -> Mapping[ExerciseId, Exercise]:
    """Answer every exercise by id, removed own ones included and marked."""
    return library(scope).exercises


def choices(scope: Scope) -> tuple[Exercise, ...]:
    """Answer the exercises to choose from, by name."""
    return library(scope).index.find("", limit=len(library(scope).exercises))
