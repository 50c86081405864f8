"""The floor: one session with what is planned, what was done last time and what is done so far."""

from dataclasses import dataclass
from datetime import date, datetime

from upright_anvil.core.health.cautions import Caution, general_cautions
from upright_anvil.core.ledger.standing import standing_rows
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.reading import day_estimate, settings_of
from upright_anvil.flows.done import all_rows, done_by_line
from upright_anvil.flows.floor_line import FloorLine, floor_line, last_time
from upright_anvil.flows.health import screening_of
from upright_anvil.flows.setting import client_setting
from upright_anvil.flows.training_session import find
from upright_anvil.store import ledger
from upright_anvil.store.clients import client
from upright_anvil.store.database import Scope


@dataclass(frozen=True, slots=True)
class FloorView:
    """A session as the floor shows it."""

    session_id: str
    program_id: str
    week_id: str
    day_id: str
    client_id: str
    client: str
    unit: Unit
    minutes: int
    day: str
    week: int
    phase: str
    planned_for: date
    estimated_seconds: int
    started_at: datetime | None
    finished_at: datetime | None
    reminder: str | None
    awaited: bool
    cautions: tuple[Caution, ...]
    lines: tuple[FloorLine, ...]
    notes: tuple[str, ...]


def open_floor(scope: Scope, program_id: str, week_id: str, day_id: str, today: date) -> FloorView:
    """Answer the session as it stands. Raises `NotFoundError`, or `Refusal` when no such day is planned.

    ``reminder`` is what the health screen still asks for, ``awaited`` whether a clearance is not recorded yet,
    ``cautions`` what conditions mean today.
    """
    found = find(scope, program_id, week_id, day_id)
    who = client(scope, found.program.client_id)
    exercises = {line.exercise_in(found.phase.weeks[found.week]) for line in found.day.lines}
    kept = ledger.sets_of_exercises(scope, who.id, exercises)
    rows = [k.row for k in ledger.sets_of_sessions(scope, [found.id])]
    before = [k for k in kept if k.session_id != found.id]
    sessions = ledger.sessions_of_client(scope, who.id)
    setting = client_setting(scope, who.id, all_rows(done_by_line(kept)), today, sessions)
    notes = ledger.notes_of_session(scope, found.id)
    screening = screening_of(scope, who.id, today)
    standing = standing_rows(rows)
    dates = {s.id: s.on_date for s in sessions}
    until = found.row.on_date if found.row else date.max
    lines = []
    week = found.phase.weeks[found.week]
    here = settings_of(found.day, (week,), setting)[0]
    for line in found.day.lines:
        last = last_time(line.exercise_in(week), before, dates, until, setting)
        own = {slot.number: s for slot, s in standing.items() if slot.line == line.id}
        text = [n.text for n in notes if n.line == line.id]
        lines.append(floor_line(line, found, here, own, last, tuple(text)))
    return FloorView(
        session_id=found.id,
        program_id=found.program.id,
        week_id=found.week_id,
        day_id=found.day.id,
        client_id=who.id,
        client=who.name,
        unit=setting.unit,
        minutes=found.day.minutes or who.minutes,
        day=found.day.name,
        week=found.number,
        phase=found.phase.name,
        planned_for=found.planned_for,
        estimated_seconds=day_estimate(found.day, found.phase.weeks, found.week, setting),
        started_at=found.row.started_at if found.row else None,
        finished_at=found.row.finished_at if found.row else None,
        reminder=screening.reminder,
        awaited=screening.awaited,
        cautions=general_cautions(setting.standing, today),
        lines=tuple(view for view in lines if view is not None),
        notes=tuple(n.text for n in notes if not n.line),
    )
