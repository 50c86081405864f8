"""The sets a proposal looks at, and saying so."""

from dataclasses import dataclass, replace

from upright_anvil.core.blocks import added_load
from upright_anvil.core.loads.load import Load
from upright_anvil.core.prescription.load_targets import BodyweightLoad, LoadTarget
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import reps_of
from upright_anvil.core.progression.model import Confidence, Exposure, Situation


@dataclass(frozen=True, slots=True)
class Showing:
    """One session summed up: the load to go by, the amounts reached (reps or seconds), and the reserves said."""

    load: LoadTarget | None
    amounts: tuple[int, ...]
    reserves: tuple[int | None, ...]
    planned_sets: int

    @property
    def complete(self) -> bool:
        """Whether every planned set was done."""
        return len(self.amounts) >= self.planned_sets

    @property
    def least(self) -> int:
        """The fewest reps (or seconds) of any set; 0 when there was none."""
        return min(self.amounts, default=0)


def showing(exposure: Exposure) -> Showing:
    """Sum up a session. Where loads changed, the lightest counts: what every set proves. House rule."""
    sets = exposure.sets
    loads = [added_load(row) for row in sets]
    amounts = tuple((row.reps if row.reps is not None else row.seconds) or 0 for row in sets)
    used = min((load for load in loads if load is not None), key=_heft, default=None)
    if isinstance(exposure.prescription.load, BodyweightLoad):
        used = _as_bodyweight(used if len([x for x in loads if x is not None]) == len(sets) else None)
    return Showing(used, amounts, tuple(row.reserve for row in sets), len(exposure.prescription.plans))


def base_of(situation: Situation) -> Prescription:
    """Answer what was asked today, at the load that was really used."""
    now, used = situation.today.prescription, showing(situation.today).load
    return now if used is None else replace(now, load=used)


def _heft(load: LoadTarget) -> float:
    match load:
        case Load():
            return float(load.kg)
        case BodyweightLoad(added=added, assisted=assisted):
            kg = float(added.kg) if added else 0.0
            return -kg if assisted else kg
        case _:
            return 0.0


def _as_bodyweight(load: LoadTarget | None) -> BodyweightLoad:
    match load:
        case BodyweightLoad():
            return load
        case Load() if load.value:
            return BodyweightLoad(load)
        case _:
            return BodyweightLoad()


def within_reserve(prescription: Prescription, reserves: tuple[int | None, ...]) -> bool:
    """Answer whether no set went deeper than the planned reserve; a reserve nobody said counts as kept. House rule."""
    wanted = prescription.left
    return wanted is None or all(r is None or r >= wanted for r in reserves)


def confidence(prescription: Prescription, shown: Showing) -> Confidence:
    """Answer how far the evidence carries. House rule."""
    if not shown.complete:
        return Confidence.THIN
    if prescription.left is not None and any(r is None for r in shown.reserves):
        return Confidence.FAIR
    return Confidence.FIRM


def sentences(exposure: Exposure, shown: Showing) -> tuple[str, ...]:
    """Say what was done against what was asked."""
    p = exposure.prescription
    unit = "s" if reps_of(p.target) is None else "reps"
    done = ", ".join(str(a) for a in shown.amounts)
    at = f" at {shown.load}" if shown.load is not None else ""
    first = f"Asked {p.sets} x {p.target}{_load(p)}; done {done} {unit}{at}." if done else "No set was done."
    said = [r for r in shown.reserves if r is not None]
    if not said or not done:
        return (first,) if p.left is None or not done else (first, "Nobody said how many reps were left.")
    asked = "" if p.left is None else f"; {p.left} asked"
    return (first, f"Reps left: {', '.join('?' if r is None else str(r) for r in shown.reserves)}{asked}.")


def _load(prescription: Prescription) -> str:
    return f" at {prescription.load}" if prescription.load is not None else ""
