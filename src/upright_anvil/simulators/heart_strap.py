"""A heart-rate strap: one small interface, and a simulated one whose heart follows work and rest."""

from collections.abc import Iterator
from random import Random
from typing import Protocol


class HeartStrap(Protocol):
    """What the app asks of any strap: beats a minute, once a second, while it is told whether there is work."""

    def beats(self) -> Iterator[int]:
        """Answer beats a minute, one a second."""

    def working(self, at_work: bool) -> None:
        """Say whether the client works or rests."""


class SimulatedHeartStrap:
    """A heart between 78 and 150 that climbs in work and falls in rest; the same seed gives the same beats."""

    RESTING, WORKING = 78.0, 150.0

    def __init__(self, seed: int) -> None:
        self._chance, self._rate, self._aim = Random(seed), 82.0, self.RESTING  # noqa: S311 - a simulation

    def working(self, at_work: bool) -> None:
        """Say whether the client works or rests."""
        self._aim = self.WORKING if at_work else self.RESTING

    def beats(self) -> Iterator[int]:
        """Answer beats a minute, one a second, without end."""
        while True:
            pull = 0.06 if self._aim > self._rate else 0.03
            self._rate += (self._aim - self._rate) * pull + self._chance.gauss(0, 0.8)
            yield round(self._rate)
