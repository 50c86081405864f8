"""A load that climbs more than a tenth in one week.

The same line, the same or more repetitions. Published steps are 2 to 10 % (ACSM 2009).
"""

from collections.abc import Iterator
from decimal import Decimal
from itertools import pairwise

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedLine, StudiedPhase
from upright_anvil.core.constants import STEP_CAP
from upright_anvil.core.loads.load import Load, per_cent
from upright_anvil.core.plan.document import WeekKind
from upright_anvil.core.prescription.load_targets import as_weight


def _look(phase: StudiedPhase, _who: Standpoint) -> Iterator[Violation]:
    for before, after in pairwise(phase.weeks):
        earlier = {a.line.id: a for a in before.asked}
        for now in after.asked:
            then = earlier.get(now.line.id)
            if then is None or then.exercise is not now.exercise or before.week.kind is WeekKind.EASE_OFF:
                continue
            rise = _rise(then, now)
            if rise is not None and rise > STEP_CAP:
                yield Violation(
                    f"{now.exercise.name} goes up by {per_cent(rise)} in week {after.number}.", line=now.line.id
                )


def _rise(then: StudiedLine, now: StudiedLine) -> Decimal | None:
    a, b = then.prescription, now.prescription
    if a is None or b is None or b.amount < a.amount:
        return None
    before, after = as_weight(a.load), as_weight(b.load)
    if not isinstance(before, Load) or not isinstance(after, Load):
        return None
    kind = now.exercise.implement_at(now.profile.inventory)
    step = now.profile.inventory.step_up(kind, before) if kind else None
    if step is not None and after.kg <= step.to.load.kg:
        return None
    return before.step_to(after)


CHECK = Check(
    id="load-jump",
    level="phase",
    severity=Severity.QUESTION,
    title="A jump in load",
    why="Steps of 2 to 10 % are earned week by week; a bigger one is bridged with repetitions first.",
    source="ACSM, MSSE 2009;41:687",
    look=_look,
)
