"""Many building weeks in a row without a lighter one.

More than six; the fix eases the last of them off.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Fix, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedPhase
from upright_anvil.core.plan.document import WeekKind
from upright_anvil.core.plan.edits.weeks import ChangeWeek

MOST = 6


def _look(phase: StudiedPhase, _who: Standpoint) -> Iterator[Violation]:
    run = 0
    for week in phase.weeks:
        run = run + 1 if week.week.kind is WeekKind.BUILD and week.hard else 0
        if run > MOST:
            edit = ChangeWeek(phase=phase.phase.id, week=week.week.id, kind=WeekKind.EASE_OFF)
            yield Violation(
                f"Weeks {week.number - run + 1} to {week.number} all build, {run} in a row.",
                fix=Fix(f"Ease week {week.number} off", (edit,)),
            )
            run = 0


CHECK = Check(
    id="no-easing-off",
    level="phase",
    severity=Severity.QUESTION,
    title="No easing-off",
    why="An easier week now and then lets what was built come through.",
    source="House rule",
    look=_look,
)
