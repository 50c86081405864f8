"""What is remembered of an exercise: the last session with it, and the client's best."""

from collections.abc import Collection, Iterator, Mapping, Sequence
from dataclasses import dataclass
from datetime import date

from upright_anvil.core.ids import ExerciseId, SessionId
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.loads.load import Kilograms
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.services.floor.sets import LoggedSet, logged_set
from upright_anvil.services.profile.client_profile import estimate_of
from upright_anvil.services.profile.history import History, is_clean
from upright_anvil.services.profile.strength import added
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import ledger
from upright_anvil.store.log.history import BriefSet


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
    """The client's history without a session, and the days on which the other sessions were held."""

    history: History
    dates: Mapping[SessionId, date]

    def last(self, exercise: ExerciseId, until: date) -> Sequence[BriefSet]:
        """Answer the sets of an exercise in the last session with it up to a day; none where there is none."""
        sessions = self.history.by_session.get(exercise, {})
        held = ((on, session) for session in sessions if (on := self.dates.get(session)) is not None and on <= until)
        latest = max(held, default=None)
        return sessions[latest[1]] if latest else ()

    def alike(self, exercise: ExerciseId) -> Iterator[Sequence[BriefSet]]:
        """Answer the sets of an exercise, those of the same figures together."""
        for rows in self.history.alike.get(exercise, ()):
            there = [row for row in rows if row.session_id in self.dates]
            if there:
                yield there

    def best(self, exercise: ExerciseId, until: date, profile: ClientProfile) -> BriefSet | None:
        """Answer the best clean set of an exercise up to a day, the newest of those that are worth the same."""
        doubted = profile.known.doubted
        clean = (rows for rows in self.history.alike.get(exercise, ()) if is_clean(rows[0]))
        best: tuple[tuple[float, int], date, BriefSet] | None = None
        for worth, rows in sorted(
            ((_worth(rows[0], profile), rows) for rows in clean), key=lambda of: of[0], reverse=True
        ):
            if best is not None and worth < best[0]:
                break
            for row in rows:
                on = self.dates.get(row.session_id)
                if on is not None and on <= until and row.id not in doubted and (best is None or on > best[1]):
                    best = (worth, on, row)
        return best[2] if best else None


def remembered(
    scope: Scope, exercises: Collection[ExerciseId], before: Before, until: date, profile: ClientProfile
) -> Remembered:
    """Answer what is remembered of some exercises up to a day; None for what there is none of."""
    lasts = {exercise: before.last(exercise, until) for exercise in exercises}
    bests = {exercise: before.best(exercise, until, profile) for exercise in exercises}
    full = ledger.sets_by_id(
        scope, {row.id for rows in lasts.values() for row in rows} | {row.id for row in bests.values() if row}
    )
    return {
        exercise: (
            _last(lasts[exercise], full, before, profile),
            _shown(bests[exercise], full, before, profile),
        )
        for exercise in exercises
    }


def brief_estimate(row: BriefSet, profile: ClientProfile) -> Kilograms | None:
    """Answer the house estimate of the maximum from one set, kg; None where it says nothing of one."""
    load = added(row.load, row.load_unit, row.assisted)
    return estimate_of(load, row.reps, row.reserve, profile.exercises.get(row.exercise), profile.body_kg)


def _worth(row: BriefSet, profile: ClientProfile) -> tuple[float, int]:
    return (float(brief_estimate(row, profile) or 0), row.metres or row.seconds or row.reps or 0)


def _last(
    rows: Sequence[BriefSet], full: Mapping[str, PerformedSet], before: Before, profile: ClientProfile
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
