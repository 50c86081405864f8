"""Steps of load that can be made at the place, and how big they are for this client."""

from dataclasses import dataclass, replace
from decimal import Decimal
from typing import Final, Protocol

from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.loads.features import Feature
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Kilograms, Load, Unit
from upright_anvil.core.prescription.coding import beside, coded, kind_of_things, remade
from upright_anvil.core.prescription.load_targets import (
    BodyweightLoad,
    Coded,
    LoadTarget,
    OpenLoad,
    Together,
    moved_kg,
)


class Lifting(Protocol):
    """What a step depends on: the exercise, what the place has, the client's body weight (kg)."""

    @property
    def exercise(self) -> Exercise: ...  # noqa: D102
    @property
    def place(self) -> Inventory: ...  # noqa: D102
    @property
    def body_kg(self) -> Kilograms | None: ...  # noqa: D102


@dataclass(frozen=True, slots=True)
class Kit:
    """The plainest `Lifting`: an exercise at a place, for a client of some body weight (kg; None where not known)."""

    exercise: Exercise
    place: Inventory
    body_kg: Kilograms | None = None


@dataclass(frozen=True, slots=True)
class LoadStep:
    """The neighbouring load as a prescription writes it, and the change as a share of what moves now (0.05 = 5 %).

    ``estimated`` says that the figure behind it is only an estimate, as with bands.
    """

    to: LoadTarget
    share: Decimal
    estimated: bool = False


def step_up(kit: Lifting, load: LoadTarget) -> LoadStep | None:
    """Answer the next heavier load at the place: less assistance, body weight alone, then what is added to it.

    None at the heaviest, or where nothing is known of the assistance there is.
    """
    return _step(kit, load, up=True)


def step_down(kit: Lifting, load: LoadTarget) -> LoadStep | None:
    """Answer the next lighter load at the place (its share is negative); None at the lightest."""
    return _step(kit, load, up=False)


def _step(kit: Lifting, load: LoadTarget, *, up: bool) -> LoadStep | None:
    if isinstance(load, BodyweightLoad):
        rung = _body_weight_step(kit, load, up=up)
        return _measured(kit, load, rung) if rung is not None else None
    if isinstance(load, Coded):
        listed = beside(load, kit.place, up=up)
        step_to = _measured(kit, load, listed) if listed is not None else None
        return replace(step_to, estimated=load.sort == "band") if step_to is not None else None
    if isinstance(load, Together):
        return _step_of_things(kit, load, up=up)
    kind = kit.exercise.implement_at(kit.place)
    if kind is None or not isinstance(load, Load):
        return None
    step = kit.place.step_up(kind, load) if up else kit.place.step_down(kind, load)
    return _measured(kit, load, step.to.load) if step is not None else None


def _step_of_things(kit: Lifting, load: Together, *, up: bool) -> LoadStep | None:
    """The weight beside what things come to."""
    kind = kind_of_things(load, kit.exercise.implement_at(kit.place), kit.place)
    if kind is None:
        return None
    step = kit.place.step_up(kind, load.weight) if up else kit.place.step_down(kind, load.weight)
    return _measured(kit, load, remade(load, step.to, kind)) if step is not None else None


_NOTHING = Load(Decimal(0), Unit.KG)


def can_be_helped(exercise: Exercise) -> bool:
    """Answer whether assistance takes weight off an exercise: pulling up to a bar, pressing up from two. House rule."""
    bars = {Feature.PULL_UP_BAR, Feature.DIP_BARS}
    return exercise.pattern in (Pattern.PULL_VERTICAL, Pattern.PUSH_HORIZONTAL) and not bars.isdisjoint(exercise.needs)


def _body_weight_step(kit: Lifting, load: BodyweightLoad, *, up: bool) -> BodyweightLoad | None:
    """The rung beside a load on the one ladder of assistance, body weight and added load."""
    place = kit.place
    now, help_kind, more_kind = load.added or _NOTHING, ImplementKind.ASSISTANCE, ImplementKind.BODYWEIGHT
    if load.assisted:
        if not place.has(help_kind):
            return None
        step = place.step_down(help_kind, now) if up else place.step_up(help_kind, now)
        return BodyweightLoad(step.to.load, assisted=True) if step is not None else BodyweightLoad() if up else None
    if up or load.added is not None:
        step = place.step_up(more_kind, now) if up else place.step_down(more_kind, now)
        return BodyweightLoad(step.to.load) if step is not None else None if up else BodyweightLoad()
    step = place.step_up(help_kind, now) if can_be_helped(kit.exercise) else None
    return BodyweightLoad(step.to.load, assisted=True) if step is not None else None


