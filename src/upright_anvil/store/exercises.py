"""The trainer's own exercises."""

from collections.abc import Sequence

from sqlalchemy import select

from upright_anvil.store.database import Scope
from upright_anvil.store.not_found import NotFoundError
from upright_anvil.store.tables import OwnExerciseRow


def own_exercises(scope: Scope) -> Sequence[OwnExerciseRow]:
    """Answer the trainer's own exercises, removed ones included."""
    query = select(OwnExerciseRow).where(OwnExerciseRow.trainer_id == scope.trainer_id).order_by(OwnExerciseRow.name)
    return scope.db.scalars(query).all()


def own_exercise(scope: Scope, exercise_id: str) -> OwnExerciseRow:
    """Answer one own exercise. Raises `NotFoundError`."""
    row = scope.db.get(OwnExerciseRow, exercise_id)
    if row is None or row.trainer_id != scope.trainer_id:
        raise NotFoundError("exercise of your own")
    return row
