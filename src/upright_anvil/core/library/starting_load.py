"""The load to begin a related exercise with, carried over from one the client does already."""

from dataclasses import dataclass
from decimal import Decimal

from upright_anvil.core.constants import CARRY_OVER_CAUTION, DEFAULT_RESERVE
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.inventory import Inventory, Rounding
from upright_anvil.core.loads.load import Kilograms, Load, Unit, in_unit, plain
from upright_anvil.core.prescription.load_targets import BodyweightLoad
from upright_anvil.core.strength.estimate import share_of_max


@dataclass(frozen=True, slots=True)
class KnownLoad:
    """What the client can do with the exercise that is replaced: its maximum in kilograms moved, and with what."""

    exercise: Exercise
    implement: ImplementKind
    max_kg: Kilograms


@dataclass(frozen=True, slots=True)
class StartingLoad:
    """A load to begin with, always an estimate: the load, kilograms before rounding, and how it came about."""

    load: Load | BodyweightLoad
    unrounded_kg: Kilograms
    why: str


def starting_load(
    known: KnownLoad,
    to: Exercise,
    place: Inventory,
    body_kg: Kilograms | None,
    unit: Unit,
    reps: int,
    reserve: int | None,
) -> StartingLoad | None:
    """Answer the load to begin another exercise of the family with, rounded down to what can be made at the place.

    The estimated maximum goes over by the two exercises' shares of their family's reference lift, then the load for
    ``reps`` with ``reserve`` left is taken from the house curve and 10 % held back. None where the exercises are no
    kin, where body weight is needed and not known, or where even the lightest load is too heavy. House rule.
    """
    implement = to.implement_at(place)
    share_from = known.exercise.share_with(known.implement)
    share_to = to.share_with(implement)
    if implement is None or not share_from or not share_to or known.exercise.family != to.family or not to.family:
        return None
    there = known.max_kg / share_from * share_to
    left = DEFAULT_RESERVE if reserve is None else reserve
    kg = Kilograms(there * Decimal(repr(share_of_max(reps + left))) * (1 - CARRY_OVER_CAUTION))
    why = (
        f"From an estimated maximum of {plain(round(known.max_kg, 1))} kg in {known.exercise.name}: about "
        f"{plain(round(there, 1))} kg here, for {reps} reps with {left} left, 10 % held back."
    )
    if implement is ImplementKind.BODYWEIGHT:
        return _with_body(to, kg, place, body_kg, unit, why)
    made = place.nearest(implement, Load.of(round(in_unit(kg, unit), 2), unit), Rounding.DOWN)
    return StartingLoad(made.load, kg, why) if made else None


def _with_body(
    to: Exercise, kg: Kilograms, place: Inventory, body_kg: Kilograms | None, unit: Unit, why: str
) -> StartingLoad | None:
    """Answer body weight, with the heaviest thing to add that keeps below; None where body weight alone is too much."""
    if body_kg is None:
        return None
    over = Kilograms(kg - to.bodyweight_share * body_kg)
    if over < 0:
        return None
    added = place.nearest(ImplementKind.BODYWEIGHT, Load.of(round(in_unit(over, unit), 2), unit), Rounding.DOWN)
    return StartingLoad(BodyweightLoad(added.load) if added else BodyweightLoad(), kg, why)
