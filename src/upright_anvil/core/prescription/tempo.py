"""Tempo: how long each phase of a repetition takes."""

from dataclasses import dataclass

from upright_anvil.core.constants import EXPLOSIVE_SECONDS, SLOW_LOWERING_SECONDS, SLOW_PAUSE_SECONDS
from upright_anvil.core.prescription.bounds import MAX_PHASE_SECONDS, within


@dataclass(frozen=True, slots=True)
class Tempo:
    """Four phases in seconds, always lowering, bottom, lifting, top; None stands for X, as fast as possible."""

    lowering: int | None
    bottom: int | None
    lifting: int | None
    top: int | None

    def __post_init__(self) -> None:
        for phase in self.phases:
            within("A tempo phase", phase or 0, 0, MAX_PHASE_SECONDS, " s")

    @property
    def phases(self) -> tuple[int | None, int | None, int | None, int | None]:
        """The four phases in their fixed order."""
        return (self.lowering, self.bottom, self.lifting, self.top)

    @property
    def rep_seconds(self) -> int:
        """Seconds one repetition takes, X counted as one second (rules, time)."""
        return sum(EXPLOSIVE_SECONDS if phase is None else phase for phase in self.phases)

    def __str__(self) -> str:
        return "-".join("X" if phase is None else str(phase) for phase in self.phases)


def is_slow(tempo: Tempo | None) -> bool:
    """Answer whether work at this tempo shows less than the client can: long lowering or pauses. House rule."""
    if tempo is None:
        return False
    pause = max(tempo.bottom or 0, tempo.top or 0)
    return (tempo.lowering or 0) > SLOW_LOWERING_SECONDS or pause >= SLOW_PAUSE_SECONDS
