"""The three outlooks, and how strong the client is in a week under each. House rules."""

from dataclasses import dataclass
from enum import StrEnum
from math import exp, sqrt
from typing import Final

from upright_anvil.core.strength.standing import FOUR_TO_ONE, NORMAL_95, Strength

MISSED: Final = frozenset({1, 2})
"""The weeks (from 0) without training in a bad patch."""

WEAK_WEEK, WEAK = 3, 0.04
"""The week back after a bad patch, and how much weaker the client comes to it, as a share."""

EDGE: Final = 1.28
"""Standard errors to the edges of the band: eight of ten clients like this one stay inside."""

HOLDS_WELL, HOLDS_LATELY, HOLDS_BAD = 0.025, 0.01, 0.0
"""What holds grow by a week, as a share, where nobody knows better. House figures."""

HOLDS_ERROR: Final = 0.05
"""How far the next hold is off, as a share. House figure."""


class Scenario(StrEnum):
    """How the weeks to come may go."""

    WELL = "all goes well"
    LATELY = "as lately"
    BAD = "a bad patch"


class Edge(StrEnum):
    """Where in the band: eight of ten stay between low and high."""

    LOW = "low"
    MID = "mid"
    HIGH = "high"


_SIDES: Final = {Edge.LOW: -EDGE, Edge.MID: 0.0, Edge.HIGH: EDGE}


@dataclass(frozen=True, slots=True)
class Level:
    """How strong a client is in the weeks to come: the maximum today (kg), its error and trend a week, as shares."""

    kg: float
    error: float
    trend: float
    trend_error: float


def level_of(strength: Strength) -> Level:
    """Answer the level from an estimate.

    The trend is that of the filter, which turns late, and that of the last weeks, each by how sure it is. House rule.
    """
    error = (strength.trend_high - strength.trend) / NORMAL_95
    trend, lately = strength.trend, strength.lately
    if lately is not None and error and lately.error:
        old, new = 1 / error**2, 1 / lately.error**2
        trend = (old * trend + new * lately.week) / (old + new)
    return Level(strength.kg, strength.error, trend, error)


def trained(outlook: Scenario, week: int) -> bool:
    """Answer whether a week to come (from 0) is trained."""
    return not (outlook is Scenario.BAD and week in MISSED)


def strongest(level: Level, outlook: Scenario, edge: Edge, week: int) -> float:
    """Answer the maximum in a week to come (from 0), kg.

    All goes well: the trend four to one at best. A bad patch: two weeks lost, a weak week back, and the trend four to
    one at worst. The band is as wide as the estimate's error; as lately it widens with what is not known of the trend.
    """
    error, weeks = level.error, float(week)
    match outlook:
        case Scenario.WELL:
            trend = level.trend + FOUR_TO_ONE * level.trend_error
        case Scenario.LATELY:
            trend = level.trend
            error = sqrt(level.error**2 + (week * level.trend_error) ** 2)
        case Scenario.BAD:
            trend = level.trend - FOUR_TO_ONE * level.trend_error
            weeks -= sum(1 for missed in MISSED if missed <= week)
    form = WEAK if outlook is Scenario.BAD and week == WEAK_WEEK else 0.0
    return level.kg * exp(trend * weeks + _SIDES[edge] * error - form)


def longest(seconds: int, outlook: Scenario, edge: Edge, week: int) -> float:
    """Answer how long a hold could last in a week to come (from 0), from the longest of late, seconds."""
    grows = {Scenario.WELL: HOLDS_WELL, Scenario.LATELY: HOLDS_LATELY, Scenario.BAD: HOLDS_BAD}[outlook]
    weak = WEAK if outlook is Scenario.BAD and week == WEAK_WEEK else 0.0
    return seconds * exp(grows * (week + 1) + _SIDES[edge] * HOLDS_ERROR - weak)
