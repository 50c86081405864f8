"""Sets that differ: pyramids, waves and ramps, each set with its own target, its own load, or both.

``12/10/8/max, 16/18/20/22 kg`` and ``4 x 5, 60/70/80/80 %``. House notation.
"""

from dataclasses import dataclass

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Load, plain
from upright_anvil.core.prescription.load_targets import Coded, LoadTarget, ShareOfMax
from upright_anvil.core.prescription.schemes.base import SetPlan, Straight
from upright_anvil.core.prescription.targets import Target


@dataclass(frozen=True, slots=True)
class Varied:
    """``targets`` set by set, empty where all are alike; ``loads`` likewise."""

    targets: tuple[Target, ...] = ()
    loads: tuple[LoadTarget, ...] = ()

    def check(self, base: Straight) -> None:
        """Raise `DomainError` unless there is one of each for every set, and they differ."""
        for given, first in ((self.targets, base.target), (self.loads, base.load)):
            if given and (len(given) != base.sets or given[0] != first):
                raise DomainError(f"There must be one for each of the {base.sets} sets, not {len(given)}.")
            if given and len(set(given)) == 1:
                raise DomainError("Sets that are alike are written once, for example 3 x 8.")
        if not self.targets and not self.loads:
            raise DomainError("Sets that are alike are written once, for example 3 x 8.")

    def plans(self, base: Straight) -> tuple[SetPlan, ...]:
        """Answer the sets in order."""
        targets = self.targets or (base.target,) * base.sets
        loads = self.loads or (base.load,) * base.sets
        return tuple(SetPlan(t, load) for t, load in zip(targets, loads, strict=True))


def write_loads(loads: tuple[LoadTarget, ...]) -> str:
    """Write loads set by set, the unit once where it is the same for all."""
    weights = [load for load in loads if isinstance(load, Load)]
    if len(weights) == len(loads) and len({load.unit for load in weights}) == 1:
        return "/".join(plain(load.value) for load in weights) + f" {weights[0].unit}"
    shares = [load for load in loads if isinstance(load, ShareOfMax)]
    if len(shares) == len(loads):
        return "/".join(plain(load.per_cent) for load in shares) + " %"
    codes = [load for load in loads if isinstance(load, Coded)]
    if len(codes) == len(loads) and len({load.sort for load in codes}) == 1:
        return f"{codes[0].sort} {'/'.join(load.label for load in codes)}"
    return "/".join(str(load) for load in loads)
