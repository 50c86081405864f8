"""What a place has besides loads: benches, bars to hang from, walls, ground to walk on; and things named freely."""

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
    LEG_PRESS = "leg press"
    LEG_CURL = "leg curl"
    LEG_EXTENSION = "leg extension"


MACHINES = frozenset({Feature.LEG_PRESS, Feature.LEG_CURL, Feature.LEG_EXTENSION})
"""Machines of their own: taken for granted beside a stack until one is named, or said to be missing. House rule."""

EVERYWHERE = frozenset({Feature.WALL, Feature.CHAIR, Feature.DOORWAY, Feature.TABLE, Feature.OPEN_GROUND})
"""Found at any place unless its list says otherwise ("no doorway"). House rule."""


def thing_name(words: str) -> str:
    """Answer the name of a thing as two lists share it: lower case, one of it, no "machine" behind it."""
    plain = " ".join(words.lower().split()).removesuffix(" machine")
    return plain if plain.endswith("ss") else plain.removesuffix("s")
