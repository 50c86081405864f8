"""After the session: what was done against the plan, a proposal for each line, and the decisions taken."""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from datetime import date, datetime
from enum import StrEnum

from upright_anvil.core.blocks import SetBlock, planned_bar, session_blocks
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId, ExerciseId, LineId, ProgramId, SessionId
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.client_profile import ClientProfile
from upright_anvil.core.plan.document import Group, Line, Program
from upright_anvil.core.plan.locate import find_line, week_index
from upright_anvil.core.plan.next_cell import NextCell, next_cell
from upright_anvil.core.plan.reading import prescription_or_none
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.prescription.shorthand import write
from upright_anvil.core.progression.easier_week import EasierKind
from upright_anvil.core.progression.judge import is_plain, rule_name
from upright_anvil.core.progression.model import Proposal
from upright_anvil.core.progression.schools import School
from upright_anvil.services.board.minutes import a_round_fits, minutes_with
from upright_anvil.services.floor.session import FoundSession, find_started
from upright_anvil.services.log.done import done_by_line, rows_of
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.review.easier_weeks import EasierNext, easier_next
from upright_anvil.services.review.later_weeks import RolledWeek, profile_of_cell, rolled_on
from upright_anvil.services.review.proposals import (
    Judged,
    JudgedLine,
    RowsBySession,
    away_before,
    changed_for_the_day,
    exposures_of,
    is_circuit,
    poor_day,
    proposed,
    proposed_for_circuit,
    rests_of,
)
from upright_anvil.store import ledger
from upright_anvil.store.clients import client
from upright_anvil.store.database import Scope
from upright_anvil.store.tables import DecisionRow, SessionRow


class Verdict(StrEnum):
    """What the trainer made of a proposal."""

    ACCEPTED = "accepted"
    CHANGED = "changed"
    DECLINED = "declined"


@dataclass(frozen=True, slots=True)
class DecisionView:
    """A decision as it was taken; ``taken`` is the shorthand that went into the plan, empty when declined."""

    verdict: Verdict
    taken: str
    revision: int | None
    at: datetime


@dataclass(frozen=True, slots=True)
class ReviewStation:
    """What a circuit's proposal asks of one of its other stations."""

    line: LineId
    exercise: str
    text: str


@dataclass(frozen=True, slots=True)
class ReviewLine:
    """One line after the session: planned against done, the proposal, where it would go, and the decision taken.

    ``proposal`` is None with ``why_none`` in words where nothing can be proposed; ``next_cell`` is None in the last
    week of the phase; ``preview`` is the set blocks of the proposal, ``rule_name`` what decided it, ``instead`` the
    exercise that takes this one's place where another rung is proposed. ``rolls`` are the later weeks of the phase
    that change with it, ``last`` the set blocks of the time before. ``plain`` says that it can be taken without a look:
    a usual step on firm or fair evidence, or the same again. ``circuit`` is the id of the circuit it belongs to, which
    is judged as one on its first station; ``stations`` are what that asks of the others.
    """

    line: LineId
    exercise_id: ExerciseId
    exercise: str
    planned: str
    blocks: tuple[SetBlock, ...]
    proposal: Proposal | None
    proposed: str
    rule_name: str
    instead: str
    preview: tuple[SetBlock, ...]
    why_none: str
    next_cell: NextCell | None
    decision: DecisionView | None
    last: tuple[SetBlock, ...] = ()
    last_on: date | None = None
    rolls: tuple[RolledWeek, ...] = ()
    plain: bool = False
    circuit: str = ""
    stations: tuple[ReviewStation, ...] = ()


@dataclass(frozen=True, slots=True)
class NextMinutes:
    """The estimated minutes of the day in the next week as it stands, and with all that is open accepted.

    ``limit`` is what the day may take, None where only the client's usual minutes hold (``ReviewView.minutes_limit``).
    """

    week: int
    now: int
    then: int
    limit: int | None


