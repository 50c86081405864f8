"""The sets a proposal looks at, each against what was asked for the load that was used, and saying so."""

from collections.abc import Sequence
from dataclasses import dataclass, replace

from upright_anvil.core.blocks import added_load
from upright_anvil.core.ledger.how import Source
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Load
from upright_anvil.core.prescription.coding import coded, named
from upright_anvil.core.prescription.load_targets import BodyweightLoad, Coded, LoadTarget, Together
from upright_anvil.core.prescription.loads_of import with_loads
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes import Drops, Varied
from upright_anvil.core.prescription.targets import Distance, Most, Reps, Seconds, Target, distance_words, reps_of
from upright_anvil.core.prescription.tempo import is_slow
from upright_anvil.core.progression.model import Confidence, Exposure, ProgressionContext

MEASURED_TO = 50
"""A distance that falls short by less than this part of it was covered: watches and tracks differ so much."""


@dataclass(frozen=True, slots=True)
class ShownSet:
    """One set: what was reached (reps, seconds or metres), the load, what was asked for that load, what was left."""

    amount: int
    load: LoadTarget | None
    asked: Target
    reserve: int | None

    @property
    def bottom(self) -> int:
        """The least that was asked for the load used; a distance is measured to a fiftieth. House rule."""
        least = lowest(self.asked)
        return least - least // MEASURED_TO if isinstance(self.asked, Distance) else least

    @property
    def top(self) -> int:
        """The most that was asked for the load used; for as many as possible nothing."""
        match self.asked:
            case Reps(high=high):
                return high
            case Seconds(seconds=seconds):
                return seconds
            case _:
                return self.bottom


@dataclass(frozen=True, slots=True)
class Showing:
    """One session summed up: its sets, the load to go by (where loads changed, the lightest), the sets planned."""

    sets: tuple[ShownSet, ...]
    load: LoadTarget | None
    planned_sets: int

    @property
    def amounts(self) -> tuple[int, ...]:
        """Reps or seconds set by set."""
        return tuple(one.amount for one in self.sets)

    @property
    def reserves(self) -> tuple[int | None, ...]:
        """Repetitions left set by set, None where nobody said."""
        return tuple(one.reserve for one in self.sets)

    @property
    def complete(self) -> bool:
        """Whether every planned set was done."""
        return len(self.sets) >= self.planned_sets

    @property
    def least(self) -> int:
        """The fewest reps (or seconds) of any set; 0 when there was none."""
        return min(self.amounts, default=0)

    @property
    def in_range(self) -> bool:
        """Whether every set reached the least that was asked for its load."""
        return bool(self.sets) and all(one.amount >= one.bottom for one in self.sets)

    @property
    def at_top(self) -> bool:
        """Whether every set reached the most that was asked for its load."""
        return bool(self.sets) and all(one.amount >= one.top for one in self.sets)

    @property
    def uneven(self) -> bool:
        """Whether loads differ from set to set."""
        return len({str(one.load) for one in self.sets}) > 1


def lowest(target: Target) -> int:
    """Answer the least that counts as done: the bottom of a range, seconds, metres; one of as many as possible."""
    match target:
        case Reps(low=low):
            return low
        case Seconds(least=least):
            return least
        case Distance(metres=metres):
            return metres
        case Most():
            return 1


def showing(exposure: Exposure) -> Showing:
    """Sum up a session. Where loads changed, the lightest counts: what every set proves. House rule."""
    if exposure.summed is None:
        object.__setattr__(exposure, "summed", _summed(exposure))
    found: Showing = exposure.summed
    return found


def _summed(exposure: Exposure) -> Showing:
    sets = exposure.sets
    loads = [added_load(row) for row in sets]
    used = min((load for load in loads if load is not None), key=heft, default=None)
    if isinstance(exposure.prescription.load, BodyweightLoad):
        used = _as_bodyweight(used if len([x for x in loads if x is not None]) == len(sets) else None)
    asked = [_asked(exposure.prescription, number, load) for number, load in enumerate(loads)]
    shown = tuple(
        ShownSet(_amount(row, target), load, target, row.reserve)
        for row, load, target in zip(sets, loads, asked, strict=True)
    )
    return Showing(shown, used, exposure.prescription.needed)


def _amount(row: PerformedSet, asked: Target) -> int:
    """Repetitions, metres or seconds; a distance logged by its seconds alone was covered."""
    if isinstance(asked, Distance) and row.metres is None:
        return asked.metres if row.seconds else 0
    return next((one for one in (row.reps, row.metres, row.seconds) if one is not None), 0)


def _asked(prescription: Prescription, number: int, load: LoadTarget | None) -> Target:
    """What was asked of a set at the load that was used: of another load by what stands beside it (``or``)."""
    if isinstance(load, Load):
        other = next((o for o in prescription.others if isinstance(o.load, Load) and o.load.same_as(load)), None)
        if other is not None:
            return other.target
    plans = prescription.plans
    return plans[min(number, len(plans) - 1)].target


def base_of(context: ProgressionContext) -> Prescription:
    """Answer what was asked today, at the load that was really used."""
    now, used = context.today.prescription, showing(context.today).load
    return now if used is None or now.scheme is not None else _at(now, used, context.place)


def _at(now: Prescription, used: LoadTarget, place: Inventory) -> Prescription:
    if isinstance(now.load, Coded):
        made = coded(now.load, place)
        if not isinstance(used, Load) or (made is not None and made.load.same_as(used)):
            return now
        return replace(now, load=named(used, now.load, place) or now.load)
    if isinstance(now.load, Together) and isinstance(used, Load) and used.same_as(now.load.weight):
        return now
    return now if used == now.load else replace(now, load=used)


