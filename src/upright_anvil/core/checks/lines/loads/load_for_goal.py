"""A main lift too light for maximal strength.

Trained people gain maximal strength from loads of 70 % and more (ACSM 2009: 80 to 100 % for the advanced, 60 to 70 %
for beginners). Only where the load's share of the estimated maximum is known; within a tenth nothing is asked.
"""

from collections.abc import Iterator
from decimal import Decimal

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.goals import GoalKind
from upright_anvil.core.loads.load import per_cent
from upright_anvil.core.plan.document import WeekKind
from upright_anvil.core.volume.bands import SOFT_EDGE

BEGINNING = Decimal("0.60")
TRAINED = Decimal("0.70")


def _look(asked: StudiedLine, _day: StudiedDay, who: Standpoint) -> Iterator[Violation]:
    if not who.wants(GoalKind.STRENGTH) or not asked.is_main or not asked.compound or asked.prescription is None:
        return
    least = BEGINNING if who.is_new else TRAINED
    light = asked.week.kind is WeekKind.EASE_OFF or asked.prescription.ramp
    if asked.share is not None and asked.share < least * (1 - SOFT_EDGE) and not light:
        yield Violation(
            f"{asked.exercise.name}: {per_cent(asked.share)} of the estimated max; "
            f"{per_cent(least)} and more builds strength.",
            line=asked.line.id,
        )


CHECK = Check(
    id="load-for-goal",
    level="line",
    severity=Severity.QUESTION,
    title="Load for the goal",
    why="Maximal strength follows heavy loads; lighter ones train something else.",
    source="ACSM, MSSE 2009;41:687",
    look=_look,
)
