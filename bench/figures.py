"""A figure with its aim, and the table of them."""

import json
import time
from collections.abc import Callable
from dataclasses import dataclass
from statistics import median, quantiles

NO_AIM = float("inf")
"""For a figure that is told without an aim."""


@dataclass(frozen=True)
class Figure:
    """One claim: what was measured, against what, and the most it may be."""

    claim: str
    measured: float
    aim: float
    unit: str
    detail: str

    @property
    def met(self) -> bool:
        """Whether the aim was reached."""
        return self.measured <= self.aim


def table(figures: list[Figure]) -> str:
    """Write the figures as a table."""
    rows = [("claim", "measured", "aim", "", "how")]
    for f in figures:
        rows.append((f.claim, f"{f.measured:.1f} {f.unit}", *_verdict(f), f.detail))
    widths = [max(len(row[n]) for row in rows) for n in range(len(rows[0]) - 1)]
    return "\n".join(
        "  ".join([*(cell.ljust(w) for cell, w in zip(row, widths, strict=False)), row[-1]]) for row in rows
    )


def _verdict(figure: Figure) -> tuple[str, str]:
    if figure.aim == NO_AIM:
        return "", ""
    return f"<= {figure.aim:g} {figure.unit}", "met" if figure.met else "MISSED"


@dataclass(frozen=True)
class Timed:
    """Milliseconds of one thing done many times."""

    median: float
    p95: float


def timed(action: Callable[[int], object], times: int, warm: int = 20) -> Timed:
    """Time an action, called with its number; the first calls warm up and do not count."""
    taken = []
    for number in range(warm + times):
        start = time.perf_counter()
        action(number)
        taken.append((time.perf_counter() - start) * 1000)
    counted = taken[warm:]
    return Timed(median(counted), quantiles(counted, n=20)[-1])


def interleaved(one: Callable[[int], object], other: Callable[[int], object], times: int) -> tuple[Timed, Timed]:
    """Time two actions turn by turn, so that both meet the same machine."""
    first: list[float] = []
    second: list[float] = []
    for number in range(-20, times):
        for action, taken in ((one, first), (other, second)):
            start = time.perf_counter()
            action(number)
            if number >= 0:
                taken.append((time.perf_counter() - start) * 1000)
    return Timed(median(first), quantiles(first, n=20)[-1]), Timed(median(second), quantiles(second, n=20)[-1])


def yardstick() -> tuple[float, float]:
    """Answer the milliseconds of two fixed pieces of work on this machine just now: its pace drifts.

    The first is arithmetic alone; the second makes and reads many objects, and is slowed by who else uses the memory.
    """

    def figures() -> None:
        sum(n * n for n in range(1_000_000))

    def objects() -> None:
        json.loads(json.dumps([{"id": str(n), "kg": n * 2.5, "reps": [n % 7, n % 5]} for n in range(60_000)]))

    def taken(work: Callable[[], None]) -> float:
        begun = time.perf_counter()
        work()
        return (time.perf_counter() - begun) * 1000

    return median(taken(figures) for _ in range(5)), median(taken(objects) for _ in range(5))
