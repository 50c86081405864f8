"""How much energy a client needs in a day: an estimate, with its error, and who gets none.

Mifflin et al., American Journal of Clinical Nutrition 1990;51:241. It predicts resting energy to within about ten per
cent for most healthy adults and worse for some; food plans belong to a dietitian or doctor.
"""

import re
from collections.abc import Sequence
from dataclasses import dataclass
from datetime import date
from decimal import Decimal
from enum import StrEnum
from typing import Final

import numpy as np

from upright_anvil.core.health.history import Condition, JointStatus
from upright_anvil.core.loads.load import Kilograms

OF_AGE = 18
OLDEST = 90
"""Years past which the equation was not made for anybody."""

ERROR: Final = 0.10
"""The share by which the estimate may be off either way, for most people."""

HEIGHTS: Final = (120, 230)
"""Centimetres that are taken for a grown-up's height."""

WEIGHTS_KG: Final = (30, 300)
KCAL_PER_KG: Final = 7700
"""Kilocalories a kilogram of body weight is reckoned with: the usual figure, too simple over many months."""

MOST_DEFICIT: Final = 0.15
MOST_SURPLUS: Final = 0.10
MOST_CHANGE_KCAL: Final = 500
"""A modest change: at most 15 % less or 10 % more, and never more than this a day. House rule."""

TREND_NEEDS: Final = 3
TREND_DAYS: Final = 56
SHORTEST_TREND_DAYS: Final = 10


class Sex(StrEnum):
    """What the equation was made for; it knows two."""

    FEMALE = "female"
    MALE = "male"
    NOT_SAID = ""


class Activity(StrEnum):
    """How a client's week goes, work and training together."""

    SITTING = "mostly sitting"
    LIGHT = "light work or some training"
    MODERATE = "on the feet, or training most days"
    HEAVY = "heavy work or hard training daily"
    NOT_SAID = ""


class EnergyAim(StrEnum):
    """What the trainer and the client want of the body weight."""

    LESS = "slowly less"
    HOLD = "as it is"
    MORE = "slowly more"


FACTORS: Final = {Activity.SITTING: 1.2, Activity.LIGHT: 1.375, Activity.MODERATE: 1.55, Activity.HEAVY: 1.725}
"""The usual activity factors; the guess of a person's week is the largest part of the error."""

FLOORS: Final = {Sex.FEMALE: 1200, Sex.MALE: 1500}
"""Kilocalories a day that public guidance does not go below without a clinician."""

REFER: Final = "Food belongs to a dietitian or doctor here: no figure is given."

_EATING = re.compile(
    r"\b(anorex\w*|bulimi\w*|binge\w*|eating disorder\w*|disordered eating|purg(?:e|es|ing)|diabet\w*|insulin|"
    r"cancer|chemo\w*|pregnan\w*|breast-?feed\w*|postpartum|thyroid\w*|kidney disease|dialysis|crohn\w*|"
    r"c(?:o?e)liac|heart disease|liver disease)\b",
    re.IGNORECASE,
)


@dataclass(frozen=True, slots=True)
class Person:
    """What the estimate reads: age in whole years, centimetres, kilograms, None and empty where nobody has said."""

    age: int | None
    sex: Sex
    height_cm: int | None
    body_kg: Kilograms | None
    activity: Activity
    standing: tuple[JointStatus, ...] = ()
    notes: str = ""


@dataclass(frozen=True, slots=True)
class EnergyEstimate:
    """Kilocalories a day: to keep the weight (``low`` to ``high`` with the error), and for the aim.

    ``resting`` is without any activity; ``floor`` says that the target was held at the published floor. ``kg_a_week``
    is what the aim would be expected to change.
    """

    resting: int
    factor: float
    maintenance: int
    low: int
    high: int
    aim: EnergyAim
    target: int
    floor: bool
    kg_a_week: float


