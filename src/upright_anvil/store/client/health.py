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
from upright_anvil.store.tables import ClearanceRow, ClientRow, CycleReportRow, HistoryRow, ScreeningRow

# What every opening of a floor asks is put together once: building a query costs as much as running it.
_HISTORY = (
    select(HistoryRow)
    .where(
        HistoryRow.client_id == bindparam("client"),
        HistoryRow.withdrawn_at.is_(None),
    )
    .order_by(HistoryRow.seq)
)
_SCREENS = (
    select(ScreeningRow)
    .where(ScreeningRow.client_id == bindparam("client"))
    .order_by(ScreeningRow.on_date, ScreeningRow.seq)
)
_CLEARANCES = (
    select(ClearanceRow)
    .where(ClearanceRow.client_id == bindparam("client"))
    .order_by(ClearanceRow.on_date, ClearanceRow.seq)
)


def history(scope: Scope, client_id: ClientId) -> list[Entry]:
    """Answer a client's entries that were not withdrawn, in the order they were written."""
    rows = scope.db.scalars(_HISTORY, {"client": client_id})
    return [_entry(row) for row in rows]


def histories(scope: Scope) -> dict[str, list[Entry]]:
    """Answer all clients' entries that were not withdrawn, by client."""
    query = select(HistoryRow).where(HistoryRow.withdrawn_at.is_(None)).order_by(HistoryRow.seq)
    found: dict[str, list[Entry]] = {}
    for row in scope.db.scalars(query):
        found.setdefault(row.client_id, []).append(_entry(row))
    return found


def history_row(scope: Scope, entry_id: str) -> HistoryRow:
    """Answer one entry's row. Raises `NotFoundError`."""
    query = select(HistoryRow).where(HistoryRow.id == entry_id)
    row = scope.db.scalars(query).first()
    if row is None:
        raise NotFoundError("entry")
    return row


def screens(scope: Scope, client_id: ClientId) -> list[Screen]:
    """Answer a client's health screens, oldest first."""
    rows = scope.db.scalars(_SCREENS, {"client": client_id})
    return [screen_of(row) for row in rows]


def newest_screens(scope: Scope, today: date) -> dict[ClientId, list[Screen]]:
    """Answer every client's screens of the last day on which there was one up to a day; others say nothing any more."""
    others = aliased(ScreeningRow)
    last = (
        select(func.max(others.on_date))
        .where(others.client_id == ClientRow.id, others.on_date <= today)
        .scalar_subquery()
    )
    query = select(ScreeningRow).join(ClientRow, ScreeningRow.client_id == ClientRow.id)
    found: dict[ClientId, list[Screen]] = {}
    for row in scope.db.scalars(query.where(ScreeningRow.on_date == last).order_by(ScreeningRow.seq)):
        found.setdefault(row.client_id, []).append(screen_of(row))
    return found


def clearances_since(scope: Scope, since: date) -> dict[ClientId, list[Clearance]]:
    """Answer every client's clearances from a day on."""
    query = select(ClearanceRow).where(ClearanceRow.on_date >= since).order_by(ClearanceRow.on_date, ClearanceRow.seq)
    found: dict[ClientId, list[Clearance]] = {}
    for row in scope.db.scalars(query):
        found.setdefault(row.client_id, []).append(clearance_of(row))
    return found


def screening_rows(scope: Scope, client_id: ClientId) -> Sequence[ScreeningRow]:
    """Answer the screens' rows of a client, oldest first."""
    return scope.db.scalars(_SCREENS, {"client": client_id}).all()


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
    rows = scope.db.scalars(_CLEARANCES, {"client": client_id})
    return [clearance_of(row) for row in rows]


def clearance_of(row: ClearanceRow) -> Clearance:
    """Read a clearance's row."""
    return Clearance(row.on_date, row.by, Intensity(row.up_to), row.limits, row.at)


def cycle_reports(scope: Scope, client_id: ClientId, limit: int = 30) -> Sequence[CycleReportRow]:
    """Answer a client's newest cycle reports, newest first."""
    query = (
        select(CycleReportRow)
        .where(CycleReportRow.client_id == client_id)
        .order_by(CycleReportRow.on_date.desc(), CycleReportRow.seq.desc())
        .limit(limit)
    )
    return scope.db.scalars(query).all()


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
