"""What a client's plan is read against: place, exercises, estimated maxima, pace."""

from collections.abc import Collection, Iterable
from datetime import date, timedelta
from decimal import Decimal

from upright_anvil.core.blocks import added_load
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.health.history import current
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.setting import Setting, Tested
from upright_anvil.core.prescription.load_targets import moved_kg
from upright_anvil.core.strength.estimate import estimate_max
from upright_anvil.core.testing.items import TestKind
from upright_anvil.core.testing.results import standing_results
from upright_anvil.core.timing.estimate import pace_factor
from upright_anvil.flows.batteries import all_tests
from upright_anvil.flows.library import library
from upright_anvil.flows.places import inventory_of
from upright_anvil.formats.testing_file import shipped_tests
from upright_anvil.store import health, testing
from upright_anvil.store.clients import client
from upright_anvil.store.database import Scope
from upright_anvil.store.ledger import sessions_of_client
from upright_anvil.store.places import places_of_client
from upright_anvil.store.tables import SessionRow

SHORTEST_SESSION = timedelta(minutes=5)
LONGEST_SESSION = timedelta(hours=4)
"""A session outside these was left open or logged afterwards, so it says nothing of the pace. House rule."""


def client_setting(
    scope: Scope,
    client_id: str,
    done: Collection[PerformedSet],
    today: date | None = None,
    sessions: Iterable[SessionRow] | None = None,
) -> Setting:
    """Answer the setting of a client; ``done`` are the standing sets the maxima are estimated from.

    With ``today`` the joints stand as they do on that day, without it nothing is said of them. ``sessions`` are the
    client's, where the caller has read them already.
    """
    row = client(scope, client_id)
    places = places_of_client(scope, client_id)
    inventories = {place.id: inventory_of(place) for place in places}
    shelf = library(scope)
    exercises = shelf.exercises
    weights, tested = _weighed(scope, client_id)
    body_kg = weights[-1][1] if weights else None
    return Setting(
        unit=Unit(row.unit),
        inventory=next(iter(inventories.values()), Inventory()),
        exercises=exercises,
        max_kg=best_maxima(done, exercises, body_kg, tested),
        body_kg=body_kg,
        standing=current(health.history(scope, client_id), today) if today else (),
        ladders=shelf.ladders,
        pace=pace_of(sessions_of_client(scope, client_id) if sessions is None else sessions),
        places=inventories,
        place_names={place.id: place.name for place in places},
        last_loads=latest_loads(done),
        weights=weights,
        tested=tested,
    )


def _weighed(scope: Scope, client_id: str) -> tuple[tuple[tuple[date, Decimal], ...], tuple[Tested, ...]]:
    """The body weights by day, and the tests with a load for a few repetitions, each as it stands."""
    weights, tested = {}, []
    items = shipped_tests()
    for kept in standing_results(testing.weighed_results(scope, client_id)).values():
        result = kept.result
        if result.test == testing.BODY_WEIGHT and result.load is not None:
            weights[result.on] = result.load.kg
            continue
        if result.test not in items:
            items = all_tests(scope)
        item = items.get(result.test)
        if item is not None and item.exercise and item.kind is TestKind.LOAD_REPS and result.load and result.value:
            tested.append(Tested(item.exercise, result.on, result.load, int(result.value), result.reserve))
    return tuple(sorted(weights.items())), tuple(sorted(tested, key=lambda t: t.on))


def latest_loads(done: Iterable[PerformedSet]) -> dict[str, Load]:
    """Answer the load used last of each exercise, by the time it was logged."""
    latest: dict[str, PerformedSet] = {}
    for row in done:
        before = latest.get(row.exercise)
        if row.load is not None and (before is None or _when(row) >= _when(before)):
            latest[row.exercise] = row
    return {exercise: row.load for exercise, row in latest.items() if row.load is not None}


def _when(row: PerformedSet) -> float:
    return row.logged_at.timestamp() if row.logged_at else 0.0


def best_maxima(
    done: Iterable[PerformedSet],
    exercises: dict[str, Exercise],
    body_kg: Decimal | None,
    tested: Iterable[Tested] = (),
) -> dict[str, Decimal]:
    """Answer the highest house estimate of each exercise, kg moved, body weight included where it moves.

    Sets and tests count alike.
    """
    best: dict[str, Decimal] = {}
    for test in tested:
        exercise = exercises.get(test.exercise)
        moved = moved_kg(test.load, exercise.bodyweight_share, body_kg) if exercise else None
        found = estimate_max(moved, test.reps, test.reserve) if moved else None
        if found is not None and found > best.get(test.exercise, Decimal(0)):
            best[test.exercise] = found
    for row in done:
        estimate = set_estimate(row, exercises.get(row.exercise), body_kg)
        if estimate is not None and estimate > best.get(row.exercise, Decimal(0)):
            best[row.exercise] = estimate
    return best


def set_estimate(row: PerformedSet, exercise: Exercise | None, body_kg: Decimal | None) -> Decimal | None:
    """Answer the house estimate of the maximum from one set, kg; None where it says nothing of one."""
    if exercise is None or not row.reps:
        return None
    moved = moved_kg(added_load(row), exercise.bodyweight_share, body_kg)
    return estimate_max(moved, row.reps, row.reserve) if moved else None


def pace_of(sessions: Iterable[SessionRow]) -> float:
    """Answer the client's pace factor from finished sessions."""
    lasted = (
        (s.finished_at - s.started_at, s.estimated_seconds)
        for s in sessions
        if s.finished_at is not None and SHORTEST_SESSION <= s.finished_at - s.started_at <= LONGEST_SESSION
    )
    return pace_factor([(length.total_seconds(), float(estimate)) for length, estimate in lasted])
