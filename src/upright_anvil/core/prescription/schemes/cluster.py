"""A set taken in parts with a short pause between them. ``4 x 2+2+2, 100 kg, pause 20 s``."""

from dataclasses import dataclass

from upright_anvil.core.errors import DomainError
from upright_anvil.core.prescription.bounds import within
from upright_anvil.core.prescription.schemes.base import SetPlan, Straight, write_time
from upright_anvil.core.prescription.targets import Reps

MAX_PARTS = 10
MAX_PAUSE = 120


@dataclass(frozen=True, slots=True)
class Cluster:
    """Repetitions part by part, and the pause between parts, seconds (1 to 120)."""

    parts: tuple[int, ...]
    pause: int = 20

    def __str__(self) -> str:
        return f"pause {write_time(self.pause)}"

    @property
    def head(self) -> str:
        """The parts as they are written in place of the repetitions."""
        return "+".join(str(part) for part in self.parts)

    def check(self, base: Straight) -> None:
        """Raise `DomainError` unless the parts add up to the set."""
        within("Parts of a set", len(self.parts), 2, MAX_PARTS)
        within("A pause", self.pause, 1, MAX_PAUSE, " s")
        total = sum(self.parts)
        if min(self.parts) < 1 or base.target != Reps(total, total):
            raise DomainError("The parts of a set are at least one repetition each.")

    def plans(self, base: Straight) -> tuple[SetPlan, ...]:
        """Answer the sets, each counted whole."""
        return base.plans()
