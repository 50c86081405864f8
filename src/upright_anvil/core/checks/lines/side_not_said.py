"""A one-sided exercise that does not say each side, or a two-sided one that does.

The slip halves or doubles the work. The fix writes each side, or takes it out.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.fixes import rewrite
from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.exercises import Pattern
from upright_anvil.core.loads.implements import ImplementKind


def _look(asked: StudiedLine, _day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    asks = asked.prescription
    if asks and asked.exercise.one_sided and not asks.each_side and asks.side is None:
        yield Violation(
            f"{asked.exercise.name} is done one side at a time, and the line does not say each side.",
            line=asked.line.id,
            fix=rewrite(asked, "Each side", each_side=True),
        )
    elif asks and (asks.each_side or asks.side is not None) and _both_at_once(asked):
        yield Violation(
            f"{asked.exercise.name} works both sides at once, and the line tells them apart.",
            line=asked.line.id,
            fix=rewrite(asked, "Both at once", each_side=False, side=None),
        )


def _both_at_once(asked: StudiedLine) -> bool:
    """Whether it cannot be done one side at a time: the one bar in both hands, or a squat on both legs."""
    exercise = asked.exercise
    bar = exercise.implement_at(asked.profile.inventory) is ImplementKind.BARBELL
    return not exercise.one_sided and (bar or exercise.pattern is Pattern.SQUAT)


CHECK = Check(
    id="side-not-said",
    level="line",
    severity=Severity.QUESTION,
    title="One side or each?",
    why="A one-sided move counts each side; without it nobody knows whether both are meant.",
    source="Rules, prescription",
    look=_look,
)
