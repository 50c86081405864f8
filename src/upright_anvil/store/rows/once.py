"""Ids made by a device: the same sent again is stored once, another thing under the same id is refused."""

from collections.abc import Collection
from typing import Any

from sqlalchemy import select

from upright_anvil.store.file.database import ANY_STUDIO, Scope
from upright_anvil.store.rows.by_id import under_id


class IdTakenError(Exception):
    """An id names something else already; `str()` is a sentence."""

    def __init__(self) -> None:
        super().__init__("Something else is kept under this id already. Nothing was changed; enter it anew.")


def stored(scope: Scope, kind: Any, row_id: str, **content: object) -> bool:
    """Answer whether a row is stored under an id, with the same content and this trainer's.

    Raises `IdTakenError` where it says anything else, or is somebody else's.
    """
    row = scope.db.scalars(under_id(kind), {"row_id": row_id}, execution_options=ANY_STUDIO).first()
    if row is None:
        return False
    mine = {"studio_id": scope.studio_id, **content}
    if any(getattr(row, name) != value for name, value in mine.items()):
        raise IdTakenError
    return True


def taken_ids(scope: Scope, kind: Any, ids: Collection[str]) -> frozenset[str]:
    """Answer those of some ids under which something is stored already, whose ever: the others need no second look."""
    query = select(kind.id).where(kind.id.in_(ids))
    return frozenset(scope.db.scalars(query, execution_options=ANY_STUDIO))
