"""What stands on the bar: the plates of one end for each load of a line, and what to change from the last."""

from collections.abc import Iterable
from dataclasses import dataclass

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.implements import Barbell
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Load
from upright_anvil.core.loads.plating import PlateChange, plates_for


@dataclass(frozen=True, slots=True)
class BarPicture:
    """A loaded bar: the total, the bar itself, and one end's plates with the change from what was on it."""

    load: Load
    bar: Load
    plates: PlateChange


def bar_for(place: Inventory, load: Load, before: Load | None = None) -> BarPicture | None:
    """Answer the bar of a place loaded for a total; ``before`` is the total that is on it now.

    None where no bar of the place makes it. With several bars the one that needs the fewest plates is taken.
    """
    found = [picture for bar in _bars(place) if (picture := _picture(bar, load, before))]
    return min(found, key=lambda picture: len(picture.plates.end), default=None)


def bars_for(place: Inventory, loads: Iterable[Load], before: Load | None = None) -> tuple[BarPicture | None, ...]:
    """Answer the bar for each of some loads in order, each changed from the one before it."""
    pictures = []
    for load in loads:
        picture = bar_for(place, load, before)
        pictures.append(picture)
        before = load if picture else before
    return tuple(pictures)


def _bars(place: Inventory) -> Iterable[Barbell]:
    return (implement for implement in place.implements if isinstance(implement, Barbell))


def _picture(bar: Barbell, load: Load, before: Load | None) -> BarPicture | None:
    try:
        now = plates_for(bar, before).end if before is not None else ()
    except DomainError:
        now = ()
    try:
        return BarPicture(load, bar.bar, plates_for(bar, load, now))
    except DomainError:
        return None
