"""Progress with one exercise: every set done, the estimated maximum with its formulas, planned against done."""

from collections.abc import Collection, Mapping, Sequence
from datetime import date, timedelta
from decimal import Decimal
from functools import partial
from operator import itemgetter

from upright_anvil.core.blocks import session_blocks
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ids import ClientId, ExerciseId, ProgramId, SessionId
from upright_anvil.core.ledger.rows import amount_words
from upright_anvil.core.loads.load import Kilograms, Unit, in_unit
from upright_anvil.core.plan.read_out.client_profile import ClientProfile, Tested
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.prescription.load_targets import LoadTarget, moved_kg
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import METRES_PER_KILOMETRE
from upright_anvil.core.strength.estimate import estimate_max, estimates_by_formula
from upright_anvil.services.log.done import SessionLine
from upright_anvil.services.log.ran import programs_run
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.profile.history import history
from upright_anvil.services.profile.strength import added, group_of
from upright_anvil.services.progress.exercise_views import (
    DecisionMark,
    ExerciseChoice,
    FormulaEstimate,
    PhaseSpan,
    ProgressView,
    SessionDetail,
    SessionPoint,
    SetPoint,
    StrengthOverTime,
    StrengthPoint,
    TestMark,
)
from upright_anvil.services.progress.overview import in_unit_of
from upright_anvil.services.shelf import all_exercises
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import ledger, training_sessions
from upright_anvil.store.log.history import BriefSet
from upright_anvil.store.rows.not_found import NotFoundError

SHOWN = 52
"""Sessions that are shown at first, the newest: a year of them at one a week. The earlier ones come when asked for.
House rule."""


def client_progress(
    scope: Scope, client_id: ClientId, exercise_id: ExerciseId | None, today: date, *, whole: bool = False
) -> ProgressView:
    """Answer the progress with an exercise, or with the one done most: the newest sessions, or the whole of it.

    Raises `NotFoundError`.
    """
    who = client(scope, client_id)
    exercises = all_exercises(scope)
    done = history(scope, client_id)
    counts = done.sessions_by_exercise
    choices = tuple(
        ExerciseChoice(eid, exercises[eid].name if eid in exercises else eid, n)
        for eid, n in sorted(counts.items(), key=lambda entry: (-entry[1], entry[0]))
    )
    chosen = exercise_id if exercise_id in counts else (choices[0].id if choices else None)
    profile = client_profile(scope, client_id, today, path_of=chosen or "", whole=whole)
    exercise = profile.exercise(chosen) if chosen else None
    held = done.by_session.get(chosen, {}) if chosen else {}
    shown = dict(reversed(training_sessions.newest_of(scope, client_id, held, None if whole else SHOWN).items()))
    since, latest = next(iter(shown.values()), today), next(reversed(shown), None)
    return ProgressView(
        client_id=who.id,
        client=who.name,
        unit=profile.unit,
        exercises=choices,
        exercise_id=chosen,
        exercise=exercise.name if exercise else "",
        with_body=bool(exercise and exercise.bodyweight_share),
        sessions=tuple(_session(sid, on, held[sid], exercise, profile) for sid, on in shown.items())
        if exercise
        else (),
        earlier=len(held) - len(shown),
        strength=_over_time(profile, chosen, since) if chosen else None,
        newest=_looked_at(scope, latest, held[latest], exercise, profile) if exercise and latest else None,
        phases=_phases(scope, client_id, today, since),
        decisions=_decisions(scope, {(session, row.line) for session in shown for row in held[session]}, shown),
        tests=tuple(_test(test, profile) for test in profile.tested if test.exercise == chosen),
    )


def session_detail(
    scope: Scope, client_id: ClientId, session_id: SessionId, exercise_id: ExerciseId, today: date
) -> SessionDetail:
    """Answer what of an exercise's session is shown where it is looked at.

    Raises `NotFoundError` where the client has not done the exercise in that session.
    """
    client(scope, client_id)
    held = history(scope, client_id).by_session.get(exercise_id, {})
    if session_id not in held:
        raise NotFoundError("session")
    profile = client_profile(scope, client_id, today)
    return _looked_at(scope, session_id, held[session_id], profile.exercise(exercise_id), profile)


def _test(test: Tested, profile: ClientProfile) -> TestMark:
    moved = moved_kg(test.load, profile.exercise(test.exercise).bodyweight_share, profile.body_on(test.on))
    left = "" if test.reserve is None else f", {test.reserve} left"
    found = estimate_max(moved, test.reps, test.reserve) if moved else None
    return TestMark(test.on, f"{test.reps} reps with {test.load}{left}", _shown(found, profile.unit))


def _phases(scope: Scope, client_id: ClientId, today: date, since: date) -> tuple[PhaseSpan, ...]:
    """The phases of the client's programs that have begun and ran on a day or later, oldest first."""
    spans: dict[tuple[ProgramId, str], PhaseSpan] = {}
    for run in programs_run(scope, client_id, today, since):
        for phase, _, monday in run.program.weeks():
            if monday <= run.last:
                key = (run.row.id, phase.id)
                first = spans[key].first if key in spans else monday
                spans[key] = PhaseSpan(phase.name, first, monday + timedelta(days=6))
    return tuple(spans.values())


