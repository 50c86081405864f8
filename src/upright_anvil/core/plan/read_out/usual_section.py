"""Which section of a session an exercise usually goes to."""

from upright_anvil.core.exercises import Exercise, ExerciseKind
from upright_anvil.core.plan.document import Section

_USUAL = {
    ExerciseKind.WARM_UP: Section.WARM_UP,
    ExerciseKind.MOBILITY: Section.WARM_UP,
    ExerciseKind.CARDIO: Section.CARDIO,
    ExerciseKind.STRETCH: Section.COOL_DOWN,
}


def usual_section(exercise: Exercise) -> Section | None:
    """Answer the section an exercise usually goes to; None where it may stand anywhere. House rule."""
    return _USUAL.get(exercise.kind)
