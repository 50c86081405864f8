"""How a set went beside its figures: each side, quality, pain, why it ended, what the clock saw."""

from dataclasses import dataclass
from enum import StrEnum
from typing import NewType

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.errors import DomainError
from upright_anvil.core.prescription.bounds import MAX_ALTERNATIVES, MAX_COUNTED, MAX_WORK_SECONDS


class Quality(StrEnum):
    """How the work looked, first set to last."""

    CLEAN = "clean"
    SLIPPING = "slipping"
    BROKE_DOWN = "broke down"


class SetEnd(StrEnum):
    """Why a set ended."""

    PLAN = "as planned"
    FORM = "form"
    BREATH = "breath"
    PAIN = "pain"
    WILL = "will"
    KIT = "kit"
    TIME = "time"


class Source(StrEnum):
    """Who said that the set was done: the trainer with a tap, the clock of a timed block, or the client at home."""

    TAP = "tap"
    CLOCK = "clock"
    HOME = "home"


LeftSide = NewType("LeftSide", int)
RightSide = NewType("RightSide", int)
"""Repetitions or seconds of one side; the checker tells the sides apart."""


@dataclass(frozen=True, slots=True)
class How:
    """What was seen of a set.

    ``left`` and ``right`` are repetitions or seconds of each side, where they were told apart; ``lead`` is the side
    that went first. ``pain`` is the region that complained, with its side where there are two. ``checkpoints`` is how
    many of the later marks of timed work were passed. ``confirmed`` says that the figure was asked about and is right.
    ``counted`` are repetitions counted in work by the clock.
    """

    left: LeftSide | None = None
    right: RightSide | None = None
    lead: Side | None = None
    quality: Quality | None = None
    ended: SetEnd | None = None
    pain: Joint | None = None
    pain_side: Side | None = None
    checkpoints: int | None = None
    source: Source = Source.TAP
    confirmed: bool = False
    counted: int | None = None

    @property
    def hurt(self) -> bool:
        """Answer whether something hurt: a region was named, or the set ended for pain."""
        return self.pain is not None or self.ended is SetEnd.PAIN

    @property
    def clean_enough(self) -> bool:
        """Answer whether the set says something of strength: no pain, the form held, no clock cut it short."""
        return not self.hurt and self.quality is not Quality.BROKE_DOWN and self.ended is not SetEnd.TIME

    def check(self, amount: int | None) -> None:
        """Raise `DomainError` for sides that do not fit the set's own figure, and for a side that is none."""
        for figure in (self.left, self.right):
            if figure is not None and not 0 <= figure <= MAX_WORK_SECONDS:
                raise DomainError(f"A side has 0 to {MAX_WORK_SECONDS}, not {figure}.")
        said = [figure for figure in (self.left, self.right) if figure is not None]
        if said and amount != min(said):
            raise DomainError("The figure of the set is that of the weaker side.")
        if self.counted is not None and not 0 <= self.counted <= MAX_COUNTED:
            raise DomainError(f"Repetitions counted by the clock are 0 to {MAX_COUNTED}, not {self.counted}.")
        if self.lead is Side.BOTH:
            raise DomainError("One side leads: left or right.")
        if self.pain_side is not None and (self.pain is None or not self.pain.paired):
            raise DomainError("A side goes with a joint there are two of.")
        if self.checkpoints is not None and not 0 <= self.checkpoints <= MAX_ALTERNATIVES:
            raise DomainError(f"Checkpoints passed are 0 to {MAX_ALTERNATIVES}, not {self.checkpoints}.")


NOTHING_SEEN = How()
"""What most sets say: nothing beside their figures."""
