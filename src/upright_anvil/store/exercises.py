"""The trainer's own exercises and edits of shipped ones."""

from collections.abc import Sequence
from uuid import uuid4

from sqlalchemy import bindparam, select

from upright_anvil.core.ids import ExerciseId
from upright_anvil.store.database import Scope
from upright_anvil.store.not_found import NotFoundError
from upright_anvil.store.tables import OwnExerciseRow, TrainerRow

_MARK = select(TrainerRow.library_mark).where(TrainerRow.id == bindparam("trainer"))


def library_mark(scope: Scope) -> str | None:
    """Answer the mark of the library's present state: new after every change, None before the first."""
    return scope.db.scalar(_MARK, {"trainer": scope.trainer_id})


def changed(scope: Scope) -> None:
    """Give the library a new mark; every change of an own exercise ends with it."""
    trainer = scope.db.get_one(TrainerRow, scope.trainer_id)
    trainer.library_mark = uuid4().hex
    scope.db.flush()


def own_exercises(scope: Scope) -> Sequence[OwnExerciseRow]:
    """Answer the trainer's own exercises and edits, removed ones included."""
    query = select(OwnExerciseRow).order_by(OwnExerciseRow.name)
    return scope.db.scalars(query).all()


def own_exercise(scope: Scope, exercise_id: ExerciseId) -> OwnExerciseRow:
    """Answer one own exercise. Raises `NotFoundError`."""
    row = scope.db.get(OwnExerciseRow, exercise_id)
    if row is None or row.shipped_id is not None:
        raise NotFoundError("exercise of your own")
    return row


def edit_of(scope: Scope, shipped_id: str) -> OwnExerciseRow | None:
    """Answer the trainer's edit of a shipped exercise, None where there is none."""
    query = select(OwnExerciseRow).where(OwnExerciseRow.shipped_id == shipped_id)
    return scope.db.scalars(query).first()
