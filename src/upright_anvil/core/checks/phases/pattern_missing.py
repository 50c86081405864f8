"""A basic pattern nobody trains.

Squat or lunge, hinge, push and pull, over the phase's weeks, once there are enough sets to expect all.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedPhase
from upright_anvil.core.exercises import Pattern

LEAST = 10
BASICS = (
    ("squat or lunge", frozenset({Pattern.SQUAT, Pattern.LUNGE})),
    ("hinge", frozenset({Pattern.HINGE})),
    ("push", frozenset({Pattern.PUSH_HORIZONTAL, Pattern.PUSH_VERTICAL})),
    ("pull", frozenset({Pattern.PULL_HORIZONTAL, Pattern.PULL_VERTICAL})),
)


def _look(phase: StudiedPhase, _who: Standpoint) -> Iterator[Violation]:
    trained = {pattern for week in phase.weeks for pattern in week.patterns}
    if sum(week.hard for week in phase.weeks) < LEAST * len(phase.weeks):
        return
    for name, patterns in BASICS:
        if not trained & patterns:
            yield Violation(f"No {name} in this phase.")


CHECK = Check(
    id="pattern-missing",
    level="phase",
    severity=Severity.NOTE,
    title="A pattern that is missing",
    why="Legs bend and hinge, arms push and pull; a phase without one leaves it behind.",
    source="House rule",
    look=_look,
)
