"""What the demo knows of a person before the generator tells the weeks."""

from dataclasses import dataclass

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.health.history import Condition, State
from upright_anvil.core.health.screening import Disease, Intensity, Sign
from upright_anvil.core.loads.load import Load
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.services.clients.clients import ClientFacts


@dataclass(frozen=True, slots=True)
class Lift:
    """An exercise of the demo: what is typed first, and what the client could lift once as the story begins, kg.

    ``gain`` is its own weekly rise, where it goes another way than the rest.
    """

    exercise: str
    text: str
    true_max_kg: float
    gain: float | None = None


@dataclass(frozen=True, slots=True)
class Together:
    """Exercises of the demo that are done round by round, with the rest inside a round and after it, seconds."""

    kind: GroupKind
    lifts: tuple[Lift, ...]
    rest_inside: int | None = None
    rest_after: int | None = None


def lifts_of(entries: tuple[Lift | Together, ...]) -> tuple[Lift, ...]:
    """Answer the exercises of a day in their order."""
    return tuple(lift for entry in entries for lift in (entry.lifts if isinstance(entry, Together) else (entry,)))


@dataclass(frozen=True, slots=True)
class Hurt:
    """A joint that complained with an exercise in some sessions (counted from 0), in the last set."""

    sessions: frozenset[int]
    exercise: str
    joint: Joint
    side: Side | None = None


@dataclass(frozen=True, slots=True)
class Told:
    """An entry of the history, so many weeks before the demo's day."""

    weeks_ago: int
    topic: Joint | Condition
    side: Side | None
    state: State
    words: str
    clinician: bool = False
    due_in_weeks: int | None = None


@dataclass(frozen=True, slots=True)
class ScreenAnswers:
    """A health screen, so many weeks ago."""

    weeks_ago: int
    active: bool
    diseases: tuple[Disease, ...] = ()
    signs: tuple[Sign, ...] = ()
    intends: Intensity = Intensity.LIGHT_TO_MODERATE


@dataclass(frozen=True, slots=True)
class Allowed:
    """A clearance, so many weeks ago."""

    weeks_ago: int
    by: str
    up_to: Intensity
    limits: str = ""


@dataclass(frozen=True, slots=True)
class Measured:
    """A test's results in both rounds: ``12``, left and right ``12/10``, a load for reps with some left ``60x6+2``."""

    test: str
    first: str
    second: str
    variant: str = ""


@dataclass(frozen=True, slots=True)
class Person:
    """A client of the demo: the file, the days with their lifts, and how the story goes.

    ``gain`` is the weekly rise in strength (0.01 = 1 %), ``missed`` names sessions that never happened (counted from
    0), ``hurts`` where a joint was named with a set, ``sore`` the session in which a joint complained, with the note
    that was made. ``rounds`` are the weeks before the demo's day on which the battery was done.
    """

    facts: ClientFacts
    program: str
    days: tuple[tuple[str, tuple[Lift | Together, ...]], ...]
    gain: float
    places: tuple[str, ...]
    body_weight: Load
    history: tuple[Told, ...]
    screen: ScreenAnswers
    battery: str
    rounds: tuple[int, int]
    results: tuple[Measured, ...]
    clearance: Allowed | None = None
    missed: frozenset[int] = frozenset()
    sore: tuple[int, str] | None = None
    leaves_open: int = 0
    hurts: tuple[Hurt, ...] = ()
