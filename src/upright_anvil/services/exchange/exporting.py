"""A program, a client's log and a client's calendar as open files."""

from collections.abc import Iterable
from dataclasses import dataclass
from datetime import date, timedelta
from enum import StrEnum

from upright_anvil.core.ids import ClientId, ExerciseId, LineId, ProgramId, SessionId
from upright_anvil.core.ledger.rows import SetPosition
from upright_anvil.core.ledger.standing import done_sets
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.locate import find_phase
from upright_anvil.formats.exchange.calendar_file import CalendarEntry, calendar_ics
from upright_anvil.formats.exchange.log_file import LoggedSet, log_csv
from upright_anvil.formats.exchange.program_file import ProgramFile, write_program
from upright_anvil.formats.exchange.program_sheets import program_csv, program_xlsx
from upright_anvil.services.board.opening import exercises_of
from upright_anvil.services.calendar.calendar import place_names, sessions_on_dates
from upright_anvil.services.log.ran import programs_run
from upright_anvil.services.shelf import all_exercises
from upright_anvil.store import programs
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import ledger, training_sessions
from upright_anvil.store.tables import ProgramRow


class ProgramFormat(StrEnum):
    """What a program is written as."""

    JSON = "json"
    CSV = "csv"
    XLSX = "xlsx"


MEDIA = {
    ProgramFormat.JSON: "application/json",
    ProgramFormat.CSV: "text/csv; charset=utf-8",
    ProgramFormat.XLSX: "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet",
}


CALENDAR = "text/calendar; charset=utf-8"


@dataclass(frozen=True, slots=True)
class ExportedFile:
    """A file to be kept: its name, its media type and its bytes."""

    name: str
    media: str
    content: bytes


def program_file(scope: Scope, program_id: ProgramId, kind: ProgramFormat, phase_id: str = "") -> ExportedFile:
    """Answer a program as it stands as a file; CSV has one phase, the first unless one is named.

    Raises `DomainError` for a phase that is gone, `NotFoundError`.
    """
    row, program = programs.program_row(scope, program_id), programs.current(scope, program_id).program
    who, names = client(scope, row.client_id), _names(scope, program)
    unit = Unit(who.unit)
    name = stem(f"{program.name} {who.name}")
    match kind:
        case ProgramFormat.JSON:
            content = write_program(program, unit, names, who.name).encode()
        case ProgramFormat.XLSX:
            known = {str(key): name for key, name in names.items()}
            content = program_xlsx(ProgramFile(client=who.name, unit=unit, exercises=known, program=program))
        case ProgramFormat.CSV:
            phase = find_phase(program, phase_id) if phase_id else program.phases[0]
            content = program_csv(program, phase, names).encode()
            name = f"{name}-{stem(phase.name)}"
    return ExportedFile(f"{name}.{kind.value}", MEDIA[kind], content)


def _names(scope: Scope, program: Program) -> dict[ExerciseId, str]:
    known = all_exercises(scope)
    return {name: known[name].name for name in sorted(exercises_of(program)) if name in known}


def stem(words: str) -> str:
    """Answer a file's name that every system takes, without its ending."""
    kept = "".join(letter if letter.isalnum() else "-" for letter in words.casefold())
    return "-".join(part for part in kept.split("-") if part)[:80] or "program"


def client_log(scope: Scope, client_id: ClientId) -> ExportedFile:
    """Answer all sets a client has done as CSV, oldest first. Raises `NotFoundError`."""
    who, known = client(scope, client_id), all_exercises(scope)
    sessions = sorted(training_sessions.sessions_of_client(scope, client_id), key=lambda s: (s.on_date, s.id))
    days = {s.id: (s.on_date, _day_name(scope, s.program_id, s.revision, s.day_id)) for s in sessions}
    by_line: dict[tuple[SessionId, LineId], list[ledger.KeptSet]] = {}
    for kept in ledger.sets_of_sessions(scope, list(days)):
        by_line.setdefault((kept.session_id, kept.row.slot.line), []).append(kept)
    rows = []
    for (session, _), sets in by_line.items():
        on, day = days[session]
        for row in done_sets([one.row for one in sets]):
            name = known[row.exercise].name if row.exercise in known else row.exercise
            rows.append(LoggedSet(on, who.name, day, name, row))
    rows.sort(key=lambda one: (one.on, one.row.logged_at is None, one.row.logged_at, _place(one.row.slot)))
    return ExportedFile(f"{stem(who.name)}-log.csv", MEDIA[ProgramFormat.CSV], log_csv(rows).encode())


def _place(slot: SetPosition) -> tuple[str, int]:
    return slot.line, slot.number


def _day_name(scope: Scope, program_id: ProgramId, revision: int, day_id: str) -> str:
    program = programs.revision(scope, program_id, revision).program
    return next((day.name for phase in program.phases for day in phase.days if day.id == day_id), "")


CALENDAR_BACK = timedelta(days=365)
"""How far back a calendar goes: programs that were over by then are left out. House rule."""


def client_calendar(scope: Scope, client_id: ClientId, today: date) -> ExportedFile:
    """Answer the sessions of a client's programs of the last year as iCalendar, those that are not held as cancelled.

    Raises `NotFoundError`.
    """
    who = client(scope, client_id)
    entries = entries_of(scope, client_id, programs.programs_of_client(scope, client_id), today, today - CALENDAR_BACK)
    content = calendar_ics(f"Training of {who.name}", entries)
    return ExportedFile(f"{stem(who.name)}.ics", CALENDAR, content)


def entries_of(
    scope: Scope, client_id: ClientId, of: Iterable[ProgramRow], today: date, since: date
) -> list[CalendarEntry]:
    """Answer the sessions of some of a client's programs as entries of a calendar, each under an id that stays.

    Programs that were over on the day ``since`` are left out.
    """
    who = client(scope, client_id)
    ran = {run.row.id: run.last for run in programs_run(scope, client_id, today, since)}
    entries, names = [], place_names(scope, client_id)
    rows = [row for row in of if row.id in ran or row.starts_on >= since]
    current = programs.current_of(scope, [row.id for row in rows])
    started = training_sessions.session_dates(scope, client_id)
    for row in rows:
        revision = current[row.id]
        last = ran.get(row.id, row.ended_on)
        for session in sessions_on_dates(row, revision.program, started, names, today):
            over = last is not None and session.on > last and session.state == "planned" and last < revision.program.end
            off = session.state in ("dropped", "merged", "before it began") or over
            entries.append(
                CalendarEntry(
                    uid=session.session_id,
                    on=session.on,
                    title=f"{who.name}: {session.day}",
                    description=f"{session.phase}, week {session.week}. {session.reason}".strip(),
                    place=session.place,
                    sequence=revision.number,
                    changed=revision.at,
                    cancelled=off,
                )
            )
    return entries
