"""A sensor on the moving load: one small interface, and a simulated one with noise, pauses and partial repetitions."""

from collections.abc import Iterator
from dataclasses import dataclass
from random import Random
from typing import Protocol

from upright_anvil.core.sensing.strokes import Sample

SAMPLES_A_SECOND = 50


class RepSensor(Protocol):
    """What the app asks of any sensor: where the load is, from picking it up until it is put away."""

    def samples(self) -> Iterator[Sample]:
        """Answer samples in order, 50 a second."""


@dataclass(frozen=True, slots=True)
class Moves:
    """What the simulated client does: repetitions, seconds of the four phases, range in cm, habits.

    ``partial`` and ``pausing`` are chances for each repetition (0 to 1), ``slowing`` how much longer the last lift
    takes than the first (0.5 = half as long again), ``noise_cm`` the sensor's own.
    """

    reps: int
    phases: tuple[float, float, float, float] = (2.0, 0.0, 1.0, 0.0)
    range_cm: float = 45.0
    partial: float = 0.0
    pausing: float = 0.1
    slowing: float = 0.4
    noise_cm: float = 0.8
    lifts_first: bool = False


class SimulatedRepSensor:
    """Somebody takes a load, moves it so many times and puts it away; the same seed gives the same samples."""

    def __init__(self, moves: Moves, seed: int) -> None:
        self._moves, self._chance = moves, Random(seed)  # noqa: S311 - a simulation
        self._at, self._height, self._drift = 0.0, 0.0, 0.0
        self.full = moves.reps
        self.partial = 0

    def samples(self) -> Iterator[Sample]:
        """Answer the samples of the whole set."""
        moves = self._moves
        yield from self._still(self._chance.uniform(0.4, 1.2))
        yield from self._go(self._chance.uniform(3, 9), self._chance.uniform(0.5, 0.9))
        yield from self._still(self._chance.uniform(0.5, 1.5))
        for number in range(moves.reps):
            if self._chance.random() < moves.partial and number:
                self.partial += 1
                yield from self._rep(number, self._chance.uniform(0.32, 0.58))
            yield from self._rep(number, self._chance.gauss(1.0, 0.03))
            if self._chance.random() < moves.pausing:
                yield from self._still(self._chance.uniform(0.8, 2.5))
        yield from self._still(self._chance.uniform(0.3, 1.0))
        yield from self._go(-self._chance.uniform(3, 8), self._chance.uniform(0.4, 0.8))
        yield from self._still(0.5)

    def _rep(self, number: int, share: float) -> Iterator[Sample]:
        moves = self._moves
        lowering, bottom, lifting, top = moves.phases
        tired = 1 + moves.slowing * number / max(moves.reps - 1, 1)
        way = moves.range_cm * share
        down, up = self._about(lowering), self._about(lifting) * tired
        if moves.lifts_first:
            yield from self._go(way, up)
            yield from self._still(top)
            yield from self._go(-way, down)
            yield from self._still(bottom)
        else:
            yield from self._go(-way, down)
            yield from self._still(bottom)
            yield from self._go(way, up)
            yield from self._still(top)

    def _about(self, seconds: float) -> float:
        return max(0.3, seconds * self._chance.gauss(1.0, 0.12))

    def _go(self, cm: float, seconds: float) -> Iterator[Sample]:
        """Move as a hand does: slow, fast, slow."""
        start, count = self._height, max(2, round(seconds * SAMPLES_A_SECOND))
        for n in range(1, count + 1):
            share = n / count
            self._height = start + cm * share**3 * (10 - 15 * share + 6 * share**2)
            yield self._sample()

    def _still(self, seconds: float) -> Iterator[Sample]:
        for _ in range(round(seconds * SAMPLES_A_SECOND)):
            yield self._sample()

    def _sample(self) -> Sample:
        self._at += 1 / SAMPLES_A_SECOND
        self._drift += self._chance.gauss(0, 0.04)
        spike = self._chance.choice((-1, 1)) * self._chance.uniform(8, 25) if self._chance.random() < SPIKES else 0.0
        return Sample(
            round(self._at, 3), self._height + self._drift + self._chance.gauss(0, self._moves.noise_cm) + spike
        )


SPIKES = 0.002
"""How many samples are no more than a crackle of the sensor."""
