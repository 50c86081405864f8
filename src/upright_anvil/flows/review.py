"""After the session: what was done against the plan, a proposal for each line, and the decisions taken."""

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, replace
from datetime import date, datetime
from enum import StrEnum
from itertools import pairwise

from upright_anvil.core.blocks import Block, done_bar, planned_bar
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Line, Program, WeekKind
from upright_anvil.core.plan.locate import find_line
from upright_anvil.core.plan.next_cell import NextCell, next_cell
from upright_anvil.core.plan.reading import prescription_or_none
from upright_anvil.core.plan.resolving import load_caution
from upright_anvil.core.plan.setting import Setting
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.shorthand import write
from upright_anvil.core.progression.judge import proposal as judged
from upright_anvil.core.progression.judge import rule_name
from upright_anvil.core.progression.model import Exposure, Proposal, Situation
from upright_anvil.core.progression.schools import School, policy_for
from upright_anvil.core.sentences import Refusal
from upright_anvil.core.session.readiness import Grade, Report, grade
from upright_anvil.core.session.swapping import fits
from upright_anvil.flows.done import all_rows, done_by_line
from upright_anvil.flows.floor.session import FoundSession, find_started
from upright_anvil.flows.setting import client_setting
from upright_anvil.flows.strength import Estimates, estimates, group_of
from upright_anvil.store import ledger, programs
from upright_anvil.store.clients import client
from upright_anvil.store.database import Scope
from upright_anvil.store.floor import readiness_of_session
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
    exercise that takes this one's place where another rung is proposed.
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


@dataclass(frozen=True, slots=True)
class ReviewView:
    """A session after it was run."""

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


def review_session(scope: Scope, sid: str, today: date) -> ReviewView:
    """Answer a started session with its proposals, as they stand on a day. Raises `NotFoundError`."""
    found = find_started(scope, sid)
    row = _started(found)
    who = client(scope, row.client_id)
    exercises = {line.exercise_in(found.phase.weeks[found.week]) for line in found.day.lines}
    kept = ledger.sets_of_exercises(scope, who.id, exercises)
    done = done_by_line(kept)
    setting = client_setting(scope, who.id, all_rows(done))
    dates = {s.id: s.on_date for s in ledger.sessions_of_client(scope, who.id)}
    taken = {d.line: d for d in ledger.decisions_of_sessions(scope, [sid])}
    now = programs.current(scope, found.program.id)
    day = Judged(
        School(who.school),
        estimates([k for k in kept if dates[k.session_id] <= dates[sid]], dates, setting, dates[sid]),
        poor_day=_poor(scope, sid),
        today=today,
        rests=_rests(found.id, kept),
    )
    lines = []
    for line in found.day.lines:
        rows = {session: sets for (session, of), sets in done.items() if of == line.id}
        if line.cells[found.week].text or sid in rows:
            exposures = _exposures(rows, dates, dates[sid], setting)
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
    )


@dataclass(frozen=True, slots=True)
class Judged:
    """What the judgements look at beside a line's own sessions; ``today`` is None where the line was trained since."""

    school: School
    estimates: Estimates
    poor_day: bool
    today: date | None
    rests: Mapping[str, tuple[int, ...]]


def _chosen_policy(program: Program, line: Line) -> str:
    """The policy chosen for a line as the plan stands now, since what was run may be older."""
    try:
        return find_line(program, line.id).line.policy
    except Refusal:
        return line.policy


def _poor(scope: Scope, sid: str) -> bool:
    """Whether the client came to the session with little."""
    row = readiness_of_session(scope, sid)
    if row is None:
        return False
    return grade(Report(row.sleep, row.energy, row.stress, row.soreness)) is Grade.POOR


IN_ONE_GO = 20
"""Sets logged closer together than this, seconds, were logged afterwards and say nothing of the rests. House rule."""


def _rests(sid: str, kept: Iterable[ledger.KeptSet]) -> dict[str, tuple[int, ...]]:
    """Seconds between one working set and the next of each line, as they were logged: rest and work together."""
    at: dict[str, list[float]] = {}
    for (session, line), rows in done_by_line(kept).items():
        if session == sid:
            at[line] = [row.logged_at.timestamp() for row in rows if row.logged_at is not None]
    rests = {line: tuple(round(b - a) for a, b in pairwise(times)) for line, times in at.items()}
    return {line: found for line, found in rests.items() if all(rest >= IN_ONE_GO for rest in found)}


