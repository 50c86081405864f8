"""What a plan is read against."""

from bisect import bisect_right
from collections.abc import Mapping
from dataclasses import dataclass, replace
from datetime import date

from upright_anvil.core.blocks import Athlete
from upright_anvil.core.exercises import Exercise, unknown_exercise
from upright_anvil.core.health.history import JointStatus
from upright_anvil.core.health.screening import HealthStanding
from upright_anvil.core.ids import ExerciseId, PlaceId
from upright_anvil.core.library.ladders import Ladders
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Kilograms, Load, Unit
from upright_anvil.core.strength.known import Known


@dataclass(frozen=True, slots=True)
class Tested:
    """An exercise tested with a load for a few repetitions, with what was left (None: nobody said)."""

    exercise: ExerciseId
    on: date
    load: Load
    reps: int
    reserve: int | None


@dataclass(frozen=True, slots=True, kw_only=True)
class ClientProfile:
    """What a plan is read against: the client's unit, body and joints, the places, the exercises, the pace.

    ``inventory`` is that of the usual place, ``places`` those of all the client's places by id, ``place_names`` their
    names; ``last_loads`` is what was used last of each exercise. ``weights`` are the body weights by day, kg, oldest
    first, the last of which is ``body_kg``; ``tested`` what was tested with a load. ``known`` is the client's strength;
    ``max_kg`` are its estimates, kg moved. ``screening`` is where the client stands with screen and clearance.
    """

    unit: Unit
    inventory: Inventory
    exercises: Mapping[ExerciseId, Exercise]
    max_kg: Mapping[ExerciseId, Kilograms]
    body_kg: Kilograms | None
    standing: tuple[JointStatus, ...]
    ladders: Ladders
    pace: float
    places: Mapping[PlaceId, Inventory]
    place_names: Mapping[PlaceId, str]
    last_loads: Mapping[ExerciseId, Load]
    weights: tuple[tuple[date, Kilograms], ...]
    tested: tuple[Tested, ...]
    known: Known
    screening: HealthStanding | None

    @classmethod
    def nothing_known(
        cls, unit: Unit, inventory: Inventory, exercises: Mapping[ExerciseId, Exercise], ladders: Ladders
    ) -> "ClientProfile":
        """Answer the profile of somebody of whom nothing is known yet, at one place: said, never left out by chance."""
        return cls(
            unit=unit,
            inventory=inventory,
            exercises=exercises,
            max_kg={},
            body_kg=None,
            standing=(),
            ladders=ladders,
            pace=1.0,
            places={},
            place_names={},
            last_loads={},
            weights=(),
            tested=(),
            known=Known(),
            screening=None,
        )

    def knowing(self, known: Known) -> "ClientProfile":
        """Answer the profile with what is known of the client's strength."""
        return replace(self, known=known, max_kg=known.max_kg, last_loads=known.last_loads)

    def body_on(self, day: date) -> Kilograms | None:
        """Answer the body weight that held on a day, kg: the last one weighed by then, else the first one known."""
        by_then = bisect_right(self.weights, day, key=lambda weighed: weighed[0])
        return self.weights[max(by_then - 1, 0)][1] if self.weights else self.body_kg

    def exercise(self, exercise_id: ExerciseId) -> Exercise:
        """Answer the exercise, or a stand-in for one that is gone."""
        return self.exercises.get(exercise_id) or unknown_exercise(exercise_id)

    def athlete(self, exercise_id: ExerciseId) -> Athlete:
        """Answer what the set blocks of this exercise are drawn against."""
        return Athlete(self.body_kg, self.max_kg.get(exercise_id))

    def at(self, place_id: PlaceId) -> "ClientProfile":
        """Answer the profile at a place; at the usual one where none is named or it is not known any more."""
        inventory = self.places.get(place_id)
        return self if inventory is None or inventory is self.inventory else replace(self, inventory=inventory)
