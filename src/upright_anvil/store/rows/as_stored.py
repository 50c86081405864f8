"""Rows as SQLite has them, where there are thousands: each column as it is stored, nothing made of it."""

from collections.abc import Iterator, Mapping
from typing import Any, cast

from upright_anvil.store.file.database import Scope


def as_stored(scope: Scope, sql: str, given: Mapping[str, object]) -> Iterator[tuple[Any, ...]]:
    """Answer the rows that a query finds; it has to name the studio by itself."""
    scope.db.flush()
    driver = scope.db.connection().connection.driver_connection
    if driver is None:
        raise RuntimeError("The connection is closed.")
    return cast("Iterator[tuple[Any, ...]]", driver.execute(sql, given))