def lesser_of(context: ProgressionContext) -> Prescription:
    """Answer what was asked today at the lesser of the planned and the used load, for when nothing may go up.

    A load that was lifted unplanned and heavier is not written into the plan; of sets that differ each asks for no more
    than was lifted in it, and those that were not done stay. House rule, never up.
    """
    now, base = context.today.prescription, base_of(context)
    if now.scheme is not None:
        return _capped(context)
    if now.load is None or base.load is None:
        return now
    planned, used = _kilograms(now.load, context.place), _kilograms(base.load, context.place)
    if planned is None or used is None:
        return now
    return base if used < planned else now


def _capped(context: ProgressionContext) -> Prescription:
    now, place = context.today.prescription, context.place
    used = [one.load for one in showing(context.today).sets]

    def lesser(load: LoadTarget | None, lifted: LoadTarget | None) -> LoadTarget | None:
        planned, done = (_kilograms(one, place) if one is not None else None for one in (load, lifted))
        if load is None or lifted is None or planned is None or done is None or planned <= done:
            return load
        return _at(replace(now, load=load, scheme=None), lifted, place).load

    if isinstance(now.scheme, Varied) and now.scheme.loads:
        each = tuple(
            lesser(load, used[n] if n < len(used) else None) or load for n, load in enumerate(now.scheme.loads)
        )
        alike = len(set(each)) == 1
        targets = now.scheme.targets
        scheme = None if alike and not targets else Varied(targets, () if alike else each)
        return replace(now, load=each[0], scheme=scheme)
    heaviest = max((load for load in used if load is not None), key=heft, default=None)
    return with_loads(now, lambda load: lesser(load, heaviest))


def _kilograms(load: LoadTarget, place: Inventory) -> float | None:
    if isinstance(load, Coded):
        made = coded(load, place)
        return float(made.load.kg) if made is not None else None
    if isinstance(load, Together):
        return float(load.weight.kg)
    return heft(load) if isinstance(load, Load | BodyweightLoad) else None


def heft(load: LoadTarget) -> float:
    """Answer the kilograms a load adds to the body: less than nothing for assistance; 0 where nobody can say."""
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


def within_reserve(prescription: Prescription, reserves: Sequence[int | None]) -> bool:
    """Answer whether no set went deeper than the planned reserve; a reserve nobody said counts as kept.

    Where no reserve was planned, a last set after which nothing was left is too deep to go up from. House rule.
    """
    wanted = prescription.left
    if wanted is None:
        return not reserves or reserves[-1] != 0
    return all(r is None or r >= wanted for r in reserves)


def confidence(prescription: Prescription, shown: Showing) -> Confidence:
    """Answer how far the evidence carries: firm only where every set was done and every reserve said. House rule."""
    if not shown.complete:
        return Confidence.THIN
    counted = reps_of(prescription.target) is not None
    return Confidence.FAIR if counted and any(r is None for r in shown.reserves) else Confidence.FIRM


def at_home(exposure: Exposure) -> bool:
    """Answer whether a session was done alone, by any of its sets: nobody saw those."""
    return any(row.how.source is Source.HOME for row in exposure.sets)


def sentences(exposure: Exposure, shown: Showing) -> tuple[str, ...]:
    """Say what was done against what was asked, each set with its own load where they differ."""
    p = exposure.prescription
    if not shown.sets:
        return ("No set was done.",)
    unit = _unit(exposure)
    if shown.uneven:
        done = ", ".join(
            f"{_said(row, one)} at {_load_words(one.load)}" for row, one in zip(exposure.sets, shown.sets, strict=True)
        )
        at = ""
    else:
        done = ", ".join(_said(row, one) for row, one in zip(exposure.sets, shown.sets, strict=True))
        at = f" at {shown.load}" if shown.load is not None else ""
    found = [f"Asked {_asked_words(p)}; done {done}{unit}{at}."]
    said = [r for r in shown.reserves if r is not None]
    if said:
        asked = "" if p.left is None else f"; {p.left} asked"
        found.append(f"Reps left: {', '.join('?' if r is None else str(r) for r in shown.reserves)}{asked}.")
    elif p.left is not None:
        found.append("Nobody said how many reps were left.")
    if is_slow(p.tempo):
        found.append(f"Slow work was asked ({p.tempo}): it shows at least so much strength.")
    if at_home(exposure):
        found.append("Done alone at home, as the client told it.")
    return tuple(found)


def _unit(exposure: Exposure) -> str:
    """The unit said once behind the figures; a distance says its own, and so does time with repetitions counted."""
    if any(row.metres is not None or row.how.counted is not None for row in exposure.sets):
        return ""
    if isinstance(exposure.prescription.target, Distance):
        return ""
    return " s" if all(row.reps is None for row in exposure.sets) else " reps"


def _said(row: PerformedSet, one: ShownSet) -> str:
    if row.metres is not None or row.how.counted is not None:
        return row.amount
    return distance_words(one.amount) if isinstance(one.asked, Distance) else str(one.amount)


def _load_words(load: LoadTarget | None) -> str:
    return "body weight" if load is None or (isinstance(load, Load) and not load.value) else str(load)


def _asked_words(p: Prescription) -> str:
    plans = p.plans
    if len({(str(one.target), str(one.load)) for one in plans}) > 1 and not isinstance(p.scheme, Drops):
        return ", ".join(f"{one.target}{f' at {one.load}' if one.load is not None else ''}" for one in plans)
    others = "".join(f", {other}" for other in p.others)
    return f"{p.sets} x {p.target}{f' at {p.load}' if p.load is not None else ''}{others}"
