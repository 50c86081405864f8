"""Programs and their revisions."""

from collections import defaultdict
from collections.abc import Collection, Sequence
from dataclasses import dataclass
from datetime import date, datetime
from functools import lru_cache
from typing import Any

from sqlalchemy import ColumnElement, ScalarSelect, bindparam, func, select
from sqlalchemy.orm import aliased

from upright_anvil.core.ids import ClientId, PersonId, ProgramId
from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.standing import ProgramDates, running
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.by_id import found
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.rows.query import Query, among
from upright_anvil.store.tables import ClientRow, PersonRow, ProgramRow, RevisionRow


@dataclass(frozen=True, slots=True)
class Revision:
    """One immutable state of a program, with who made it, when and why."""

    program_id: ProgramId
    number: int
    author: PersonId | None
    at: datetime
    reason: str
    undo_to: int | None
    redo_to: int | None
    program: Program


@lru_cache(maxsize=64)
def _parsed(document: str) -> Program:
    return Program.model_validate_json(document)


def program_row(scope: Scope, program_id: ProgramId) -> ProgramRow:
    """Answer a program's row. Raises `NotFoundError`."""
    return found(scope, ProgramRow, program_id, "program")


_PROGRAMS = select(ProgramRow).where(ProgramRow.brought_in.is_(None)).order_by(ProgramRow.starts_on.desc())


_HELD_BY = _PROGRAMS.where(ProgramRow.client_id == bindparam("client"))
_OF_CLIENT: Query[ProgramRow] = Query(_HELD_BY)
_NOT_ENDED: Query[ProgramRow] = Query(_HELD_BY.where(ProgramRow.ended_on.is_(None)))
_held = aliased(ProgramRow)
_HELD_ON = (
    select(func.max(_held.starts_on))
    .where(_held.client_id == bindparam("client"), _held.brought_in.is_(None), _held.starts_on <= bindparam("since"))
    .where(_held.ended_on.is_(None) | (_held.ended_on >= _held.starts_on))
)
_SINCE: Query[ProgramRow] = Query(
    _HELD_BY.where(ProgramRow.starts_on >= func.coalesce(_HELD_ON.scalar_subquery(), date.min))
)


def programs_of_client(scope: Scope, client_id: ClientId) -> Sequence[ProgramRow]:
    """Answer a client's programs, the last to begin first; a record of past sessions is none."""
    return _OF_CLIENT.all(scope, client=client_id)


def programs_since(scope: Scope, client_id: ClientId, since: date) -> Sequence[ProgramRow]:
    """Answer the same without those before the one that had begun by a day and was not ended before it began."""
    return _SINCE.all(scope, client=client_id, since=since)


def running_program(scope: Scope, client_id: ClientId, today: date) -> ProgramRow | None:
    """Answer the client's program that runs (`core.plan.standing`), None where none does."""
    rows = {row.id: row for row in _NOT_ENDED.all(scope, client=client_id)}
    runs = running([dates_of(row) for row in rows.values()], today)
    return None if runs is None else rows[runs]


def _edge(day: Any, *more: ColumnElement[bool]) -> ScalarSelect[date]:
    own = (_held.client_id == ClientRow.id, _held.ended_on.is_(None), _held.brought_in.is_(None))
    return select(day(_held.starts_on)).where(*own, *more).scalar_subquery()


_RUNNING: Query[ProgramRow] = Query(
    select(ProgramRow)
    .join(ClientRow, ProgramRow.client_id == ClientRow.id)
    .where(
        ProgramRow.ended_on.is_(None),
        ProgramRow.brought_in.is_(None),
        ProgramRow.starts_on
        == func.coalesce(
            _edge(func.max, _held.starts_on <= bindparam("today")),
            _edge(func.min, _held.starts_on > bindparam("today")),
        ),
    )
)
_LATER: Query[Any] = Query(
    select(ProgramRow.client_id).where(
        ProgramRow.starts_on > bindparam("today"), ProgramRow.ended_on.is_(None), ProgramRow.brought_in.is_(None)
    )
)


def running_programs(scope: Scope, today: date) -> dict[ClientId, ProgramRow]:
    """Answer the program that runs of each client who has one.

    Of those that are not ended only what begun last is read, or where nothing has begun what begins first: a client
    has many programs over the years.
    """
    rows = {row.id: row for row in _RUNNING.all(scope, today=today)}
    of_client: dict[ClientId, list[ProgramDates]] = defaultdict(list)
    for row in rows.values():
        of_client[row.client_id].append(dates_of(row))
    found = ((client, running(dates, today)) for client, dates in of_client.items())
    return {client: rows[runs] for client, runs in found if runs is not None}


def clients_with_later_program(scope: Scope, today: date) -> set[ClientId]:
    """Answer the clients who have a program that begins after a day, not ended."""
    return set(_LATER.values(scope, today=today))


