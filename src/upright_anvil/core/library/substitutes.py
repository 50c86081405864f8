"""What to do instead: exercises that train the same, can be done at the place and leave sore joints alone."""

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, field

from upright_anvil.core.exercises import Exercise, ExerciseKind
from upright_anvil.core.health.cautions import Caution, CautionGrade, joint_cautions
from upright_anvil.core.health.history import JointStatus
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.library.ladders import Ladders
from upright_anvil.core.library.starting_load import KnownLoad, StartingLoad, starting_load
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Kilograms, Unit

SAME_PATTERN = 30
MOVERS = 40
OTHER_MOVER = 4
FIRST_RUNG = 18
RUNG = 5
SAME_KIND = 16
SAME_SIDES = 4
LESS_STABLE = 8
CARRIES_LOAD = 6
UNLOADED = 9
LEAVES_ALONE = 8
CAUTIONED = 20
NOTED = 5
LEAST = 30
"""Weights of the ranking, in points, and the least that is offered. House rule."""

_PREPARING = frozenset({ExerciseKind.MOBILITY, ExerciseKind.WARM_UP, ExerciseKind.STRETCH})
_EXPLOSIVE = frozenset({ExerciseKind.JUMP, ExerciseKind.THROW})
_ENDURANCE = frozenset({ExerciseKind.CARDIO})


@dataclass(frozen=True, slots=True)
class SubstitutionContext:
    """Where and for whom: the place, the joints as they stand, body weight, what is known of the replaced exercise."""

    place: Inventory
    unit: Unit
    standing: tuple[JointStatus, ...] = ()
    body_kg: Kilograms | None = None
    known: KnownLoad | None = None
    reps: int = 8
    reserve: int | None = 2


@dataclass(frozen=True, slots=True)
class Substitute:
    """One exercise to take instead: its points, why, rungs harder (easier: negative), and a load to begin with.

    ``cautions`` are what remains to be minded of the joints. ``start`` is always an estimate.
    """

    exercise: Exercise
    points: int
    reasons: tuple[str, ...]
    implement: ImplementKind
    rungs: int | None = None
    start: StartingLoad | None = None
    cautions: tuple[Caution, ...] = field(default=())


def substitutes(
    exercise: Exercise, library: Iterable[Exercise], ladders: Ladders, context: SubstitutionContext, limit: int = 8
) -> tuple[Substitute, ...]:
    """Answer what to take instead, best first; the same for the same input.

    Only what the place has, what no troubled joint forbids, and what shares a direct mover or a ladder is offered.
    Points: pattern, movers, rungs apart, sort, sides, stability, load kept, a load that carries over, joints spared;
    below 30 points nothing is offered. Jumps, throws and endurance work stand in for their own sort only. A tie goes
    to the shorter name: plain exercises have plain names. House rule.
    """
    near = _Near(
        joint_cautions(exercise, context.standing),
        ladders.rungs_from(exercise.id),
        _on_its_ladders(exercise, ladders),
        frozenset(exercise.movers),
    )
    found = []
    for candidate in library:
        offered = _weigh(exercise, candidate, context, near)
        if offered and offered.points >= LEAST:
            found.append(offered)
    found.sort(key=lambda s: (-s.points, len(s.exercise.name), s.exercise.name, s.exercise.id))
    return tuple(_with_start(s, context) for s in found[:limit])


@dataclass(frozen=True, slots=True)
class _Near:
    """What is asked of the exercise once: its cautions, the rungs around it, all on its ladders, its movers."""

    before: tuple[Caution, ...]
    rungs: dict[ExerciseId, int]
    ladders: frozenset[str]
    movers: frozenset[str]


def _on_its_ladders(exercise: Exercise, ladders: Ladders) -> frozenset[str]:
    return frozenset(rung for ladder in ladders.of(exercise.id) for rung in ladder.rungs)


def _weigh(exercise: Exercise, candidate: Exercise, context: SubstitutionContext, near: _Near) -> Substitute | None:
    if near.movers.isdisjoint(candidate.movers) and candidate.id not in near.ladders:
        return None
    if candidate.removed or candidate.id == exercise.id or (candidate.on_request and candidate.id not in near.ladders):
        return None
    shared = [m for m in exercise.movers if m in candidate.movers]
    helped = [m for m in exercise.movers if m in candidate.helpers]
    if not _may_stand_in(exercise.kind, candidate.kind) or not candidate.meant_for(context.place):
        return None
    implement = candidate.implement_at(context.place)
    after = joint_cautions(candidate, context.standing)
    if implement is None or any(c.grade is CautionGrade.STOP for c in after):
        return None
    rungs = near.rungs.get(candidate.id)
    points, reasons = _likeness(exercise, candidate, shared, helped)
    if rungs is not None:
        points += max(FIRST_RUNG - RUNG * (abs(rungs) - 1), 0)
        reasons.append(f"{abs(rungs)} rung{'s' if abs(rungs) > 1 else ''} {'harder' if rungs > 0 else 'easier'}")
    spared = [c.about for c in near.before if all(c.about != a.about for a in after)]
    points += LEAVES_ALONE * len(spared)
    reasons += [f"spares the {about}" for about in spared]
    points -= sum(CAUTIONED if c.grade is CautionGrade.CAUTION else NOTED for c in after)
    if implement is ImplementKind.BODYWEIGHT and ImplementKind.BODYWEIGHT not in exercise.implements:
        points -= UNLOADED
    if _kin(exercise, candidate):
        points += CARRIES_LOAD
    reasons.append("with body weight" if implement is ImplementKind.BODYWEIGHT else f"with {implement}")
    return Substitute(candidate, points, tuple(reasons), implement, rungs, cautions=after)


def _may_stand_in(exercise: ExerciseKind, candidate: ExerciseKind) -> bool:
    if (exercise in _PREPARING) != (candidate in _PREPARING):
        return False
    return all(candidate not in sort or exercise in sort for sort in (_EXPLOSIVE, _ENDURANCE))


def _likeness(
    exercise: Exercise, candidate: Exercise, shared: Sequence[str], helped: Sequence[str]
) -> tuple[int, list[str]]:
    points, reasons = 0, []
    if candidate.pattern is exercise.pattern:
        points += SAME_PATTERN
        reasons.append(f"same pattern: {exercise.pattern}")
    if exercise.movers:
        points += round(MOVERS * (len(shared) + len(helped) / 2) / len(exercise.movers))
    points -= OTHER_MOVER * sum(1 for m in candidate.movers if m not in exercise.movers and m not in exercise.helpers)
    if shared:
        reasons.append(("same movers: " if len(shared) == len(exercise.movers) else "trains ") + ", ".join(shared))
    if candidate.kind is exercise.kind:
        points += SAME_KIND
    if candidate.one_sided is exercise.one_sided:
        points += SAME_SIDES
    if exercise.stable and not candidate.stable:
        points -= LESS_STABLE
        reasons.append("less stable")
    return points, reasons


def _kin(exercise: Exercise, candidate: Exercise) -> bool:
    return bool(exercise.family) and exercise.family == candidate.family


def _with_start(offered: Substitute, context: SubstitutionContext) -> Substitute:
    if context.known is None:
        return offered
    start = starting_load(
        context.known,
        offered.exercise,
        context.place,
        context.body_kg,
        context.unit,
        context.reps,
        context.reserve,
    )
    return Substitute(
        offered.exercise,
        offered.points,
        offered.reasons,
        offered.implement,
        offered.rungs,
        start,
        offered.cautions,
    )
