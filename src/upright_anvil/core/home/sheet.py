"""A home sheet: what a client does alone, as the client's phone shows and runs it."""

from collections.abc import Mapping
from dataclasses import dataclass
from datetime import date

from upright_anvil.core.body.joints import Side
from upright_anvil.core.clock.model import Clock
from upright_anvil.core.clock.tempo_beats import Metronome
from upright_anvil.core.ids import ClientId, DayId, ExerciseId, LineId, ProgramId, WeekId
from upright_anvil.core.ledger.aim import Aim
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.phrases import Language
from upright_anvil.core.session.order import Turn


@dataclass(frozen=True, slots=True)
class HomeSet:
    """One set: what one tap logs, and the figure in words; ``low`` to ``high`` repetitions where there is a range."""

    number: int
    ramp: bool
    words: str
    aim: Aim
    sides: tuple[Side, ...]
    low: int | None = None
    high: int | None = None


@dataclass(frozen=True, slots=True)
class HomeRung:
    """The rung beside an exercise, for a day it is too much or too little."""

    name: str
    cues: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class HomeMove:
    """One exercise of a day.

    ``dose`` is what is asked in words, ``always`` what the trainer wrote for this client with it, ``cautions`` what a
    joint needs minding, ``loads`` those at hand (lightest first), ``picture`` an address that holds the picture itself.
    ``clock`` says that its group is run by one; ``rest`` is seconds between sets.
    """

    line: LineId
    exercise: ExerciseId
    name: str
    planned: str
    dose: str
    cues: tuple[str, ...]
    always: str
    together: str
    cautions: tuple[str, ...]
    easier: HomeRung | None
    harder: HomeRung | None
    sets: tuple[HomeSet, ...]
    rest: int
    group: str
    clock: bool
    loads: tuple[Load, ...]
    metronome: Metronome | None
    picture: str = ""


@dataclass(frozen=True, slots=True)
class HomeDay:
    """One day of a sheet: its moves, the clocks of its timed groups, and the order the sets are done in."""

    week_id: WeekId
    day_id: DayId
    name: str
    on: date
    on_words: str
    week: int
    minutes: int
    moves: tuple[HomeMove, ...]
    clocks: tuple[Clock, ...]
    order: tuple[Turn, ...]


@dataclass(frozen=True, slots=True)
class HomeSheet:
    """A sheet: for whom, from which revision of which program, its days, and what to stop for.

    ``key`` signs what comes back. ``sentences`` are those of the client's language by their English, ``address`` the
    studio's on its own network, for sending from there.
    """

    id: str
    key: str
    client_id: ClientId
    client: str
    program_id: ProgramId
    revision: int
    program: str
    made_on: date
    unit: Unit
    language: Language
    sentences: Mapping[str, str]
    days: tuple[HomeDay, ...]
    stop_rules: tuple[str, ...]
    signs: tuple[str, ...]
    what_to_do: str
    address: str = ""


STOP_RULES = (
    "Stop a set when the form goes, not when the number says so.",
    "Something that hurts stops. Tap “It hurt”: your trainer sees it.",
    "Not today is fine: skip, and say why in a note.",
)
"""What goes for all work alone. House wording."""

SIGNS_ALONE = (
    "Stop. Sit or lie down, and do not stay alone. If it does not pass at once, or you are in doubt, call the "
    "emergency number. Train again only when a clinician says so."
)
"""What to do at a warning sign with nobody beside. House wording of common guidance."""
