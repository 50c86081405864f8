"""What is worth telling a client, gathered from tests, strength, repetitions at a load and joints."""

from collections.abc import Iterator, Mapping, Sequence
from dataclasses import replace
from datetime import date

from upright_anvil.core.assessment.compare import TestChange
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.loads.load import Kilograms, Unit, in_unit
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.progress.at_load import LoadedSet, most_gained
from upright_anvil.core.progress.highlights import Telling, of_pain, of_reps, of_strength, of_test
from upright_anvil.core.strength.standing import Strength
from upright_anvil.services.assessment.rounds import Pair, SideBySide
from upright_anvil.store.log.training_sessions import HeldSession


def name_of(pair: Pair) -> str:
    """Answer what a test of one side is called."""
    return f"{pair.item.name}, {pair.side}" if pair.side else pair.item.name


def in_clients_unit(change: TestChange, unit: str, clients: Unit) -> tuple[TestChange, str]:
    """Answer a change with its figures in the client's unit where they are a weight, to 0.1, and that unit."""
    if unit != Unit.KG or clients is Unit.KG:
        return change, unit
    earlier, later = (round(in_unit(Kilograms(kg), clients), 1) for kg in (change.earlier, change.later))
    return replace(change, earlier=earlier, later=later), clients.value


def tellings(
    strong: Mapping[ExerciseId, Strength],
    profile: ClientProfile,
    done: Mapping[ExerciseId, Sequence[LoadedSet]],
    sides: SideBySide,
    pains: Sequence[tuple[date, str]],
    sessions: Sequence[HeldSession],
    today: date,
) -> Iterator[Telling | None]:
    """Answer what tests, strength, repetitions at a load and joints say, each where it is worth telling."""
    for pair in sides.pairs:
        if pair.change is not None and sides.earlier is not None:
            change, unit = in_clients_unit(pair.change, pair.item.unit, profile.unit)
            yield of_test(name_of(pair), unit, change, sides.earlier.on)
    for strength in strong.values():
        exercise = profile.exercise(strength.exercise)
        if not exercise.bodyweight_share:
            yield of_strength(exercise.name, strength.path, profile.unit)
    for exercise_id, sets in done.items():
        gained = most_gained(profile.exercise(exercise_id).name, sets)
        if gained is not None:
            yield of_reps(gained)
    for joint in {joint for _, joint in pains}:
        last = max(on for on, name in pains if name == joint)
        yield of_pain(joint, last, sum(1 for s in sessions if s.finished_at and s.on_date > last), today)