def _rung(named: str, beside: Iterable[str], setting: Setting) -> Exercise | None:
    """The rung named in advance, else the nearest that can be done at the place and no joint forbids."""
    found = (setting.exercises.get(name) for name in (named, *beside) if name)
    return next((rung for rung in found if rung is not None and fits(rung, setting)), None)


def _started(found: FoundSession) -> SessionRow:
    if found.row is None:
        raise Refusal("This session has not been started yet.")
    return found.row


RowsBySession = dict[str, tuple[PerformedSet, ...]]


def _exposures(rows: RowsBySession, dates: dict[str, date], until: date, setting: Setting) -> tuple[Exposure, ...]:
    """The line's sessions up to this one, oldest first, each with the prescription it was logged against."""
    exposures = []
    for sid, done in sorted(rows.items(), key=lambda entry: (dates[entry[0]], entry[0])):
        text = next((r.planned for r in done if r.planned), "")
        prescription = prescription_or_none(text, setting.unit)
        if prescription and done and dates[sid] <= until:
            exposures.append(Exposure(dates[sid], prescription, done))
    return tuple(exposures)


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
    proposal, why_none = _proposal(found, line, exposures, plan, done, setting, program, day)
    athlete = setting.athlete(exercise.id)
    fills = [done_bar(r, exercise, athlete) for r in done]
    plans = plan.plans if plan else ()
    count = max(len(plans), len(fills))
    blocks = tuple(
        Block(
            planned_bar(plan, exercise, athlete, plan=plans[n]) if plan and n < len(plans) else None,
            fills[n] if n < len(fills) else None,
        )
        for n in range(count)
    )
    preview = proposal.prescription if proposal else None
    return ReviewLine(
        line=line.id,
        exercise_id=exercise.id,
        exercise=exercise.name,
        planned=write(plan) if plan else planned,
        blocks=blocks,
        proposal=proposal,
        proposed=proposal.text if proposal else "",
        rule_name=rule_name(proposal.policy) if proposal else "",
        instead=setting.exercise(proposal.exercise).name if proposal and proposal.exercise else "",
        preview=tuple(Block(planned_bar(preview, exercise, athlete, plan=one), None) for one in preview.plans)
        if preview
        else (),
        why_none=why_none,
        next_cell=next_cell(program, line.id, found.week),
        decision=DecisionView(Verdict(taken.verdict), taken.taken, taken.revision, taken.at) if taken else None,
    )


def _proposal(
    found: FoundSession,
    line: Line,
    exposures: tuple[Exposure, ...],
    plan: Prescription | None,
    done: tuple[PerformedSet, ...],
    setting: Setting,
    program: Program,
    day: Judged,
) -> tuple[Proposal | None, str]:
    """The proposal, or why there is none."""
    if found.phase.weeks[found.week].kind is WeekKind.EASE_OFF:
        return None, "An easing-off week proves nothing either way: the plan stands."
    if plan is None:
        return None, "What was planned cannot be read as a prescription, so there is nothing to go by."
    if not done:
        return None, "Nothing was logged for this exercise, so the plan stays as it is."
    exercise = setting.exercise(line.exercise_in(found.phase.weeks[found.week]))
    situation = Situation(
        exercise,
        setting.inventory,
        prescription_or_none(line.begun_with, setting.unit) or plan,
        exposures,
        setting.body_kg,
        strength=day.estimates.strengths.get(exercise.id),
        steepness=day.estimates.steepness(group_of(exercise.id, setting)),
        harder=_rung(line.harder, setting.ladders.harder(exercise.id), setting),
        easier=_rung(line.easier, setting.ladders.easier(exercise.id), setting),
        rests=day.rests.get(line.id, ()),
        poor_day=day.poor_day,
        next_on=day.today,
    )
    proposal = judged(situation, policy_for(day.school, plan, _chosen_policy(program, line)))
    caution = None if proposal.exercise else load_caution(proposal.prescription, exercise, setting)
    if caution:
        return None, f"{caution} Type what should come next."
    return proposal, ""
