"""Counting while the set goes on: samples come in, the count so far comes out."""

from upright_anvil.core.errors import DomainError
from upright_anvil.core.sensing.counting import Measured, measured
from upright_anvil.core.sensing.strokes import Sample

MOST_SAMPLES = 50 * 60 * 15
"""A quarter of an hour of samples; what lasts longer was left running."""


class LiveCount:
    """A set that is going on."""

    def __init__(self) -> None:
        self._samples: list[Sample] = []

    def add(self, sample: Sample) -> None:
        """Take a sample. Raises `DomainError` for one out of order, and once there are too many."""
        if self._samples and sample.at < self._samples[-1].at:
            raise DomainError("Samples come in the order they were taken.")
        if len(self._samples) >= MOST_SAMPLES:
            raise DomainError("The sensor has run for a quarter of an hour; start it again with the next set.")
        self._samples.append(sample)

    def so_far(self) -> Measured:
        """Answer the count so far."""
        return measured(self._samples)
