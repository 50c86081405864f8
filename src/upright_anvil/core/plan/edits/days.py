"""Days of a phase: add, rename, change the weekday, take out."""

from typing import Annotated, Literal

from pydantic import Field

from upright_anvil.core.plan.document import Day, Id, Name, Part, Program
from upright_anvil.core.plan.locate import find_day, find_phase, rebuilt, with_day, with_phase

Weekday = Annotated[int, Field(ge=0, le=6)]


class AddDay(Part):
    """Add a training day to a phase; the id is made by the caller, so that sending twice adds once."""

    op: Literal["add_day"] = "add_day"
    phase: Id
    day: Id
    name: Name
    weekday: Weekday

    def apply(self, program: Program) -> Program:
        """Answer the program with the day, unless it is there already. Raises `Refusal` when the phase is gone."""
        if any(d.id == self.day for d in find_phase(program, self.phase).days):
            return program
        fresh = Day(id=self.day, name=self.name, weekday=self.weekday)
        return with_phase(program, self.phase, lambda p: rebuilt(p, days=(*p.days, fresh)))


class ChangeDay(Part):
    """Rename a day or move it to another weekday."""

    op: Literal["change_day"] = "change_day"
    day: Id
    name: Name
    weekday: Weekday

    def apply(self, program: Program) -> Program:
        """Answer the program with the day changed. Raises `Refusal` when it is gone."""
        return with_day(program, self.day, lambda d: rebuilt(d, name=self.name, weekday=self.weekday))


class RemoveDay(Part):
    """Take a day and its lines out of the phase."""

    op: Literal["remove_day"] = "remove_day"
    day: Id

    def apply(self, program: Program) -> Program:
        """Answer the program without the day. Raises `Refusal` when it is gone."""
        phase, _ = find_day(program, self.day)
        kept = tuple(d for d in phase.days if d.id != self.day)
        return with_phase(program, phase.id, lambda p: rebuilt(p, days=kept))
