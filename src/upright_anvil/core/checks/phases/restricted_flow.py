"""Work with restricted blood flow: asked about once a phase, whatever word was typed for it.

It needs training of its own, a client who was asked, and 20 to 40 % of the maximum (Patterson 2019). The word belongs
to those licensed for it; nothing here clears anybody.
"""

from collections.abc import Iterator
from decimal import Decimal

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedLine, StudiedPhase
from upright_anvil.core.health.history import Condition, State
from upright_anvil.core.loads.load import per_cent
from upright_anvil.core.plan.read_out.restricted import restriction

LEAST, MOST = Decimal("0.20"), Decimal("0.40")
ASKED_ABOUT = (
    Condition.HEART, Condition.BLOOD_PRESSURE, Condition.PREGNANCY, Condition.AFTER_BIRTH, Condition.SURGERY,
    Condition.MEDICATION,
)  # fmt: skip


def _look(phase: StudiedPhase, who: Standpoint) -> Iterator[Violation]:
    found: dict[str, StudiedLine] = {}
    for week in phase.weeks:
        for asked in week.asked:
            if asked.text and restriction(phase.phase, asked.group, asked.line, asked.prescription) is not None:
                found.setdefault(asked.exercise.name, asked)
    if not found:
        return
    said = [
        f"{', '.join(found)} with restricted blood flow: are you trained in it, is the screen clear, and was it asked "
        "about clots, heart, blood pressure, pregnancy and recent surgery? Those licensed for it say who may."
    ]
    if who.clearance:
        said.append(f"The health screen still asks: {who.clearance}")
    standing = [
        status.name for status in who.profile.standing if status.topic in ASKED_ABOUT and status.state is not State.OVER
    ]
    if standing:
        said.append(f"The file names {', '.join(dict.fromkeys(standing))}: their clinician's word comes first.")
    said += [words for asked in found.values() if (words := _dose(asked))]
    yield Violation(" ".join(said))


def _dose(asked: StudiedLine) -> str:
    """What the load's share of the maximum is, where it is known and not the published one."""
    share = asked.share
    if share is None or LEAST <= share <= MOST:
        return ""
    return f"{asked.exercise.name} is {per_cent(share)} of the max; {per_cent(LEAST)} to {per_cent(MOST)} is published."


CHECK = Check(
    id="restricted-flow",
    level="phase",
    severity=Severity.CAUTION,
    title="Restricted blood flow",
    why="This method has its own training, its own dose and a list of who must not; until that is settled it waits.",
    source="Patterson et al., Front Physiol 2019;10:533; local rules and the trainer's licence come first",
    look=_look,
)
