"""A photo or drawing of the trainer's own beside an exercise."""

from datetime import datetime
from hashlib import sha256

from upright_anvil.core.ids import ExerciseId
from upright_anvil.services.shelf import library
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.studio import exercises as store


def keep_picture(scope: Scope, exercise_id: ExerciseId, small: bytes, now: datetime) -> str:
    """Keep a picture, made small already, beside an exercise in place of the one before; answer its mark.

    Raises `NotFoundError`.
    """
    library(scope).exercise(exercise_id)
    mark = sha256(small).hexdigest()[:16]
    store.put_picture(scope, exercise_id, small, mark, now)
    store.changed(scope)
    return mark


def drop_picture(scope: Scope, exercise_id: ExerciseId) -> None:
    """Take the picture of an exercise away. Raises `NotFoundError` where there is none."""
    store.drop_picture(scope, exercise_id)
    store.changed(scope)


def picture(scope: Scope, exercise_id: ExerciseId, mark: str) -> bytes:
    """Answer the picture of an exercise that has this mark. Raises `NotFoundError`."""
    found = store.picture(scope, exercise_id)
    if found is None or found.mark != mark:
        raise NotFoundError("picture")
    return found.content
