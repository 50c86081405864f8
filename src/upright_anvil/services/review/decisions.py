"""The trainer's decisions on proposals: kept, and written into the plan as revisions that say why."""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from datetime import date, datetime

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import NO_EXERCISE, LineId, SessionId, WeekId
from upright_anvil.core.plan.client_profile import ClientProfile
from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.easing import with_easier_week
from upright_anvil.core.plan.edits.groups import ChangeGroup
from upright_anvil.core.plan.edits.lines import ChangeExercise
from upright_anvil.core.plan.edits.weeks import AddWeek
from upright_anvil.core.plan.locate import find_line
from upright_anvil.core.plan.reading import prescription_or_none
from upright_anvil.core.prescription.shorthand import read, write
from upright_anvil.core.progression.model import Proposal
from upright_anvil.services.board.saving import write_revision
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.review.later_weeks import RolledWeek, rolled_on, written
from upright_anvil.services.review.review import ReviewLine, ReviewView, Verdict, review_session
from upright_anvil.store import programs
from upright_anvil.store.database import Scope
from upright_anvil.store.tables import DecisionRow


@dataclass(frozen=True, slots=True)
class Decision:
    """What the trainer decided; ``text`` is the shorthand to write, ``seen`` what the next cell said when deciding."""

    id: str
    line: LineId
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


def decide(scope: Scope, sid: SessionId, decisions: Sequence[Decision], now: datetime, today: date) -> ReviewView:
    """Keep decisions; each accepted or changed one writes next week's cell as a new revision that says why.

    Raises `CellMovedError` when a cell has changed since, `DomainError` when a text cannot be read or no week follows
    (then none of them is kept), `NotFoundError`. A line decided before keeps its first decision.
    """
    keep_decisions(scope, review_session(scope, sid, today), decisions, now, today)
    return review_session(scope, sid, today)


def keep_decisions(scope: Scope, review: ReviewView, decisions: Sequence[Decision], now: datetime, today: date) -> None:
    """Keep decisions on a session that was just judged, as `decide` does."""
    lines = {entry.line: entry for entry in review.lines}
    profile = client_profile(scope, review.client_id, today)
    for decision in decisions:
        line = lines.get(decision.line)
        if line is None or line.proposal is None:
            raise DomainError("There is no proposal for that line of this session.")
        if line.decision is None:
            _keep(scope, review, line, line.proposal, decision, now, profile)
    scope.db.flush()


def _keep(
    scope: Scope,
    review: ReviewView,
    line: ReviewLine,
    proposal: Proposal,
    decision: Decision,
    now: datetime,
    profile: ClientProfile,
) -> None:
    taken, revision = "", None
    if decision.verdict is not Verdict.DECLINED:
        taken, revision = _write(scope, review, line, proposal, decision, now, profile)
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


def add_next_week(scope: Scope, sid: SessionId, week_id: WeekId, now: datetime, today: date) -> ReviewView:
    """Lengthen the session's phase by a week, so that its proposals have somewhere to go. Raises `NotFoundError`."""
    review = review_session(scope, sid, today)
    before = programs.current(scope, review.program_id)
    longer = AddWeek(phase=review.phase_id, week=week_id).apply(before.program)
    write_revision(scope, before, longer, f"{review.phase}: a week added after {review.day}", now)
    return review_session(scope, sid, today)


def make_easier(scope: Scope, sid: SessionId, now: datetime, today: date) -> ReviewView:
    """Make the week after a session an easing-off week, as a revision that says why.

    Raises `DomainError` where none is due or earned, `NotFoundError`.
    """
    review = review_session(scope, sid, today)
    if review.easier is None:
        raise DomainError("No easier week is due: make it one in the program's week, if you wish.")
    before = programs.current(scope, review.program_id)
    profile = client_profile(scope, review.client_id, today)
    eased = with_easier_week(before.program, review.easier.phase_id, review.easier.week_id, profile)
    why = f"Week {review.easier.week} eases off. {review.easier.why}"
    write_revision(scope, before, eased, why, now)
    return review_session(scope, sid, today)


def _write(
    scope: Scope,
    review: ReviewView,
    line: ReviewLine,
    proposal: Proposal,
    decision: Decision,
    now: datetime,
    profile: ClientProfile,
) -> tuple[str, int]:
    if line.next_cell is None:
        raise DomainError("The phase ends with this week: add a week first, then decide.")
    if line.next_cell.text != decision.seen:
        raise CellMovedError(decision.seen, line.next_cell.text)
    before = programs.current(scope, review.program_id)
    text = line.proposed if decision.verdict is Verdict.ACCEPTED else write(read(decision.text, review.unit))
    cell = line.next_cell
    rung = proposal.exercise if decision.verdict is Verdict.ACCEPTED else NO_EXERCISE
    rolls = rolled_on(before.program, cell, read(text, review.unit), profile, rung)
    after = written(before.program, cell, text, rolls)
    if proposal.exercise and decision.verdict is Verdict.ACCEPTED:
        of_b_weeks = find_line(after, cell.line).line.exercise_b == line.exercise_id
        change = ChangeExercise(line=cell.line, exercise=proposal.exercise, variant="B" if of_b_weeks else "")
        after = change.apply(after)
    if decision.verdict is Verdict.ACCEPTED:
        after = _with_circuit(after, review, line, proposal, profile)
    elif proposal.stations:
        after = _with_rounds(after, review, proposal, read(text, review.unit).sets, profile)
    why = f"{line.exercise}, week {line.next_cell.week}: {text}{_onwards(rolls)}. {_because(proposal, decision)}"
    return text, write_revision(scope, before, after, why, now).number


def _with_circuit(
    program: Program, review: ReviewView, line: ReviewLine, proposal: Proposal, profile: ClientProfile
) -> Program:
    """The program with a circuit's other stations in their own next cells, and its rest after a round."""
    for change in proposal.stations:
        cell = next((one.next_cell for one in review.lines if one.line == change.line), None)
        if cell is not None:
            rolls = rolled_on(program, cell, change.prescription, profile)
            program = written(program, cell, change.text, rolls)
    if proposal.rest_after is not None and line.circuit:
        program = ChangeGroup(group=line.circuit, rest_after=proposal.rest_after).apply(program)
    return program


def _with_rounds(
    program: Program, review: ReviewView, proposal: Proposal, rounds: int, profile: ClientProfile
) -> Program:
    """The program with as many rounds at a circuit's other stations as the trainer typed for the first."""
    others = {one.line: one.next_cell for one in review.lines}
    for change in proposal.stations:
        cell = others.get(change.line)
        plan = prescription_or_none(cell.text, review.unit) if cell is not None else None
        if cell is not None and plan is not None and plan.sets != rounds:
            plan = replace(plan, sets=rounds)
            program = written(program, cell, write(plan), rolled_on(program, cell, plan, profile))
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
