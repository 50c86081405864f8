"""Work with restricted blood flow without its conditions.

It needs training of its own, 20 to 40 % of the maximum, and a client whose screen is clear (Patterson 2019).
The check looks for the words in the phase's method and the line's reason.
"""

from collections.abc import Iterator
from decimal import Decimal

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.loads.load import per_cent

WORDS = ("restricted flow", "blood flow", "flow restriction")
LEAST, MOST = Decimal("0.20"), Decimal("0.40")


def _look(asked: StudiedLine, day: StudiedDay, who: Standpoint) -> Iterator[Violation]:
    said = f"{day.phase.method} {asked.line.reason}".lower()
    if asked.prescription is None or not any(words in said for words in WORDS):
        return
    if who.clearance:
        yield Violation(
            f"{asked.exercise.name} with restricted blood flow, while the health screen still asks: {who.clearance}",
            line=asked.line.id,
        )
    elif asked.share is None or not LEAST <= asked.share <= MOST:
        known = (
            "the load's share of the max is not known"
            if asked.share is None
            else f"the load is {per_cent(asked.share)}"
        )
        yield Violation(
            f"{asked.exercise.name} with restricted blood flow: {known}; "
            f"{per_cent(LEAST)} to {per_cent(MOST)} is the published dose.",
            line=asked.line.id,
        )


CHECK = Check(
    id="restricted-flow",
    level="line",
    severity=Severity.CAUTION,
    title="Restricted blood flow",
    why="This method has its own dose and a list of who must not; without a clear screen and light loads it waits.",
    source="Patterson et al., Front Physiol 2019;10:533",
    look=_look,
)
