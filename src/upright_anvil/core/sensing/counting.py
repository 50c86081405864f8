"""Counting repetitions and measuring their phases from where the load is."""

from collections.abc import Sequence
from dataclasses import dataclass
from statistics import mean, median

from upright_anvil.core.sensing.strokes import Sample, Stroke, smoothed, strokes

FULL_FROM = 0.65
"""A repetition shorter than this share of the usual range is a partial one. House rule."""

LEAST_RANGE_CM = 12.0
"""Less than this is no repetition of a loaded lift, cm. House rule."""

AT_REST = 0.08
"""The share of the range near a turn that counts as standing still there. House rule."""


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
    each = tuple(_rep(down, up, calm, usual) for down, up in pairs)
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


def _rep(lowering: Stroke, lifting: Stroke, calm: Sequence[Sample], usual: float) -> MeasuredRep:
    near = AT_REST * usual
    down = _moving(lowering, calm, near)
    up = _moving(lifting, calm, near)
    first, second = (down, up) if lowering.begun < lifting.begun else (up, down)
    between = max(0.0, second[0] - first[1])
    bottom = between if lowering.begun < lifting.begun else 0.0
    top = 0.0 if lowering.begun < lifting.begun else between
    seconds = max(up[1] - up[0], 0.02)
    return MeasuredRep(
        round(down[1] - down[0], 2),
        round(bottom, 2),
        round(seconds, 2),
        round(top, 2),
        round((lifting.length - 2 * near) / seconds, 1),
    )


def _moving(stroke: Stroke, calm: Sequence[Sample], near: float) -> tuple[float, float]:
    """From when to when a stroke really moves: away from one turn, until close to the other."""
    inside = [s.at for s in calm if stroke.begun <= s.at <= stroke.ended and _between(s.cm, stroke, near)]
    return (inside[0], inside[-1]) if inside else (stroke.begun, stroke.ended)


def _between(cm: float, stroke: Stroke, near: float) -> bool:
    low, high = sorted((stroke.start, stroke.end))
    return low + near <= cm <= high - near
