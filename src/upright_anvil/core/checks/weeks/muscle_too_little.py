"""Fewer hard sets for a trained muscle than the band starts with.

By more than a tenth; only the big muscles the plan trains directly, in building weeks, where size is the goal.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedWeek
from upright_anvil.core.goals import GoalKind
from upright_anvil.core.plan.document import WeekKind
from upright_anvil.core.volume.bands import BIG_MUSCLES, BandPosition, band_sentence


def _look(week: StudiedWeek, who: Standpoint) -> Iterator[Violation]:
    if week.week.kind is not WeekKind.BUILD or not who.wants(GoalKind.SIZE, GoalKind.LAGGING):
        return
    direct = {muscle for a in week.asked if a.hard and a.compound for muscle in a.exercise.movers}
    trained = {muscle: week.muscles[muscle] for muscle in sorted(direct & set(BIG_MUSCLES))}
    below = {m: sets for m, sets in trained.items() if who.band.clearly(sets) is BandPosition.BELOW}
    if below:
        yield Violation(band_sentence(below, who.band))


CHECK = Check(
    id="muscle-too-little",
    level="week",
    severity=Severity.QUESTION,
    title="Too few sets for a muscle",
    why="Below the band a muscle is held, hardly grown.",
    source="House bands, from Pelland et al. 2025",
    look=_look,
)
