"""Repetitions outside the usual band for the goal.

Size grows from about 5 to 35 repetitions taken near failure; strength needs heavy work, 1 to 8, where it is open to
the client. Elsewhere 4 to 30, for the trunk and as a finisher up to 50. Outside it asks for a reason, never forbids.
Holds, jumps, carries and preparation are left alone.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.exercises import ExerciseKind
from upright_anvil.core.goals import GoalKind
from upright_anvil.core.plan.document import Section
from upright_anvil.core.prescription.targets import Reps

SIZE = (5, 35)
STRENGTH_MAIN = (1, 8)
SPARE = 2
"""Repetitions beyond the band that are not asked about yet. House rule."""

GENERAL = (4, 30)
ANYWHERE = (1, 50)
"""Repetitions of trunk work and finishers; beyond that it is asked what they are for."""


def _look(asked: StudiedLine, _day: StudiedDay, who: Standpoint) -> Iterator[Violation]:
    if not asked.prescription or asked.prescription.ramp or asked.exercise.kind is not ExerciseKind.LIFT:
        return
    if asked.group.preparing:
        return
    low, high = _band(asked, who)
    reps = [
        r
        for plan in asked.prescription.plans
        if isinstance(plan.target, Reps)
        for r in (plan.target.low, plan.target.high)
    ]
    if reps and (min(reps) > high + SPARE or max(reps) < low):
        said = f"{min(reps)}-{max(reps)}" if min(reps) != max(reps) else str(reps[0])
        yield Violation(
            f"{asked.exercise.name}: {said} reps; for {who.goal or 'training in general'} {low} to {high} are usual.",
            line=asked.line.id,
        )


def _band(asked: StudiedLine, who: Standpoint) -> tuple[int, int]:
    if asked.group.section not in (Section.MAIN, Section.ACCESSORY):
        return ANYWHERE
    if who.wants(GoalKind.SIZE, GoalKind.LAGGING):
        return SIZE
    if who.wants(GoalKind.STRENGTH) and who.goes_heavy and asked.is_main and asked.compound:
        return STRENGTH_MAIN
    return GENERAL


CHECK = Check(
    id="reps-for-goal",
    level="line",
    severity=Severity.QUESTION,
    title="Repetitions for the goal",
    why="Outside the band the set serves another purpose than the goal; a reason is worth keeping.",
    source="Schoenfeld et al., JSCR 2017;31:3508; ACSM, MSSE 2009;41:687",
    look=_look,
)
