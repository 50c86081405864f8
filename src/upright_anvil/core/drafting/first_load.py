"""A load to begin with where nothing of the client is known yet: low on purpose, and said to be a guess.

House rule: a share of body weight for the family's reference lift, as somebody untrained may lift it once, then down
for years, pregnancy and the months after a birth, and up for training age; 10 % held back, rounded down to what is
there. The first set tells, and the trainer changes it.
"""

from dataclasses import dataclass
from decimal import Decimal
from types import MappingProxyType
from typing import Final

from upright_anvil.core.constants import CARRY_OVER_CAUTION
from upright_anvil.core.drafting.brief import MUCH_OLDER, Brief
from upright_anvil.core.exercises import Exercise, ExerciseKind
from upright_anvil.core.goals import TrainingAge
from upright_anvil.core.library.starting_load import KnownLoad, starting_load
from upright_anvil.core.loads.implements import Achievable, ImplementKind
from upright_anvil.core.loads.inventory import Rounding
from upright_anvil.core.loads.load import Kilograms, Load, in_unit
from upright_anvil.core.plan.read_out.resolving import suggested
from upright_anvil.core.prescription.load_targets import BodyweightLoad
from upright_anvil.core.strength.estimate import share_of_max

ASSUMED_BODY_KG: Final = Decimal(65)
"""Body weight reckoned with where none is known."""

MOST_BODY_KG: Final = Decimal(100)
"""Body weight beyond this adds nothing to a guess, be it real or a slip of the keyboard."""

_REFERENCE: Final = MappingProxyType(
    {
        "squat": "0.70", "hinge": "0.85", "bench": "0.45", "press": "0.30", "row": "0.45", "pull": "0.50",
        "thrust": "0.85", "legcurl": "0.30", "legext": "0.35", "curl": "0.22", "triceps": "0.25", "raise": "0.06",
        "facepull": "0.20", "calf": "0.60", "twist": "0.15",
    }
)  # fmt: skip
_TRAINED: Final = MappingProxyType(
    {
        TrainingAge.SEDENTARY: "0.60", TrainingAge.NEW: "0.75", TrainingAge.NOT_SAID: "0.60",
        TrainingAge.RETURNING: "0.80", TrainingAge.SOME: "1.10", TrainingAge.EXPERIENCED: "1.40",
    }
)  # fmt: skip
_BIG: Final = frozenset({"squat", "hinge", "row", "thrust"})
HARDLY_MORE: Final = Decimal("1.6")
KNOWN_HELD_BACK: Final = Decimal("0.8")
MOST_KNOWN: Final = Decimal(2)
_PER_HAND: Final = Decimal("0.08")
"""Share of body weight for what a hand holds in an exercise without kin; half as much again is carried."""
_CARRIED: Final = Decimal("1.5")


@dataclass(frozen=True, slots=True)
class FirstLoad:
    """A load with how it came about in words; ``guessed`` where nothing of the client speaks for it."""

    load: Load | BodyweightLoad
    why: str
    guessed: bool


def first_load(exercise: Exercise, brief: Brief, reps: int, left: int) -> FirstLoad | None:
    """Answer what to begin an exercise with; None where it takes no load, or even the lightest there is too heavy.

    The client's own estimate first, then one carried over from its kin, then a stated guess. House rule.
    """
    profile = brief.who.profile
    kind = exercise.implement_at(profile.inventory)
    if kind is None or kind is ImplementKind.BODYWEIGHT or kind in (ImplementKind.BAND, ImplementKind.ASSISTANCE):
        return None
    own = suggested(exercise, profile, reps, left)
    if own is not None:
        most = in_unit(profile.max_kg[exercise.id], profile.unit)
        return FirstLoad(own, f"{own} from an estimated maximum of {most:.0f} {profile.unit}", guessed=False)
    if exercise.id in profile.max_kg:
        return None
    kin = _from_kin(exercise, brief, reps, left)
    return kin or _guess(exercise, kind, brief, reps, left)


