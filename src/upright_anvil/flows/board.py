"""The program board: opening it, starting a program."""

from dataclasses import dataclass
from datetime import date, datetime, timedelta

from upright_anvil.core.blocks import Bar, done_bar
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.cautions import Caution
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import (
    Day,
    GroupKind,
    Line,
    Pairing,
    Phase,
    Program,
    Section,
    Week,
    WeekKind,
)
from upright_anvil.core.plan.reading import ReadCell, ReadDay, ReadLine, read_phase
from upright_anvil.core.plan.setting import Setting
from upright_anvil.core.sentences import Refusal
from upright_anvil.core.volume.bands import Band, band_for
from upright_anvil.core.volume.weeks import WeekVolume
from upright_anvil.flows.done import Done, all_rows, done_by_line
from upright_anvil.flows.ids import fresh_id, session_id
from upright_anvil.flows.setting import client_setting
from upright_anvil.flows.volume import phase_volume
from upright_anvil.store import ledger, programs
from upright_anvil.store.clients import client
from upright_anvil.store.database import Scope
from upright_anvil.store.programs import Revision
from upright_anvil.store.tables import ProgramRow, SessionRow


@dataclass(frozen=True, slots=True)
class WeekView:
    """One week of a phase: its number in the program, its Monday, whether it is this week."""

    id: str
    number: int
    kind: WeekKind
    monday: date
    is_now: bool
    variant: str
    place: str


@dataclass(frozen=True, slots=True)
class ExerciseHead:
    """An exercise by id and name."""

    id: str
    name: str


@dataclass(frozen=True, slots=True)
class CellView:
    """A cell with what was done in it."""

    plan: ReadCell
    done: tuple[Bar, ...]


@dataclass(frozen=True, slots=True)
class LineView:
    """A line of the board; ``variant_b``, ``easier`` and ``harder`` are other exercises, None where none is named."""

    id: str
    exercise_id: str
    exercise: str
    removed: bool
    joints: tuple[Caution, ...]
    cells: tuple[CellView, ...]
    reason: str
    cues: tuple[str, ...]
    variant_b: ExerciseHead | None
    easier: ExerciseHead | None
    harder: ExerciseHead | None


@dataclass(frozen=True, slots=True)
class GroupView:
    """Lines of a day done together; a line on its own is a group of one."""

    id: str
    kind: GroupKind
    pairing: Pairing
    section: Section
    rest_inside: int | None
    rest_after: int | None
    lines: tuple[LineView, ...]


@dataclass(frozen=True, slots=True)
class StartedSession:
    """A session that was started, and whether it was finished."""

    id: str
    finished: bool


@dataclass(frozen=True, slots=True)
class MovedView:
    """A session that is not held as planned: on another date, merged into a day (by name), or dropped (neither)."""

    to: date | None
    into: str
    reason: str


@dataclass(frozen=True, slots=True)
class DayView:
    """A day of the board; ``seconds`` is its estimated time, ``sessions`` the started session, week by week."""

    id: str
    name: str
    weekday: int
    seconds: tuple[int, ...]
    sessions: tuple[StartedSession | None, ...]
    groups: tuple[GroupView, ...]
    place: str
    minutes: int | None
    top_up: bool
    moved: tuple[MovedView | None, ...]

    @property
    def lines(self) -> tuple[LineView, ...]:
        """The day's lines in order."""
        return tuple(line for group in self.groups for line in group.lines)


@dataclass(frozen=True, slots=True)
class PhaseView:
    """A phase of the board; ``volume`` is told week by week."""

    id: str
    name: str
    purpose: str
    method: str
    weeks: tuple[WeekView, ...]
    days: tuple[DayView, ...]
    volume: tuple[WeekVolume, ...]


@dataclass(frozen=True, slots=True)
class RevisionView:
    """What the board says of its revision, and where undo and redo lead."""

    number: int
    author: str
    at: datetime
    reason: str
    undo_to: int | None
    redo_to: int | None


@dataclass(frozen=True, slots=True)
class PlaceHead:
    """One of the client's places, the usual one first."""

    id: str
    name: str


@dataclass(frozen=True, slots=True)
class BoardView:
    """A program as the board shows it."""

    program_id: str
    client_id: str
    client: str
    unit: Unit
    minutes: int
    pace: float
    name: str
    start: date
    revision: RevisionView
    phases: tuple[PhaseView, ...]
    places: tuple[PlaceHead, ...]


def open_board(scope: Scope, program_id: str, today: date) -> BoardView:
    """Answer the program as it stands, read out against the client. Raises `NotFoundError`."""
    return board_of(scope, programs.current(scope, program_id), today)


