"""What is remembered of an exercise: the last session with it, and the client's best."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from datetime import date

from upright_anvil.core.ids import ExerciseId, SessionId
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.ledger.standing import done_sets
from upright_anvil.core.loads.load import Kilograms
from upright_anvil.core.plan.client_profile import ClientProfile
from upright_anvil.services.floor.sets import LoggedSet, logged_set
from upright_anvil.services.profile.client_profile import set_estimate
from upright_anvil.store import ledger


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


def of_exercise(
    exercise: ExerciseId,
    before: Sequence[ledger.KeptSet],
    dates: Mapping[SessionId, date],
    until: date,
    profile: ClientProfile,
) -> tuple[PreviousPerformance | None, Best | None]:
    """Answer the last session with an exercise up to a day, and the best set of all; None where there is none."""
    by_session: dict[tuple[date, str], list[PerformedSet]] = {}
    for kept in before:
        on = dates[kept.session_id]
        if kept.row.exercise == exercise and on <= until:
            by_session.setdefault((on, kept.session_id), []).append(kept.row)
    done = [(on, rows) for (on, _), kept in sorted(by_session.items()) if (rows := done_sets(kept))]
    if not done:
        return None, None
    on, rows = done[-1]
    last = PreviousPerformance(on, rows[0].planned, tuple(logged_set(row, profile) for row in rows))
    doubted = profile.known.doubted
    every = [(on, row) for on, rows in done for row in rows if row.how.clean_enough and row.id not in doubted]
    if not every:
        return last, None
    best_on, best = max(every, key=lambda entry: (_worth(entry[1], profile), entry[0]))
    return last, Best(
        best_on,
        logged_set(best, profile),
        set_estimate(best, profile.exercises.get(best.exercise), profile.body_kg),
    )


def _worth(row: PerformedSet, profile: ClientProfile) -> tuple[float, int]:
    estimate = set_estimate(row, profile.exercises.get(row.exercise), profile.body_kg)
    return (float(estimate or 0), row.metres or row.seconds or row.reps or 0)
