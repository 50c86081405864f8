"""Joints, sides, and how much an exercise asks of a joint."""

from dataclasses import dataclass
from enum import StrEnum


class Joint(StrEnum):
    """The joints and regions a client complains of."""

    NECK = "neck"
    SHOULDER = "shoulder"
    ELBOW = "elbow"
    WRIST = "wrist"
    LOWER_BACK = "lower back"
    HIP = "hip"
    KNEE = "knee"
    ANKLE = "ankle"

    @property
    def paired(self) -> bool:
        """Answer whether there is a left and a right one."""
        return self not in (Joint.NECK, Joint.LOWER_BACK)


class Side(StrEnum):
    """Which side."""

    LEFT = "left"
    RIGHT = "right"
    BOTH = "both"


class Stress(StrEnum):
    """How much an exercise asks of a joint: moved lightly, worked, or worked hard. House rule."""

    LIGHT = "light"
    MODERATE = "moderate"
    MUCH = "much"

    @property
    def rank(self) -> int:
        """Answer 1, 2 or 3, so that stresses compare."""
        return _RANKS[self]


_RANKS = {Stress.LIGHT: 1, Stress.MODERATE: 2, Stress.MUCH: 3}


@dataclass(frozen=True, slots=True)
class JointLoad:
    """What an exercise asks of one joint, and how: ``knee, moderate, bends under load``."""

    joint: Joint
    stress: Stress
    how: str
