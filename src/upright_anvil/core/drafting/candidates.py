"""Which exercises may fill a slot, how well each suits the client, and what of the client's file speaks for it."""

import hashlib
from collections.abc import Mapping
from dataclasses import dataclass
from decimal import Decimal
from typing import Final

from upright_anvil.core.body.demands import Demand
from upright_anvil.core.body.joints import Joint
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.drafting.around import CARE
from upright_anvil.core.drafting.brief import Brief
from upright_anvil.core.drafting.first_load import FirstLoad, first_load
from upright_anvil.core.drafting.slots import DraftSlot, SlotWork
from upright_anvil.core.drafting.words import Interest, interests, stems
from upright_anvil.core.exercises import Exercise, ExerciseKind, Pattern, Skill
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.history import State
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.plan.document import Section

BIG_LIFT = 3
"""Muscles that move or help from which a lift counts as a big one."""

MOST = 9
"""Exercises weighed for one slot."""

GUESS_REPS, GUESS_LEFT = 15, 5
"""What a load is looked at with before the sets are written."""

_LEVEL = {
    TrainingAge.SEDENTARY: 0.2,
    TrainingAge.NEW: 0.35,
    TrainingAge.RETURNING: 0.5,
    TrainingAge.SOME: 0.6,
    TrainingAge.EXPERIENCED: 0.8,
    TrainingAge.NOT_SAID: 0.35,
}
LEG_PATTERNS = frozenset({Pattern.SQUAT, Pattern.LUNGE, Pattern.HINGE})
_LEG_MUSCLES = frozenset(
    {Muscle.QUADRICEPS, Muscle.GLUTES, Muscle.HAMSTRINGS, Muscle.ADDUCTORS, Muscle.SPINAL_ERECTORS}
)
_LOADED = frozenset({ImplementKind.BARBELL, ImplementKind.DUMBBELL, ImplementKind.KETTLEBELL, ImplementKind.STACK})
_KINDS: Final[Mapping[SlotWork, frozenset[ExerciseKind]]] = {
    SlotWork.STRENGTH: frozenset({ExerciseKind.LIFT}),
    SlotWork.TRUNK: frozenset({ExerciseKind.LIFT, ExerciseKind.HOLD}),
    SlotWork.BALANCE: frozenset({ExerciseKind.BALANCE}),
    SlotWork.CARRY: frozenset({ExerciseKind.CARRY, ExerciseKind.HOLD}),
    SlotWork.POWER: frozenset({ExerciseKind.JUMP, ExerciseKind.THROW}),
    SlotWork.ENDURANCE: frozenset({ExerciseKind.CARDIO}),
}
_WAYS: Final[Mapping[Interest, frozenset[str]]] = {
    Interest.RUN: frozenset({"easy-run", "run-intervals", "treadmill"}),
    Interest.RIDE: frozenset({"bike", "outdoor-bike"}),
    Interest.ROW: frozenset({"rowing-machine"}),
    Interest.SWIM: frozenset({"swim"}),
    Interest.HIKE: frozenset({"rucksack-walk", "hill-walk", "stair-climb", "step-machine"}),
    Interest.STAIRS: frozenset({"stair-climb", "step-machine"}),
    Interest.SNOW: frozenset({"bike", "stair-climb"}),
}
STEADY: Final = frozenset(
    {
        "easy-run", "treadmill", "bike", "outdoor-bike", "recumbent-bike", "rowing-machine", "elliptical",
        "ski-machine", "step-machine", "stair-climb", "brisk-walk", "hill-walk", "rucksack-walk", "swim", "aqua-jog",
        "air-bike", "arm-bike",
    }
)  # fmt: skip
"""Endurance that goes on for minutes; all other comes in bursts."""
_NOT_ALONE: Final = frozenset({"swim", "aqua-jog", "outdoor-bike", "cool-down-walk"})
"""Endurance that is not there in a session unless it is what the client trains for."""


@dataclass(frozen=True, slots=True)
class Candidate:
    """An exercise for a slot: its points, what of the client's file speaks for it, and what to begin with."""

    exercise: Exercise
    points: float
    reasons: tuple[str, ...]
    begin: FirstLoad | None = None


