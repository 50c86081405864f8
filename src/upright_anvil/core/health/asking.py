"""What is asked about first, by condition: words that ask and defer to midwife, physiotherapist or doctor.

From data: each exercise says what it demands. In pregnancy: lying flat on the back from mid-pregnancy on, on the front,
impact, holding the breath, bending the trunk under load, balance. After a birth: impact, held breath, bending the
trunk. Heart and blood pressure: holding the breath, overhead work. The app gives no medical advice. House rule, after
common guidance on exercise in pregnancy and after birth.
"""

from collections.abc import Iterable
from datetime import date
from types import MappingProxyType
from typing import Final

from upright_anvil.core.body.demands import Demand
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.health.history import Condition, JointStatus, weeks_pregnant
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Most, Reps

MID_PREGNANCY_WEEK: Final = 20
"""The week from which lying flat on the back is asked about. House rule, after common guidance."""

CLOSE_TO_FAILURE: Final = 1
"""So many repetitions left, or fewer, or as many as possible, makes most people hold their breath. House rule."""

FEW_REPS: Final = 3
"""Sets of so many repetitions, or fewer, do so too. House rule."""

_OF: Final = MappingProxyType(
    {
        Condition.PREGNANCY: (
            Demand.SUPINE, Demand.PRONE, Demand.IMPACT, Demand.BREATH_HOLDING, Demand.TRUNK_FLEXION, Demand.BALANCE,
        ),
        Condition.AFTER_BIRTH: (Demand.IMPACT, Demand.BREATH_HOLDING, Demand.TRUNK_FLEXION),
        Condition.HEART: (Demand.BREATH_HOLDING, Demand.OVERHEAD),
        Condition.BLOOD_PRESSURE: (Demand.BREATH_HOLDING, Demand.OVERHEAD),
    }
)  # fmt: skip
_WHOM: Final = MappingProxyType(
    {
        Condition.PREGNANCY: "her midwife or doctor",
        Condition.AFTER_BIRTH: "her midwife, physiotherapist or doctor",
        Condition.HEART: "the client's doctor",
        Condition.BLOOD_PRESSURE: "the client's doctor",
    }
)


def ask_first(
    exercise: Exercise, asked: Prescription | None, standing: Iterable[JointStatus], on: date
) -> tuple[str, ...]:
    """Answer what is to be asked about before an exercise, one sentence a condition; empty where nothing is.

    ``asked`` adds the held breath of work close to failure; ``on`` is the day it is planned for. House rule.
    """
    demands = set(exercise.demands)
    if asked is not None and _strains(asked):
        demands.add(Demand.BREATH_HOLDING)
    found = []
    for at in standing:
        if not isinstance(at.topic, Condition) or at.topic not in _OF:
            continue
        week = weeks_pregnant(at.entry, on) if at.topic is Condition.PREGNANCY else None
        early = week is not None and week < MID_PREGNANCY_WEEK
        too_early = {Demand.SUPINE} if early else set()
        mine = [d for d in _OF[at.topic] if d in demands and d not in too_early]
        if mine:
            when = f", about week {max(week, 1)}" if week is not None else ""
            what = ", ".join(str(demand) for demand in mine)
            found.append(f"{at.name.capitalize()}{when}: this means {what}; ask {_WHOM[at.topic]} first.")
    return tuple(found)


def _strains(asked: Prescription) -> bool:
    close = asked.left is not None and asked.left <= CLOSE_TO_FAILURE
    few = isinstance(asked.target, Reps) and asked.target.high <= FEW_REPS and asked.load is not None
    return not asked.ramp and (close or few or any(isinstance(plan.target, Most) for plan in asked.plans))
