"""The same program with ids of its own: sets are looked up by line, so no two programs of a client share any."""

from upright_anvil.core.ids import NO_DAY, DayId
from upright_anvil.core.plan.document import Day, Phase, Program
from upright_anvil.core.plan.locate import rebuilt


def with_own_ids(program: Program, key: str) -> Program:
    """Answer the program with ``key`` before the ids of all its parts, also where one names another.

    ``key`` is short (at most a dozen letters), so that the ids stay within their 64; the answers to findings, which
    were given to another plan, are left behind.
    """

    def named(phase: Phase) -> Phase:
        weeks = tuple(rebuilt(week, id=f"{key}{week.id}") for week in phase.weeks)
        return rebuilt(phase, id=f"{key}{phase.id}", weeks=weeks, days=tuple(_day(day, key) for day in phase.days))

    moved = tuple(
        rebuilt(m, week=f"{key}{m.week}", day=f"{key}{m.day}", into=DayId(f"{key}{m.into}") if m.into else NO_DAY)
        for m in program.moved
    )
    pauses = tuple(rebuilt(pause, before=f"{key}{pause.before}") for pause in program.pauses)
    phases = tuple(named(phase) for phase in program.phases)
    return rebuilt(program, phases=phases, moved=moved, pauses=pauses, answers=())


def _day(day: Day, key: str) -> Day:
    groups = tuple(
        rebuilt(
            group,
            id=f"{key}{group.id}",
            lines=tuple(rebuilt(line, id=f"{key}{line.id}") for line in group.lines),
        )
        for group in day.groups
    )
    return rebuilt(day, id=f"{key}{day.id}", groups=groups)
