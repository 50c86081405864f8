"""Straight sets whose last one goes on: as many repetitions as possible. ``4 x 8, 60 kg, last set max``."""

from dataclasses import dataclass

from upright_anvil.core.errors import DomainError
from upright_anvil.core.prescription.schemes.base import SetPlan, Straight
from upright_anvil.core.prescription.targets import Most, Reps


@dataclass(frozen=True, slots=True)
class LastMost:
    """The last set is as many as possible, up to a cap where there is one."""

    cap: int | None = None

    def __str__(self) -> str:
        return f"last set {Most(self.cap)}"

    def check(self, base: Straight) -> None:
        """Raise `DomainError` where nothing is counted, or the cap lies below the target."""
        Most(self.cap)
        if not isinstance(base.target, Reps):
            raise DomainError("A last set of as many as possible needs repetitions, for example 4 x 8.")
        if self.cap is not None and self.cap < base.target.low:
            raise DomainError(f"The cap of the last set must be at least {base.target.low}, not {self.cap}.")

    def plans(self, base: Straight) -> tuple[SetPlan, ...]:
        """Answer the sets, the last one open."""
        return (SetPlan(base.target, base.load),) * (base.sets - 1) + (SetPlan(Most(self.cap), base.load),)