def _decisions(
    scope: Scope, lines: Collection[SessionLine], shown: Mapping[SessionId, date]
) -> tuple[DecisionMark, ...]:
    """The decisions on the lines in which the exercise was done, after the sessions shown."""
    return tuple(
        DecisionMark(shown[row.session_id], row.verdict, row.taken, row.reason or row.rule)
        for row in ledger.decisions_of_sessions(scope, shown)
        if (row.session_id, row.line) in lines
    )


def _over_time(profile: ClientProfile, exercise: ExerciseId, since: date) -> StrengthOverTime | None:
    found = profile.known
    strength = found.strengths.get(exercise)
    if strength is None:
        return None
    shown = partial(in_unit_of, unit=profile.unit)

    curve = found.curves.get(group_of(exercise, profile))
    return StrengthOverTime(
        value=shown(strength.kg),
        low=shown(strength.low),
        high=shown(strength.high),
        trend=round(strength.trend * 100, 2),
        trend_low=round(strength.trend_low * 100, 2),
        trend_high=round(strength.trend_high * 100, 2),
        way=strength.way,
        steepness=curve.steepness if curve else 1.0,
        told_by=curve.sets if curve else 0,
        path=tuple(
            StrengthPoint(p.on, shown(p.kg), shown(p.low), shown(p.high)) for p in strength.path if p.on >= since
        ),
    )


def _session(
    session_id: SessionId, on: date, done: Sequence[BriefSet], exercise: Exercise, profile: ClientProfile
) -> SessionPoint:
    planned, plan = _planned(done, profile)
    share = exercise.bodyweight_share
    loads = [added(row.load, row.load_unit, row.assisted) for row in done]
    moved = [moved_kg(load, share, profile.body_kg) for load in loads]
    far = sum(row.metres or 0 for row in done)
    took = [row.seconds for row in done if row.metres and row.seconds]
    return SessionPoint(
        id=session_id,
        on=on,
        planned=planned,
        planned_moved=_shown(moved_kg(plan.load, share, profile.body_kg), profile.unit) if plan else None,
        planned_amount=plan.amount if plan else None,
        sets=tuple(_set(row, load, kg, profile.unit) for row, load, kg in zip(done, loads, moved, strict=True)),
        estimate=_shown(max(filter(None, map(_shows, done, moved)), default=None), profile.unit),
        metres=far or None,
        pace=round(sum(took) * METRES_PER_KILOMETRE / far) if far and len(took) == len(done) else None,
    )


def _planned(done: Sequence[BriefSet], profile: ClientProfile) -> tuple[str, Prescription | None]:
    """What a session's sets were planned as, as it was written and as it is read."""
    planned = next((r.planned for r in done if r.planned), "")
    return planned, prescription_or_none(planned, profile.unit)


def _shows(row: BriefSet, moved: Kilograms | None) -> Kilograms | None:
    """The estimated maximum that a set shows."""
    return estimate_max(moved, row.reps, row.reserve) if moved and row.reps else None


def _looked_at(
    scope: Scope, session_id: SessionId, done: Sequence[BriefSet], exercise: Exercise, profile: ClientProfile
) -> SessionDetail:
    sets = ledger.sets_by_id(scope, [row.id for row in done])
    athlete = profile.athlete(exercise.id)
    blocks = session_blocks(_planned(done, profile)[1], [sets[row.id] for row in done], exercise, athlete)
    loads = (added(row.load, row.load_unit, row.assisted) for row in done)
    moved = [moved_kg(load, exercise.bodyweight_share, profile.body_kg) for load in loads]
    shown = [(most, kg, row) for row, kg in zip(done, moved, strict=True) if kg and (most := _shows(row, kg))]
    formulas: tuple[FormulaEstimate, ...] = ()
    if shown:
        _, kg, best = max(shown, key=itemgetter(0))
        figures = estimates_by_formula(kg, best.reps or 0, best.reserve)
        formulas = tuple(FormulaEstimate(name, _shown(kg, profile.unit)) for name, kg in figures.items())
    return SessionDetail(session_id, blocks, formulas)


def _set(row: BriefSet, load: LoadTarget | None, moved: Kilograms | None, unit: Unit) -> SetPoint:
    return SetPoint(
        load="" if load is None else str(load),
        amount=amount_words(row.reps, row.seconds, row.metres, row.counted),
        reps=row.reps,
        seconds=row.seconds,
        metres=row.metres,
        moved=_shown(moved, unit),
        reserve=row.reserve,
    )


def _shown(kg: Kilograms | None, unit: Unit) -> Decimal | None:
    """Kilograms as the client's unit shows them, to 0.1."""
    return None if kg is None else round(in_unit(kg, unit), 1)
