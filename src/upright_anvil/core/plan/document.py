"""The plan document: program, phases, weeks, days, groups, lines, with one cell a week.

A cell holds its shorthand as text. The text is the one record of what was planned: `shorthand.read` gives the
prescription, and a line that cannot be read is kept as it was typed. Documents are immutable; edits make new ones.
"""

from collections.abc import Iterator
from datetime import date, timedelta
from enum import StrEnum
from typing import Annotated, Literal

from pydantic import BaseModel, ConfigDict, Field, model_validator

from upright_anvil.core.prescription.shorthand import MAX_LENGTH

MAX_WEEKS = 52
MAX_DAYS = 7
MAX_LINES = 40
MAX_PHASES = 12

Id = Annotated[str, Field(min_length=1, max_length=64, pattern=r"^[A-Za-z0-9_-]+$")]
Name = Annotated[str, Field(min_length=1, max_length=80)]


class Part(BaseModel):
    """Any part of the document: frozen, and strict about unknown fields."""

    model_config = ConfigDict(frozen=True, extra="forbid")


class WeekKind(StrEnum):
    """What a week does in its phase."""

    BUILD = "build"
    HOLD = "hold"
    EASE_OFF = "ease off"


class Week(Part):
    """One week of a phase."""

    id: Id
    kind: WeekKind = WeekKind.BUILD


class Cell(Part):
    """What a line asks for in one week: shorthand, or whatever was typed; empty when the line rests that week."""

    text: Annotated[str, Field(max_length=MAX_LENGTH)] = ""


class Line(Part):
    """One exercise through the weeks of a phase; ``cells`` has one cell a week, in their order.

    ``home`` is the shorthand that a rise goes back to, where the first cell no longer says it; else it is empty.
    """

    id: Id
    exercise: Id
    cells: tuple[Cell, ...]
    home: Annotated[str, Field(max_length=MAX_LENGTH)] = ""

    @property
    def begun_with(self) -> str:
        """The shorthand the line began with: reps go back to its range and tempo after a rise."""
        return self.home or next((cell.text for cell in self.cells if cell.text), "")


class Group(Part):
    """Lines done together; on its own for now."""

    id: Id
    kind: Literal["single"] = "single"
    lines: tuple[Line, ...] = ()


class Day(Part):
    """One training day of every week; ``weekday`` counts from Monday = 0."""

    id: Id
    name: Name
    weekday: Annotated[int, Field(ge=0, le=6)]
    groups: tuple[Group, ...] = ()

    @property
    def lines(self) -> tuple[Line, ...]:
        """The day's lines in order."""
        return tuple(line for group in self.groups for line in group.lines)


class Phase(Part):
    """A stretch of weeks with one structure and one purpose."""

    id: Id
    name: Name
    purpose: Annotated[str, Field(max_length=200)] = ""
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
    """A client's program. ``start`` is a Monday; weeks follow each other through the phases without gaps."""

    version: Literal[1] = 1
    name: Name
    start: date
    phases: Annotated[tuple[Phase, ...], Field(min_length=1, max_length=MAX_PHASES)]

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
        monday = self.start
        for phase in self.phases:
            for index in range(len(phase.weeks)):
                yield phase, index, monday
                monday += timedelta(days=7)

    def sessions(self) -> Iterator[tuple[Phase, int, Day, date]]:
        """Go through all planned sessions by date: phase, index of the week in it, day, date."""
        for phase, index, monday in self.weeks():
            for day in sorted(phase.days, key=lambda d: d.weekday):
                yield phase, index, day, monday + timedelta(days=day.weekday)


def _parts(program: Program) -> Iterator[Phase | Week | Day | Group | Line]:
    for phase in program.phases:
        yield phase
        yield from phase.weeks
        for day in phase.days:
            yield day
            for group in day.groups:
                yield group
                yield from group.lines
