"""A client's strength and rep curve as they stand on a day: what `over_time` and `rep_curve` answer."""

from dataclasses import dataclass
from datetime import date
from typing import Final

from upright_anvil.core.ids import ExerciseId

NORMAL_95: Final = 1.96
FOUR_TO_ONE: Final = 0.84
"""Standard errors that are passed by chance once in five (one side). House figure for what a trainer acts on."""


@dataclass(frozen=True, slots=True)
class Point:
    """The estimate after a session: kg, its 95 % interval, and how many standard deviations off what was seen was."""

    on: date
    kg: float
    low: float
    high: float
    surprise: float


@dataclass(frozen=True, slots=True)
class Slope:
    """The change a week over the last weeks, as a share (0.01 = 1 %), with its standard error and the days it spans.

    A straight line through the sessions themselves: the filter's trend believes in its own past and turns late.
    """

    week: float
    error: float
    days: int

    @property
    def best(self) -> float:
        """What it is at best: four to one against more."""
        return self.week + FOUR_TO_ONE * self.error

    @property
    def worst(self) -> float:
        """What it is at worst: four to one against less."""
        return self.week - FOUR_TO_ONE * self.error

    @property
    def way(self) -> str:
        """Rising or falling where it is so four to one, else empty."""
        return "rising" if self.worst > 0 else "falling" if self.best < 0 else ""


@dataclass(frozen=True, slots=True)
class Strength:
    """One exercise of a client as it stands on a day.

    ``kg`` is the estimated maximum with its 95 % interval, ``error`` the standard error as a share of it; ``trend`` is
    the change a week as a share (0.01 = 1 %) with its 95 % interval. ``path`` has a point for each session. ``lately``
    is the slope over the last six weeks, ``ten_weeks`` over the last ten, None with fewer than four sessions or ten
    days of them. ``slow`` says that the last session was slow work alone, so that it shows at least so much.
    ``begun_at`` is the estimate after the third session, kg, None with fewer.
    """

    exercise: ExerciseId
    kg: float
    low: float
    high: float
    error: float
    trend: float
    trend_low: float
    trend_high: float
    sessions: int
    last: date
    path: tuple[Point, ...]
    lately: Slope | None = None
    ten_weeks: Slope | None = None
    slow: bool = False
    begun_at: float | None = None

    @property
    def way(self) -> str:
        """Rising or falling where the trend's interval says so, else not sure yet."""
        return "rising" if self.trend_low > 0 else "falling" if self.trend_high < 0 else "not sure yet"


@dataclass(frozen=True, slots=True)
class RepCurve:
    """One group's curve: its steepness (1 = published), the standard error, and how many sets told."""

    group: str
    steepness: float
    error: float
    sets: int