def _measured(kit: Lifting, now: LoadTarget, to: LoadTarget) -> LoadStep | None:
    before, after = (moved(kit, load) for load in (now, to))
    if before is None or after is None or not before:
        return None
    return LoadStep(to, (after - before) / before)


def moved(kit: Lifting, load: LoadTarget) -> Kilograms | None:
    """Answer the kilograms that move at a load, None where body weight is needed and not known, or nobody can say.

    A band or code moves what it stands for at the place.
    """
    if isinstance(load, Coded):
        made = coded(load, kit.place)
        return moved_kg(made.load, kit.exercise.bodyweight_share, kit.body_kg) if made is not None else None
    return moved_kg(load, kit.exercise.bodyweight_share, kit.body_kg)


def eased(kit: Lifting, load: LoadTarget, cut: Decimal) -> LoadStep | None:
    """Answer the load nearest below what a cut leaves (0.10 = 10 % less), never the load now; None at the lightest.

    House rule.
    """
    now = moved(kit, load)
    step = step_down(kit, load)
    if step is None or now is None:
        return None
    wanted = now * (1 - cut)
    total = step
    while (reached := moved(kit, total.to)) is not None and reached > wanted:
        further = step_down(kit, total.to)
        if further is None:
            break
        total = LoadStep(further.to, ((moved(kit, further.to) or reached) - now) / now)
    return total


def within_cap(kit: Lifting, load: LoadTarget, cap: Decimal) -> LoadStep | None:
    """Answer the heaviest load that can be made within a cap above the load now; None where the next is past it."""
    now = moved(kit, load)
    found, at = None, load
    while now and (step := step_up(kit, at)) is not None:
        share = ((moved(kit, step.to) or now) - now) / now
        if share > cap:
            break
        found, at = LoadStep(step.to, share), step.to
    return found


def nearest_to(kit: Lifting, load: LoadTarget, share: Decimal, cap: Decimal) -> LoadStep | None:
    """Answer the load nearest to a change of the load now (0.04 = 4 % more), not above a cap; None for the load now.

    House rule.
    """
    now = moved(kit, load)
    if not now:
        return None
    found, at = LoadStep(load, Decimal(0)), load
    while (step := (step_up if share > 0 else step_down)(kit, at)) is not None:
        reached = ((moved(kit, step.to) or now) - now) / now
        if abs(reached - share) >= abs(found.share - share) or reached > cap:
            break
        found, at = LoadStep(step.to, reached), step.to
    return None if found.to == load else found


def load_of_rung(rung: Exercise) -> LoadTarget:
    """Answer what another rung is begun with: body weight where that moves, else an open load. House rule."""
    plain = rung.bodyweight_share or rung.implements[:1] == (ImplementKind.BODYWEIGHT,)
    return BodyweightLoad() if plain else OpenLoad()


SMALL_MUSCLES: Final = frozenset(
    {
        Muscle.BICEPS,
        Muscle.TRICEPS,
        Muscle.FOREARMS,
        Muscle.FRONT_SHOULDER,
        Muscle.SIDE_SHOULDER,
        Muscle.REAR_SHOULDER,
        Muscle.CALVES,
        Muscle.SHINS,
        Muscle.ANKLE_STABILISERS,
        Muscle.HIP_ABDUCTORS,
        Muscle.HIP_FLEXORS,
    }
)


def longest_stride(exercise: Exercise, cap: Decimal) -> Decimal:
    """Answer the most that may be chosen at once where several loads can be made, as a share of the load now.

    The cap; half of it for exercises that small muscles do alone. The next load may still be further, up to the cap.
    House rule: small muscles take small steps.
    """
    return cap / 2 if exercise.movers and SMALL_MUSCLES.issuperset(exercise.movers) else cap
