"""A note that belongs to a client and an exercise and follows both through every program."""

from datetime import datetime

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId, ExerciseId
from upright_anvil.services.acknowledged import Acknowledged
from upright_anvil.services.shelf import all_exercises
from upright_anvil.store.client.clients import client
from upright_anvil.store.client.exercise_notes import keep_exercise_note
from upright_anvil.store.file.database import Scope


def note_exercise(
    scope: Scope, client_id: ClientId, exercise: ExerciseId, note_id: str, text: str, now: datetime
) -> Acknowledged:
    """Keep what always goes for a client with an exercise; without text it goes no more.

    Sent twice, it is kept once. Raises `NotFoundError`, `DomainError` for an exercise nobody knows.
    """
    client(scope, client_id)
    if exercise not in all_exercises(scope):
        raise DomainError("Nobody knows that exercise any more.")
    return Acknowledged(note_id, again=keep_exercise_note(scope, client_id, note_id, exercise, text, now))
