"""What a client's plan is read against: place, exercises, estimated maxima, pace."""

from collections.abc import Mapping
from datetime import date

from upright_anvil.core.assessment.items import TestKind
from upright_anvil.core.assessment.results import standing_results
from upright_anvil.core.blocks import added_load
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.health.history import current
from upright_anvil.core.health.screening import health_standing
from upright_anvil.core.ids import ClientId, SessionId
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Kilograms, Unit
from upright_anvil.core.plan.read_out.client_profile import ClientProfile, Tested
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.prescription.load_targets import LoadTarget, moved_kg
from upright_anvil.core.prescription.tempo import is_slow
from upright_anvil.core.strength.attempts import Attempt
from upright_anvil.core.strength.estimate import estimate_max
from upright_anvil.core.strength.known import Known
from upright_anvil.formats.shipped.testing_file import shipped_tests
from upright_anvil.services.assessment.batteries import all_tests
from upright_anvil.services.clients.places import inventory_of
from upright_anvil.services.profile.pace import client_pace
from upright_anvil.services.profile.strength import known_of
from upright_anvil.services.shelf import library
from upright_anvil.store.client import health, testing
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log.training_sessions import session_dates
from upright_anvil.store.studio.places import places_of_client


def client_profile(
    scope: Scope,
    client_id: ClientId,
    on: date,
    *,
    dates: Mapping[SessionId, date] | None = None,
    until: date | None = None,
    leaving_out: str = "",
    path_of: str = "",
    whole: bool = False,
    paced: bool = True,
) -> ClientProfile:
    """Answer the profile of a client on a day: joints, places, and strength as it stands then. Raises `NotFoundError`.

    Strength is that of the day ``until`` (the same day) and rests on all that was logged by then, the session
    ``leaving_out`` aside; ``path_of`` is the exercise whose way there is wanted, that of the last sessions or the
    ``whole`` of it. ``dates`` are the days of the client's sessions, where the caller has read them; without ``paced``
    no session is read for the pace, which one line does not go by.
    """
    row = client(scope, client_id)
    places = places_of_client(scope, client_id)
    inventories = {place.id: inventory_of(place) for place in places}
    shelf = library(scope)
    weights, tested = _weighed(scope, client_id)

    def days() -> Mapping[SessionId, date]:
        return session_dates(scope, client_id) if dates is None else dates

    bare = ClientProfile(
        unit=Unit(row.unit),
        inventory=next(iter(inventories.values()), Inventory()),
        exercises=shelf.exercises,
        max_kg={},
        last_loads={},
        known=Known(),
        body_kg=weights[-1][1] if weights else None,
        standing=current(health.history(scope, client_id), on),
        ladders=shelf.ladders,
        pace=client_pace(scope, client_id) if paced else 1.0,
        places=inventories,
        place_names={place.id: place.name for place in places},
        weights=weights,
        tested=tested,
        screening=health_standing(health.screens(scope, client_id), health.clearances(scope, client_id), on),
    )
    return bare.knowing(
        known_of(scope, client_id, bare, until or on, days, leaving_out=leaving_out, path_of=path_of, whole=whole)
    )


def _weighed(scope: Scope, client_id: ClientId) -> tuple[tuple[tuple[date, Kilograms], ...], tuple[Tested, ...]]:
    """The body weights by day, and the tests with a load for a few repetitions, each as it stands."""
    weights: dict[date, Kilograms] = {}
    tested: list[Tested] = []
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


def attempt_of(
    row: PerformedSet, exercise: Exercise, profile: ClientProfile, on: date, place: int = 0
) -> Attempt | None:
    """Answer a performed set as estimating reads it; None where nothing is known to have moved, or nothing was done."""
    moved = moved_kg(added_load(row), exercise.bodyweight_share, profile.body_on(on))
    if not moved or not row.reps:
        return None
    asked = prescription_or_none(row.planned, profile.unit)
    if asked is not None and (asked.span or asked.cuffs):
        return None
    slow = asked is not None and is_slow(asked.tempo)
    confirmed = row.how.confirmed
    return Attempt(
        exercise.id, on, float(moved), row.reps, row.reserve, place, exercise.pattern, slow, confirmed, row.id
    )


def set_estimate(row: PerformedSet, exercise: Exercise | None, body_kg: Kilograms | None) -> Kilograms | None:
    """Answer the house estimate of the maximum from one set, kg; None where it says nothing of one."""
    return estimate_of(added_load(row), row.reps, row.reserve, exercise, body_kg)


def estimate_of(
    load: LoadTarget | None,
    reps: int | None,
    reserve: int | None,
    exercise: Exercise | None,
    body_kg: Kilograms | None,
) -> Kilograms | None:
    """Answer the same from a set's figures; ``load`` is what was added to body weight, or taken off it."""
    moved = moved_kg(load, exercise.bodyweight_share, body_kg) if exercise is not None and reps else None
    return estimate_max(moved, reps, reserve) if moved and reps else None
