"""Estimated time of groups: lines on their own, and rounds of several (rules, time).

A round-based block = rounds x (stations + rests inside) + round rests between rounds.
"""

from collections.abc import Sequence
from itertools import zip_longest

from upright_anvil.core.constants import CIRCUIT_REST_AFTER, REST_INSIDE_SECONDS
from upright_anvil.core.prescription.groups import GroupKind, GroupRests
from upright_anvil.core.timing.estimate import TimedLine, line_seconds, one_set, rest_of


def group_seconds(group: GroupRests, lines: Sequence[TimedLine]) -> int:
    """Answer the seconds of a group from those of its lines that are trained. House rule.

    A group of which one line is left counts as that line on its own. Lines with fewer sets drop out of later rounds.
    """
    if len(lines) <= 1 or group.kind is GroupKind.SINGLE:
        return sum(line_seconds(line) for line in lines)
    stations = [[one_set(plan, line.prescription, line.exercise) for plan in line.prescription.plans] for line in lines]
    rounds = list(zip_longest(*stations, fillvalue=0))
    work = sum(sum(one) for one in rounds)
    return work + _inside(group, lines, rounds) + rest_after(group, lines) * (len(rounds) - 1)


def _inside(group: GroupRests, lines: Sequence[TimedLine], rounds: Sequence[Sequence[int]]) -> int:
    """The rests between the stations of all rounds; in an interval circuit each station has its own."""
    total = 0
    for one in rounds:
        trained = [line for line, seconds in zip(lines, one, strict=True) if seconds]
        if group.kind is GroupKind.INTERVALS and group.rest_inside is None:
            total += sum(rest_of(line.prescription) for line in trained[:-1])
        else:
            total += rest_inside(group) * (len(trained) - 1)
    return total


def rest_inside(group: GroupRests) -> int:
    """Answer the rest between the lines of a round, seconds. House rule where the group does not say."""
    return REST_INSIDE_SECONDS if group.rest_inside is None else group.rest_inside


def rest_after(group: GroupRests, lines: Sequence[TimedLine]) -> int:
    """Answer the rest after a round, seconds: the group's own, else the longest of its lines or a house figure."""
    if group.rest_after is not None:
        return group.rest_after
    if group.kind in (GroupKind.CIRCUIT, GroupKind.INTERVALS):
        return CIRCUIT_REST_AFTER
    return max((rest_of(line.prescription) for line in lines), default=0)
