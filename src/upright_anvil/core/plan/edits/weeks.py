"""Weeks of a phase: add one after the last, say what it does, take the last one out."""

from collections.abc import Callable, Collection
from typing import Literal

from upright_anvil.core.errors import DomainError
from upright_anvil.core.plan.document import Cell, Day, Id, Line, Part, Pause, Phase, Program, Week, WeekKind
from upright_anvil.core.plan.locate import find_phase, rebuilt, week_index, with_phase
from upright_anvil.core.plan.parts import OptionalPlace, Variant, WeekKey


class AddWeek(Part):
    """Add a week after the last, with the last week's cells copied into it."""

    op: Literal["add_week"] = "add_week"
    phase: Id
    week: WeekKey

    def apply(self, program: Program) -> Program:
        """Answer the program with the week, unless it is there already. Raises `DomainError` past the longest phase."""
        if any(w.id == self.week for w in find_phase(program, self.phase).weeks):
            return program

        def longer(phase: Phase) -> Phase:
            weeks = (*phase.weeks, Week(id=self.week))
            return rebuilt(phase, weeks=weeks, days=_with_cells(phase, lambda line: (*line.cells, line.cells[-1])))

        return with_phase(program, self.phase, longer)


class ChangeWeek(Part):
    """Say whether a week builds, holds or eases off, which variants it trains, and where. What is left out stays."""

    op: Literal["change_week"] = "change_week"
    phase: Id
    week: WeekKey
    kind: WeekKind | None = None
    variant: Variant | None = None
    place: OptionalPlace | None = None

    def apply(self, program: Program) -> Program:
        """Answer the program with the week changed. Raises `DomainError` when it is gone."""
        index = week_index(find_phase(program, self.phase), self.week)

        def changed(phase: Phase) -> Phase:
            weeks = list(phase.weeks)
            said = {n: value for n in ("kind", "variant", "place") if (value := getattr(self, n)) is not None}
            weeks[index] = rebuilt(weeks[index], **said)
            return rebuilt(phase, weeks=tuple(weeks))

        return with_phase(program, self.phase, changed)


class RemoveWeek(Part):
    """Take a week out of its phase."""

    op: Literal["remove_week"] = "remove_week"
    phase: Id
    week: WeekKey

    def apply(self, program: Program) -> Program:
        """Answer the program without the week. Raises `DomainError` for the only week of a phase."""
        gone = week_index(find_phase(program, self.phase), self.week)
        kept = pauses_without(program, {self.week})

        def shorter(phase: Phase) -> Phase:
            if len(phase.weeks) == 1:
                raise DomainError("A phase keeps at least one week.")
            weeks = phase.weeks[:gone] + phase.weeks[gone + 1 :]
            days = _with_cells(phase, lambda line: line.cells[:gone] + line.cells[gone + 1 :])
            return rebuilt(phase, weeks=weeks, days=days)

        return rebuilt(with_phase(program, self.phase, shorter), pauses=kept)


def pauses_without(program: Program, gone: Collection[str]) -> tuple[Pause, ...]:
    """Answer the program's pauses without some weeks: a pause before one of them lies before the next that stays."""
    weeks = [week.id for phase in program.phases for week in phase.weeks]
    later = {week: next((other for other in weeks[at:] if other not in gone), None) for at, week in enumerate(weeks)}
    kept: dict[str, Pause] = {}
    for pause in program.pauses:
        before = later.get(pause.before)
        if before is not None:
            longest = max(pause.weeks, kept[before].weeks if before in kept else 0)
            kept[before] = rebuilt(pause, before=before, weeks=longest)
    return tuple(kept.values())


def _with_cells(phase: Phase, cells: Callable[[Line], tuple[Cell, ...]]) -> tuple[Day, ...]:
    """The phase's days with every line's cells worked out anew."""
    return tuple(
        rebuilt(
            day,
            groups=tuple(
                rebuilt(g, lines=tuple(rebuilt(line, cells=cells(line)) for line in g.lines)) for g in day.groups
            ),
        )
        for day in phase.days
    )
