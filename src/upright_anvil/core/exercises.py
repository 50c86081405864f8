"""An exercise as the rules see it."""

from dataclasses import dataclass
from decimal import Decimal
from enum import StrEnum

from upright_anvil.core.body.demands import Demand
from upright_anvil.core.body.joints import Joint, JointLoad, Stress
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.constants import DEFAULT_REP_SECONDS
from upright_anvil.core.ids import NO_EXERCISE, ExerciseId
from upright_anvil.core.loads.features import Feature, thing_name
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.inventory import Inventory

IN_HAND = (
    ImplementKind.DUMBBELL, ImplementKind.KETTLEBELL, ImplementKind.IMPROVISED, ImplementKind.MEDICINE_BALL,
)  # fmt: skip
"""Things that a hand holds, in the order in which one stands in for another."""
HAND_HELD = frozenset(IN_HAND)


class Pattern(StrEnum):
    """Movement patterns (rules, volume and balance), and two for what belongs to none of them."""

    SQUAT = "squat"
    HINGE = "hinge"
    LUNGE = "lunge"
    PUSH_HORIZONTAL = "push horizontal"
    PUSH_VERTICAL = "push vertical"
    PULL_HORIZONTAL = "pull horizontal"
    PULL_VERTICAL = "pull vertical"
    CARRY = "carry"
    TRUNK = "trunk"
    ROTATION = "rotation"
    LOCOMOTION = "locomotion"
    BALANCE = "balance"
    SINGLE_JOINT = "single joint"
    MOBILITY = "mobility"


class ExerciseKind(StrEnum):
    """What sort of exercise it is: counted, held, jumped, carried, thrown, or there to get ready or wind down."""

    LIFT = "lift"
    HOLD = "hold"
    JUMP = "jump"
    CARRY = "carry"
    THROW = "throw"
    BALANCE = "balance"
    CARDIO = "cardio"
    MOBILITY = "mobility"
    WARM_UP = "warm-up"
    STRETCH = "stretch"


class Skill(StrEnum):
    """How much practice an exercise wants before it stands in a program. House rule."""

    ANYONE = "anyone"
    SOME = "some practice"
    MUCH = "much practice"


class Suits(StrEnum):
    """For whom an exercise is there that others do not need."""

    AFTER_BIRTH = "after birth"
    PREGNANCY = "pregnancy"
    UNSTEADY = "unsteady"


@dataclass(frozen=True, slots=True)
class CueSet:
    """Cues of one school: ``spare knee`` for a joint that complains, ``bias glutes`` for one muscle's sake."""

    school: str
    cues: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class KinShare:
    """How heavy an exercise is lifted with one implement, as a share of its family's reference lift."""

    implement: ImplementKind
    share: Decimal


@dataclass(frozen=True, slots=True)
class Exercise:
    """What the rules need of an exercise.

    ``implements`` are in order of preference; ``needs`` are things the place must have; ``bodyweight_share`` is the
    share of body weight moved (0 to 1); ``rep_seconds`` holds where a line has no tempo; ``one_sided`` moves are
    prescribed each side. ``family`` and ``strength`` say how heavy it is lifted beside its kin: with each implement,
    the share of the family's reference lift one can do once (loads counted by the convention; house estimates).
    ``ladder`` and ``after`` place an own exercise on a ladder, right above that rung. ``asks`` names demands on the
    whole body that some clients are asked about first; see ``demands``. ``kit`` are things named freely that it needs.
    ``also`` are its other names, as people call and shorten it. ``on_request`` marks what asks for a skill, a risk or
    a reason that the trainer weighs: it is found by its name, but never drafted or offered in place of another, but
    for those whom it ``suits``. ``skill`` is the practice it wants.
    """

    id: ExerciseId
    name: str
    pattern: Pattern
    movers: tuple[Muscle, ...]
    helpers: tuple[Muscle, ...] = ()
    implements: tuple[ImplementKind, ...] = (ImplementKind.BODYWEIGHT,)
    bodyweight_share: Decimal = Decimal(0)
    rep_seconds: int = DEFAULT_REP_SECONDS
    one_sided: bool = False
    cues: tuple[str, ...] = ()
    kind: ExerciseKind = ExerciseKind.LIFT
    needs: tuple[Feature, ...] = ()
    stable: bool = True
    joints: tuple[JointLoad, ...] = ()
    family: str = ""
    strength: tuple[KinShare, ...] = ()
    cue_sets: tuple[CueSet, ...] = ()
    faults: tuple[str, ...] = ()
    ladder: str = ""
    after: ExerciseId = NO_EXERCISE
    own: bool = False
    edited: bool = False
    removed: bool = False
    asks: tuple[Demand, ...] = ()
    kit: tuple[str, ...] = ()
    also: tuple[str, ...] = ()
    on_request: bool = False
    skill: Skill = Skill.ANYONE
    suits: tuple[Suits, ...] = ()

    @property
    def demands(self) -> tuple[Demand, ...]:
        """What it asks of the whole body: as the data say, and what its kind, pattern and base bring with them."""
        brought = (
            (Demand.IMPACT, self.kind is ExerciseKind.JUMP),
            (Demand.OVERHEAD, self.pattern is Pattern.PUSH_VERTICAL),
            (Demand.BALANCE, self.kind is ExerciseKind.BALANCE or not self.stable),
        )
        return tuple(dict.fromkeys((*self.asks, *(demand for demand, holds in brought if holds))))

    @property
    def loaded_with(self) -> tuple[ImplementKind, ...]:
        """What it can be loaded with, first choice first: what a hand can hold may be any other thing a hand holds.

        A rucksack, a jug, the one dumbbell or a ball stand in before it is done with nothing; nothing but what it is
        meant for is thrown. House rule.
        """
        if HAND_HELD.isdisjoint(self.implements) or self.kind is ExerciseKind.THROW:
            return self.implements
        last = (ImplementKind.BODYWEIGHT,) if self.implements[-1:] == (ImplementKind.BODYWEIGHT,) else ()
        first = self.implements[: len(self.implements) - len(last)]
        return (*first, *(kind for kind in IN_HAND if kind not in first), *last)

    def implement_at(self, place: Inventory) -> ImplementKind | None:
        """Answer what this exercise is loaded with at a place: the first of its implements found there."""
        return place.first_of(self.loaded_with)

    def possible_at(self, place: Inventory) -> bool:
        """Answer whether the place has something to load it with and all that it needs."""
        return self.implement_at(place) is not None and not self.missing_at(place)

    def meant_for(self, place: Inventory) -> bool:
        """Answer whether the place has all it needs and something of its own to load it with, nothing standing in."""
        return place.first_of(self.implements) is not None and not self.missing_at(place)

    def missing_at(self, place: Inventory) -> tuple[str, ...]:
        """Answer the needed things the place does not have."""
        things = (thing for thing in self.kit if thing_name(thing) not in place.things)
        return (*(need.value for need in self.needs if not place.offers(need)), *things)

    def share_with(self, implement: ImplementKind | None) -> Decimal | None:
        """Answer its share of the family's reference lift with an implement; None where nobody has said."""
        return next((kin.share for kin in self.strength if kin.implement is implement), None)

    def stress_on(self, joint: Joint) -> Stress | None:
        """Answer how much it asks of a joint; None where it leaves the joint alone."""
        return next((load.stress for load in self.joints if load.joint is joint), None)


def unknown_exercise(exercise_id: ExerciseId) -> Exercise:
    """Stand in for an exercise nobody knows any more, so that a plan that names it still opens."""
    return Exercise(exercise_id, exercise_id.replace("-", " "), Pattern.TRUNK, (), removed=True)
