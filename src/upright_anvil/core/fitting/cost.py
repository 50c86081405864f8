"""What saves time, and what each way of it costs a session's purpose."""

from enum import IntEnum, StrEnum


class TimeLever(StrEnum):
    """A way to save time that a trainer can rule out."""

    RESTS = "shorter rests"
    PAIRS = "pairs"
    MOVES = "moves to another day"
    SETS = "fewer small sets"
    MAIN_SETS = "fewer main sets"
    OUT = "exercises left out"


class Cost(IntEnum):
    """What a change costs the purpose, cheapest first. House rule, from the rules' order.

    Rests shrink small moves first, heavy lifts last and least: their last bit goes after pairs and moves.
    """

    OPTIONAL = 1
    RESTS = 2
    OTHER_RESTS = 3
    MAIN_RESTS = 4
    PAIR = 5
    MOVE = 6
    LAST_RESTS = 7
    ACCESSORY_SETS = 8
    DROP_ACCESSORY = 9
    MAIN_SETS = 10
    DROP_MAIN = 11
    LAST_SETS = 12

    @property
    def lever(self) -> TimeLever:
        """The way to save time that it belongs to."""
        return _LEVERS[self]


_LEVERS = {
    Cost.OPTIONAL: TimeLever.SETS,
    Cost.RESTS: TimeLever.RESTS,
    Cost.OTHER_RESTS: TimeLever.RESTS,
    Cost.MAIN_RESTS: TimeLever.RESTS,
    Cost.LAST_RESTS: TimeLever.RESTS,
    Cost.PAIR: TimeLever.PAIRS,
    Cost.MOVE: TimeLever.MOVES,
    Cost.ACCESSORY_SETS: TimeLever.SETS,
    Cost.DROP_ACCESSORY: TimeLever.OUT,
    Cost.MAIN_SETS: TimeLever.MAIN_SETS,
    Cost.LAST_SETS: TimeLever.MAIN_SETS,
    Cost.DROP_MAIN: TimeLever.OUT,
}
