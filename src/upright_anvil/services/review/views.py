"""What the review shows: a session after it was run, line by line, and the decisions taken."""

from dataclasses import dataclass
from datetime import date, datetime
from enum import StrEnum

from upright_anvil.core.blocks import SetBlock
from upright_anvil.core.ids import ClientId, DayId, ExerciseId, LineId, ProgramId, SessionId, WeekId
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.next_cell import NextCell
from upright_anvil.core.progression.model import Proposal
from upright_anvil.services.review.easier_weeks import EasierNext
from upright_anvil.services.review.later_weeks import RolledWeek


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
    """What a circuit's proposal asks of one of its other stations; ``now`` is what its next cell says."""

    line: LineId
    exercise: str
    text: str
    now: str


@dataclass(frozen=True, slots=True)
class ReviewLine:
    """One line after the session: planned against done, the proposal, where it would go, and the decision taken.

    ``set_to`` says how coded loads are set. ``proposal`` is None with ``why_none`` in words where nothing can be
    proposed; ``next_cell`` is None in the last week of the phase; ``preview`` is the set blocks of the proposal,
    ``rule_name`` what decided it, ``instead`` the exercise that takes this one's place where another rung is
    proposed. ``rolls`` are the later weeks of the phase that change with it, ``last`` the set blocks of the time
    before. ``plain`` says that it can be taken without a look: a usual step on firm or fair evidence, or the same
    again. ``circuit`` is the id of the circuit it belongs to, which is judged as one on its first station;
    ``stations`` are what that asks of the others.
    """

    line: LineId
    exercise_id: ExerciseId
    exercise: str
    planned: str
    blocks: tuple[SetBlock, ...]
    proposal: Proposal | None
    proposed: str
    set_to: str
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
    week_id: WeekId
    day_id: DayId
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
