"""The order in which a session's sets are run: line by line, in groups round by round, with the rest after each.

Order, work and rests are those of the one timeline (`timing.groups`); between groups lies the change or the break that
is said. Ramp-up sets come right before the line's first working set.
"""

from collections.abc import Iterator, Mapping
from dataclasses import dataclass, replace
from itertools import pairwise

from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ids import LineId
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.plan.document import Day, Group
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.timing.estimate import TimedBlock, TimedLine, rest_of, transition
from upright_anvil.core.timing.groups import group_turns

RAMP_REST = 45
"""Rest after a ramp-up set, seconds; before straight sets the last one rests as long as the work does. House rule."""


@dataclass(frozen=True, slots=True)
class RunLine:
    """A line as it is run today, and what is in hand."""

    line: LineId
    exercise: Exercise
    prescription: Prescription
    ramp_sets: int = 0
    implement: ImplementKind | None = None


@dataclass(frozen=True, slots=True)
class Turn:
    """One set in its turn: whose, which, the rest after it in seconds (0: at once), and the round in a group from 1.

    ``work`` are the seconds it is reckoned with.
    """

    line: LineId
    number: int
    rest: int
    round: int = 1
    ramp: bool = False
    work: int = 0


def running_order(day: Day, lines: Mapping[str, RunLine]) -> tuple[Turn, ...]:
    """Answer every planned set of a session in its turn; lines that rest or cannot be read have none. House rule.

    After the last set of a group comes the change to the next one, or the break that is said; at the end nothing.
    """
    groups = [(group, turns) for group in day.groups if (turns := group_order(group, lines))]
    found: list[Turn] = []
    for (group, turns), (following, next_turns) in pairwise(groups):
        before = TimedBlock(0, None, lines[turns[-1].line].implement, group.break_after)
        after = TimedBlock(0, lines[next_turns[0].line].implement, None, following.break_after)
        found += (*turns[:-1], replace(turns[-1], rest=transition(before, after)))
    return (*found, *(groups[-1][1] if groups else ()))


def group_order(group: Group, lines: Mapping[str, RunLine]) -> tuple[Turn, ...]:
    """Answer the sets of one group in their turn, ramp-up sets of all its lines first; behind the last no rest."""
    members = [lines[line.id] for line in group.lines if line.id in lines]
    timed = [TimedLine(m.prescription, m.exercise, m.implement) for m in members]
    rounds = len(members) > 1 and group.kind is not GroupKind.SINGLE
    working = [
        Turn(members[t.member].line, t.number, t.rest, t.round if rounds else 1, work=t.work)
        for t in group_turns(group, timed)
    ]
    if rounds:
        # Round by round the others' ramp-up or the first station comes between: nobody stands and rests for the work.
        ramps = (replace(turn, rest=RAMP_REST) for member in members for turn in _ramp(member))
        return (*ramps, *working)
    return tuple(turn for m in members for turn in (*_ramp(m), *(one for one in working if one.line == m.line)))


def _ramp(member: RunLine) -> Iterator[Turn]:
    for number in range(1, member.ramp_sets + 1):
        last = number == member.ramp_sets
        rest = max(RAMP_REST, rest_of(member.prescription)) if last else RAMP_REST
        yield Turn(member.line, number, rest, ramp=True)
