"""What a client trains for, and how long the client has trained."""

from enum import StrEnum


class GoalKind(StrEnum):
    """What a goal comes down to; the client's own words stand beside it."""

    SIZE = "muscle size"
    STRENGTH = "maximal strength"
    FITNESS = "general fitness"
    BODY_WEIGHT = "body weight"
    EVENT = "sport or trip"
    JOINT = "strong around a joint"
    POSTURE = "posture"
    LAGGING = "lagging muscles"
    EVERYDAY = "everyday strength"
    ENJOYMENT = "enjoyment"
    NOT_SAID = ""


class TrainingAge(StrEnum):
    """How long the client has trained."""

    SEDENTARY = "not active so far"
    NEW = "less than six months"
    RETURNING = "coming back after a break"
    SOME = "six months to two years"
    EXPERIENCED = "more than two years"
    NOT_SAID = ""


NEW = frozenset({TrainingAge.SEDENTARY, TrainingAge.NEW, TrainingAge.RETURNING, TrainingAge.NOT_SAID})
"""Clients whose work alone is watched before load goes up; who has said nothing counts among them. House rule."""
