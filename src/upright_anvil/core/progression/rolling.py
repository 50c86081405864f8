"""Rolling a decision on through the weeks that are left: the path the line follows stays, from where it stands now.

The weeks keep their differences from the cell the decision writes: a line that was to climb by 2.5 kg a week climbs by
as much in proportion from the load decided, one that keeps its words takes the new ones. No week rises above the one
before by more than the cap, and every load is one the place can make. What cannot be carried over keeps its words.
Example: 60, 62.5, 65 kg, and 62.5 kg is decided for the first: 62.5, 65, 67.5 kg. House rule.
"""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from decimal import Decimal
from typing import Final

from upright_anvil.core.constants import MAX_LOAD_KG, STEP_CAP
from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.inventory import Rounding
from upright_anvil.core.loads.load import Kilograms, Load, in_unit
from upright_anvil.core.prescription.bounds import MAX_METRES, MAX_REPS, MAX_RESERVE, MAX_SETS, MAX_WORK_SECONDS
from upright_anvil.core.prescription.load_targets import BodyweightLoad, LoadTarget, ShareOfMax
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Distance, Reps, Seconds, Target
from upright_anvil.core.progression.moves.steps import Lifting, moved, within_cap

_ZERO: Final = Decimal(0)


@dataclass(frozen=True, slots=True)
class LaterWeek:
    """What a later week of the line says now (None where it cannot be read), and whether it is an easing-off week.

    ``kit`` is what there is that week, where it is trained elsewhere.
    """

    says: Prescription | None
    easing_off: bool = False
    kit: Lifting | None = None


def rolled(
    said: Prescription, decided: Prescription, later: Sequence[LaterWeek], kit: Lifting, cap: Decimal = STEP_CAP
) -> tuple[Prescription | None, ...]:
    """Answer what each later week asks for once ``decided`` stands where ``said`` stood; None where it keeps its words.

    ``cap`` is the most a building week may rise above the one before, as a share (0.10 = 10 %). A week elsewhere takes
    what there is, and the one after it goes on from before it.
    """
    found, before = [], decided
    for week in later:
        taken = _taken(said, decided, week.says) if week.says is not None else None
        if taken is not None:
            taken = _bounded(before, taken, week.kit or kit, cap)
        found.append(taken)
        elsewhere = week.kit is not None and week.kit.place != kit.place
        if taken is not None and not week.easing_off and not elsewhere:
            before = taken
    return tuple(found)


def _taken(said: Prescription, decided: Prescription, says: Prescription) -> Prescription | None:
    if says == said:
        return decided
    if any(p.scheme is not None or p.ramp for p in (said, decided, says)):
        return None
    merged = {
        name: getattr(decided, name) if getattr(says, name) == getattr(said, name) else getattr(says, name)
        for name in ("each_side", "tempo", "side", "activity", "others", "rpe")
    }
    try:
        return replace(
            decided,
            sets=_between(decided.sets + says.sets - said.sets, 1, MAX_SETS),
            target=_target(said.target, decided.target, says.target),
            load=_load(said.load, decided.load, says.load),
            rest=_shifted(said.rest, decided.rest, says.rest),
            reserve=_reserve(said, decided, says),
            **merged,
        )
    except DomainError:
        return None


def _between(value: int, low: int, high: int) -> int:
    return min(max(value, low), high)


def _shifted(said: int | None, decided: int | None, says: int | None) -> int | None:
    if said is None or decided is None or says is None:
        return decided if says == said else says
    return max(decided + says - said, 0)


def _reserve(said: Prescription, decided: Prescription, says: Prescription) -> int | None:
    shifted = _shifted(said.reserve, decided.reserve, says.reserve)
    return None if shifted is None else min(shifted, MAX_RESERVE)


def _target(said: Target, decided: Target, says: Target) -> Target:
    match said, decided, says:
        case Reps(), Reps(), Reps():
            low = _between(decided.low + says.low - said.low, 1, MAX_REPS)
            return Reps(low, _between(decided.high + says.high - said.high, low, MAX_REPS))
        case Seconds(), Seconds(), Seconds():
            return decided.moved_to(_between(decided.seconds + says.seconds - said.seconds, 1, MAX_WORK_SECONDS))
        case Distance(), Distance(), Distance():
            return Distance(_between(decided.metres + says.metres - said.metres, 1, MAX_METRES))
        case _:
            return decided if says == said or type(decided) is not type(says) else says


def _load(said: LoadTarget | None, decided: LoadTarget | None, says: LoadTarget | None) -> LoadTarget | None:
    match said, decided, says:
        case _ if says == said:
            return decided
        case Load(), Load(), Load() if said.value:
            most = in_unit(Kilograms(MAX_LOAD_KG), decided.unit)
            return Load.of(round(min(decided.value * says.kg / said.kg, most), 2), decided.unit)
        case BodyweightLoad(), BodyweightLoad(), BodyweightLoad():
            like = decided.added or says.added or said.added
            return _hung(Kilograms(_signed(decided) + _signed(says) - _signed(said)), like) if like else decided
        case ShareOfMax(), ShareOfMax(), ShareOfMax():
            return ShareOfMax(decided.per_cent + says.per_cent - said.per_cent)
        case _:
            return says if type(decided) is type(says) else decided


def _signed(load: BodyweightLoad) -> Decimal:
    kg = load.added.kg if load.added else _ZERO
    return -kg if load.assisted else kg


def _hung(kg: Kilograms, like: Load) -> BodyweightLoad:
    value = round(in_unit(Kilograms(abs(kg)), like.unit), 2)
    return BodyweightLoad(Load.of(value, like.unit), assisted=kg < 0) if value else BodyweightLoad()


def _bounded(before: Prescription, taken: Prescription, kit: Lifting, cap: Decimal) -> Prescription:
    """The same within the cap above the week before, at a load the place can make."""
    if isinstance(taken.target, Seconds) and isinstance(before.target, Seconds):
        most = max(int(before.target.seconds * (1 + cap)), before.target.seconds)
        if taken.target.seconds > most:
            taken = replace(taken, target=taken.target.moved_to(most))
    if taken.scheme is not None or taken.load is None:
        return taken
    made = _makeable(taken.load, kit)
    here, there = (moved(kit, load) if load is not None else None for load in (before.load, made))
    if here and there and before.load is not None and there > here * (1 + cap):
        step = within_cap(kit, before.load, cap)
        made = step.to if step is not None else before.load
    return taken if made == taken.load else replace(taken, load=made)


def _makeable(load: LoadTarget, kit: Lifting) -> LoadTarget:
    """The nearest load the place can make; the load itself where the place says nothing of it."""
    match load:
        case Load():
            kind = kit.exercise.implement_at(kit.place)
            made = kit.place.nearest(kind, load, Rounding.NEAREST) if kind else None
            return made.load if made else load
        case BodyweightLoad(added=Load() as added, assisted=assisted):
            kind = ImplementKind.ASSISTANCE if assisted else ImplementKind.BODYWEIGHT
            if assisted and not kit.place.has(kind):
                return load
            made = kit.place.nearest(kind, added, Rounding.NEAREST)
            return BodyweightLoad(made.load, assisted) if made else BodyweightLoad()
        case _:
            return load
