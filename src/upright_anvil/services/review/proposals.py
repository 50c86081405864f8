"""Judging a line or a circuit after a session: what is looked at, gathered; the proposal, or why there is none."""

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, replace
from datetime import date
from itertools import pairwise

from upright_anvil.core.errors import DomainError
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.health.raising import not_enough_alone, spared_joint, why_not_up
from upright_anvil.core.health.readiness import ReadinessGrade, grade
from upright_anvil.core.ids import ExerciseId, LineId, SessionId
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.plan.document import Group, Line, Program, Week, WeekKind
from upright_anvil.core.plan.locate import find_line
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.plan.read_out.resolving import load_caution
from upright_anvil.core.plan.read_out.restricted import restriction
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.progression.circuit import Station, circuit_proposal
from upright_anvil.core.progression.judge import proposal, why_none
from upright_anvil.core.progression.model import Exposure, ProgressionContext, Proposal
from upright_anvil.core.progression.schools import School, policy_for
from upright_anvil.core.session.model import Sort
from upright_anvil.core.session.swapping import fits
from upright_anvil.core.timing.estimate import performed_seconds
from upright_anvil.core.timing.groups import time_cap
from upright_anvil.services.floor.changes.on_the_day import on_the_day, report_of
from upright_anvil.services.floor.session import FoundSession
from upright_anvil.services.log.done import Done
from upright_anvil.services.profile.strength import group_of
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log.floor import readiness_of_session

EASING_OFF = "An easing-off week proves nothing either way: the plan stands."
UNREADABLE = "What was planned cannot be read as a prescription, so there is nothing to go by."
NOTHING_LOGGED = "Nothing was logged for this exercise, so the plan stays as it is."
WITH_ITS_CIRCUIT = "Judged with its circuit, as one."


@dataclass(frozen=True, slots=True)
class Judged:
    """What the judgements look at beside a line's own sessions; ``today`` is None where the line was trained since.

    ``changed`` says that readiness, less time or another place changed the session, ``worn`` why an easier week is due,
    ``rests`` are the seconds of rest between the sets of a line, ``away_days`` the days the client had not trained
    before, ``unfinished`` that the session was stopped before its end, ``new`` that the client is new to training.
    """

    school: School
    poor_day: bool
    today: date | None
    rests: Mapping[LineId, tuple[int, ...]]
    changed: bool = False
    worn: str = ""
    away_days: int = 0
    unfinished: bool = False
    new: bool = False


@dataclass(frozen=True, slots=True)
class JudgedLine:
    """A line of a session with its sessions so far, what was planned and done, and the profile of its next cell."""

    line: Line
    exposures: tuple[Exposure, ...]
    plan: Prescription | None
    done: tuple[PerformedSet, ...]
    profile: ClientProfile
    day: Judged


def chosen_policy(program: Program, line: Line) -> str:
    """Answer the policy chosen for a line as the plan stands now, since what was run may be older; empty for none."""
    try:
        return find_line(program, line.id).line.policy
    except DomainError:
        return line.policy


def poor_day(scope: Scope, found: FoundSession) -> bool:
    """Answer whether the client came to a session with little, her own cycle report counted where she opted in."""
    row = readiness_of_session(scope, found.id)
    if row is None or found.row is None:
        return False
    return grade(report_of(scope, client(scope, found.row.client_id), row, found.row.on_date)) is ReadinessGrade.POOR


def changed_for_the_day(scope: Scope, found: FoundSession) -> bool:
    """Answer whether readiness, less time or another place changed a session, and the change holds."""
    return any(not change.undone and change.sort in _OF_THE_DAY for change in on_the_day(scope, found).changes)


_OF_THE_DAY = frozenset({Sort.READINESS, Sort.LATE, Sort.PLACE})
"""Changes the day brings; another load or exercise is the trainer's own word on the work, a step back the way on."""

IN_ONE_GO = 20
"""Sets logged closer together than this, seconds, were logged afterwards and say nothing of the rests. House rule."""


