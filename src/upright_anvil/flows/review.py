"""After the session: what was done against the plan, a proposal for each line, and the decisions taken."""

from dataclasses import dataclass, replace
from datetime import date, datetime
from enum import StrEnum

from upright_anvil.core.blocks import Block, planned_bar, session_blocks
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Line, Program
from upright_anvil.core.plan.next_cell import NextCell, next_cell
from upright_anvil.core.plan.reading import prescription_or_none
from upright_anvil.core.plan.setting import Setting
from upright_anvil.core.prescription.shorthand import write
from upright_anvil.core.progression.easier_week import EasierKind
from upright_anvil.core.progression.judge import is_plain, rule_name
from upright_anvil.core.progression.model import Exposure, Proposal
from upright_anvil.core.progression.schools import School
from upright_anvil.core.sentences import Refusal
from upright_anvil.flows.done import done_by_line, rows_of
from upright_anvil.flows.easier_weeks import EasierNext, easier_next
from upright_anvil.flows.floor.session import FoundSession, find_started
from upright_anvil.flows.judging import Judged, changed_for_the_day, exposures_of, poor_day, proposed, rests_of
from upright_anvil.flows.rolling import RolledWeek, rolled_on, setting_of_cell
from upright_anvil.flows.setting import client_setting
from upright_anvil.store import ledger, programs
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
class ReviewLine:
    """One line after the session: planned against done, the proposal, where it would go, and the decision taken.

    ``proposal`` is None with ``why_none`` in words where nothing can be proposed; ``next_cell`` is None in the last
    week of the phase; ``preview`` is the set blocks of the proposal, ``rule_name`` what decided it, ``instead`` the
    exercise that takes this one's place where another rung is proposed. ``rolls`` are the later weeks of the phase
    that change with it, ``last`` the set blocks of the time before. ``plain`` says that it can be taken without a look:
    a usual step on firm or fair evidence, or the same again.
    """

    line: str
    exercise_id: str
    exercise: str
    planned: str
    blocks: tuple[Block, ...]
    proposal: Proposal | None
    proposed: str
    rule_name: str
    instead: str
    preview: tuple[Block, ...]
    why_none: str
    next_cell: NextCell | None
    decision: DecisionView | None
    last: tuple[Block, ...] = ()
    last_on: date | None = None
    rolls: tuple[RolledWeek, ...] = ()
    plain: bool = False


@dataclass(frozen=True, slots=True)
class ReviewView:
    """A session after it was run; ``easier`` says that next week should ease off, or may."""

    session_id: str
    program_id: str
    client_id: str
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


def review_session(scope: Scope, sid: str, today: date) -> ReviewView:
    """Answer a started session with its proposals, as they stand on a day. Raises `NotFoundError`."""
    found = find_started(scope, sid)
    row = _started(found)
    who = client(scope, row.client_id)
    exercises = {line.exercise_in(found.phase.weeks[found.week]) for line in found.day.lines}
    kept = ledger.sets_of_exercises(scope, who.id, exercises)
    done = done_by_line(kept)
    sessions = ledger.sessions_of_client(scope, who.id)
    dates = {s.id: s.on_date for s in sessions}
    setting = client_setting(scope, who.id, today, sessions=sessions, until=dates[sid])
    taken = {d.line: d for d in ledger.decisions_of_sessions(scope, [sid])}
    now = programs.current(scope, found.program.id)
    easier = easier_next(scope, found, now.program, setting, dates[sid])
    day = Judged(
        School(who.school),
        poor_day=poor_day(scope, sid),
        today=today,
        rests=rests_of(found.id, done),
        changed=changed_for_the_day(scope, found),
        worn=easier.why if easier is not None and easier.kind is EasierKind.DUE else "",
    )
    lines = []
    for line in found.day.lines:
        rows = rows_of(done, line.id)
        if line.cells[found.week].text or sid in rows:
            exposures = exposures_of(rows, dates, dates[sid], setting)
            latest = max((dates[session] for session in rows), default=dates[sid]) <= dates[sid]
            here = day if latest else replace(day, today=None)
            lines.append(
                _line(found, line, exposures, rows.get(sid, ()), setting, now.program, taken.get(line.id), here)
            )
    lasted = row.finished_at - row.started_at if row.finished_at else None
    return ReviewView(
        session_id=sid,
        program_id=found.program.id,
        client_id=who.id,
        client=who.name,
        unit=setting.unit,
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
    )


def _started(found: FoundSession) -> SessionRow:
    if found.row is None:
        raise Refusal("This session has not been started yet.")
    return found.row


def _line(
    found: FoundSession,
    line: Line,
    exposures: tuple[Exposure, ...],
    done: tuple[PerformedSet, ...],
    setting: Setting,
    program: Program,
    taken: DecisionRow | None,
    day: Judged,
) -> ReviewLine:
    exercise = setting.exercise(line.exercise_in(found.phase.weeks[found.week]))
    planned = next((r.planned for r in done if r.planned), line.cells[found.week].text)
    plan = prescription_or_none(planned, setting.unit)
    cell = next_cell(program, line.id, found.week)
    there = setting_of_cell(program, cell, setting)
    proposal, why_none = proposed(found, line, exposures, plan, done, there, program, day)
    athlete = setting.athlete(exercise.id)
    preview = proposal.prescription if proposal else None
    before = [e for e in exposures if e.sets is not done][-1:]
    return ReviewLine(
        line=line.id,
        exercise_id=exercise.id,
        exercise=exercise.name,
        planned=write(plan) if plan else planned,
        blocks=session_blocks(plan, done, exercise, athlete),
        proposal=proposal,
        proposed=proposal.text if proposal else "",
        rule_name=rule_name(proposal.policy) if proposal else "",
        instead=setting.exercise(proposal.exercise).name if proposal and proposal.exercise else "",
        preview=tuple(Block(planned_bar(preview, exercise, athlete, plan=one), None) for one in preview.plans)
        if preview
        else (),
        why_none=why_none,
        next_cell=cell,
        decision=DecisionView(Verdict(taken.verdict), taken.taken, taken.revision, taken.at) if taken else None,
        last=session_blocks(before[0].prescription, before[0].sets, exercise, athlete) if before else (),
        last_on=before[0].on if before else None,
        rolls=rolled_on(program, cell, proposal.prescription, setting, proposal.exercise)
        if proposal and cell and taken is None
        else (),
        plain=proposal is not None and cell is not None and is_plain(proposal),
    )