def candidates(
    slot: DraftSlot,
    brief: Brief,
    seed: int,
    avoid: Mapping[str, frozenset[str]],
    before: frozenset[ExerciseId] = frozenset(),
) -> tuple[Candidate, ...]:
    """Answer the best exercises for a slot, best first.

    Only what the place has, no joint in trouble minds, and the client may and wants to do. ``avoid`` names, slot by
    slot, what the trainer has rolled away, ``before`` what earlier phases had; the seed breaks ties. Empty where
    nothing fits.
    """
    away = avoid.get(slot.id, frozenset())
    fitting = (e for e in brief.who.profile.exercises.values() if e.id not in away and _fits(e, slot, brief))
    found = (_weighed(exercise, slot, brief, seed, before) for exercise in fitting)
    return tuple(sorted(filter(None, found), key=lambda c: (-c.points, c.exercise.id))[:MOST])


def _fits(exercise: Exercise, slot: DraftSlot, brief: Brief) -> bool:
    if exercise.id in CARE or exercise.kind not in _KINDS[slot.work] or not _patterned(exercise, slot):
        return False
    if slot.muscles and not (exercise.movers and exercise.movers[0] in slot.muscles):
        return False
    inventory = brief.who.profile.inventory
    there = exercise.possible_at if slot.work in (SlotWork.CARRY, SlotWork.ENDURANCE) else exercise.meant_for
    return there(inventory) and brief.may(exercise)


_ANY_PATTERN: Final = frozenset({SlotWork.BALANCE, SlotWork.ENDURANCE})


def _patterned(exercise: Exercise, slot: DraftSlot) -> bool:
    if slot.work in _ANY_PATTERN:
        return True
    if slot.work is SlotWork.CARRY:
        return exercise.pattern is Pattern.CARRY
    if slot.work is SlotWork.POWER:
        return exercise.pattern not in (Pattern.TRUNK, Pattern.PUSH_HORIZONTAL)
    if exercise.pattern not in slot.patterns:
        return False
    return slot.work is SlotWork.TRUNK or (_one_muscle(exercise) if slot.muscles else _whole(exercise, slot))


def _one_muscle(exercise: Exercise) -> bool:
    """For a small muscle, or one alone: no big lift in disguise."""
    return exercise.pattern is Pattern.SINGLE_JOINT or len(exercise.movers) == 1


def _whole(exercise: Exercise, slot: DraftSlot) -> bool:
    """A lift for one small muscle does not stand for a pattern, least of all first in the session."""
    if exercise.pattern is Pattern.LUNGE and Muscle.QUADRICEPS not in exercise.movers:
        return False
    if exercise.pattern in LEG_PATTERNS and exercise.movers[0] not in _LEG_MUSCLES:
        return False
    least = BIG_LIFT if slot.section is Section.MAIN and not slot.prefers else 2
    return len(exercise.movers) + len(exercise.helpers) >= least


def _weighed(
    exercise: Exercise, slot: DraftSlot, brief: Brief, seed: int, before: frozenset[ExerciseId]
) -> Candidate | None:
    """None where it needs a load and even the lightest there is too heavy to begin with."""
    profile = brief.who.profile
    implement = exercise.implement_at(profile.inventory)
    begin = first_load(exercise, brief, GUESS_REPS, GUESS_LEFT)
    weighted = implement in _LOADED or (implement is ImplementKind.IMPROVISED and slot.work is not SlotWork.ENDURANCE)
    if weighted and begin is None:
        return None
    points, reasons = 20.0, list[str]()
    points += _for_wishes(exercise, slot, brief, reasons)
    points += _for_history(exercise, slot, brief, begin, reasons)
    points += _for_health(exercise, slot, brief, reasons)
    points += _for_level(exercise, slot, brief, reasons)
    if slot.work is SlotWork.STRENGTH:
        points += _for_load(exercise, slot, brief, implement, reasons)
    if exercise.id in before:
        points -= 22
    return Candidate(exercise, points + _chance(exercise.id, slot.id, seed), tuple(reasons), begin)


