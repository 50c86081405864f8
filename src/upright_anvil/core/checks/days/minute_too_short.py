"""A station that takes longer than the time it owns, on the minute.

Example: 12 squats each side at a slow tempo, with a start every 60 s.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.prescription.schemes import EveryStart
from upright_anvil.core.timing.estimate import set_seconds
from upright_anvil.core.timing.groups import every


def _look(day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    owned = {
        line.id: every(group)
        for group in day.day.groups
        for line in group.lines
        if group.kind is GroupKind.ON_THE_MINUTE and len(group.lines) > 1
    }
    for asked in day.asked:
        if not asked.prescription:
            continue
        scheme = asked.prescription.scheme
        time = scheme.seconds if isinstance(scheme, EveryStart) else owned.get(asked.line.id)
        needs = set_seconds(asked.prescription, asked.exercise)
        if time is not None and needs >= time:
            yield Violation(
                f"{asked.exercise.name} takes about {needs} s, and a start comes every {time} s.",
                day=day.day.id,
                line=asked.line.id,
            )


CHECK = Check(
    id="minute-too-short",
    level="day",
    severity=Severity.CAUTION,
    title="A start before the work is done",
    why="Without rest left in it the clock runs away from the client, and form goes first.",
    source="House rule",
    look=_look,
)
