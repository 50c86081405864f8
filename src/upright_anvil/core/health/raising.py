"""What in a client's health file stands against asking for more of an exercise today. House rule, health governs."""

from collections.abc import Iterable

from upright_anvil.core.body.joints import Joint
from upright_anvil.core.exercises import Exercise, ExerciseKind
from upright_anvil.core.health.history import Condition, JointStatus, State
from upright_anvil.core.health.screening import HealthStanding, Intensity
from upright_anvil.core.prescription.effort import is_vigorous
from upright_anvil.core.prescription.model import Prescription

SPARED = frozenset({State.HURTS, State.SPARE})
"""States of a joint in which nothing that loads it goes up. House rule."""

_EASY = frozenset({ExerciseKind.CARDIO, ExerciseKind.BALANCE, ExerciseKind.MOBILITY, ExerciseKind.STRETCH})


def why_not_up(
    exercise: Exercise, asked: Prescription, standing: Iterable[JointStatus], screening: HealthStanding | None
) -> str:
    """Answer why nothing may go up, in words; empty where the file does not stand against it.

    A joint that the exercise loads and that hurts or is spared; a condition that hurts now, or that no clinician knows
    of; a clearance that comes first, or that is missing for work this hard. Never screened is not cleared. House rule.
    """
    kept = tuple(standing)
    return spared_joint(exercise, kept) or open_condition(kept) or clearance(exercise, asked, screening)


def not_enough_alone(exercise: Exercise, standing: Iterable[JointStatus], *, new: bool) -> str:
    """Say why work that nobody watched is not enough to add load: a joint in it is written down, or the client is new.

    Empty where it is. House rule.
    """
    for at in standing:
        if isinstance(at.topic, Joint) and exercise.stress_on(at.topic) is not None:
            return f"the {at.name} is written down"
    return "the client is new to training" if new else ""


def spared_joint(exercise: Exercise, standing: Iterable[JointStatus]) -> str:
    """Say which joint that the exercise loads hurts or is spared; empty where none is."""
    for at in standing:
        if isinstance(at.topic, Joint) and at.state in SPARED and exercise.stress_on(at.topic) is not None:
            return f"{at.name.capitalize()}: {at.state}, and this loads it"
    return ""


def open_condition(standing: Iterable[JointStatus]) -> str:
    """Say which condition is unresolved: it hurts now or is to be spared, or no clinician knows of it."""
    for at in standing:
        if not isinstance(at.topic, Condition):
            continue
        if at.state in SPARED:
            return f"{at.name.capitalize()}: {at.state}; a clinician or midwife has the word before more is asked"
        if not at.entry.clinician:
            return f"{at.name.capitalize()} is written down and no clinician has been asked about it"
    return ""


def clearance(exercise: Exercise, asked: Prescription, screening: HealthStanding | None) -> str:
    """Say that the health screen does not allow more of this yet; empty where it does."""
    if screening is None:
        return ""
    if screening.allowed is None:
        return screening.reminder.rstrip(".") if screening.reminder else "Clearance by a clinician comes first"
    if screening.allowed is Intensity.VIGOROUS or exercise.kind in _EASY:
        return ""
    if asked.left is not None and not is_vigorous(asked):
        return ""
    why = screening.reminder or screening.reason
    return f"Light to moderate at most for now, and this is harder or says no reserve ({why.rstrip('.')})"