def _for_wishes(exercise: Exercise, slot: DraftSlot, brief: Brief, reasons: list[str]) -> float:
    points = 0.0
    if exercise.id in brief.liked:
        points += 45
        reasons.append("asked for by name")
    if slot.prefers and slot.prefers & stems(f"{exercise.name} {' '.join(exercise.also)}"):
        points += 30
    if slot.work is SlotWork.ENDURANCE:
        points += _for_endurance(exercise, brief, reasons)
    if brief.lagging and exercise.movers and exercise.movers[0] in brief.lagging and slot.muscles:
        reasons.append(f"for the {exercise.movers[0]}, which are to be brought up")
    goal = _goal_words(brief, slot)
    if goal:
        reasons.append(goal)
    return points


def _goal_words(brief: Brief, slot: DraftSlot) -> str:
    """The client's own goal where this slot stands for it."""
    wants = brief.interests
    said = brief.said.goal or str(brief.who.goal)
    second = brief.said.second_goal or str(brief.who.second_goal)
    first_wants = interests(brief.said.goal)
    serving: dict[SlotWork, frozenset[Interest]] = {
        SlotWork.CARRY: frozenset({Interest.CARRY, Interest.HIKE, Interest.GRIP, Interest.CLIMB}),
        SlotWork.POWER: frozenset({Interest.GAMES, Interest.POWER, Interest.SNOW}),
        SlotWork.ENDURANCE: frozenset(
            {
                Interest.RUN, Interest.RIDE, Interest.ROW, Interest.SWIM, Interest.HIKE, Interest.STAMINA,
                Interest.SNOW, Interest.STAIRS,
            }
        ),
        SlotWork.BALANCE: frozenset({Interest.STEADY, Interest.HIKE, Interest.STAIRS, Interest.SNOW, Interest.GAMES}),
    }  # fmt: skip
    served = serving.get(slot.work, frozenset()) & wants
    if slot.role.startswith(("steps", "towards", "grip", "strong around", "back of the shoulders, for")):
        served = wants or frozenset({Interest.POWER})
    if not served:
        return ""
    text = said if served & first_wants or not brief.said.second_goal else second
    return f"for “{text}”" if text else ""


def _for_endurance(exercise: Exercise, brief: Brief, reasons: list[str]) -> float:
    wanted = {way for way, names in _WAYS.items() if exercise.id in names and way in brief.interests}
    if exercise.id in _NOT_ALONE and not wanted:
        return -80
    points = 60.0 if wanted else 0.0
    if exercise.id not in STEADY:
        points -= 40
    if Demand.IMPACT in exercise.demands and Interest.RUN not in brief.interests:
        points -= 20
    if brief.careful:
        points += {"brisk-walk": 20, "recumbent-bike": 16, "bike": 12, "elliptical": 8}.get(exercise.id, -10)
        if exercise.id == "brisk-walk":
            reasons.append("easy enough to talk all the while")
    return points


def _for_history(
    exercise: Exercise, slot: DraftSlot, brief: Brief, begin: FirstLoad | None, reasons: list[str]
) -> float:
    profile = brief.who.profile
    if exercise.id in profile.max_kg:
        last = profile.last_loads.get(exercise.id)
        reasons.append(f"trained before, last with {last}" if last else "trained before")
        main = slot.section is Section.MAIN and brief.who.wants(GoalKind.STRENGTH)
        return 35 if main else 14
    if begin is not None and not begin.guessed:
        reasons.append(begin.why)
        return 8
    return 0.0


