"""The program board: opening it as it stands, or as it stood."""

from collections.abc import Collection
from dataclasses import dataclass
from datetime import date, timedelta

from upright_anvil.core.blocks import done_bar
from upright_anvil.core.constants import (
    CIRCUIT_REST_AFTER,
    ON_THE_MINUTE_SECONDS,
    REST_INSIDE_SECONDS,
    TIME_CAP_SECONDS,
)
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.ids import DayId, ExerciseId, ProgramId, SessionId
from upright_anvil.core.plan.changing.compare import changed_days
from upright_anvil.core.plan.document import Group, GroupKind, Line, Phase, Program
from upright_anvil.core.plan.parts import RestrictedFlow
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import ReadDay, ReadLine, read_phase
from upright_anvil.core.plan.read_out.restricted import restriction
from upright_anvil.core.plan.standing import ProgramStanding, standings
from upright_anvil.core.prescription.text.rounds import rounds_of
from upright_anvil.core.volume.bands import band_for
from upright_anvil.core.volume.weeks import WeekVolume
from upright_anvil.services.board.saving import Edited
from upright_anvil.services.board.views import (
    BoardChange,
    BoardView,
    CellView,
    DayView,
    ExerciseHead,
    GroupUsual,
    GroupView,
    LineView,
    MovedView,
    PhaseChange,
    PhaseView,
    PlaceHead,
    RevisionView,
    StartedSession,
    WeekView,
)
from upright_anvil.services.ids import session_id
from upright_anvil.services.log.done import Done, done_by_line
from upright_anvil.services.log.volume import phase_volume
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.store import programs
from upright_anvil.store.client.clients import client
from upright_anvil.store.client.exercise_notes import exercise_notes
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import ledger, training_sessions
from upright_anvil.store.log.training_sessions import HeldSession
from upright_anvil.store.programs import Revision
from upright_anvil.store.tables import ClientRow, ProgramRow


def open_board(scope: Scope, program_id: ProgramId, today: date) -> BoardView:
    """Answer the program as it stands, read out against the client. Raises `NotFoundError`."""
    return board_of(scope, programs.current(scope, program_id), today)


def board_of(scope: Scope, revision: Revision, today: date) -> BoardView:
    """Answer a revision read out against the client."""
    return _whole(scope, _reader(scope, revision, today))


def board_change(scope: Scope, edited: Edited, saved: Revision, today: date) -> BoardChange:
    """Answer what a save made of the board it started from; only what changed is read out."""
    reader = _reader(scope, saved, today)
    base, revision = edited.before.number, _revision(saved)
    changed = changed_days(edited.before.program, saved.program)
    if changed is None:
        return BoardChange(saved.program_id, base, revision, (), _whole(scope, reader))
    phases = tuple(
        PhaseChange(phase.id, reader.days(phase, changed[phase.id]), reader.volume(phase))
        for phase in saved.program.phases
        if phase.id in changed
    )
    return BoardChange(saved.program_id, base, revision, phases, None)


@dataclass(frozen=True, slots=True)
class _Reader:
    """A revision with what it is read out against: the client, what was done, the sessions of the program."""

    row: ProgramRow
    who: ClientRow
    revision: Revision
    profile: ClientProfile
    done: Done
    sessions: dict[SessionId, HeldSession]
    today: date

    def days(self, phase: Phase, only: Collection[DayId]) -> tuple[DayView, ...]:
        """Answer some days of a phase, by weekday."""
        program = self.revision.program
        read = read_phase(phase.model_copy(update={"days": tuple(d for d in phase.days if d.id in only)}), self.profile)
        return tuple(
            _day(
                day,
                phase,
                program,
                tuple(session_id(self.row.id, w.id, program.held_by(w.id, day.day.id)) for w in phase.weeks),
                self.profile,
                self.done,
                self.sessions,
            )
            for day in read
        )

    def volume(self, phase: Phase) -> tuple[WeekVolume, ...]:
        """Answer a phase's volume, week by week."""
        band = band_for(GoalKind(self.who.aim), TrainingAge(self.who.training_age))
        return phase_volume(self.row, self.revision.program, phase, self.profile, self.done, band)


def _reader(scope: Scope, revision: Revision, today: date) -> _Reader:
    row = programs.program_row(scope, revision.program_id)
    who = client(scope, row.client_id)
    sessions = {s.id: s for s in training_sessions.sessions_of_program(scope, row.id)}
    done = done_by_line(ledger.sets_of_sessions(scope, sessions))
    profile = client_profile(scope, who.id, today)
    return _Reader(row, who, revision, profile, done, sessions, today)


