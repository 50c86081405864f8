"""The client's own rep curve: how much faster or slower the load falls with the repetitions than published.

One figure for each group of exercises: log(maximum / load) is the published curve's times it. It is learned from sets
of different repetitions within four weeks of each other, and stays near 1 while there are few. House rule.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import date
from typing import Final

import numpy as np
from numpy.typing import NDArray

from upright_anvil.core.strength.attempts import (
    TIRED_PER_SET,
    Attempt,
    Floats,
    Table,
    log_factors,
    reserve_variances,
    table,
)

PRIOR_SD: Final = 0.15
"""How far clients differ from the published curve, as a share of it. House figure."""

BLOCK_DAYS: Final = 28
"""Within so many days strength counts as one and the same. House figure."""

SET_SD: Final = 0.035
"""How far a set is off beside its repetitions, as a share of the maximum. House figure."""

LEAST_CLEAR: Final = 0.25
"""The least share of the differences in repetitions that must not be blur for them to tell anything. House figure."""

FLATTEST, STEEPEST = 0.6, 1.5
"""Bounds of the figure: beyond them the sets contradict each other. House figures."""


@dataclass(frozen=True, slots=True)
class RepCurve:
    """One group's curve: its steepness (1 = published), the standard error, and how many sets told."""

    group: str
    steepness: float
    error: float
    sets: int


def rep_curves(attempts: Sequence[Attempt], today: date) -> dict[str, RepCurve]:
    """Answer each group's curve from a client's whole history up to a day."""
    sets = table(attempts, today)
    if not len(sets.day):
        return {}
    x, y = log_factors(sets.r), -(np.log(sets.kg) + TIRED_PER_SET * sets.place)
    block = np.unique(sets.exercise * 1_000_000 + (sets.day // BLOCK_DAYS).astype(np.int64), return_inverse=True)[1]
    return {name: _curve(name, n, sets, block, x, y) for n, name in enumerate(sets.groups)}


def _curve(name: str, group: int, sets: Table, block: NDArray[np.int64], x: Floats, y: Floats) -> RepCurve:
    mine = sets.group == group
    counts = np.maximum(np.bincount(block), 1)
    dx = (x - (np.bincount(block, x) / counts)[block])[mine]
    dy = (y - (np.bincount(block, y) / counts)[block])[mine]
    blur = reserve_variances(sets.r[mine], sets.reserve[mine]) * (1 - 1 / counts[block[mine]])
    spread, together = float((dx**2).sum()), float((dx * dy).sum())
    # What the reserve is off blurs the repetitions and would flatten the curve: its share is taken out where it can be.
    # Sets too much alike to tell stand for the published curve.
    clear = spread - float(blur.sum())
    if clear < spread * LEAST_CLEAR:
        clear = together = 0.0
    prior, data = 1 / PRIOR_SD**2, clear / SET_SD**2
    steep = (prior + together / SET_SD**2) / (prior + data)
    error = float(np.sqrt(1 / (prior + data)))
    return RepCurve(name, round(float(np.clip(steep, FLATTEST, STEEPEST)), 4), round(error, 4), int(mine.sum()))
