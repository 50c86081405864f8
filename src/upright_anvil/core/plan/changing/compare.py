"""What differs between two programs, line by line and week by week."""

from dataclasses import dataclass

from upright_anvil.core.ids import DayId, ExerciseId
from upright_anvil.core.plan.document import Day, Group, Line, Program


@dataclass(frozen=True, slots=True)
class Difference:
    """One place that differs: where (in words), and the text before and after; empty where there was nothing."""

    where: str
    before: str
    after: str


@dataclass(frozen=True, slots=True)
class _Spot:
    """What stands somewhere, in words; ``same_as`` is what makes it the same, where that is not the words."""

    where: str
    text: str
    same_as: tuple[str, ...] = ()

    def differs(self, other: "_Spot") -> bool:
        return self.same_as != other.same_as if self.same_as or other.same_as else self.text != other.text


def compare(before: Program, after: Program, exercise_names: dict[ExerciseId, str]) -> tuple[Difference, ...]:
    """Answer the differences in the order of the later program, what was taken out last. House rule."""
    old, new = _spots(before, exercise_names), _spots(after, exercise_names)
    changed = [
        Difference(spot.where, old[key].text if key in old else "", spot.text)
        for key, spot in new.items()
        if key not in old or spot.differs(old[key])
    ]
    gone = [Difference(spot.where, spot.text, "") for key, spot in old.items() if key not in new]
    return tuple(d for d in (*changed, *gone) if d.before != d.after)


def changed_days(before: Program, after: Program) -> dict[str, tuple[DayId, ...]] | None:
    """Answer the days that differ by phase id, when nothing else of a program differs; None when something does.

    A day's name and weekday count as something else: other days are told by them. Answers to the checks do not count.
    """
    if _frame(before) != _frame(after):
        return None
    return {
        new.id: days
        for old, new in zip(before.phases, after.phases, strict=True)
        if (days := tuple(b.id for a, b in zip(old.days, new.days, strict=True) if a != b))
    }


def _frame(program: Program) -> tuple[object, ...]:
    """A program without what stands in its days."""
    head = (program.name, program.start, program.moved, program.pauses)
    phases = tuple(
        (p.id, p.name, p.purpose, p.method, p.restricted, p.weeks, tuple((d.id, d.name, d.weekday) for d in p.days))
        for p in program.phases
    )
    return (*head, phases)


def _spots(program: Program, names: dict[ExerciseId, str]) -> dict[tuple[str, ...], _Spot]:
    spots: dict[tuple[str, ...], _Spot] = {
        ("program",): _Spot("Program", f"{program.name}, from {program.start.isoformat()}")
    }
    numbers = {(phase.id, index): n for n, (phase, index, _) in enumerate(program.weeks(), start=1)}
    for moved in program.moved:
        held = f"moved to {moved.to.isoformat()}" if moved.to else "merged" if moved.into else "dropped"
        spots["moved", moved.week, moved.day] = _Spot("A session", f"{held}. {moved.reason}".strip())
    weeks = {phase.weeks[index].id: n for n, (phase, index, _) in enumerate(program.weeks(), start=1)}
    for pause in program.pauses:
        off = f"{pause.weeks} week{'s' if pause.weeks > 1 else ''} without training. {pause.reason}".strip()
        spots["pause", pause.before] = _Spot(f"Before week {weeks.get(pause.before, '?')}", off)
    for phase in program.phases:
        spots["phase", phase.id] = _Spot(phase.name, f"{phase.name} {phase.purpose}".strip())
        for index, week in enumerate(phase.weeks):
            spots["week", week.id] = _Spot(f"Week {numbers[phase.id, index]}", week.kind.value)
        for day in phase.days:
            order = ", ".join(_exercise(line, names) for line in day.lines)
            spots["day", day.id] = _Spot(day.name, _day(day))
            for group in day.groups:
                if len(group.lines) > 1:
                    together = ", ".join(_exercise(line, names) for line in group.lines)
                    spots["group", group.id] = _Spot(f"{day.name}, {together}", _group(group))
            ids = tuple(f"{group.id} {group.kind} {line.id}" for group in day.groups for line in group.lines)
            spots["order", day.id] = _Spot(f"{day.name}, order", order, ids)
            for number, line in enumerate(day.lines, start=1):
                spots["line", line.id] = _Spot(f"{day.name}, line {number}", _exercise(line, names))
                if line.reason or line.cues:
                    said = " · ".join((line.reason, *line.cues)).strip(" ·")
                    spots["said", line.id] = _Spot(f"{day.name}, {_exercise(line, names)}, said", said)
                for index, (week, cell) in enumerate(zip(phase.weeks, line.cells, strict=True)):
                    where = f"{day.name}, {_exercise(line, names)}, week {numbers[phase.id, index]}"
                    spots["cell", line.id, week.id] = _Spot(where, cell.text)
    return spots


def _day(day: Day) -> str:
    """A day in words: its weekday, and where and how long where that is not the usual."""
    more = [f"{day.minutes} min"] if day.minutes else []
    more += ["top-up"] if day.top_up else []
    more += ["alone"] if day.alone else []
    more += ["at another place"] if day.place else []
    return f"{day.name} (day {day.weekday + 1})" + (f", {', '.join(more)}" if more else "")


def _group(group: Group) -> str:
    """A group in words: what it is, what for, its rests."""
    rests = [
        f"{seconds} s {where}"
        for seconds, where in ((group.rest_inside, "inside"), (group.rest_after, "after a round"))
        if seconds is not None
    ]
    return ", ".join([group.kind.value, *([group.pairing.value] if group.pairing else []), *rests])


def _exercise(line: Line, names: dict[ExerciseId, str]) -> str:
    return names.get(line.exercise, line.exercise)
