"""The one card on food: an estimate of energy, with the body weight's trend beside it, or why there is none."""

from dataclasses import dataclass
from datetime import date

from upright_anvil.core.energy import (
    ERROR,
    FLOORS,
    Activity,
    EnergyAim,
    EnergyEstimate,
    Person,
    Sex,
    barred,
    compared,
    estimate,
    missing,
    trend,
)
from upright_anvil.core.ids import ClientId
from upright_anvil.core.loads.load import Kilograms
from upright_anvil.services.health.health_file import standing_of
from upright_anvil.store.client import testing
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope

NOTE = (
    "An estimate (Mifflin and St Jeor 1990, times activity): for most people within about 10 %, for some worse. "
    "Food plans belong to a dietitian or doctor."
)


@dataclass(frozen=True, slots=True)
class EnergyView:
    """What the card shows.

    ``barred`` says why no figure is given, ``missing`` what is still to be said; ``error`` is the share by which the
    estimate may be off, ``floor`` the published floor, kilocalories a day; ``weight`` is the trend in a sentence.
    """

    aim: EnergyAim
    barred: str
    missing: tuple[str, ...]
    estimate: EnergyEstimate | None
    error: float
    floor: int | None
    weight: str
    note: str


def energy_view(scope: Scope, client_id: ClientId, aim: EnergyAim, today: date) -> EnergyView:
    """Answer the estimate for a client. Raises `NotFoundError`."""
    row = client(scope, client_id)
    weights = _weights(scope, client_id)
    person = Person(
        # Only the year of birth is known: the younger of the two ages there can be.
        age=today.year - row.birth_year - 1 if row.birth_year else None,
        sex=Sex(row.sex),
        height_cm=row.height_cm,
        body_kg=weights[-1][1] if weights else None,
        activity=Activity(row.activity),
        standing=standing_of(scope, client_id, today),
        notes=f"{row.about} {row.goal} {row.second_goal}",
    )
    found = estimate(person, aim)
    no = barred(person)
    return EnergyView(
        aim=aim,
        barred=no,
        missing=() if no else missing(person),
        estimate=found,
        error=ERROR,
        floor=FLOORS.get(person.sex),
        weight="" if no else compared(trend(weights, today), found),
        note=NOTE,
    )


def _weights(scope: Scope, client_id: ClientId) -> list[tuple[date, Kilograms]]:
    """The body weights by day, the last of a day, oldest first."""
    by_day: dict[date, Kilograms] = {}
    for result in testing.results_of_test(scope, client_id, testing.BODY_WEIGHT):
        if result.load:
            by_day[result.on] = result.load.kg
    return sorted(by_day.items())
