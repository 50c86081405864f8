"""Programs and their revisions."""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import datetime
from functools import lru_cache

from sqlalchemy import bindparam, select

from upright_anvil.core.ids import ClientId, ProgramId
from upright_anvil.core.plan.document import Program
from upright_anvil.store.database import Scope
from upright_anvil.store.not_found import NotFoundError
from upright_anvil.store.tables import ProgramRow, RevisionRow


@dataclass(frozen=True, slots=True)
class Revision:
    """One immutable state of a program, with who made it, when and why."""

    program_id: ProgramId
    number: int
    author: str
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
    row = scope.db.get(ProgramRow, program_id)
    if row is None:
        raise NotFoundError("program")
    return row


def program_of_client(scope: Scope, client_id: ClientId) -> ProgramRow | None:
    """Answer the client's newest program, None before there is one; a record of past sessions is none."""
    query = select(ProgramRow).where(ProgramRow.client_id == client_id, ProgramRow.brought_in.is_(None))
    return scope.db.scalars(query.order_by(ProgramRow.created_at.desc()).limit(1)).first()


def programs_by_client(scope: Scope) -> dict[ClientId, ProgramId]:
    """Answer the id of each client's newest program; a record of past sessions is none."""
    query = (
        select(ProgramRow.client_id, ProgramRow.id)
        .where(ProgramRow.brought_in.is_(None))
        .order_by(ProgramRow.created_at)
    )
    return {client: program for client, program in scope.db.execute(query)}  # noqa: C416 - rows become plain pairs


_REVISION = select(RevisionRow).where(
    RevisionRow.program_id == bindparam("program"),
    RevisionRow.number == bindparam("number"),
)


def revision(scope: Scope, program_id: ProgramId, number: int) -> Revision:
    """Answer one revision. Raises `NotFoundError`."""
    named = {"program": program_id, "number": number}
    row = scope.db.scalars(_REVISION, named).first()
    if row is None:
        raise NotFoundError("revision of this program")
    return Revision(
        row.program_id,
        row.number,
        row.author,
        row.at,
        row.reason,
        row.undo_to,
        row.redo_to,
        _parsed(row.document),
    )


def current(scope: Scope, program_id: ProgramId) -> Revision:
    """Answer the revision that holds. Raises `NotFoundError`."""
    return revision(scope, program_id, program_row(scope, program_id).revision)


def append(scope: Scope, new: Revision, document: str | None = None) -> None:
    """Add a revision and make it the one that holds; ``document`` is its JSON, where that is written already."""
    row = program_row(scope, new.program_id)
    scope.db.add(
        RevisionRow(
            program_id=new.program_id,
            number=new.number,
            author=new.author,
            at=new.at,
            reason=new.reason,
            undo_to=new.undo_to,
            redo_to=new.redo_to,
            document=new.program.model_dump_json() if document is None else document,
        )
    )
    row.revision = new.number


@dataclass(frozen=True, slots=True)
class RevisionHead:
    """A revision without its document."""

    number: int
    author: str
    at: datetime
    reason: str


def heads(scope: Scope, program_id: ProgramId, limit: int) -> Sequence[RevisionHead]:
    """Answer the newest revisions, newest first."""
    query = (
        select(RevisionRow.number, RevisionRow.author, RevisionRow.at, RevisionRow.reason)
        .where(RevisionRow.program_id == program_id)
        .order_by(RevisionRow.number.desc())
        .limit(limit)
    )
    return [RevisionHead(*row) for row in scope.db.execute(query)]
