"""Reading the scale: the figure as it swings, and the weight once it has settled."""

import json
from collections.abc import Iterator
from dataclasses import dataclass
from datetime import date
from zlib import crc32

from upright_anvil.core.assessment.settling import Reading, settled
from upright_anvil.core.ids import ClientId
from upright_anvil.core.loads.load import Kilograms, Load, Unit, in_unit
from upright_anvil.simulators.scale import Scale, SimulatedScale
from upright_anvil.store.client import testing
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope

SOMEBODY_KG = 72.0


@dataclass(frozen=True, slots=True)
class ScaleReading:
    """What the scale shows: seconds since stepping on, the figure in the client's unit, the weight once settled."""

    seconds: float
    figure: float
    unit: Unit
    settled: Load | None


def weighing(scope: Scope, client_id: ClientId, today: date) -> Iterator[ScaleReading]:
    """Answer what the scale shows while the client stands on it, ending once the weight has settled.

    The scale is the stand-in: somebody about as heavy as the client last time. Raises `NotFoundError`.
    """
    who = client(scope, client_id)
    last = testing.body_weight(scope, client_id)
    seed = crc32(f"{client_id} {today}".encode())
    true_kg = (float(last.kg) if last else SOMEBODY_KG) + (seed % 13 - 6) / 10
    return read_scale(SimulatedScale(true_kg, seed), Unit(who.unit))


def read_scale(scale: Scale, unit: Unit) -> Iterator[ScaleReading]:
    """Answer a scale's readings until they have settled."""
    readings: list[Reading] = []
    for reading in scale.readings():
        readings.append(reading)
        kg = settled(readings)
        weight = Load.of(round(in_unit(Kilograms(kg), unit), 1), unit) if kg is not None else None
        yield ScaleReading(reading.seconds, _figure(reading.kg, unit), unit, weight)
        if weight:
            return


def as_json(shown: ScaleReading) -> str:
    """Write what the scale shows."""
    load = {"value": str(shown.settled.value), "unit": shown.settled.unit.value} if shown.settled else None
    return json.dumps({"seconds": shown.seconds, "figure": shown.figure, "unit": shown.unit.value, "settled": load})


def _figure(kg: float, unit: Unit) -> float:
    return round(kg if unit is Unit.KG else kg / 0.45359237, 1)
