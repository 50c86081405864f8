"""A client's programs over the years: the one that runs, what is prepared, what is over; ending one by hand."""

from dataclasses import dataclass
from datetime import date

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId, ProgramId
from upright_anvil.core.plan.standing import ProgramStanding, standings
from upright_anvil.store import programs
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import training_sessions


@dataclass(frozen=True, slots=True)
class ProgramEntry:
    """A program of a client: when it begins and ends as planned, where it stands, and the sessions held of it.

    ``ended_on`` is the day it was ended by hand; ``phases`` are the names of its phases, by id.
    """

    id: ProgramId
    name: str
    start: date
    end: date
    weeks: int
    standing: ProgramStanding
    ended_on: date | None
    held: int
    phases: tuple["PhaseEntry", ...]


@dataclass(frozen=True, slots=True)
class PhaseEntry:
    """A phase of a program, and its days by name."""

    id: str
    name: str
    weeks: int
    days: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class ProgramsView:
    """A client's programs, the last to begin first; ``next_start`` is the Monday behind the last one planned."""

    client_id: ClientId
    client: str
    programs: tuple[ProgramEntry, ...]


def programs_of(scope: Scope, client_id: ClientId, today: date) -> ProgramsView:
    """Answer a client's programs. Raises `NotFoundError`."""
    who, rows = client(scope, client_id), programs.programs_of_client(scope, client_id)
    stand = standings([programs.dates_of(row) for row in rows], today)
    held: dict[ProgramId, int] = {}
    for session in training_sessions.sessions_of_client(scope, client_id):
        if session.finished_at is not None:
            held[session.program_id] = held.get(session.program_id, 0) + 1
    entries, current = [], programs.current_of(scope, [row.id for row in rows])
    for row in rows:
        program = current[row.id].program
        entries.append(
            ProgramEntry(
                id=row.id,
                name=program.name,
                start=program.start,
                end=program.end,
                weeks=sum(len(phase.weeks) for phase in program.phases),
                standing=stand[row.id],
                ended_on=row.ended_on,
                held=held.get(row.id, 0),
                phases=tuple(
                    PhaseEntry(phase.id, phase.name, len(phase.weeks), tuple(d.name for d in phase.days if d.lines))
                    for phase in program.phases
                ),
            )
        )
    return ProgramsView(who.id, who.name, tuple(entries))


def end_program(scope: Scope, program_id: ProgramId, on: date | None, today: date) -> ProgramsView:
    """End a program on a day, today at the latest; None takes that back. Answers the client's programs.

    What was logged stays, and so does the plan. Raises `DomainError` for a day to come or before it began,
    `NotFoundError`.
    """
    row = programs.program_row(scope, program_id)
    if row.brought_in is not None:
        raise DomainError("A record of past sessions does not end; it is taken back where it was brought in.")
    if on is not None and on > today:
        raise DomainError("A program is ended today or on a day that is past; to let it end later, take weeks out.")
    if on is not None and on < row.made_on and on < row.starts_on:
        raise DomainError(f"It begins on {row.starts_on:%d %B %Y}: it cannot have ended before.")
    row.ended_on = on
    scope.db.flush()
    return programs_of(scope, row.client_id, today)
