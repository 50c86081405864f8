"""Results: one row a measurement; what cannot be is refused, what is doubtful is asked about."""

from collections.abc import Iterable
from dataclasses import dataclass
from datetime import date, datetime
from decimal import Decimal

from upright_anvil.core.assessment.items import GRADES, Ended, TestItem, TestKind
from upright_anvil.core.body.joints import Side
from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Load, plain
from upright_anvil.core.strength.estimate import estimate_max

MOST_REPS = 1000
MAX_ESTIMATE_RESULT_REPS = 20


@dataclass(frozen=True, slots=True)
class TestResult:
    """One measurement. ``value`` is reps, seconds, metres, centimetres or a grade; loads and body weight are ``load``.

    ``grade`` adds a quality (0 to 3) to any test. ``confirmed`` says that a doubtful figure was looked at; ``single``
    that the trainer chose a single to failure. ``replaces`` names the row it corrects.
    """

    id: str
    test: str
    on: date
    value: Decimal | None = None
    load: Load | None = None
    side: Side | None = None
    variant: str = ""
    reserve: int | None = None
    ended: Ended | None = None
    grade: int | None = None
    note: str = ""
    source: str = "typed"
    confirmed: bool = False
    single: bool = False
    replaces: str | None = None
    round_id: str | None = None
    at: datetime | None = None

    @property
    def slot(self) -> tuple[str | None, str, Side | None, date | None]:
        """What a correction shares with the row it corrects: round, test and side; without a round, the day."""
        return (self.round_id, self.test, self.side, None if self.round_id else self.on)


@dataclass(frozen=True, slots=True)
class StandingResult:
    """The result that stands in a slot, and the earlier values, oldest first."""

    result: TestResult
    earlier: tuple[TestResult, ...]


TENTH = Decimal("0.1")
HUGE = 10**12
"""A figure beyond it is shown as it was typed."""


def _shown(figure: Decimal) -> str:
    return plain(figure.quantize(TENTH) if abs(figure) < HUGE else figure)


def check_result(item: TestItem, result: TestResult, today: date, *, clear_for_single: bool) -> str | None:
    """Answer a question where the figure is far outside the plausible and was not confirmed, else None.

    Raises `DomainError` for what cannot be: a negative figure, half a repetition, a side left out, a day to come, and a
    single to failure unless the trainer chose one and the health screen is clear. House rule.
    """
    if result.on > today:
        raise DomainError(f"{result.on:%d %B %Y} has not come yet.")
    if item.sides != (result.side in (Side.LEFT, Side.RIGHT)):
        raise DomainError("Say which side was tested." if item.sides else f"{item.name} has no sides.")
    if item.variants and result.variant not in item.variants:
        raise DomainError(f"Say which variant it was: {', '.join(item.variants)}.")
    if result.grade is not None and not 0 <= result.grade < len(GRADES):
        raise DomainError(f"A grade is 0 to {len(GRADES) - 1}, not {result.grade}.")
    _check_figure(item, result, clear_for_single=clear_for_single)
    found = figure(item, result)
    if found is None or item.low <= found <= item.high or result.confirmed:
        return None
    return (
        f"{item.name}: {_shown(found)} {item.unit} is outside {plain(item.low)} to {plain(item.high)}. Is that right?"
    )


def _check_figure(item: TestItem, result: TestResult, *, clear_for_single: bool) -> None:
    weighed = item.kind in (TestKind.LOAD_REPS, TestKind.BODY_WEIGHT)
    if weighed and (result.load is None or not result.load.value):
        raise DomainError("Say the weight; it must be more than 0.")
    if item.kind is TestKind.BODY_WEIGHT:
        return
    value = result.value
    if value is None or not value.is_finite():
        raise DomainError(f"{item.name} needs a figure.")
    may_be_negative = item.kind is TestKind.RANGE
    if value < 0 and not may_be_negative:
        raise DomainError(f"{item.name} cannot be {plain(value)}: it must be 0 or more.")
    counted = item.whole or item.kind is TestKind.LOAD_REPS
    if counted and value != int(value):
        raise DomainError(f"{item.name} is counted in whole numbers, not {plain(value)}.")
    if item.kind is TestKind.GRADE and value >= len(GRADES):
        raise DomainError(f"A grade is 0 to {len(GRADES) - 1}, not {plain(value)}.")
    if counted and value > MOST_REPS:
        raise DomainError(f"{plain(value)} repetitions is more than anybody counts here.")
    if item.kind is TestKind.LOAD_REPS:
        _check_load_reps(int(value), result, clear_for_single=clear_for_single)


def _check_load_reps(reps: int, result: TestResult, *, clear_for_single: bool) -> None:
    if not 1 <= reps <= MAX_ESTIMATE_RESULT_REPS:
        raise DomainError(f"Take a load for 1 to {MAX_ESTIMATE_RESULT_REPS} reps: beyond that no maximum is estimated.")
    if reps == 1 and not result.reserve:
        if not result.single:
            raise DomainError("The maximum is estimated, not lifted: take a load for a few reps, or choose a single.")
        if not clear_for_single:
            raise DomainError("A single is open only to a client whose health screen is clear for vigorous work.")


def figure(item: TestItem, result: TestResult) -> Decimal | None:
    """Answer the figure of a result in the item's unit: for a load with reps, the estimated maximum in kilograms.

    Body weight is in kilograms. None where nothing comparable was measured.
    """
    if item.kind is TestKind.BODY_WEIGHT:
        return result.load.kg if result.load else None
    if item.kind is TestKind.LOAD_REPS:
        if result.load is None or result.value is None:
            return None
        return estimate_max(result.load.kg, int(result.value), result.reserve)
    return result.value


def standing_results(
    rows: Iterable[TestResult],
) -> dict[tuple[str | None, str, Side | None, date | None], StandingResult]:
    """Answer the row that stands in each slot: the last to arrive, with the earlier ones kept beside it."""
    found: dict[tuple[str | None, str, Side | None, date | None], StandingResult] = {}
    for row in rows:
        before = found.get(row.slot)
        found[row.slot] = StandingResult(row, (*before.earlier, before.result) if before else ())
    return found
