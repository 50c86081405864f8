"""Typing into the board."""

from enum import StrEnum
from typing import Literal

from upright_anvil.core.plan.document import Cell, Group, Part, Program
from upright_anvil.core.plan.locate import find_line, rebuilt, week_index, with_line
from upright_anvil.core.plan.parts import LineKey, WeekKey
from upright_anvil.core.prescription.text.rounds import rounds_of, sets_in, with_sets


class Carry(StrEnum):
    """How far a typed cell carries on to the following weeks.

    ``matching`` fills the following weeks that said the same as this cell did before (empty ones, where it was empty);
    ``all`` fills every following week; ``none`` changes this week alone. Where B weeks train another exercise, what is
    typed for one goes on in its own weeks.
    """

    NONE = "none"
    MATCHING = "matching"
    ALL = "all"


class SetCell(Part):
    """Put a text into a line's week, and carry it on.

    ``by_hand`` says that the trainer typed it: typing into a line's first week also says what the line begins with,
    which a proposal does not.
    """

    op: Literal["set_cell"] = "set_cell"
    line: LineKey
    week: WeekKey
    text: str
    carry: Carry = Carry.NONE
    by_hand: bool = True

    def apply(self, program: Program) -> Program:
        """Answer the program with the cell set. Raises `DomainError` when the line or the week is gone."""
        place = find_line(program, self.line)
        start = week_index(place.phase, self.week)
        before = place.line.cells[start].text
        group = next(g for g in place.day.groups if any(line.id == self.line for line in g.lines))

        trained = [place.line.exercise_in(week) for week in place.phase.weeks]

        def follows(index: int, text: str) -> bool:
            carried = self.carry is Carry.ALL or (self.carry is Carry.MATCHING and text == before)
            return index > start and carried and trained[index] == trained[start]

        cells = tuple(
            rebuilt(cell, text=self._in_rounds(group, index)) if index == start or follows(index, cell.text) else cell
            for index, cell in enumerate(place.line.cells)
        )
        home = place.line.home if start else "" if self.by_hand else place.line.begun_with
        return with_line(program, self.line, lambda line: rebuilt(line, cells=cells, home=home))

    def _in_rounds(self, group: Group, week: int) -> str:
        """What was typed; in a circuit a station without a number of sets is done once in every round."""
        text = self.text.strip()
        if not group.kind.by_rounds or sets_in(text) is not None:
            return text
        rounds = rounds_of(line.cells[week].text for line in group.lines if line.id != self.line)
        return text if rounds is None else with_sets(text, rounds)


def empty_cells(weeks: int) -> tuple[Cell, ...]:
    """Answer a fresh line's cells."""
    return tuple(Cell() for _ in range(weeks))
