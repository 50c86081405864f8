"""Strength work after a fatiguing trunk block or finisher.

The trunk braces every heavy lift. The fix moves the block to the end.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Fix, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay
from upright_anvil.core.plan.document import Section
from upright_anvil.core.plan.edits.lines import MoveGroup

TIRING = frozenset({Section.TRUNK, Section.FINISHER, Section.CARDIO})
LEAST_SETS = 2


def _look(day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    for n, tiring in enumerate(day.asked):
        if tiring.group.section not in TIRING or tiring.hard < LEAST_SETS:
            continue
        later = next((a for a in day.asked[n + 1 :] if a.is_main and a.hard and a.compound), None)
        if later:
            move = MoveGroup(group=tiring.group.id, day=day.day.id, position=len(day.day.groups) - 1)
            fix = Fix(f"Move {tiring.exercise.name} to the end", (move,))
            yield Violation(
                f"{tiring.exercise.name} ({tiring.hard} hard sets) comes before {later.exercise.name}.",
                day=day.day.id,
                line=tiring.line.id,
                fix=fix,
            )


CHECK = Check(
    id="tired-before-strength",
    level="day",
    severity=Severity.QUESTION,
    title="Tiring work before the lifts",
    why="Main lifts want a fresh trunk and fresh legs; tiring work goes after them.",
    source="ACSM, MSSE 2009;41:687; house rule",
    look=_look,
)
