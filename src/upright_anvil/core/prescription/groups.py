"""Groups of lines that are done together."""

from enum import StrEnum
from typing import Protocol


class GroupKind(StrEnum):
    """How the lines of a group are done together."""

    SINGLE = "straight"
    PAIR = "pair"
    TRI_SET = "tri-set"
    CIRCUIT = "circuit"
    INTERVALS = "by the clock"
    ON_THE_MINUTE = "on the minute"
    MOST_ROUNDS = "most rounds"

    @classmethod
    def _missing_(cls, value: object) -> "GroupKind | None":
        """What programs written before called it."""
        return {"single": cls.SINGLE, "interval circuit": cls.INTERVALS}.get(str(value))

    @property
    def by_rounds(self) -> bool:
        """Whether it is a circuit of some sort: stations in their order, round by round, as many as one likes."""
        return self in ROUND_KINDS


ROUND_KINDS = frozenset({GroupKind.CIRCUIT, GroupKind.INTERVALS, GroupKind.ON_THE_MINUTE, GroupKind.MOST_ROUNDS})


class GroupTimes(Protocol):
    """What of a group its time depends on: kind, and what it says in seconds (None where it does not)."""

    @property
    def kind(self) -> GroupKind:
        """How the lines follow each other."""

    @property
    def rest_inside(self) -> int | None:
        """Between the stations of a round."""

    @property
    def rest_after(self) -> int | None:
        """After a round."""

    @property
    def every(self) -> int | None:
        """On the minute: from the start of one station to the start of the next."""

    @property
    def time_cap(self) -> int | None:
        """Most rounds: the time there is."""
