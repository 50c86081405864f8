"""The pictures of a report, as plain geometry: both the page and the file draw the same lines."""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import date
from typing import Final

from upright_anvil.core.report import ReportLift, ReportWeek

WIDTH: Final = 520.0
HEIGHT: Final = 120.0
LEFT: Final = 44.0
BOTTOM: Final = 18.0
TOP: Final = 8.0

Spot = tuple[float, float]


@dataclass(frozen=True, slots=True)
class Label:
    """Words at a spot; ``end`` sets them to end there."""

    at: Spot
    words: str
    end: bool = False


@dataclass(frozen=True, slots=True)
class Bar:
    """A bar from its upper left spot; ``done`` is filled, planned is an outline."""

    at: Spot
    width: float
    height: float
    done: bool


@dataclass(frozen=True, slots=True)
class Chart:
    """A picture of `WIDTH` by `HEIGHT`, y downwards: the band and the line of an estimate, bars, labels; ``says`` it in
    words."""

    says: str
    band: tuple[Spot, ...] = ()
    line: tuple[Spot, ...] = ()
    bars: tuple[Bar, ...] = ()
    labels: tuple[Label, ...] = ()


def lift_chart(lift: ReportLift, unit: str) -> Chart:
    """Answer the estimated maximum of a lift over the span with its 95 % band."""
    path = lift.path
    low, high = min(float(p.low) for p in path), max(float(p.high) for p in path)
    room = max(high - low, 1.0) * 0.08
    low, high = low - room, high + room
    days = max((path[-1].on - path[0].on).days, 1)

    def spot(on: date, value: float) -> Spot:
        x = LEFT + (on - path[0].on).days / days * (WIDTH - LEFT - 6)
        return x, TOP + (high - value) / (high - low) * (HEIGHT - TOP - BOTTOM)

    band = [spot(p.on, float(p.high)) for p in path] + [spot(p.on, float(p.low)) for p in reversed(path)]
    ends = (min(float(p.low) for p in path), max(float(p.high) for p in path))
    labels = [Label((LEFT - 6, spot(path[0].on, value)[1] + 3), f"{value:.0f} {unit}", end=True) for value in ends]
    return Chart(
        says=f"{lift.name}: estimated maximum {lift.before} to {lift.after} {unit}, {lift.change:+.1f} %",
        band=tuple(band),
        line=tuple(spot(p.on, float(p.value)) for p in path),
        labels=(*labels, *_dates(path[0].on, path[-1].on)),
    )


def week_chart(weeks: Sequence[ReportWeek]) -> Chart:
    """Answer the sessions held of those planned, week by week."""
    most = max((max(w.planned, w.held) for w in weeks), default=1) or 1
    each = (WIDTH - LEFT - 6) / max(len(weeks), 1)
    floor, bars = HEIGHT - BOTTOM, []
    for at, week in enumerate(weeks):
        for value, done in ((week.planned, False), (week.held, True)):
            if value:
                height = value / most * (floor - TOP)
                bars.append(Bar((LEFT + at * each + each * 0.15, floor - height), each * 0.7, height, done))
    held, planned = sum(w.held for w in weeks), sum(w.planned for w in weeks)
    scale = Label((LEFT - 6, TOP + 6), f"{most} a week", end=True)
    dates = _dates(weeks[0].monday, weeks[-1].monday) if weeks else ()
    return Chart(says=f"{held} sessions held, {planned} planned, by week", bars=tuple(bars), labels=(scale, *dates))


def _dates(first: date, last: date) -> tuple[Label, ...]:
    said = (
        Label((LEFT, HEIGHT - 4), f"{first:%d %b %Y}"),
        Label((WIDTH - 6, HEIGHT - 4), f"{last:%d %b %Y}", end=True),
    )
    return said if last > first else said[:1]
