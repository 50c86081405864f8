"""Progress with one exercise: every set done, the estimated maximum with its formulas, planned against done."""

from collections.abc import Collection, Mapping
from datetime import date, timedelta
from decimal import Decimal
from functools import partial

from upright_anvil.core.blocks import Athlete, SetBlock, added_load, session_blocks
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ids import ClientId, ExerciseId, ProgramId, SessionId
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.loads.load import Kilograms, Unit, in_unit
from upright_anvil.core.plan.read_out.client_profile import ClientProfile, Tested
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.prescription.load_targets import moved_kg
from upright_anvil.core.prescription.targets import METRES_PER_KILOMETRE
from upright_anvil.core.strength.estimate import estimate_max, estimates_by_formula
from upright_anvil.services.log.done import SessionLine
from upright_anvil.services.log.ran import programs_run
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.profile.history import history
from upright_anvil.services.profile.strength import group_of
from upright_anvil.services.progress.exercise_views import (
    DecisionMark,
    ExerciseChoice,
    FormulaEstimate,
    PhaseSpan,
    ProgressView,
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

SHOWN = 60
"""Sessions that are shown at first, the newest; the earlier ones are shown when asked for. House rule."""


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
    newest = training_sessions.newest_of(scope, client_id, held, None if whole else SHOWN)
    shown = dict(reversed(newest.items()))
    sets = ledger.sets_by_id(scope, [row.id for session in shown for row in held[session]])
    athlete = profile.athlete(exercise.id) if exercise else Athlete()
    points = (
        [
            _session(on, tuple(sets[row.id] for row in held[sid]), exercise, profile, athlete)
            for sid, on in shown.items()
        ]
        if exercise
        else []
    )
    since = next(iter(shown.values()), today)
    return ProgressView(
        client_id=who.id,
        client=who.name,
        unit=profile.unit,
        exercises=choices,
        exercise_id=chosen,
        exercise=exercise.name if exercise else "",
        with_body=bool(exercise and exercise.bodyweight_share),
        sessions=tuple(points),
        earlier=len(held) - len(shown),
        strength=_over_time(profile, chosen, since) if chosen else None,
        phases=_phases(scope, client_id, today, since),
        decisions=_decisions(scope, {(session, row.line) for session in shown for row in held[session]}, shown),
        tests=tuple(_test(test, profile) for test in profile.tested if test.exercise == chosen),
    )


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
    on: date, done: tuple[PerformedSet, ...], exercise: Exercise, profile: ClientProfile, athlete: Athlete
) -> SessionPoint:
    planned = next((r.planned for r in done if r.planned), "")
    plan = prescription_or_none(planned, profile.unit)
    share = exercise.bodyweight_share
    blocks = session_blocks(plan, done, exercise, athlete)
    moved = [moved_kg(added_load(row), share, profile.body_kg) for row in done]
    maxima = [
        estimate_max(kg, row.reps, row.reserve) if kg and row.reps else None
        for kg, row in zip(moved, done, strict=True)
    ]
    most = max((kg for kg in maxima if kg is not None), default=None)
    formulas: tuple[FormulaEstimate, ...] = ()
    if most is not None:
        best, kg = done[maxima.index(most)], moved[maxima.index(most)]
        figures = estimates_by_formula(kg, best.reps, best.reserve) if kg and best.reps else {}
        formulas = tuple(FormulaEstimate(name, _shown(kg, profile.unit)) for name, kg in figures.items())
    far = sum(row.metres or 0 for row in done)
    took = [row.seconds for row in done if row.metres and row.seconds]
    return SessionPoint(
        on=on,
        planned=planned,
        planned_moved=_shown(moved_kg(plan.load, share, profile.body_kg), profile.unit) if plan else None,
        planned_amount=plan.amount if plan else None,
        planned_sets=len(plan.plans) if plan else None,
        sets=tuple(
            _set(row, block, kg, estimate, profile.unit)
            for row, block, kg, estimate in zip(done, blocks[: len(done)], moved, maxima, strict=True)
        ),
        blocks=blocks,
        estimate=_shown(most, profile.unit),
        formulas=formulas,
        metres=far or None,
        pace=round(sum(took) * METRES_PER_KILOMETRE / far) if far and len(took) == len(done) else None,
    )


def _set(
    row: PerformedSet, block: SetBlock, moved: Kilograms | None, estimate: Kilograms | None, unit: Unit
) -> SetPoint:
    load = added_load(row)
    return SetPoint(
        load="" if load is None else str(load),
        label=block.done.label if block.done else "",
        amount=row.amount,
        reps=row.reps,
        seconds=row.seconds,
        metres=row.metres,
        moved=_shown(moved, unit),
        reserve=row.reserve,
        estimate=_shown(estimate, unit),
    )


def _shown(kg: Kilograms | None, unit: Unit) -> Decimal | None:
    """Kilograms as the client's unit shows them, to 0.1."""
    return None if kg is None else round(in_unit(kg, unit), 1)
