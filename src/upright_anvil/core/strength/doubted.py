"""Figures that the rest contradicts: a slip of the pen, the other unit, the wrong exercise.

A set is held against the sessions around it, before and after, so that the very first session is doubted too once
others contradict it. What is doubted shows nothing until the trainer has said that it is right. House rule.
"""

from typing import Final

import numpy as np
from numpy.typing import NDArray

from upright_anvil.core.strength.attempts import TIRED_PER_SET, Floats, Table, with_curve
from upright_anvil.core.strength.session_table import DAY_SD

ERRORS: Final = 4.0
"""Standard errors from which on a figure is doubted. House rule."""

LEAST_ABOVE: Final = 0.20
LEAST_BELOW: Final = 0.50
"""How far above or below the sessions around it a figure lies at the least before it is doubted (logarithm): a fifth
more; far less is doubted only where it is about half, since light work is no slip. House figures."""

AROUND: Final = 4
"""Sessions around one that it is held against. House figure."""

CHANGE_A_WEEK: Final = 0.012
MOST_CHANGE: Final = 0.25
"""What strength may have changed by in a week between sessions, and at most (logarithm). House figures."""

NEEDED_BELOW: Final = 2
"""Sessions around it that a figure must lie below before it is doubted for being low."""


def shown(sets: Table) -> Floats:
    """Answer the logarithm of the maximum that each set shows on the published curve, what tires added."""
    return np.asarray(np.log(sets.kg) + sets.fall + TIRED_PER_SET * sets.place, dtype=np.float64)


def doubted(sets: Table) -> NDArray[np.bool_]:
    """Answer which sets the rest contradicts: over four standard errors above, or about half and less. House rule.

    Where one session stands against another alone, the higher is doubted; where there is but one, sets are held
    against the others of that day. Confirmed figures are never doubted, slow ones never for being low.
    """
    if not len(sets.day):
        return np.zeros(0, np.bool_)
    value = shown(sets)
    begins, of = sets.by_session()
    # By session and, within it, by what is shown: one key, so that it is sorted once.
    order = np.argsort(of * (np.ptp(value) + 1) + value)
    levels = _levels(value, of, order, sets.slow)
    reference, around, weeks = _around(levels, sets.exercise[begins], sets.day[begins])
    against, alone = reference[of], around[of] == 0
    if alone.any():
        against = np.where(alone, _others(value, of, order), against)
    error = np.sqrt(with_curve(sets.blur, sets.r) + 2 * DAY_SD**2)
    allowed = ERRORS * error + np.minimum(CHANGE_A_WEEK * weeks[of], MOST_CHANGE)
    off = value - against
    above = off > np.maximum(allowed, LEAST_ABOVE)
    below = (-off > np.maximum(allowed, LEAST_BELOW)) & (around[of] >= NEEDED_BELOW) & ~sets.slow
    return np.asarray((above | below) & ~sets.confirmed & np.isfinite(off))


def _levels(value: Floats, of: NDArray[np.int64], order: NDArray[np.int64], slow: NDArray[np.bool_]) -> Floats:
    """The lower median of what the sets of each session show; slow sets count only where there are no others.

    ``order`` is that of the values, session by session.
    """
    quick = np.bincount(of, ~slow) > 0
    counted = ~slow | ~quick[of]
    count = np.bincount(of[counted])
    first = np.cumsum(count) - count
    return np.asarray(value[order[counted[order]]][first + (count - 1) // 2], dtype=np.float64)


def _around(levels: Floats, exercise: NDArray[np.int64], day: Floats) -> tuple[Floats, NDArray[np.int64], Floats]:
    """For each session the lower median of the nearest others of its exercise, how many, and how far (weeks)."""
    count = np.bincount(exercise)
    begin = (np.cumsum(count) - count)[exercise]
    end = begin + count[exercise]
    here = np.arange(len(levels))
    start = np.clip(here - AROUND // 2, begin, np.maximum(end - AROUND - 1, begin))
    at = start[:, None] + np.arange(AROUND + 1)[None, :]
    there = (at < end[:, None]) & (at != here[:, None])
    at = np.minimum(at, len(levels) - 1)
    near = np.sort(np.where(there, levels[at], np.inf), axis=1)
    many = there.sum(axis=1)
    middle = near[here, np.maximum((many - 1) // 2, 0)]
    apart = np.where(there, np.abs(day[at] - day[:, None]), 0).sum(axis=1) / np.maximum(many, 1) / 7
    return np.where(many > 0, middle, np.nan), many, apart


def _others(value: Floats, of: NDArray[np.int64], order: NDArray[np.int64]) -> Floats:
    """For each set the lower median of the other sets of its session; nan where it is alone."""
    count = np.bincount(of)
    first = (np.cumsum(count) - count)[of]
    rank = np.empty(len(value), np.int64)
    rank[order] = np.arange(len(value))
    rank -= first
    middle = (count[of] - 2) // 2
    pick = first + np.where(rank <= middle, middle + 1, middle)
    lone = count[of] == 1
    return np.where(lone, np.nan, value[order][np.where(lone, first, np.minimum(pick, len(value) - 1))])
