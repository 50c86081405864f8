"""Recomputing the largest plan the first issue names: 16 weeks x 4 days x 10 lines."""

from datetime import date
from decimal import Decimal

from bench.figures import NO_AIM, Figure, timed
from upright_anvil.core.loads.equipment_text import read_equipment
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Cell, Day, Group, Line, Phase, Program, Week
from upright_anvil.core.plan.reading import forget_texts, read_phase
from upright_anvil.core.plan.setting import Setting
from upright_anvil.formats.exercise_file import shipped_exercises

WEEKS, DAYS, LINES = 16, 4, 10
EQUIPMENT = "bar 20, plates 4x1.25 4x2.5 4x5 4x10 4x20\ndumbbells 2-40 by 2\nstack 5-90 by 5"


def plan() -> Program:
    """Every cell says something of its own."""
    exercises = list(shipped_exercises())

    def text(day: int, line: int, week: int) -> str:
        kilograms = Decimal(20) + Decimal("2.5") * (week + line + day)
        work = f"{3 + line % 2} x {6 + line % 4}-{8 + line % 4}, {kilograms} kg"
        return f"{work}, tempo 3-0-1-{day}, rest {60 + line} s, leave 2"

    days = tuple(
        Day(
            id=f"d{d}",
            name=f"Day {d}",
            weekday=d,
            groups=tuple(
                Group(
                    id=f"g{d}-{n}",
                    lines=(
                        Line(
                            id=f"l{d}-{n}",
                            exercise=exercises[(d * LINES + n) % len(exercises)],
                            cells=tuple(Cell(text=text(d, n, w)) for w in range(WEEKS)),
                        ),
                    ),
                )
                for n in range(LINES)
            ),
        )
        for d in range(DAYS)
    )
    weeks = tuple(Week(id=f"w{n}") for n in range(WEEKS))
    return Program(name="Large", start=date(2026, 1, 5), phases=(Phase(id="p", name="Large", weeks=weeks, days=days),))


def measure() -> list[Figure]:
    """Recompute all cells: with the shorthand read before, and with all of it to be read anew."""
    large = plan()
    setting = Setting(
        inventory=read_equipment(
            "bar 20, plates 4x1.25 4x2.5 4x5 4x10 4x20\ndumbbells 2-40 by 2\nstack 5-90 by 5", Unit.KG
        ).inventory,
        exercises=shipped_exercises(),
    )
    warm = timed(lambda _: read_phase(large.phases[0], setting), 60)

    def cold(_: int) -> None:
        forget_texts()
        read_phase(large.phases[0], setting)

    anew = timed(cold, 40, warm=3)
    cells = WEEKS * DAYS * LINES
    return [
        Figure(
            "recompute 16 weeks x 4 days x 10 lines", warm.median, 30, "ms", f"{cells} cells, p95 {warm.p95:.1f} ms"
        ),
        Figure(
            "the same, every text read for the first time",
            anew.median,
            NO_AIM,
            "ms",
            f"{cells} cells, p95 {anew.p95:.1f} ms",
        ),
    ]
