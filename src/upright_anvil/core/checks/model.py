"""What a check is, what it finds, and how a finding can be mended."""

from collections.abc import Callable, Iterator
from dataclasses import dataclass
from enum import StrEnum
from typing import Literal

from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine, StudiedPhase, StudiedWeek
from upright_anvil.core.ids import NO_LINE, LineId
from upright_anvil.core.plan.edits import Edit


class Severity(StrEnum):
    """How serious a finding is. Nothing is forbidden; an error is what nobody could train."""

    ERROR = "error"
    CAUTION = "caution"
    QUESTION = "question"
    NOTE = "note"


@dataclass(frozen=True, slots=True)
class Fix:
    """A ready fix: what it does in words, and the edits that do it."""

    label: str
    edits: tuple[Edit, ...]


@dataclass(frozen=True, slots=True)
class Violation:
    """What a check says of one place: the sentence with its numbers, the day and line it is about, and a fix.

    ``swap`` asks for the best substitute of the line's exercise as the fix.
    """

    message: str
    day: str = ""
    line: LineId = NO_LINE
    fix: Fix | None = None
    swap: bool = False


Level = Literal["line", "day", "week", "phase"]


@dataclass(frozen=True, slots=True)
class Check:
    """One check: what it is called, how serious, why it asks and on what ground.

    ``look`` gets what its level says: a line of one week, a session, a week or a phase.
    """

    id: str
    level: Level
    severity: Severity
    title: str
    why: str
    source: str
    look: (
        "Callable[[StudiedLine, StudiedDay, Standpoint], Iterator[Violation]]"
        " | Callable[[StudiedDay, Standpoint], Iterator[Violation]]"
        " | Callable[[StudiedWeek, Standpoint], Iterator[Violation]]"
        " | Callable[[StudiedPhase, Standpoint], Iterator[Violation]]"
    )


@dataclass(frozen=True, slots=True)
class Finding:
    """A hit with everything the board needs: the check, the weeks (numbers in the program), and the trainer's reason.

    ``where`` names the place in words and, with the check, tells findings apart.
    """

    check: str
    severity: Severity
    title: str
    message: str
    why: str
    source: str
    phase: str
    day: str
    line: LineId
    where: str
    weeks: tuple[int, ...]
    fix: Fix | None
    answered: str = ""
