"""Looking ahead: a day of a phase through the weeks to come, under one of three outlooks."""

from collections.abc import Collection, Sequence
from dataclasses import dataclass, replace
from datetime import date, timedelta

from upright_anvil.core.errors import DomainError
from upright_anvil.core.health.raising import why_not_up
from upright_anvil.core.ids import DayId, ProgramId
from upright_anvil.core.plan.document import Cell, Day, Group, Line, Phase, Program, Week, WeekKind
from upright_anvil.core.plan.locate import find_day
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import day_estimate, prescription_or_none, profiles_by_week
from upright_anvil.core.plan.read_out.restricted import restriction
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.progression.judge import rule_name
from upright_anvil.core.progression.model import Exposure, ProgressionContext
from upright_anvil.core.progression.schools import School, policy_for
from upright_anvil.core.projection.events import events
from upright_anvil.core.projection.measure import Measure, measure_of, measured
from upright_anvil.core.projection.projection import CourseWeek, ProjectedLine, WeekAhead, cannot, course, further
from upright_anvil.core.projection.scenario import Edge, Scenario, trained
from upright_anvil.services.ids import session_id
from upright_anvil.services.log.done import lately_done, rows_of
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.profile.strength import group_of
from upright_anvil.services.projection.views import (
    AheadCourse,
    AheadDay,
    AheadEvent,
    AheadLine,
    AheadMinutes,
    AheadPoint,
    AheadView,
    AheadWeek,
)
from upright_anvil.services.review.proposals import exposures_of, rung_of
from upright_anvil.store import programs
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import training_sessions

LEAST_WEEKS = 8
"""How far is looked ahead at least; past the end of the phase as if it went on. House rule."""

MOST_WEEKS = 16
"""How far at most: what lies beyond is guessed from guesses. House rule."""


@dataclass(frozen=True, slots=True)
class _Stretch:
    """The weeks looked at: the phase's own from an index on, then as many more as the phase's last building week."""

    phase: Phase
    day: Day
    start: int
    weeks: tuple[Week, ...]
    heads: tuple[AheadWeek, ...]


def look_ahead(scope: Scope, program_id: ProgramId, day_id: DayId, outlook: Scenario, today: date) -> AheadView:
    """Answer a day through the weeks to come under an outlook, the day trained next where none is named.

    Raises `DomainError` for a day that is gone or over, `NotFoundError`.
    """
    row = programs.program_row(scope, program_id)
    program = programs.current(scope, program_id).program
    who = client(scope, row.client_id)
    finished = {s.id for s in training_sessions.sessions_of_program(scope, program_id) if s.finished_at is not None}
    day_id = day_id or _next_day(program, today)
    stretch = _stretch(program, program_id, day_id, finished, today)
    week = stretch.phase.weeks[stretch.start]
    dates = training_sessions.session_dates(scope, who.id)
    done = lately_done(scope, who.id, {line.id: line.exercise_in(week) for line in stretch.day.lines}, dates, today)
    profile = profiles_by_week(stretch.day, (week,), client_profile(scope, who.id, today))[0]
    minutes = stretch.day.minutes or who.minutes
    looked = [
        _line(
            stretch,
            outlook,
            group,
            line,
            exposures_of(rows_of(done, line.id), dates, today, profile),
            School(who.school),
            profile,
        )
        for group in stretch.day.groups
        for line in group.lines
    ]
    return AheadView(
        program_id=program_id,
        client_id=who.id,
        client=who.name,
        unit=profile.unit,
        phase=stretch.phase.name,
        day_id=day_id,
        day=stretch.day.name,
        days=tuple(AheadDay(day.id, day.name) for day in sorted(stretch.phase.days, key=lambda d: d.weekday)),
        limit=minutes,
        outlook=outlook,
        weeks=stretch.heads,
        lines=tuple(line for line, _ in looked),
        minutes=_minutes(stretch, outlook, [texts for _, texts in looked], profile, minutes),
    )


def _next_day(program: Program, today: date) -> DayId:
    """The day trained today or next; after the last the last one."""
    held = list(program.sessions())
    coming = next((day for _, _, day, on in held if on >= today), held[-1][2] if held else None)
    if coming is None:
        raise DomainError("The program has no day yet: add one on the board, then look ahead.")
    return coming.id


def _stretch(
    program: Program, program_id: ProgramId, day_id: DayId, finished: Collection[str], today: date
) -> _Stretch:
    """The weeks of the day's phase that are still to be trained, and as many more."""
    phase, day = find_day(program, day_id)
    numbered = [(n, i, monday) for n, (p, i, monday) in enumerate(program.weeks(), start=1) if p.id == phase.id]
    ahead = [
        (number, index, monday)
        for number, index, monday in numbered
        if monday + timedelta(days=6) >= today and session_id(program_id, phase.weeks[index].id, day_id) not in finished
    ]
    if not ahead:
        raise DomainError(f"{phase.name} is over for {day.name}: look ahead from the next phase, or add a week.")
    start = ahead[0][1]
    last_number, _, last_monday = numbered[-1]
    heads = [
        AheadWeek(number, monday + timedelta(days=day.weekday), phase.weeks[index].kind is WeekKind.EASE_OFF, False)
        for number, index, monday in numbered[start : start + MOST_WEEKS]
    ]
    there = phase.weeks[start : start + MOST_WEEKS]
    for n in range(1, LEAST_WEEKS - len(heads) + 1):
        on = last_monday + timedelta(days=7 * n + day.weekday)
        heads.append(AheadWeek(last_number + n, on, easing_off=False, beyond=True))
    more = tuple(Week(id=f"beyond{n}") for n in range(len(heads) - len(there)))
    return _Stretch(phase, day, start, (*there, *more), tuple(heads))


