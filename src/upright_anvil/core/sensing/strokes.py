"""The strokes of a moving load: from one turning point to the next, told from noise by how far it turns back."""

from collections.abc import Sequence
from dataclasses import dataclass
from itertools import pairwise

SMOOTHED_OVER = 9
"""Samples a position is averaged over (0.18 s at 50 a second). House rule."""

TURNS_BY_CM = 5.0
"""How far a load must turn back for the turn to count, cm. House rule."""


@dataclass(frozen=True, slots=True)
class Sample:
    """Where the load is: seconds since the sensor began, height in cm."""

    at: float
    cm: float


@dataclass(frozen=True, slots=True)
class Stroke:
    """One movement from turn to turn: when, from where to where; ``up`` when it rises."""

    begun: float
    ended: float
    start: float
    end: float

    @property
    def up(self) -> bool:
        """Whether the load rises."""
        return self.end > self.start

    @property
    def length(self) -> float:
        """How far it goes, cm."""
        return abs(self.end - self.start)


def smoothed(samples: Sequence[Sample]) -> tuple[Sample, ...]:
    """Answer the samples with spikes taken out and averaged over their neighbours. House rule.

    A spike is a sample further from both neighbours than a hand can move a load in that time.
    """
    calm = _without_spikes(samples)
    half = SMOOTHED_OVER // 2
    sums = [0.0]
    for sample in calm:
        sums.append(sums[-1] + sample.cm)
    found = []
    for at, sample in enumerate(calm):
        low, high = max(0, at - half), min(len(calm), at + half + 1)
        found.append(Sample(sample.at, (sums[high] - sums[low]) / (high - low)))
    return tuple(found)


def strokes(samples: Sequence[Sample]) -> tuple[Stroke, ...]:
    """Answer the strokes of smoothed samples, the last unfinished one included. House rule."""
    if not samples:
        return ()
    turns = [samples[0]]
    extreme, way = samples[0], 0
    for sample in samples[1:]:
        if way == 0:
            if abs(sample.cm - turns[0].cm) >= TURNS_BY_CM:
                way, extreme = (1 if sample.cm > turns[0].cm else -1), sample
            continue
        if (sample.cm - extreme.cm) * way >= 0:
            extreme = sample
        elif (extreme.cm - sample.cm) * way >= TURNS_BY_CM:
            turns.append(extreme)
            way, extreme = -way, sample
    if way:
        turns.append(extreme)
    return tuple(Stroke(a.at, b.at, a.cm, b.cm) for a, b in pairwise(turns))


def _without_spikes(samples: Sequence[Sample]) -> list[Sample]:
    calm = list(samples)
    for at in range(1, len(calm) - 1):
        before, after = calm[at - 1], calm[at + 1]
        if min(abs(calm[at].cm - before.cm), abs(calm[at].cm - after.cm)) > SPIKE_CM:
            calm[at] = Sample(calm[at].at, (before.cm + after.cm) / 2)
    return calm


SPIKE_CM = 6.0
"""A single sample this far from both neighbours is no movement, cm. House rule."""
