"""A load above 95 % of the estimated maximum.

Near-maximal singles are for the experienced, warmed up and spotted.
"""

from collections.abc import Iterator
from decimal import Decimal

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.loads.load import per_cent

LIMIT = Decimal("0.95")


def _look(asked: StudiedLine, _day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    if asked.prescription and asked.share is not None and asked.share > LIMIT:
        yield Violation(f"{asked.exercise.name}: {per_cent(asked.share)} of the estimated max.", line=asked.line.id)


CHECK = Check(
    id="near-max",
    level="line",
    severity=Severity.CAUTION,
    title="Close to the maximum",
    why="Above 95 % there is no room for a bad day; testing a max is the trainer's own decision.",
    source="House rule",
    look=_look,
)
