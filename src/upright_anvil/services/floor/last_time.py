"""What is remembered of an exercise: the last session with it, and the client's best."""

from collections.abc import Collection, Mapping, Sequence
from dataclasses import dataclass
from datetime import date

from upright_anvil.core.ids import ExerciseId, SessionId
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.loads.load import Kilograms
from upright_anvil.core.plan.client_profile import ClientProfile
from upright_anvil.services.floor.sets import LoggedSet, logged_set
from upright_anvil.services.profile.client_profile import estimate_of
from upright_anvil.services.profile.history import is_clean
from upright_anvil.services.profile.strength import added
from upright_anvil.store import ledger
from upright_anvil.store.database import Scope
from upright_anvil.store.history import BriefSet


@dataclass(frozen=True, slots=True)
class PreviousPerformance:
    """The client's last session with this exercise."""

    on: date
    planned: str
    sets: tuple[LoggedSet, ...]


@dataclass(frozen=True, slots=True)
class Best:
    """The client's best set of an exercise before today: by estimated maximum (kg), else by seconds or repetitions."""

    on: date
    set: LoggedSet
    kg: Kilograms | None


Remembered = Mapping[ExerciseId, tuple[PreviousPerformance | None, Best | None]]
"""The last session with each exercise, and the best set of all."""


@dataclass(frozen=True, slots=True)
class Before:
    """The client's sets before a session: of which exercise they are, and the days on which they were done."""

    sets: Mapping[ExerciseId, Sequence[BriefSet]]
    dates: Mapping[SessionId, date]

    def of(self, exercise: ExerciseId) -> list[BriefSet]:
        """Answer the sets of an exercise, those of one session one after another."""
        return [row for row in self.sets.get(exercise, ()) if row.session_id in self.dates]


def remembered(
    scope: Scope, exercises: Collection[ExerciseId], before: Before, until: date, profile: ClientProfile
) -> Remembered:
    """Answer what is remembered of some exercises up to a day; None for what there is none of."""
    lasts: dict[ExerciseId, list[BriefSet]] = {}
    bests: dict[ExerciseId, BriefSet] = {}
    for exercise in exercises:
        done = [row for row in before.of(exercise) if before.dates[row.session_id] <= until]
        if done:
            _, session = max((before.dates[row.session_id], row.session_id) for row in done)
            lasts[exercise] = [row for row in done if row.session_id == session]
            best = _best(done, before.dates, profile)
            if best is not None:
                bests[exercise] = best
    full = ledger.sets_by_id(scope, {row.id for rows in (*lasts.values(), bests.values()) for row in rows})
    return {
        exercise: (
            _last(lasts.get(exercise), full, before, profile),
            _shown(bests.get(exercise), full, before, profile),
        )
        for exercise in exercises
    }


def _best(done: Sequence[BriefSet], dates: Mapping[SessionId, date], profile: ClientProfile) -> BriefSet | None:
    """The best clean set: of each different one the newest is looked at."""
    doubted = profile.known.doubted
    clean = [row for row in done if is_clean(row) and row.id not in doubted]
    newest = {figures_of(row): row for row in sorted(clean, key=lambda row: dates[row.session_id])}
    if not newest:
        return None
    return max(newest.values(), key=lambda row: (_worth(row, profile), dates[row.session_id]))


def figures_of(row: BriefSet) -> tuple[object, ...]:
    """Answer what a set shows: two of the same figures are worth the same."""
    return (row.load, row.load_unit, row.assisted, row.reps, row.reserve, row.seconds, row.metres)


def brief_estimate(row: BriefSet, profile: ClientProfile) -> Kilograms | None:
    """Answer the house estimate of the maximum from one set, kg; None where it says nothing of one."""
    load = added(row.load, row.load_unit, row.assisted)
    return estimate_of(load, row.reps, row.reserve, profile.exercises.get(row.exercise), profile.body_kg)


def _worth(row: BriefSet, profile: ClientProfile) -> tuple[float, int]:
    return (float(brief_estimate(row, profile) or 0), row.metres or row.seconds or row.reps or 0)


def _last(
    rows: Sequence[BriefSet] | None, full: Mapping[str, PerformedSet], before: Before, profile: ClientProfile
) -> PreviousPerformance | None:
    if not rows:
        return None
    sets = [full[row.id] for row in rows]
    return PreviousPerformance(
        before.dates[rows[0].session_id], sets[0].planned, tuple(logged_set(one, profile) for one in sets)
    )


def _shown(
    best: BriefSet | None, full: Mapping[str, PerformedSet], before: Before, profile: ClientProfile
) -> Best | None:
    if best is None:
        return None
    return Best(before.dates[best.session_id], logged_set(full[best.id], profile), brief_estimate(best, profile))
