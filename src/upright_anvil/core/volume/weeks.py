"""A week's hard sets by muscle, planned and done, against the client's band."""

from collections import defaultdict
from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from decimal import Decimal

from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.loads.load import plain
from upright_anvil.core.volume.bands import Band, Standing
from upright_anvil.core.volume.hard_sets import DIRECT, HELPING, PlannedLine, counted, hard_sets


@dataclass(frozen=True, slots=True)
class MuscleWeek:
    """One muscle in one week: fractional sets planned and done, where the plan lies, and what they come from.

    ``lines`` name the exercises with the sets each gives, most first.
    """

    muscle: Muscle
    planned: Decimal
    done: Decimal
    standing: Standing
    lines: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class WeekVolume:
    """One week's volume: the muscles that get work, those that get none, sets that push and pull, and the band."""

    muscles: tuple[MuscleWeek, ...]
    without: tuple[Muscle, ...]
    push: int
    pull: int
    band: Band


def week_volume(planned: Sequence[PlannedLine], done: Iterable[tuple[Exercise, int]], band: Band) -> WeekVolume:
    """Answer a week's volume from its planned lines and the hard sets done of each exercise. House rule."""
    work = [(line.exercise, hard_sets(line)) for line in planned]
    volume, real, given = counted(work), counted(done), _given(work)
    muscles = []
    for muscle in Muscle:
        if muscle in volume.muscles or muscle in real.muscles:
            sets = volume.muscles.get(muscle, Decimal(0))
            did = real.muscles.get(muscle, Decimal(0))
            muscles.append(MuscleWeek(muscle, sets, did, band.standing(sets), given.get(muscle, ())))
    without = tuple(m for m in Muscle if m not in volume.muscles and m not in real.muscles)
    return WeekVolume(tuple(muscles), without, volume.push, volume.pull, band)


def _given(work: Sequence[tuple[Exercise, int]]) -> dict[Muscle, tuple[str, ...]]:
    """What each muscle gets from which exercise, most first."""
    parts: dict[Muscle, list[tuple[Decimal, str]]] = defaultdict(list)
    for exercise, sets in work:
        if sets:
            for share, muscles in ((DIRECT, exercise.movers), (HELPING, exercise.helpers)):
                for muscle in muscles:
                    parts[muscle].append((sets * share, exercise.name))
    return {
        muscle: tuple(f"{name}: {plain(sets)}" for sets, name in sorted(found, key=lambda part: -part[0]))
        for muscle, found in parts.items()
    }
