"""A set at every start of a clock; what is left of the time is the rest. ``10 x 5, 24 kg, every 60 s``."""

from dataclasses import dataclass

from upright_anvil.core.prescription.bounds import within
from upright_anvil.core.prescription.schemes.base import SetPlan, Straight, write_time

SHORTEST = 10
LONGEST = 900


@dataclass(frozen=True, slots=True)
class EveryStart:
    """Seconds from one start to the next, 10 to 900."""

    seconds: int

    def __str__(self) -> str:
        return f"every {write_time(self.seconds)}"

    def check(self, _: Straight) -> None:
        """Raise `DomainError` outside the bounds."""
        within("Starts come every", self.seconds, SHORTEST, LONGEST, " s")

    def plans(self, base: Straight) -> tuple[SetPlan, ...]:
        """Answer the sets, one at each start."""
        return base.plans()
