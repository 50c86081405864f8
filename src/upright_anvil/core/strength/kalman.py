"""The filter behind strength over time: a level with a trend, all exercises side by side, session by session.

Between sessions the level drifts and the trend carries it on. Idle weeks give nothing: no trend is carried through
them, after two weeks the level falls, and it is known less well. A session far from what was expected is weighed down,
not thrown away; one of slow work can only raise the level. Sources: Kalman 1960; Harvey 1989, local linear trend; the
figures are house figures.
"""

from collections.abc import Iterator
from typing import Final, NamedTuple

import numpy as np
from numpy.typing import NDArray

from upright_anvil.core.strength.attempts import Floats
from upright_anvil.core.strength.layoff import LOSS_DOUBT, SHORT_GAP_DAYS, lost
from upright_anvil.core.strength.session_table import Sessions

LEVEL_SD: Final = 0.009
"""How much strength drifts in a week beyond its trend. House figure."""

TREND_SD: Final = 0.0015
"""How much the trend changes in a week. House figure."""

TREND_FADES_IN: Final = 10.0
"""Weeks in which the trend fades to a third where nothing is trained. House figure."""

IDLE_FROM: Final = SHORT_GAP_DAYS / 7
"""Weeks without the exercise from which on nothing is trained of it. House figure."""

START_SD: Final = 0.10
START_TREND, START_TREND_SD = 0.003, 0.006
"""What is thought before the second session: the level as seen, a small rise a week. House figures."""

DOUBTED_FROM: Final = 3.0
"""Standard deviations from which on a session is weighed down. House figure."""

DAYS_A_WEEK: Final = 7.0


class Gap(NamedTuple):
    """What the time between sessions does: how far the trend carries the level and what is kept of it (shares of a
    week's change), the logarithm of what is left of the level, and what is not known any more (variances).
    """

    carried: Floats
    kept: Floats
    left: Floats
    doubt: Floats
    turn: Floats


def gap(weeks: Floats, *, trained: bool = True) -> Gap:
    """Answer what some weeks do, element by element.

    The trend carries the level on between sessions no further apart than 10 days; in a longer gap, and where the time
    is not ``trained``, it does not, and the level falls as `layoff.lost` says.
    """
    idle = np.maximum(weeks - IDLE_FROM, 0)
    gone = lost(weeks * DAYS_A_WEEK)
    return Gap(
        carried=np.where(idle > 0, 0.0, weeks) if trained else np.zeros_like(weeks),
        kept=np.exp(-idle / TREND_FADES_IN),
        left=np.log1p(-gone),
        doubt=LEVEL_SD**2 * weeks + (LOSS_DOUBT * gone) ** 2,
        turn=TREND_SD**2 * weeks,
    )


class FilterState(NamedTuple):
    """Level and trend a week of each series and exercise, and what is not known of them (variances and between)."""

    level: Floats
    trend: Floats
    p11: Floats
    p12: Floats
    p22: Floats

    def after(self, gap: Gap, falls: Floats) -> "FilterState":
        """Answer the state after a gap; ``falls`` is how much of a loss each series takes (0 or 1)."""
        carried, kept = gap.carried, gap.kept
        between = self.p12 + carried * self.p22
        return FilterState(
            self.level + carried * self.trend + falls[:, None] * gap.left,
            kept * self.trend,
            self.p11 + carried * (self.p12 + between) + gap.doubt,
            kept * between,
            kept**2 * self.p22 + gap.turn,
        )


class FilterStep(NamedTuple):
    """One session of each exercise that has so many: what was off (by series), how far it may be, the state after.

    ``far`` is how far the first series was off in standard deviations, squared.
    """

    on: NDArray[np.bool_]
    off: Floats
    expected: Floats
    far: Floats
    state: FilterState


def steps(data: Sessions, series: Floats, start_trends: Floats, falls: Floats) -> Iterator[FilterStep]:
    """Run the filter over series of the same sessions (series by exercise by session); the first says what is doubted.

    All series are weighed alike, so what holds of a sum of them holds of their parts. ``start_trends`` is the trend a
    week each begins with, ``falls`` which of them carry the strength that is lost in a gap (0 or 1).
    """
    many, most = data.days.shape
    state = FilterState(
        series[:, :, 0].copy(),
        np.repeat(start_trends[:, None], many, axis=1),
        np.full(many, START_SD**2),
        np.zeros(many),
        np.full(many, START_TREND_SD**2),
    )
    # Session by exercise from here on: what belongs to one step lies together.
    there = np.arange(most)[:, None] < data.count
    apart = np.diff(data.days, axis=1, prepend=data.days[:, :1]).T / DAYS_A_WEEK
    seen, variances = np.ascontiguousarray(series.swapaxes(0, 1).T), np.ascontiguousarray(data.variance.T)
    at_least = np.ascontiguousarray(data.at_least.T)
    slow = [bool(row.any()) for row in at_least]
    for n, before in enumerate(map(Gap, *gap(np.where(there, apart, 0)))):
        on, variance = there[n], variances[n]
        state = state.after(before, falls)
        off = seen[n] - state.level
        expected = state.p11 + variance
        far = off[0] * off[0] / expected
        weighed = state.p11 + variance * np.maximum(far / DOUBTED_FROM**2, 1.0) if n else expected
        # Slow work below the level says nothing: it shows at least so much.
        heard = on & ~(at_least[n] & (off[0] < 0)) if n and slow[n] else on
        share = heard / weighed
        k1, k2 = state.p11 * share, state.p12 * share
        kept = 1 - k1
        state = FilterState(
            state.level + k1 * off,
            state.trend + k2 * off,
            kept * state.p11,
            kept * state.p12,
            state.p22 - k2 * state.p12,
        )
        yield FilterStep(on, off, weighed, far, state)
