"""As many rounds as fit into a time. ``most x 5, 24 kg, in 12:00``."""

from dataclasses import dataclass

from upright_anvil.core.errors import DomainError
from upright_anvil.core.prescription.bounds import MAX_DENSITY_SECONDS, within
from upright_anvil.core.prescription.schemes.base import SetPlan, Straight, write_time

SHORTEST = 60


@dataclass(frozen=True, slots=True)
class Density:
    """The time, seconds, 60 to 3600; the rounds are what comes of it."""

    seconds: int

    def __str__(self) -> str:
        return f"in {write_time(self.seconds)}"

    def check(self, base: Straight) -> None:
        """Raise `DomainError` outside the bounds, or where a number of sets was given as well."""
        within("The time for most rounds", self.seconds, SHORTEST, MAX_DENSITY_SECONDS, " s")
        if base.sets != 1:
            raise DomainError("Most rounds in a time is written 'most x 5', without a number of sets.")

    def plans(self, base: Straight) -> tuple[SetPlan, ...]:
        """Answer one round; how many there will be shows on the day."""
        return base.plans()
