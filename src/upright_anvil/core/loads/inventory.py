"""What can be lifted at a place: the finite set of loads behind every suggestion."""

from bisect import bisect_left, bisect_right
from collections.abc import Iterable
from dataclasses import dataclass, field
from decimal import Decimal
from enum import StrEnum

from upright_anvil.core.loads.features import EVERYWHERE, Feature
from upright_anvil.core.loads.implements import Achievable, FixedLoads, Implement, ImplementKind, improvised_loads
from upright_anvil.core.loads.load import Load


class Rounding(StrEnum):
    """Which achievable load to take for a target between two."""

    DOWN = "down"
    NEAREST = "nearest"
    UP = "up"


@dataclass(frozen=True, slots=True)
class NextStep:
    """The neighbouring achievable load and how far it is, as a share of the load now (0.05 = 5 %)."""

    to: Achievable
    share: Decimal


@dataclass(frozen=True, slots=True)
class _Rack:
    """All loads of one kind, lightest first, with their kilograms beside them for finding one fast."""

    made: tuple[Achievable, ...]
    kilograms: tuple[Decimal, ...]


@dataclass(frozen=True, slots=True)
class Inventory:
    """The implements of one place, and what else there is; ``things`` are named freely (rope, stick, wobble board)."""

    implements: tuple[Implement, ...] = ()
    features: frozenset[Feature] = EVERYWHERE
    things: frozenset[str] = frozenset()
    _racks: dict[ImplementKind, _Rack] = field(default_factory=dict, init=False, repr=False, compare=False)
    _kinds: frozenset[ImplementKind] = field(default=frozenset(), init=False, repr=False, compare=False)

    def __post_init__(self) -> None:
        kinds = frozenset({ImplementKind.BODYWEIGHT, *(i.kind for i in self.implements)})
        object.__setattr__(self, "_kinds", kinds)

    def has(self, kind: ImplementKind) -> bool:
        """Answer whether there is anything of this kind; body weight is always there."""
        return kind in self._kinds

    def offers(self, feature: Feature) -> bool:
        """Answer whether the place has this thing: a bench, a wall, ground to walk on."""
        return feature in self.features

    def first_of(self, kinds: Iterable[ImplementKind]) -> ImplementKind | None:
        """Answer the first of these kinds that the place has, in the exercise's own order of preference."""
        return next((kind for kind in kinds if self.has(kind)), None)

    def achievable(self, kind: ImplementKind) -> tuple[Achievable, ...]:
        """Answer the loads of one kind, lightest first, each mass once."""
        return self._rack(kind).made

    def find(self, kind: ImplementKind, load: Load) -> Achievable | None:
        """Answer the achievable load of exactly this mass, or None."""
        rack = self._rack(kind)
        at = bisect_left(rack.kilograms, load.kg)
        return rack.made[at] if at < len(rack.made) and rack.kilograms[at] == load.kg else None

    def nearest(self, kind: ImplementKind, target: Load, rounding: Rounding = Rounding.NEAREST) -> Achievable | None:
        """Answer the achievable load for a target; None when there is none on that side. A tie goes to the lighter."""
        rack = self._rack(kind)
        above, below = bisect_left(rack.kilograms, target.kg), bisect_right(rack.kilograms, target.kg) - 1
        down = rack.made[below] if below >= 0 else None
        up = rack.made[above] if above < len(rack.made) else None
        if rounding is Rounding.DOWN or (up is None and rounding is Rounding.NEAREST):
            return down
        if rounding is Rounding.UP or up is None or down is None:
            return up
        return down if target.kg - down.load.kg <= up.load.kg - target.kg else up

    def around(self, kind: ImplementKind, target: Load) -> tuple[Achievable, ...]:
        """Answer the nearest load below and above a target that cannot be made: two, one at the ends, or none."""
        sides = (self.nearest(kind, target, r) for r in (Rounding.DOWN, Rounding.UP))
        return tuple(dict.fromkeys(a for a in sides if a))

    def step_up(self, kind: ImplementKind, load: Load) -> NextStep | None:
        """Answer the next heavier achievable load and the size of the step; None at the heaviest."""
        rack = self._rack(kind)
        at = bisect_right(rack.kilograms, load.kg)
        return _step(rack.made[at], load) if at < len(rack.made) else None

    def step_down(self, kind: ImplementKind, load: Load) -> NextStep | None:
        """Answer the next lighter achievable load (its share is negative); None at the lightest."""
        rack = self._rack(kind)
        at = bisect_left(rack.kilograms, load.kg)
        return _step(rack.made[at - 1], load) if at > 0 else None

    def _rack(self, kind: ImplementKind) -> _Rack:
        rack = self._racks.get(kind)
        if rack is None:
            rack = self._racks[kind] = _gathered(self.implements, kind)
        return rack


def _step(to: Achievable, load: Load) -> NextStep:
    return NextStep(to, load.step_to(to.load))


def _gathered(implements: tuple[Implement, ...], kind: ImplementKind) -> _Rack:
    by_mass: dict[Decimal, Achievable] = {}
    for implement in implements:
        if implement.kind is kind and kind is not ImplementKind.IMPROVISED:
            for made in implement.achievable():
                by_mass.setdefault(made.load.kg, made)
    # What is worn or held beside the body may be a vest or a packed rucksack.
    if kind in (ImplementKind.IMPROVISED, ImplementKind.BODYWEIGHT):
        for made in improvised_loads(implements):
            by_mass.setdefault(made.load.kg, made)
    kilograms = tuple(sorted(by_mass))
    return _Rack(tuple(by_mass[kg] for kg in kilograms), kilograms)


ANYWHERE = Inventory(tuple(FixedLoads(kind, ()) for kind in ImplementKind), frozenset(Feature))
"""A place that has one of everything, with no loads listed: for asking what could be done at all."""
