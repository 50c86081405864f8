"""Lines of a day: add, move, take out, change the exercise, say more of them."""

from typing import Annotated, Literal

from pydantic import Field

from upright_anvil.core.errors import DomainError
from upright_anvil.core.plan.document import Day, Group, Id, Line, Part, Program, Section
from upright_anvil.core.plan.edits.cells import empty_cells
from upright_anvil.core.plan.edits.groups import single, without
from upright_anvil.core.plan.locate import find_day, find_group, find_line, rebuilt, with_day, with_line
from upright_anvil.core.plan.parts import (
    MAX_CUES,
    Cell,
    DayKey,
    ExerciseKey,
    LineKey,
    OptionalExercise,
    OptionalId,
    Words,
)

AT_THE_END = 100
Position = Annotated[int, Field(ge=0, le=AT_THE_END)]


class AddLine(Part):
    """Add an exercise to a day; the id is made by the caller, so that sending twice adds once.

    ``text`` is put into every week. With a section it goes behind the last line of it, else to its position; at the
    end it goes behind what was typed before, in its section; only a cool-down stays last. ``usual`` is the section that
    its exercise usually belongs to: with it a day begins.
    """

    op: Literal["add_line"] = "add_line"
    day: DayKey
    line: LineKey
    exercise: ExerciseKey
    position: Position = AT_THE_END
    section: Section | None = None
    usual: Section | None = None
    text: Annotated[str, Field(max_length=400)] = ""

    def apply(self, program: Program) -> Program:
        """Answer the program with the line, unless it is there already. Raises `DomainError` when the day is gone."""
        phase, day = find_day(program, self.day)
        if any(line.id == self.line for line in day.lines):
            return program
        weeks = len(phase.weeks)
        cells = (Cell(text=self.text.strip()),) * weeks if self.text.strip() else empty_cells(weeks)
        fresh = Line(id=self.line, exercise=self.exercise, cells=cells)
        return with_day(program, day.id, lambda d: _inserted(d, fresh, self.position, self.section, self.usual))


class RemoveLine(Part):
    """Take a line out of its day."""

    op: Literal["remove_line"] = "remove_line"
    line: LineKey

    def apply(self, program: Program) -> Program:
        """Answer the program without the line. Raises `DomainError` when it is gone."""
        return with_day(program, find_line(program, self.line).day.id, lambda d: without(d, {self.line}))


class MoveLine(Part):
    """Move a line to a position of its own or another day of the phase; it leaves its group.

    ``position`` counts the day's groups. The line takes the section of the group it comes to stand before.
    """

    op: Literal["move_line"] = "move_line"
    line: LineKey
    day: DayKey
    position: Position

    def apply(self, program: Program) -> Program:
        """Answer the program with the line moved. Raises `DomainError` across phases, whose weeks differ."""
        place = find_line(program, self.line)
        phase, _ = find_day(program, self.day)
        if phase.id != place.phase.id:
            raise DomainError("A line moves within its phase; the other phase has weeks of its own.")
        left = with_day(program, place.day.id, lambda d: without(d, {self.line}))
        return with_day(left, self.day, lambda d: _inserted(d, place.line, self.position, None))


class MoveGroup(Part):
    """Move a whole group to a position of its own or another day of the phase."""

    op: Literal["move_group"] = "move_group"
    group: Id
    day: DayKey
    position: Position

    def apply(self, program: Program) -> Program:
        """Answer the program with the group moved. Raises `DomainError` across phases."""
        day, group = find_group(program, self.group)
        phase, _ = find_day(program, self.day)
        if day.id not in {d.id for d in phase.days}:
            raise DomainError("A group moves within its phase; the other phase has weeks of its own.")
        left = with_day(program, day.id, lambda d: rebuilt(d, groups=tuple(g for g in d.groups if g.id != group.id)))

        def inserted(target: Day) -> Day:
            return rebuilt(target, groups=(*target.groups[: self.position], group, *target.groups[self.position :]))

        return with_day(left, self.day, inserted)


