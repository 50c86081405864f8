"""A tempo that makes one set absurdly long.

Beyond two minutes a set of repetitions trains patience. Example: 15 repetitions at 5-2-3-2 take 3 min.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.prescription.targets import reps_of

LONGEST = 120


def _look(asked: StudiedLine, _day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    asks = asked.prescription
    if asks is None or reps_of(asks.target) is None or asks.tempo is None:
        return
    one_side = (reps_of(asks.target) or 0) * asks.tempo.rep_seconds
    if one_side > LONGEST:
        yield Violation(f"{asked.exercise.name}: one set takes {one_side} s at tempo {asks.tempo}.", line=asked.line.id)


CHECK = Check(
    id="set-too-long",
    level="line",
    severity=Severity.QUESTION,
    title="A set that takes too long",
    why="Beyond two minutes under load the set stops being the lift it was.",
    source="House rule",
    look=_look,
)
