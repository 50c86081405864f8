"""A report that is handed to the client: what it holds, and the sentences it begins with; the trainer changes them."""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import date
from decimal import Decimal

from upright_anvil.core.errors import DomainError

LONGEST_DAYS = 366 * 5
LIFTS_NAMED = 3


@dataclass(frozen=True, slots=True)
class ReportWeek:
    """A week of the span: sessions planned and held, hard sets planned and done."""

    monday: date
    planned: int
    held: int
    sets_planned: int
    sets_done: int


@dataclass(frozen=True, slots=True)
class ReportPoint:
    """The estimated maximum on a day with its 95 % interval, in the client's unit."""

    on: date
    value: Decimal
    low: Decimal
    high: Decimal


@dataclass(frozen=True, slots=True)
class ReportLift:
    """A lift over the span: where it began and stands; ``clear`` says that the difference exceeds the error."""

    name: str
    before: Decimal
    after: Decimal
    change: float
    clear: bool
    path: tuple[ReportPoint, ...]


@dataclass(frozen=True, slots=True)
class ReportTest:
    """A test at both ends of the span, in its unit; ``words`` say whether the difference exceeds the error."""

    name: str
    unit: str
    first_on: date
    first: Decimal
    last_on: date
    last: Decimal
    better: bool
    words: str


@dataclass(frozen=True, slots=True)
class ReportTexts:
    """What the trainer may change, paragraph by paragraph; an empty one is left out."""

    opening: str = ""
    work: str = ""
    strength: str = ""
    tests: str = ""
    praise: str = ""
    minded: str = ""
    following: str = ""


@dataclass(frozen=True, slots=True)
class ClientReport:
    """All that a report is made of."""

    client: str
    start: date
    until: date
    unit: str
    weeks: tuple[ReportWeek, ...]
    lifts: tuple[ReportLift, ...]
    tests: tuple[ReportTest, ...]
    texts: ReportTexts


def day_words(on: date) -> str:
    """Answer a date in words: ``4 March 2026``."""
    return f"{on.day} {on:%B %Y}"


def check_span(start: date, until: date, today: date) -> None:
    """Raise `DomainError` for a span that is none: turned round, in the future, or longer than five years."""
    if start >= until:
        raise DomainError("The span ends after it begins: choose an earlier first day.")
    if until > today:
        raise DomainError("The span ends today at the latest.")
    if (until - start).days > LONGEST_DAYS:
        raise DomainError("A report covers five years at most.")


def work_words(weeks: Sequence[ReportWeek]) -> str:
    """Say what was done of what was planned; empty where nothing was either."""
    held, planned = sum(w.held for w in weeks), sum(w.planned for w in weeks)
    sets, asked = sum(w.sets_done for w in weeks), sum(w.sets_planned for w in weeks)
    if not held and not planned:
        return ""
    of = f" of {planned} planned" if planned else ""
    said = f"{held} session{'s' if held != 1 else ''}{of}"
    return f"{said}, and {sets} hard sets{f' of {asked}' if asked else ''}."


def strength_words(lifts: Sequence[ReportLift], unit: str) -> str:
    """Say which lifts changed by more than the error, and how many did not; empty without lifts."""
    clear = sorted((lift for lift in lifts if lift.clear), key=lambda lift: -lift.change)[:LIFTS_NAMED]
    said = [f"{one.name}: about {one.before} to about {one.after} {unit} ({one.change:+.0f} %)." for one in clear]
    rest = sum(1 for lift in lifts if not lift.clear)
    if rest:
        said.append(f"{rest} lift{'s' if rest > 1 else ''} changed less than a good or a bad day does.")
    return " ".join(said)


def test_words(tests: Sequence[ReportTest]) -> str:
    """Say what the re-tests show, the better ones first; empty without tests."""
    ordered = sorted(tests, key=lambda test: not test.better)
    return " ".join(
        f"{test.name}: {test.first} to {test.last} {test.unit}. {test.words}" for test in ordered[:LIFTS_NAMED]
    )
