"""The client's own rep curve: how much faster or slower the load falls with the repetitions than published.

One figure for each group of exercises: log(maximum / load) is the published curve's times it. It is learned from sets
of different repetitions, and stays near 1 while there are few. House rule.
"""

from collections.abc import Sequence
from datetime import date
from typing import Final

import numpy as np

from upright_anvil.core.strength.attempts import Attempt, Table, table
from upright_anvil.core.strength.doubted import doubted
from upright_anvil.core.strength.kalman import START_TREND, filtered
from upright_anvil.core.strength.session_table import sessions_of
from upright_anvil.core.strength.standing import RepCurve

PRIOR_SD: Final = 0.15
"""How far clients differ from the published curve, as a share of it. House figure."""

FLATTEST, STEEPEST = 0.6, 1.5
"""Bounds of the figure: beyond them the sets contradict each other. House figures."""


def rep_curves(attempts: Sequence[Attempt], today: date) -> dict[str, RepCurve]:
    """Answer each group's curve from a client's whole history up to a day."""
    sets = table(attempts, today)
    return rep_curves_in(sets.only(~doubted(sets)))


def rep_curves_in(sets: Table) -> dict[str, RepCurve]:
    """Answer each group's curve from sets that are a table already.

    The steepness that leaves the filter of strength least surprised: what it is off by is a part that does not depend
    on the steepness and one that is so many times it, so the best is found in one pass over all exercises. A misjudged
    reserve blurs the repetitions to failure and would flatten the curve; the repetitions done stand in for them.
    """
    if not len(sets.day):
        return {}
    data = sessions_of(sets, curve_known=True).newest()
    series = np.stack([data.base + data.fall, data.base, data.fall, data.certain])
    starts, falls = np.asarray([START_TREND, START_TREND, 0.0, 0.0]), np.asarray([1.0, 1.0, 0.0, 0.0])
    ran = filtered(data, series, starts, falls)
    weight = np.where(ran.on, 1 / ran.expected, 0)[:, 0]
    _, base, fall, sure = np.moveaxis(ran.off, 1, 0)
    pull, told, certain = ((weight * one * sure).sum(axis=0) * sign for one, sign in ((base, -1), (fall, 1), (sure, 1)))
    group = data.group.astype(np.int64)
    by_group = [np.bincount(group, of, len(sets.groups)) for of in (pull, told, certain, data.sets)]
    curves = (_curve(name, *(float(of[n]) for of in by_group)) for n, name in enumerate(sets.groups))
    return {curve.group: curve for curve in curves if curve.sets}


def _curve(name: str, pull: float, told: float, certain: float, sets: float) -> RepCurve:
    """The published curve, drawn towards what the sessions say by how much they can."""
    prior = 1 / PRIOR_SD**2
    data = told**2 / certain if told > 0 and certain else 0.0
    steep = (prior + data * pull / told) / (prior + data) if data else 1.0
    error = float(np.sqrt(1 / (prior + data)))
    return RepCurve(name, round(float(np.clip(steep, FLATTEST, STEEPEST)), 4), round(error, 4), int(sets))
