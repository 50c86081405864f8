"""A client's sets gathered session by session, all exercises side by side as padded arrays."""

from dataclasses import dataclass, replace
from typing import Final, TypeVar

import numpy as np
from numpy.typing import NDArray

from upright_anvil.core.constants import DEFAULT_RESERVE
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.strength.attempts import TIRED_PER_SET, Floats, Table, log_factors, with_curve

V = TypeVar("V", bound=np.generic)

DAY_SD: Final = 0.02
"""How much a day's form moves a whole session, as a share of the maximum. House figure."""

REMEMBERED: Final = 150
"""Sessions of an exercise that the filter runs through: of those before them nothing is left in the estimate. House."""


@dataclass(frozen=True, slots=True)
class Sessions:
    """Sessions of all exercises, arrays of exercise by session, padded; ``count`` says how many each has.

    The log of the maximum that a session shows is ``base`` plus the steepness of the rep curve times ``fall``:
    ``base`` is the log of the kilograms moved with what the sets before cost, ``fall`` the log of maximum by load on
    the published curve. ``certain`` is the fall with the reserve left out, ``variance`` what a session may be off.
    ``group`` is the position of each exercise's group, ``sets`` how many sets it has. ``at_least`` marks sessions of
    slow work alone: they show at least so much.
    """

    names: tuple[ExerciseId, ...]
    group: Floats
    sets: Floats
    days: Floats
    base: Floats
    fall: Floats
    certain: Floats
    variance: Floats
    count: Floats
    at_least: NDArray[np.bool_]

    def newest(self, most: int = REMEMBERED) -> "Sessions":
        """Answer the newest sessions of each exercise; ``sets`` stays that of all."""
        if self.days.shape[1] <= most:
            return self
        return self._cut(np.maximum(self.count - most, 0).astype(np.int64), most)

    def oldest(self, most: int) -> "Sessions":
        """Answer the first sessions of each exercise; ``sets`` stays that of all."""
        return self if self.days.shape[1] <= most else self._cut(np.zeros(len(self.names), np.int64), most)

    def _cut(self, first: NDArray[np.int64], most: int) -> "Sessions":
        at = np.minimum(first[:, None] + np.arange(most), self.days.shape[1] - 1)

        def cut(padded: NDArray[V]) -> NDArray[V]:
            return np.take_along_axis(padded, at, axis=1)

        return replace(
            self,
            days=cut(self.days),
            base=cut(self.base),
            fall=cut(self.fall),
            certain=cut(self.certain),
            variance=cut(self.variance),
            count=np.minimum(self.count, most),
            at_least=cut(self.at_least),
        )


def sessions_of(sets: Table, *, curve_known: bool = False) -> Sessions:
    """Answer the sessions of at least one set; a set counts in its session by how far it can be trusted. House rule.

    With ``curve_known`` only the reserve makes a set uncertain, not the curve. Slow sets beside others are left out.
    """
    begins, session = sets.by_session()
    of, on = sets.exercise[begins], sets.day[begins]
    quick = np.bincount(session, ~sets.slow) > 0
    if sets.slow.any():
        kept = ~sets.slow | ~quick[session]
        sets, session = sets.only(kept), session[kept]
    variance = sets.blur if curve_known else with_curve(sets.blur, sets.r)
    trust = np.bincount(session, 1 / variance)
    present, of = np.unique(of, return_inverse=True)
    count = np.bincount(of)
    column = np.arange(len(of)) - np.repeat(np.cumsum(count) - count, count)
    shape = (len(present), int(count.max()))

    def padded(values: Floats, empty: float = 0.0) -> Floats:
        found = np.full(shape, empty)
        found[of, column] = values
        return found

    def mean(values: Floats) -> Floats:
        return padded(np.bincount(session, values / variance) / trust)

    group = np.zeros(len(present))
    group[of[session]] = sets.group
    return Sessions(
        names=tuple(sets.exercises[n] for n in present),
        group=group,
        sets=np.bincount(of[session]).astype(np.float64),
        days=padded(on),
        base=mean(np.log(sets.kg) + TIRED_PER_SET * sets.place),
        fall=mean(sets.fall),
        certain=mean(log_factors(sets.reps + DEFAULT_RESERVE)),
        variance=padded(1 / trust + DAY_SD**2, 1.0),
        count=count.astype(np.float64),
        at_least=padded((~quick).astype(np.float64)) > 0,
    )
