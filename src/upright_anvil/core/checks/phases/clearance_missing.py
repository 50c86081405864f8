"""Vigorous work while the health screen still asks for a clearance.

Vigorous is two or fewer in reserve, as many as possible, or 80 % and more. A program can be written; the floor reminds.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedPhase


def _look(phase: StudiedPhase, who: Standpoint) -> Iterator[Violation]:
    screening = who.profile.screening
    if not who.clearance or (screening is not None and screening.outcome is None):
        return
    hard = phase.first_vigorous
    if hard:
        yield Violation(f"{who.clearance} {hard.exercise.name} is planned as vigorous work.", line=hard.line.id)


CHECK = Check(
    id="clearance-missing",
    level="phase",
    severity=Severity.CAUTION,
    title="Clearance is missing",
    why="The screen asks for a clinician's word before vigorous work; it is theirs to give, not ours.",
    source="Riebe et al., MSSE 2015;47:2473; local rules and the trainer's licence come first",
    look=_look,
)
