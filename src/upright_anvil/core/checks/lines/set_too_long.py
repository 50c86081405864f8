"""A set that is absurdly long, by its tempo or as a hold.

Beyond two minutes a set trains patience. Example: 15 repetitions at 5-2-3-2 take 3 min; a plank of 10 min.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.exercises import ExerciseKind
from upright_anvil.core.prescription.targets import Seconds, reps_of

LONGEST = 120


def _look(asked: StudiedLine, _day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    asks = asked.prescription
    held = asks.target if asks is not None and asked.exercise.kind is ExerciseKind.HOLD else None
    if isinstance(held, Seconds) and held.seconds > LONGEST:
        yield Violation(f"{asked.exercise.name}: one hold takes {held.seconds} s.", line=asked.line.id)
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
