"""The plan document: program, phases, weeks, days, groups, lines, with one cell a week."""

from collections.abc import Iterator
from datetime import date, timedelta
from typing import Annotated, Literal

from pydantic import Field, model_validator

from upright_anvil.core.ids import DayId, WeekId
from upright_anvil.core.plan.parts import (
    MAX_LINES,
    Answer,
    Cell,
    Day,
    Group,
    Id,
    Line,
    MovedSession,
    Name,
    Pairing,
    Part,
    Pause,
    RestrictedFlow,
    Section,
    Week,
    WeekKind,
)
from upright_anvil.core.prescription.groups import GroupKind

__all__ = [
    "MAX_DAYS",
    "MAX_LINES",
    "MAX_PHASES",
    "MAX_WEEKS",
    "Answer",
    "Cell",
    "Day",
    "Group",
    "GroupKind",
    "Id",
    "Line",
    "MovedSession",
    "Name",
    "Pairing",
    "Part",
    "Pause",
    "Phase",
    "Program",
    "Section",
    "Week",
    "WeekKind",
]

MAX_WEEKS = 52
MAX_DAYS = 7
MAX_PHASES = 12
MAX_ANSWERS = 500
MAX_MOVED = 300
MAX_PAUSES = 30


class Phase(Part):
    """A stretch of weeks with one structure, one purpose and a method; ``restricted`` holds for all its loaded work."""

    id: Id
    name: Name
    purpose: Annotated[str, Field(max_length=200)] = ""
    method: Annotated[str, Field(max_length=200)] = ""
    restricted: RestrictedFlow | None = None
    weeks: Annotated[tuple[Week, ...], Field(min_length=1, max_length=MAX_WEEKS)]
    days: Annotated[tuple[Day, ...], Field(max_length=MAX_DAYS)] = ()

    @model_validator(mode="after")
    def _cells_match_weeks(self) -> "Phase":
        for day in self.days:
            if len(day.lines) > MAX_LINES:
                raise ValueError(f"{day.name} has more than {MAX_LINES} lines")
            for line in day.lines:
                if len(line.cells) != len(self.weeks):
                    raise ValueError(f"line {line.id} has {len(line.cells)} cells for {len(self.weeks)} weeks")
        return self


class Program(Part):
    """A client's program. ``start`` is a Monday; weeks follow each other through the phases, but for ``pauses``.

    ``answers`` are the trainer's reasons to what the checks asked, ``moved`` the sessions not held as planned.
    """

    version: Literal[1] = 1
    name: Name
    start: date
    phases: Annotated[tuple[Phase, ...], Field(min_length=1, max_length=MAX_PHASES)]
    answers: Annotated[tuple[Answer, ...], Field(max_length=MAX_ANSWERS)] = ()
    moved: Annotated[tuple[MovedSession, ...], Field(max_length=MAX_MOVED)] = ()
    pauses: Annotated[tuple[Pause, ...], Field(max_length=MAX_PAUSES)] = ()

    @model_validator(mode="after")
    def _sound(self) -> "Program":
        if self.start.weekday() != 0:
            raise ValueError("a program starts on a Monday")
        ids = [part.id for part in _parts(self)]
        if len(ids) != len(set(ids)):
            raise ValueError("two parts of the program share an id")
        return self

    def weeks(self) -> Iterator[tuple[Phase, int, date]]:
        """Go through all weeks: phase, index of the week in it, and its Monday."""
        monday, pauses = self.start, {pause.before: pause.weeks for pause in self.pauses}
        for phase in self.phases:
            for index, week in enumerate(phase.weeks):
                monday += timedelta(weeks=pauses.get(week.id, 0))
                yield phase, index, monday
                monday += timedelta(weeks=1)

    @property
    def end(self) -> date:
        """The Sunday of the last week."""
        return max(monday for _, _, monday in self.weeks()) + timedelta(days=6)

    def held_by(self, week_id: WeekId, day_id: DayId) -> DayId:
        """Answer the id of the day that a session is held by: its own, or the one it was merged into."""
        into = (m.into for m in self.moved if (m.week, m.day) == (week_id, day_id) and m.into)
        return next(into, day_id)

    def as_held(self, phase: Phase, week_id: WeekId, day: Day) -> Day:
        """Answer a day as it is held in a week: with what was merged into it behind its own groups."""
        merged = {m.day for m in self.moved if m.week == week_id and m.into == day.id}
        more = [group for other in phase.days if other.id in merged for group in other.groups]
        return day.model_copy(update={"groups": (*day.groups, *more)}) if more else day

    def sessions(self) -> Iterator[tuple[Phase, int, Day, date]]:
        """Go through all sessions by date: phase, index of the week in it, day, date.

        A moved session comes on its new date; one that was dropped or merged into another does not come.
        """
        changed = {(m.week, m.day): m for m in self.moved}
        held = []
        for phase, index, monday in self.weeks():
            for day in phase.days:
                move = changed.get((phase.weeks[index].id, day.id))
                if move is None:
                    held.append((phase, index, day, monday + timedelta(days=day.weekday)))
                elif move.to is not None:
                    held.append((phase, index, day, move.to))
        yield from sorted(held, key=lambda session: session[3])


def _parts(program: Program) -> Iterator[Phase | Week | Day | Group | Line]:
    for phase in program.phases:
        yield phase
        yield from phase.weeks
        for day in phase.days:
            yield day
            for group in day.groups:
                yield group
                yield from group.lines
