"""Plates for a load: the fewest, heaviest inside, and what to change from what is on the bar now."""

from collections import Counter
from dataclasses import dataclass

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.implements import Barbell, plate_sums
from upright_anvil.core.loads.load import Kilograms, Load


@dataclass(frozen=True, slots=True)
class PlateChange:
    """One end of the bar: the plates that make the load (inside first), and what goes on and comes off for it."""

    end: tuple[Load, ...]
    put_on: tuple[Load, ...]
    take_off: tuple[Load, ...]


def plates_for(barbell: Barbell, target: Load, now: tuple[Load, ...] = ()) -> PlateChange:
    """Answer one end's plates for a target load, fewest first, heaviest inside, and the change from ``now``.

    ``now`` is what is on one end at present. Raises `DomainError` when bar and plates cannot make the load. House rule.
    """
    end = plate_sums(barbell.plates).get(Kilograms(target.kg - barbell.bar.kg))
    if end is None:
        raise DomainError(f"{target} cannot be made with this bar and its plates.")
    wanted, there = Counter(end), Counter(now)
    return PlateChange(end, tuple((wanted - there).elements()), tuple((there - wanted).elements()))
