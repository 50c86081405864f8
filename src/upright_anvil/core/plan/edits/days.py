"""Days of a phase: add, repeat, rename, change the weekday, say where and how long, take out."""

from typing import Annotated, Literal

from pydantic import Field

from upright_anvil.core.ids import NO_PLACE, DayId
from upright_anvil.core.plan.document import Day, Group, Id, Name, Part, Program
from upright_anvil.core.plan.locate import find_day, find_phase, rebuilt, with_day, with_phase
from upright_anvil.core.plan.parts import DayKey, Minutes, OptionalPlace

Weekday = Annotated[int, Field(ge=0, le=6)]


class AddDay(Part):
    """Add a training day to a phase; the id is made by the caller, so that sending twice adds once."""

    op: Literal["add_day"] = "add_day"
    phase: Id
    day: DayKey
    name: Name
    weekday: Weekday

    def apply(self, program: Program) -> Program:
        """Answer the program with the day, unless it is there already. Raises `DomainError` when the phase is gone."""
        if any(d.id == self.day for d in find_phase(program, self.phase).days):
            return program
        fresh = Day(id=self.day, name=self.name, weekday=self.weekday)
        return with_phase(program, self.phase, lambda p: rebuilt(p, days=(*p.days, fresh)))


class PutDay(Part):
    """Add a day that was made elsewhere, by a template, to a phase; it has a cell for each of its weeks."""

    op: Literal["put_day"] = "put_day"
    phase: Id
    value: Day

    def apply(self, program: Program) -> Program:
        """Answer the program with the day, unless it is there already. Raises `DomainError` when the phase is gone."""
        if any(d.id == self.value.id for d in find_phase(program, self.phase).days):
            return program
        return with_phase(program, self.phase, lambda p: rebuilt(p, days=(*p.days, self.value)))


class RepeatDay(Part):
    """Add a day like another of the phase, on another weekday; the new ids follow from the caller's."""

    op: Literal["repeat_day"] = "repeat_day"
    day: DayKey
    copy_id: Annotated[DayId, Field(min_length=1, max_length=40, pattern=r"^[A-Za-z0-9_-]+$")]
    name: Name
    weekday: Weekday

    def apply(self, program: Program) -> Program:
        """Answer the program with the copy, unless it is there already. Raises `DomainError` when the day is gone."""
        phase, day = find_day(program, self.day)
        if any(d.id == self.copy_id for d in phase.days):
            return program
        groups = tuple(_copied(group, f"{self.copy_id}-g{n}") for n, group in enumerate(day.groups, start=1))
        fresh = rebuilt(day, id=self.copy_id, name=self.name, weekday=self.weekday, groups=groups)
        return with_phase(program, phase.id, lambda p: rebuilt(p, days=(*p.days, fresh)))


class ChangeDay(Part):
    """Rename a day or move it to another weekday."""

    op: Literal["change_day"] = "change_day"
    day: DayKey
    name: Name
    weekday: Weekday

    def apply(self, program: Program) -> Program:
        """Answer the program with the day changed. Raises `DomainError` when it is gone."""
        return with_day(program, self.day, lambda d: rebuilt(d, name=self.name, weekday=self.weekday))


class SetDay(Part):
    """Say where a day is trained, how long it may take, and whether alone; empty means the client's usual."""

    op: Literal["set_day"] = "set_day"
    day: DayKey
    place: OptionalPlace = NO_PLACE
    minutes: Minutes | None = None
    top_up: bool = False
    alone: bool = False

    def apply(self, program: Program) -> Program:
        """Answer the program with the day changed. Raises `DomainError` when it is gone."""
        said = {"place": self.place, "minutes": self.minutes, "top_up": self.top_up, "alone": self.alone}
        return with_day(program, self.day, lambda d: rebuilt(d, **said))


class RemoveDay(Part):
    """Take a day and its lines out of the phase."""

    op: Literal["remove_day"] = "remove_day"
    day: DayKey

    def apply(self, program: Program) -> Program:
        """Answer the program without the day. Raises `DomainError` when it is gone."""
        phase, _ = find_day(program, self.day)
        kept = tuple(d for d in phase.days if d.id != self.day)
        return with_phase(program, phase.id, lambda p: rebuilt(p, days=kept))


def _copied(group: Group, group_id: str) -> Group:
    lines = tuple(rebuilt(line, id=f"{group_id}-l{n}") for n, line in enumerate(group.lines, start=1))
    return rebuilt(group, id=group_id, lines=lines)
