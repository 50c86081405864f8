"""What differs between two programs, line by line and week by week."""

from dataclasses import dataclass

from upright_anvil.core.plan.document import Line, Program


@dataclass(frozen=True, slots=True)
class Difference:
    """One place that differs: where (in words), and the text before and after; empty where there was nothing."""

    where: str
    before: str
    after: str


@dataclass(frozen=True, slots=True)
class _Spot:
    where: str
    text: str


def compare(before: Program, after: Program, exercise_names: dict[str, str]) -> tuple[Difference, ...]:
    """Answer the differences in the order of the later program, what was taken out last. House rule."""
    old, new = _spots(before, exercise_names), _spots(after, exercise_names)
    changed = [
        Difference(spot.where, old[key].text if key in old else "", spot.text)
        for key, spot in new.items()
        if key not in old or old[key].text != spot.text
    ]
    gone = [Difference(spot.where, spot.text, "") for key, spot in old.items() if key not in new]
    return tuple(d for d in (*changed, *gone) if d.before != d.after)


def _spots(program: Program, names: dict[str, str]) -> dict[tuple[str, ...], _Spot]:
    spots: dict[tuple[str, ...], _Spot] = {
        ("program",): _Spot("Program", f"{program.name}, from {program.start.isoformat()}")
    }
    numbers = {(phase.id, index): n for n, (phase, index, _) in enumerate(program.weeks(), start=1)}
    for phase in program.phases:
        spots["phase", phase.id] = _Spot(phase.name, f"{phase.name} {phase.purpose}".strip())
        for index, week in enumerate(phase.weeks):
            spots["week", week.id] = _Spot(f"Week {numbers[phase.id, index]}", week.kind.value)
        for day in phase.days:
            order = ", ".join(_exercise(line, names) for line in day.lines)
            spots["day", day.id] = _Spot(day.name, f"{day.name} (day {day.weekday + 1}): {order}")
            for line in day.lines:
                for index, (week, cell) in enumerate(zip(phase.weeks, line.cells, strict=True)):
                    where = f"{day.name}, {_exercise(line, names)}, week {numbers[phase.id, index]}"
                    spots["cell", line.id, week.id] = _Spot(where, cell.text)
    return spots


def _exercise(line: Line, names: dict[str, str]) -> str:
    return names.get(line.exercise, line.exercise)
