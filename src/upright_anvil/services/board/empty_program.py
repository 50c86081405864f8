"""Starting a client's program with nothing in it."""

from collections.abc import Sequence
from datetime import date, datetime, timedelta
from typing import Final

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId, ProgramId
from upright_anvil.core.plan.document import Day, Phase, Program, Week
from upright_anvil.core.plan.weekdays import training_days
from upright_anvil.services.ids import fresh_id
from upright_anvil.store import programs
from upright_anvil.store.clients import client
from upright_anvil.store.database import Scope
from upright_anvil.store.programs import Revision
from upright_anvil.store.tables import ProgramRow


def start_program(
    scope: Scope, client_id: ClientId, name: str, now: datetime, today: date, weeks: int = 4, start: date | None = None
) -> Revision:
    """Start a client's program: one phase of some weeks with the client's days, from the week of ``start`` on.

    Raises `DomainError` when the client has one already or for a start that cannot be, `NotFoundError` without the
    client.
    """
    check_none(scope, client_id)
    who = client(scope, client_id)
    weekdays, _ = training_days(who.days_a_week, (int(day) for day in who.weekdays))
    document = fresh_program(name, first_monday(today, start), weekdays, weeks)
    return keep_first(scope, client_id, document, "Program started", now)


def check_none(scope: Scope, client_id: ClientId) -> None:
    """Raise `DomainError` when the client has a program already, `NotFoundError` without the client."""
    who = client(scope, client_id)
    if programs.program_of_client(scope, client_id):
        raise DomainError(f"{who.name} has a program already; add a phase to it.")


def monday_of(today: date) -> date:
    """Answer the Monday of a day's week."""
    return today - timedelta(days=today.weekday())


LATE_IN_THE_WEEK: Final = 3
"""From Thursday (Monday = 0) on a program begins with the next week where nobody says when. House rule."""

LATEST_START_DAYS: Final = 366


def first_monday(today: date, start: date | None = None) -> date:
    """Answer the Monday that a program begins with: of the week of ``start``, else of this week, late in it the next.

    Raises `DomainError` for a week that is past, or a start more than a year away.
    """
    this = monday_of(today)
    if start is None:
        return this if today.weekday() < LATE_IN_THE_WEEK else this + timedelta(days=7)
    if monday_of(start) < this:
        raise DomainError(
            f"{start:%d %B %Y} is past: a program begins this week at the earliest. Past sessions can be brought in."
        )
    if start > today + timedelta(days=LATEST_START_DAYS):
        raise DomainError(f"{start:%d %B %Y} is more than a year away; check the year.")
    return monday_of(start)


def keep_first(scope: Scope, client_id: ClientId, document: Program, reason: str, now: datetime) -> Revision:
    """Keep a client's new program as its first revision."""
    program_id = ProgramId(fresh_id())
    scope.db.add(ProgramRow(id=program_id, client_id=client_id, revision=1, created_at=now, made_on=now.date()))
    scope.db.flush()
    first = Revision(program_id, 1, scope.trainer_id, now, reason, None, None, document)
    programs.append(scope, first)
    scope.db.flush()
    return first


def fresh_program(name: str, monday: date, weekdays: Sequence[int], weeks: int) -> Program:
    """Answer an empty program with one phase and its days on these days of the week (Monday = 0)."""
    days = tuple(Day(id=f"p1-d{n}", name=f"Day {n}", weekday=weekday) for n, weekday in enumerate(weekdays, start=1))
    phase = Phase(id="p1", name="Phase 1", weeks=tuple(Week(id=f"p1-w{n}") for n in range(1, weeks + 1)), days=days)
    return Program(name=name, start=monday, phases=(phase,))
