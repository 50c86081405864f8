"""A variant that loads a joint in trouble.

A joint that hurts or is to be spared, and an exercise that asks something of it. The fix takes the best substitute
that leaves it alone.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.health.cautions import CautionGrade, joint_cautions


def _look(asked: StudiedLine, _day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    if not asked.prescription:
        return
    pressing = [c for c in joint_cautions(asked.exercise, asked.profile.standing) if c.grade is not CautionGrade.NOTE]
    for caution in pressing[:1]:
        yield Violation(f"{asked.exercise.name}: {caution.text}", line=asked.line.id, swap=True)


CHECK = Check(
    id="joint-in-trouble",
    level="line",
    severity=Severity.CAUTION,
    title="A joint in trouble",
    why="A joint that complains is loaded by this variant; another trains the same.",
    source="House rule; the client's history and a clinician's word come first",
    look=_look,
)
