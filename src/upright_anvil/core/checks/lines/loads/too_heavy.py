"""A load the client is not expected to lift that often.

The estimate says how many repetitions the load allows; asked are more, reserve included.
"""

from collections.abc import Iterator
from math import exp, hypot

from upright_anvil.core.checks.fixes import rewrite
from upright_anvil.core.checks.model import Check, Fix, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.constants import MAX_ESTIMATE_REPS
from upright_anvil.core.loads.load import Load, per_cent
from upright_anvil.core.plan.read_out.resolving import suggested
from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.strength.attempts import CURVE_SD, CURVE_SD_PER_REP
from upright_anvil.core.strength.estimate import share_of_max

UNKNOWN_ERROR = 0.02
"""The error of a maximum that nobody gave one (logarithm). House figure."""


def _margin(asked: StudiedLine, reps: int) -> float:
    """How far past the estimate a load may go: one standard error of the estimate and of the curve at so many reps."""
    known = asked.profile.known.strengths.get(asked.exercise.id)
    return exp(hypot(known.error if known else UNKNOWN_ERROR, CURVE_SD + CURVE_SD_PER_REP * reps))


def _look(asked: StudiedLine, _day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    asks = asked.prescription
    if asks is None or asked.share is None or not isinstance(asks.target, Reps):
        return
    needed = asks.target.low + (asks.left or 0)
    if needed <= MAX_ESTIMATE_REPS and float(asked.share) > share_of_max(needed) * _margin(asked, needed):
        most = next((r for r in range(needed, 0, -1) if float(asked.share) <= share_of_max(r)), 0)
        yield Violation(
            f"{asked.exercise.name}: {per_cent(asked.share)} of the estimated max allows about {most} reps "
            f"to failure; {needed} are asked, reserve included.",
            line=asked.line.id,
            fix=_lighter(asked),
        )


def _lighter(asked: StudiedLine) -> Fix | None:
    asks = asked.prescription
    if asks is None or not isinstance(asks.load, Load) or asks.scheme or not isinstance(asks.target, Reps):
        return None
    load = suggested(asked.exercise, asked.profile, asks.target.high, asks.left or 0)
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
