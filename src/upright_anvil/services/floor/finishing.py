"""The end of a session: what was planned and done, what to praise, what is left, what to note for next time."""

from collections.abc import Collection, Iterable
from dataclasses import dataclass
from datetime import date, datetime
from enum import StrEnum

from upright_anvil.core.blocks import SetBlock
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ids import ClientId, DayId, LineId, ProgramId, SessionId, WeekId
from upright_anvil.core.ledger.rows import Outcome, PerformedSet
from upright_anvil.core.loads.load import Kilograms, Unit
from upright_anvil.core.session.facts import Fact, PastSet, Work, facts
from upright_anvil.services.floor.changes.on_the_day import MadeChange
from upright_anvil.services.floor.last_time import brief_estimate
from upright_anvil.services.floor.line import FloorLine
from upright_anvil.services.floor.opened import Opened, opened
from upright_anvil.services.floor.opening import floor_of
from upright_anvil.services.profile.client_profile import set_estimate
from upright_anvil.services.profile.history import is_clean
from upright_anvil.services.profile.strength import load_of
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import floor as store
from upright_anvil.store.log import ledger, training_sessions


class LineState(StrEnum):
    """How far a line came."""

    DONE = "done"
    PART = "part done"
    NOT_DONE = "not done"


@dataclass(frozen=True, slots=True)
class DoneLine:
    """One exercise: planned and done as set blocks, how many sets of how many, what hurt, what was written down."""

    line: LineId
    exercise: str
    planned: str
    state: LineState
    done: int
    planned_sets: int
    skipped: int
    ramp_sets: int
    blocks: tuple[SetBlock, ...]
    pains: tuple[str, ...]
    notes: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class DeviceFigure:
    """What a device measured of a set, in sentences."""

    line: LineId
    number: int
    sort: str
    sentences: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class SessionSummary:
    """A session once it was run. Minutes are whole; ``load`` is effort times minutes (Foster et al. 2001).

    ``pace`` is the client's pace factor with this session in it: 1.1 takes a tenth longer than estimated.
    """

    session_id: SessionId
    program_id: ProgramId
    week_id: WeekId
    day_id: DayId
    client_id: ClientId
    client: str
    unit: Unit
    day: str
    week: int
    phase: str
    on: date
    started_at: datetime
    finished_at: datetime | None
    minutes: int | None
    estimated_minutes: int
    pace: float
    effort: int | None
    load: int | None
    lines: tuple[DoneLine, ...]
    facts: tuple[Fact, ...]
    changes: tuple[MadeChange, ...]
    measured: tuple[DeviceFigure, ...]
    notes: tuple[str, ...]
    for_next: tuple[str, ...]


def summary(scope: Scope, sid: SessionId, today: date) -> SessionSummary:
    """Answer the summary of a started session. Raises `NotFoundError`."""
    row = training_sessions.session(scope, sid)
    view = opened(scope, row.program_id, row.week_id, row.day_id, today)
    floor = floor_of(scope, view, today)
    lasted = row.finished_at - row.started_at if row.finished_at not in (None, row.started_at) else None
    minutes = round(lasted.total_seconds() / 60) if lasted is not None else None
    notes = ledger.notes_of_session(scope, sid)
    return SessionSummary(
        session_id=sid,
        program_id=row.program_id,
        week_id=row.week_id,
        day_id=row.day_id,
        client_id=view.who.id,
        client=view.who.name,
        unit=floor.unit,
        day=floor.day,
        week=floor.week,
        phase=floor.phase,
        on=row.on_date,
        started_at=row.started_at,
        finished_at=row.finished_at,
        minutes=minutes,
        estimated_minutes=round(row.estimated_seconds / 60),
        pace=round(view.profile.pace, 2),
        effort=row.effort,
        load=row.effort * minutes if row.effort is not None and minutes is not None else None,
        lines=tuple(_line(line) for line in floor.lines),
        facts=facts(_work(view, training_sessions.not_before(scope, view.who.id, row.started_at))),
        changes=view.day.changes,
        measured=tuple(
            DeviceFigure(m.line, m.number, m.sort, tuple(m.figures.get("sentences", ())))
            for m in store.measures_of_session(scope, sid)
        ),
        notes=tuple(note.text for note in notes if not note.line and not note.for_next),
        for_next=tuple(note.text for note in notes if note.for_next),
    )


def _line(line: FloorLine) -> DoneLine:
    logged = [s.logged for s in line.sets if s.logged is not None]
    done = [s for s in logged if s.outcome is Outcome.DONE]
    planned = sum(1 for s in line.sets if s.planned is not None)
    state = LineState.NOT_DONE if not done else LineState.PART if len(done) < planned else LineState.DONE
    hurt = [
        f"{f'{s.how.pain_side} ' if s.how.pain_side else ''}{s.how.pain}, set {one.number}"
        for one in line.sets
        if (s := one.logged) is not None and s.how.pain is not None
    ]
    return DoneLine(
        line=line.line,
        exercise=line.exercise,
        planned=line.planned,
        state=state,
        done=len(done),
        planned_sets=planned,
        skipped=sum(1 for s in logged if s.outcome is Outcome.SKIPPED),
        ramp_sets=sum(1 for s in line.ramp_up if s.logged is not None and s.logged.outcome is Outcome.DONE),
        blocks=tuple(SetBlock(s.planned, s.logged.bar if s.logged else None) for s in line.sets),
        pains=tuple(hurt),
        notes=line.notes,
    )


def _work(view: Opened, later: Collection[SessionId]) -> list[Work]:
    """What was done today beside what was done before; ``later`` are the sessions that began since, and this one."""
    rows = [kept.row for kept in view.standing.values() if kept.row.outcome is Outcome.DONE and not kept.row.slot.ramp]
    found = []
    for exercise_id in dict.fromkeys(row.exercise for row in rows):
        today = tuple(sorted((r for r in rows if r.exercise == exercise_id), key=lambda r: r.slot.number))
        # Of sets with the same figures one is enough.
        groups = view.before.alike(exercise_id)
        before = [row for rows in groups if (row := next((r for r in rows if r.session_id not in later), None))]
        exercise = view.here.exercise(exercise_id)
        past = [PastSet(load_of(b.load, b.load_unit), b.assisted, b.reps, b.seconds, b.metres) for b in before]
        best_before = (brief_estimate(row, view.here) for row in before if is_clean(row))
        found.append(Work(exercise.name, today, past, _best(today, exercise, view), _highest(best_before)))
    return found


def _best(rows: Iterable[PerformedSet], exercise: Exercise, view: Opened) -> float | None:
    estimates = (set_estimate(row, exercise, view.here.body_kg) for row in rows if row.how.clean_enough)
    return _highest(estimates)


def _highest(estimates: Iterable[Kilograms | None]) -> float | None:
    return max((float(estimate) for estimate in estimates if estimate is not None), default=None)
