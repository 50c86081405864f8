"""Every load of a prescription changed or left out at once, whatever its scheme."""

from collections.abc import Callable
from dataclasses import replace

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Load
from upright_anvil.core.prescription.load_targets import BodyweightLoad, LoadTarget, OpenLoad, ShareOfMax
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


def unloaded(asked: Prescription) -> Prescription:
    """Answer a prescription without the loads that are one person's: weights, bands, steps, last time's, other kit."""
    load = asked.load if anybodys(asked.load) else None
    scheme = asked.scheme
    match scheme:
        case Drops() | BackOff():
            scheme = None
        case Varied():
            loads = scheme.loads if all(anybodys(one) for one in scheme.loads) else ()
            scheme = Varied(scheme.targets, loads) if scheme.targets or loads else None
    return replace(asked, load=load, scheme=scheme, others=())


def anybodys(load: LoadTarget | None) -> bool:
    """Answer whether a load holds for whoever lifts it: none, one left open, a share of the maximum, body weight."""
    match load:
        case None | ShareOfMax() | OpenLoad():
            return True
        case BodyweightLoad():
            return load.added is None and not load.assisted
        case _:
            return False
