"""A jump in hard sets from one week to the next.

More than 30 % and at least four sets more than the week before, easing-off weeks aside.
"""

from collections.abc import Iterator
from decimal import Decimal
from itertools import pairwise

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedPhase
from upright_anvil.core.plan.document import WeekKind

JUMP = Decimal("1.3")
LEAST = 4


def _look(phase: StudiedPhase, _who: Standpoint) -> Iterator[Violation]:
    weeks = [
        week
        for week in ((phase.before,) if phase.before else ()) + phase.weeks
        if week.week.kind is not WeekKind.EASE_OFF
    ]
    for before, after in pairwise(weeks):
        rise = after.hard - before.hard
        if before.hard and rise >= LEAST and after.hard > before.hard * JUMP and after.phase is phase.phase:
            yield Violation(f"Week {after.number} has {after.hard} hard sets after {before.hard} the week before.")


CHECK = Check(
    id="week-jump",
    level="phase",
    severity=Severity.QUESTION,
    title="A jump in volume",
    why="Volume that climbs in steps is recovered from; a jump is felt in tendons first.",
    source="House rule",
    look=_look,
)
