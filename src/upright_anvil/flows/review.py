"""After the session: a proposal for each line, and the trainer's decision on it."""

from collections import defaultdict
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from datetime import date, datetime
from enum import StrEnum

from upright_anvil.core.blocks import Block, done_bar, planned_bar
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.ledger.standing import done_sets
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Line, Phase, Program, WeekKind
from upright_anvil.core.plan.edits.cells import Carry, SetCell
from upright_anvil.core.plan.edits.weeks import AddWeek
from upright_anvil.core.plan.locate import find_line
from upright_anvil.core.plan.reading import Setting, load_caution, prescription_or_none
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.shorthand import read, write
from upright_anvil.core.progression.double_progression import ID as DOUBLE_PROGRESSION
from upright_anvil.core.progression.model import Exposure, Proposal, Situation
from upright_anvil.core.progression.registry import policy
from upright_anvil.core.sentences import Refusal
from upright_anvil.flows.saving import write_revision
from upright_anvil.flows.setting import client_setting
from upright_anvil.flows.training_session import FoundSession, find_started
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
class NextCell:
    """The cell a decision writes: its line, its week's id and number in the program, and what it says now."""

    line: str
    week_id: str
    week: int
    text: str


@dataclass(frozen=True, slots=True)
class ReviewLine:
    """One line after the session: planned against done, the proposal, where it would go, and the decision taken.

    ``proposal`` is None with ``why_none`` in words where nothing can be proposed; ``next_cell`` is None in the last
    week of the phase; ``preview`` is the set blocks of the proposal.
    """

    line: str
    exercise_id: str
    exercise: str
    planned: str
    blocks: tuple[Block, ...]
    proposal: Proposal | None
    proposed: str
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


@dataclass(frozen=True, slots=True)
class Decision:
    """What the trainer decided; ``text`` is the shorthand to write, ``seen`` what the next cell said when deciding."""

    id: str
    line: str
    verdict: Verdict
    text: str
    seen: str
    reason: str


class CellMovedError(Exception):
    """The cell a decision would write has changed since it was shown."""

    def __init__(self, seen: str, now: str) -> None:
        super().__init__(
            f"Next week's cell has changed: it said '{seen or 'nothing'}' and now says '{now or 'nothing'}'. "
            "Nothing was written; look again, then decide."
        )
        self.seen, self.now = seen, now


def review_session(scope: Scope, sid: str) -> ReviewView:
    """Answer a started session with its proposals. Raises `NotFoundError`."""
    found = find_started(scope, sid)
    row = _started(found)
    who = client(scope, row.client_id)
    exercises = {line.exercise for line in found.day.lines}
    kept = ledger.sets_of_exercises(scope, who.id, exercises)
    setting = client_setting(scope, who.id, done_sets(k.row for k in kept))
    dates = {s.id: s.on_date for s in ledger.sessions_of_client(scope, who.id)}
    taken = {d.line: d for d in ledger.decisions_of_sessions(scope, [sid])}
    now = programs.current(scope, found.program.id)
    by_line = _rows_by_line(kept)
    lines = []
    for line in found.day.lines:
        rows = by_line.get(line.id, {})
        if line.cells[found.week].text or sid in rows:
            exposures = _exposures(rows, dates, dates[sid], setting)
            lines.append(_line(found, line, exposures, rows.get(sid, ()), setting, now.program, taken.get(line.id)))
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


def decide(scope: Scope, sid: str, decisions: Sequence[Decision], now: datetime) -> ReviewView:
    """Keep decisions; each accepted or changed one writes next week's cell as a new revision that says why.

    Raises `CellMovedError` when a cell has changed since, `Refusal` when a text cannot be read or there is no next week
    (then none of them is kept), `NotFoundError`. A line decided before keeps its first decision.
    """
    review = review_session(scope, sid)
    lines = {entry.line: entry for entry in review.lines}
    for decision in decisions:
        line = lines.get(decision.line)
        if line is None or line.proposal is None:
            raise Refusal("There is no proposal for that line of this session.")
        if line.decision is None:
            _keep(scope, review, line, line.proposal, decision, now)
    scope.db.flush()
    return review_session(scope, sid)


def _keep(
    scope: Scope, review: ReviewView, line: ReviewLine, proposal: Proposal, decision: Decision, now: datetime
) -> None:
    taken, revision = "", None
    if decision.verdict is not Verdict.DECLINED:
        taken, revision = _write(scope, review, line, proposal, decision, now)
    scope.db.add(
        DecisionRow(
            id=decision.id,
            trainer_id=scope.trainer_id,
            client_id=review.client_id,
            session_id=review.session_id,
            line=decision.line,
            verdict=decision.verdict.value,
            proposed=line.proposed,
            taken=taken,
            rule=proposal.rule,
            reason=decision.reason,
            revision=revision,
            at=now,
        )
    )


def add_next_week(scope: Scope, sid: str, week_id: str, now: datetime) -> ReviewView:
    """Lengthen the session's phase by a week, so that its proposals have somewhere to go. Raises `NotFoundError`."""
    review = review_session(scope, sid)
    before = programs.current(scope, review.program_id)
    longer = AddWeek(phase=review.phase_id, week=week_id).apply(before.program)
    write_revision(scope, before, longer, f"{review.phase}: a week added after {review.day}", now)
    return review_session(scope, sid)


