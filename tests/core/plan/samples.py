"""A small program to try things on."""

from datetime import date

from upright_anvil.core.plan.document import Cell, Day, Group, Line, Phase, Program, Week

MONDAY = date(2026, 1, 5)


def line(line_id: str, *texts: str, exercise: str = "back-squat") -> Group:
    cells = tuple(Cell(text=text) for text in texts)
    return Group(id=f"g-{line_id}", lines=(Line(id=line_id, exercise=exercise, cells=cells),))


def program() -> Program:
    """Three weeks, two days; the first day has two lines, the second one."""
    weeks = tuple(Week(id=f"w{n}") for n in (1, 2, 3))
    first = Day(
        id="d1",
        name="Legs",
        weekday=0,
        groups=(
            line("squat", "3 x 8, 60 kg", "3 x 8, 60 kg", "3 x 6, 65 kg"),
            line("calf", "", "", "", exercise="calf-raise"),
        ),
    )
    second = Day(
        id="d2", name="Press", weekday=3, groups=(line("press", "4 x 6", "4 x 6", "", exercise="bench-press"),)
    )
    return Program(name="Test", start=MONDAY, phases=(Phase(id="p1", name="Base", weeks=weeks, days=(first, second)),))


def texts(plan: Program, line_id: str) -> list[str]:
    """What a line says, week by week."""
    found = next(entry for p in plan.phases for d in p.days for entry in d.lines if entry.id == line_id)
    return [cell.text for cell in found.cells]
