"""The trainer's decisions on proposals: kept, and written into the plan as one revision that says why."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field, replace
from datetime import date, datetime

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import NO_EXERCISE, LineId, WeekId
from upright_anvil.core.plan.changing.easing import with_easier_week
from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.edits.groups import ChangeGroup
from upright_anvil.core.plan.edits.lines import ChangeExercise
from upright_anvil.core.plan.edits.weeks import AddWeek
from upright_anvil.core.plan.locate import find_line
from upright_anvil.core.plan.next_cell import NextCell, next_cell
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.prescription.text.shorthand import read, write
from upright_anvil.core.progression.model import Proposal
from upright_anvil.services.board.saving import write_revision
from upright_anvil.services.board.trial import TrialView, trial
from upright_anvil.services.conflicts import CellMovedError
from upright_anvil.services.review.later_weeks import RolledWeek, rolled_on, written
from upright_anvil.services.review.opening import OpenReview, ProposedLine
from upright_anvil.services.review.presenting import circuit_of
from upright_anvil.services.review.views import Verdict
from upright_anvil.store import programs
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import ledger
from upright_anvil.store.programs import Revision
from upright_anvil.store.rows.once import stored, taken_ids
from upright_anvil.store.tables import DecisionRow


@dataclass(frozen=True, slots=True)
class Decision:
    """What the trainer decided; ``text`` is the shorthand to write, ``seen`` what the next cell said when deciding.

    ``stations`` are what the next cells of a circuit's other stations said.
    """

    id: str
    line: LineId
    verdict: Verdict
    text: str
    seen: str
    reason: str
    stations: Mapping[LineId, str] = field(default_factory=dict)


def decide(scope: Scope, opened: OpenReview, decisions: Sequence[Decision], now: datetime) -> OpenReview:
    """Keep decisions on a judged session; what they write into the plan is one revision, undone in one step.

    Answers the session with them. Raises `CellMovedError` when a cell has changed since it was shown, `DomainError`
    when a text cannot be read or no week follows (then none of them is kept). A line decided before keeps its first
    decision.
    """
    work = _worked_out(scope, opened, decisions, now)
    before, whys = work.before, work.whys
    after = write_revision(scope, before, work.program, " ".join(whys), now) if whys else before
    for row in work.rows:
        row.revision = after.number if row.taken else None
        scope.db.add(row)
    scope.db.flush()
    return replace(opened, revision=after, taken=work.taken)


def look(scope: Scope, opened: OpenReview, decisions: Sequence[Decision], now: datetime, today: date) -> TrialView:
    """Answer what decisions would do to the plan; nothing is kept. Raises as `decide` does."""
    work = _worked_out(scope, opened, decisions, now)
    return trial(scope, opened.found.program.id, work.before.program, work.program, today)


@dataclass(frozen=True, slots=True)
class _WorkedOut:
    """What decisions come to: the program before and after them, why, and the rows to keep."""

    before: Revision
    program: Program
    whys: list[str]
    rows: list[DecisionRow]
    taken: dict[LineId, DecisionRow]


def _worked_out(scope: Scope, opened: OpenReview, decisions: Sequence[Decision], now: datetime) -> _WorkedOut:
    before = programs.current(scope, opened.found.program.id)
    taken = {row.line: row for row in ledger.decisions_of_sessions(scope, [opened.found.id])}
    lines = {one.judged.line.id: one for one in opened.lines}
    program, whys, rows = before.program, list[str](), list[DecisionRow]()
    taken_before = taken_ids(scope, DecisionRow, [decision.id for decision in decisions])
    for decision in decisions:
        said = {"session_id": opened.found.id, "line": decision.line, "verdict": decision.verdict.value}
        again = decision.id in taken_before and stored(scope, DecisionRow, decision.id, **said)
        one = lines.get(decision.line)
        if one is None or one.proposal is None:
            raise DomainError("There is no proposal for that line of this session.")
        if again or decision.line in taken:
            continue
        text = ""
        if decision.verdict is not Verdict.DECLINED:
            text, program, why = _written(before.program, program, opened, one, one.proposal, decision)
            whys.append(why)
        taken[decision.line] = _row(opened, one.proposal, decision, text, now)
        rows.append(taken[decision.line])
    return _WorkedOut(before, program, whys, rows, taken)


def _row(opened: OpenReview, proposal: Proposal, decision: Decision, text: str, now: datetime) -> DecisionRow:
    return DecisionRow(
        id=decision.id,
        client_id=opened.row.client_id,
        session_id=opened.found.id,
        line=decision.line,
        verdict=decision.verdict.value,
        proposed=proposal.text,
        taken=text,
        rule=proposal.rule,
        reason=decision.reason,
        at=now,
    )


def add_next_week(scope: Scope, opened: OpenReview, week_id: WeekId, now: datetime) -> None:
    """Lengthen the session's phase by a week, so that its proposals have somewhere to go."""
    before = programs.current(scope, opened.found.program.id)
    longer = AddWeek(phase=opened.found.phase.id, week=week_id).apply(before.program)
    reason = f"{opened.found.phase.name}: a week added after {opened.found.day.name}"
    write_revision(scope, before, longer, reason, now)


