"""A load the client is not expected to lift that often.

The estimate says how many repetitions the load allows; asked are more, reserve included.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.fixes import rewrite
from upright_anvil.core.checks.model import Check, Fix, Hit, Severity
from upright_anvil.core.checks.study import Asked, Standpoint, StudiedDay
from upright_anvil.core.constants import MAX_ESTIMATE_REPS
from upright_anvil.core.loads.load import Load, per_cent
from upright_anvil.core.plan.resolving import suggested
from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.strength.estimate import share_of_max

MARGIN = 1.03
"""How far past the estimate a load may go before it is asked about: the estimate's own error. House rule."""


def _look(asked: Asked, _day: StudiedDay, _who: Standpoint) -> Iterator[Hit]:
    asks = asked.prescription
    if asks is None or asked.share is None or not isinstance(asks.target, Reps):
        return
    needed = asks.target.low + (asks.left or 0)
    if needed <= MAX_ESTIMATE_REPS and float(asked.share) > share_of_max(needed) * MARGIN:
        most = next((r for r in range(needed, 0, -1) if float(asked.share) <= share_of_max(r)), 0)
        yield Hit(
            f"{asked.exercise.name}: {per_cent(asked.share)} of the estimated max allows about {most} reps "
            f"to failure; {needed} are asked, reserve included.",
            line=asked.line.id,
            fix=_lighter(asked),
        )


def _lighter(asked: Asked) -> Fix | None:
    asks = asked.prescription
    if asks is None or not isinstance(asks.load, Load) or asks.scheme or not isinstance(asks.target, Reps):
        return None
    load = suggested(asked.exercise, asked.setting, asks.target.high, asks.left or 0)
    return rewrite(asked, f"Take {load}", load=load) if load else None


CHECK = Check(
    id="too-heavy",
    level="line",
    severity=Severity.CAUTION,
    title="Heavier than the estimate",
    why="By the client's own sets this many repetitions are not there at this load.",
    source="House estimate (Epley 1985; Brzycki 1993)",
    look=_look,
)
