"""Strength over time: a Kalman filter on log strength with a local linear trend, all exercises of a client at once.

Each session with an exercise is one observation: its sets weighed by how far each can be trusted, with what a day's
form adds. Sources: `kalman`; the figures are house figures.
"""

from collections.abc import Mapping, Sequence
from dataclasses import replace
from datetime import date
from typing import Final

import numpy as np

from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.strength.attempts import Attempt, Floats, Table, table
from upright_anvil.core.strength.doubted import doubted
from upright_anvil.core.strength.kalman import DAYS_A_WEEK, START_TREND, Filtered, FilterState, filtered, gap
from upright_anvil.core.strength.session_table import REMEMBERED, Sessions, sessions_of
from upright_anvil.core.strength.standing import NORMAL_95, Point, Slope, Strength

EVERY: Final = "*"
"""Asks for the way there of every exercise."""

LATELY_DAYS: Final = 42
TEN_WEEKS: Final = 70
LATELY_SESSIONS, LATELY_SPAN = 4, 10
"""The days the slopes of the last weeks look back on, and the sessions and days they need. House rule."""

LINE_ENDS_AT: Final = 21
"""A gap of more days than this ends the line: what lies before it is no part of how things go now. House rule."""

USUAL_SCATTER, USUAL_WORTH = 0.02, 8.0
"""How far sessions usually scatter about their line, as a share of the maximum, and how many sessions that counts for
beside what these sessions themselves show. House figures."""

WAY_THERE: Final = 2 * REMEMBERED
"""Sessions of an exercise whose way there is answered unless the whole of it is wanted: over a year of them. House."""

FAR_BACK_DAYS: Final = 180
"""Days back to which the way there reaches, however often an exercise is done. House rule."""

BEGUN_WITH: Final = 3
"""Sessions after which the first estimate stands that later ones are held against. House rule."""

ONE: Final = np.asarray([1.0])
"""The one series of strength, which takes the whole of a loss."""


def strengths(
    attempts: Sequence[Attempt], today: date, curves: Mapping[str, float] | None = None, path_of: str = ""
) -> dict[ExerciseId, Strength]:
    """Answer each exercise's strength on a day from a client's whole history; one without a usable set is left out.

    Sets that the rest contradicts are left out.

    ``curves`` are steepnesses of the client's own rep curve by group (1 = the published curve). ``path_of`` names the
    exercise whose way there is answered too, `EVERY` for that of all.
    """
    sets = table(attempts, today)
    return strengths_in(sets.only(~doubted(sets)), today, curves, path_of, whole=True)


def lies_far_back(start: date, today: date) -> bool:
    """Answer whether only the whole of the way there is sure to reach back to a day."""
    return (today - start).days > FAR_BACK_DAYS


def strengths_in(
    sets: Table, today: date, curves: Mapping[str, float] | None = None, path_of: str = "", *, whole: bool = False
) -> dict[ExerciseId, Strength]:
    """Answer the same from sets that are a table up to the day already, what is doubted left out by the caller.

    The way there begins as far back as a year or more of sessions goes, or with the very first where the ``whole`` of
    it is wanted.
    """
    if not len(sets.day):
        return {}
    every = sessions_of(sets)
    data = every if whole else every.newest(WAY_THERE if path_of else REMEMBERED)
    steep = np.asarray([(curves or {}).get(name, 1.0) for name in sets.groups])[data.group.astype(np.int64)]

    def seen(sessions: Sessions) -> Floats:
        return np.asarray(sessions.base + steep[:, None] * sessions.fall)

    found = _filtered(data, seen(data), today, path_of)
    begun = every.oldest(BEGUN_WITH)
    thirds = _levels(begun, seen(begun))
    return {
        one.exercise: replace(one, sessions=int(count), begun_at=begun_at if count >= BEGUN_WITH else None)
        for one, count, begun_at in zip(found, every.count, thirds, strict=True)
    }


def _levels(data: Sessions, seen: Floats) -> list[float]:
    """The estimate of each exercise after its last session, kg."""
    last = filtered(data, seen[None], np.asarray([START_TREND]), ONE).after.level[-1, 0]
    return [round(kg, 2) for kg in np.exp(last).tolist()]