def _from_kin(exercise: Exercise, brief: Brief, reps: int, left: int) -> FirstLoad | None:
    profile = brief.who.profile
    for name, most in sorted(profile.max_kg.items(), key=lambda known: (-known[1], known[0])):
        other = profile.exercises.get(name)
        if other is None or not other.family or other.family != exercise.family:
            continue
        held = other.implement_at(profile.inventory)
        if held is None:
            continue
        known = KnownLoad(other, held, most)
        found = starting_load(known, exercise, profile.inventory, profile.body_kg, profile.unit, reps, left)
        if found is not None and isinstance(found.load, Load):
            return FirstLoad(found.load, f"{found.load} carried over from {other.name}", guessed=False)
    return None


def _guess(exercise: Exercise, kind: ImplementKind, brief: Brief, reps: int, left: int) -> FirstLoad | None:
    profile = brief.who.profile
    body = min(Decimal(profile.body_kg or ASSUMED_BODY_KG), MOST_BODY_KG)
    share = exercise.share_with(kind)
    reference = _REFERENCE.get(exercise.family)
    if share and reference:
        once = body * Decimal(reference) * Decimal(share) * _factor(brief)
        kg = once * Decimal(repr(share_of_max(reps + left))) * (1 - CARRY_OVER_CAUTION)
    else:
        kg = body * _PER_HAND * _factor(brief)
        kg *= _CARRIED if exercise.kind is ExerciseKind.CARRY else 1
    made = profile.inventory.nearest(
        kind, Load.of(round(in_unit(Kilograms(kg), profile.unit), 2), profile.unit), Rounding.DOWN
    )
    if made is None:
        made = _lightest(exercise, kind, Kilograms(kg), brief)
    if made is None:
        return None
    weighed = "body weight" if profile.body_kg else f"{ASSUMED_BODY_KG} kg, no body weight being known"
    return FirstLoad(
        made.load, f"{made.load} is a first guess from {weighed} and {_by(brief)}: the first set tells", guessed=True
    )


def _by(brief: Brief) -> str:
    if _known_ratio(brief) is not None:
        return "what is known of other lifts"
    age = f", {brief.said.age} years" if brief.older else ""
    return f"{brief.who.training_age or 'training so far unknown'}{age}"


def _factor(brief: Brief) -> Decimal:
    """How strong the client is beside somebody untrained: by what is known of other lifts, else by training and years.

    Pregnancy, the months after a birth and a clearance that lacks hold back either way: what was lifted before is past.
    """
    known = _known_ratio(brief)
    found = Decimal(_TRAINED[brief.who.training_age]) if known is None else known
    if known is None and brief.older:
        found *= Decimal("0.60") if (brief.said.age or 0) >= MUCH_OLDER else Decimal("0.75")
    if brief.expecting or brief.months_after_birth is not None or brief.who.clearance:
        found *= Decimal("0.70")
    return found


def _lightest(exercise: Exercise, kind: ImplementKind, kg: Kilograms, brief: Brief) -> Achievable | None:
    """The lightest there is, where it is hardly more than the guess and goes to big muscles. House rule."""
    there = brief.who.profile.inventory.achievable(kind)
    big = exercise.kind is ExerciseKind.CARRY or exercise.family in _BIG
    return there[0] if big and there and there[0].load.kg <= kg * HARDLY_MORE else None


def _known_ratio(brief: Brief) -> Decimal | None:
    """The middle of the known maxima over the references, a fifth held back; None where no lift with kin is known."""
    profile = brief.who.profile
    body = Decimal(profile.body_kg or ASSUMED_BODY_KG)
    ratios = []
    for name, most in profile.max_kg.items():
        exercise = profile.exercises.get(name)
        reference = _REFERENCE.get(exercise.family) if exercise else None
        share = exercise.share_with(exercise.implement_at(profile.inventory)) if exercise else None
        if reference and share and exercise and not exercise.bodyweight_share:
            ratios.append(Decimal(most) / (body * Decimal(reference) * share))
    if not ratios:
        return None
    return min(sorted(ratios)[(len(ratios) - 1) // 2] * KNOWN_HELD_BACK, MOST_KNOWN)
