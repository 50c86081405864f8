"""Which planned sets count as hard, and what each muscle gets of them."""

from collections import defaultdict
from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from decimal import Decimal

from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.exercises import Exercise, ExerciseKind, Pattern
from upright_anvil.core.ledger.rows import Outcome, PerformedSet
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes import Density
from upright_anvil.core.prescription.targets import Distance, Most, Reps, Seconds, Target
from upright_anvil.core.timing.estimate import rounds_in_time

MOST_RESERVE = 4
FEWEST_REPS = 1
HEAVY_REPS = 3
MOST_REPS = 35
SHORTEST_HOLD = 15
SHORTEST_DISTANCE = 15
DIRECT = Decimal(1)
HELPING = Decimal("0.5")

_COUNTED = frozenset({ExerciseKind.LIFT, ExerciseKind.HOLD, ExerciseKind.CARRY})
_PUSH = frozenset({Pattern.PUSH_HORIZONTAL, Pattern.PUSH_VERTICAL})
_PULL = frozenset({Pattern.PULL_HORIZONTAL, Pattern.PULL_VERTICAL})


@dataclass(frozen=True, slots=True)
class PlannedLine:
    """An exercise with what is asked of it in one week."""

    exercise: Exercise
    prescription: Prescription


@dataclass(frozen=True, slots=True)
class Volume:
    """Hard sets of a week: fractional sets by muscle, whole sets by pattern, and the sets that push and pull."""

    muscles: Mapping[Muscle, Decimal]
    patterns: Mapping[Pattern, int]
    push: int
    pull: int


def hard_sets(line: PlannedLine) -> int:
    """Answer how many of a line's sets are hard.

    A working set with at most four repetitions left (or nobody said), of 1 to 35 repetitions or 15 s and more; the
    upper end of a range counts, as many as possible is hard, ramp-up sets are not, a carry counts from 15 m on. Only
    lifts, holds and carries are counted: no jumps and throws, no endurance work, nothing that prepares or winds down.
    Planned and done are counted by the same measure. Rules, volume and balance; house rule.
    """
    asked = line.prescription
    if asked.ramp:
        return 0
    if asked.scheme is None:  # all alike
        return asked.sets if _is_hard(line.exercise, asked.target, asked.left) else 0
    counted = sum(_is_hard(line.exercise, plan.target, asked.left) for plan in asked.plans)
    rounds = rounds_in_time(asked, line.exercise) if isinstance(asked.scheme, Density) else 1
    return counted * rounds


def is_hard(row: PerformedSet, exercise: Exercise) -> bool:
    """Answer whether a performed set was a hard one, by the same measure. House rule."""
    return row.outcome is Outcome.DONE and counts_as_hard(exercise, row.reps, row.seconds, row.metres, row.reserve)


def counts_as_hard(
    exercise: Exercise, reps: int | None, seconds: int | None, metres: int | None, reserve: int | None
) -> bool:
    """Answer the same of the figures of a set that was done."""
    if metres:
        return _is_hard(exercise, Distance(metres), reserve)
    if reps:
        return _is_hard(exercise, Reps(reps, reps), reserve)
    return bool(seconds) and _is_hard(exercise, Seconds(seconds or 1), reserve)


def heavy_sets(line: PlannedLine) -> int:
    """Answer how many of a line's hard sets are of one to three repetitions. House rule."""
    few = [p for p in line.prescription.plans if isinstance(p.target, Reps) and p.target.high <= HEAVY_REPS]
    return min(len(few), hard_sets(line)) if few else 0


def is_heavy(row: PerformedSet, exercise: Exercise) -> bool:
    """Answer whether a performed set was hard and of one to three repetitions. House rule."""
    return is_hard(row, exercise) and row.reps is not None and row.reps <= HEAVY_REPS


def _is_hard(exercise: Exercise, target: Target, reserve: int | None) -> bool:
    if exercise.kind not in _COUNTED or (reserve is not None and reserve > MOST_RESERVE):
        return False
    match target:
        case Reps():
            return FEWEST_REPS <= target.high <= MOST_REPS
        case Most():
            return True
        case Seconds():
            return target.seconds >= SHORTEST_HOLD
        case Distance():
            return target.metres >= SHORTEST_DISTANCE


def volume_of(lines: Iterable[PlannedLine]) -> Volume:
    """Answer the volume of a week's lines.

    A hard set counts 1 for each direct mover and 0.5 for each helper (fractional counting: Pelland et al. 2025). A set
    done each side counts once.
    """
    return counted((line.exercise, hard_sets(line)) for line in lines)


def counted(work: Iterable[tuple[Exercise, int]]) -> Volume:
    """Answer the volume of exercises with their hard sets, as above."""
    work = list(work)
    patterns: dict[Pattern, int] = defaultdict(int)
    push = pull = 0
    for exercise, sets in work:
        if not sets:
            continue
        patterns[exercise.pattern] += sets
        push += sets if exercise.pattern in _PUSH else 0
        pull += sets if exercise.pattern in _PULL else 0
    return Volume(fractional(work), dict(patterns), push, pull)


def muscle_share(exercise: Exercise, muscle: Muscle) -> Decimal:
    """Answer what a hard set of an exercise counts for a muscle: as a direct mover 1, as a helper 0.5, else nothing.

    Fractional counting: Pelland et al. 2025.
    """
    return DIRECT if muscle in exercise.movers else HELPING if muscle in exercise.helpers else Decimal(0)


def fractional(work: Iterable[tuple[Exercise, int]]) -> dict[Muscle, Decimal]:
    """Answer the hard sets by muscle, each set counted by its `muscle_share`."""
    found: dict[Muscle, Decimal] = {}
    for exercise, sets in work:
        for muscle in (*exercise.movers, *exercise.helpers) if sets else ():
            found[muscle] = found.get(muscle, Decimal(0)) + sets * muscle_share(exercise, muscle)
    return found
