"""The bounds of a prescription's numbers, and the sentence that refuses what lies outside."""

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Load

MAX_SETS = 20
MAX_REPS = 100
MAX_WORK_SECONDS = 6 * 3600
"""The longest work by the clock or over a distance: a day out."""
MAX_COUNTED = 999
"""Repetitions counted within work by the clock: skips of a rope, steps of a march."""
MAX_METRES = 50_000
MAX_REST_SECONDS = 1800
MAX_RESERVE = 10
MAX_PHASE_SECONDS = 60
MAX_PER_CENT = 120
MAX_DENSITY_SECONDS = 3600
MAX_ALTERNATIVES = 4


def within(what: str, value: int, low: int, high: int, unit: str = "") -> None:
    """Raise `DomainError` unless a value lies in its bounds."""
    if not low <= value <= high:
        raise DomainError(f"{what} must be {low} to {high}{unit}, not {value}.")


def check_sets(sets: int) -> None:
    """Raise `DomainError` unless it is a number of sets."""
    within("Sets", sets, 1, MAX_SETS)


def check_rest(seconds: int) -> None:
    """Raise `DomainError` unless it is a rest, seconds."""
    within("Rest", seconds, 0, MAX_REST_SECONDS, " s")


def check_reserve(reps: int) -> None:
    """Raise `DomainError` unless it is a number of repetitions left."""
    within("Reps left", reps, 0, MAX_RESERVE)


def check_load(load: Load) -> None:
    """Raise `DomainError` for a load of nothing."""
    if not load.value:
        raise DomainError("A load must be more than 0; leave it out where there is none.")
