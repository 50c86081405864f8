"""Testing a client: a round of a battery, its results, and two rounds side by side."""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import date, datetime
from decimal import Decimal

from upright_anvil.core.assessment.compare import TestChange, compare
from upright_anvil.core.assessment.items import TestItem
from upright_anvil.core.assessment.results import TestResult, check_result, figure, standing_results
from upright_anvil.core.body.joints import Side
from upright_anvil.core.errors import DomainError
from upright_anvil.core.health.cautions import Caution, joint_cautions
from upright_anvil.core.health.screening import HealthStanding
from upright_anvil.core.ids import ClientId
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.services.assessment.batteries import all_tests, battery
from upright_anvil.services.conflicts import DoubtError
from upright_anvil.services.health.health_file import may_single, screening_of, standing_of
from upright_anvil.services.shelf import all_exercises
from upright_anvil.store.client import testing as store
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.once import stored
from upright_anvil.store.tables import TestRoundRow


@dataclass(frozen=True, slots=True)
class KeptResult:
    """What is stored of a result; ``new`` is false when it was stored before."""

    id: str
    new: bool


@dataclass(frozen=True, slots=True)
class ResultView:
    """A result with its figure in the test's unit, and the earlier values it corrects, oldest first."""

    result: TestResult
    figure: Decimal | None
    earlier: tuple[TestResult, ...]


@dataclass(frozen=True, slots=True)
class RoundTest:
    """One test of a round and side: the result that stands, and the one of the round before.

    ``cautions`` are what the client's joints say of the exercise it is done with.
    """

    item: TestItem
    side: Side | None
    cautions: tuple[Caution, ...]
    result: ResultView | None
    last_time: ResultView | None
    last_on: date | None


@dataclass(frozen=True, slots=True)
class RoundView:
    """A round as the floor shows it."""

    id: str
    client_id: ClientId
    client: str
    unit: Unit
    battery: str
    name: str
    on: date
    finished_at: datetime | None
    screening: HealthStanding
    may_single: bool
    body_weight: Load | None
    tests: tuple[RoundTest, ...]


@dataclass(frozen=True, slots=True)
class RoundHead:
    """A round on the list: ``done`` of ``of`` measures have a result."""

    id: str
    battery: str
    name: str
    on: date
    finished: bool
    done: int


@dataclass(frozen=True, slots=True)
class Pair:
    """One test and side, earlier and later, with the change between them where both have a figure."""

    item: TestItem
    side: Side | None
    earlier: ResultView | None
    later: ResultView | None
    change: TestChange | None


@dataclass(frozen=True, slots=True)
class SideBySide:
    """Two rounds side by side."""

    client_id: ClientId
    client: str
    rounds: tuple[RoundHead, ...]
    earlier: RoundHead | None
    later: RoundHead | None
    pairs: tuple[Pair, ...]


def start_round(
    scope: Scope, client_id: ClientId, round_id: str, battery_id: str, now: datetime, on: date
) -> RoundView:
    """Start a round and answer it. Raises `NotFoundError`."""
    begin_round(scope, client_id, round_id, battery_id, now, on)
    return open_round(scope, round_id, on)


def begin_round(scope: Scope, client_id: ClientId, round_id: str, battery_id: str, now: datetime, on: date) -> None:
    """Start a round; its id was made by the app, so that starting twice starts once. Raises `NotFoundError`."""
    if not stored(scope, TestRoundRow, round_id, client_id=client_id, battery=battery_id, on_date=on):
        client(scope, client_id)
        chosen = battery(scope, battery_id)
        scope.db.add(
            TestRoundRow(
                id=round_id,
                client_id=client_id,
                battery=chosen.id,
                battery_name=chosen.name,
                tests=list(chosen.tests),
                repeat_weeks=chosen.repeat_weeks,
                on_date=on,
                started_at=now,
            )
        )
        scope.db.flush()


def open_round(scope: Scope, round_id: str, today: date) -> RoundView:
    """Answer a round with what was measured the time before. Raises `NotFoundError`."""
    row = store.test_round(scope, round_id)
    who = client(scope, row.client_id)
    items = all_tests(scope)
    before = [r for r in store.rounds_of_client(scope, who.id) if r.on_date < row.on_date]
    dates = {r.id: r.on_date for r in before}
    past = store.results_of_rounds(scope, [r.id for r in before])
    now = _by_slot(items, store.results_of_round(scope, round_id))
    last = _by_slot(items, sorted(past, key=lambda r: dates[r.round_id or ""]))
    tests = []
    standing, exercises = standing_of(scope, who.id, today), all_exercises(scope)
    for item, side in _slots(items, row.tests):
        exercise = exercises.get(item.exercise)
        cautions = joint_cautions(exercise, standing) if exercise else ()
        earlier = last.get((item.id, side))
        last_on = dates[earlier.result.round_id or ""] if earlier else None
        tests.append(RoundTest(item, side, cautions, now.get((item.id, side)), earlier, last_on))
    return RoundView(
        id=row.id,
        client_id=who.id,
        client=who.name,
        unit=Unit(who.unit),
        battery=row.battery,
        name=row.battery_name,
        on=row.on_date,
        finished_at=row.finished_at,
        screening=screening_of(scope, who.id, today),
        may_single=may_single(scope, who.id, today),
        body_weight=store.body_weight(scope, who.id),
        tests=tuple(tests),
    )


