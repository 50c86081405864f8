"""What SQLite is asked, by whomever: for what counts queries or looks at their plans."""

from collections.abc import Callable, Iterator
from contextlib import contextmanager
from typing import Any
from unittest.mock import patch

from sqlalchemy import event

from upright_anvil.store.file.database import Database, Scope

Told = Callable[[str, Any], None]
"""What is told each query and what it was asked with."""


class _Noting:
    """A driver's connection that tells what it is asked."""

    def __init__(self, driver: Any, told: Told) -> None:
        self._driver, self._told = driver, told

    def execute(self, said: str, given: Any = ()) -> Any:
        """Ask one query."""
        self._told(said, given)
        return self._driver.execute(said, given)

    def executemany(self, said: str, given: Any) -> Any:
        """Ask one query for each of some values."""
        self._told(said, given)
        return self._driver.executemany(said, given)


@contextmanager
def queries_told(database: Database, told: Told) -> Iterator[None]:
    """Tell what is asked through SQLAlchemy and past it, until the block ends."""

    def notice(_c: object, _cursor: object, said: str, given: Any, *_: object) -> None:
        told(said, given)

    asking = property(lambda scope: _Noting(_driver(scope), told))
    event.listen(database.engine, "before_cursor_execute", notice)
    try:
        with patch.object(Scope, "driver", asking):
            yield
    finally:
        event.remove(database.engine, "before_cursor_execute", notice)


_driver = vars(Scope)["driver"].fget