class MoveWithin(Part):
    """Move a line inside its group, which it does not leave; ``position`` counts the lines of the group."""

    op: Literal["move_within"] = "move_within"
    line: LineKey
    position: Position

    def apply(self, program: Program) -> Program:
        """Answer the program with the line moved. Raises `DomainError` when it is gone."""
        place = find_line(program, self.line)

        def moved(group: Group) -> Group:
            others = tuple(line for line in group.lines if line.id != self.line)
            if len(others) == len(group.lines):
                return group
            at = min(self.position, len(others))
            return rebuilt(group, lines=(*others[:at], place.line, *others[at:]))

        return with_day(program, place.day.id, lambda d: rebuilt(d, groups=tuple(moved(g) for g in d.groups)))


class ChangeExercise(Part):
    """Swap the exercise of a line; its cells stay. In B weeks only where ``variant`` says so."""

    op: Literal["change_exercise"] = "change_exercise"
    line: LineKey
    exercise: ExerciseKey
    variant: Literal["", "B"] = ""

    def apply(self, program: Program) -> Program:
        """Answer the program with the exercise swapped. Raises `DomainError` when the line is gone."""
        name = "exercise_b" if self.variant == "B" else "exercise"
        return with_line(program, self.line, lambda line: rebuilt(line, **{name: self.exercise}))


class ChangeLine(Part):
    """Say more of a line: what it is for, its cues, the rungs named in advance. What is left out stays."""

    op: Literal["change_line"] = "change_line"
    line: LineKey
    reason: Words | None = None
    cues: Annotated[tuple[Annotated[str, Field(max_length=120)], ...], Field(max_length=MAX_CUES)] | None = None
    easier: OptionalExercise | None = None
    harder: OptionalExercise | None = None
    exercise_b: OptionalExercise | None = None
    policy: OptionalId | None = None

    def apply(self, program: Program) -> Program:
        """Answer the program with the line changed. Raises `DomainError` when it is gone."""
        names = ("reason", "cues", "easier", "harder", "exercise_b", "policy")
        said = {name: value for name in names if (value := getattr(self, name)) is not None}
        return with_line(program, self.line, lambda line: rebuilt(line, **said))


_ORDER = {section: number for number, section in enumerate(Section)}


def _inserted(day: Day, line: Line, position: int, section: Section | None, usual: Section | None = None) -> Day:
    groups = day.groups
    if section is not None:
        at = sum(1 for g in groups if _ORDER[g.section] <= _ORDER[section])
        at = next((n for n, g in enumerate(groups) if _ORDER[g.section] > _ORDER[section]), at)
        return rebuilt(day, groups=(*groups[:at], single(line, section), *groups[at:]))
    if position < len(groups):
        fresh = single(line, groups[position].section)
        return rebuilt(day, groups=(*groups[:position], fresh, *groups[position:]))
    cooling = next((n for n, g in enumerate(groups) if all(x.section is Section.COOL_DOWN for x in groups[n:])), None)
    if cooling is not None and usual is Section.COOL_DOWN:
        return rebuilt(day, groups=(*groups, single(line, Section.COOL_DOWN)))
    at = len(groups) if cooling is None else cooling
    fresh = single(line, _section_behind(groups[at - 1].section if at else None, usual))
    return rebuilt(day, groups=(*groups[:at], fresh, *groups[at:]))


def _section_behind(before: Section | None, usual: Section | None) -> Section:
    """The section of a line behind another: the same one, so that the order is the one that was typed.

    What the exercise usually is says only how a day begins, and that its beginning is over. House rule.
    """
    opening = {None, Section.WARM_UP, Section.CARDIO}
    if before not in opening and before is not None:
        return before
    if usual is Section.WARM_UP and before in (None, Section.WARM_UP):
        return Section.WARM_UP
    return Section.CARDIO if usual is Section.CARDIO else Section.MAIN
