"""Phases, and the program's own name and start."""

from datetime import date
from typing import Annotated, Literal

from pydantic import Field

from upright_anvil.core.plan.document import Cell, Day, Group, Id, Line, Name, Part, Phase, Program, Week, WeekKind
from upright_anvil.core.plan.locate import rebuilt, with_phase
from upright_anvil.core.sentences import Refusal


class AddPhase(Part):
    """Add a phase after the last: as many weeks, the same days and lines, begun where the last one built to."""

    op: Literal["add_phase"] = "add_phase"
    phase: Id
    name: Name

    def apply(self, program: Program) -> Program:
        """Answer the program with the phase, unless it is there already. Raises `Refusal` past the most phases."""
        if any(p.id == self.phase for p in program.phases):
            return program
        last = program.phases[-1]
        weeks = tuple(Week(id=f"{self.phase}-w{n}") for n in range(1, len(last.weeks) + 1))
        built = max((n for n, w in enumerate(last.weeks) if w.kind is not WeekKind.EASE_OFF), default=-1)
        days = tuple(_begun_again(day, f"{self.phase}-d{n}", built) for n, day in enumerate(last.days, start=1))
        fresh = Phase(id=self.phase, name=self.name, weeks=weeks, days=days)
        return rebuilt(program, phases=(*program.phases, fresh))


class ChangePhase(Part):
    """Rename a phase or say what it is for."""

    op: Literal["change_phase"] = "change_phase"
    phase: Id
    name: Name
    purpose: Annotated[str, Field(max_length=200)] = ""

    def apply(self, program: Program) -> Program:
        """Answer the program with the phase changed. Raises `Refusal` when it is gone."""
        return with_phase(program, self.phase, lambda p: rebuilt(p, name=self.name, purpose=self.purpose))


class ChangeProgram(Part):
    """Rename the program or move its start to another Monday."""

    op: Literal["change_program"] = "change_program"
    name: Name
    start: date

    def apply(self, program: Program) -> Program:
        """Answer the program changed. Raises `Refusal` unless the start is a Monday."""
        if self.start.weekday() != 0:
            raise Refusal("A program starts on a Monday; pick the Monday of its first week.")
        return rebuilt(program, name=self.name, start=self.start)


def _begun_again(day: Day, day_id: str, week: int) -> Day:
    lines = (
        Line(
            id=f"{day_id}-l{n}",
            exercise=line.exercise,
            cells=(Cell(text=line.cells[week].text),) * len(line.cells),
            home=line.begun_with,
        )
        for n, line in enumerate(day.lines, start=1)
    )
    groups = tuple(Group(id=f"g-{line.id}", lines=(line,)) for line in lines)
    return Day(id=day_id, name=day.name, weekday=day.weekday, groups=groups)
