"""Strength over time: a Kalman filter on log strength with a local linear trend, all exercises of a client at once.

Each session with an exercise is one observation: its sets weighed by how far each can be trusted, with what a day's
form adds. Between sessions the level drifts and the trend fades, so a gap makes the estimate less sure and the trend
smaller. A session far from what was expected is weighed down, not thrown away. Sources: Kalman 1960; Harvey 1989, local
linear trend; the figures are house figures.
"""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from datetime import date
from math import exp, sqrt
from typing import Final

import numpy as np

from upright_anvil.core.strength.attempts import (
    TIRED_PER_SET,
    Attempt,
    Floats,
    Table,
    log_factors,
    table,
    variances,
)

DAY_SD: Final = 0.02
"""How much a day's form moves a whole session, as a share of the maximum. House figure."""

LEVEL_SD: Final = 0.009
"""How much strength drifts in a week beyond its trend. House figure."""

TREND_SD: Final = 0.0015
"""How much the trend changes in a week. House figure."""

TREND_FADES_IN: Final = 10.0
"""Weeks in which the trend fades to a third where nothing is trained. House figure."""

IDLE_FROM: Final = 1.5
"""Weeks without the exercise from which on nothing is trained of it. House figure."""

START_SD: Final = 0.10
START_TREND, START_TREND_SD = 0.003, 0.006
"""What is thought before the second session: the level as seen, a small rise a week. House figures."""

DOUBTED_FROM: Final = 3.0
"""Standard deviations from which on a session is weighed down. House figure."""

EVERY: Final = "*"
"""Asks for the way there of every exercise."""

NORMAL_95: Final = 1.96
FOUR_TO_ONE: Final = 0.84
"""Standard errors that are passed by chance once in five (one side). House figure for what a trainer acts on."""

LATELY_DAYS: Final = 42
LATELY_SESSIONS, LATELY_SPAN = 4, 10
"""The days the slope of the last weeks looks back on, and the sessions and days it needs. House rule."""

DAYS_A_WEEK: Final = 7.0
MOST_DAYS: Final = 100_000


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


@dataclass(frozen=True, slots=True)
class Strength:
    """One exercise of a client as it stands on a day.

    ``kg`` is the estimated maximum with its 95 % interval, ``error`` the standard error as a share of it; ``trend`` is
    the change a week as a share (0.01 = 1 %) with its 95 % interval. ``path`` has a point for each session. ``lately``
    is the slope over the last weeks, None with fewer than four sessions or ten days of them.
    """

    exercise: str
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


@dataclass(frozen=True, slots=True)
class _Sessions:
    """Sessions of all exercises as arrays of exercise by session, padded; ``count`` says how many each has."""

    names: tuple[str, ...]
    days: Floats
    seen: Floats
    variance: Floats
    count: Floats


def strengths(
    attempts: Sequence[Attempt], today: date, curves: Mapping[str, float] | None = None, path_of: str = ""
) -> dict[str, Strength]:
    """Answer each exercise's strength on a day from a client's whole history; one without a usable set is left out.

    ``curves`` are steepnesses of the client's own rep curve by group (1 = the published curve). ``path_of`` names the
    exercise whose way there is answered too, `EVERY` for that of all.
    """
    sets = table(attempts, today)
    if not len(sets.day):
        return {}
    found = _filtered(_sessions(sets, curves or {}), today, path_of)
    return {strength.exercise: strength for strength in found}


def _sessions(sets: Table, curves: Mapping[str, float]) -> _Sessions:
    steep = np.asarray([curves.get(name, 1.0) for name in sets.groups])[sets.group]
    seen = np.log(sets.kg) + steep * log_factors(sets.r) + TIRED_PER_SET * sets.place
    variance = variances(sets.r, sets.reserve)
    first = sets.day.min()
    keys, inverse = np.unique(sets.exercise * MOST_DAYS + (sets.day - first).astype(np.int64), return_inverse=True)
    trust = np.bincount(inverse, 1 / variance)
    mean = np.bincount(inverse, seen / variance) / trust
    of, on = keys // MOST_DAYS, (keys % MOST_DAYS) + first
    present, of = np.unique(of, return_inverse=True)
    count = np.bincount(of)
    column = np.arange(len(keys)) - np.repeat(np.cumsum(count) - count, count)
    shape = (len(present), int(count.max()))
    days, values, spread = (np.zeros(shape), np.zeros(shape), np.ones(shape))
    days[of, column], values[of, column], spread[of, column] = on, mean, 1 / trust + DAY_SD**2
    names = tuple(sets.exercises[n] for n in present)
    return _Sessions(names, days, values, spread, count.astype(np.float64))


