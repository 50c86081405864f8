"""The step back after a client was away: shown when the floor opens, kept when the session begins."""

from collections.abc import Mapping
from datetime import date, datetime

from upright_anvil.core.ids import SessionId
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.session.away import stepping_back
from upright_anvil.core.session.model import DayChange, Sort
from upright_anvil.core.strength.layoff import step_back
from upright_anvil.services.floor.changes.on_the_day import OnTheDay, with_changes, written
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import floor as store
from upright_anvil.store.tables import SessionRow


def last_trained(dates: Mapping[SessionId, date], sid: SessionId, today: date) -> date | None:
    """Answer the day of the client's last session before one; None where there was none."""
    return max((on for held, on in dates.items() if held != sid and on <= today), default=None)


def was_away(dates: Mapping[SessionId, date], sid: SessionId, today: date) -> bool:
    """Answer whether a client comes back to a session after so long that it steps back."""
    last = last_trained(dates, sid, today)
    return last is not None and bool(step_back((today - last).days))


def with_step_back(day: OnTheDay, profile: ClientProfile, dates: Mapping[SessionId, date], today: date) -> OnTheDay:
    """Answer a session that has not begun with the step back in it; one that has begun is as it was begun."""
    if day.found.row is not None:
        return day
    changes = stepping_back(day.session, profile, last_trained(dates, day.found.id, today), today)
    return with_changes(day, changes, Sort.AWAY, row_of(day.found.id)) if changes else day


def row_of(sid: SessionId) -> str:
    """Answer the id of the row that keeps a session's step back."""
    return f"{sid}-away"


def keep_step_back(
    scope: Scope,
    session: SessionRow,
    day: OnTheDay,
    profile: ClientProfile,
    dates: Mapping[SessionId, date],
    now: datetime,
) -> tuple[DayChange, ...]:
    """Keep the step back of a session that begins, and answer it; nothing where the client was not away."""
    changes = stepping_back(day.session, profile, last_trained(dates, session.id, session.on_date), session.on_date)
    if changes:
        store.add_change(scope, session, row_of(session.id), Sort.AWAY, {}, written(changes), now)
    return changes
