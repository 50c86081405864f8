"""Exercises of the trainer's own, and edits of shipped ones kept apart from them."""

from dataclasses import replace
from datetime import datetime

from upright_anvil.core.errors import DomainError
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ids import NO_EXERCISE, ExerciseId
from upright_anvil.formats.shipped.exercise_file import shipped_exercises, table_of
from upright_anvil.services.ids import fresh_id
from upright_anvil.services.shelf import choices, library, own_of
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.studio import exercises as store
from upright_anvil.store.tables import OwnExerciseRow


def add_own(scope: Scope, exercise: Exercise) -> Exercise:
    """Add an exercise of the trainer's own. Raises `DomainError` when the name is taken or its rung is no rung."""
    name = _free_name(scope, exercise.name, None)
    _check_rung(scope, exercise)
    made = OwnExerciseRow(
        id=f"own-{fresh_id()}",
        name=name,
        document=table_of(exercise) | {"name": name},
    )
    scope.db.add(made)
    store.changed(scope)
    return own_of(made)


def add_like(scope: Scope, name: str, like: ExerciseId) -> Exercise:
    """Add an own exercise that moves, trains, loads and needs what another does.

    What is said of the other alone stays behind: its other names, how heavy it is lifted beside its kin, its rung.
    Raises `NotFoundError`, `DomainError` when the name is taken.
    """
    copied = library(scope).exercise(like)
    plain = replace(copied, name=name, also=(), family="", strength=(), ladder="", after=NO_EXERCISE)
    return add_own(scope, plain)


def change_exercise(scope: Scope, exercise_id: ExerciseId, exercise: Exercise) -> Exercise:
    """Change an own exercise, a removed one comes back; or keep an edit of a shipped one apart from it.

    Raises `NotFoundError`, `DomainError`.
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
            edit = OwnExerciseRow(id=f"edit-{fresh_id()}", shipped_id=exercise_id)
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
        raise DomainError(f"There is an exercise called {name} already; choose it, or add yours under another name.")
    return name


def _check_rung(scope: Scope, exercise: Exercise) -> None:
    if not exercise.ladder:
        return
    ladder = next((la for la in library(scope).ladders.all if la.id == exercise.ladder), None)
    if ladder is None or (exercise.after and exercise.after not in ladder.rungs):
        raise DomainError("Choose a ladder, and the rung your exercise comes after.")