def _filtered(data: _Sessions, today: date, path_of: str) -> list[Strength]:
    """Run the filter of all exercises side by side, session by session."""
    many, most = data.seen.shape
    level, trend = data.seen[:, 0].copy(), np.full(many, START_TREND)
    p11, p12, p22 = (START_SD**2 + np.zeros(many), np.zeros(many), np.full(many, START_TREND_SD**2))
    levels, spreads, surprises = (np.zeros((many, most)) for _ in range(3))
    ends = [np.zeros(many) for _ in range(5)]
    for n in range(most):
        on = n < data.count
        weeks = (data.days[:, n] - data.days[:, n - 1]) / DAYS_A_WEEK if n else np.zeros(many)
        level, trend, p11, p12, p22 = _later(level, trend, p11, p12, p22, np.where(on, weeks, 0))
        innovation = data.seen[:, n] - level
        expected = p11 + data.variance[:, n]
        surprise = np.abs(innovation) / np.sqrt(expected)
        doubted = np.maximum(surprise / DOUBTED_FROM, 1.0) ** 2 if n else np.ones(many)
        gain_by = p11 + data.variance[:, n] * doubted
        k1, k2 = np.where(on, p11 / gain_by, 0), np.where(on, p12 / gain_by, 0)
        level, trend = level + k1 * innovation, trend + k2 * innovation
        p11, p12, p22 = (1 - k1) * p11, (1 - k1) * p12, p22 - k2 * p12
        levels[:, n], spreads[:, n], surprises[:, n] = level, np.sqrt(p11), surprise
        last = n == data.count - 1
        for end, now in zip(ends, (level, trend, p11, p12, p22), strict=True):
            end[last] = now[last]
    found, slopes = [], _slopes(data)
    for row, name in enumerate(data.names):
        path = _path(data, row, levels, spreads, surprises) if path_of in (name, EVERY) else ()
        found.append(_strength(data, row, path, tuple(float(end[row]) for end in ends), today, slopes[row]))
    return found


def _later(
    level: Floats, trend: Floats, p11: Floats, p12: Floats, p22: Floats, weeks: Floats
) -> tuple[Floats, Floats, Floats, Floats, Floats]:
    """The state some weeks later: the trend carries the level on, and fades in a gap."""
    idle = np.maximum(weeks - IDLE_FROM, 0)
    kept = np.exp(-idle / TREND_FADES_IN)
    carried = np.minimum(weeks, IDLE_FROM) + TREND_FADES_IN * (1 - kept)
    return (
        level + carried * trend,
        kept * trend,
        p11 + 2 * carried * p12 + carried**2 * p22 + LEVEL_SD**2 * weeks,
        kept * (p12 + carried * p22),
        kept**2 * p22 + TREND_SD**2 * weeks,
    )


def _slopes(data: _Sessions) -> list[Slope | None]:
    """The weighted line through the last weeks' sessions of each exercise."""
    there = np.arange(data.days.shape[1]) < data.count[:, None]
    last = np.where(there, data.days, 0).max(axis=1, keepdims=True)
    weights = np.where(there & (data.days >= last - LATELY_DAYS), 1 / data.variance, 0)
    weeks = (data.days - last) / DAYS_A_WEEK
    total = weights.sum(axis=1)
    off = weeks - ((weights * weeks).sum(axis=1) / total)[:, None]
    spread = (weights * off**2).sum(axis=1)
    with np.errstate(invalid="ignore", divide="ignore"):
        slope, error = (weights * off * data.seen).sum(axis=1) / spread, 1 / np.sqrt(spread)
    many = (weights > 0).sum(axis=1)
    span = np.rint(np.where(weights > 0, -weeks, 0).max(axis=1) * DAYS_A_WEEK)
    return [
        Slope(round(float(slope[n]), 5), round(float(error[n]), 5), int(span[n]))
        if many[n] >= LATELY_SESSIONS and span[n] >= LATELY_SPAN
        else None
        for n in range(len(data.names))
    ]


def _strength(
    data: _Sessions, row: int, path: tuple[Point, ...], end: tuple[float, ...], today: date, lately: Slope | None
) -> Strength:
    count = int(data.count[row])
    last = date.fromordinal(int(data.days[row, count - 1]))
    weeks = np.asarray([max(0, (today - last).days) / DAYS_A_WEEK])
    level, trend, p11, p12, p22 = (np.asarray([value]) for value in end)
    level, trend, p11, p12, p22 = _later(level, trend, p11, p12, p22, weeks)
    sd, half = sqrt(p11[0]), NORMAL_95 * sqrt(p22[0])
    kg, low, high = (round(exp(level[0] + by * sd), 2) for by in (0, -NORMAL_95, NORMAL_95))
    slope = float(trend[0])
    return Strength(
        data.names[row], kg, low, high, round(sd, 4),
        round(slope, 5), round(slope - half, 5), round(slope + half, 5), count, last, path, lately,
    )  # fmt: skip


def _path(data: _Sessions, row: int, levels: Floats, spreads: Floats, surprises: Floats) -> tuple[Point, ...]:
    count = int(data.count[row])
    level, half = levels[row, :count], NORMAL_95 * spreads[row, :count]
    kg, low, high = (np.round(np.exp(level + by), 2).tolist() for by in (0, -half, half))
    off, days = np.round(surprises[row, :count], 2).tolist(), data.days[row, :count].tolist()
    return tuple(Point(date.fromordinal(int(days[n])), kg[n], low[n], high[n], off[n]) for n in range(count))
