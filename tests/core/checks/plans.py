"""Small plans written in a few words, for the checks to look at."""

from collections.abc import Sequence
from dataclasses import replace
from datetime import date
from decimal import Decimal
from itertools import count

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.health.history import Entry, JointStatus, State
from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Cell, Day, Group, Line, Pairing, Phase, Program, Section, Week, WeekKind
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.formats.shipped.exercise_file import shipped_exercises, shipped_ladders

STUDIO = read_equipment(
    "bar 20, plates 4x1.25 4x2.5 4x5 4x10 4x20\ndumbbells 2-40 by 2\nkettlebells 8-32 by 4\nstack 5-90 by 5\n"
    "bench, rack, box, anchor, pull-up bar",
    Unit.KG,
).inventory
ROOM = read_equipment("dumbbells 8 12", Unit.KG).inventory
MAXIMA = {"back-squat": 140, "bench-press": 100, "deadlift": 180, "overhead-press": 60, "barbell-row": 90}
SETTING = replace(
    ClientProfile.nothing_known(Unit.KG, STUDIO, shipped_exercises(), shipped_ladders()),
    max_kg={name: Decimal(kg) for name, kg in MAXIMA.items()},
    body_kg=Decimal(80),
    places={"studio": STUDIO, "room": ROOM},
)
WHO = Standpoint(profile=SETTING, minutes=240, days_a_week=6)
KNEE = JointStatus(Joint.KNEE, Side.LEFT, State.HURTS, Entry("e", date(2026, 1, 1), Joint.KNEE, State.HURTS, Side.LEFT))
SORE = replace(WHO, profile=replace(SETTING, standing=(KNEE,)))

DayPlan = tuple[int, Sequence["str | Group"]]


def line(text: str, number: int, weeks: int) -> Line:
    """``exercise: week 1 | week 2``; the last text holds for the weeks after it; ``! reason`` at the end."""
    exercise, _, cells = text.partition(":")
    cells, _, reason = cells.partition("!")
    texts = [cell.strip() for cell in cells.split("|")]
    texts += texts[-1:] * (weeks - len(texts))
    return Line(
        id=f"l{number}",
        exercise=exercise.strip(),
        cells=tuple(Cell(text=t) for t in texts[:weeks]),
        reason=reason.strip(),
    )


def pair(first: str, second: str, pairing: Pairing = Pairing.NONE) -> Group:
    """A pair whose lines are written like any other; their ids follow from the exercises."""
    made = [line(text, number, 1) for number, text in enumerate((first, second), start=900)]
    return Group(id=f"pair-{made[0].exercise}", kind=GroupKind.PAIR, lines=tuple(made), pairing=pairing)


def plan(*days: DayPlan, kinds: str = "b", method: str = "", top_ups: int = 0) -> Program:
    """A program of one phase: days as (weekday, lines), weeks as letters (b build, h hold, e ease off).

    A line may name its section first: ``trunk/plank: 3 x 60 s``. The last ``top_ups`` days are top-ups.
    """
    numbers = count(1)
    letters = {"b": WeekKind.BUILD, "h": WeekKind.HOLD, "e": WeekKind.EASE_OFF}
    weeks = tuple(Week(id=f"w{n}", kind=letters[k]) for n, k in enumerate(kinds, start=1))
    made = []
    for at, (weekday, lines) in enumerate(days):
        groups = []
        for entry in lines:
            if isinstance(entry, Group):
                groups.append(entry)
                continue
            section, _, rest = entry.rpartition("/") if "/" in entry.split(":")[0] else ("", "", entry)
            number = next(numbers)
            written = line(rest, number, len(weeks))
            groups.append(Group(id=f"g{number}", lines=(written,), section=Section(section or "main")))
        top_up = at >= len(days) - top_ups
        made.append(Day(id=f"d{at}", name=f"Day {at + 1}", weekday=weekday, groups=tuple(groups), top_up=top_up))
    phase = Phase(id="p", name="Phase", weeks=weeks, days=tuple(made), method=method)
    return Program(name="Plan", start=date(2026, 1, 5), phases=(phase,))
