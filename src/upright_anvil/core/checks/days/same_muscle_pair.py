"""A pair for the same muscle without that purpose.

It saves time and costs the second lift much of its load. Said on purpose (same muscle) it is fine. The fix parts it.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Fix, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay
from upright_anvil.core.plan.document import Pairing
from upright_anvil.core.plan.edits.groups import Ungroup
from upright_anvil.core.prescription.groups import GroupKind

PAIR = 2


def _look(day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    for group in day.day.groups:
        inside = [a for a in day.asked if a.group is group and a.hard]
        if group.kind is not GroupKind.PAIR or group.pairing is Pairing.SAME or len(inside) < PAIR:
            continue
        shared = sorted(set(inside[0].exercise.movers) & set(inside[1].exercise.movers))
        if shared:
            fix = Fix("Part the pair", (Ungroup(group=group.id),))
            names = f"{inside[0].exercise.name} and {inside[1].exercise.name}"
            yield Violation(f"{names} both train {', '.join(shared)}.", day=day.day.id, line=inside[0].line.id, fix=fix)


CHECK = Check(
    id="same-muscle-pair",
    level="day",
    severity=Severity.QUESTION,
    title="Same-muscle pair",
    why="The second of two lifts for one muscle loses load and repetitions; pair opposites, or say that it is meant.",
    source="Robbins et al., JSCR 2010;24:2873",
    look=_look,
)