def make_easier(scope: Scope, opened: OpenReview, now: datetime) -> None:
    """Make the week after a session an easing-off week, as a revision that says why.

    Raises `DomainError` where none is due or earned.
    """
    easier = opened.easier
    if easier is None:
        raise DomainError("No easier week is due: make it one in the program's week, if you wish.")
    before = programs.current(scope, opened.found.program.id)
    eased = with_easier_week(before.program, easier.phase_id, easier.week_id, opened.profile)
    write_revision(scope, before, eased, f"Week {easier.week} eases off. {easier.why}", now)


def _written(
    shown: Program, program: Program, opened: OpenReview, one: ProposedLine, proposal: Proposal, decision: Decision
) -> tuple[str, Program, str]:
    """The text that was taken, the program with it, and why; ``shown`` is the program before any of the decisions."""
    cell = _seen_cell(shown, opened, decision.line, decision.seen)
    if cell is None:
        raise DomainError("The phase ends with this week: add a week first, then decide.")
    for station in proposal.stations:
        _seen_cell(shown, opened, station.line, decision.stations.get(station.line, ""))
    accepted = decision.verdict is Verdict.ACCEPTED
    plan = proposal.prescription if accepted else read(decision.text, opened.unit)
    text, rung = write(plan), proposal.exercise if accepted else NO_EXERCISE
    rolls = rolled_on(program, cell, read(text, opened.unit), opened.profile, rung)
    program = written(program, cell, text, rolls)
    trained = one.judged.line.exercise_in(opened.found.phase.weeks[opened.found.week])
    if rung:
        of_b_weeks = find_line(program, cell.line).line.exercise_b == trained
        program = ChangeExercise(line=cell.line, exercise=rung, variant="B" if of_b_weeks else "").apply(program)
    if accepted:
        program = _with_circuit(program, opened, one, proposal)
    elif proposal.stations:
        program = _with_rounds(program, opened, proposal, plan.sets)
    name = opened.profile.exercise(trained).name
    why = f"{name}, week {cell.week}: {text}{_onwards(rolls)}. {_because(proposal, decision)}"
    return text, program, why


def _seen_cell(program: Program, opened: OpenReview, line: LineId, seen: str) -> NextCell | None:
    """The cell that comes next for a line. Raises `CellMovedError` when it says something else than was seen."""
    cell = next_cell(program, line, opened.found.week)
    if cell is not None and cell.text != seen:
        raise CellMovedError(seen, cell.text)
    return cell


def _with_circuit(program: Program, opened: OpenReview, one: ProposedLine, proposal: Proposal) -> Program:
    """The program with a circuit's other stations in their own next cells, and its rest after a round."""
    for change in proposal.stations:
        cell = next_cell(program, change.line, opened.found.week)
        if cell is not None:
            rolls = rolled_on(program, cell, change.prescription, opened.profile)
            program = written(program, cell, change.text, rolls)
    circuit = circuit_of(one)
    if proposal.rest_after is not None and circuit:
        program = ChangeGroup(group=circuit, rest_after=proposal.rest_after).apply(program)
    return program


def _with_rounds(program: Program, opened: OpenReview, proposal: Proposal, rounds: int) -> Program:
    """The program with as many rounds at a circuit's other stations as the trainer typed for the first."""
    for change in proposal.stations:
        cell = next_cell(program, change.line, opened.found.week)
        plan = prescription_or_none(cell.text, opened.unit) if cell is not None else None
        if cell is not None and plan is not None and plan.sets != rounds:
            plan = replace(plan, sets=rounds)
            program = written(program, cell, write(plan), rolled_on(program, cell, plan, opened.profile))
    return program


def _onwards(rolls: Sequence[RolledWeek]) -> str:
    if not rolls:
        return ""
    weeks = f"week {rolls[0].week}" if len(rolls) == 1 else f"weeks {rolls[0].week} to {rolls[-1].week}"
    return f", and {weeks} from there"


def _because(proposal: Proposal, decision: Decision) -> str:
    own = f" {decision.reason}" if decision.reason else ""
    if decision.verdict is Verdict.ACCEPTED:
        return f"Proposal accepted: {proposal.rule}{own}"
    return f"Proposal changed ({proposal.text}).{own}"
