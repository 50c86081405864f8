"""A week's hard sets by muscle, planned and done, against the client's band."""

from collections import defaultdict
from collections.abc import Sequence
from dataclasses import dataclass
from decimal import Decimal

from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.loads.load import plain
from upright_anvil.core.prescription.model import SideRule
from upright_anvil.core.volume.bands import Band, BandPosition
from upright_anvil.core.volume.contacts import contacts_done, contacts_of
from upright_anvil.core.volume.hard_sets import (
    PlannedLine,
    counted,
    hard_sets,
    heavy_sets,
    is_hard,
    is_heavy,
    muscle_share,
)


@dataclass(frozen=True, slots=True)
class MuscleWeek:
    """One muscle in one week: fractional sets planned and done, where the plan lies, and what they come from.

    ``lines`` name the exercises with the sets each gives, most first.
    """

    muscle: Muscle
    planned: Decimal
    done: Decimal
    standing: BandPosition
    lines: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class PatternWeek:
    """Hard sets of one pattern in one week, planned and done."""

    pattern: Pattern
    planned: int
    done: int


@dataclass(frozen=True, slots=True)
class WeekVolume:
    """One week's volume: muscles that get work, those that get none, patterns, push and pull, sides, and the band.

    ``left`` and ``right`` are the sets a side is worked on its own; each side counts for both. ``planned`` and ``done``
    are all hard sets, ``heavy_planned`` and ``heavy_done`` those of one to three repetitions among them;
    ``contacts_planned`` and ``contacts_done`` count jumps and throws.
    """

    muscles: tuple[MuscleWeek, ...]
    without: tuple[Muscle, ...]
    push: int
    pull: int
    band: Band
    patterns: tuple[PatternWeek, ...]
    left: int
    right: int
    planned: int
    done: int
    heavy_planned: int = 0
    heavy_done: int = 0
    contacts_planned: int = 0
    contacts_done: int = 0


def week_volume(
    planned: Sequence[PlannedLine], done: Sequence[tuple[PerformedSet, Exercise]], band: Band
) -> WeekVolume:
    """Answer a week's volume from its planned lines and the sets done, each with its exercise. House rule.

    Both are counted by the same measure; what stands in a warm-up or cool-down is left out by the caller.
    """
    work = [(line.exercise, hard_sets(line)) for line in planned]
    performed = [(exercise, int(is_hard(row, exercise))) for row, exercise in done]
    volume, real, given = counted(work), counted(performed), _given(work)
    muscles = []
    for muscle in Muscle:
        if muscle in volume.muscles or muscle in real.muscles:
            sets = volume.muscles.get(muscle, Decimal(0))
            did = real.muscles.get(muscle, Decimal(0))
            muscles.append(MuscleWeek(muscle, sets, did, band.standing(sets), given.get(muscle, ())))
    without = tuple(m for m in Muscle if m not in volume.muscles and m not in real.muscles)
    patterns = tuple(
        PatternWeek(pattern, volume.patterns.get(pattern, 0), real.patterns.get(pattern, 0))
        for pattern in Pattern
        if pattern in volume.patterns or pattern in real.patterns
    )
    return WeekVolume(
        muscles=tuple(muscles),
        without=without,
        push=volume.push,
        pull=volume.pull,
        band=band,
        patterns=patterns,
        left=_side(planned, SideRule.RIGHT_ONLY),
        right=_side(planned, SideRule.LEFT_ONLY),
        planned=sum(sets for _, sets in work),
        done=sum(sets for _, sets in performed),
        heavy_planned=sum(heavy_sets(line) for line in planned),
        heavy_done=sum(is_heavy(row, exercise) for row, exercise in done),
        contacts_planned=sum(contacts_of(line) for line in planned),
        contacts_done=sum(contacts_done(row, exercise) for row, exercise in done),
    )


def _side(planned: Sequence[PlannedLine], other: SideRule) -> int:
    """Sets one side is worked on its own: those of each side, and its own, but not the other's."""
    asked = (line.prescription for line in planned)
    return sum(len(p.plans) for p in asked if p.each_side or (p.side and not p.side.leads and p.side is not other))


def _given(work: Sequence[tuple[Exercise, int]]) -> dict[Muscle, tuple[str, ...]]:
    """What each muscle gets from which exercise, most first."""
    parts: dict[Muscle, list[tuple[Decimal, str]]] = defaultdict(list)
    for exercise, sets in work:
        for muscle in (*exercise.movers, *exercise.helpers) if sets else ():
            parts[muscle].append((sets * muscle_share(exercise, muscle), exercise.name))
    return {
        muscle: tuple(f"{name}: {plain(sets)}" for sets, name in sorted(found, key=lambda part: -part[0]))
        for muscle, found in parts.items()
    }
