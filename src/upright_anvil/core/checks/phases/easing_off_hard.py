"""An easing-off week that is as hard as the week before."""

from collections.abc import Iterator
from decimal import Decimal
from itertools import pairwise

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedPhase, StudiedWeek
from upright_anvil.core.loads.load import Load
from upright_anvil.core.plan.document import WeekKind
from upright_anvil.core.prescription.load_targets import as_weight

LEAST = 6


def _look(phase: StudiedPhase, _who: Standpoint) -> Iterator[Violation]:
    for before, after in pairwise(phase.weeks):
        if (
            after.week.kind is WeekKind.EASE_OFF
            and before.hard >= LEAST
            and after.hard >= before.hard
            and _loads(after) >= _loads(before)
        ):
            yield Violation(
                f"Week {after.number} eases off with {after.hard} hard sets, after {before.hard} the week before."
            )


def _loads(week: StudiedWeek) -> Decimal:
    """All plain loads added up, kg: a measure to compare two weeks by."""
    loads = (as_weight(a.prescription.load) for a in week.asked if a.prescription)
    return sum((load.kg for load in loads if isinstance(load, Load)), Decimal(0))


CHECK = Check(
    id="easing-off-hard",
    level="phase",
    severity=Severity.QUESTION,
    title="An easing-off that does not ease",
    why="A lighter week is lighter: fewer sets, less load, or more in reserve.",
    source="House rule",
    look=_look,
)
