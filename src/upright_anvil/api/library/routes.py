"""Exercises: finding one, its page, what to do instead, and the trainer's own."""

from dataclasses import dataclass
from typing import Annotated

from fastapi import Query, Response
from fastapi.concurrency import run_in_threadpool

from upright_anvil.api.library.requests import ExerciseLikeRequest, ExerciseRequest, PictureRequest
from upright_anvil.api.routing import resource
from upright_anvil.api.studio import Here
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ids import ClientId, ExerciseId, PlaceId
from upright_anvil.core.library.ladders import Ladder
from upright_anvil.core.library.substitutes import Substitute
from upright_anvil.core.progression.registry import POLICIES
from upright_anvil.formats.picture_file import MEDIA_TYPE, small_picture
from upright_anvil.services import shelf
from upright_anvil.services.library import own_exercises, pictures, search, substitutes
from upright_anvil.services.library.search import Found
from upright_anvil.services.library.substitutes import ExerciseView
from upright_anvil.store.file.database import Scope

router = resource(tag="library")


class PictureResponse(Response):
    """A picture as it is kept."""

    media_type = MEDIA_TYPE


Typed = Annotated[str, Query(max_length=520)]


@dataclass(frozen=True, slots=True)
class PolicyHead:
    """A way to raise a line."""

    id: str
    title: str


@router.get("/exercises")
def find_exercises(
    here: Here,
    q: Typed = "",
    client: ClientId | None = None,
    place: PlaceId | None = None,
    limit: Annotated[int, Query(ge=1, le=100)] = 30,
) -> Found:
    """The exercises that fit the name that was typed, best first; shorthand behind it is answered as the line."""
    with here.reading() as scope:
        return search.find(scope, q, limit, here.today, client, place)


@router.post("/exercises", status_code=201)
async def add_exercise(asked: ExerciseRequest, here: Here) -> Exercise:
    """Add an exercise of the trainer's own."""
    return await here.write(lambda scope: own_exercises.add_own(scope, asked.exercise()))


@router.post("/exercises/like", status_code=201)
async def add_exercise_like(asked: ExerciseLikeRequest, here: Here) -> Exercise:
    """Add an exercise of the trainer's own by its name and one that it is like."""
    return await here.write(lambda scope: own_exercises.add_like(scope, asked.name, asked.like))


@router.get("/exercises/{exercise_id}")
def exercise_page(exercise_id: ExerciseId, here: Here, client: ClientId | None = None) -> ExerciseView:
    """One exercise with its ladders."""
    with here.reading() as scope:
        return substitutes.exercise_view(scope, exercise_id, client, here.today)


@router.put("/exercises/{exercise_id}")
async def change_exercise(exercise_id: ExerciseId, asked: ExerciseRequest, here: Here) -> Exercise:
    """Change an own exercise, or keep an edit of a shipped one apart from it."""

    def change(scope: Scope) -> Exercise:
        before = shelf.library(scope).exercise(exercise_id)
        return own_exercises.change_exercise(scope, exercise_id, asked.exercise(before))

    return await here.write(change)


@router.delete("/exercises/{exercise_id}", status_code=204)
async def remove_exercise(exercise_id: ExerciseId, here: Here) -> None:
    """Remove an own exercise, or an edit; plans and history keep it."""
    await here.write(lambda scope: own_exercises.remove_own(scope, exercise_id, here.now))


@dataclass(frozen=True, slots=True)
class PictureMark:
    """The mark of a picture that is kept: new with each one."""

    mark: str


@router.put("/exercises/{exercise_id}/picture")
async def keep_picture(exercise_id: ExerciseId, asked: PictureRequest, here: Here) -> PictureMark:
    """Keep a photo or drawing beside an exercise, shrunk, in place of the one before."""
    small = await run_in_threadpool(small_picture, asked.content)
    return PictureMark(await here.write(lambda scope: pictures.keep_picture(scope, exercise_id, small, here.now)))


@router.delete("/exercises/{exercise_id}/picture", status_code=204)
async def drop_picture(exercise_id: ExerciseId, here: Here) -> None:
    """Take the picture of an exercise away."""
    await here.write(lambda scope: pictures.drop_picture(scope, exercise_id))


@router.get("/exercises/{exercise_id}/picture/{mark}", response_class=PictureResponse)
def picture(exercise_id: ExerciseId, mark: str, here: Here) -> Response:
    """A picture by its mark; it never changes under it."""
    with here.reading() as scope:
        content = pictures.picture(scope, exercise_id, mark)
    return PictureResponse(content, headers={"Cache-Control": "private, max-age=31536000, immutable"})


@router.get("/exercises/{exercise_id}/substitutes")
def exercise_substitutes(
    exercise_id: ExerciseId,
    here: Here,
    client: ClientId | None = None,
    place: PlaceId | None = None,
    reps: Annotated[int, Query(ge=1, le=20)] = 8,
) -> list[Substitute]:
    """What to do instead, best first."""
    with here.reading() as scope:
        found = substitutes.exercise_substitutes(scope, exercise_id, client, place, here.today, reps)
    return list(found)


@router.get("/ladders")
def ladders(here: Here) -> list[Ladder]:
    """All ladders."""
    with here.reading() as scope:
        return list(shelf.library(scope).ladders.all)


@router.get("/policies")
def policies() -> list[PolicyHead]:
    """The ways to raise a line, in their order."""
    return [PolicyHead(one.id, one.title) for one in POLICIES.values()]
