"""Groups of lines that are done together."""

from enum import StrEnum
from typing import Protocol


class GroupKind(StrEnum):
    """How the lines of a group are done together."""

    SINGLE = "single"
    PAIR = "pair"
    TRI_SET = "tri-set"
    CIRCUIT = "circuit"
    INTERVALS = "interval circuit"


class GroupRests(Protocol):
    """What of a group its time depends on: kind, and the rests it says in seconds (None where it does not)."""

    @property
    def kind(self) -> GroupKind:
        """How the lines follow each other."""

    @property
    def rest_inside(self) -> int | None:
        """Between the stations of a round."""

    @property
    def rest_after(self) -> int | None:
        """After a round."""