def _whole(scope: Scope, reader: _Reader) -> BoardView:
    row, who, revision, profile = reader.row, reader.who, reader.revision, reader.profile
    program = revision.program
    dates = [programs.dates_of(one) for one in programs.programs_of_client(scope, who.id)]
    return BoardView(
        program_id=row.id,
        client_id=who.id,
        client=who.name,
        unit=profile.unit,
        minutes=who.minutes,
        pace=profile.pace,
        name=program.name,
        start=program.start,
        end=program.end,
        standing=standings(dates, reader.today).get(row.id, ProgramStanding.OVER),
        ended_on=row.ended_on,
        revision=_revision(revision),
        phases=tuple(_phase(reader, phase) for phase in program.phases),
        places=tuple(PlaceHead(place, name) for place, name in profile.place_names.items()),
        always=exercise_notes(scope, who.id),
    )


def exercises_of(program: Program) -> set[ExerciseId]:
    """Answer the ids of all exercises a program names, those of B weeks too."""
    lines: list[Line] = [line for phase in program.phases for day in phase.days for line in day.lines]
    return {name for line in lines for name in (line.exercise, line.exercise_b) if name}


def _revision(revision: Revision) -> RevisionView:
    r = revision
    return RevisionView(r.number, r.at, r.reason, r.undo_to, r.redo_to)


def _phase(reader: _Reader, phase: Phase) -> PhaseView:
    program, today = reader.revision.program, reader.today
    mondays = [(number, monday) for number, (p, _, monday) in enumerate(program.weeks(), start=1) if p.id == phase.id]
    pauses = {pause.before: pause for pause in program.pauses}
    weeks = tuple(
        WeekView(
            id=week.id,
            number=number,
            kind=week.kind,
            monday=monday,
            is_now=monday <= today < monday + timedelta(days=7),
            variant=week.variant,
            place=week.place,
            pause=pauses[week.id].weeks if week.id in pauses else 0,
            pause_reason=pauses[week.id].reason if week.id in pauses else "",
        )
        for week, (number, monday) in zip(phase.weeks, mondays, strict=True)
    )
    return PhaseView(
        id=phase.id,
        name=phase.name,
        purpose=phase.purpose,
        method=phase.method,
        restricted=phase.restricted,
        weeks=weeks,
        days=reader.days(phase, [day.id for day in phase.days]),
        volume=reader.volume(phase),
    )


def _day(
    read: ReadDay,
    phase: Phase,
    program: Program,
    ids: tuple[SessionId, ...],
    profile: ClientProfile,
    done: Done,
    sessions: dict[SessionId, HeldSession],
) -> DayView:
    groups = []
    for group in read.groups:
        g = group.group
        lines = tuple(_line(line, ids, profile, done, _restricted(phase, g, line)) for line in group.lines)
        groups.append(_group(g, lines))
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
        alone=day.alone,
        moved=moved,
    )


def _line(line: ReadLine, ids: tuple[SessionId, ...], profile: ClientProfile, done: Done, restricted: str) -> LineView:
    athlete = profile.athlete(line.exercise.id)
    cells = tuple(
        CellView(
            cell,
            tuple(done_bar(r, profile.exercise(r.exercise), athlete) for r in done.get((sid, line.line.id), ())),
        )
        for cell, sid in zip(line.cells, ids, strict=True)
    )

    def head(exercise_id: ExerciseId) -> ExerciseHead | None:
        return ExerciseHead(exercise_id, profile.exercise(exercise_id).name) if exercise_id else None

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
        policy=plan.policy,
        restricted=plan.restricted,
        restricted_words=restricted,
    )


def _restricted(phase: Phase, group: Group, line: ReadLine) -> str:
    """How the blood flow is restricted in any week of a line, in words; empty where it is not."""
    found = restriction(phase, group, line.line, None)
    if found is None and any("cuffs" in cell.manner or "cuffs" in cell.work for cell in line.cells):
        found = RestrictedFlow()
    return found.words if found else ""


def _group(group: Group, lines: tuple[LineView, ...]) -> GroupView:
    weeks = range(len(group.lines[0].cells))
    inside = None if group.kind is GroupKind.INTERVALS else REST_INSIDE_SECONDS
    usual = GroupUsual(
        rest_inside=0 if group.kind is GroupKind.MOST_ROUNDS else inside,
        rest_after=CIRCUIT_REST_AFTER if group.kind is GroupKind.CIRCUIT else None,
        every=ON_THE_MINUTE_SECONDS,
        time_cap=TIME_CAP_SECONDS,
    )
    return GroupView(
        id=group.id,
        kind=group.kind,
        pairing=group.pairing,
        section=group.section,
        rest_inside=group.rest_inside,
        rest_after=group.rest_after,
        break_after=group.break_after,
        every=group.every,
        time_cap=group.time_cap,
        lead=group.lead,
        words=group.words,
        optional_rounds=group.optional_rounds,
        rounds=tuple(rounds_of(line.cells[week].text for line in group.lines) for week in weeks),
        usual=usual,
        lines=lines,
    )
