"""Vigorous work while the health screen still asks for a clearance.

Vigorous is two or fewer in reserve, as many as possible, or 80 % and more. A program can be written; the floor reminds.
"""

from collections.abc import Iterator
from decimal import Decimal

from upright_anvil.core.checks.model import Check, Hit, Severity
from upright_anvil.core.checks.study import Asked, Standpoint, StudiedPhase
from upright_anvil.core.prescription.targets import Most

LEFT = 2
HEAVY = Decimal("0.80")


def _look(phase: StudiedPhase, who: Standpoint) -> Iterator[Hit]:
    if not who.clearance:
        return
    hard = next((a for week in phase.weeks for a in week.asked if _vigorous(a)), None)
    if hard:
        yield Hit(f"{who.clearance} {hard.exercise.name} is planned as vigorous work.", line=hard.line.id)


def _vigorous(asked: Asked) -> bool:
    asks = asked.prescription
    if asks is None or asks.ramp:
        return False
    close = asks.left is not None and asks.left <= LEFT
    return (
        close
        or any(isinstance(p.target, Most) for p in asks.plans)
        or (asked.share is not None and asked.share >= HEAVY)
    )


CHECK = Check(
    id="clearance-missing",
    level="phase",
    severity=Severity.CAUTION,
    title="Clearance is missing",
    why="The screen asks for a clinician's word before vigorous work; it is theirs to give, not ours.",
    source="Riebe et al., MSSE 2015;47:2473; local rules and the trainer's licence come first",
    look=_look,
)
