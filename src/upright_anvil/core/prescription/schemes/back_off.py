"""A top set, then lighter sets. ``1 x 5, 100 kg, back off 3 x 8 at 85 kg`` or ``… at -15 %``."""

from dataclasses import dataclass
from decimal import Decimal

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Load, plain
from upright_anvil.core.prescription.bounds import check_load, check_sets
from upright_anvil.core.prescription.load_targets import LoadTarget, ShareOfMax
from upright_anvil.core.prescription.schemes.base import SetPlan, Straight
from upright_anvil.core.prescription.targets import Reps

MAX_CUT = 60
HUNDRED = 100


@dataclass(frozen=True, slots=True)
class Cut:
    """A load lighter by per cent, 1 to 60."""

    per_cent: int

    def __str__(self) -> str:
        return f"-{self.per_cent} %"


@dataclass(frozen=True, slots=True)
class BackOff:
    """The lighter sets: how many, of what, at which load or how much lighter."""

    sets: int
    target: Reps
    load: Load | Cut

    def __str__(self) -> str:
        return f"back off {self.sets} x {self.target} at {self.load}"

    def check(self, base: Straight) -> None:
        """Raise `DomainError` for a cut outside its bounds or one of nothing."""
        check_sets(self.sets)
        if isinstance(self.load, Load):
            check_load(self.load)
        elif not 1 <= self.load.per_cent <= MAX_CUT:
            raise DomainError(f"Backing off must be 1 to {MAX_CUT} %, not {self.load.per_cent}.")
        elif not isinstance(base.load, Load | ShareOfMax):
            raise DomainError("Per cent lighter needs a load to be lighter than, for example 100 kg.")

    def lighter(self, top: LoadTarget | None) -> LoadTarget | None:
        """Answer the load of the lighter sets; per cent are taken off exactly, rounding is left to the place."""
        if isinstance(self.load, Load):
            return self.load
        kept = Decimal(HUNDRED - self.load.per_cent) / HUNDRED
        if isinstance(top, ShareOfMax):
            return ShareOfMax(round(top.per_cent * kept * 2) / Decimal(2))
        return Load.of(plain(round(top.value * kept, 2)), top.unit) if isinstance(top, Load) else None

    def plans(self, base: Straight) -> tuple[SetPlan, ...]:
        """Answer the top sets, then the lighter ones."""
        lighter = SetPlan(self.target, self.lighter(base.load))
        return (SetPlan(base.target, base.load),) * base.sets + (lighter,) * self.sets
