"""Lines of a day: add, move, take out, change the exercise."""

from typing import Annotated, Literal

from pydantic import Field

from upright_anvil.core.plan.document import Day, Group, Id, Line, Part, Program
from upright_anvil.core.plan.edits.cells import empty_cells
from upright_anvil.core.plan.locate import find_day, find_line, rebuilt, with_day, with_line
from upright_anvil.core.sentences import Refusal

Position = Annotated[int, Field(ge=0, le=100)]


class AddLine(Part):
    """Add an exercise to a day; the id is made by the caller, so that sending twice adds once."""

    op: Literal["add_line"] = "add_line"
    day: Id
    line: Id
    exercise: Id
    position: Position = 100

    def apply(self, program: Program) -> Program:
        """Answer the program with the line, unless it is there already. Raises `Refusal` when the day is gone."""
        phase, day = find_day(program, self.day)
        if any(line.id == self.line for line in day.lines):
            return program
        fresh = Line(id=self.line, exercise=self.exercise, cells=empty_cells(len(phase.weeks)))
        return with_day(program, day.id, lambda d: _inserted(d, fresh, self.position))


class RemoveLine(Part):
    """Take a line out of its day."""

    op: Literal["remove_line"] = "remove_line"
    line: Id

    def apply(self, program: Program) -> Program:
        """Answer the program without the line. Raises `Refusal` when it is gone."""
        return with_day(program, find_line(program, self.line).day.id, lambda d: _without(d, self.line))


class MoveLine(Part):
    """Move a line to a position of its own or another day of the phase."""

    op: Literal["move_line"] = "move_line"
    line: Id
    day: Id
    position: Position

    def apply(self, program: Program) -> Program:
        """Answer the program with the line moved. Raises `Refusal` across phases, whose weeks differ."""
        place = find_line(program, self.line)
        phase, _ = find_day(program, self.day)
        if phase.id != place.phase.id:
            raise Refusal("A line moves within its phase; the other phase has weeks of its own.")
        without = with_day(program, place.day.id, lambda d: _without(d, self.line))
        return with_day(without, self.day, lambda d: _inserted(d, place.line, self.position))


class ChangeExercise(Part):
    """Swap the exercise of a line; its cells stay."""

    op: Literal["change_exercise"] = "change_exercise"
    line: Id
    exercise: Id

    def apply(self, program: Program) -> Program:
        """Answer the program with the exercise swapped. Raises `Refusal` when the line is gone."""
        return with_line(program, self.line, lambda line: rebuilt(line, exercise=self.exercise))


def _inserted(day: Day, line: Line, position: int) -> Day:
    single = Group(id=f"g-{line.id}"[:64], lines=(line,))
    return rebuilt(day, groups=(*day.groups[:position], single, *day.groups[position:]))


def _without(day: Day, line_id: str) -> Day:
    kept = (rebuilt(g, lines=tuple(line for line in g.lines if line.id != line_id)) for g in day.groups)
    return rebuilt(day, groups=tuple(g for g in kept if g.lines))
