"""One row by its id: the query for it is put together once a table, and not asked again for what was read already.

Where a transaction writes it is a row to be changed, which the session looks after; where it only reads, a bare one.
"""

from functools import cache
from typing import Any, TypeVar, cast

from sqlalchemy import Select, bindparam, select
from sqlalchemy.orm.util import identity_key

from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.rows.query import Query

Row = TypeVar("Row")


@cache
def under_id(kind: Any) -> Select[Any]:
    """Answer the query for the row of a table under ``row_id``."""
    return select(kind).where(kind.id == bindparam("row_id"))


@cache
def _bare(kind: Any) -> Query[Any]:
    return Query(under_id(kind))


def by_id(scope: Scope, kind: type[Row], row_id: str) -> Row | None:
    """Answer the row under an id, None where there is none of this studio."""
    if scope.seen is not None:
        bare = _bare(cast("Any", kind))
        return scope.once((by_id, kind, row_id), lambda: cast("Row | None", bare.first(scope, row_id=row_id)))
    known: Row | None = scope.db.identity_map.get(identity_key(kind, row_id))
    if known is not None:
        return known
    row: Row | None = scope.db.scalars(under_id(cast("Any", kind)), {"row_id": row_id}).first()
    if row is not None:
        # The session alone would let it go as soon as nobody looks at it.
        scope.held[kind, row_id] = row
    return row


def found(scope: Scope, kind: type[Row], row_id: str, what: str) -> Row:
    """Answer the row under an id. Raises `NotFoundError`, which calls it ``what``."""
    row = by_id(scope, kind, row_id)
    if row is None:
        raise NotFoundError(what)
    return row