def rests_of(found: FoundSession, done: Done, profile: ClientProfile) -> dict[LineId, tuple[int, ...]]:
    """Answer the seconds of rest between the working sets of each line: the time between, the work taken off.

    Lines done together with others have no rests of their own.
    """
    alone = {line.id for group in found.day.groups if group.kind is GroupKind.SINGLE for line in group.lines}
    rests: dict[LineId, tuple[int, ...]] = {}
    for (session, line), rows in done.items():
        timed = [row for row in rows if row.logged_at is not None]
        if session != found.id or line not in alone or len(timed) < len(rows):
            continue
        between = [
            (b.logged_at - a.logged_at).total_seconds() for a, b in pairwise(timed) if a.logged_at and b.logged_at
        ]
        if between and all(gap >= IN_ONE_GO for gap in between):
            work = [_work(row, profile) for row in timed[1:]]
            rests[line] = tuple(max(0, round(gap - took)) for gap, took in zip(between, work, strict=True))
    return rests


def _work(row: PerformedSet, profile: ClientProfile) -> float:
    asked = prescription_or_none(row.planned, profile.unit)
    return performed_seconds(row.reps, row.seconds, asked, profile.exercise(row.exercise), row.metres)


def _rung(named: ExerciseId, beside: Iterable[ExerciseId], profile: ClientProfile, *, harder: bool) -> Exercise | None:
    """The rung named in advance, else the nearest that can be done at the place and no joint forbids.

    A harder rung is none where it loads a joint that hurts or is spared.
    """
    found = (profile.exercises.get(name) for name in (named, *beside) if name)
    return next(
        (
            rung
            for rung in found
            if rung is not None and fits(rung, profile) and not (harder and spared_joint(rung, profile.standing))
        ),
        None,
    )


RowsBySession = Mapping[SessionId, tuple[PerformedSet, ...]]


def exposures_of(
    rows: RowsBySession, dates: Mapping[SessionId, date], until: date, profile: ClientProfile
) -> tuple[Exposure, ...]:
    """Answer a line's sessions up to a day, oldest first, each with the prescription it was logged against."""
    exposures = []
    for sid, done in sorted(rows.items(), key=lambda entry: (dates[entry[0]], entry[0])):
        text = next((r.planned for r in done if r.planned), "")
        prescription = prescription_or_none(text, profile.unit)
        if prescription and done and dates[sid] <= until:
            exposures.append(Exposure(dates[sid], prescription, done))
    return tuple(exposures)


def rung_of(line: Line, exercise_id: ExerciseId, profile: ClientProfile, *, harder: bool) -> Exercise | None:
    """Answer the rung beside a line's exercise that can be done: the one named in advance, else the ladder's next."""
    if harder:
        return _rung(line.harder, profile.ladders.harder(exercise_id), profile, harder=True)
    return _rung(line.easier, profile.ladders.easier(exercise_id), profile, harder=False)


def away_before(dates: Mapping[SessionId, date], sid: SessionId) -> int:
    """Answer the days a client had not trained before a session; 0 where it is the first."""
    on = dates[sid]
    before = max((day for day in dates.values() if day < on), default=None)
    return (on - before).days if before is not None else 0


def context_of(
    found: FoundSession, group: Group, judged: JudgedLine, session_rows: Iterable[PerformedSet]
) -> ProgressionContext:
    """Answer all that a judgement looks at for a line that was done, or for a station that was not."""
    line, profile, day = judged.line, judged.profile, judged.day
    week: Week = found.phase.weeks[found.week]
    exercise = profile.exercise(line.exercise_in(week))
    written = prescription_or_none(line.cells[found.week].text, profile.unit)
    plan = judged.plan or written
    assert plan is not None  # noqa: S101 - the caller has looked
    changed = day.changed and written is not None and written != plan
    exposures = judged.exposures if judged.done else (*judged.exposures, Exposure(_day_of(found), plan, ()))
    if changed and written is not None:
        exposures = (*exposures[:-1], replace(exposures[-1], prescription=written))
    exposures = _as_in_cell(exposures, written)
    return ProgressionContext(
        exercise,
        profile.inventory,
        prescription_or_none(line.begun_with, profile.unit) or plan,
        exposures,
        profile.body_kg,
        strength=profile.known.strengths.get(exercise.id),
        steepness=profile.known.steepness(group_of(exercise.id, profile)),
        harder=rung_of(line, exercise.id, profile, harder=True),
        easier=rung_of(line, exercise.id, profile, harder=False),
        rests=day.rests.get(line.id, ()),
        poor_day=day.poor_day,
        changed_day=changed,
        worn=day.worn,
        next_on=day.today,
        health=why_not_up(exercise, plan, profile.standing, profile.screening),
        away_days=day.away_days,
        beside=tuple(row for row in session_rows if row.exercise == exercise.id and row.slot.line != line.id),
        doubted=profile.known.doubted,
        unfinished=day.unfinished,
        preparing=group.preparing,
        restricted=restriction(found.phase, group, line, plan) is not None,
        alone=not_enough_alone(exercise, profile.standing, new=day.new),
    )


