"""What can be lifted at a place: the finite set of loads behind every suggestion."""

from collections.abc import Iterable
from dataclasses import dataclass
from decimal import Decimal
from enum import StrEnum
from functools import lru_cache

from upright_anvil.core.loads.implements import Achievable, Implement, ImplementKind
from upright_anvil.core.loads.load import Load


class Rounding(StrEnum):
    """Which achievable load to take for a target between two."""

    DOWN = "down"
    NEAREST = "nearest"
    UP = "up"


@dataclass(frozen=True, slots=True)
class Step:
    """The neighbouring achievable load and how far it is, as a share of the load now (0.05 = 5 %)."""

    to: Achievable
    share: Decimal


@dataclass(frozen=True, slots=True)
class Inventory:
    """The implements of one place."""

    implements: tuple[Implement, ...] = ()

    def has(self, kind: ImplementKind) -> bool:
        """Answer whether there is anything of this kind; body weight is always there."""
        return kind is ImplementKind.BODYWEIGHT or any(i.kind is kind for i in self.implements)

    def first_of(self, kinds: Iterable[ImplementKind]) -> ImplementKind | None:
        """Answer the first of these kinds that the place has, in the exercise's own order of preference."""
        return next((kind for kind in kinds if self.has(kind)), None)

    def achievable(self, kind: ImplementKind) -> tuple[Achievable, ...]:
        """Answer the loads of one kind, lightest first, each mass once."""
        return _achievable(self, kind)

    def find(self, kind: ImplementKind, load: Load) -> Achievable | None:
        """Answer the achievable load of exactly this mass, or None."""
        return next((a for a in self.achievable(kind) if a.load.same_as(load)), None)

    def nearest(self, kind: ImplementKind, target: Load, rounding: Rounding = Rounding.NEAREST) -> Achievable | None:
        """Answer the achievable load for a target; None when there is none on that side. A tie goes to the lighter."""
        below = [a for a in self.achievable(kind) if a.load.kg <= target.kg]
        above = [a for a in self.achievable(kind) if a.load.kg >= target.kg]
        down, up = (below[-1] if below else None), (above[0] if above else None)
        if rounding is Rounding.DOWN or up is None:
            return down if rounding is not Rounding.UP else None
        if rounding is Rounding.UP or down is None:
            return up
        return down if target.kg - down.load.kg <= up.load.kg - target.kg else up

    def around(self, kind: ImplementKind, target: Load) -> tuple[Achievable, ...]:
        """Answer the nearest load below and above a target that cannot be made: two, one at the ends, or none."""
        sides = (self.nearest(kind, target, r) for r in (Rounding.DOWN, Rounding.UP))
        return tuple(dict.fromkeys(a for a in sides if a))

    def step_up(self, kind: ImplementKind, load: Load) -> Step | None:
        """Answer the next heavier achievable load and the size of the step; None at the heaviest."""
        return self._step((a for a in self.achievable(kind) if a.load.kg > load.kg), load)

    def step_down(self, kind: ImplementKind, load: Load) -> Step | None:
        """Answer the next lighter achievable load (its share is negative); None at the lightest."""
        return self._step((a for a in reversed(self.achievable(kind)) if a.load.kg < load.kg), load)

    @staticmethod
    def _step(candidates: Iterable[Achievable], load: Load) -> Step | None:
        to = next(iter(candidates), None)
        return Step(to, load.step_to(to.load)) if to else None


@lru_cache(maxsize=512)
def _achievable(inventory: Inventory, kind: ImplementKind) -> tuple[Achievable, ...]:
    by_mass: dict[Decimal, Achievable] = {}
    for implement in inventory.implements:
        if implement.kind is kind:
            for made in implement.achievable():
                by_mass.setdefault(made.load.kg, made)
    return tuple(by_mass[kg] for kg in sorted(by_mass))
