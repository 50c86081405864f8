"""Every load of a prescription changed at once, whatever its scheme."""

from collections.abc import Callable
from dataclasses import replace

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Load
from upright_anvil.core.prescription.load_targets import LoadTarget
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes import BackOff, Drops, Varied

Change = Callable[[LoadTarget | None], LoadTarget | None]


def with_loads(asked: Prescription, change: Change) -> Prescription:
    """Answer a prescription with every load changed; unchanged where the outcome would not hold together."""
    try:
        return _with_loads(asked, change)
    except DomainError:
        return asked


def _with_loads(asked: Prescription, change: Change) -> Prescription:
    load = change(asked.load)
    match asked.scheme:
        case Varied(targets=targets, loads=loads) if loads:
            changed = tuple(change(one) for one in loads)
            kept = tuple(one for one in changed if one is not None)
            alike = len(set(kept)) == 1
            scheme = None if alike and not targets else Varied(targets, () if alike else kept)
            return replace(asked, load=changed[0], scheme=scheme)
        case Drops(loads=loads):
            less = tuple(one for one in (change(drop) for drop in loads) if isinstance(one, Load))
            return replace(asked, load=load, scheme=Drops(less))
        case BackOff(load=Load() as back) as scheme:
            lower = change(back)
            return replace(
                asked, load=load, scheme=replace(scheme, load=lower if isinstance(lower, Load) else scheme.load)
            )
        case _:
            return replace(asked, load=load)