def _line(
    stretch: _Stretch,
    outlook: Scenario,
    group: Group,
    line: Line,
    exposures: tuple[Exposure, ...],
    school: School,
    profile: ClientProfile,
) -> tuple[AheadLine, tuple[str, ...]]:
    """A line under an outlook, and the shorthand of its weeks."""
    first = stretch.phase.weeks[stretch.start]
    exercise = profile.exercise(line.exercise_in(first))
    written = [
        cell.text if line.exercise_in(week) == exercise.id else ""
        for week, cell in zip(stretch.weeks, line.cells[stretch.start :], strict=False)
    ]
    as_written = (*written, *[_last(written)] * (len(stretch.heads) - len(written)))
    asks = [prescription_or_none(text, profile.unit) for text in written]
    asked = next((p for p in asks if p is not None), None)
    if asked is None:
        why = "Nothing that can be read is asked for in these weeks."
        return AheadLine(line.id, exercise.id, exercise.name, "", Measure.REPS, why, None), as_written
    policy = policy_for(school, asked, line.policy)
    context = ProgressionContext(
        exercise,
        profile.inventory,
        prescription_or_none(line.begun_with, profile.unit) or asked,
        exposures,
        profile.body_kg,
        strength=profile.known.strengths.get(exercise.id),
        steepness=profile.known.steepness(group_of(exercise.id, profile)),
        harder=rung_of(line, exercise.id, profile, harder=True),
        easier=rung_of(line, exercise.id, profile, harder=False),
        health=why_not_up(exercise, asked, profile.standing, profile.screening),
        preparing=group.preparing,
        doubted=profile.known.doubted,
        restricted=restriction(stretch.phase, group, line, asked) is not None,
    )
    weeks = [WeekAhead(head.on, ask, head.easing_off) for head, ask in zip(stretch.heads, asks, strict=False)]
    circuit = group.is_circuit_in(stretch.start)
    ahead = ProjectedLine(context, policy, further(weeks, len(stretch.heads)), circuit)
    measure, why = measure_of(asked, context, profile.unit), cannot(ahead)
    told = AheadLine(line.id, exercise.id, exercise.name, rule_name(policy), measure, why, None)
    if why:
        return told, as_written
    names = [f"week {head.number}" for head in stretch.heads]
    middle = course(ahead, outlook)
    band = [middle, course(ahead, outlook, Edge.LOW), course(ahead, outlook, Edge.HIGH)]
    points = tuple(_point(n, band, measure) for n in range(len(middle)))
    known_of = tuple(AheadEvent(event.week, event.text) for event in events(middle, context, names))
    said = [point.text if point.trained else "" for point in points]
    texts = (*said, *[_last(said)] * (len(stretch.heads) - len(said)))
    return replace(told, course=AheadCourse(points, known_of)), texts


def _last(texts: Sequence[str]) -> str:
    return next((text for text in reversed(texts) if text), "")


def _point(n: int, band: Sequence[tuple[CourseWeek, ...]], measure: Measure) -> AheadPoint:
    week = band[0][n]
    if week.asked is None:
        return AheadPoint("", "", False, None, None, None)
    there = [c[n].asked for c in band if n < len(c)]
    figures = [f for p in there if p is not None and (f := measured(p, measure)) is not None]
    value = measured(week.asked, measure) if week.trained else None
    return AheadPoint(
        text=write(week.asked),
        sets=f"{week.asked.sets} x {week.asked.target}",
        trained=week.trained,
        value=value,
        low=min(figures, default=None) if value is not None else None,
        high=max(figures, default=None) if value is not None else None,
    )


def _minutes(
    stretch: _Stretch, outlook: Scenario, texts: Sequence[tuple[str, ...]], profile: ClientProfile, limit: int
) -> AheadMinutes:
    """The day's estimated time with the lines as they would come; a week that is missed takes none."""
    cells = iter(texts)
    groups = tuple(
        group.model_copy(
            update={
                "lines": tuple(
                    line.model_copy(update={"cells": tuple(Cell(text=text) for text in next(cells))})
                    for line in group.lines
                )
            }
        )
        for group in stretch.day.groups
    )
    day = stretch.day.model_copy(update={"groups": groups})
    trains = [trained(outlook, n) for n in range(len(stretch.weeks))]
    minutes = tuple(
        round(day_estimate(day, stretch.weeks, n, profile) / 60) if on else 0 for n, on in enumerate(trains)
    )
    late = [(stretch.heads[n].number, m) for n, m in enumerate(minutes) if m > limit]
    if not late:
        return AheadMinutes(minutes, "")
    first, most = late[0][0], max(m for _, m in late)
    many = f"week {first}" if len(late) == 1 else f"{len(late)} weeks, first in week {first}"
    return AheadMinutes(minutes, f"Over the {limit} min in {many}: {most} min at most.")
