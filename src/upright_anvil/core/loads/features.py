"""What a place has besides loads: benches, bars to hang from, walls, ground to walk on."""

from enum import StrEnum


class Feature(StrEnum):
    """Things an exercise may need that nobody lifts."""

    WALL = "wall"
    CHAIR = "chair"
    DOORWAY = "doorway"
    TABLE = "table"
    OPEN_GROUND = "open ground"
    BENCH = "bench"
    RACK = "rack"
    BOX = "box"
    PULL_UP_BAR = "pull-up bar"
    DIP_BARS = "dip bars"
    ANCHOR = "anchor"
    STRAPS = "straps"
    SLIDERS = "sliders"
    BIG_BALL = "big ball"
    BALANCE_PAD = "balance pad"
    STAIRS = "stairs"
    ROWER = "rower"
    BIKE = "bike"


EVERYWHERE = frozenset({Feature.WALL, Feature.CHAIR, Feature.DOORWAY, Feature.TABLE, Feature.OPEN_GROUND})
"""Found at any place unless its list says otherwise ("no doorway"). House rule."""
