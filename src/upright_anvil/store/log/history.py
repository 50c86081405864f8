"""A client's working sets as bare figures: read past the ORM, since whole years of them are read at once."""

from typing import Any, NamedTuple

from sqlalchemy import bindparam, func, select

from upright_anvil.core.ids import ClientId, ExerciseId, LineId, SessionId
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.query import Query
from upright_anvil.store.tables import PerformedSetRow

_T = PerformedSetRow


class BriefSet(NamedTuple):
    """A working set's row as it is read by the thousand; ``replaces`` is the row it corrects.

    Figures are those of `core.ledger.rows.PerformedSet`, as their columns hold them.
    """

    seq: int
    id: str
    session_id: SessionId
    line: LineId
    number: int
    exercise: ExerciseId
    outcome: str
    reps: int | None
    seconds: int | None
    metres: int | None
    load: str | None
    load_unit: str | None
    assisted: bool
    reserve: int | None
    planned: str
    quality: str | None
    ended: str | None
    pain: str | None
    pain_side: str | None
    confirmed: bool
    source: str
    replaces: str | None
    counted: int | None


class LogEnd(NamedTuple):
    """How far a client's log goes: the place and id of its newest row, and how many rows there are."""

    seq: int
    id: str
    rows: int


_BRIEF: Query[Any] = Query(
    select(*(getattr(_T, name) for name in BriefSet._fields))
    .where(_T.client_id == bindparam("client"), _T.seq > bindparam("after"), _T.ramp.is_(False))
    .order_by(_T.seq)
)


def brief_sets(scope: Scope, client_id: ClientId, after: int = -(2**62)) -> list[BriefSet]:
    """Answer the rows of a client's working sets in the order they arrived, those after a place in it."""
    known: dict[str, str] = {}

    def shared(row: list[Any]) -> BriefSet:
        for at in _REPEATED:
            row[at] = known.setdefault(row[at], row[at])
        return BriefSet._make(row)

    return [shared(list(row)) for row in _BRIEF.as_stored(scope, client=client_id, after=after)]


_REPEATED = [
    BriefSet._fields.index(name)
    for name in ("session_id", "line", "exercise", "outcome", "load", "load_unit", "planned", "source")
]
"""Columns that say the same in many rows: their texts are kept once, a third of the room."""


_COUNTED: Query[Any] = Query(
    select(func.count()).select_from(_T).where(_T.client_id == bindparam("client"), _T.seq <= bindparam("until")),
    any_studio=True,
)
"""A client is of one studio: the rows are counted where they are in order, and none is looked up."""

_NEWEST: Query[Any] = Query(
    select(_T.seq, _T.id).where(_T.client_id == bindparam("client")).order_by(_T.seq.desc()).limit(1)
)
_AT: Query[Any] = Query(select(_T.id).where(_T.seq == bindparam("seq")))


def log_end(scope: Scope, client_id: ClientId) -> LogEnd | None:
    """Answer how far a client's log goes, None where nothing was logged."""
    newest = _NEWEST.first(scope, client=client_id)
    if newest is None:
        return None
    seq, row_id = newest
    return LogEnd(seq, row_id, _count(scope, client_id, seq))


def still_ends(scope: Scope, client_id: ClientId, end: LogEnd) -> bool:
    """Answer whether a log is as it was up to an end that was read: what came since lies after it, nothing is gone."""
    return _AT.value(scope, seq=end.seq) == end.id and _count(scope, client_id, end.seq) == end.rows


def _count(scope: Scope, client_id: ClientId, until: int) -> int:
    return _COUNTED.value(scope, client=client_id, until=until) or 0