@dataclass(frozen=True, slots=True)
class ReviewView:
    """A session after it was run; ``easier`` says that next week should ease off, or may.

    ``next_minutes`` is what accepting all that is open does to the day next week, ``minutes_limit`` what it may take.
    """

    session_id: SessionId
    program_id: ProgramId
    client_id: ClientId
    client: str
    unit: Unit
    day: str
    phase: str
    phase_id: str
    week: int
    on: date
    minutes: int | None
    estimated_minutes: int
    finished: bool
    revision: int
    lines: tuple[ReviewLine, ...]
    notes: tuple[str, ...]
    easier: EasierNext | None
    next_minutes: NextMinutes | None
    minutes_limit: int


def review_session(scope: Scope, sid: SessionId, today: date) -> ReviewView:
    """Answer a started session with its proposals, as they stand on a day. Raises `NotFoundError`."""
    found = find_started(scope, sid)
    row = _started(found)
    who = client(scope, row.client_id)
    exercises = {line.exercise_in(found.phase.weeks[found.week]) for line in found.day.lines}
    kept = ledger.sets_of_exercises(scope, who.id, exercises)
    done = done_by_line(kept)
    sessions = ledger.sessions_of_client(scope, who.id)
    dates = {s.id: s.on_date for s in sessions}
    profile = client_profile(scope, who.id, today, sessions=sessions, until=dates[sid])
    taken = {d.line: d for d in ledger.decisions_of_sessions(scope, [sid])}
    now = found.now(scope)
    easier = easier_next(scope, found, now.program, profile, dates[sid])
    rows_today = [r for (session, _), rows in done.items() if session == sid for r in rows]
    day = Judged(
        School(who.school),
        poor_day=poor_day(scope, found),
        today=today,
        rests=rests_of(found, done, profile),
        changed=changed_for_the_day(scope, found),
        worn=easier.why if easier is not None and easier.kind is EasierKind.DUE else "",
        away_days=away_before(sessions, sid, dates[sid]),
        unfinished=any(line.cells[found.week].text and not done.get((sid, line.id)) for line in found.day.lines),
    )
    minutes_limit = found.day.minutes or who.minutes
    lines: list[ReviewLine] = []
    for group in found.day.groups:
        judged = [
            _judged(found, line, rows_of(done, line.id), dates, profile, now.program, day)
            for line in group.lines
            if line.cells[found.week].text or (sid, line.id) in done
        ]
        if is_circuit(group, found.week):
            fits = a_round_fits(found.day, found.phase.weeks, found.week, group, profile, minutes_limit)
            verdicts = proposed_for_circuit(found, group, judged, rows_today, now.program, round_fits=fits)
        else:
            verdicts = {one.line.id: proposed(found, group, one, now.program, rows_today) for one in judged}
        lines += [
            _line(found, one, verdicts[one.line.id], profile, now.program, taken.get(one.line.id), group)
            for one in judged
        ]
    lasted = row.finished_at - row.started_at if row.finished_at else None
    return ReviewView(
        session_id=sid,
        program_id=found.program.id,
        client_id=who.id,
        client=who.name,
        unit=profile.unit,
        day=found.day.name,
        phase=found.phase.name,
        phase_id=found.phase.id,
        week=found.number,
        on=row.on_date,
        minutes=round(lasted.total_seconds() / 60) if lasted is not None else None,
        estimated_minutes=round(row.estimated_seconds / 60),
        finished=row.finished_at is not None,
        revision=now.number,
        lines=tuple(lines),
        notes=tuple(n.text for n in ledger.notes_of_session(scope, sid)),
        easier=easier,
        next_minutes=_next_minutes(found, lines, now.program, profile),
        minutes_limit=minutes_limit,
    )


def _started(found: FoundSession) -> SessionRow:
    if found.row is None:
        raise DomainError("This session has not been started yet.")
    return found.row


