"""Where the work after a session is planned: the cell that a decision writes."""

from collections.abc import Iterator
from dataclasses import dataclass
from itertools import takewhile

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import LineId, WeekId
from upright_anvil.core.plan.document import Line, Phase, Program, WeekKind
from upright_anvil.core.plan.locate import find_line, week_index


@dataclass(frozen=True, slots=True)
class NextCell:
    """The cell a decision writes: its line, its week's id and number in the program, and what it says now."""

    line: LineId
    week_id: WeekId
    week: int
    text: str


@dataclass(frozen=True, slots=True)
class FollowingCell:
    """A later cell of the same exercise: its week's id and number in the program, its text, whether the week eases."""

    week_id: WeekId
    week: int
    text: str
    easing_off: bool


def next_cell(program: Program, line_id: LineId, week: int) -> NextCell | None:
    """Answer where the next building week of this exercise is planned.

    ``week`` is the index of the session's week in its phase. Easing-off weeks keep what they say. After the phase's
    last building week it is the first of the next phase that has the exercise; a line with nothing planned ahead takes
    simply its next week. A line that trains another exercise in B weeks goes on in weeks of the same kind. None after
    the last week, or when the line is gone. House rule.
    """
    try:
        place = find_line(program, line_id)
    except DomainError:
        return None
    variant = place.phase.weeks[week].variant if place.line.exercise_b and week < len(place.phase.weeks) else None
    exercise = place.line.exercise_b if variant == "B" else place.line.exercise
    ahead = list(_building_cells(program, place.phase, place.line, week + 1, variant))
    for phase in program.phases[program.phases.index(place.phase) + 1 :]:
        for line in (line for day in phase.days for line in day.lines if line.exercise == exercise):
            ahead += _building_cells(program, phase, line, 0, None)
    return next((cell for cell in ahead if cell.text), ahead[0] if ahead else None)


def following(program: Program, cell: NextCell) -> tuple[FollowingCell, ...]:
    """Answer the cells of the same exercise in the weeks of the phase after a cell, easing-off weeks among them."""
    place = find_line(program, cell.line)
    start = week_index(place.phase, cell.week_id)
    trained = place.line.exercise_in(place.phase.weeks[start])
    return tuple(
        FollowingCell(week.id, cell.week + index - start, written.text, week.kind is WeekKind.EASE_OFF)
        for index, (week, written) in enumerate(zip(place.phase.weeks, place.line.cells, strict=True))
        if index > start and place.line.exercise_in(week) == trained
    )


def _building_cells(program: Program, phase: Phase, line: Line, start: int, variant: str | None) -> Iterator[NextCell]:
    before = takewhile(lambda p: p.id != phase.id, program.phases)
    offset = 1 + sum(len(p.weeks) for p in before)
    for index, (week, cell) in enumerate(zip(phase.weeks, line.cells, strict=True)):
        if index >= start and week.kind is not WeekKind.EASE_OFF and variant in (None, week.variant):
            yield NextCell(line.id, week.id, offset + index, cell.text)
