"""Tests and batteries to choose from: those that ship with the app, and apart from them the trainer's own."""

from dataclasses import dataclass
from datetime import datetime

from upright_anvil.core.assessment.items import Battery, TestItem
from upright_anvil.core.errors import DomainError
from upright_anvil.formats.shipped.testing_file import battery_of, shipped_batteries, shipped_tests, test_of, test_table
from upright_anvil.services.ids import fresh_id
from upright_anvil.services.shelf import library
from upright_anvil.store.client import testing as store
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.tables import OwnBatteryRow, OwnTestRow


@dataclass(frozen=True, slots=True)
class BatteryShelf:
    """All batteries, and all tests by name."""

    batteries: tuple[Battery, ...]
    tests: tuple[TestItem, ...]


def shelf(scope: Scope) -> BatteryShelf:
    """Answer all batteries and tests to choose from."""
    tests = sorted(all_tests(scope).values(), key=lambda t: t.name.lower())
    return BatteryShelf(tuple(all_batteries(scope).values()), tuple(tests))


def all_tests(scope: Scope) -> dict[str, TestItem]:
    """Answer every test by id."""
    return shipped_tests() | {row.id: test_of(row.id, row.document, own=True) for row in store.own_tests(scope)}


def all_batteries(scope: Scope) -> dict[str, Battery]:
    """Answer every battery by id, shipped ones first, the trainer's edits in their place."""
    found = dict(shipped_batteries())
    for row in store.own_batteries(scope):
        if row.removed_at is not None:
            continue
        key = row.shipped_id or row.id
        found[key] = battery_of(key, row.document, own=row.shipped_id is None, edited=row.shipped_id is not None)
    return found


def battery(scope: Scope, battery_id: str) -> Battery:
    """Answer one battery. Raises `NotFoundError`."""
    found = all_batteries(scope).get(battery_id)
    if found is None:
        raise NotFoundError("battery")
    return found


def save_battery(scope: Scope, battery_id: str | None, asked: Battery) -> Battery:
    """Add a battery, change an own one, or keep an edit of a shipped one apart from it.

    Raises `DomainError` for a list that is empty, names a test twice or one nobody knows; `NotFoundError`.
    """
    known = all_tests(scope)
    if not asked.tests:
        raise DomainError("A battery needs at least one test.")
    if len(set(asked.tests)) < len(asked.tests):
        raise DomainError("A test stands in the battery twice.")
    if unknown := [t for t in asked.tests if t not in known]:
        raise DomainError(f"There is no test called {unknown[0]}.")
    document = {
        "name": asked.name,
        "purpose": asked.purpose,
        "tests": list(asked.tests),
        "repeat_weeks": asked.repeat_weeks,
    }
    row = None if battery_id is None else _row(scope, battery_id)
    if row is None:
        shipped = battery_id if battery_id in shipped_batteries() else None
        if battery_id is not None and shipped is None:
            raise NotFoundError("battery")
        row = OwnBatteryRow(id=f"own-{fresh_id()}", shipped_id=shipped)
        scope.db.add(row)
    row.document, row.removed_at = document, None
    scope.db.flush()
    return battery(scope, row.shipped_id or row.id)


def remove_battery(scope: Scope, battery_id: str, now: datetime) -> None:
    """Remove an own battery, or an edit so that the shipped one shows again; rounds done with it stay.

    Raises `NotFoundError`.
    """
    row = _row(scope, battery_id)
    if row is None:
        raise NotFoundError("battery of your own")
    row.removed_at = now


def add_test(scope: Scope, item: TestItem) -> TestItem:
    """Add a test of the trainer's own.

    Raises `DomainError` when its name is taken or its bounds cross, `NotFoundError` for an exercise nobody knows.
    """
    if any(t.name.lower() == item.name.lower() for t in all_tests(scope).values()):
        raise DomainError(f"There is a test called {item.name} already.")
    if item.low >= item.high:
        raise DomainError("The lowest plausible figure lies below the highest.")
    if item.exercise:
        library(scope).exercise(item.exercise)
    row = OwnTestRow(id=f"own-{fresh_id()}", document=test_table(item))
    scope.db.add(row)
    scope.db.flush()
    return test_of(row.id, row.document, own=True)


def _row(scope: Scope, battery_id: str) -> OwnBatteryRow | None:
    rows = store.own_batteries(scope)
    return next((row for row in rows if battery_id in (row.id, row.shipped_id)), None)
