"""One session cut out of its program, so that changes of the day cannot reach further."""

from collections.abc import Iterable

from upright_anvil.core.errors import DomainError
from upright_anvil.core.plan.document import Day, Group, Line, Phase, Program
from upright_anvil.core.plan.edits import Edit
from upright_anvil.core.plan.locate import rebuilt


def cut_out(program: Program, phase: Phase, week: int, day: Day) -> Program:
    """Answer a program of one phase, one week and one day: the session as it is held, its ids as they were."""

    def line(kept: Line) -> Line:
        return rebuilt(kept, cells=(kept.cells[week],))

    def group(kept: Group) -> Group:
        return rebuilt(kept, lines=tuple(line(one) for one in kept.lines))

    held = rebuilt(day, groups=tuple(group(one) for one in day.groups))
    only = rebuilt(phase, weeks=(phase.weeks[week],), days=(held,))
    return Program(name=program.name, start=program.start, phases=(only,))


def as_changed(session: Program, edits: Iterable[Edit]) -> Program:
    """Answer a session after the changes of the day, in order; what does not fit any more is passed over."""
    for edit in edits:
        try:
            session = edit.apply(session)
        except DomainError:
            continue
    return session


def day_of(session: Program) -> tuple[Phase, Day]:
    """Answer the phase and the day of a session that was cut out."""
    return session.phases[0], session.phases[0].days[0]
