"""Phases, and the program's own name and start."""

from datetime import date, timedelta
from itertools import count
from typing import Annotated, Literal

from pydantic import Field

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import DayId
from upright_anvil.core.plan.document import Cell, Day, Id, Line, Name, Part, Phase, Program, Week, WeekKind
from upright_anvil.core.plan.edits.weeks import pauses_without
from upright_anvil.core.plan.locate import find_phase, rebuilt, with_phase


class AddPhase(Part):
    """Add a phase after the last: as many weeks, the same days and lines, begun where the last one built to."""

    op: Literal["add_phase"] = "add_phase"
    phase: Id
    name: Name

    def apply(self, program: Program) -> Program:
        """Answer the program with the phase, unless it is there already. Raises `DomainError` past the most phases."""
        if any(p.id == self.phase for p in program.phases):
            return program
        last = program.phases[-1]
        weeks = tuple(Week(id=f"{self.phase}-w{n}") for n in range(1, len(last.weeks) + 1))
        built = max((n for n, w in enumerate(last.weeks) if w.kind is not WeekKind.EASE_OFF), default=-1)
        days = tuple(_begun_again(day, DayId(f"{self.phase}-d{n}"), built) for n, day in enumerate(last.days, start=1))
        fresh = Phase(id=self.phase, name=self.name, weeks=weeks, days=days)
        return rebuilt(program, phases=(*program.phases, fresh))


class ChangePhase(Part):
    """Rename a phase, say what it is for and by which method."""

    op: Literal["change_phase"] = "change_phase"
    phase: Id
    name: Name
    purpose: Annotated[str, Field(max_length=200)] = ""
    method: Annotated[str, Field(max_length=200)] = ""

    def apply(self, program: Program) -> Program:
        """Answer the program with the phase changed. Raises `DomainError` when it is gone."""
        return with_phase(
            program, self.phase, lambda p: rebuilt(p, name=self.name, purpose=self.purpose, method=self.method)
        )


class PutPhase(Part):
    """Add a phase that was made elsewhere, by a template or draft, after the last."""

    op: Literal["put_phase"] = "put_phase"
    value: Phase

    def apply(self, program: Program) -> Program:
        """Answer the program with the phase, unless it is there already. Raises `DomainError` past the most phases."""
        if any(p.id == self.value.id for p in program.phases):
            return program
        return rebuilt(program, phases=(*program.phases, self.value))


class RemovePhase(Part):
    """Take a phase with all its weeks out of the program."""

    op: Literal["remove_phase"] = "remove_phase"
    phase: Id

    def apply(self, program: Program) -> Program:
        """Answer the program without the phase. Raises `DomainError` for the only one."""
        gone = find_phase(program, self.phase)
        if len(program.phases) == 1:
            raise DomainError("A program keeps at least one phase.")
        kept = pauses_without(program, {week.id for week in gone.weeks})
        return rebuilt(program, phases=tuple(p for p in program.phases if p.id != self.phase), pauses=kept)


class ChangeProgram(Part):
    """Rename the program or let it begin in the week of another day."""

    op: Literal["change_program"] = "change_program"
    name: Name
    start: date

    def apply(self, program: Program) -> Program:
        """Answer the program changed: it begins on the Monday of that week."""
        return rebuilt(program, name=self.name, start=self.start - timedelta(days=self.start.weekday()))


def _begun_again(day: Day, day_id: DayId, week: int) -> Day:
    numbers = count(1)

    def begun(line: Line) -> Line:
        text = line.cells[week].text
        cells = (Cell(text=text),) * len(line.cells)
        return rebuilt(line, id=f"{day_id}-l{next(numbers)}", cells=cells, home=line.begun_with)

    groups = tuple(
        rebuilt(group, id=f"{day_id}-g{n}", lines=tuple(begun(line) for line in group.lines))
        for n, group in enumerate(day.groups, start=1)
    )
    return rebuilt(day, id=day_id, groups=groups)
