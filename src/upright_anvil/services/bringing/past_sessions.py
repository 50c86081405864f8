"""Past sessions from a pasted log: first what was understood, then all of them as a record.

The record can be read like a program; its sets are rows of the ledger like any others, so that strength, last time and
progress know them.
"""

from collections import Counter
from collections.abc import Mapping
from dataclasses import dataclass
from datetime import date, datetime, time

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId, ExerciseId, ProgramId
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.pasted.as_done import as_shorthand
from upright_anvil.core.pasted.dates import DayOrder
from upright_anvil.core.pasted.session_rows import DoneSet, PastLog, PastSession, session_rows
from upright_anvil.core.pasted.table import LeftRow, table_of
from upright_anvil.core.plan.changing.record import record_of
from upright_anvil.services.bringing.brought_in import BroughtIn
from upright_anvil.services.ids import fresh_id, session_id
from upright_anvil.services.library.naming import MeantExercise, meant_by
from upright_anvil.services.shelf import library
from upright_anvil.store import programs
from upright_anvil.store.client.clients import all_clients, client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import bringing, ledger, training_sessions
from upright_anvil.store.tables import SessionRow

MOST_ROWS = 6000
"""Rows of a log at once: some years of one client."""

ADVICE = "Bring in one client or a few years at a time."
NOON = time(12)


@dataclass(frozen=True, slots=True)
class PastedName:
    """A name of the log as typed, in how many sessions it stands, and what it means."""

    typed: str
    sessions: int
    meant: MeantExercise


@dataclass(frozen=True, slots=True)
class PastedSession:
    """A session of the log: its day, its client, and its exercises as typed with what was done."""

    on: date
    client: str
    lines: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class PastSessionsView:
    """What a pasted log comes to, before anything is written; names that mean an exercise come before the others.

    ``order`` is how dates such as 3/4/2026 were read.
    """

    names: tuple[PastedName, ...]
    sessions: tuple[PastedSession, ...]
    sets: int
    left: tuple[LeftRow, ...]
    order: DayOrder


@dataclass(frozen=True, slots=True)
class _Read:
    """The log with the client of each session; what belongs to nobody, or to a day that has a session, is left."""

    log: PastLog
    sessions: tuple[tuple[ClientId, str, PastSession], ...]
    left: tuple[LeftRow, ...]


def pasted_sessions(scope: Scope, text: str, client_id: ClientId | None, today: date) -> PastSessionsView:
    """Answer what a pasted log was understood as; without a client a column says whose session it is.

    Raises `DomainError` where nothing was understood, `NotFoundError`.
    """
    read = _read(scope, text, client_id, today)
    counts = Counter(done.name for _, _, session in read.sessions for done in session.exercises)
    meant = _meant(scope, read)
    names = [PastedName(typed, many, meant[typed]) for typed, many in counts.items()]
    names.sort(key=lambda name: (name.meant.exercise is None, -name.sessions, name.typed))
    sessions = tuple(
        PastedSession(one.on, who, tuple(f"{done.name}: {as_shorthand(done.sets)}" for done in one.exercises))
        for _, who, one in read.sessions
    )
    sets = sum(len(done.sets) for _, _, one in read.sessions for done in one.exercises)
    return PastSessionsView(tuple(names), sessions, sets, read.left, read.log.order)


def bring_in_sessions(
    scope: Scope, text: str, client_id: ClientId | None, chosen: Mapping[str, ExerciseId], now: datetime
) -> BroughtIn:
    """Write the sessions of a pasted log; ``chosen`` names exercises by the name as typed, empty to leave it out.

    Exercises that nothing names are left out. Raises `DomainError` where nothing is left, `NotFoundError`.
    """
    read = _read(scope, text, client_id, now.date())
    shelf = library(scope)
    for wanted in filter(None, chosen.values()):
        shelf.exercise(wanted)
    meant = {typed: chosen.get(typed, found.id) for typed, found in _meant(scope, read).items()}
    by_client: dict[ClientId, dict[date, dict[ExerciseId, list[DoneSet]]]] = {}
    for who, _, session in read.sessions:
        for done in session.exercises:
            exercise = meant[done.name]
            if exercise:
                day = by_client.setdefault(who, {}).setdefault(session.on, {})
                day.setdefault(exercise, []).extend(done.sets)
    if not by_client:
        raise DomainError("No row has an exercise yet: choose one for at least one of the names.")
    batch = fresh_id()
    bringing.add_brought_in(scope, batch, "sessions", now)
    written = [_keep_record(scope, batch, at, who, days, now) for at, (who, days) in enumerate(by_client.items())]
    return BroughtIn(batch, sum(len(days) for days in by_client.values()), sum(written))