def _filtered(data: Sessions, seen: Floats, today: date, path_of: str) -> list[Strength]:
    """Run the filter of all exercises side by side, and answer each as it ends."""
    ran = filtered(data, seen[None], np.asarray([START_TREND]), ONE)
    ends = data.count.astype(np.int64) - 1, np.arange(len(data.names))
    end = FilterState._make(of[:, 0][ends][None] for of in ran.after)
    days = data.days[ends[::-1]]
    idle = gap(np.maximum(today.toordinal() - days, 0)[None] / DAYS_A_WEEK, ONE, trained=False)
    slopes, tens = _slopes(data, seen, LATELY_DAYS), _slopes(data, seen, TEN_WEEKS)
    found = _now(data, end.after(idle), days, slopes, tens)
    wanted = data.names if path_of == EVERY else (path_of,)
    return [
        replace(one, path=_path(data, row, ran)) if one.exercise in wanted else one for row, one in enumerate(found)
    ]


def _slopes(data: Sessions, seen: Floats, days: int) -> list[Slope | None]:
    """The weighted line through the last weeks' sessions of each exercise, as sure as they lie close to it."""
    there = np.arange(data.days.shape[1]) < data.count[:, None]
    last = np.where(there, data.days, 0).max(axis=1, keepdims=True)
    gaps = np.diff(data.days, axis=1, append=data.days[:, -1:]) * there
    broken = (gaps > LINE_ENDS_AT) & (np.arange(data.days.shape[1]) < data.count[:, None] - 1)
    ends_before = np.cumsum(broken[:, ::-1], axis=1)[:, ::-1] == 0
    used = there & ends_before & (data.days >= last - days) & ~data.at_least
    weights = np.where(used, 1 / data.variance, 0)
    weeks = (data.days - last) / DAYS_A_WEEK
    total = np.maximum(weights.sum(axis=1), 1e-9)
    off = weeks - ((weights * weeks).sum(axis=1) / total)[:, None]
    spread = (weights * off**2).sum(axis=1)
    many = used.sum(axis=1)
    with np.errstate(invalid="ignore", divide="ignore"):
        slope = (weights * off * seen).sum(axis=1) / spread
        middle = (weights * seen).sum(axis=1) / total
        residual = weights * (seen - middle[:, None] - slope[:, None] * off) ** 2
        usual = total / np.maximum(many, 1)
        scatter = (USUAL_WORTH * USUAL_SCATTER**2 * usual + residual.sum(axis=1)) / (
            USUAL_WORTH + np.maximum(many - 2, 0)
        )
        error = np.sqrt(scatter / spread)
    span = np.rint(np.where(used, -weeks, 0).max(axis=1) * DAYS_A_WEEK)
    return [
        Slope(round(float(slope[n]), 5), round(float(error[n]), 5), int(span[n]))
        if many[n] >= LATELY_SESSIONS and span[n] >= LATELY_SPAN
        else None
        for n in range(len(data.names))
    ]


def _now(
    data: Sessions, state: FilterState, days: Floats, slopes: list[Slope | None], tens: list[Slope | None]
) -> list[Strength]:
    """Each exercise as it stands, from the state of all; its way there is left out."""
    level, trend, spread, half = (
        state.level[0],
        state.trend[0],
        np.sqrt(state.p11[0]),
        NORMAL_95 * np.sqrt(state.p22[0]),
    )
    kg = (np.round(np.exp(level + by * spread), 2).tolist() for by in (0, -NORMAL_95, NORMAL_95))
    trends = (np.round(of, 5).tolist() for of in (trend, trend - half, trend + half))
    errors, on = np.round(spread, 4).tolist(), [date.fromordinal(int(day)) for day in days]
    counts = data.count.astype(np.int64)
    slow = data.at_least[np.arange(len(days)), counts - 1].tolist()
    columns = zip(*kg, errors, *trends, counts.tolist(), on, slopes, tens, slow, strict=True)
    return [
        Strength(name, kg, low, high, error, at, worst, best, count, last, (), lately, ten, is_slow)
        for name, (kg, low, high, error, at, worst, best, count, last, lately, ten, is_slow) in zip(
            data.names, columns, strict=True
        )
    ]


def _path(data: Sessions, row: int, ran: Filtered) -> tuple[Point, ...]:
    """The way there of one exercise, session by session."""
    count = int(data.count[row])
    level, half = ran.after.level[:count, 0, row], NORMAL_95 * np.sqrt(ran.after.p11[:count, 0, row])
    kg, low, high = (np.round(np.exp(level + by), 2).tolist() for by in (0, -half, half))
    off, days = np.round(np.sqrt(ran.far[:count, 0, row]), 2).tolist(), data.days[row, :count].tolist()
    return tuple(Point(date.fromordinal(int(days[n])), kg[n], low[n], high[n], off[n]) for n in range(count))
