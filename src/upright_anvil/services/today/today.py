"""Today: who trains, which sessions wait for a decision, what is due, who falls behind or stands still."""

from collections import defaultdict
from collections.abc import Iterator, Mapping
from dataclasses import dataclass
from datetime import date, timedelta
from enum import StrEnum
from functools import partial

from upright_anvil.core.exercises import Exercise, unknown_exercise
from upright_anvil.core.ids import ClientId, DayId, ExerciseId, LineId, ProgramId, SessionId, WeekId
from upright_anvil.core.plan.document import WeekKind
from upright_anvil.core.progress.behind import LOOKS_BACK, Trouble
from upright_anvil.core.progression.kinds import prepares
from upright_anvil.core.same import Same
from upright_anvil.services.people.handing_over import mine_of
from upright_anvil.services.shelf import library
from upright_anvil.services.today.agenda import MOST_KEPT, Agenda, Estimates, agendas_of
from upright_anvil.services.today.alerts import Alerts, ClientNotice
from upright_anvil.services.today.dues import DueToday, dues_of
from upright_anvil.services.today.home import HomeToday, came_back, days_not_back
from upright_anvil.store import programs
from upright_anvil.store.client.clients import all_clients
from upright_anvil.store.file.database import Scope
from upright_anvil.store.file.memo import Memo
from upright_anvil.store.log import ledger, training_sessions
from upright_anvil.store.log.bringing import records
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.tables import ClientRow, ProgramRow, SessionRow

WAITING_DAYS = 14
"""How long a finished session is shown as waiting for decisions. House rule."""


NOT_LOGGED_DAYS = 5
"""How long a planned session that is not in the ledger is asked after. House rule."""


class SessionState(StrEnum):
    """How far a session is."""

    PLANNED = "planned"
    RUNNING = "running"
    NOT_LOGGED = "not logged"
    FINISHED = "finished"


@dataclass(frozen=True, slots=True)
class TodaySession:
    """A session of today, or a started one that was never finished."""

    session_id: SessionId
    program_id: ProgramId
    week_id: WeekId
    day_id: DayId
    client_id: ClientId
    client: str
    day: str
    week: int
    on: date
    state: SessionState
    exercises: int
    estimated_seconds: int
    minutes: int


@dataclass(frozen=True, slots=True)
class Waiting:
    """A finished session with proposals nobody has decided on."""

    session_id: SessionId
    client_id: ClientId
    client: str
    day: str
    on: date
    undecided: int


@dataclass(frozen=True, slots=True)
class ClientToday:
    """A client on the list: the next planned day, if there is one."""

    client_id: ClientId
    client: str
    goal: str
    program_id: ProgramId | None
    next_day: str
    next_on: date | None


@dataclass(frozen=True, slots=True)
class TodayView:
    """What the day holds; ``mine`` are the clients whom whoever asks leads or covers."""

    on: date
    sessions: tuple[TodaySession, ...]
    not_logged: tuple[TodaySession, ...]
    waiting: tuple[Waiting, ...]
    dues: tuple[DueToday, ...]
    home: tuple[HomeToday, ...]
    notices: tuple[ClientNotice, ...]
    clients: tuple[ClientToday, ...]
    mine: tuple[ClientId, ...]


def open_today(scope: Scope, today: date) -> TodayView:
    """Answer today's sessions, the decisions waiting and all clients but former ones, of whom nothing is asked."""
    recent = training_sessions.sessions_since(scope, today - timedelta(days=LOOKS_BACK))
    fresh = today - timedelta(days=WAITING_DAYS)
    everybody = [who for who in all_clients(scope) if not who.former]
    names = {c.id: c.name for c in everybody}
    sessions: list[TodaySession] = []
    clients: list[ClientToday] = []
    notices: list[ClientNotice] = []
    by_client: dict[ClientId, list[SessionRow]] = defaultdict(list)
    for row in recent:
        by_client[row.client_id].append(row)
    running, brought_in = programs.running_programs(scope, today), records(scope)
    alerts, estimates = Alerts(scope, today), Estimates(scope, by_client)
    not_back: list[HomeToday] = []
    agendas = agendas_of(scope, (running[who.id] for who in everybody if who.id in running))
    for who in everybody:
        program, started = running.get(who.id), by_client[who.id]
        if program is None:
            clients.append(ClientToday(who.id, who.name, who.goal, None, "", None))
            continue
        agenda = agendas[program.id]
        kept = {s.id: s for s in started if s.on_date >= fresh}
        sessions += _sessions(who, program, agenda, kept, estimates, today)
        coming = next(((day.name, day.on) for day in agenda.days if day.on > today), ("", None))
        clients.append(ClientToday(who.id, who.name, who.goal, program.id, *coming))
        not_back += days_not_back(who, program, agenda, kept.keys(), today, NOT_LOGGED_DAYS)
        found = alerts.of(who, program, agenda, started)
        if found is not None:
            notices.append(found)
    order = {SessionState.RUNNING: 0, SessionState.PLANNED: 1, SessionState.FINISHED: 2}
    return TodayView(
        on=today,
        sessions=tuple(sorted((s for s in sessions if s.state in order), key=lambda s: (order[s.state], s.client))),
        not_logged=tuple(
            sorted((s for s in sessions if s.state not in order), key=lambda s: (s.on, s.client), reverse=True)
        ),
        waiting=_waiting(
            scope,
            [
                s
                for s in recent
                if s.finished_at is not None
                and s.on_date >= fresh
                and s.program_id not in brought_in
                and s.client_id in names
            ],
            names,
        ),
        dues=dues_of(scope, {c: p for c, p in running.items() if c in names}, names, today),
        home=(*came_back(scope, names), *not_back),
        notices=tuple(sorted(notices, key=lambda n: (list(Trouble).index(n.trouble), n.client))),
        clients=tuple(clients),
        mine=tuple(sorted(mine_of(scope, today))),
    )


