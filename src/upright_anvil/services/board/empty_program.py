"""Starting a client's program with nothing in it."""

from datetime import date, datetime, timedelta

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId, ProgramId
from upright_anvil.core.plan.document import Day, Phase, Program, Week
from upright_anvil.services.ids import fresh_id
from upright_anvil.store import programs
from upright_anvil.store.clients import client
from upright_anvil.store.database import Scope
from upright_anvil.store.programs import Revision
from upright_anvil.store.tables import ProgramRow


def start_program(scope: Scope, client_id: ClientId, name: str, now: datetime, today: date, weeks: int = 4) -> Revision:
    """Start a client's program: one phase of some weeks with the client's days, from this week's Monday on.

    Raises `DomainError` when the client has one already, `NotFoundError` without the client.
    """
    check_none(scope, client_id)
    document = fresh_program(name, monday_of(today), client(scope, client_id).days_a_week, weeks)
    return keep_first(scope, client_id, document, "Program started", now)


def check_none(scope: Scope, client_id: ClientId) -> None:
    """Raise `DomainError` when the client has a program already, `NotFoundError` without the client."""
    who = client(scope, client_id)
    if programs.program_of_client(scope, client_id):
        raise DomainError(f"{who.name} has a program already; add a phase to it.")


def monday_of(today: date) -> date:
    """Answer the Monday of a day's week."""
    return today - timedelta(days=today.weekday())


def keep_first(scope: Scope, client_id: ClientId, document: Program, reason: str, now: datetime) -> Revision:
    """Keep a client's new program as its first revision."""
    program_id = ProgramId(fresh_id())
    scope.db.add(ProgramRow(id=program_id, client_id=client_id, revision=1, created_at=now))
    scope.db.flush()
    first = Revision(program_id, 1, scope.trainer_id, now, reason, None, None, document)
    programs.append(scope, first)
    scope.db.flush()
    return first


SPREAD = {1: (0,), 2: (0, 3), 3: (0, 2, 4), 4: (0, 1, 3, 4), 5: (0, 1, 2, 3, 4), 6: (0, 1, 2, 3, 4, 5)}
"""Weekdays that space training days out, by days a week; Monday is 0. House rule."""


def fresh_program(name: str, monday: date, days_a_week: int, weeks: int) -> Program:
    """Answer an empty program with one phase and its days spread over the week."""
    days = tuple(
        Day(id=f"p1-d{n}", name=f"Day {n}", weekday=weekday)
        for n, weekday in enumerate(SPREAD.get(days_a_week, tuple(range(7))), start=1)
    )
    phase = Phase(id="p1", name="Phase 1", weeks=tuple(Week(id=f"p1-w{n}") for n in range(1, weeks + 1)), days=days)
    return Program(name=name, start=monday, phases=(phase,))
