"""A set that shows far more or far less than the client's estimate is asked about: a slip of the pen, the other unit.

The same bounds as in `doubted`, so that what the floor asks about is what the estimate leaves out. House rule.
"""

from collections.abc import Sequence
from decimal import Decimal
from math import exp, log, sqrt
from typing import Final

import numpy as np

from upright_anvil.core.constants import KG_PER_LB, MAX_ESTIMATE_REPS
from upright_anvil.core.loads.load import per_cent
from upright_anvil.core.strength.attempts import TIRED_PER_SET, Attempt, log_factors, variances
from upright_anvil.core.strength.doubted import ERRORS, LEAST_ABOVE, LEAST_BELOW, NEEDED_BELOW
from upright_anvil.core.strength.estimate import reps_to_failure
from upright_anvil.core.strength.session_table import DAY_SD
from upright_anvil.core.strength.standing import Strength

NEAR_UNIT: Final = 0.15


def doubt(done: Attempt, strength: Strength | None, others: Sequence[Attempt] = ()) -> str:
    """Answer what to ask about a set; empty where it is plausible, confirmed, or nothing is known to hold it against.

    ``strength`` is the estimate before it; without one ``others`` are the other sets of that day, of which the lower
    middle one counts. A set that would be plausible in the other unit says so. House rule.
    """
    shows = _shown(done)
    if shows is None or done.confirmed:
        return ""
    level, error, sessions = _level(strength, others)
    if level is None:
        return ""
    r = np.asarray([float(reps_to_failure(done.reps, done.reserve))])
    reserve = np.asarray([np.nan if done.reserve is None else float(done.reserve)])
    allowed = ERRORS * sqrt(float(variances(r, reserve)[0]) + 2 * DAY_SD**2 + error**2)
    off = shows - level
    if off > max(allowed, LEAST_ABOVE):
        more = f"{per_cent(Decimal(repr(round(exp(off) - 1, 2))))} more strength than the other sets"
        return f"That shows {more}. Is it right?{_other_unit(off, float(KG_PER_LB), 'pounds')}"
    if -off > max(allowed, LEAST_BELOW) and sessions >= NEEDED_BELOW and not done.slow:
        less = f"{per_cent(Decimal(repr(round(1 - exp(off), 2))))} less strength than the other sets"
        return f"That shows {less}. Is it right?{_other_unit(off, 1 / float(KG_PER_LB), 'kilograms')}"
    return ""


def _other_unit(off: float, factor: float, unit: str) -> str:
    return f" Were those {unit}?" if abs(exp(off) * factor - 1) <= NEAR_UNIT else ""


def _shown(done: Attempt) -> float | None:
    r = reps_to_failure(done.reps, done.reserve)
    if done.kg <= 0 or done.reps <= 0 or r > MAX_ESTIMATE_REPS:
        return None
    return log(done.kg) + float(log_factors(np.asarray([float(r)]))[0]) + TIRED_PER_SET * done.place


def _level(strength: Strength | None, others: Sequence[Attempt]) -> tuple[float | None, float, int]:
    """What the set is held against, its error, and the sessions behind it."""
    if strength is not None:
        return log(strength.kg), strength.error, strength.sessions
    shown = sorted(value for other in others if (value := _shown(other)) is not None)
    return (shown[(len(shown) - 1) // 2], 0.0, 0) if shown else (None, 0.0, 0)