def barred(person: Person) -> str:
    """Answer why no figure is given to this person, empty where nothing speaks against one. House rule.

    Under 18, pregnant, after a birth, any illness or trouble with eating that is noted.
    """
    if person.age is not None and person.age < OF_AGE:
        return f"Under {OF_AGE}. {REFER}"
    if person.age is not None and person.age > OLDEST:
        return f"Over {OLDEST}. {REFER}"
    noted = [at.name for at in person.standing if isinstance(at.topic, Condition)]
    if noted:
        return f"Noted: {', '.join(noted)}. {REFER}"
    found = _EATING.search(person.notes)
    return f"The notes say “{found[0]}”. {REFER}" if found else ""


def missing(person: Person) -> tuple[str, ...]:
    """Answer what is still to be said before there can be an estimate."""
    asked = (
        (person.age, "year of birth"),
        (person.sex, "sex, as the equation takes it"),
        (person.height_cm, "height"),
        (person.body_kg, "body weight"),
        (person.activity, "how the week goes"),
    )
    return tuple(words for value, words in asked if not value)


def estimate(person: Person, aim: EnergyAim = EnergyAim.HOLD) -> EnergyEstimate | None:
    """Answer the estimate; None for who gets none, where something is missing, or past the equation's bounds."""
    if barred(person) or missing(person):
        return None
    age, height, weight = person.age or 0, person.height_cm or 0, float(person.body_kg or Decimal(0))
    if not (HEIGHTS[0] <= height <= HEIGHTS[1] and WEIGHTS_KG[0] <= weight <= WEIGHTS_KG[1]):
        return None
    resting = 10 * weight + 6.25 * height - 5 * age + (5 if person.sex is Sex.MALE else -161)
    factor = FACTORS[person.activity]
    keeps = resting * factor
    change = {
        EnergyAim.HOLD: 0.0,
        EnergyAim.LESS: -min(keeps * MOST_DEFICIT, MOST_CHANGE_KCAL),
        EnergyAim.MORE: min(keeps * MOST_SURPLUS, MOST_CHANGE_KCAL),
    }[aim]
    least = FLOORS[person.sex]
    held = keeps + change < least
    target = least if held else keeps + change
    return EnergyEstimate(
        resting=_tens(resting),
        factor=factor,
        maintenance=_tens(keeps),
        low=_tens(keeps * (1 - ERROR)),
        high=_tens(keeps * (1 + ERROR)),
        aim=aim,
        target=_tens(target),
        floor=held,
        kg_a_week=round((target - keeps) * 7 / KCAL_PER_KG, 2),
    )


def _tens(kcal: float) -> int:
    return round(kcal / 10) * 10


@dataclass(frozen=True, slots=True)
class WeightTrend:
    """How the body weight went: kilograms a week, over how many days, from how many weighings."""

    kg_a_week: float
    days: int
    weighings: int


def trend(weights: Sequence[tuple[date, Kilograms]], today: date) -> WeightTrend | None:
    """Answer the slope of the last eight weeks of weighings by least squares.

    None before there are three over ten days. House rule.
    """
    recent = [(on, float(kg)) for on, kg in weights if 0 <= (today - on).days <= TREND_DAYS]
    days = [float((on - recent[0][0]).days) for on, _ in recent]
    if len(recent) < TREND_NEEDS or days[-1] < SHORTEST_TREND_DAYS:
        return None
    slope = float(np.polyfit(days, [kg for _, kg in recent], 1)[0])
    return WeightTrend(round(slope * 7, 2), int(days[-1]), len(recent))


def compared(found: WeightTrend | None, expected: EnergyEstimate | None) -> str:
    """Answer the trend beside what would be expected, in one sentence; empty before there is a trend."""
    if found is None:
        return ""
    went = f"{found.kg_a_week:+.2f} kg a week over {found.days} days ({found.weighings} weighings)"
    if expected is None:
        return f"Body weight: {went}."
    return (
        f"Body weight: {went}; with {expected.target} kcal a day {expected.kg_a_week:+.2f} kg a week would be expected."
    )
