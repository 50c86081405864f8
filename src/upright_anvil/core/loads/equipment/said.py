"""What was understood of an equipment list, said back in words."""

from collections.abc import Sequence
from typing import Final

from upright_anvil.core.loads.implements import Barbell, FixedLoads, Implement, ImplementKind, Plates, Stack
from upright_anvil.core.loads.load import Load


def implement_words(one: Implement) -> str:
    """Answer what an implement was understood as, in words: ``dumbbells 4, 6, 8 kg``."""
    if isinstance(one, Barbell):
        return f"bar {one.bar}" + (f" with {plates_words(one.plates)}" if one.plates else "")
    loads = one.steps if isinstance(one, Stack) else one.loads
    name = _PLURALS.get(one.kind, str(one.kind))
    labels = one.labels if isinstance(one, FixedLoads) and one.estimated else ()
    if labels:
        about = ", ".join(f"{label} {load}" for label, load in zip(labels, loads, strict=True))
        return f"{name} {about}, estimated" if one.kind is ImplementKind.BAND else f"{about}, estimated"
    extra = f", add-on {_list_of(one.add_ons)}" if isinstance(one, Stack) and one.add_ons else ""
    return f"{name} {_list_of(loads)}{extra}"


def plates_words(plates: Sequence[Plates]) -> str:
    """Answer plates in words: ``plates 2 x 5, 4 x 10 kg``."""
    unit = plates[0].load.unit if plates else ""
    return f"plates {', '.join(f'{one.count} x {one.load.value}' for one in plates)} {unit}".strip()


_PLURALS: Final = {
    ImplementKind.DUMBBELL: "dumbbells",
    ImplementKind.KETTLEBELL: "kettlebells",
    ImplementKind.MEDICINE_BALL: "medicine balls",
    ImplementKind.BAND: "bands",
    ImplementKind.BARBELL: "fixed barbells",
    ImplementKind.BODYWEIGHT: "added to body weight",
    ImplementKind.ASSISTANCE: "taken off body weight",
}


def _list_of(loads: Sequence[Load]) -> str:
    unit = loads[0].unit if loads else ""
    return f"{', '.join(str(load.value) for load in loads)} {unit}"
