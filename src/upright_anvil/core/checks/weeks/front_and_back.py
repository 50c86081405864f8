"""Front and back of the legs far apart.

Squats and lunges against hinges, more than three to one, from six sets on.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedWeek
from upright_anvil.core.exercises import Pattern

LEAST = 6
RATIO = 3


def _look(week: StudiedWeek, _who: Standpoint) -> Iterator[Violation]:
    front = sum(sets for pattern, sets in week.patterns.items() if pattern in (Pattern.SQUAT, Pattern.LUNGE))
    back = week.patterns.get(Pattern.HINGE, 0)
    if front + back >= LEAST and (front > back * RATIO or back > front * RATIO):
        yield Violation(f"{front} sets squat and lunge, {back} hinge.")


CHECK = Check(
    id="front-and-back",
    level="week",
    severity=Severity.NOTE,
    title="Front and back far apart",
    why="Knees and hips share the work better when the back of the legs gets its part.",
    source="House rule",
    look=_look,
)
