"""Push and pull far apart.

More than half as many again of one, from eight sets on.
"""

from collections.abc import Iterator
from decimal import Decimal

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedWeek
from upright_anvil.core.exercises import Pattern

PUSH = frozenset({Pattern.PUSH_HORIZONTAL, Pattern.PUSH_VERTICAL})
PULL = frozenset({Pattern.PULL_HORIZONTAL, Pattern.PULL_VERTICAL})
LEAST = 8
RATIO = Decimal("1.5")


def _look(week: StudiedWeek, _who: Standpoint) -> Iterator[Violation]:
    push = sum(sets for pattern, sets in week.patterns.items() if pattern in PUSH)
    pull = sum(sets for pattern, sets in week.patterns.items() if pattern in PULL)
    if push + pull >= LEAST and (push > pull * RATIO or pull > push * RATIO):
        yield Violation(f"{push} sets push, {pull} pull.")


CHECK = Check(
    id="push-and-pull",
    level="week",
    severity=Severity.QUESTION,
    title="Push and pull far apart",
    why="Shoulders stay happier with about as much pull as push; rather more pull.",
    source="House rule",
    look=_look,
)
