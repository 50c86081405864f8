"""History, health screens, clearances and cycle reports: rows that are added."""

from collections.abc import Sequence
from datetime import date

from sqlalchemy import bindparam, func, select
from sqlalchemy.orm import aliased

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.health.history import Condition, Entry, State
from upright_anvil.core.health.screening import Answers, Clearance, Disease, Intensity, Screen, Sign
from upright_anvil.core.ids import ClientId
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.rows.query import Query
from upright_anvil.store.tables import ClearanceRow, ClientRow, CycleReportRow, HistoryRow, ScreeningRow

_HISTORY: Query[HistoryRow] = Query(
    select(HistoryRow)
    .where(HistoryRow.client_id == bindparam("client"), HistoryRow.withdrawn_at.is_(None))
    .order_by(HistoryRow.seq)
)
_SCREENS: Query[ScreeningRow] = Query(
    select(ScreeningRow)
    .where(ScreeningRow.client_id == bindparam("client"))
    .order_by(ScreeningRow.on_date, ScreeningRow.seq)
)
_OLDEST_FIRST = select(ClearanceRow).order_by(ClearanceRow.on_date, ClearanceRow.seq)
_CLEARANCES: Query[ClearanceRow] = Query(_OLDEST_FIRST.where(ClearanceRow.client_id == bindparam("client")))
_CLEARANCES_SINCE: Query[ClearanceRow] = Query(_OLDEST_FIRST.where(ClearanceRow.on_date >= bindparam("since")))
_other = aliased(ScreeningRow)
_LAST_SCREENED = select(func.max(_other.on_date)).where(
    _other.client_id == ClientRow.id, _other.on_date <= bindparam("today")
)
_NEWEST_SCREENS: Query[ScreeningRow] = Query(
    select(ScreeningRow)
    .join(ClientRow, ScreeningRow.client_id == ClientRow.id)
    .where(ScreeningRow.on_date == _LAST_SCREENED.scalar_subquery())
    .order_by(ScreeningRow.seq)
)
_CYCLE_REPORTS: Query[CycleReportRow] = Query(
    select(CycleReportRow)
    .where(CycleReportRow.client_id == bindparam("client"))
    .order_by(CycleReportRow.on_date.desc(), CycleReportRow.seq.desc())
    .limit(bindparam("most"))
)


def history(scope: Scope, client_id: ClientId) -> list[Entry]:
    """Answer a client's entries that were not withdrawn, in the order they were written."""
    return [_entry(row) for row in _HISTORY.all(scope, client=client_id)]


def history_row(scope: Scope, entry_id: str) -> HistoryRow:
    """Answer one entry's row. Raises `NotFoundError`."""
    query = select(HistoryRow).where(HistoryRow.id == entry_id)
    row = scope.db.scalars(query).first()
    if row is None:
        raise NotFoundError("entry")
    return row


def screens(scope: Scope, client_id: ClientId) -> list[Screen]:
    """Answer a client's health screens, oldest first."""
    return [screen_of(row) for row in screening_rows(scope, client_id)]


def newest_screens(scope: Scope, today: date) -> dict[ClientId, list[Screen]]:
    """Answer every client's screens of the last day on which there was one up to a day; others say nothing any more."""
    found: dict[ClientId, list[Screen]] = {}
    for row in _NEWEST_SCREENS.all(scope, today=today):
        found.setdefault(row.client_id, []).append(screen_of(row))
    return found


def clearances_since(scope: Scope, since: date) -> dict[ClientId, list[Clearance]]:
    """Answer every client's clearances from a day on."""
    found: dict[ClientId, list[Clearance]] = {}
    for row in _CLEARANCES_SINCE.all(scope, since=since):
        found.setdefault(row.client_id, []).append(clearance_of(row))
    return found


def screening_rows(scope: Scope, client_id: ClientId) -> Sequence[ScreeningRow]:
    """Answer the screens' rows of a client, oldest first."""
    return _SCREENS.all(scope, client=client_id)


def screen_of(row: ScreeningRow) -> Screen:
    """Read a screen's row."""
    said = row.answers
    answers = Answers(
        active=said["active"],
        diseases=frozenset(Disease(d) for d in said["diseases"]),
        signs=frozenset(Sign(s) for s in said["signs"]),
        intends=Intensity(said["intends"]),
    )
    return Screen(row.on_date, answers, row.at)


def clearances(scope: Scope, client_id: ClientId) -> list[Clearance]:
    """Answer the clearances recorded for a client, oldest first."""
    return [clearance_of(row) for row in _CLEARANCES.all(scope, client=client_id)]


def clearance_of(row: ClearanceRow) -> Clearance:
    """Read a clearance's row."""
    return Clearance(row.on_date, row.by, Intensity(row.up_to), row.limits, row.at)


def cycle_reports(scope: Scope, client_id: ClientId, limit: int = 30) -> Sequence[CycleReportRow]:
    """Answer a client's newest cycle reports, newest first."""
    return _CYCLE_REPORTS.all(scope, client=client_id, most=limit)


def _entry(row: HistoryRow) -> Entry:
    topic = Joint(row.topic) if row.topic in set(Joint) else Condition(row.topic)
    return Entry(
        row.id,
        row.on_date,
        topic,
        State(row.state),
        Side(row.side) if row.side else None,
        row.words,
        row.clinician,
        row.due_on,
    )
