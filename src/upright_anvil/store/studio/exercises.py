"""The trainer's own exercises and edits of shipped ones."""

from collections.abc import Sequence
from datetime import datetime
from typing import Any
from uuid import uuid4

from sqlalchemy import bindparam, select

from upright_anvil.core.ids import ExerciseId
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.by_id import by_id
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.rows.query import Query
from upright_anvil.store.tables import ExercisePictureRow, OwnExerciseRow, StudioRow

_MARK: Query[Any] = Query(select(StudioRow.library_mark).where(StudioRow.id == bindparam("studio")))


def library_mark(scope: Scope) -> str | None:
    """Answer the mark of the library's present state: new after every change, None before the first."""
    mark: str | None = _MARK.value(scope, studio=scope.studio_id)
    return mark


def changed(scope: Scope) -> None:
    """Give the library a new mark; every change of an own exercise ends with it."""
    trainer = scope.db.get_one(StudioRow, scope.studio_id)
    trainer.library_mark = uuid4().hex
    scope.db.flush()


def own_exercises(scope: Scope) -> Sequence[OwnExerciseRow]:
    """Answer the trainer's own exercises and edits, removed ones included."""
    query = select(OwnExerciseRow).order_by(OwnExerciseRow.name)
    return scope.db.scalars(query).all()


def own_exercise(scope: Scope, exercise_id: ExerciseId) -> OwnExerciseRow:
    """Answer one own exercise. Raises `NotFoundError`."""
    row = by_id(scope, OwnExerciseRow, exercise_id)
    if row is None or row.shipped_id is not None:
        raise NotFoundError("exercise of your own")
    return row


def edit_of(scope: Scope, shipped_id: str) -> OwnExerciseRow | None:
    """Answer the trainer's edit of a shipped exercise, None where there is none."""
    query = select(OwnExerciseRow).where(OwnExerciseRow.shipped_id == shipped_id)
    return scope.db.scalars(query).first()


def picture(scope: Scope, exercise_id: ExerciseId) -> ExercisePictureRow | None:
    """Answer the picture of an exercise, None where there is none."""
    return scope.db.get(ExercisePictureRow, (scope.studio_id, exercise_id))


def put_picture(scope: Scope, exercise_id: ExerciseId, content: bytes, mark: str, now: datetime) -> None:
    """Keep a picture of an exercise in place of the one before."""
    row = picture(scope, exercise_id)
    if row is None:
        scope.db.add(ExercisePictureRow(exercise=exercise_id, content=content, mark=mark, at=now))
    else:
        row.content, row.mark, row.at = content, mark, now
    scope.db.flush()


def drop_picture(scope: Scope, exercise_id: ExerciseId) -> None:
    """Remove the picture of an exercise. Raises `NotFoundError`."""
    row = picture(scope, exercise_id)
    if row is None:
        raise NotFoundError("picture")
    scope.db.delete(row)
    scope.db.flush()


def picture_marks(scope: Scope) -> dict[ExerciseId, str]:
    """Answer the marks of all pictures by exercise."""
    return {exercise: mark for exercise, mark in _PICTURES.all(scope)}  # noqa: C416 - rows become plain pairs


_PICTURES: Query[tuple[ExerciseId, str]] = Query(select(ExercisePictureRow.exercise, ExercisePictureRow.mark))
