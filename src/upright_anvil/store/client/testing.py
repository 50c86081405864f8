"""Test rounds and results: rows that are added; the trainer's own tests and batteries."""

from collections.abc import Collection, Sequence
from datetime import date, datetime
from decimal import Decimal
from typing import Any

from sqlalchemy import bindparam, func, select

from upright_anvil.core.assessment.results import TestResult
from upright_anvil.core.ids import ClientId
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.by_id import by_id
from upright_anvil.store.rows.mapping import Columns
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.rows.once import stored
from upright_anvil.store.rows.query import Query, among
from upright_anvil.store.tables import ClientRow, OwnBatteryRow, OwnTestRow, TestResultRow, TestRoundRow

BODY_WEIGHT = "body-weight"
"""The test whose newest result is the client's body weight."""


_BODY_WEIGHT: Query[Any] = Query(
    select(TestResultRow.load, TestResultRow.load_unit)
    .where(
        TestResultRow.client_id == bindparam("client"),
        TestResultRow.test == BODY_WEIGHT,
    )
    .order_by(TestResultRow.on_date.desc(), TestResultRow.seq.desc())
    .limit(1)
)


_RESULT = Columns(TestResult, {"on": "on_date"})


_RESULTS = select(*(getattr(TestResultRow, name) for name in _RESULT.names)).order_by(TestResultRow.seq)
_OF_ROUNDS: Query[Any] = Query(_RESULTS.where(among(TestResultRow.round_id, "rounds")))
_HELD_BY = _RESULTS.where(TestResultRow.client_id == bindparam("client"))
_OF_TEST: Query[Any] = Query(_HELD_BY.where(TestResultRow.test == bindparam("test")))
_WEIGHED: Query[Any] = Query(_HELD_BY.where(TestResultRow.load.is_not(None)))
_NEWEST = select(func.max(TestResultRow.seq)).where(TestResultRow.client_id == ClientRow.id)
_NEWEST_RESULTS: Query[tuple[ClientId, int | None]] = Query(select(ClientRow.id, _NEWEST.scalar_subquery()))


def results_of_round(scope: Scope, round_id: str) -> list[TestResult]:
    """Answer a round's results in the order they arrived."""
    return results_of_rounds(scope, [round_id])


def results_of_rounds(scope: Scope, round_ids: Collection[str]) -> list[TestResult]:
    """Answer some rounds' results in the order they arrived."""
    return [_RESULT.read(row) for row in _OF_ROUNDS.all(scope, rounds=round_ids)]


def results_of_test(scope: Scope, client_id: ClientId, test: str) -> list[TestResult]:
    """Answer a client's results of one test, rounds or not, in the order they arrived."""
    return [_RESULT.read(row) for row in _OF_TEST.all(scope, client=client_id, test=test)]


def body_weight(scope: Scope, client_id: ClientId) -> Load | None:
    """Answer a client's newest body weight as it was entered: the latest day, the last row of that day."""
    row = _BODY_WEIGHT.first(scope, client=client_id)
    return Load(Decimal(row.load), Unit(row.load_unit)) if row and row.load else None


def newest_results(scope: Scope) -> dict[ClientId, int]:
    """Answer how far each client's results are: the place of the newest in the order of arrival."""
    return {client: seq or 0 for client, seq in _NEWEST_RESULTS.all(scope)}


def weighed_results(scope: Scope, client_id: ClientId) -> list[TestResult]:
    """Answer a client's results with a load, body weights among them, in the order they arrived."""
    return [_RESULT.read(row) for row in _WEIGHED.all(scope, client=client_id)]


def add_result(scope: Scope, client_id: ClientId, result: TestResult, received_at: datetime) -> bool:
    """Store a result; answer whether it was new. Raises `IdTakenError` for another one's id."""
    said = _RESULT.write(result) | {"client_id": client_id}
    del said["at"]  # a result without a time gets that of its arrival
    if stored(scope, TestResultRow, result.id, **said):
        return False
    arrived = {"at": result.at or received_at, "received_at": received_at}
    scope.db.add(TestResultRow(**said, **arrived))
    scope.db.flush()
    return True


def rounds_of_client(scope: Scope, client_id: ClientId) -> Sequence[TestRoundRow]:
    """Answer a client's rounds, oldest first."""
    query = (
        select(TestRoundRow)
        .where(TestRoundRow.client_id == client_id)
        .order_by(TestRoundRow.on_date, TestRoundRow.started_at)
    )
    return scope.db.scalars(query).all()


def find_round(scope: Scope, round_id: str) -> TestRoundRow | None:
    """Answer a round, None before it was started."""
    return by_id(scope, TestRoundRow, round_id)


def test_round(scope: Scope, round_id: str) -> TestRoundRow:
    """Answer a round. Raises `NotFoundError`."""
    row = find_round(scope, round_id)
    if row is None:
        raise NotFoundError("test round")
    return row


def latest_rounds(scope: Scope, client_id: ClientId | None) -> list[tuple[ClientId, str, str, int, date]]:
    """Answer the latest finished round of each battery: client, battery, its name, repeat weeks, the day.

    Of one client, or of all where none is named.
    """
    rows = _LATEST_OF_ALL.all(scope) if client_id is None else _LATEST.all(scope, client=client_id)
    return [(client, battery, name, weeks, on) for client, battery, name, weeks, on in rows]


_LATEST_ROUNDS = (
    select(
        TestRoundRow.client_id,
        TestRoundRow.battery,
        TestRoundRow.battery_name,
        TestRoundRow.repeat_weeks,
        func.max(TestRoundRow.on_date),
    )
    .where(TestRoundRow.finished_at.is_not(None))
    .group_by(TestRoundRow.client_id, TestRoundRow.battery)
)
_LATEST_OF_ALL: Query[Any] = Query(_LATEST_ROUNDS)
_LATEST: Query[Any] = Query(_LATEST_ROUNDS.where(TestRoundRow.client_id == bindparam("client")))


def own_batteries(scope: Scope) -> Sequence[OwnBatteryRow]:
    """Answer the trainer's own batteries and edits, removed ones included."""
    query = select(OwnBatteryRow).order_by(OwnBatteryRow.id)
    return scope.db.scalars(query).all()


def own_tests(scope: Scope) -> Sequence[OwnTestRow]:
    """Answer the trainer's own tests."""
    query = select(OwnTestRow).order_by(OwnTestRow.id)
    return scope.db.scalars(query).all()
