"""A body scale: one small interface, and a simulated scale that behaves like a real one on a studio floor."""

import math
from collections.abc import Iterator
from random import Random
from typing import Protocol

from upright_anvil.core.assessment.settling import Reading

READINGS_A_SECOND = 10
SECONDS = 8


class Scale(Protocol):
    """What the app asks of any scale: readings from stepping on until it is told to stop."""

    def readings(self) -> Iterator[Reading]:
        """Answer readings in order, ten a second."""


class SimulatedScale:
    """Somebody of a given weight steps on: the figure shoots up, swings, and settles in about three seconds.

    The same seed gives the same readings.
    """

    def __init__(self, true_kg: float, seed: int) -> None:
        self._true_kg, self._chance = true_kg, Random(seed)  # noqa: S311 - a simulation

    def readings(self) -> Iterator[Reading]:
        """Answer eight seconds of readings, to 0.1 kg as the display shows them."""
        for number in range(SECONDS * READINGS_A_SECOND):
            seconds = number / READINGS_A_SECOND
            stepping_on = min(seconds / 0.6, 1.0)
            swing = math.exp(-seconds * 1.6) * math.cos(seconds * 9)
            noise = self._chance.gauss(0, 0.6 * math.exp(-seconds * 1.2) + 0.008)
            shown = self._true_kg * stepping_on * (1 - 0.06 * swing) + noise
            yield Reading(seconds, round(max(shown, 0.0), 1))