def _as_in_cell(exposures: tuple[Exposure, ...], written: Prescription | None) -> tuple[Exposure, ...]:
    """Sets are logged with the cuffs that a line or phase says; the cell itself need not say them."""
    cuffs = written is not None and written.cuffs
    return tuple(
        one if one.prescription.cuffs is cuffs else replace(one, prescription=replace(one.prescription, cuffs=cuffs))
        for one in exposures
    )


def _day_of(found: FoundSession) -> date:
    return found.row.on_date if found.row is not None else found.planned_for


def proposed(
    found: FoundSession, group: Group, judged: JudgedLine, program: Program, session_rows: Iterable[PerformedSet]
) -> tuple[Proposal | None, str]:
    """Answer the proposal for a line, or why there is none, in words. Never raises: one line never hides the others."""
    if found.phase.weeks[found.week].kind is WeekKind.EASE_OFF:
        return None, EASING_OFF
    if judged.plan is None:
        return None, UNREADABLE
    if not judged.done:
        return None, NOTHING_LOGGED
    try:
        context = context_of(found, group, judged, session_rows)
        nobody = why_none(context)
        if nobody:
            return None, nobody
        chosen = chosen_policy(program, judged.line)
        found_one = proposal(context, policy_for(judged.day.school, judged.plan, chosen))
    except DomainError as refused:
        return None, f"This line could not be judged: {refused} Type what should come next."
    return _as_can_be_done(found_one, context.exercise, judged.profile)


def _as_can_be_done(found: Proposal, exercise: Exercise, profile: ClientProfile) -> tuple[Proposal | None, str]:
    caution = None if found.exercise else load_caution(found.prescription, exercise, profile)
    return (None, f"{caution} Type what should come next.") if caution else (found, "")


def proposed_for_circuit(
    found: FoundSession,
    group: Group,
    lines: Sequence[JudgedLine],
    session_rows: Sequence[PerformedSet],
    program: Program,
    *,
    round_fits: bool,
) -> dict[LineId, tuple[Proposal | None, str]]:
    """Answer the one proposal of a circuit on its first station, and why the others have none of their own.

    ``round_fits`` says whether the day has the minutes for a round more.
    """
    others = {judged.line.id: (None, WITH_ITS_CIRCUIT) for judged in lines}
    if found.phase.weeks[found.week].kind is WeekKind.EASE_OFF:
        return dict.fromkeys(others, (None, EASING_OFF))
    if group.preparing:
        return dict.fromkeys(others, (None, "It gets ready, loosens or winds down: it stays as it is."))
    if not any(judged.done for judged in lines):
        return dict.fromkeys(others, (None, NOTHING_LOGGED))
    readable = [judged for judged in lines if judged.plan is not None]
    if len(readable) < len(lines):
        return dict.fromkeys(others, (None, UNREADABLE))
    try:
        stations = [Station(judged.line.id, context_of(found, group, judged, session_rows)) for judged in readable]
        if all(why_none(station.context) for station in stations):
            return dict.fromkeys(others, (None, why_none(stations[0].context)))
        in_time = time_cap(group) if group.kind is GroupKind.MOST_ROUNDS else None
        one = circuit_proposal(stations, _rest_after(program, group), round_fits=round_fits, in_time=in_time)
    except DomainError as refused:
        return dict.fromkeys(others, (None, f"This circuit could not be judged: {refused}"))
    first = next(s.line for s in stations if s.line not in {change.line for change in one.stations})
    return {**others, first: (one, "")}


def _rest_after(program: Program, group: Group) -> int | None:
    """The rest after a round as the plan says it now."""
    for phase in program.phases:
        for day in phase.days:
            for held in day.groups:
                if held.id == group.id:
                    return held.rest_after
    return group.rest_after
