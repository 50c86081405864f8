"""All rows of one client as plain values, and such rows put in: every table says its own columns."""

from collections.abc import Iterable, Mapping, Sequence
from datetime import date, datetime
from functools import cache
from typing import Any

from sqlalchemy import insert, inspect, select
from sqlalchemy.exc import IntegrityError, StatementError

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId
from upright_anvil.store.file.database import Scope
from upright_anvil.store.tables import (
    ClearanceRow,
    ClientPlaceRow,
    ClientRow,
    ConsentRow,
    CycleReportRow,
    DecisionRow,
    ExerciseNoteRow,
    HistoryRow,
    HomeResultRow,
    HomeSheetRow,
    MeasureRow,
    NoteRow,
    OwnBatteryRow,
    OwnExerciseRow,
    OwnTestRow,
    PerformedSetRow,
    PlaceRow,
    ProgramRow,
    ReadinessRow,
    RevisionRow,
    ScreeningRow,
    SessionChangeRow,
    SessionRow,
    Table,
    TestResultRow,
    TestRoundRow,
)
from upright_anvil.store.tables.base import Instant

Row = dict[str, Any]
"""A row by its columns; days and moments as ISO 8601 text."""

IN_ORDER: tuple[type[Table], ...] = (
    OwnExerciseRow, OwnTestRow, OwnBatteryRow, PlaceRow, ClientRow, ClientPlaceRow, HistoryRow, CycleReportRow,
    ScreeningRow, ClearanceRow, ConsentRow, ProgramRow, RevisionRow, SessionRow, PerformedSetRow, NoteRow,
    ExerciseNoteRow, SessionChangeRow, ReadinessRow, MeasureRow, DecisionRow, TestRoundRow, TestResultRow, HomeSheetRow,
    HomeResultRow,
)  # fmt: skip
"""What an archive holds, each table after those it points at."""

BY_NAME = {kind.__tablename__: kind for kind in IN_ORDER}
NAMES = tuple(BY_NAME)
"""The tables of an archive, each after those it points at."""

LEFT_OUT = frozenset({"studio_id", "actor_id", "device_id", "lead_id", "cover_id", "cover_until", "seq", "brought_in"})
"""Columns that mean something in their own studio alone."""

RETIRED = {"performed_set": {"logged_by"}, "revision": {"author"}, "client": {"consent_on"}}
"""Columns that archives of earlier versions hold; they name the other studio's people, or are kept elsewhere now."""

AT_ONCE = 2000


@cache
def columns_of(kind: type[Table]) -> tuple[str, ...]:
    """Answer the columns of a table that an archive keeps."""
    return tuple(column.key for column in inspect(kind).columns if column.key not in LEFT_OUT)


def rows_of_client(scope: Scope, client_id: ClientId) -> dict[str, list[Row]]:
    """Answer the rows of a client, table by table, in the order they arrived.

    Of a program's revisions those that a session was run from, and the one that holds; of the library what is the
    trainer's own.
    """
    found: dict[str, list[Row]] = {}
    for kind in IN_ORDER:
        columns = inspect(kind).columns
        # By the mapped attributes: so the trainer's filter goes for them as for every query.
        query = select(*(getattr(kind, name) for name in columns_of(kind)))
        if kind is ClientRow:
            query = query.where(ClientRow.id == client_id)
        elif kind is PlaceRow:
            query = query.join(ClientPlaceRow, ClientPlaceRow.place_id == PlaceRow.id)
            query = query.where(ClientPlaceRow.client_id == client_id)
        elif kind is RevisionRow:
            query = query.join(ProgramRow, ProgramRow.id == RevisionRow.program_id)
            query = query.where(ProgramRow.client_id == client_id)
        elif "client_id" in columns:
            query = query.where(columns["client_id"] == client_id)
        elif kind is OwnExerciseRow:
            query = query.where(OwnExerciseRow.shipped_id.is_(None))
        if "seq" in columns:
            query = query.order_by(columns["seq"])
        found[kind.__tablename__] = [
            {name: _as_text(value) for name, value in zip(columns_of(kind), row, strict=True)}
            for row in scope.db.execute(query)
        ]
    run = {(row["program_id"], row["revision"]) for row in found["session"]}
    run |= {(row["id"], row["revision"]) for row in found["program"]}
    kept = [row for row in found["revision"] if (row["program_id"], row["number"]) in run]
    found["revision"] = [row | {"undo_to": None, "redo_to": None} for row in kept]
    return found


def _as_text(value: Any) -> Any:
    return value.isoformat() if isinstance(value, date | datetime) else value


def typed_rows(name: str, rows: Iterable[Mapping[str, Any]]) -> list[Row]:
    """Answer rows with all columns of their table, in its types. Raises `DomainError` for what does not fit."""
    return [_typed(BY_NAME[name], row) for row in rows]


def put_rows(scope: Scope, name: str, rows: Sequence[Row]) -> None:
    """Put typed rows into a table in the name of this trainer, in their order. Raises `DomainError` where they clash.

    All at once and past the ORM: a client of five years has fifteen thousand.
    """
    signed = {"studio_id": scope.studio_id, "actor_id": scope.actor.person_id, "device_id": scope.actor.device_id}
    own = Table.metadata.tables[name].c.keys()
    made = [row | {column: value for column, value in signed.items() if column in own} for row in rows]
    try:
        for part in _parts(made):
            scope.db.execute(insert(Table.metadata.tables[name]), part)
    except (IntegrityError, StatementError, TypeError, ValueError) as wrong:
        raise DomainError(f"The archive does not hold together: {name} has rows that do not fit.") from wrong


def _parts(rows: Sequence[Row]) -> Iterable[Sequence[Row]]:
    return (rows[at : at + AT_ONCE] for at in range(0, len(rows), AT_ONCE))


def _typed(kind: type[Table], row: Mapping[str, Any]) -> Row:
    columns = inspect(kind).columns
    unknown = row.keys() - set(columns_of(kind)) - RETIRED.get(kind.__tablename__, set())
    if unknown:
        said = f"{', '.join(sorted(unknown))} in {kind.__tablename__}"
        raise DomainError(f"The archive says {said}, which is unknown here.")
    made: Row = {}
    for column in columns:
        if column.key in LEFT_OUT:
            continue
        value = row.get(column.key)
        if value is None and not column.nullable:
            raise DomainError(f"The archive lacks {column.key} in {kind.__tablename__}.")
        try:
            kind_of_value = datetime if isinstance(column.type, Instant) else column.type.python_type
            made[column.key] = None if value is None else _of_type(value, kind_of_value)
        except (TypeError, ValueError) as wrong:
            raise DomainError(f"The archive’s {column.key} in {kind.__tablename__} cannot be read.") from wrong
    return made


def _of_type(value: Any, kind: type) -> Any:
    if kind is datetime:
        moment = datetime.fromisoformat(value)
        if moment.tzinfo is None:
            raise ValueError("a moment needs its zone")
        return moment
    if kind is date:
        return date.fromisoformat(value)
    if kind in (str, int, bool) and (not isinstance(value, kind) or (kind is int and isinstance(value, bool))):
        raise TypeError
    return value
