"""The timeline of a block: steps one after the other, each with what is called in it and when."""

from dataclasses import dataclass
from enum import StrEnum

from upright_anvil.core.body.joints import Side
from upright_anvil.core.ids import NO_LINE, LineId


class StepKind(StrEnum):
    """What a step is."""

    READY = "get ready"
    WORK = "work"
    ROUNDS = "rounds"
    CHANGE = "change sides"
    PAUSE = "pause"
    REST = "rest"


class Sound(StrEnum):
    """What is heard with a call."""

    NONE = "none"
    TICK = "tick"
    GO = "go"
    STOP = "stop"
    MARK = "mark"


@dataclass(frozen=True, slots=True)
class Call:
    """Something called: ``at`` seconds into the step, or before its end where ``from_end`` says so."""

    at: int
    say: str
    sound: Sound = Sound.NONE
    from_end: bool = False


@dataclass(frozen=True, slots=True)
class ClockStep:
    """One step of a timeline.

    ``seconds`` is None where it lasts until somebody taps. ``line`` and ``number`` name the set that is worked or comes
    next. ``closes`` says that the set is done with the end of this step. ``marks`` are seconds at which a fitter client
    carries on; the first is the work that was asked for. ``opens`` begins a station that owns its time; ``fills`` says
    that a rest ends so many seconds after that began, whatever of it was work. ``stations`` are the lines of a round.
    """

    kind: StepKind
    seconds: int | None
    title: str
    detail: str
    line: LineId = NO_LINE
    number: int = 0
    round: int = 1
    side: Side | None = None
    closes: bool = False
    marks: tuple[int, ...] = ()
    calls: tuple[Call, ...] = ()
    opens: bool = False
    fills: int | None = None
    stations: tuple[LineId, ...] = ()


@dataclass(frozen=True, slots=True)
class Clock:
    """The timeline of one group: its steps, its length in seconds (what lasts until a tap is reckoned), its lines.

    The seconds are those of the plan, from the first start on: getting ready comes before.

    ``hands_free`` says that it runs from start to end without a tap.
    """

    group: str
    title: str
    lines: tuple[str, ...]
    steps: tuple[ClockStep, ...]
    seconds: int
    hands_free: bool
