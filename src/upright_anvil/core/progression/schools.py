"""Which lever comes first: the client's school, overridden by a line, and what the line's own kind asks for."""

from enum import StrEnum
from types import MappingProxyType
from typing import Final

from upright_anvil.core.prescription.load_targets import ShareOfMax
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Seconds
from upright_anvil.core.progression.policies import (
    control,
    density,
    double_progression,
    holds,
    linear,
    reserve_led,
    sets,
    skill,
    wave,
)


class School(StrEnum):
    """What a client's trainer raises first."""

    RANGE = "reps in a range"
    LOAD = "load"
    RESERVE = "reserve"
    VOLUME = "sets"
    CONTROL = "control"
    DENSITY = "density"
    SKILL = "skill"


POLICY_OF: Final = MappingProxyType(
    {
        School.RANGE: double_progression.ID,
        School.LOAD: linear.ID,
        School.RESERVE: reserve_led.ID,
        School.VOLUME: sets.ID,
        School.CONTROL: control.ID,
        School.DENSITY: density.ID,
        School.SKILL: skill.ID,
    }
)
"""The policy each school leads a plain line by."""


def policy_for(school: School, asked: Prescription, chosen: str = "") -> str:
    """Answer the policy of a line: the one chosen for it, else what its kind asks for, else the school's. House rule.

    Shares of the maximum go in waves; holds are led by seconds, except in the schools of density and skill.
    """
    if chosen:
        return chosen
    if isinstance(asked.load, ShareOfMax):
        return wave.ID
    if isinstance(asked.target, Seconds) and school not in (School.DENSITY, School.SKILL):
        return holds.ID
    return POLICY_OF[school]
