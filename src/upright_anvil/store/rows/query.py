"""A query for reading: put together and compiled once, answered as bare rows that no session looks after.

What SQLAlchemy does for a row that may be changed costs ten times what SQLite does to find it. A row that is only read
needs none of it; one that is to be changed is asked for by its id (`store.rows.by_id`).
"""

import json
from collections.abc import Collection, Iterator, Sequence
from functools import cached_property
from typing import Any, Generic, TypeVar, cast

from sqlalchemy import ColumnElement, Select, TextualSelect, bindparam, column, func, select, text
from sqlalchemy.dialects import sqlite

from upright_anvil.store.file.database import Scope, driver_of
from upright_anvil.store.file.own_rows import ASKING, only_own

R = TypeVar("R")


class Query(Generic[R]):
    """A query of one or more tables, written with their rows' attributes, parameters by `bindparam`.

    It finds the asking studio's rows only, those of all with ``any_studio``. ``R`` is how a row is read: as the table's
    own where all of it is selected, never to be changed, or as a tuple of what was selected. A collection (`among`) is
    handed over as one text, so that the query stays the same however many are asked for.
    """

    def __init__(self, statement: Select[*tuple[Any, ...]], *, any_studio: bool = False) -> None:
        self._statement, self._any_studio = statement, any_studio

    def all(self, scope: Scope, **given: object) -> Sequence[R]:
        """Answer the rows that are found, in order."""
        return cast("Sequence[R]", self._found(scope, given).all())

    def first(self, scope: Scope, **given: object) -> R | None:
        """Answer the first row that is found, None where there is none."""
        return cast("R | None", self._found(scope, given).first())

    def value(self, scope: Scope, **given: object) -> Any:
        """Answer the first column of the first row, None where there is none."""
        return self._found(scope, given).scalar()

    def values(self, scope: Scope, **given: object) -> Sequence[Any]:
        """Answer the first column of each row."""
        return cast("Sequence[Any]", self._found(scope, given).scalars().all())

    def as_stored(self, scope: Scope, **given: object) -> Iterator[tuple[Any, ...]]:
        """Answer the rows with each column as SQLite has it, nothing made of it: for thousands of them."""
        scope.write_what_waits()
        if not scope.connection.in_transaction():
            scope.connection.begin()  # what goes past the connection does not begin it, and all has to be of one state
        return driver_of(scope.connection).execute(self.sql, _handed_over(scope, self._constants | given))

    @property
    def sql(self) -> str:
        """What SQLite is asked, parameters by name."""
        return str(self._compiled)

    def _found(self, scope: Scope, given: dict[str, object]) -> Any:
        scope.write_what_waits()
        return scope.connection.execute(self._text, _handed_over(scope, given))

    @cached_property
    def _compiled(self) -> Any:
        # Not before it is asked: then the tables are all there, and nothing at the start waits for it.
        asked: Any = self._statement if self._any_studio else only_own(self._statement)
        return asked.compile(dialect=sqlite.dialect(paramstyle="named"))

    @cached_property
    def _text(self) -> TextualSelect:
        binds = [bindparam(name, bind.value, bind.type) for bind, name in self._compiled.bind_names.items()]
        # What is worked out has no name of its own; columns are told by their order.
        selected = self._statement.selected_columns
        columns = [column(getattr(one, "name", f"worked_out_{n}"), one.type) for n, one in enumerate(selected)]
        return text(self.sql).bindparams(*binds).columns(*columns)

    @cached_property
    def _constants(self) -> dict[str, object]:
        return {name: bind.value for bind, name in self._compiled.bind_names.items()}


def among(selected: Any, name: str) -> ColumnElement[bool]:
    """Answer the condition that a column is among what is handed over under a name."""
    handed = func.json_each(bindparam(name)).table_valued("value", name="asked")
    return cast("ColumnElement[bool]", selected.in_(select(handed.c.value)))


def _handed_over(scope: Scope, given: dict[str, object]) -> dict[str, object]:
    handed = {
        n: json.dumps(list(v)) if isinstance(v, Collection) and not isinstance(v, (str, bytes)) else v
        for n, v in given.items()
    }
    handed[ASKING] = scope.studio_id
    return handed
