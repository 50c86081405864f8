"""The calendar of a program: dates of its sessions, and what can become of one that cannot be held."""

from collections.abc import Collection, Iterable, Mapping
from dataclasses import dataclass
from datetime import date, timedelta

from upright_anvil.core.checks.study import study_week
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId, DayId, PlaceId, ProgramId, SessionId, WeekId
from upright_anvil.core.missed_session import WayOut, ways_out
from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.locate import find_day
from upright_anvil.services.board.empty_program import monday_of
from upright_anvil.services.ids import session_id
from upright_anvil.services.profile.standpoint import standpoint
from upright_anvil.store import programs
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import training_sessions
from upright_anvil.store.studio.places import places_of_client
from upright_anvil.store.tables import ProgramRow


@dataclass(frozen=True, slots=True)
class CalendarSession:
    """One session on its date.

    ``state`` is planned, optional, done, missed, before it began, moved, merged or dropped.
    """

    session_id: SessionId
    week_id: WeekId
    day_id: DayId
    day: str
    week: int
    phase: str
    on: date
    planned_for: date
    state: str
    place: str
    reason: str


@dataclass(frozen=True, slots=True)
class CalendarWeek:
    """A week of the program: its Monday, the weeks off before it and the day they begin, and whether it has begun."""

    id: WeekId
    number: int
    monday: date
    begun: bool
    pause: int
    pause_from: date
    pause_reason: str


@dataclass(frozen=True, slots=True)
class CalendarRow:
    """Seven dates, Monday to Sunday, that hold a session of the program: of its own week or moved there."""

    dates: tuple[date, ...]


@dataclass(frozen=True, slots=True)
class CalendarView:
    """A program's sessions by date, its weeks, and the Sunday of the last."""

    program_id: ProgramId
    client_id: ClientId
    client: str
    name: str
    revision: int
    today: date
    end: date
    weeks: tuple[CalendarWeek, ...]
    sessions: tuple[CalendarSession, ...]
    rows: tuple[CalendarRow, ...]


def calendar_of(scope: Scope, program_id: ProgramId, today: date) -> CalendarView:
    """Answer every session with its date and what became of it. Raises `NotFoundError`."""
    revision = programs.current(scope, program_id)
    row, program = programs.program_row(scope, program_id), revision.program
    started = training_sessions.sessions_of_program(scope, program_id)
    names = place_names(scope, row.client_id)
    ordered = sessions_on_dates(row, program, {s.id: s.on_date for s in started}, names, today)
    who = client(scope, row.client_id)
    return CalendarView(
        program_id,
        who.id,
        who.name,
        program.name,
        revision.number,
        today,
        program.end,
        _weeks(program, {s.week_id for s in started}, today),
        ordered,
        _rows([one.on for one in ordered]),
    )


def place_names(scope: Scope, client_id: ClientId) -> dict[PlaceId, str]:
    """Answer what the places of a client are called."""
    return {place.id: place.name for place in places_of_client(scope, client_id)}


def sessions_on_dates(
    row: ProgramRow,
    program: Program,
    started: Mapping[SessionId, date],
    names: Mapping[PlaceId, str],
    today: date,
) -> tuple[CalendarSession, ...]:
    """Answer a program's sessions by date, and what became of each; ``started`` are the days of those that began."""
    program_id = row.id
    moved = {(m.week, m.day): m for m in program.moved}
    sessions = []
    for number, (phase, index, monday) in enumerate(program.weeks(), start=1):
        week = phase.weeks[index]
        for day in sorted(phase.days, key=lambda d: d.weekday):
            planned = date.fromordinal(monday.toordinal() + day.weekday)
            move = moved.get((week.id, day.id))
            sid = session_id(program_id, week.id, day.id)
            held = started.get(sid)
            on = held or (move.to if move and move.to else planned)
            into = next((d.name for d in phase.days if move and d.id == move.into), "")
            if held:
                state = "done"
            elif move:
                state = "moved" if move.to else "merged" if move.into else "dropped"
            else:
                state = "optional" if day.top_up else "alone" if day.alone else _unheld(planned, row.made_on, today)
            why = (f"into {into}. " if into else "") + (move.reason if move else "")
            place = names.get(week.place or day.place, "")
            sessions.append(
                CalendarSession(
                    sid, week.id, day.id, day.name, number, phase.name, on, planned, state, place, why.strip()
                )
            )
    return tuple(sorted(sessions, key=lambda s: (s.on, s.day)))


def _rows(days: Iterable[date]) -> tuple[CalendarRow, ...]:
    mondays = sorted({monday_of(day) for day in days})
    return tuple(CalendarRow(tuple(monday + timedelta(days=n) for n in range(7))) for monday in mondays)


def _weeks(program: Program, held: Collection[WeekId], today: date) -> tuple[CalendarWeek, ...]:
    """The weeks of a program; one has begun as a session of it was started, or it is past."""
    pauses = {pause.before: pause for pause in program.pauses}
    found = []
    for number, (phase, index, monday) in enumerate(program.weeks(), start=1):
        week = phase.weeks[index].id
        pause = pauses.get(week)
        begun = week in held or monday + timedelta(days=6) < today
        off, why = (pause.weeks, pause.reason) if pause else (0, "")
        found.append(CalendarWeek(week, number, monday, begun, off, monday - timedelta(weeks=off), why))
    return tuple(found)


def _unheld(planned: date, made: date, today: date) -> str:
    """The state of a session nobody held: what lies before the day the program was made was never missed."""
    if planned < made:
        return "before it began"
    return "missed" if planned < today else "planned"


def ways_out_of(scope: Scope, program_id: ProgramId, week_id: WeekId, day_id: DayId, today: date) -> tuple[WayOut, ...]:
    """Answer what can become of a session, best first. Raises `DomainError` when it is gone, `NotFoundError`."""
    program = programs.current(scope, program_id).program
    row = programs.program_row(scope, program_id)
    find_day(program, day_id)
    who = standpoint(scope, row.client_id, today)
    week = study_week(program, who, week_id)
    if week is None:
        raise DomainError("That week is no longer in the program.")
    held = [on for phase, index, day, on in program.sessions() if phase.weeks[index].id == week_id and day.id != day_id]
    return ways_out(week, day_id, held, today, who.profile)