def _for_health(exercise: Exercise, slot: DraftSlot, brief: Brief, reasons: list[str]) -> float:
    points = 0.0
    for at in brief.who.profile.standing:
        if isinstance(at.topic, Joint) and exercise.stress_on(at.topic) is None:
            points += 2
            if at.state is not State.WATCH and _touches(slot, at.topic):
                reasons.append(f"leaves the {at.name} alone ({at.state})")
    if brief.suits & set(exercise.suits):
        points += 18
    if brief.unsteady and slot.work is SlotWork.BALANCE:
        held = exercise.stable or exercise.needs
        points += 15 if held else -10
        reasons.append(f"{brief.said.age} years: balance every time" if brief.said.age else "balance every time")
    elif brief.older and slot.work is SlotWork.BALANCE and brief.said.age:
        reasons.append(f"{brief.said.age} years: balance every time")
    if slot.section in (Section.MAIN, Section.TRUNK):
        if brief.expecting:
            reasons.append("pregnant: no impact, no held breath, nothing flat on the front")
        elif brief.months_after_birth is not None:
            reasons.append(f"{brief.months_after_birth} months after the birth: no impact, no held breath")
    return points


_BELOW = frozenset({Pattern.SQUAT, Pattern.LUNGE, Pattern.HINGE, Pattern.LOCOMOTION})
_ABOVE = frozenset({Pattern.PUSH_HORIZONTAL, Pattern.PUSH_VERTICAL, Pattern.PULL_HORIZONTAL, Pattern.PULL_VERTICAL})
_REACHED = {
    Joint.KNEE: _BELOW, Joint.HIP: _BELOW, Joint.ANKLE: _BELOW, Joint.LOWER_BACK: _BELOW | {Pattern.TRUNK},
    Joint.SHOULDER: _ABOVE, Joint.ELBOW: _ABOVE, Joint.WRIST: _ABOVE, Joint.NECK: _ABOVE,
}  # fmt: skip


def _touches(slot: DraftSlot, joint: Joint) -> bool:
    """Whether most work of a slot would ask something of a joint."""
    return bool(slot.patterns & _REACHED[joint]) and not slot.muscles


def _for_level(exercise: Exercise, slot: DraftSlot, brief: Brief, reasons: list[str]) -> float:
    """Nearer to the client's level on its ladder is better; what wants practice waits for those who are new."""
    who, points = brief.who, 0.0
    if exercise.skill is Skill.SOME and who.training_age in (TrainingAge.NEW, TrainingAge.RETURNING):
        points -= 8 if who.wants(GoalKind.STRENGTH) or who.training_age is TrainingAge.RETURNING else 30
    wanted = _LEVEL[who.training_age] - (0.15 if brief.careful else 0)
    for ladder in who.profile.ladders.of(exercise.id):
        at = ladder.rungs.index(exercise.id) / max(len(ladder.rungs) - 1, 1)
        points += 6 - 16 * abs(at - wanted)
        break
    age = who.training_age
    if slot.section is Section.MAIN and slot.work is SlotWork.STRENGTH and exercise.skill is Skill.ANYONE:
        if age in (TrainingAge.SEDENTARY, TrainingAge.NEW):
            reasons.append(f"needs no practice ({age})")
        elif age is TrainingAge.RETURNING:
            reasons.append("easy to take up again after the break")
    return points


def _for_load(
    exercise: Exercise, slot: DraftSlot, brief: Brief, implement: ImplementKind | None, reasons: list[str]
) -> float:
    who, points = brief.who, 0.0
    if implement in _LOADED:
        points += 12
    if exercise.stable:
        points += 6
    elif who.wants(GoalKind.STRENGTH, GoalKind.SIZE):
        points -= 20
    if slot.section is not Section.MAIN:
        return points
    points += 8 * float(min(exercise.share_with(implement) or Decimal("0.5"), Decimal("1.2")))
    if implement is not None and implement is not ImplementKind.BODYWEIGHT:
        points += 4
    if exercise.one_sided and Pattern.LUNGE not in slot.patterns:
        points -= 8
    if who.wants(GoalKind.STRENGTH) and implement is ImplementKind.BARBELL:
        points += 8
        reasons.append(f"a lift to go heavy on ({who.goal})")
    return points


def _chance(exercise: str, slot: str, seed: int) -> float:
    """Up to six points from the seed, the same every time."""
    digest = hashlib.sha256(f"{seed}/{slot}/{exercise}".encode()).digest()
    return digest[0] / 255 * 6
