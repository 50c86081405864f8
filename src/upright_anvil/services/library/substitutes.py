"""What to do instead of an exercise, for a client at a place."""

from collections import OrderedDict
from collections.abc import Mapping
from dataclasses import dataclass
from datetime import date

from upright_anvil.core.exercises import Exercise
from upright_anvil.core.health.cautions import Caution, joint_cautions
from upright_anvil.core.health.history import JointStatus
from upright_anvil.core.ids import ClientId, ExerciseId, PlaceId
from upright_anvil.core.library.cues import ChosenCues, cues_for
from upright_anvil.core.library.ladders import Ladder
from upright_anvil.core.library.substitutes import Substitute, SubstitutionContext, substitutes
from upright_anvil.core.loads.inventory import ANYWHERE, Inventory
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.known import nearest_known
from upright_anvil.services.clients.places import inventory_of
from upright_anvil.services.health.health_file import standing_of
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.shelf import library
from upright_anvil.store.file.database import Scope
from upright_anvil.store.studio.places import place

REMEMBERED = 500
"""How many answers for the floor are kept in memory."""

MEANT_REPS = 8
"""Repetitions a carried-over load is worked out for where no line says. House rule."""


@dataclass(frozen=True, slots=True)
class Rung:
    """A rung of a shown ladder."""

    id: ExerciseId
    name: str
    here: bool


@dataclass(frozen=True, slots=True)
class ShownLadder:
    """A ladder as it is drawn: easiest first."""

    id: str
    name: str
    rungs: tuple[Rung, ...]


@dataclass(frozen=True, slots=True)
class ExerciseView:
    """An exercise with its ladders; with a client, the cues she hears and what her joints say of it.

    ``picture`` is the mark of the trainer's own picture, empty where there is none.
    """

    exercise: Exercise
    ladders: tuple[ShownLadder, ...]
    cues: ChosenCues
    cautions: tuple[Caution, ...]
    picture: str


def exercise_view(scope: Scope, exercise_id: ExerciseId, client_id: ClientId | None, today: date) -> ExerciseView:
    """Answer an exercise's page. Raises `NotFoundError`."""
    shelf = library(scope)
    exercise = shelf.exercise(exercise_id)
    standing = standing_of(scope, client_id, today) if client_id else ()
    ladders = (_shown(ladder, shelf.exercises, exercise_id) for ladder in shelf.ladders.of(exercise_id))
    return ExerciseView(
        exercise,
        tuple(ladders),
        cues_for(exercise, standing),
        joint_cautions(exercise, standing),
        shelf.pictures.get(exercise_id, ""),
    )


def exercise_substitutes(
    scope: Scope,
    exercise_id: ExerciseId,
    client_id: ClientId | None,
    place_id: PlaceId | None,
    today: date,
    reps: int = MEANT_REPS,
) -> tuple[Substitute, ...]:
    """Answer what to do instead, best first; at the client's usual place unless another is named.

    Without client and place everything is taken to be at hand. Raises `NotFoundError`.
    """
    shelf = library(scope)
    exercise = shelf.exercise(exercise_id)
    if client_id is None:
        at = inventory_of(place(scope, place_id)) if place_id else ANYWHERE
        return substitutes(exercise, shelf.exercises.values(), shelf.ladders, SubstitutionContext(at, Unit.KG))
    profile = client_profile(scope, client_id, today)
    at = inventory_of(place(scope, place_id)) if place_id else profile.inventory
    return instead_of(exercise, profile, at, reps)


def instead_of(
    exercise: Exercise, profile: ClientProfile, at: Inventory | None = None, reps: int = MEANT_REPS, limit: int = 8
) -> tuple[Substitute, ...]:
    """Answer what to do instead in a client's profile, best first."""
    there = profile.inventory if at is None else at
    known = nearest_known(exercise, profile)
    context = SubstitutionContext(there, profile.unit, profile.standing, profile.body_kg, known, reps)
    return substitutes(exercise, profile.exercises.values(), profile.ladders, context, limit)


_names: OrderedDict[tuple[int, int, str, tuple[JointStatus, ...]], tuple[ClientProfile, tuple[str, ...]]] = (
    OrderedDict()
)


def names_instead(exercise: Exercise, profile: ClientProfile) -> tuple[str, ...]:
    """Answer the names of the best three, for the floor; remembered while library, place and joints stay the same.

    The profile is kept with its answer, so that no other library or place can come to stand at the same address.
    """
    key = (id(profile.exercises), id(profile.inventory), exercise.id, profile.standing)
    if key not in _names:
        found = instead_of(exercise, profile, limit=3)
        _names[key] = (profile, tuple(s.exercise.name for s in found))
        if len(_names) > REMEMBERED:
            _names.popitem(last=False)
    return _names[key][1]


def _shown(ladder: Ladder, exercises: Mapping[ExerciseId, Exercise], here: str) -> ShownLadder:
    rungs = (Rung(rung, exercises[rung].name, rung == here) for rung in ladder.rungs if rung in exercises)
    return ShownLadder(ladder.id, ladder.name, tuple(rungs))
