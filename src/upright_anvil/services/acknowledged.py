"""The answer to what was sent to be kept."""

from dataclasses import dataclass


@dataclass(frozen=True, slots=True)
class Acknowledged:
    """A row is on disk; ``again`` says it was there before."""

    id: str
    again: bool
