"""Bands and steps by their label: which load a code stands for at a place, and which code a load has."""

from upright_anvil.core.loads.implements import Achievable, ImplementKind, kind_named
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Load
from upright_anvil.core.prescription.load_targets import MAX_LABEL, Coded, Together

_KINDS = {"band": (ImplementKind.BAND,), "step": (ImplementKind.DUMBBELL, ImplementKind.KETTLEBELL)}


def coded(load: Coded, place: Inventory) -> Achievable | None:
    """Answer the band with this label, or the step of an adjustable set with this code, at a place."""
    label = load.label.lower()
    made = [a for kind in _KINDS[load.sort] for a in place.achievable(kind)]
    exact = (a for a in made if label in a.how.lower().replace(",", " ").split())
    return next(exact, None) or next((a for a in made if label in a.how.lower()), None)


def code_at(load: Load, kind: ImplementKind, place: Inventory) -> str:
    """Answer what a load is called at a place: a pin's colour, a band's, a rucksack; empty where it has no name."""
    made = place.find(kind, load)
    if made is None:
        return ""
    return (
        made.how.partition(", ")[2]
        if made.how.startswith(str(load))
        else made.how
        if kind is ImplementKind.BAND
        else ""
    )


def kind_of_things(load: Together, usual: ImplementKind | None, place: Inventory) -> ImplementKind | None:
    """Answer the kind of a thing that is named and at the place with this weight, else the ``usual`` one."""
    named = kind_named(load.name)
    return named if named is not None and place.find(named, load.weight) else usual


def remade(load: Together, made: Achievable, kind: ImplementKind) -> Together | Load:
    """Answer things with another weight of the place; a name stays where that is a thing of the same name."""
    only = made.how.lower().startswith(load.name.removesuffix("s")) and "+" not in made.how
    stays = kind is kind_named(load.name) and (kind is not ImplementKind.IMPROVISED or only)
    return load.reweighed(made.load, load.name if stays else "")


def code_of(made: Achievable, sort: Coded) -> Coded | None:
    """Answer the code that a load of the place is written with, of the same sort; None where it has none of its own."""
    label = made.how if sort.sort == "band" else made.how.partition(", ")[2]
    found = label.strip()
    return Coded(sort.sort, found) if found and len(found) <= MAX_LABEL and "," not in found else None


def beside(load: Coded, place: Inventory, *, up: bool) -> Coded | Load | None:
    """Answer the next band or step listed at the place, heavier or lighter; None at the end, or where it is unknown.

    A step without a code of its own is answered as its load.
    """
    for kind in _KINDS[load.sort]:
        made = place.achievable(kind)
        here = coded(load, place)
        if here is None or here not in made:
            continue
        at = made.index(here) + (1 if up else -1)
        if not 0 <= at < len(made):
            return None
        return code_of(made[at], load) or made[at].load
    return None


def named(load: Load, like: Coded, place: Inventory) -> Coded | None:
    """Answer the code of the load that was used, of the same sort; None where the place knows no such load."""
    found = (a for kind in _KINDS[like.sort] for a in place.achievable(kind) if a.load.same_as(load))
    made = next(found, None)
    return code_of(made, like) if made is not None else None
