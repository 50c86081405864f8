"""Jumps and throws after grinding work.

Speed is trained fresh. A pair of strength then explosive is on purpose and left alone. The fix moves it to the front
of the main section.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Fix, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.exercises import ExerciseKind
from upright_anvil.core.plan.document import Pairing
from upright_anvil.core.plan.edits.lines import MoveGroup

EXPLOSIVE = frozenset({ExerciseKind.JUMP, ExerciseKind.THROW})


def _look(day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    ground = [a for a in day.asked if a.exercise.kind is ExerciseKind.LIFT and a.hard]
    for asked in day.asked:
        if asked.exercise.kind not in EXPLOSIVE or not asked.prescription or asked.group.pairing is Pairing.EXPLOSIVE:
            continue
        before = [
            a
            for a in ground
            if day.asked.index(a) < day.asked.index(asked) and set(a.exercise.movers) & set(asked.exercise.movers)
        ]
        if before:
            fix = _before(day, before[0], asked)
            yield Violation(
                f"{asked.exercise.name} comes after {before[0].exercise.name}, which tires the same muscles.",
                day=day.day.id,
                line=asked.line.id,
                fix=fix,
            )


def _before(day: StudiedDay, grinding: StudiedLine, explosive: StudiedLine) -> Fix | None:
    """The group moved to the front; none within one group, whose stations come round again whatever their order."""
    if grinding.group.id == explosive.group.id:
        return None
    first = day.day.groups.index(grinding.group)
    return Fix("Move it before", (MoveGroup(group=explosive.group.id, day=day.day.id, position=first),))


CHECK = Check(
    id="explosive-after-grinding",
    level="day",
    severity=Severity.QUESTION,
    title="Explosive after grinding",
    why="Tired muscles move slowly, and speed is what a jump or throw is for.",
    source="ACSM, MSSE 2009;41:687; house rule",
    look=_look,
)
