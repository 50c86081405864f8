"""Steps of load that can be made at the place, and how big they are for this client."""

from dataclasses import dataclass
from decimal import Decimal

from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.load_targets import BodyweightLoad, LoadTarget, moved_kg
from upright_anvil.core.progression.model import Situation


@dataclass(frozen=True, slots=True)
class LoadStep:
    """The neighbouring load as a prescription writes it, and the change as a share of what moves now (0.05 = 5 %)."""

    to: LoadTarget
    share: Decimal


def step_up(situation: Situation, load: LoadTarget) -> LoadStep | None:
    """Answer the next heavier load at the place; None at the heaviest, or where assistance would have to shrink."""
    return _step(situation, load, up=True)


def step_down(situation: Situation, load: LoadTarget) -> LoadStep | None:
    """Answer the next lighter load at the place (its share is negative); None at the lightest."""
    return _step(situation, load, up=False)


def _step(situation: Situation, load: LoadTarget, *, up: bool) -> LoadStep | None:
    place = situation.place
    match load:
        case BodyweightLoad(assisted=True):
            return None
        case BodyweightLoad(added=added):
            kind: ImplementKind | None = ImplementKind.BODYWEIGHT
            now = added or Load(Decimal(0), Unit.KG)
            if not up and added and place.step_down(ImplementKind.BODYWEIGHT, added) is None:
                return _measured(situation, load, BodyweightLoad())
        case Load():
            kind, now = situation.exercise.implement_at(place), load
    step = (place.step_up(kind, now) if up else place.step_down(kind, now)) if kind else None
    if step is None:
        return None
    reached: LoadTarget = BodyweightLoad(step.to.load) if isinstance(load, BodyweightLoad) else step.to.load
    return _measured(situation, load, reached)


def _measured(situation: Situation, now: LoadTarget, to: LoadTarget) -> LoadStep | None:
    before, after = (moved(situation, load) for load in (now, to))
    if before is None or after is None or not before:
        return None
    return LoadStep(to, (after - before) / before)


def moved(situation: Situation, load: LoadTarget) -> Decimal | None:
    """Answer the kilograms that move at a load, None where body weight is needed and not known."""
    return moved_kg(load, situation.exercise.bodyweight_share, situation.body_kg)


def eased(situation: Situation, load: LoadTarget, cut: Decimal) -> LoadStep | None:
    """Answer the load nearest below what a cut leaves (0.10 = 10 % less), never the load now; None at the lightest.

    House rule.
    """
    now = moved(situation, load)
    step = step_down(situation, load)
    if step is None or now is None:
        return None
    wanted = now * (1 - cut)
    total = step
    while (reached := moved(situation, total.to)) is not None and reached > wanted:
        further = step_down(situation, total.to)
        if further is None:
            break
        total = LoadStep(further.to, ((moved(situation, further.to) or reached) - now) / now)
    return total


def within_cap(situation: Situation, load: LoadTarget, cap: Decimal) -> LoadStep | None:
    """Answer the heaviest load that can be made within a cap above the load now; None where the next is past it."""
    now = moved(situation, load)
    found, at = None, load
    while now and (step := step_up(situation, at)) is not None:
        share = ((moved(situation, step.to) or now) - now) / now
        if share > cap:
            break
        found, at = LoadStep(step.to, share), step.to
    return found


def nearest_to(situation: Situation, load: LoadTarget, share: Decimal) -> LoadStep | None:
    """Answer the load nearest to a change of the load now (0.04 = 4 % more), not above the cap; None for the load now.

    House rule.
    """
    now = moved(situation, load)
    if not now:
        return None
    found, at = LoadStep(load, Decimal(0)), load
    while (step := (step_up if share > 0 else step_down)(situation, at)) is not None:
        reached = ((moved(situation, step.to) or now) - now) / now
        if abs(reached - share) >= abs(found.share - share) or reached > situation.step_cap:
            break
        found, at = LoadStep(step.to, reached), step.to
    return None if found.to == load else found
