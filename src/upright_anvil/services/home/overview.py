"""What a client does at home, over the weeks around today: what can go on a sheet, what was given, what came back."""

from dataclasses import dataclass
from datetime import date, datetime, timedelta
from enum import StrEnum

from upright_anvil.core.ids import ClientId, DayId, ProgramId, SessionId, WeekId
from upright_anvil.core.phrases import Language
from upright_anvil.services.home.kept import sheet_of_row
from upright_anvil.services.ids import session_id
from upright_anvil.store import programs
from upright_anvil.store.client import home as store
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import training_sessions

BACK_DAYS = 14
AHEAD_DAYS = 21
SHEETS_SHOWN = 12
RESULTS_SHOWN = 20


class HomeState(StrEnum):
    """How a day stands."""

    AHEAD = "ahead"
    BACK = "came back"
    DONE = "done here"
    NOT_BACK = "not back"


@dataclass(frozen=True, slots=True)
class HomeChoice:
    """A day that can go on a sheet; ``alone`` says that the program has it done alone, ``sheets`` on how many it is."""

    week_id: WeekId
    day_id: DayId
    day: str
    week: int
    on: date
    alone: bool
    exercises: int
    state: HomeState
    session_id: SessionId
    sheets: int


@dataclass(frozen=True, slots=True)
class GivenSheet:
    """A sheet that was made."""

    id: str
    made_at: datetime
    days: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class CameBack:
    """A result that came back; ``waits`` to be looked at, ``wants_word`` where something hurt or was written."""

    id: str
    day: str
    received_at: datetime
    session_id: SessionId | None
    note: str
    hurt: bool
    waits: bool
    wants_word: bool
    set_aside: bool


@dataclass(frozen=True, slots=True)
class HomeView:
    """A client's work at home."""

    client_id: ClientId
    client: str
    language: Language
    program_id: ProgramId | None
    days: tuple[HomeChoice, ...]
    sheets: tuple[GivenSheet, ...]
    results: tuple[CameBack, ...]


def home_view(scope: Scope, client_id: ClientId, today: date) -> HomeView:
    """Answer what a client can do, was given and has sent back. Raises `NotFoundError`."""
    who = client(scope, client_id)
    running = programs.running_program(scope, client_id, today)
    sheets = [(row, sheet_of_row(row)) for row in store.sheets_of_client(scope, client_id, SHEETS_SHOWN)]
    given: dict[tuple[WeekId, DayId], int] = {}
    for _, sheet in sheets:
        for day in sheet.days:
            given[day.week_id, day.day_id] = given.get((day.week_id, day.day_id), 0) + 1
    results = store.results_of_client(scope, client_id, RESULTS_SHOWN)
    names = {(s.id, d.week_id, d.day_id): d.name for _, s in sheets for d in s.days}
    back = {row.session_id for row in results if row.session_id}
    return HomeView(
        client_id=client_id,
        client=who.name,
        language=Language(who.language),
        program_id=running.id if running else None,
        days=_days(scope, running.id, client_id, given, back, today) if running else (),
        sheets=tuple(GivenSheet(row.id, row.made_at, tuple(d.name for d in sheet.days)) for row, sheet in sheets),
        results=tuple(
            CameBack(
                id=row.id,
                day=names.get((row.sheet_id, row.week_id, row.day_id), ""),
                received_at=row.received_at,
                session_id=row.session_id,
                note=row.note,
                hurt=row.hurt,
                waits=row.session_id is None and not row.set_aside,
                wants_word=not row.read and row.session_id is not None,
                set_aside=row.set_aside,
            )
            for row in results
        ),
    )


def _days(
    scope: Scope,
    program_id: ProgramId,
    client_id: ClientId,
    given: dict[tuple[WeekId, DayId], int],
    back: set[SessionId],
    today: date,
) -> tuple[HomeChoice, ...]:
    program = programs.current(scope, program_id).program
    offsets = {(p.id, i): n for n, (p, i, _) in enumerate(program.weeks(), start=1)}
    done = {row.id for row in training_sessions.sessions_of_client(scope, client_id)}
    found = []
    for phase, index, planned, on in program.sessions():
        if not today - timedelta(days=BACK_DAYS) <= on <= today + timedelta(days=AHEAD_DAYS):
            continue
        week = phase.weeks[index].id
        day = program.as_held(phase, week, planned)
        exercises = sum(1 for line in day.lines if line.cells[index].text)
        if not exercises:
            continue
        sid = session_id(program_id, week, day.id)
        many = given.get((week, day.id), 0)
        if on < today and not (day.alone or many):
            continue
        state = HomeState.AHEAD
        if sid in done:
            state = HomeState.BACK if sid in back else HomeState.DONE
        elif on < today and (day.alone or many):
            state = HomeState.NOT_BACK
        found.append(
            HomeChoice(week, day.id, day.name, offsets[phase.id, index], on, day.alone, exercises, state, sid, many)
        )
    return tuple(found)
