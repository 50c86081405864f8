"""Where the work after a session is planned: the cell that a decision writes."""

from collections.abc import Iterator
from dataclasses import dataclass

from upright_anvil.core.plan.document import Line, Phase, Program, WeekKind
from upright_anvil.core.plan.locate import find_line
from upright_anvil.core.sentences import Refusal


@dataclass(frozen=True, slots=True)
class NextCell:
    """The cell a decision writes: its line, its week's id and number in the program, and what it says now."""

    line: str
    week_id: str
    week: int
    text: str


def next_cell(program: Program, line_id: str, week: int) -> NextCell | None:
    """Answer where the next building week of this exercise is planned.

    ``week`` is the index of the session's week in its phase. Easing-off weeks keep what they say. After the phase's
    last building week it is the first of the next phase that has the exercise; a line with nothing planned ahead takes
    simply its next week. None after the last week, or when the line is gone. House rule.
    """
    try:
        place = find_line(program, line_id)
    except Refusal:
        return None
    ahead = list(_building_cells(program, place.phase, place.line, week + 1))
    for phase in program.phases[program.phases.index(place.phase) + 1 :]:
        same = (line for day in phase.days for line in day.lines if line.exercise == place.line.exercise)
        for line in same:
            ahead += _building_cells(program, phase, line, 0)
    return next((cell for cell in ahead if cell.text), ahead[0] if ahead else None)


def _building_cells(program: Program, phase: Phase, line: Line, start: int) -> Iterator[NextCell]:
    offset = next(number for number, (p, _, _) in enumerate(program.weeks(), start=1) if p.id == phase.id)
    for index, (week, cell) in enumerate(zip(phase.weeks, line.cells, strict=True)):
        if index >= start and week.kind is not WeekKind.EASE_OFF:
            yield NextCell(line.id, week.id, offset + index, cell.text)