def dates_of(row: ProgramRow) -> ProgramDates:
    """Answer what a program's standing goes by."""
    return ProgramDates(row.id, row.starts_on, row.ended_on, row.created_at.isoformat())


def add_program(scope: Scope, first: Revision, client_id: ClientId, brought_in: str | None = None) -> None:
    """Keep a new program of a client with its first revision."""
    scope.db.add(
        ProgramRow(
            id=first.program_id,
            client_id=client_id,
            revision=first.number,
            created_at=first.at,
            made_on=first.at.date(),
            starts_on=first.program.start,
            brought_in=brought_in,
        )
    )
    scope.db.flush()
    append(scope, first)
    scope.db.flush()


_OF_NUMBER = (RevisionRow.program_id == bindparam("program"), RevisionRow.number == bindparam("number"))
_REVISION: Query[RevisionRow] = Query(select(RevisionRow).where(*_OF_NUMBER))
_DOCUMENT: Query[Any] = Query(select(RevisionRow.document).where(*_OF_NUMBER))


def revision(scope: Scope, program_id: ProgramId, number: int) -> Revision:
    """Answer one revision; it is never written again. Raises `NotFoundError`."""

    def find() -> Revision:
        row = _REVISION.first(scope, program=program_id, number=number)
        if row is None:
            raise NotFoundError("revision of this program")
        return _read(row)

    return scope.for_good((revision, program_id, number), find)


def _read(row: RevisionRow) -> Revision:
    return Revision(
        row.program_id,
        row.number,
        row.actor_id,
        row.at,
        row.reason,
        row.undo_to,
        row.redo_to,
        _parsed(row.document),
    )


def plan(scope: Scope, program_id: ProgramId, number: int) -> Program:
    """Answer what one revision plans, without who made it and when. Raises `NotFoundError`."""

    def read() -> Program:
        document = _DOCUMENT.value(scope, program=program_id, number=number)
        if document is None:
            raise NotFoundError("revision of this program")
        return _parsed(document)

    return scope.once((plan, program_id, number), read)


def read_plans(scope: Scope, ids: Collection[ProgramId]) -> None:
    """Read what some programs plan with one query, where nothing is written meanwhile, for `plan` to answer."""
    if scope.seen is not None:
        for found in _PLANS.all(scope, programs=ids):
            scope.seen[plan, found.program_id, found.number] = _parsed(found.document)


def current(scope: Scope, program_id: ProgramId) -> Revision:
    """Answer the revision that holds. Raises `NotFoundError`."""
    return revision(scope, program_id, program_row(scope, program_id).revision)


_THAT_HOLDS = (
    select(RevisionRow)
    .join(ProgramRow, (ProgramRow.id == RevisionRow.program_id) & (ProgramRow.revision == RevisionRow.number))
    .where(among(ProgramRow.id, "programs"))
)
_CURRENT: Query[RevisionRow] = Query(_THAT_HOLDS)
_PLANS: Query[Any] = Query(
    _THAT_HOLDS.with_only_columns(RevisionRow.program_id, RevisionRow.number, RevisionRow.document)
)


def current_of(scope: Scope, ids: Collection[ProgramId]) -> dict[ProgramId, Revision]:
    """Answer the revision that holds of each of some programs, with one query."""
    return {row.program_id: _read(row) for row in _CURRENT.all(scope, programs=ids)}


def append(scope: Scope, new: Revision, document: str | None = None) -> None:
    """Add a revision and make it the one that holds; ``document`` is its JSON, where that is written already."""
    row = program_row(scope, new.program_id)
    scope.db.add(
        RevisionRow(
            program_id=new.program_id,
            number=new.number,
            at=new.at,
            reason=new.reason,
            undo_to=new.undo_to,
            redo_to=new.redo_to,
            document=new.program.model_dump_json() if document is None else document,
        )
    )
    row.revision, row.starts_on = new.number, new.program.start


@dataclass(frozen=True, slots=True)
class RevisionHead:
    """A revision without its document; ``author`` is a name, empty where nobody's is known."""

    number: int
    author: str
    at: datetime
    reason: str


def heads(scope: Scope, program_id: ProgramId, limit: int) -> Sequence[RevisionHead]:
    """Answer the newest revisions, newest first."""
    return [RevisionHead(*row) for row in _HEADS.all(scope, program=program_id, most=limit)]


_HEADS: Query[Any] = Query(
    select(RevisionRow.number, func.coalesce(PersonRow.name, ""), RevisionRow.at, RevisionRow.reason)
    .outerjoin(PersonRow, PersonRow.id == RevisionRow.actor_id)
    .where(RevisionRow.program_id == bindparam("program"))
    .order_by(RevisionRow.number.desc())
    .limit(bindparam("most"))
)
