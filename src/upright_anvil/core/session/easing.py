"""What a report of readiness changes in a session (rules, readiness): bounded, listed, each undone on its own.

Good: as planned. Middling: same load, one more repetition left; where no reserve is said, one accessory set less. Poor:
loads 7.5 to 10 % lighter and a third fewer sets. Pain: what loads the region goes to an easier rung, or out.
"""

from collections.abc import Iterator
from dataclasses import replace
from datetime import date

from upright_anvil.core.exercises import Exercise, ExerciseKind
from upright_anvil.core.health.cautions import CautionGrade, joint_cautions
from upright_anvil.core.health.history import Entry, JointStatus, State
from upright_anvil.core.health.readiness import Pain, ReadinessGrade, Report, grade
from upright_anvil.core.plan.document import Day, Group, Line, Program, Section, Week
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.lines import RemoveLine
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.session.milder import a_third_fewer, fewer_sets, lighter, more_in_reserve
from upright_anvil.core.session.model import DayChange
from upright_anvil.core.session.swapping import instead_of_line, swap
from upright_anvil.core.session.this_session import day_of

ENOUGH_SETS = 3
_UNDATED = date(2000, 1, 1)
"""What hurts today is no entry of the history; its date is never shown."""

_WORK = frozenset({ExerciseKind.LIFT, ExerciseKind.HOLD, ExerciseKind.CARRY, ExerciseKind.JUMP, ExerciseKind.THROW})


def easing(
    report: Report, session: Program, profile: ClientProfile, done: frozenset[str] = frozenset()
) -> tuple[DayChange, ...]:
    """Answer the changes a report brings to a session that was cut out; lines in ``done`` are left as they are.

    House rule, from the rules of readiness.
    """
    phase, day = day_of(session)
    week, found = phase.weeks[0], list[DayChange]()
    here = profile_with(profile, report.pains)
    out: set[str] = set()
    for change in _pain(report, day, week, here, done):
        found.append(change)
        out.add(change.line)
    how = grade(report)
    for group, line in _working(day, week, profile, done | out):
        asked = prescription_or_none(line.cells[0].text, profile.unit)
        if asked is not None and not asked.ramp and how is not ReadinessGrade.GOOD:
            exercise = profile.exercise(line.exercise_in(week))
            change_found = _eased(how, group, line, week, asked, exercise, profile)
            if change_found:
                found.append(change_found)
    return tuple(found)


def profile_with(profile: ClientProfile, pains: tuple[Pain, ...]) -> ClientProfile:
    """Answer the profile with what hurts today beside what is written down."""
    if not pains:
        return profile
    today = tuple(
        JointStatus(
            p.joint, p.side, State.HURTS, Entry(f"today-{p.name}", _UNDATED, p.joint, State.HURTS, p.side, "today")
        )
        for p in pains
    )
    return replace(profile, standing=(*today, *profile.standing))


def _working(
    day: Day, week: Week, profile: ClientProfile, left: frozenset[str] | set[str]
) -> Iterator[tuple[Group, Line]]:
    for group in day.groups:
        if group.preparing:
            continue
        for line in group.lines:
            exercise = profile.exercise(line.exercise_in(week))
            if line.cells[0].text and line.id not in left and exercise.kind in _WORK:
                yield group, line


def _pain(report: Report, day: Day, week: Week, profile: ClientProfile, done: frozenset[str]) -> Iterator[DayChange]:
    if not report.pains:
        return
    for line in day.lines:
        exercise = profile.exercise(line.exercise_in(week))
        cautions = joint_cautions(exercise, profile.standing)
        stops = [c for c in cautions if c.grade is CautionGrade.STOP]
        if not line.cells[0].text or line.id in done or not stops:
            continue
        why = f"{stops[0].about.capitalize()} hurts today."
        instead = instead_of_line(line, week, profile, limit=1)
        if instead:
            yield replace(swap(line, week, profile.exercise(instead[0].exercise), profile, why), key=f"pain {line.id}")
        else:
            label = f"{exercise.name} out: nothing here trains the same and leaves it alone"
            yield DayChange(f"pain {line.id}", label, why, (RemoveLine(line=line.id),), line.id)


def _eased(
    how: ReadinessGrade,
    group: Group,
    line: Line,
    week: Week,
    asked: Prescription,
    exercise: Exercise,
    profile: ClientProfile,
) -> DayChange | None:
    if how is ReadinessGrade.MIDDLING:
        eased, words = more_in_reserve(asked), "one more rep left"
        if eased == asked and group.section is not Section.MAIN and asked.sets >= ENOUGH_SETS:
            eased, words = fewer_sets(asked, 1), "one set less"
        why = "A middling day: the load stays, the sets end earlier."
    else:
        light = lighter(asked, exercise, profile.inventory)
        eased = a_third_fewer(light)
        words = "fewer sets" if light == asked else "lighter and fewer sets"
        why = "A poor day: 7.5 to 10 % lighter where a load lies in between, a third fewer sets."
    if eased == asked:
        return None
    text = write(eased)
    label = f"{exercise.name}: {text} ({words})"
    return DayChange(f"ease {line.id}", label, why, (SetCell(line=line.id, week=week.id, text=text),), line.id)