def _meant(scope: Scope, read: _Read) -> dict[str, MeantExercise]:
    """What each name of the log means, with the loads that were lifted under it."""
    loads: dict[str, list[Load | None]] = {}
    for _, _, session in read.sessions:
        for done in session.exercises:
            loads.setdefault(done.name, []).extend(one.load for one in done.sets)
    index = library(scope).index
    return {typed: meant_by(index, typed, lifted) for typed, lifted in loads.items()}


def _read(scope: Scope, text: str, client_id: ClientId | None, today: date) -> _Read:
    everybody = {row.name.casefold(): row for row in all_clients(scope)}
    own = client(scope, client_id) if client_id else None
    unit = Unit(own.unit) if own else Unit.KG
    table = table_of(text, MOST_ROWS, ADVICE)
    log = session_rows(table, unit, today)
    # A log of several clients: a load without a unit is in the unit of the client who lifted it.
    in_pounds = {} if own else {(s.on, s.client): s for s in session_rows(table, Unit.LB, today).sessions}
    left, kept, held = list(log.left), [], dict[ClientId, set[date]]()
    nobody = set()
    for session in log.sessions:
        who = everybody.get(session.client.casefold()) if session.client else own
        row = session.exercises[0].row
        if who is None:
            if session.client not in nobody:
                nobody.add(session.client)
                left.append(LeftRow(row, session.client, _nobody(session.client)))
            continue
        if own is not None and who.id != own.id:
            if session.client not in nobody:
                nobody.add(session.client)
                left.append(LeftRow(row, session.client, f"Not a session of {own.name}."))
            continue
        if who.id not in held:
            held[who.id] = {row.on_date for row in training_sessions.sessions_of_client(scope, who.id)}
        if session.on in held[who.id]:
            left.append(LeftRow(row, f"{session.on:%d %b %Y}", f"{who.name} has a session on that day already."))
            continue
        in_own = in_pounds.get((session.on, session.client), session) if Unit(who.unit) is Unit.LB else session
        kept.append((who.id, who.name, in_own))
    if not kept:
        raise DomainError(f"Nothing here can be brought in. {left[0].words}: {left[0].why}")
    return _Read(log, tuple(kept), tuple(left))


def _nobody(name: str) -> str:
    if name:
        return f"No client is called {name}. Add the client first, or correct the name."
    return "No column says whose session it is: open this from the client’s file, or add a column “client”."


def _keep_record(
    scope: Scope,
    batch: str,
    at: int,
    who: ClientId,
    days: Mapping[date, Mapping[ExerciseId, list[DoneSet]]],
    now: datetime,
) -> int:
    """Write a client's record, its sessions and their sets; answer how many sets."""
    program_id = ProgramId(fresh_id())
    document = record_of(days)
    reason = "Brought in from a spreadsheet"
    first = programs.Revision(program_id, 1, scope.actor.person_id, now, reason, None, None, document)
    programs.add_program(scope, first, who, brought_in=batch)
    number = 0
    for phase, index, day, on in document.sessions():
        if on not in days:
            continue
        week = phase.weeks[index].id
        sid = session_id(program_id, week, day.id)
        held = min(datetime.combine(on, NOON, tzinfo=now.tzinfo), now)
        scope.db.add(
            SessionRow(
                id=sid,
                client_id=who,
                program_id=program_id,
                revision=1,
                week_id=week,
                day_id=day.id,
                on_date=on,
                estimated_seconds=0,
                started_at=held,
                finished_at=held,
            )
        )
        scope.db.flush()
        rows = []
        for line in day.lines:
            for place, done in enumerate(days[on].get(line.exercise, ()), start=1):
                number += 1
                named = f"{batch}{at:03x}{number:05x}"
                rows.append(_row(named, SetPosition(line.id, place), line.exercise, done, held))
        ledger.add_sets(scope, sid, rows, now)
    return number


def _row(row_id: str, slot: SetPosition, exercise: ExerciseId, done: DoneSet, held: datetime) -> PerformedSet:
    return PerformedSet(
        id=row_id,
        slot=slot,
        exercise=exercise,
        outcome=Outcome.DONE,
        reps=done.reps,
        seconds=done.seconds,
        metres=done.metres,
        load=done.load,
        assisted=done.assisted,
        reserve=done.reserve,
        note=done.note,
        logged_at=held,
    )
