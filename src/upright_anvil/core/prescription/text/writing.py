"""Writing a prescription in its normal form."""

from upright_anvil.core.loads.load import plain
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes import Cluster, Density, Varied
from upright_anvil.core.prescription.schemes.base import write_time
from upright_anvil.core.prescription.schemes.varied import write_loads
from upright_anvil.core.prescription.targets import Distance, Reps, Seconds, Target

MINUTE = 60
SHORT_REST = 90

__all__ = ["write", "write_parts", "write_time"]


def write(prescription: Prescription) -> str:
    """Write the normal form: ``4 x 8-10, 62.5 kg, tempo 3-1-X-0, rest 2:00, leave 2``. Lossless."""
    return ", ".join(part for part in write_parts(prescription) if part)


def write_parts(prescription: Prescription) -> tuple[str, str]:
    """Write the normal form in two: the work (sets, target, load, scheme), and how it is done."""
    p = prescription
    parts = (
        _head(p) + (" each side" if p.each_side else ""),
        p.span and str(p.span),
        p.timed_as and str(p.timed_as),
        p.partials and f"plus {p.partials} partial",
        p.within and f"in {write_time(p.within)}",
        p.side and str(p.side),
        p.load and _loads(p),
        p.scheme and not isinstance(p.scheme, Varied) and str(p.scheme),
        p.ramp and "ramp-up",
        p.cuffs and "cuffs",
    )
    work = [part for part in parts if part]
    manner = [str(other) for other in p.others]
    if p.tempo is not None:
        manner.append(f"tempo {p.tempo}")
    if p.rest is not None:
        manner.append(f"rest {_rest(p.rest_from, p.rest)}" + (f" with {p.activity}" if p.activity else ""))
    if p.reserve is not None:
        manner.append(f"leave {p.reserve}")
    if p.rpe is not None:
        manner.append(f"rpe {plain(p.rpe)}")
    return ", ".join(work), ", ".join(manner)


def _rest(low: int | None, high: int) -> str:
    if low is None:
        return write_time(high)
    return (
        f"{low}-{high} s"
        if low < MINUTE and high <= SHORT_REST
        else f"{low // MINUTE}:{low % MINUTE:02d}-{write_time(high)}"
    )


def _head(p: Prescription) -> str:
    match p.scheme:
        case Varied(targets=targets) if targets:
            return "/".join(_listed(target, targets) for target in targets)
        case Cluster():
            return f"{_sets(p)} x {p.scheme.head}"
        case Density():
            return f"most x {p.target}"
        case _:
            return f"{_sets(p)} x {p.target}"


def _sets(p: Prescription) -> str:
    return str(p.sets) if p.fewest is None else f"{p.fewest}-{p.sets}"


def _listed(target: Target, beside: tuple[Target, ...]) -> str:
    """One target of a list: repetitions say so beside seconds or metres, whose unit would else be taken for theirs."""
    timed = any(isinstance(other, Seconds | Distance) for other in beside)
    return f"{target} reps" if timed and isinstance(target, Reps) else str(target)


def _loads(p: Prescription) -> str:
    if isinstance(p.scheme, Varied) and p.scheme.loads:
        return write_loads(p.scheme.loads)
    return str(p.load)