def board_of(scope: Scope, revision: Revision, today: date) -> BoardView:
    """Answer a revision read out against the client."""
    row = programs.program_row(scope, revision.program_id)
    who = client(scope, row.client_id)
    program = revision.program
    kept = ledger.sets_of_exercises(scope, who.id, exercises_of(program))
    done = done_by_line(kept)
    every = ledger.sessions_of_client(scope, who.id)
    setting = client_setting(scope, who.id, all_rows(done), today, every)
    sessions = {s.id: s for s in every if s.program_id == row.id}
    band = band_for(GoalKind(who.aim), TrainingAge(who.training_age))
    return BoardView(
        program_id=row.id,
        client_id=who.id,
        client=who.name,
        unit=setting.unit,
        minutes=who.minutes,
        pace=setting.pace,
        name=program.name,
        start=program.start,
        revision=_revision(revision),
        phases=tuple(_phase(row, program, phase, setting, done, sessions, today, band) for phase in program.phases),
        places=tuple(PlaceHead(place, name) for place, name in setting.place_names.items()),
    )


def start_program(scope: Scope, client_id: str, name: str, now: datetime, today: date, weeks: int = 4) -> BoardView:
    """Start a client's program: one phase of some weeks with the client's days, from this week's Monday on.

    Raises `Refusal` when the client has one already, `NotFoundError` without the client.
    """
    who = client(scope, client_id)
    if programs.program_of_client(scope, client_id):
        raise Refusal(f"{who.name} has a program already; add a phase to it.")
    document = fresh_program(name, today - timedelta(days=today.weekday()), who.days_a_week, weeks)
    return board_of(scope, keep_first(scope, client_id, document, "Program started", now), today)


def keep_first(scope: Scope, client_id: str, document: Program, reason: str, now: datetime) -> Revision:
    """Keep a client's new program as its first revision."""
    program_id = fresh_id()
    scope.db.add(
        ProgramRow(id=program_id, trainer_id=scope.trainer_id, client_id=client_id, revision=1, created_at=now)
    )
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


def exercises_of(program: Program) -> set[str]:
    """Answer the ids of all exercises a program names, those of B weeks too."""
    lines: list[Line] = [line for phase in program.phases for day in phase.days for line in day.lines]
    return {name for line in lines for name in (line.exercise, line.exercise_b) if name}


def _revision(revision: Revision) -> RevisionView:
    r = revision
    return RevisionView(r.number, r.author, r.at, r.reason, r.undo_to, r.redo_to)


def _phase(
    row: ProgramRow,
    program: Program,
    phase: Phase,
    setting: Setting,
    done: Done,
    sessions: dict[str, SessionRow],
    today: date,
    band: Band,
) -> PhaseView:
    mondays = [(number, monday) for number, (p, _, monday) in enumerate(program.weeks(), start=1) if p.id == phase.id]
    weeks = tuple(
        WeekView(
            week.id, number, week.kind, monday, monday <= today < monday + timedelta(days=7), week.variant, week.place
        )
        for week, (number, monday) in zip(phase.weeks, mondays, strict=True)
    )
    days = []
    for read in read_phase(phase, setting):
        ids = tuple(session_id(row.id, week.id, program.held_by(week.id, read.day.id)) for week in phase.weeks)
        days.append(_day(read, phase, program, ids, setting, done, sessions))
    volume = phase_volume(row, program, phase, setting, done, band)
    return PhaseView(phase.id, phase.name, phase.purpose, phase.method, weeks, tuple(days), volume)


def _day(
    read: ReadDay,
    phase: Phase,
    program: Program,
    ids: tuple[str, ...],
    setting: Setting,
    done: Done,
    sessions: dict[str, SessionRow],
) -> DayView:
    groups = []
    for group in read.groups:
        g = group.group
        lines = tuple(_line(line, ids, setting, done) for line in group.lines)
        groups.append(GroupView(g.id, g.kind, g.pairing, g.section, g.rest_inside, g.rest_after, lines))
    rows = (sessions.get(sid) for sid in ids)
    started = tuple(StartedSession(row.id, row.finished_at is not None) if row else None for row in rows)
    day, names = read.day, {d.id: d.name for d in phase.days}
    changed = {m.week: m for m in program.moved if m.day == day.id}
    moved = tuple(
        MovedView(m.to, names.get(m.into, ""), m.reason) if (m := changed.get(week.id)) else None
        for week in phase.weeks
    )
    return DayView(
        id=day.id,
        name=day.name,
        weekday=day.weekday,
        seconds=read.seconds,
        sessions=started,
        groups=tuple(groups),
        place=day.place,
        minutes=day.minutes,
        top_up=day.top_up,
        moved=moved,
    )


def _line(line: ReadLine, ids: tuple[str, ...], setting: Setting, done: Done) -> LineView:
    athlete = setting.athlete(line.exercise.id)
    cells = tuple(
        CellView(
            cell,
            tuple(done_bar(r, setting.exercise(r.exercise), athlete) for r in done.get((sid, line.line.id), ())),
        )
        for cell, sid in zip(line.cells, ids, strict=True)
    )

    def head(exercise_id: str) -> ExerciseHead | None:
        return ExerciseHead(exercise_id, setting.exercise(exercise_id).name) if exercise_id else None

    of, plan = line.exercise, line.line
    return LineView(
        id=plan.id,
        exercise_id=of.id,
        exercise=of.name,
        removed=of.removed,
        joints=line.joints,
        cells=cells,
        reason=plan.reason,
        cues=plan.cues,
        variant_b=head(plan.exercise_b),
        easier=head(plan.easier),
        harder=head(plan.harder),
    )
