"""A rest shorter than the goal wants.

Strength: 2 min and more between heavy sets of several joints (Grgic 2018). Size: 1 min and more (Schoenfeld 2016).
Inside pairs and circuits the round's own rest counts, so they are left alone. The fix writes the published minimum.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.fixes import rewrite
from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.goals import GoalKind
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.prescription.text.shorthand import write_time

STRENGTH = 120
SIZE = 60
NEARLY = 0.75
"""Of the least rest; what comes that near is not asked about. House rule."""


def least_rest(goal: GoalKind) -> int:
    """Answer the published least rest between sets of main lifts for a goal, seconds; 0 where none is."""
    return {GoalKind.STRENGTH: STRENGTH, GoalKind.SIZE: SIZE, GoalKind.LAGGING: SIZE}.get(goal, 0)


def _look(asked: StudiedLine, _day: StudiedDay, who: Standpoint) -> Iterator[Violation]:
    asks = asked.prescription
    if (
        asks is None
        or asks.rest is None
        or not asked.is_main
        or not asked.compound
        or asked.group.kind is not GroupKind.SINGLE
    ):
        return
    least = least_rest(who.goal) if who.goes_heavy or not who.wants(GoalKind.STRENGTH) else 0
    if len(asks.plans) > 1 and not asks.ramp and asks.rest < least * NEARLY:
        fix = rewrite(asked, f"Rest {write_time(least)}", rest=least)
        yield Violation(
            f"{asked.exercise.name}: {write_time(asks.rest)} rest; {write_time(least)} and more for {who.goal}.",
            line=asked.line.id,
            fix=fix,
        )


CHECK = Check(
    id="rest-too-short",
    level="line",
    severity=Severity.QUESTION,
    title="Rest too short",
    why="Short rests cost repetitions and load in the next set; keep them where that is the point.",
    source="Grgic et al., Sports Med 2018;48:137; Schoenfeld et al., JSCR 2016;30:1805",
    look=_look,
)
