"""How well repetitions are counted: 500 simulated sets with noise, pauses and partial repetitions."""

from collections import Counter
from random import Random

from bench.figures import NO_AIM, Figure
from upright_anvil.core.sensing.counting import measured
from upright_anvil.simulators.rep_sensor import Moves, SimulatedRepSensor

SETS = 500
TEMPOS = ((2.0, 0.0, 1.0, 0.0), (3.0, 1.0, 1.0, 0.0), (1.0, 0.0, 0.6, 0.3), (4.0, 0.0, 2.0, 1.0), (2.0, 2.0, 0.7, 1.0))


def sets_of(seed: int, count: int) -> list[tuple[int, int, int, int]]:
    """Answer (true full, counted full, true partial, counted partial) of simulated sets."""
    chance = Random(seed)
    found = []
    for n in range(count):
        moves = Moves(
            reps=chance.randint(1, 20),
            phases=chance.choice(TEMPOS),
            range_cm=chance.uniform(20, 75),
            partial=chance.choice((0.0, 0.0, 0.1, 0.2)),
            pausing=chance.uniform(0, 0.25),
            slowing=chance.uniform(0, 1.0),
            noise_cm=chance.uniform(0.3, 2.0),
            lifts_first=chance.random() < 0.4,
        )
        sensor = SimulatedRepSensor(moves, seed=seed * 10_000 + n)
        seen = measured(list(sensor.samples()))
        found.append((sensor.full, seen.reps, sensor.partial, seen.partial))
    return found


def measure() -> list[Figure]:
    """Count 500 sets and report the confusion."""
    found = sets_of(7, SETS)
    right = sum(1 for true, counted, _, _ in found if true == counted)
    off = Counter(counted - true for true, counted, _, _ in found if true != counted)
    partial_off = Counter(counted - true for _, _, true, counted in found if true != counted)
    partial_right = SETS - sum(partial_off.values())
    return [
        Figure("sets with every repetition counted right, missed", 100 * (1 - right / SETS), 2, "%", _confusion(off)),
        Figure(
            "sets with every partial repetition told apart, missed",
            100 * (1 - partial_right / SETS),
            NO_AIM,
            "%",
            _confusion(partial_off),
        ),
    ]


def _confusion(off: Counter[int]) -> str:
    """How many sets were counted by how many repetitions too many or too few."""
    return ", ".join(f"{by:+d}: {sets} sets" for by, sets in sorted(off.items())) or f"all {SETS} right"
