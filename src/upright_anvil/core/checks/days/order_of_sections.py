"""Sections out of their usual order.

Warm-up first, cool-down last. The fix moves the group.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Fix, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay
from upright_anvil.core.plan.document import Section
from upright_anvil.core.plan.edits.lines import MoveGroup


def _look(day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    sections = [group.section for group in day.day.groups]
    for n, group in enumerate(day.day.groups):
        if group.section is Section.WARM_UP and any(s is not Section.WARM_UP for s in sections[:n]):
            yield Violation(
                f"{day.day.name}: warm-up comes after other work.",
                day=day.day.id,
                line=group.lines[0].id,
                fix=Fix("Move it to the front", (MoveGroup(group=group.id, day=day.day.id, position=0),)),
            )
        if group.section is Section.COOL_DOWN and any(s is not Section.COOL_DOWN for s in sections[n + 1 :]):
            yield Violation(
                f"{day.day.name}: cool-down comes before other work.",
                day=day.day.id,
                line=group.lines[0].id,
                fix=Fix("Move it to the end", (MoveGroup(group=group.id, day=day.day.id, position=len(sections) - 1),)),
            )


CHECK = Check(
    id="order-of-sections",
    level="day",
    severity=Severity.QUESTION,
    title="Out of order",
    why="A warm-up in the middle and stretches before the lifts serve neither.",
    source="House rule",
    look=_look,
)
