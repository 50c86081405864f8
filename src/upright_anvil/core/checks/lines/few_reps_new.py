"""Very heavy work in the first months.

One to three repetitions with a load are for those who move well under it.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.prescription.load_targets import BodyweightLoad
from upright_anvil.core.prescription.targets import Reps

FEW = 3


def _look(asked: StudiedLine, _day: StudiedDay, who: Standpoint) -> Iterator[Violation]:
    asks = asked.prescription
    if asks is None or not who.is_new or not asked.is_main or asks.ramp or not isinstance(asks.target, Reps):
        return
    if asks.target.high <= FEW and not isinstance(asks.load, BodyweightLoad | None):
        yield Violation(f"{asked.exercise.name}: {asks.target} reps in the client's first months.", line=asked.line.id)


CHECK = Check(
    id="few-reps-new",
    level="line",
    severity=Severity.CAUTION,
    title="Very low repetitions in the first months",
    why="Heavy doubles and singles ask for a technique that is still being learnt.",
    source="ACSM, MSSE 2009;41:687 (8-12 for beginners)",
    look=_look,
)
