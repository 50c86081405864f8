"""The one timeline of a group: every set in its turn with the seconds it takes and the rest behind it (rules, time).

Board, floor, clock and summary take their seconds and their order from here. A round-based block = rounds x (stations +
rests inside) + round rests between rounds; on the minute each station owns its minute, and the last one of the last
round ends with its work; most rounds in a time take that time.
"""

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from itertools import zip_longest

from upright_anvil.core.constants import (
    CHANGE_PLACE_SECONDS,
    CIRCUIT_REST_AFTER,
    ON_THE_MINUTE_SECONDS,
    REST_INSIDE_SECONDS,
    TIME_CAP_SECONDS,
)
from upright_anvil.core.prescription.groups import GroupKind, GroupTimes
from upright_anvil.core.prescription.schemes import Density, EveryStart
from upright_anvil.core.prescription.targets import Seconds
from upright_anvil.core.timing.estimate import TimedLine, one_set, rest_of


@dataclass(frozen=True, slots=True)
class TimedTurn:
    """One set in its turn: of which member (index), which set and round (from 1), its seconds, and the rest behind it.

    Behind the last set of a group there is no rest.
    """

    member: int
    number: int
    round: int
    work: int
    rest: int


def group_seconds(group: GroupTimes, lines: Sequence[TimedLine]) -> int:
    """Answer the seconds of a group from those of its lines that are trained: what its turns come to. House rule."""
    if group.kind is GroupKind.MOST_ROUNDS and len(lines) > 1:
        return time_cap(group)
    return sum(turn.work + turn.rest for turn in group_turns(group, lines))


def line_seconds(line: TimedLine) -> int:
    """Answer the seconds of a line on its own: its sets and the rests between them. House rule."""
    return sum(turn.work + turn.rest for turn in _straight(0, line))


def group_turns(group: GroupTimes, lines: Sequence[TimedLine]) -> tuple[TimedTurn, ...]:
    """Answer every set of a group in its turn. House rule.

    A group of which one line is left is that line on its own. Lines with fewer sets drop out of later rounds.
    """
    if len(lines) <= 1 or group.kind is GroupKind.SINGLE:
        return tuple(turn for member, line in enumerate(lines) for turn in _straight(member, line))
    return tuple(_rounds(group, lines))


def _straight(member: int, line: TimedLine) -> Iterator[TimedTurn]:
    """Sets one after the other; what follows at once has no rest before it, a start of a clock has its rest in it."""
    asked, plans = line.prescription, line.prescription.plans
    if isinstance(asked.scheme, Density):
        yield TimedTurn(member, 1, 1, asked.scheme.seconds, 0)
        return
    for number, plan in enumerate(plans, start=1):
        work = one_set(plan, asked, line.exercise)
        last = number == len(plans)
        rest = 0 if last or plans[number].at_once else rest_of(asked)
        if isinstance(asked.scheme, EveryStart) and not last:
            rest = max(0, asked.scheme.seconds - work)
        yield TimedTurn(member, number, number, work, rest)


def _rounds(group: GroupTimes, lines: Sequence[TimedLine]) -> Iterator[TimedTurn]:
    after = rest_after(group, lines)
    rounds = list(zip_longest(*(line.prescription.plans for line in lines)))
    for number, plans in enumerate(rounds, start=1):
        trained = [member for member, plan in enumerate(plans) if plan is not None]
        for place, member in enumerate(trained):
            line, plan = lines[member], plans[member]
            work = one_set(plan, line.prescription, line.exercise)
            ends_round = place == len(trained) - 1
            if ends_round:
                rest = after if number < len(rounds) else 0
            else:
                rest = _between(group, line, lines[trained[place + 1]])
            if group.kind is GroupKind.ON_THE_MINUTE and not (ends_round and number == len(rounds)):
                left = max(0, every(group) - work)
                rest = left + (rest if ends_round else 0)
            yield TimedTurn(member, number, number, work, rest)


def _between(group: GroupTimes, line: TimedLine, following: TimedLine) -> int:
    """The rest between two stations; without one, the time to change place where both are counted."""
    if group.kind is GroupKind.INTERVALS and group.rest_inside is None:
        return rest_of(line.prescription)
    rest = 0 if group.kind is GroupKind.MOST_ROUNDS and group.rest_inside is None else rest_inside(group)
    counted = not any(isinstance(one.prescription.target, Seconds) for one in (line, following))
    return CHANGE_PLACE_SECONDS if not rest and counted and group.kind is GroupKind.CIRCUIT else rest


def rest_inside(group: GroupTimes) -> int:
    """Answer the rest between the lines of a round, seconds. House rule where the group does not say."""
    return REST_INSIDE_SECONDS if group.rest_inside is None else group.rest_inside


def every(group: GroupTimes) -> int:
    """Answer the seconds from one start to the next of a group on the minute."""
    return ON_THE_MINUTE_SECONDS if group.every is None else group.every


def time_cap(group: GroupTimes) -> int:
    """Answer the seconds there are for most rounds."""
    return TIME_CAP_SECONDS if group.time_cap is None else group.time_cap


def rest_after(group: GroupTimes, lines: Sequence[TimedLine]) -> int:
    """Answer the rest after a round, seconds: what the group says, else what its kind usually has. House rule.

    Of work by the clock the rest of the last station; on the minute and for most rounds none beside it.
    """
    if group.rest_after is not None:
        return group.rest_after
    match group.kind:
        case GroupKind.CIRCUIT:
            return CIRCUIT_REST_AFTER
        case GroupKind.INTERVALS:
            return rest_of(lines[-1].prescription) if group.rest_inside is None else group.rest_inside
        case GroupKind.ON_THE_MINUTE | GroupKind.MOST_ROUNDS:
            return 0
        case _:
            return max((rest_of(line.prescription) for line in lines), default=0)
