"""So much in reserve that the set does not count as hard.

More than four repetitions left in the main section of a building week.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.fixes import rewrite
from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.plan.document import WeekKind
from upright_anvil.core.volume.hard_sets import MOST_RESERVE


def _look(asked: StudiedLine, _day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    left = asked.prescription.left if asked.prescription else None
    easy_week = asked.week.kind is WeekKind.EASE_OFF or (asked.prescription is not None and asked.prescription.ramp)
    if left is not None and left > MOST_RESERVE and asked.is_main and not easy_week:
        fix = rewrite(asked, "Leave 3", reserve=3, rpe=None)
        yield Violation(
            f"{asked.exercise.name}: {left} reps left; up to {MOST_RESERVE} count as hard.", line=asked.line.id, fix=fix
        )


CHECK = Check(
    id="too-easy",
    level="line",
    severity=Severity.NOTE,
    title="Too easy to count",
    why="With more than four left a set adds practice, hardly strength or size.",
    source="Zourdos et al., JSCR 2016;30:267; house rule",
    look=_look,
)
