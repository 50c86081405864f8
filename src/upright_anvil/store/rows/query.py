"""A query for reading: put together and compiled once, answered as bare rows that no session looks after.

What SQLAlchemy does for a row that may be changed costs ten times what SQLite does to find it. A row that is only read
needs none of it: SQLite is asked itself, in the words that SQLAlchemy puts together, and the values are made of its
answer by SQLAlchemy's types. One that is to be changed is asked for by its id (`store.rows.by_id`).
"""

import json
import sqlite3
from collections import namedtuple
from collections.abc import Callable, Collection, Iterator, Sequence
from functools import cached_property, partial
from typing import Any, Generic, TypeVar, cast

from sqlalchemy import ColumnElement, Select, bindparam, func, select
from sqlalchemy.dialects import sqlite

from upright_anvil.store.file.database import Scope
from upright_anvil.store.file.own_rows import ASKING, only_own

R = TypeVar("R")

Values = tuple[Any, ...]
"""The columns of a row, each as SQLite has it."""


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
        made = self._made
        return [made(row) for row in self._ask(scope, given)]

    def first(self, scope: Scope, **given: object) -> R | None:
        """Answer the first row that is found, None where there is none."""
        row = self._ask(scope, given).fetchone()
        return None if row is None else self._made(row)

    def value(self, scope: Scope, **given: object) -> Any:
        """Answer the first column of the first row, None where there is none."""
        row = self._ask(scope, given).fetchone()
        return None if row is None else row[0] if self._first_made is None else self._first_made(row[0])

    def values(self, scope: Scope, **given: object) -> Sequence[Any]:
        """Answer the first column of each row."""
        made, found = self._first_made, self._ask(scope, given)
        return [row[0] for row in found] if made is None else [made(row[0]) for row in found]

    def as_stored(self, scope: Scope, **given: object) -> Iterator[Values]:
        """Answer the rows with each column as SQLite has it, nothing made of it: for thousands of them."""
        return self._ask(scope, given)

    @cached_property
    def sql(self) -> str:
        """What SQLite is asked, parameters by name."""
        return str(self._compiled)

    def _ask(self, scope: Scope, given: dict[str, object]) -> sqlite3.Cursor:
        scope.write_what_waits()
        handed = self._constants | {name: _handed_over(value) for name, value in given.items()}
        for name, written in self._written:
            handed[name] = written(handed[name])
        handed[ASKING] = scope.studio_id
        return scope.driver.execute(self.sql, handed)

    @cached_property
    def _compiled(self) -> Any:
        # Not before it is asked: then the tables are all there, and nothing at the start waits for it.
        asked: Any = self._statement if self._any_studio else only_own(self._statement)
        return asked.compile(dialect=_DIALECT)

    @cached_property
    def _constants(self) -> dict[str, object]:
        return {name: bind.value for bind, name in self._compiled.bind_names.items() if not bind.required}

    @cached_property
    def _written(self) -> list[tuple[str, Callable[[Any], Any]]]:
        # One that is named twice is handed over once.
        types = {name: bind.type for bind, name in self._compiled.bind_names.items() if name != ASKING}
        written = ((name, of.dialect_impl(_DIALECT).bind_processor(_DIALECT)) for name, of in types.items())
        return [(name, process) for name, process in written if process is not None]

    @cached_property
    def _read(self) -> list[Callable[[Any], Any] | None]:
        types = (one.type.dialect_impl(_DIALECT) for one in self._statement.selected_columns)
        return [of.result_processor(_DIALECT, None) for of in types]

    @cached_property
    def _first_made(self) -> Callable[[Any], Any] | None:
        return self._read[0]

    @cached_property
    def _made(self) -> Callable[[Values], R]:
        # What is worked out has no name of its own.
        names = [getattr(one, "name", f"worked_out_{n}") for n, one in enumerate(self._statement.selected_columns)]
        row: Any = partial(tuple.__new__, _row_type("Row", names, rename=True))
        read = [(n, process) for n, process in enumerate(self._read) if process is not None]
        if not read:
            return cast("Callable[[Values], R]", row)

        def made(values: Values) -> R:
            found = list(values)
            for n, process in read:
                found[n] = process(found[n])
            return cast("R", row(found))

        return made


def among(selected: Any, name: str) -> ColumnElement[bool]:
    """Answer the condition that a column is among what is handed over under a name."""
    handed = func.json_each(bindparam(name)).table_valued("value", name="asked")
    return cast("ColumnElement[bool]", selected.in_(select(handed.c.value)))


def _handed_over(value: object) -> object:
    if isinstance(value, Collection) and not isinstance(value, (str, bytes)):
        return json.dumps(list(value))
    return value


_row_type: Any = namedtuple
"""Its names are the columns of a query, which no checker of types can follow."""

_DIALECT = sqlite.dialect(paramstyle="named")
