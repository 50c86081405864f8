"""Which exercises may fill a slot, and how well each suits the client. House rule."""

import hashlib
from collections.abc import Mapping
from dataclasses import dataclass
from decimal import Decimal

from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.drafting.slots import DraftSlot
from upright_anvil.core.exercises import Exercise, ExerciseKind, Pattern
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.cautions import CautionGrade, joint_cautions
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.plan.document import Section
from upright_anvil.core.plan.resolving import suggested

BIG_LIFT = 3
"""Muscles that move or help from which a lift counts as a big one."""

MOST = 14
"""Exercises weighed for one slot."""

_LEVEL = {
    TrainingAge.SEDENTARY: 0.25,
    TrainingAge.NEW: 0.35,
    TrainingAge.RETURNING: 0.5,
    TrainingAge.SOME: 0.6,
    TrainingAge.EXPERIENCED: 0.75,
    TrainingAge.NOT_SAID: 0.45,
}
_LOADED = frozenset({ImplementKind.BARBELL, ImplementKind.DUMBBELL, ImplementKind.KETTLEBELL, ImplementKind.STACK})


@dataclass(frozen=True, slots=True)
class Candidate:
    """An exercise for a slot: its points, and what speaks for it."""

    exercise: Exercise
    points: float
    reasons: tuple[str, ...]


def candidates(
    slot: DraftSlot, who: Standpoint, seed: int, avoid: Mapping[str, frozenset[str]]
) -> tuple[Candidate, ...]:
    """Answer the best exercises for a slot, best first.

    Only what the place has and no joint in trouble forbids or minds. ``avoid`` names, slot by slot, what the trainer
    has rolled away; the seed breaks ties, a little of it. Empty where nothing fits.
    """
    away = avoid.get(slot.id, frozenset())
    fitting = (e for e in who.profile.exercises.values() if e.id not in away and _fits(e, slot, who))
    found = (_weighed(exercise, slot, who, seed) for exercise in fitting)
    return tuple(sorted(found, key=lambda c: (-c.points, c.exercise.id))[:MOST])


def _fits(exercise: Exercise, slot: DraftSlot, who: Standpoint) -> bool:
    kinds = (ExerciseKind.LIFT, ExerciseKind.HOLD) if slot.section is Section.TRUNK else (ExerciseKind.LIFT,)
    if exercise.removed or exercise.on_request or exercise.kind not in kinds or exercise.pattern not in slot.patterns:
        return False
    if slot.muscles and not (exercise.movers and exercise.movers[0] in slot.muscles):
        return False
    if not slot.muscles and exercise.pattern is Pattern.LUNGE and Muscle.QUADRICEPS not in exercise.movers:
        return False
    if not exercise.meant_for(who.profile.inventory):
        return False
    return all(c.grade is CautionGrade.NOTE for c in joint_cautions(exercise, who.profile.standing))


def _weighed(exercise: Exercise, slot: DraftSlot, who: Standpoint, seed: int) -> Candidate:
    points, reasons = 50.0, [slot.role]
    implement = exercise.implement_at(who.profile.inventory)
    if implement in _LOADED:
        points += 12
        reasons.append(f"loaded with {implement}, so it can climb")
    if exercise.id in who.profile.max_kg:
        points += 10
        reasons.append("the client's own sets give its load")
    if exercise.stable:
        points += 6
    elif who.wants(GoalKind.STRENGTH, GoalKind.SIZE):
        points -= 20
    if who.wants(GoalKind.STRENGTH) and slot.section is Section.MAIN and implement is ImplementKind.BARBELL:
        points += 8
        reasons.append("heavy work suits the goal")
    if (
        not slot.muscles
        and slot.section is not Section.TRUNK
        and len(exercise.movers) + len(exercise.helpers) < BIG_LIFT
    ):
        points -= 12
    if slot.section is Section.MAIN:
        points += 8 * float(min(exercise.share_with(implement) or Decimal("0.5"), Decimal("1.2")))
    points += _level(exercise, who, reasons)
    if any(at.name for at in who.profile.standing) and not exercise.joints:
        points += 2
    if slot.section is Section.MAIN and implement not in (None, ImplementKind.BODYWEIGHT):
        points += 4 if suggested(exercise, who.profile, 8, 2) or exercise.id not in who.profile.max_kg else -15
    return Candidate(exercise, points + _chance(exercise.id, slot.id, seed), tuple(reasons))


def _level(exercise: Exercise, who: Standpoint, reasons: list[str]) -> float:
    """Nearer to the client's level on its ladder is better."""
    wanted = _LEVEL[who.training_age]
    for ladder in who.profile.ladders.of(exercise.id):
        at = ladder.rungs.index(exercise.id) / max(len(ladder.rungs) - 1, 1)
        off = abs(at - wanted)
        if off < 0.2:  # noqa: PLR2004 - about a rung
            reasons.append("a rung that suits the level")
        return 6 - 14 * off
    return 0.0


def _chance(exercise: str, slot: str, seed: int) -> float:
    """Up to six points from the seed, the same every time."""
    digest = hashlib.sha256(f"{seed}/{slot}/{exercise}".encode()).digest()
    return digest[0] / 255 * 6
