"""What a change would do before it is made: cells and order, minutes, sets by muscle, findings that go and come."""

from collections.abc import Mapping
from dataclasses import dataclass
from datetime import date
from decimal import Decimal

from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.checks.run import findings
from upright_anvil.core.checks.study import Standpoint, study
from upright_anvil.core.ids import ProgramId
from upright_anvil.core.plan.changing.compare import Difference, compare
from upright_anvil.core.plan.document import Phase, Program
from upright_anvil.core.plan.read_out.reading import day_estimate
from upright_anvil.services.profile.standpoint import standpoint
from upright_anvil.services.shelf import all_exercises
from upright_anvil.store import programs
from upright_anvil.store.file.database import Scope

LEAST_SETS = Decimal("0.5")
"""Sets a week by which a muscle has to change to be named. House rule."""


@dataclass(frozen=True, slots=True)
class MinutesChange:
    """What a change does to the minutes of a session; 0 where there is none before or after. ``week`` counts from 1."""

    day: str
    week: int
    before: int
    after: int


@dataclass(frozen=True, slots=True)
class MuscleChange:
    """The hard sets a week of a muscle before and after, the mean of the weeks of a phase, to 0.1."""

    phase: str
    muscle: str
    before: Decimal
    after: Decimal


@dataclass(frozen=True, slots=True)
class TrialView:
    """What a change would do, without making it; ``changes`` say what was adapted to the client."""

    differences: tuple[Difference, ...]
    minutes: tuple[MinutesChange, ...]
    muscles: tuple[MuscleChange, ...]
    gone: tuple[str, ...]
    new: tuple[str, ...]
    changes: tuple[str, ...]


def trial(
    scope: Scope,
    program_id: ProgramId,
    before: Program,
    after: Program,
    today: date,
    changes: tuple[str, ...] = (),
) -> TrialView:
    """Answer what becomes of a program that is changed. Raises `NotFoundError`."""
    who = standpoint(scope, programs.program_row(scope, program_id).client_id, today)
    names = {e.id: e.name for e in all_exercises(scope).values()}
    had = {f.message for f in findings(before, who) if not f.answered}
    has = {f.message for f in findings(after, who) if not f.answered}
    return TrialView(
        differences=compare(before, after, names),
        minutes=_minutes(before, after, who),
        muscles=_muscles(before, after, who),
        gone=tuple(sorted(had - has)),
        new=tuple(sorted(has - had)),
        changes=changes,
    )


def _minutes(before: Program, after: Program, who: Standpoint) -> tuple[MinutesChange, ...]:
    """The sessions whose minutes change, by their week of the program, those that come or go as well."""
    had, has = _sessions(before, who), _sessions(after, who)
    order = {key: number for number, key in enumerate((*has, *had))}
    changed = []
    for key in sorted({*had, *has}, key=lambda key: order[key]):
        week, name = (has.get(key) or had[key])[1:]
        then, later = had[key][0] if key in had else 0, has[key][0] if key in has else 0
        if then != later:
            changed.append(MinutesChange(name, week, then, later))
    return tuple(changed)


_Session = tuple[str, str]


def _sessions(program: Program, who: Standpoint) -> dict[_Session, tuple[int, int, str]]:
    """Minutes, week and day by week and day of all sessions."""
    return {
        (phase.weeks[index].id, day.id): (
            round(day_estimate(day, phase.weeks, index, who.profile) / 60),
            week,
            day.name,
        )
        for week, (phase, index, _) in enumerate(program.weeks(), start=1)
        for day in phase.days
    }


def _muscles(before: Program, after: Program, who: Standpoint) -> tuple[MuscleChange, ...]:
    """The muscles that get more or less in a phase; a phase that is new beside the last one there was."""
    old = {phase.id: phase for phase in before.phases}
    changed = []
    for phase in after.phases:
        if old.get(phase.id) == phase:
            continue
        had = _weekly(before, old.get(phase.id, before.phases[-1]), who)
        has = _weekly(after, phase, who)
        for muscle in sorted({*had, *has}):
            then, later = had.get(muscle, Decimal(0)), has.get(muscle, Decimal(0))
            if abs(then - later) >= LEAST_SETS:
                changed.append(MuscleChange(phase.name, str(muscle), then, later))
    return tuple(changed)


def _weekly(program: Program, phase: Phase, who: Standpoint) -> Mapping[Muscle, Decimal]:
    weeks = [week.muscles for one in study(program, who, phase.id) for week in one.weeks]
    muscles = {muscle for week in weeks for muscle in week}
    return {
        muscle: round(sum((week.get(muscle, Decimal(0)) for week in weeks), Decimal(0)) / len(weeks), 1)
        for muscle in muscles
    }
