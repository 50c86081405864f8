"""Changing a session on the day: looking at what a change does, making it, taking it back."""

from dataclasses import dataclass, replace
from datetime import date, datetime
from typing import Any

from pydantic import TypeAdapter

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId, DayId, ProgramId, SessionId, WeekId
from upright_anvil.core.plan.document import Day
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import day_estimate
from upright_anvil.core.session.model import DayChange, edits_of
from upright_anvil.core.session.this_session import as_changed, day_of
from upright_anvil.services.acknowledged import Acknowledged
from upright_anvil.services.floor.changes.change_requests import RequestedChange, RequestedReadiness, worked_out
from upright_anvil.services.floor.changes.on_the_day import MadeChange, cycle_energy, on_the_day, pains_as_text, written
from upright_anvil.services.floor.opened import Opened, opened
from upright_anvil.services.floor.session import find_started
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import floor as store
from upright_anvil.store.log import training_sessions
from upright_anvil.store.rows.once import IdTakenError, stored
from upright_anvil.store.tables import ReadinessRow, SessionChangeRow

_REQUESTED: TypeAdapter[RequestedChange] = TypeAdapter(RequestedChange)


@dataclass(frozen=True, slots=True)
class Preview:
    """What a change would do: its parts, one sentence, the estimated seconds of the session before and after."""

    changes: tuple[DayChange, ...]
    said: str
    seconds: int
    after: int


def preview(
    scope: Scope, program_id: ProgramId, week_id: WeekId, day_id: DayId, requested: RequestedChange, today: date
) -> Preview:
    """Answer what something asked for would change; nothing is kept. Raises `DomainError`, `NotFoundError`."""
    view = opened(scope, program_id, week_id, day_id, today)
    answered = worked_out(scope, view.day, _with_cycle(scope, requested, view, today), view.here, view.done, today)
    after = day_of(as_changed(view.day.session, edits_of(answered.changes)))[1]
    return Preview(answered.changes, answered.said, _seconds(view, view.day.found.day), _seconds(view, after))


def make_change(
    scope: Scope,
    sid: SessionId,
    change_id: str,
    requested: RequestedChange,
    left_out: frozenset[str],
    now: datetime,
    today: date,
) -> Acknowledged:
    """Make a change in a started session; sent twice, it is made once.

    ``left_out`` are keys of parts the trainer did not want. A report of readiness is kept even where nothing changes.
    Raises `DomainError`, `NotFoundError`.
    """
    session = training_sessions.session(scope, sid)
    if stored(scope, SessionChangeRow, change_id, session_id=sid, sort=requested.sort):
        if _asked_of(scope, sid, change_id) != _REQUESTED.dump_python(requested, mode="json"):
            raise IdTakenError
        return Acknowledged(change_id, again=True)
    view = opened(scope, session.program_id, session.week_id, session.day_id, today)
    asked = _with_cycle(scope, requested, view, today)
    said: dict[str, Any] = _REQUESTED.dump_python(asked, mode="json")
    answered = worked_out(scope, view.day, asked, view.here, view.done, today)
    if isinstance(asked, RequestedReadiness):
        _keep_report(scope, sid, session.client_id, change_id, asked, now)
    taken = [change for change in answered.changes if change.key not in left_out]
    store.add_change(scope, session, change_id, asked.sort, said, written(taken), now)
    _estimate_anew(scope, sid, today)
    return Acknowledged(change_id, again=False)


def undo_change(scope: Scope, sid: SessionId, row_id: str, undoes: str, now: datetime, today: date) -> Acknowledged:
    """Take back a change, or one part of it (``id/key``); taking it back again changes nothing.

    Raises `DomainError` when there is no such change, `NotFoundError`.
    """
    session = training_sessions.session(scope, sid)
    rows = store.change_rows(scope, sid)
    again = stored(scope, SessionChangeRow, row_id, session_id=sid, undoes=undoes)
    if again or any(row.undoes == undoes for row in rows):
        return Acknowledged(row_id, again=True)
    names = {change.id for change in made_changes(scope, sid)} | {row.id for row in rows}
    if undoes not in names:
        raise DomainError("That change was not made in this session.")
    store.add_change(scope, session, row_id, "undo", {}, written(()), now, undoes)
    _estimate_anew(scope, sid, today)
    return Acknowledged(row_id, again=False)


def made_changes(scope: Scope, sid: SessionId) -> tuple[MadeChange, ...]:
    """Answer the changes of a started session, those taken back included."""
    return on_the_day(scope, find_started(scope, sid)).changes


def _asked_of(scope: Scope, sid: SessionId, change_id: str) -> dict[str, Any]:
    """What the device asked for with a change that is kept: without the cycle report that was put to it here."""
    asked = next(row.asked for row in store.change_rows(scope, sid) if row.id == change_id)
    return asked | {"report": asked["report"] | {"cycle_energy": None}} if "report" in asked else asked


def _with_cycle(scope: Scope, requested: RequestedChange, view: Opened, today: date) -> RequestedChange:
    """A report of readiness counts the client's own cycle report of the day."""
    if not isinstance(requested, RequestedReadiness):
        return requested
    return replace(requested, report=replace(requested.report, cycle_energy=cycle_energy(scope, view.who, today)))


def _keep_report(
    scope: Scope, sid: SessionId, client_id: ClientId, row_id: str, requested: RequestedReadiness, now: datetime
) -> None:
    report = requested.report
    row = ReadinessRow(
        id=row_id,
        client_id=client_id,
        session_id=sid,
        sleep=report.sleep,
        energy=report.energy,
        stress=report.stress,
        soreness=report.soreness,
        pains=pains_as_text(report.pains),
        at=now,
    )
    scope.db.add(row)
    scope.db.flush()


def _seconds(view: Opened, day: Day) -> int:
    return day_estimate(day, view.day.found.phase.weeks, 0, view.profile)


def _estimate_anew(scope: Scope, sid: SessionId, today: date) -> None:
    """The minutes a session is measured against are those of what is left in it."""
    found = on_the_day(scope, find_started(scope, sid)).found
    unpaced: ClientProfile = replace(client_profile(scope, found.program.client_id, today), pace=1.0)
    row = training_sessions.session(scope, sid)
    row.estimated_seconds = day_estimate(found.day, found.phase.weeks, 0, unpaced)
