"""Vigorous work while the health screen still asks for a clearance.

Vigorous is two or fewer in reserve, as many as possible, or 80 % and more. A program can be written; the floor reminds.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedLine, StudiedPhase
from upright_anvil.core.prescription.effort import is_vigorous


def _look(phase: StudiedPhase, who: Standpoint) -> Iterator[Violation]:
    screening = who.profile.screening
    if not who.clearance or (screening is not None and screening.outcome is None):
        return
    hard = first_vigorous(phase)
    if hard:
        yield Violation(f"{who.clearance} {hard.exercise.name} is planned as vigorous work.", line=hard.line.id)


def first_vigorous(phase: StudiedPhase) -> StudiedLine | None:
    """Answer the first line of a phase that is vigorous work; None where there is none."""
    return next((asked for week in phase.weeks for asked in week.asked if _vigorous(asked)), None)


def _vigorous(asked: StudiedLine) -> bool:
    return asked.prescription is not None and is_vigorous(asked.prescription, asked.share)


CHECK = Check(
    id="clearance-missing",
    level="phase",
    severity=Severity.CAUTION,
    title="Clearance is missing",
    why="The screen asks for a clinician's word before vigorous work; it is theirs to give, not ours.",
    source="Riebe et al., MSSE 2015;47:2473; local rules and the trainer's licence come first",
    look=_look,
)
