"""Finding parts of a program, and putting changed ones back."""

from collections.abc import Callable
from dataclasses import dataclass
from typing import TypeVar

from pydantic import ValidationError

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import DayId, LineId, WeekId
from upright_anvil.core.plan.document import Day, Group, Line, Part, Phase, Program

_Part = TypeVar("_Part", bound=Part)


@dataclass(frozen=True, slots=True)
class LinePlace:
    """Where a line stands."""

    phase: Phase
    day: Day
    line: Line


def find_phase(program: Program, phase_id: str) -> Phase:
    """Answer the phase with this id. Raises `DomainError` when there is none."""
    for phase in program.phases:
        if phase.id == phase_id:
            return phase
    raise DomainError("That phase is no longer in the program.")


def find_day(program: Program, day_id: DayId) -> tuple[Phase, Day]:
    """Answer the day with this id and its phase. Raises `DomainError` when there is none."""
    for phase in program.phases:
        for day in phase.days:
            if day.id == day_id:
                return phase, day
    raise DomainError("That day is no longer in the program.")


def find_line(program: Program, line_id: LineId) -> LinePlace:
    """Answer where the line with this id stands. Raises `DomainError` when there is none."""
    for phase in program.phases:
        for day in phase.days:
            for group in day.groups:
                for line in group.lines:
                    if line.id == line_id:
                        return LinePlace(phase, day, line)
    raise DomainError("That line is no longer in the program.")


def find_group(program: Program, group_id: str) -> tuple[Day, Group]:
    """Answer the group with this id and its day. Raises `DomainError` when there is none."""
    for phase in program.phases:
        for day in phase.days:
            for group in day.groups:
                if group.id == group_id:
                    return day, group
    raise DomainError("That group is no longer in the program.")


def week_index(phase: Phase, week_id: WeekId) -> int:
    """Answer the index of the week with this id. Raises `DomainError` when the phase has none."""
    for index, week in enumerate(phase.weeks):
        if week.id == week_id:
            return index
    raise DomainError("That week is no longer in the program.")


def with_phase(program: Program, phase_id: str, change: Callable[[Phase], Phase]) -> Program:
    """Answer the program with one phase changed, checked again as a whole."""
    find_phase(program, phase_id)
    phases = tuple(change(p) if p.id == phase_id else p for p in program.phases)
    return rebuilt(program, phases=phases)


def with_day(program: Program, day_id: DayId, change: Callable[[Day], Day]) -> Program:
    """Answer the program with one day changed."""
    phase, _ = find_day(program, day_id)
    days = tuple(change(d) if d.id == day_id else d for d in phase.days)
    return with_phase(program, phase.id, lambda p: rebuilt(p, days=days))


def with_line(program: Program, line_id: LineId, change: Callable[[Line], Line]) -> Program:
    """Answer the program with one line changed."""
    place = find_line(program, line_id)

    def in_day(day: Day) -> Day:
        groups = tuple(
            rebuilt(g, lines=tuple(change(line) if line.id == line_id else line for line in g.lines))
            for g in day.groups
        )
        return rebuilt(day, groups=groups)

    return with_day(program, place.day.id, in_day)


def rebuilt(part: _Part, **changes: object) -> _Part:
    """Answer a copy of a part with some fields changed and its own rules checked again. Raises `DomainError`."""
    fields = {name: getattr(part, name) for name in type(part).model_fields}
    try:
        return type(part)(**(fields | changes))
    except ValidationError as wrong:
        raise DomainError(f"The program would not hold together: {wrong.errors()[0]['msg']}.") from wrong
