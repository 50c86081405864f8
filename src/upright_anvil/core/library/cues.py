"""Which cues this client hears."""

from collections.abc import Iterable
from dataclasses import dataclass

from upright_anvil.core.body.joints import Joint
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.health.history import JointStatus


@dataclass(frozen=True, slots=True)
class ChosenCues:
    """Cues, the school they are from (empty for the plain ones), and why they were taken."""

    school: str
    cues: tuple[str, ...]
    why: str = ""


def cues_for(exercise: Exercise, standing: Iterable[JointStatus]) -> ChosenCues:
    """Answer the cues for a client: those that spare a joint in trouble, where the exercise has some, else the plain.

    House rule.
    """
    for at in standing:
        if not isinstance(at.topic, Joint):
            continue
        wanted = f"spare {at.topic}"
        for cue_set in exercise.cue_sets:
            if cue_set.school == wanted:
                return ChosenCues(wanted, cue_set.cues, f"{at.name.capitalize()}: {at.state}.")
    return ChosenCues("", exercise.cues)