def _write(
    scope: Scope, review: ReviewView, line: ReviewLine, proposal: Proposal, decision: Decision, now: datetime
) -> tuple[str, int]:
    if line.next_cell is None:
        raise Refusal("The phase ends with this week: add a week first, then decide.")
    if line.next_cell.text != decision.seen:
        raise CellMovedError(decision.seen, line.next_cell.text)
    before = programs.current(scope, review.program_id)
    text = line.proposed if decision.verdict is Verdict.ACCEPTED else write(read(decision.text, review.unit))
    cell = line.next_cell
    edit = SetCell(line=cell.line, week=cell.week_id, text=text, carry=Carry.MATCHING, by_hand=False)
    after = edit.apply(before.program)
    why = f"{line.exercise}, week {line.next_cell.week}: {text}. {_because(proposal, decision)}"
    return text, write_revision(scope, before, after, why, now).number


def _because(proposal: Proposal, decision: Decision) -> str:
    own = f" {decision.reason}" if decision.reason else ""
    if decision.verdict is Verdict.ACCEPTED:
        return f"Proposal accepted: {proposal.rule}{own}"
    return f"Proposal changed ({proposal.text}).{own}"


def _started(found: FoundSession) -> SessionRow:
    if found.row is None:
        raise Refusal("This session has not been started yet.")
    return found.row


RowsBySession = dict[str, tuple[PerformedSet, ...]]


def _rows_by_line(kept: list[ledger.KeptSet]) -> dict[str, RowsBySession]:
    gathered: dict[str, dict[str, list[PerformedSet]]] = defaultdict(lambda: defaultdict(list))
    for k in kept:
        gathered[k.row.slot.line][k.session_id].append(k.row)
    return {line: {sid: done_sets(rows) for sid, rows in per.items()} for line, per in gathered.items()}


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
) -> ReviewLine:
    exercise = setting.exercise(line.exercise)
    planned = next((r.planned for r in done if r.planned), line.cells[found.week].text)
    plan = prescription_or_none(planned, setting.unit)
    proposal, why_none = _proposal(found, line, exposures, plan, done, setting)
    athlete = setting.athlete(exercise.id)
    outline = planned_bar(plan, exercise, athlete) if plan else None
    fills = [done_bar(r, exercise, athlete) for r in done]
    count = max(plan.sets if plan else 0, len(fills))
    blocks = tuple(
        Block(outline if plan and n < plan.sets else None, fills[n] if n < len(fills) else None) for n in range(count)
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
        preview=tuple(Block(planned_bar(preview, exercise, athlete), None) for _ in range(preview.sets))
        if preview
        else (),
        why_none=why_none,
        next_cell=_next_cell(program, line.id, found.week),
        decision=DecisionView(Verdict(taken.verdict), taken.taken, taken.revision, taken.at) if taken else None,
    )


def _proposal(
    found: FoundSession,
    line: Line,
    exposures: tuple[Exposure, ...],
    plan: Prescription | None,
    done: tuple[PerformedSet, ...],
    setting: Setting,
) -> tuple[Proposal | None, str]:
    """The proposal, or why there is none."""
    if found.phase.weeks[found.week].kind is WeekKind.EASE_OFF:
        return None, "An easing-off week proves nothing either way: the plan stands."
    if plan is None:
        return None, "What was planned cannot be read as a prescription, so there is nothing to go by."
    if not done:
        return None, "Nothing was logged for this exercise, so the plan stays as it is."
    exercise = setting.exercise(line.exercise)
    situation = Situation(
        exercise,
        setting.inventory,
        prescription_or_none(line.begun_with, setting.unit) or plan,
        exposures,
        setting.body_kg,
    )
    proposal = policy(DOUBLE_PROGRESSION).propose(situation)
    caution = load_caution(proposal.prescription, exercise, setting.inventory)
    if caution:
        return None, f"{caution} Type what should come next."
    return proposal, ""


def _next_cell(program: Program, line_id: str, week: int) -> NextCell | None:
    """Where the next building week of this exercise is planned.

    Easing-off weeks keep what they say. After the phase's last building week it is the first of the next phase that has
    the exercise; a line with nothing planned ahead takes simply its next week.
    """
    try:
        place = find_line(program, line_id)
    except Refusal:
        return None
    ahead = list(_building_cells(program, place.phase, place.line, week + 1))
    for phase in program.phases[program.phases.index(place.phase) + 1 :]:
        same = (line for day in phase.days for line in day.lines if line.exercise == place.line.exercise)
        for line in same:
            ahead += _building_cells(program, phase, line, 0)
    return next((cell for cell in ahead if cell.text), ahead[0] if ahead else None)


def _building_cells(program: Program, phase: Phase, line: Line, start: int) -> Iterator[NextCell]:
    offset = next(number for number, (p, _, _) in enumerate(program.weeks(), start=1) if p.id == phase.id)
    for index, (week, cell) in enumerate(zip(phase.weeks, line.cells, strict=True)):
        if index >= start and week.kind is not WeekKind.EASE_OFF:
            yield NextCell(line.id, week.id, offset + index, cell.text)