def _judged(
    found: FoundSession,
    line: Line,
    rows: RowsBySession,
    dates: dict[SessionId, date],
    profile: ClientProfile,
    program: Program,
    day: Judged,
) -> JudgedLine:
    on = dates[found.id]
    done = rows.get(found.id, ())
    planned = next((r.planned for r in done if r.planned), line.cells[found.week].text)
    latest = max((dates[session] for session in rows), default=on) <= on
    there = profile_of_cell(program, next_cell(program, line.id, found.week), profile)
    return JudgedLine(
        line,
        exposures_of(rows, dates, on, profile),
        prescription_or_none(planned, profile.unit),
        done,
        there,
        day if latest else replace(day, today=None),
    )


def _line(
    found: FoundSession,
    judged: JudgedLine,
    verdict: tuple[Proposal | None, str],
    profile: ClientProfile,
    program: Program,
    taken: DecisionRow | None,
    group: Group,
) -> ReviewLine:
    line, done, plan, exposures = judged.line, judged.done, judged.plan, judged.exposures
    proposal, why_none = verdict
    exercise = profile.exercise(line.exercise_in(found.phase.weeks[found.week]))
    planned = next((r.planned for r in done if r.planned), line.cells[found.week].text)
    cell = next_cell(program, line.id, found.week)
    athlete = profile.athlete(exercise.id)
    preview = proposal.prescription if proposal else None
    before = [e for e in exposures if e.sets is not done][-1:]
    circuit = group.kind in (GroupKind.CIRCUIT, GroupKind.INTERVALS) and len(group.lines) > 1
    return ReviewLine(
        line=line.id,
        exercise_id=exercise.id,
        exercise=exercise.name,
        planned=write(plan) if plan else planned,
        blocks=session_blocks(plan, done, exercise, athlete),
        proposal=proposal,
        proposed=proposal.text if proposal else "",
        rule_name=rule_name(proposal.policy) if proposal else "",
        instead=profile.exercise(proposal.exercise).name if proposal and proposal.exercise else "",
        preview=tuple(SetBlock(planned_bar(preview, exercise, athlete, plan=one), None) for one in preview.plans)
        if preview
        else (),
        why_none=why_none,
        next_cell=cell,
        decision=DecisionView(Verdict(taken.verdict), taken.taken, taken.revision, taken.at) if taken else None,
        last=session_blocks(before[0].prescription, before[0].sets, exercise, athlete) if before else (),
        last_on=before[0].on if before else None,
        rolls=rolled_on(program, cell, proposal.prescription, profile, proposal.exercise)
        if proposal and cell and taken is None
        else (),
        plain=proposal is not None and cell is not None and is_plain(proposal),
        circuit=group.id if circuit else "",
        stations=_stations(found, proposal, profile),
    )


def _stations(found: FoundSession, proposal: Proposal | None, profile: ClientProfile) -> tuple[ReviewStation, ...]:
    if proposal is None or not proposal.stations:
        return ()
    week = found.phase.weeks[found.week]
    names = {line.id: profile.exercise(line.exercise_in(week)).name for line in found.day.lines}
    return tuple(ReviewStation(one.line, names.get(one.line, one.line), one.text) for one in proposal.stations)


def _next_minutes(
    found: FoundSession, lines: Sequence[ReviewLine], program: Program, profile: ClientProfile
) -> NextMinutes | None:
    """What taking all that is open does to the day's minutes in the next week; None where that is not there."""
    open_lines = [line for line in lines if line.proposal and line.decision is None and line.next_cell is not None]
    cells = [line.next_cell for line in open_lines if line.next_cell is not None]
    if not cells:
        return None
    try:
        place = find_line(program, cells[0].line)
        index = week_index(place.phase, cells[0].week_id)
    except DomainError:
        return None
    texts: dict[LineId, str] = {}
    for line in open_lines:
        if line.proposal is not None:
            texts |= {line.line: line.proposed, **{one.line: one.text for one in line.proposal.stations}}
    now, then = (minutes_with(place.day, place.phase.weeks, index, said, profile) for said in ({}, texts))
    return NextMinutes(cells[0].week, now, then, place.day.minutes)
