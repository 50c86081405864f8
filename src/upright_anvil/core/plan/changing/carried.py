"""The next program begun from the last one: its last phase again, each line where it built to. House rule."""

from collections.abc import Collection
from datetime import date

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import LineId
from upright_anvil.core.plan.changing.renaming import with_own_ids
from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.edits.lines import RemoveLine
from upright_anvil.core.plan.edits.phases import AddPhase
from upright_anvil.core.plan.locate import rebuilt

NEXT = "p1"


def carried_on(last: Program, name: str, start: date, without: Collection[LineId] = ()) -> Program:
    """Answer a program of one phase like the last of ``last``: as many weeks, its days and lines but for ``without``.

    Every week begins with what the last building week said. Raises `DomainError` where no line is left.
    """
    program = last
    there = {line.id for phase in last.phases for day in phase.days for line in day.lines}
    for line in without:
        if line in there:
            program = RemoveLine(line=line).apply(program)
    alone = with_own_ids(rebuilt(program, phases=program.phases[-1:], moved=(), pauses=()), "last-")
    phase = AddPhase(phase=NEXT, name="Phase 1").apply(alone).phases[-1]
    kinds = [week.kind for week in alone.phases[0].weeks]
    weeks = tuple(rebuilt(week, kind=kind) for week, kind in zip(phase.weeks, kinds, strict=True))
    days = tuple(day for day in phase.days if day.lines)
    if not days:
        raise DomainError("Nothing is left to carry over: start an empty program instead.")
    return Program(name=name, start=start, phases=(rebuilt(phase, weeks=weeks, days=days),))
