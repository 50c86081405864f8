"""The client's file as a draft reads it."""

from collections import defaultdict
from collections.abc import Mapping
from datetime import date, timedelta
from typing import Final

from upright_anvil.core.drafting.brief import Brief, OwnWords
from upright_anvil.core.ids import ClientId, ExerciseId, PlaceId
from upright_anvil.core.ledger.how import SetEnd
from upright_anvil.services.profile.standpoint import standpoint
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import ledger, training_sessions

HURT_DAYS: Final = 90
"""Days back in which an exercise that hurt stays out of a draft, unless a later set went without. House rule."""


def brief_of(scope: Scope, client_id: ClientId, today: date, away: Mapping[int, PlaceId] | None = None) -> Brief:
    """Answer the brief for a client's draft; ``away`` are weeks (from 1) at another place. Raises `NotFoundError`."""
    who = client(scope, client_id)
    said = OwnWords(
        goal=who.goal,
        second_goal=who.second_goal,
        about=who.about,
        likes=who.likes,
        dislikes=who.dislikes,
        age=today.year - who.birth_year if who.birth_year else None,
        weekdays=tuple(int(day) for day in who.weekdays),
        ready_by=who.ready_by,
        hurt=_hurt(scope, client_id, today),
    )
    return Brief(standpoint(scope, client_id, today), said, today, away or {})


def _hurt(scope: Scope, client_id: ClientId, today: date) -> frozenset[ExerciseId]:
    """The exercises whose last session of late had pain in a set: the last by its day, whenever it was written down."""
    days = {session.id: session.on_date for session in training_sessions.sessions_of_client(scope, client_id)}
    by_day: dict[ExerciseId, dict[date, bool]] = defaultdict(dict)
    for kept in ledger.sets_since(scope, client_id, today - timedelta(days=HURT_DAYS)):
        sessions, on = by_day[kept.row.exercise], days[kept.session_id]
        sessions[on] = sessions.get(on, False) or kept.row.how.pain is not None or kept.row.how.ended is SetEnd.PAIN
    return frozenset(exercise for exercise, sessions in by_day.items() if sessions[max(sessions)])
