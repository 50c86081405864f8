"""The data files of tests and batteries: TOML, one table each, readable and editable by hand."""

import tomllib
from collections.abc import Mapping
from decimal import Decimal
from functools import lru_cache
from typing import Any

from upright_anvil.core.assessment.items import Battery, Better, TestItem, TestKind
from upright_anvil.formats.shipped.exercise_file import DATA


@lru_cache(maxsize=1)
def shipped_tests() -> dict[str, TestItem]:
    """Answer the tests that ship with the app, by id."""
    return parse_tests(DATA.joinpath("tests.toml").read_text("utf-8"))


@lru_cache(maxsize=1)
def shipped_batteries() -> dict[str, Battery]:
    """Answer the batteries that ship with the app, by id."""
    tables = tomllib.loads(DATA.joinpath("batteries.toml").read_text("utf-8"))
    return {battery_id: battery_of(battery_id, table) for battery_id, table in tables.items()}


def parse_tests(text: str) -> dict[str, TestItem]:
    """Read a file of tests. Raises `KeyError` or `ValueError` where a field lacks or is not known."""
    return {key: test_of(key, table) for key, table in tomllib.loads(text, parse_float=Decimal).items()}


def test_of(test_id: str, table: Mapping[str, Any], *, own: bool = False) -> TestItem:
    """Read one test's table. Raises `KeyError` or `ValueError` where a field lacks or is not known."""
    return TestItem(
        id=test_id,
        name=table["name"],
        kind=TestKind(table["kind"]),
        standard=table["standard"],
        better=Better(table["better"]),
        typical_error=Decimal(table["typical_error"]),
        low=Decimal(table["low"]),
        high=Decimal(table["high"]),
        error_is_share=table.get("error_is_share", False),
        exercise=table.get("exercise", ""),
        sides=table.get("sides", False),
        variants=tuple(table.get("variants", ())),
        seconds=table.get("seconds"),
        metres=table.get("metres"),
        own=own,
    )


def test_table(item: TestItem) -> dict[str, Any]:
    """Write a test as a table, the inverse of `test_of`; decimals as text, so that it can be kept as JSON."""
    return {
        "name": item.name,
        "kind": item.kind.value,
        "standard": item.standard,
        "better": item.better.value,
        "typical_error": str(item.typical_error),
        "low": str(item.low),
        "high": str(item.high),
        "error_is_share": item.error_is_share,
        "exercise": item.exercise,
        "sides": item.sides,
        "variants": list(item.variants),
        "seconds": item.seconds,
        "metres": item.metres,
    }


def battery_of(battery_id: str, table: Mapping[str, Any], *, own: bool = False, edited: bool = False) -> Battery:
    """Read one battery's table. Raises `KeyError` where a field lacks."""
    return Battery(
        battery_id, table["name"], table["purpose"], tuple(table["tests"]), table["repeat_weeks"], own, edited
    )