def keep_result(scope: Scope, client_id: ClientId, result: TestResult, now: datetime, today: date) -> KeptResult:
    """Keep a result, in a round or on its own; sent twice, it is stored once.

    Raises `DoubtError` for an implausible, unconfirmed figure, `DomainError` for one that cannot be, `NotFoundError`.
    """
    return keep_results(scope, client_id, [result], now, today)[0]


def keep_results(
    scope: Scope, client_id: ClientId, results: Sequence[TestResult], now: datetime, today: date
) -> list[KeptResult]:
    """Keep results of a client in their order, each as `keep_result` does. Raises at the first that cannot be kept."""
    client(scope, client_id)
    items, clear = all_tests(scope), may_single(scope, client_id, today)
    kept = []
    for result in results:
        item = items.get(result.test)
        if item is None:
            raise DomainError("There is no such test.")
        if result.round_id is not None:
            row = store.test_round(scope, result.round_id)
            if row.client_id != client_id or item.id not in row.tests:
                raise DomainError(f"{item.name} is not part of this round.")
        doubt = check_result(item, result, today, clear_for_single=clear)
        if doubt:
            raise DoubtError(doubt)
        kept.append(KeptResult(result.id, store.add_result(scope, client_id, result, now)))
    return kept


def finish_round(scope: Scope, round_id: str, now: datetime, today: date) -> RoundView:
    """Close a round and answer it. Raises `NotFoundError`."""
    close_round(scope, round_id, now)
    return open_round(scope, round_id, today)


def close_round(scope: Scope, round_id: str, now: datetime) -> None:
    """Close a round; what was not tested stays open in it. Raises `NotFoundError`."""
    row = store.test_round(scope, round_id)
    if row.finished_at is None:
        row.finished_at = now
        scope.db.flush()


def side_by_side(scope: Scope, client_id: ClientId, earlier_id: str | None, later_id: str | None) -> SideBySide:
    """Answer two rounds side by side: the newest and the first of the same battery unless others are named.

    Raises `NotFoundError`.
    """
    who = client(scope, client_id)
    rows = list(store.rounds_of_client(scope, client_id))
    items = all_tests(scope)
    results = store.results_of_rounds(scope, [r.id for r in rows])
    heads = tuple(_head(r, results) for r in reversed(rows))
    later = _chosen(rows, later_id) or (rows[-1] if rows else None)
    earlier = _chosen(rows, earlier_id) or _first_before(rows, later)
    before = _by_slot(items, [r for r in results if earlier and r.round_id == earlier.id])
    after = _by_slot(items, [r for r in results if later and r.round_id == later.id])
    named = list(dict.fromkeys([*(later.tests if later else ()), *(earlier.tests if earlier else ())]))
    pairs = []
    for item, side in _slots(items, named):
        one, two = before.get((item.id, side)), after.get((item.id, side))
        if one or two:
            change = compare(item, one.result, two.result) if one and two else None
            pairs.append(Pair(item, side, one, two, change))
    return SideBySide(
        client_id,
        who.name,
        heads,
        _head(earlier, results) if earlier else None,
        _head(later, results) if later else None,
        tuple(pairs),
    )


def _chosen(rows: list[TestRoundRow], round_id: str | None) -> TestRoundRow | None:
    return next((r for r in rows if r.id == round_id), None)


def _first_before(rows: list[TestRoundRow], later: TestRoundRow | None) -> TestRoundRow | None:
    """The first round of the same battery before a round, else the first of any."""
    if later is None:
        return None
    before = [r for r in rows if r.id != later.id and r.on_date <= later.on_date]
    same = [r for r in before if r.battery == later.battery]
    return next(iter(same or before), None)


def _slots(items: dict[str, TestItem], named: list[str]) -> list[tuple[TestItem, Side | None]]:
    slots: list[tuple[TestItem, Side | None]] = []
    for test in named:
        item = items.get(test)
        if item is not None:
            slots += [(item, Side.LEFT), (item, Side.RIGHT)] if item.sides else [(item, None)]
    return slots


def _by_slot(items: dict[str, TestItem], results: list[TestResult]) -> dict[tuple[str, Side | None], ResultView]:
    """The standing result of each test and side; of several rounds the last one given."""
    found: dict[tuple[str, Side | None], ResultView] = {}
    for kept in standing_results(results).values():
        item = items.get(kept.result.test)
        if item is not None:
            found[item.id, kept.result.side] = ResultView(kept.result, figure(item, kept.result), kept.earlier)
    return found


def _head(row: TestRoundRow, results: list[TestResult]) -> RoundHead:
    done = {(r.test, r.side) for r in results if r.round_id == row.id}
    return RoundHead(row.id, row.battery, row.battery_name, row.on_date, row.finished_at is not None, len(done))
