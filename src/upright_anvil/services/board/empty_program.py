"""Starting a client's program: when it begins beside the others, and one with nothing in it."""

from collections.abc import Sequence
from datetime import date, datetime, timedelta
from typing import Final

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId, ProgramId
from upright_anvil.core.plan.changing.renaming import with_own_ids
from upright_anvil.core.plan.document import Day, Phase, Program, Week
from upright_anvil.core.plan.weekdays import training_days
from upright_anvil.services.ids import fresh_id
from upright_anvil.store import programs
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.programs import Revision


def start_program(
    scope: Scope, client_id: ClientId, name: str, now: datetime, today: date, weeks: int = 4, start: date | None = None
) -> Revision:
    """Start a client's program: one phase of some weeks with the client's days, from the week of ``start`` on.

    Where nobody says when, behind the program that runs. Raises `DomainError` for a start that cannot be,
    `NotFoundError` without the client.
    """
    who = client(scope, client_id)
    weekdays, _ = training_days(who.days_a_week, (int(day) for day in who.weekdays))
    document = fresh_program(name, begins(scope, client_id, today, start), weekdays, weeks)
    return keep_first(scope, client_id, document, "Program started", now)


def begins(scope: Scope, client_id: ClientId, today: date, start: date | None) -> date:
    """Answer the Monday that a client's new program begins with: of the week of ``start``, else behind the last one.

    Raises `DomainError` for a start that cannot be.
    """
    if start is None:
        last = last_planned(scope, client_id)
        if last is not None and today <= last <= today + timedelta(days=LATEST_START_DAYS):
            return monday_of(last + timedelta(days=1))
    return first_monday(today, start)


def last_planned(scope: Scope, client_id: ClientId) -> date | None:
    """Answer the last day of the client's programs that were not ended by hand; None without one."""
    going = (row.id for row in programs.programs_of_client(scope, client_id) if row.ended_on is None)
    return max((programs.current(scope, program).program.end for program in going), default=None)


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


MOST_PROGRAMS: Final = 200


def keep_first(scope: Scope, client_id: ClientId, document: Program, reason: str, now: datetime) -> Revision:
    """Keep a client's new program as its first revision; a second one gets ids of its own.

    Raises `DomainError` past the most programs a client has.
    """
    others = programs.programs_of_client(scope, client_id)
    if len(others) >= MOST_PROGRAMS:
        raise DomainError(f"A client has at most {MOST_PROGRAMS} programs; add a phase to one of them.")
    if others:
        document = with_own_ids(document, f"{fresh_id()[:8]}-")
    first = Revision(ProgramId(fresh_id()), 1, scope.actor.person_id, now, reason, None, None, document)
    programs.add_program(scope, first, client_id)
    return first


def fresh_program(name: str, monday: date, weekdays: Sequence[int], weeks: int) -> Program:
    """Answer an empty program with one phase and its days on these days of the week (Monday = 0)."""
    days = tuple(Day(id=f"p1-d{n}", name=f"Day {n}", weekday=weekday) for n, weekday in enumerate(weekdays, start=1))
    phase = Phase(id="p1", name="Phase 1", weeks=tuple(Week(id=f"p1-w{n}") for n in range(1, weeks + 1)), days=days)
    return Program(name=name, start=monday, phases=(phase,))
