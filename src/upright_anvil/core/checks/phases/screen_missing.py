"""A program for a client whose health screen was never asked."""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedPhase


def _look(phase: StudiedPhase, who: Standpoint) -> Iterator[Violation]:
    screening = who.profile.screening
    if screening is None or screening.outcome is not None:
        return
    if not any(week.asked for week in phase.weeks):
        return
    said = "The health screen was not asked yet: ask its questions before the first session."
    hard = phase.first_vigorous
    if hard is None:
        yield Violation(said)
    else:
        yield Violation(
            f"{said} Until then light to moderate; {hard.exercise.name} is planned as vigorous work.", line=hard.line.id
        )


CHECK = Check(
    id="screen-missing",
    level="phase",
    severity=Severity.CAUTION,
    title="No health screen",
    why="Who was never asked is not cleared; a few questions come before the first load.",
    source="Riebe et al., MSSE 2015;47:2473; local rules and the trainer's licence come first",
    look=_look,
)
