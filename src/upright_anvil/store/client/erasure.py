"""Erasing a client: every table says what of a person stands in it, and what goes leaves nothing in the file."""

import sqlite3
from contextlib import closing
from enum import StrEnum
from typing import Any, Final

from sqlalchemy import String, delete, func, or_, select
from sqlalchemy import Table as SqlTable

from upright_anvil.core.ids import ClientId
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Database, Scope
from upright_anvil.store.tables import (
    ClientPlaceRow,
    ClientRow,
    OwnTemplateRow,
    PlaceRow,
    ProgramRow,
    RevisionRow,
    Table,
)


class Holds(StrEnum):
    """What of a client a table holds, and so what goes with one."""

    CLIENT = "the client"
    BY_CLIENT = "rows that name their client"
    BY_PROGRAM = "rows that name a program of the client"
    PLACES = "places; those where nobody else trains go"
    STUDIO = "the studio's own; nothing of one client"


HOLDS: Final[dict[str, Holds]] = {
    "client": Holds.CLIENT,
    "revision": Holds.BY_PROGRAM,
    "place": Holds.PLACES,
    **dict.fromkeys(
        (
            "history_entry", "cycle_report", "screening", "clearance", "home_sheet", "home_result", "client_place",
            "program", "session", "performed_set", "note", "exercise_note", "session_change", "readiness",
            "set_measure", "decision", "consent", "test_round", "test_result", "audit", "client_alert",
        ),
        Holds.BY_CLIENT,
    ),
    **dict.fromkeys(
        (
            "brought_in", "own_exercise", "exercise_picture", "own_battery", "own_template", "own_test", "studio",
            "setting", "person", "device", "device_person", "sign_in", "passkey", "recovery_code",
        ),
        Holds.STUDIO,
    ),
}  # fmt: skip
"""Every table's rule; a table without one fails a test."""


def erase_client(scope: Scope, client_id: ClientId) -> dict[str, int]:
    """Remove all rows of a client; answer how many went, table by table. Raises `NotFoundError`."""
    row = client(scope, client_id)
    alone = _places_of_nobody_else(scope, client_id)
    gone: dict[str, int] = {}
    for table in reversed(Table.metadata.sorted_tables):
        where = _goes(table, client_id, alone)
        if where is not None:
            gone[table.name] = scope.db.execute(delete(table).where(where)).rowcount  # type: ignore[attr-defined]
    scope.db.expunge(row)
    return gone


def _goes(table: SqlTable, client_id: ClientId, alone: list[str]) -> Any:
    match HOLDS[table.name]:
        case Holds.CLIENT:
            return table.c.id == client_id
        case Holds.BY_CLIENT:
            return table.c.client_id == client_id
        case Holds.BY_PROGRAM:
            return table.c.program_id.in_(select(ProgramRow.id).where(ProgramRow.client_id == client_id))
        case Holds.PLACES:
            return table.c.id.in_(alone)
        case Holds.STUDIO:
            return None


def _places_of_nobody_else(scope: Scope, client_id: ClientId) -> list[str]:
    others = select(ClientPlaceRow.place_id).where(ClientPlaceRow.client_id != client_id)
    own = select(ClientPlaceRow.place_id).where(ClientPlaceRow.client_id == client_id)
    return list(scope.db.scalars(own.where(ClientPlaceRow.place_id.not_in(others))))


def mentions(scope: Scope, name: str) -> tuple[str, ...]:
    """Answer where somebody's name stands in what is others': programs of other clients, templates, places."""
    here = f"%{name.replace('%', '').replace('_', '')}%"
    programs = (
        select(ClientRow.name)
        .join(ProgramRow, ProgramRow.client_id == ClientRow.id)
        .join(RevisionRow, RevisionRow.program_id == ProgramRow.id)
        .where(or_(RevisionRow.reason.like(here), func.unpacked(RevisionRow.document, type_=String).like(here)))
        .distinct()
    )
    templates = select(OwnTemplateRow.name).where(
        or_(OwnTemplateRow.name.like(here), OwnTemplateRow.document.like(here))
    )
    places = select(PlaceRow.name).where(or_(PlaceRow.name.like(here), PlaceRow.note.like(here)))
    return (
        *(f"a program of {found}" for found in scope.db.scalars(programs)),
        *(f"the template {found}" for found in scope.db.scalars(templates)),
        *(f"the place {found}" for found in scope.db.scalars(places)),
    )


def sweep(database: Database) -> bool:
    """Write the file anew without what was removed, and empty the log beside it; answer whether the log is empty.

    What was overwritten by earlier versions of the app may still lie between the rows; after this it does not. Who
    writes meanwhile is told to come again; where somebody else writes too long, nothing is done and False answered.
    """
    with closing(database.engine.raw_connection()) as connection:
        driver = connection.driver_connection
        assert driver is not None  # noqa: S101 - a connection that was just opened
        try:
            driver.execute("VACUUM")
        except sqlite3.OperationalError:
            return False
        busy, *_ = driver.execute("PRAGMA wal_checkpoint(TRUNCATE)").fetchone()
    return not busy
