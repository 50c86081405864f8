"""Exercises to choose from."""

from fastapi import APIRouter

from upright_anvil.api.asked import AskedExercise
from upright_anvil.api.studio import Here
from upright_anvil.core.exercises import Exercise
from upright_anvil.flows import library

router = APIRouter(prefix="/exercises", tags=["library"])


@router.get("")
def exercises(here: Here) -> list[Exercise]:
    """The exercises to choose from, by name."""
    with here.reading() as scope:
        return list(library.choices(scope))


@router.post("", status_code=201)
def add_exercise(asked: AskedExercise, here: Here) -> Exercise:
    """Add an exercise of the trainer's own."""
    with here.writing() as scope:
        return library.add_own(scope, asked.name, asked.pattern, asked.implement, one_sided=asked.one_sided)


@router.delete("/{exercise_id}", status_code=204)
def remove_exercise(exercise_id: str, here: Here) -> None:
    """Remove an own exercise from the choices; plans and history keep it."""
    with here.writing() as scope:
        library.remove_own(scope, exercise_id, here.now)
