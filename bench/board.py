"""The largest plan, 16 weeks x 5 days x 12 lines: recomputing it, checking it; reading shorthand; drafting."""

from dataclasses import replace
from datetime import date
from decimal import Decimal

from bench.figures import NO_AIM, Figure, timed
from upright_anvil.core.checks.run import findings
from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.drafting.brief import Brief, OwnWords
from upright_anvil.core.drafting.draft import Wish, draft
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Cell, Day, Group, Line, Phase, Program, Week
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import forget_texts, prescription_or_none, read_phase
from upright_anvil.core.prescription.text.shorthand import read, write
from upright_anvil.core.volume.bands import GENERAL
from upright_anvil.core.volume.hard_sets import PlannedLine
from upright_anvil.core.volume.weeks import week_volume
from upright_anvil.formats.shipped.exercise_file import shipped_exercises, shipped_ladders

WEEKS, DAYS, LINES = 16, 5, 12
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


def here() -> ClientProfile:
    """Who it is written for."""
    inventory = read_equipment(EQUIPMENT, Unit.KG).inventory
    return ClientProfile.nothing_known(Unit.KG, inventory, shipped_exercises(), shipped_ladders())


def volumes(phase: Phase, profile: ClientProfile) -> None:
    """Count every week's sets."""
    for week in range(WEEKS):
        lines = (line for day in phase.days for line in day.lines)
        asked = ((profile.exercise(x.exercise), prescription_or_none(x.cells[week].text, Unit.KG)) for x in lines)
        week_volume([PlannedLine(e, p) for e, p in asked if p], (), GENERAL)


def measure() -> list[Figure]:
    """Recompute all cells, time and volume: with the shorthand read before, and all of it anew; then the checks."""
    large = plan()
    phase = large.phases[0]
    profile = here()
    who = Standpoint(profile=profile)

    def recompute(_: int) -> None:
        read_phase(phase, profile)
        volumes(phase, profile)

    def cold(number: int) -> None:
        forget_texts()
        recompute(number)

    warm, anew = timed(recompute, 60), timed(cold, 20, warm=3)
    checked = timed(lambda _: findings(large, who), 15, warm=3)
    cells = WEEKS * DAYS * LINES
    size = f"{WEEKS} weeks x {DAYS} days x {LINES} lines"
    return [
        Figure(f"recompute {size}, p95", warm.p95, 50, "ms", f"{cells} cells, median {warm.median:.1f} ms"),
        Figure("the same, every text read for the first time", anew.p95, NO_AIM, "ms", f"median {anew.median:.1f} ms"),
        Figure(f"all checks on {size}, p95", checked.p95, NO_AIM, "ms", f"median {checked.median:.1f} ms"),
        _lines(),
        *_drafts(who),
    ]


def _lines() -> Figure:
    """Shorthand read and written again, lines a second."""
    texts = [cell.text for day in plan().phases[0].days for line in day.lines for cell in line.cells]

    def once(_: int) -> None:
        forget_texts()
        for text in texts:
            write(read(text, Unit.KG))

    took = timed(once, 20, warm=2)
    per_second = len(texts) / took.median * 1000
    return Figure(
        "read and write a line of shorthand",
        took.median * 1000 / len(texts),
        NO_AIM,
        "us",
        f"{per_second:,.0f} lines a second",
    )


def _drafts(who: Standpoint) -> list[Figure]:
    """A whole program from the file alone."""
    client = replace(who, goal=GoalKind.STRENGTH, training_age=TrainingAge.SOME, days_a_week=4)
    took = timed(
        lambda n: draft(
            Brief(client, OwnWords(), date(2026, 1, 5)), "Draft", date(2026, 1, 5), Wish(weeks=12, seed=n + 10)
        ),
        12,
        warm=1,
    )
    return [Figure("draft 12 weeks x 4 days, p95", took.p95, 3000, "ms", f"median {took.median:.0f} ms")]
