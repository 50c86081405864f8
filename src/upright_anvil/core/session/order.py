"""The order in which a session's sets are run: line by line, in groups round by round, with the rest after each.

Lines with fewer sets drop out of later rounds; a drop follows the set before it at once. Ramp-up sets come right before
the line's first working set.
"""

from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass
from itertools import zip_longest

from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ids import LineId
from upright_anvil.core.plan.document import Day, Group
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes import EveryStart
from upright_anvil.core.timing.estimate import TimedLine, one_set, rest_of
from upright_anvil.core.timing.groups import rest_after, rest_inside

RAMP_REST = 45
"""Rest after a ramp-up set, seconds; the last one rests as long as the work does. House rule."""


@dataclass(frozen=True, slots=True)
class RunLine:
    """A line as it is run today."""

    line: LineId
    exercise: Exercise
    prescription: Prescription
    ramp_sets: int = 0


@dataclass(frozen=True, slots=True)
class Turn:
    """One set in its turn: whose, which, the rest after it in seconds (0: at once), and the round in a group from 1."""

    line: LineId
    number: int
    rest: int
    round: int = 1
    ramp: bool = False


def running_order(day: Day, lines: Mapping[str, RunLine]) -> tuple[Turn, ...]:
    """Answer every planned set of a session in its turn; lines that rest or cannot be read have none. House rule."""
    return tuple(turn for group in day.groups for turn in group_order(group, lines))


def group_order(group: Group, lines: Mapping[str, RunLine]) -> tuple[Turn, ...]:
    """Answer the sets of one group in their turn, ramp-up sets of all its lines first."""
    members = [lines[line.id] for line in group.lines if line.id in lines]
    if len(members) <= 1 or group.kind is GroupKind.SINGLE:
        return tuple(turn for member in members for turn in (*_ramp(member), *_straight(member)))
    ramps = tuple(turn for member in members for turn in _ramp(member))
    return (*ramps, *_rounds(group, members))


def _ramp(member: RunLine) -> Iterator[Turn]:
    for number in range(1, member.ramp_sets + 1):
        last = number == member.ramp_sets
        rest = max(RAMP_REST, rest_of(member.prescription)) if last else RAMP_REST
        yield Turn(member.line, number, rest, ramp=True)


def _straight(member: RunLine) -> Iterator[Turn]:
    plans = member.prescription.plans
    for number, plan in enumerate(plans, start=1):
        at_once = number < len(plans) and plans[number].at_once
        rest = 0 if at_once else rest_of(member.prescription)
        if isinstance(member.prescription.scheme, EveryStart):
            rest = max(0, member.prescription.scheme.seconds - one_set(plan, member.prescription, member.exercise))
        yield Turn(member.line, number, rest)


def _rounds(group: Group, members: Sequence[RunLine]) -> Iterator[Turn]:
    timed = [TimedLine(m.prescription, m.exercise, None) for m in members]
    after = rest_after(group, timed)
    rounds = list(zip_longest(*(m.prescription.plans for m in members)))
    for number, plans in enumerate(rounds, start=1):
        trained = [m for m, plan in zip(members, plans, strict=True) if plan is not None]
        for member in trained:
            last = member is trained[-1]
            inside = rest_inside(group)
            if group.kind is GroupKind.INTERVALS and group.rest_inside is None:
                inside = rest_of(member.prescription)
            yield Turn(member.line, number, after if last else inside, number)
