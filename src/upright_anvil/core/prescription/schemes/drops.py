"""After the last set the load drops and the work goes on without a rest. ``3 x 10, 20 kg, drop to 15/10 kg``."""

from dataclasses import dataclass

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Load
from upright_anvil.core.prescription.bounds import MAX_ALTERNATIVES, check_load
from upright_anvil.core.prescription.load_targets import as_weight
from upright_anvil.core.prescription.schemes.base import SetPlan, Straight
from upright_anvil.core.prescription.schemes.varied import write_loads
from upright_anvil.core.prescription.targets import Most


@dataclass(frozen=True, slots=True)
class Drops:
    """The lighter loads in order, one to four."""

    loads: tuple[Load, ...]

    def __str__(self) -> str:
        return f"drop to {write_loads(self.loads)}"

    def check(self, base: Straight) -> None:
        """Raise `DomainError` unless every load is lighter than the one before."""
        if not 1 <= len(self.loads) <= MAX_ALTERNATIVES:
            raise DomainError(f"There may be 1 to {MAX_ALTERNATIVES} drops, not {len(self.loads)}.")
        weight = as_weight(base.load)
        before = weight if isinstance(weight, Load) else None
        for load in self.loads:
            check_load(load)
            if before is not None and load.kg >= before.kg:
                raise DomainError(f"A drop goes to a lighter load than {before}, not {load}.")
            before = load

    def plans(self, base: Straight) -> tuple[SetPlan, ...]:
        """Answer the sets, then the drops."""
        sets = (SetPlan(base.target, base.load),) * base.sets
        return sets + tuple(SetPlan(Most(), load, at_once=True) for load in self.loads)
