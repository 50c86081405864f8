"""What always goes for a client with an exercise, through every program."""

from datetime import datetime

from sqlalchemy import bindparam, select

from upright_anvil.core.ids import ClientId, ExerciseId
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.once import stored
from upright_anvil.store.rows.query import Query
from upright_anvil.store.tables import ExerciseNoteRow

_NOTES: Query[tuple[ExerciseId, str]] = Query(
    select(ExerciseNoteRow.exercise, ExerciseNoteRow.text)
    .where(ExerciseNoteRow.client_id == bindparam("client"))
    .order_by(ExerciseNoteRow.seq)
)


def exercise_notes(scope: Scope, client_id: ClientId) -> dict[ExerciseId, str]:
    """Answer the notes that hold for a client, by exercise."""
    found = {exercise: text for exercise, text in _NOTES.all(scope, client=client_id)}  # noqa: C416 - plain pairs
    return {exercise: text for exercise, text in found.items() if text}


def keep_exercise_note(
    scope: Scope, client_id: ClientId, note_id: str, exercise: ExerciseId, text: str, now: datetime
) -> bool:
    """Keep a note in the place of the one before; answer whether it was kept already. Raises `IdTakenError`."""
    if stored(scope, ExerciseNoteRow, note_id, client_id=client_id, exercise=exercise, text=text):
        return True
    scope.db.add(ExerciseNoteRow(id=note_id, client_id=client_id, exercise=exercise, text=text, at=now))
    scope.db.flush()
    return False
