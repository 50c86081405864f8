"""The filter behind strength over time: a level with a trend, all exercises side by side, session by session.

Between sessions the level drifts and the trend carries it on. Idle weeks give nothing: no trend is carried through
them, after two weeks the level falls, and it is known less well. A session far from what was expected is weighed down,
not thrown away; one of slow work can only raise the level. Sources: Kalman 1960; Harvey 1989, local linear trend; the
figures are house figures.
"""

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
    week's change), what is kept of what is not known of the trend, by how much each series falls, and what is not known
    any more (variances).
    """

    carried: Floats
    kept: Floats
    kept_doubt: Floats
    falls: Floats
    doubt: Floats
    turn: Floats


def gap(weeks: Floats, falls: Floats, *, trained: bool = True) -> Gap:
    """Answer what some weeks do, element by element; ``falls`` is how much of a loss each series takes (0 or 1).

    The weeks have an axis of series with one row, which the falls spread over.
    The trend carries the level on between sessions no further apart than 10 days; in a longer gap, and where the time
    is not ``trained``, it does not, and the level falls as `layoff.lost` says.
    """
    idle = np.maximum(weeks - IDLE_FROM, 0)
    gone = lost(weeks * DAYS_A_WEEK)
    kept = np.exp(-idle / TREND_FADES_IN)
    return Gap(
        carried=np.where(idle > 0, 0.0, weeks) if trained else np.zeros_like(weeks),
        kept=kept,
        kept_doubt=kept**2,
        falls=falls[:, None] * np.log1p(-gone),
        doubt=LEVEL_SD**2 * weeks + (LOSS_DOUBT * gone) ** 2,
        turn=TREND_SD**2 * weeks,
    )


class FilterState(NamedTuple):
    """Level and trend a week of each series and exercise, and what is not known of them (variances and between).

    What is not known is the same of all series: its axis of series has but one row. Of one moment, or of one moment
    after another (an axis before the others).
    """

    level: Floats
    trend: Floats
    p11: Floats
    p12: Floats
    p22: Floats

    def after(self, gap: Gap) -> "FilterState":
        """Answer the state after a gap."""
        carried, kept = gap.carried, gap.kept
        between = self.p12 + carried * self.p22
        return FilterState(
            self.level + carried * self.trend + gap.falls,
            kept * self.trend,
            self.p11 + carried * (self.p12 + between) + gap.doubt,
            kept * between,
            gap.kept_doubt * self.p22 + gap.turn,
        )


class Filtered(NamedTuple):
    """A filter that ran through the sessions of all exercises; every array is session by series by exercise.

    ``on`` says which exercises have so many sessions, ``off`` what was off, ``expected`` how far it may be (a
    variance), ``far`` how far the first series was off in standard deviations, squared; these but ``off`` are the same
    of all series. ``after`` are the states after each session.
    """

    on: NDArray[np.bool_]
    off: Floats
    expected: Floats
    far: Floats
    after: FilterState


def filtered(data: Sessions, series: Floats, start_trends: Floats, falls: Floats) -> Filtered:
    """Run the filter over series of the same sessions (series by exercise by session); the first says what is doubted.

    All series are weighed alike, so what holds of a sum of them holds of their parts. ``start_trends`` is the trend a
    week each begins with, ``falls`` which of them carry the strength that is lost in a gap (0 or 1).
    """
    # Session by series by exercise from here on: what belongs to one step lies together and has one shape.
    seen = np.ascontiguousarray(np.moveaxis(series, 2, 0))
    days, variances = (np.ascontiguousarray(of.T)[:, None] for of in (data.days, data.variance))
    at_least = np.ascontiguousarray(data.at_least.T)[:, None]
    there = np.arange(len(days))[:, None, None] < data.count
    weeks = np.where(there, np.diff(days, axis=0, prepend=days[:1]) / DAYS_A_WEEK, 0)
    slow = [bool(row.any()) for row in at_least]
    doubted_from, whole = variances / DOUBTED_FROM**2, np.ones_like(days[0])
    off, levels, trends = np.empty((3, *seen.shape))
    expected, far, *doubts = np.empty((5, *days.shape))
    ran = Filtered(there, off, expected, far, FilterState(levels, trends, *doubts))
    trend = np.repeat(start_trends[:, None], days.shape[2], axis=1)
    state = FilterState(seen[0], trend, whole * START_SD**2, whole * 0, whole * START_TREND_SD**2)
    gaps, states = map(Gap._make, zip(*gap(weeks, falls), strict=True)), zip(*ran.after, strict=True)
    for n, (passed, after) in enumerate(zip(gaps, states, strict=True)):
        level, trend, p11, p12, p22 = state.after(passed)
        state = FilterState(*after)
        on, this, variance = there[n], off[n], variances[n]
        np.subtract(seen[n], level, this)
        first = this[:1]
        squared = np.divide(first * first, p11 + variance, far[n])
        # A session further off than three deviations is weighed as if it were so much less sure.
        weighed = np.add(p11, np.maximum(variance, squared * doubted_from[n]) if n else variance, expected[n])
        if n and slow[n]:
            # Slow work below the level says nothing: it shows at least so much.
            on = on & ~(at_least[n] & np.less(first, 0))
        share = on / weighed
        k1, k2 = p11 * share, p12 * share
        kept = whole - k1
        np.add(level, k1 * this, state.level)
        np.add(trend, k2 * this, state.trend)
        np.multiply(kept, p11, state.p11)
        np.multiply(kept, p12, state.p12)
        np.subtract(p22, k2 * p12, state.p22)
    return ran