def _sessions(
    who: ClientRow,
    program: ProgramRow,
    agenda: Agenda,
    started: Mapping[SessionId, SessionRow],
    estimates: Estimates,
    today: date,
) -> Iterator[TodaySession]:
    """A client's sessions of today, those still open, and those of the last days that nothing was logged of."""
    for day in agenda.days:
        kept = started.get(day.session_id)
        open_before = kept is not None and kept.finished_at is None
        late = 0 < (today - day.on).days <= NOT_LOGGED_DAYS
        not_logged = kept is None and late and not day.top_up and day.on >= program.made_on
        held_today = kept is not None and kept.on_date == today
        shown = open_before or held_today or (not day.alone and (day.on == today or not_logged))
        if not shown or not day.exercises:
            continue
        state = SessionState.NOT_LOGGED if not_logged else SessionState.PLANNED
        if kept is not None:
            state = SessionState.RUNNING if kept.finished_at is None else SessionState.FINISHED
        yield TodaySession(
            session_id=day.session_id,
            program_id=program.id,
            week_id=day.week_id,
            day_id=day.day_id,
            client_id=who.id,
            client=who.name,
            day=day.name,
            week=day.week,
            on=day.on,
            state=state,
            exercises=day.exercises,
            estimated_seconds=estimates.seconds(who, program, day),
            minutes=who.minutes,
        )


_of_sessions: Memo[tuple[str, int]] = Memo(MOST_KEPT)
"""The day's name and what waits of a session, by revision, what was done and what was decided."""


def _waiting(scope: Scope, finished: list[SessionRow], names: dict[ClientId, str]) -> tuple[Waiting, ...]:
    ids = [s.id for s in finished]
    lines = ledger.lines_done(scope, ids)
    decided, shelf, waiting = ledger.lines_decided(scope, ids), library(scope), []
    for s in reversed(finished):
        done, taken = frozenset(lines.get(s.id, ())), frozenset(decided.get(s.id, ()))
        if done - taken:
            state = (s.program_id, s.revision, s.week_id, s.day_id, done, taken, Same(shelf))
            day, undecided = _of_sessions.get(
                scope.memory, state, partial(_undecided, scope, s, done, taken, shelf.exercises)
            )
            if undecided:
                waiting.append(Waiting(s.id, s.client_id, names[s.client_id], day, s.on_date, undecided))
    return tuple(waiting)


def _undecided(
    scope: Scope,
    row: SessionRow,
    done: frozenset[LineId],
    decided: frozenset[LineId],
    shelf: Mapping[ExerciseId, Exercise],
) -> tuple[str, int]:
    """The name of a session's day and how many proposals wait: one a circuit, none for what only gets ready.

    A week that eases off proposes nothing.
    """
    try:
        program = programs.plan(scope, row.program_id, row.revision)
    except NotFoundError:
        return "", len(done - decided)
    found = ((p, d) for p in program.phases for d in p.days if d.id == row.day_id)
    phase, day = next(((p, d) for p, d in found if any(w.id == row.week_id for w in p.weeks)), (None, None))
    if phase is None or day is None:
        return "", len(done - decided)
    week = next(i for i, w in enumerate(phase.weeks) if w.id == row.week_id)
    if phase.weeks[week].kind is WeekKind.EASE_OFF:
        return day.name, 0
    waiting = 0
    for group in program.as_held(phase, row.week_id, day).groups:
        if not group.preparing:
            trained = {
                line.id: shelf.get(named) or unknown_exercise(named)
                for line in group.lines
                if line.id in done and (named := line.exercise_in(phase.weeks[week]))
            }
            raised = {name for name, exercise in trained.items() if not prepares(exercise)}
            if group.is_circuit_in(week):
                waiting += bool(raised) and not trained.keys() & decided
            else:
                waiting += len(raised - decided)
    return day.name, waiting
