"""What a client is known to lift that is most like an exercise: what a load can be carried over from."""

from upright_anvil.core.exercises import Exercise
from upright_anvil.core.library.starting_load import KnownLoad
from upright_anvil.core.plan.read_out.client_profile import ClientProfile


def nearest_known(wanted: Exercise, profile: ClientProfile) -> KnownLoad | None:
    """Answer the exercise itself where its maximum is estimated, else the kin lifted most like it; None without any.

    House rule.
    """
    found = []
    for exercise_id, most in profile.max_kg.items():
        exercise = profile.exercise(exercise_id)
        implement = exercise.implement_at(profile.inventory)
        share = exercise.share_with(implement)
        if implement and (exercise_id == wanted.id or (share and exercise.family == wanted.family)):
            unlike = abs((share or 0) - (wanted.share_with(wanted.implement_at(profile.inventory)) or 0))
            found.append((exercise_id != wanted.id, unlike, exercise_id, KnownLoad(exercise, implement, most)))
    return min(found, key=lambda entry: entry[:3])[3] if found else None
