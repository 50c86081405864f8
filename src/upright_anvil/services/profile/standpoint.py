"""Whom a plan is for, as the checks, templates and drafts see the client."""

from datetime import date

from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.screening import Intensity
from upright_anvil.core.ids import ClientId
from upright_anvil.services.health.health_file import screening_of
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope


def standpoint(scope: Scope, client_id: ClientId, today: date) -> Standpoint:
    """Answer the client's standpoint. Raises `NotFoundError`."""
    who = client(scope, client_id)
    screening = screening_of(scope, client_id, today)
    waits = screening.allowed is not Intensity.VIGOROUS
    return Standpoint(
        profile=client_profile(scope, client_id, today),
        goal=GoalKind(who.aim),
        second_goal=GoalKind(who.second_aim),
        training_age=TrainingAge(who.training_age),
        minutes=who.minutes,
        days_a_week=who.days_a_week,
        clearance=(screening.reminder or screening.reason) if waits else "",
    )
