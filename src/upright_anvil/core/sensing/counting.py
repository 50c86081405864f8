"""Counting repetitions and measuring their phases from where the load is."""

from bisect import bisect_left
from collections.abc import Sequence
from dataclasses import dataclass
from statistics import mean, median

from upright_anvil.core.sensing.strokes import Sample, Stroke, smoothed, strokes

FULL_FROM = 0.65
"""A repetition shorter than this share of the usual range is a partial one. House rule."""

LEAST_RANGE_CM = 12.0
"""Less than this is no repetition of a loaded lift, cm. House rule."""

SLOWEST = 0.12
"""Slower than this share of a stroke's mean speed is standing still. House rule."""

SPEED_OVER = 6
"""Samples before and after that a speed is taken over (0.24 s at 50 a second). House rule."""


@dataclass(frozen=True, slots=True)
class MeasuredRep:
    """One full repetition: seconds of lowering, at the bottom, lifting and at the top; the lift's mean speed, cm/s."""

    lowering: float
    bottom: float
    lifting: float
    top: float
    speed: float


@dataclass(frozen=True, slots=True)
class Measured:
    """What a sensor saw of a set: full and partial repetitions, their range, each one's phases.

    ``slow_down`` is how much slower the last lift was than the fastest, as a share (0.25 = a quarter); None before
    there are two.
    """

    reps: int
    partial: int
    range_cm: float
    each: tuple[MeasuredRep, ...]
    slow_down: float | None

    @property
    def mean_tempo(self) -> tuple[float, float, float, float] | None:
        """The mean phases, lowering, bottom, lifting, top, seconds to 0.1; None without a repetition."""
        if not self.each:
            return None
        phases = ("lowering", "bottom", "lifting", "top")
        lowering, bottom, lifting, top = (round(mean(getattr(r, p) for r in self.each), 1) for p in phases)
        return lowering, bottom, lifting, top


def measured(samples: Sequence[Sample]) -> Measured:
    """Answer what a set came to.

    A repetition is a stroke and the next one back, whichever way it begins; it is full when both reach 65 % of the
    usual range. What is shorter than 12 cm, or a lone stroke, is taking the load or putting it away. House rule.
    """
    calm = smoothed(samples)
    found = [stroke for stroke in strokes(calm) if stroke.length >= LEAST_RANGE_CM / 2]
    usual = _usual_range(found)
    if usual < LEAST_RANGE_CM:
        return Measured(0, 0, 0.0, (), None)
    pairs, partial = _pairs(found, usual)
    each = tuple(_rep(down, up, calm) for down, up in pairs)
    speeds = [rep.speed for rep in each]
    slow = round(1 - speeds[-1] / max(speeds), 3) if len(speeds) > 1 else None
    return Measured(len(each), partial, round(usual, 1), each, slow)


def _usual_range(found: Sequence[Stroke]) -> float:
    """The range of a full repetition: the median of the longer half of all strokes."""
    lengths = sorted((stroke.length for stroke in found), reverse=True)
    return median(lengths[: max(1, (len(lengths) + 1) // 2)]) if lengths else 0.0


def _pairs(found: Sequence[Stroke], usual: float) -> tuple[list[tuple[Stroke, Stroke]], int]:
    """The full repetitions as (lowering, lifting), and how many were partial."""
    first = next((s for s in found if s.length >= FULL_FROM * usual), None)
    if first is None:
        return [], 0
    pairs: list[tuple[Stroke, Stroke]] = []
    partial, opened = 0, None
    for stroke in found:
        if stroke.up is first.up:
            opened = stroke
        elif opened is not None:
            full = min(opened.length, stroke.length) >= FULL_FROM * usual
            if full:
                pairs.append((stroke, opened) if opened.up else (opened, stroke))
            elif max(opened.length, stroke.length) >= LEAST_RANGE_CM:
                partial += 1
            opened = None
    return pairs, partial


def _rep(lowering: Stroke, lifting: Stroke, calm: Sequence[Sample]) -> MeasuredRep:
    down, up = _moving(lowering, calm), _moving(lifting, calm)
    down_first = lowering.begun < lifting.begun
    first, second = (down, up) if down_first else (up, down)
    between = max(0.0, second[0] - first[1])
    seconds = max(up[1] - up[0], 0.02)
    return MeasuredRep(
        lowering=round(down[1] - down[0], 2),
        bottom=round(between if down_first else 0.0, 2),
        lifting=round(seconds, 2),
        top=round(0.0 if down_first else between, 2),
        speed=round(lifting.length / seconds, 1),
    )


def _moving(stroke: Stroke, calm: Sequence[Sample]) -> tuple[float, float]:
    """From when to when a stroke really moves: out from its middle, both ways, until the load stands still."""
    begun = bisect_left(calm, stroke.begun, key=lambda sample: sample.at)
    ended = bisect_left(calm, stroke.ended, key=lambda sample: sample.at)
    middle = (stroke.start + stroke.end) / 2
    way = 1 if stroke.up else -1
    at = next((n for n in range(begun, ended + 1) if (calm[n].cm - middle) * way >= 0), begun)
    least = SLOWEST * stroke.length / max(stroke.ended - stroke.begun, 0.02)

    def moves(n: int) -> bool:
        low, high = max(0, n - SPEED_OVER), min(len(calm) - 1, n + SPEED_OVER)
        return (calm[high].cm - calm[low].cm) * way > least * (calm[high].at - calm[low].at)

    first, last = at, at
    while first > begun and moves(first - 1):
        first -= 1
    while last < ended and moves(last + 1):
        last += 1
    return calm[first].at, calm[last].at
