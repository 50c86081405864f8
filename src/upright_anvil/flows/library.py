"""The exercises a trainer can choose from: those that ship with the app, and apart from them the trainer's own."""

from dataclasses import dataclass
from datetime import date, datetime
from functools import cached_property, lru_cache

from upright_anvil.core.exercises import Exercise
from upright_anvil.core.health.cautions import Caution, Grade, joint_cautions
from upright_anvil.core.ids import ClientId, ExerciseId, PlaceId
from upright_anvil.core.library.ladders import Ladders
from upright_anvil.core.library.search import SearchIndex
from upright_anvil.core.sentences import Refusal
from upright_anvil.flows.health import standing_of
from upright_anvil.flows.ids import fresh_id
from upright_anvil.flows.places import inventory_of
from upright_anvil.formats.exercise_file import exercise_of, shipped_exercises, shipped_ladders, table_of
from upright_anvil.store import exercises as store
from upright_anvil.store.database import Scope
from upright_anvil.store.not_found import NotFoundError
from upright_anvil.store.places import place
from upright_anvil.store.tables import OwnExerciseRow

REMEMBERED = 8
"""How many states of the library are kept in memory: a trainer's changes make a new one."""


@dataclass(frozen=True)
class Library:
    """All exercises at one time, removed ones included and marked, with their ladders and their search index."""

    exercises: dict[ExerciseId, Exercise]
    ladders: Ladders

    @cached_property
    def index(self) -> SearchIndex:
        """The search index."""
        return SearchIndex(self.exercises.values())

    def exercise(self, exercise_id: ExerciseId) -> Exercise:
        """Answer one exercise. Raises `NotFoundError`."""
        found = self.exercises.get(exercise_id)
        if found is None:
            raise NotFoundError("exercise")
        return found


_remembered: dict[str, Library] = {}


@lru_cache(maxsize=1)
def shipped_library() -> Library:
    """Answer the library as it ships."""
    return Library(shipped_exercises(), shipped_ladders())


def library(scope: Scope) -> Library:
    """Answer the library as it stands; read anew only after a change, so that its size costs nothing elsewhere."""
    mark = store.library_mark(scope)
    if mark is None:
        return shipped_library()
    if mark not in _remembered:
        while len(_remembered) >= REMEMBERED:
            _remembered.pop(next(iter(_remembered)))
        _remembered[mark] = _read(scope)
    return _remembered[mark]


def _read(scope: Scope) -> Library:
    exercises = dict(shipped_exercises())
    for row in store.own_exercises(scope):
        if row.shipped_id is None:
            exercises[ExerciseId(row.id)] = own_of(row)
        elif row.shipped_id in exercises and row.removed_at is None:
            exercises[row.shipped_id] = exercise_of(row.shipped_id, row.document, edited=True)
    own = [e for e in exercises.values() if e.own and not e.removed]
    return Library(exercises, shipped_ladders().with_own(own))


def own_of(row: OwnExerciseRow) -> Exercise:
    """Read an own exercise's row."""
    return exercise_of(ExerciseId(row.id), row.document, own=True, removed=row.removed_at is not None)


def all_exercises(scope: Scope) -> dict[ExerciseId, Exercise]:
    """Answer every exercise by id, removed own ones included and marked."""
    return library(scope).exercises


def choices(scope: Scope) -> tuple[Exercise, ...]:
    """Answer the exercises to choose from, by name."""
    return library(scope).index.find("", limit=len(library(scope).exercises))


@dataclass(frozen=True, slots=True)
class Hit:
    """An exercise found, with what a client's joints say of it."""

    exercise: Exercise
    cautions: tuple[Caution, ...]


@dataclass(frozen=True, slots=True)
class Found:
    """What was found, best first, and how many there are to choose from in all."""

    hits: tuple[Hit, ...]
    of: int


def find(
    scope: Scope,
    query: str,
    limit: int,
    today: date,
    client_id: ClientId | None = None,
    place_id: PlaceId | None = None,
) -> Found:
    """Answer the exercises that fit a query, best first.

    With a place only what can be done there; with a client what stops a joint comes last. Raises `NotFoundError`.
    """
    shelf = library(scope)
    standing = standing_of(scope, client_id, today) if client_id else ()
    at = inventory_of(place(scope, place_id)) if place_id else None
    if at is None and not standing:
        return Found(tuple(Hit(e, ()) for e in shelf.index.find(query, limit)), len(shelf.exercises))
    found = shelf.index.find(query, len(shelf.exercises))
    hits = [Hit(e, joint_cautions(e, standing)) for e in found if at is None or e.possible_at(at)]
    hits.sort(key=lambda hit: any(c.grade is Grade.STOP for c in hit.cautions))
    return Found(tuple(hits[:limit]), len(shelf.exercises))


def add_own(scope: Scope, exercise: Exercise) -> Exercise:
    """Add an exercise of the trainer's own. Raises `Refusal` when the name is taken or its rung is no rung."""
    name = _free_name(scope, exercise.name, None)
    _check_rung(scope, exercise)
    made = OwnExerciseRow(
        id=f"own-{fresh_id()}",
        trainer_id=scope.trainer_id,
        name=name,
        document=table_of(exercise) | {"name": name},
    )
    scope.db.add(made)
    store.changed(scope)
    return own_of(made)


def change_exercise(scope: Scope, exercise_id: ExerciseId, exercise: Exercise) -> Exercise:
    """Change an own exercise, a removed one comes back; or keep an edit of a shipped one apart from it.

    Raises `NotFoundError`, `Refusal`.
    """
    name = _free_name(scope, exercise.name, exercise_id)
    document = table_of(exercise) | {"name": name}
    if exercise_id not in shipped_exercises():
        _check_rung(scope, exercise)
        row = store.own_exercise(scope, exercise_id)
        row.name, row.document, row.removed_at = name, document, None
    else:
        edit = store.edit_of(scope, exercise_id)
        if edit is None:
            edit = OwnExerciseRow(id=f"edit-{fresh_id()}", trainer_id=scope.trainer_id, shipped_id=exercise_id)
            scope.db.add(edit)
        edit.name, edit.document, edit.removed_at = name, document, None
    store.changed(scope)
    return library(scope).exercise(exercise_id)


def remove_own(scope: Scope, exercise_id: ExerciseId, now: datetime) -> None:
    """Remove an own exercise from the choices, or an edit so that the shipped one shows again.

    Plans and history that name a removed exercise keep it. Raises `NotFoundError`.
    """
    if exercise_id in shipped_exercises():
        edit = store.edit_of(scope, exercise_id)
        if edit is None or edit.removed_at is not None:
            raise NotFoundError("edit of this exercise")
        edit.removed_at = now
    else:
        store.own_exercise(scope, exercise_id).removed_at = now
    store.changed(scope)


def _free_name(scope: Scope, name: str, exercise_id: ExerciseId | None) -> str:
    name = " ".join(name.split())
    if any(e.name.lower() == name.lower() and e.id != exercise_id for e in choices(scope)):
        raise Refusal(f"There is an exercise called {name} already; choose it, or add yours under another name.")
    return name


def _check_rung(scope: Scope, exercise: Exercise) -> None:
    if not exercise.ladder:
        return
    ladder = next((la for la in library(scope).ladders.all if la.id == exercise.ladder), None)
    if ladder is None or (exercise.after and exercise.after not in ladder.rungs):
        raise Refusal("Choose a ladder, and the rung your exercise comes after.")
