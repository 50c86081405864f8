"""The sets that were done, session by session: a slot is a line's set of one session, never of two."""

from collections import defaultdict
from collections.abc import Iterable, Mapping

from upright_anvil.core.ids import LineId, SessionId
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.ledger.standing import done_sets
from upright_anvil.store.ledger import KeptSet

SessionLine = tuple[SessionId, LineId]
"""A session's id and a line's."""

Done = Mapping[SessionLine, tuple[PerformedSet, ...]]


def done_by_line(kept: Iterable[KeptSet]) -> Done:
    """Answer the standing done sets of each session and line, by set number."""
    rows: dict[SessionLine, list[PerformedSet]] = defaultdict(list)
    for k in kept:
        rows[k.session_id, k.row.slot.line].append(k.row)
    return {key: done_sets(line) for key, line in rows.items()}


def rows_of(done: Done, line: LineId) -> dict[SessionId, tuple[PerformedSet, ...]]:
    """Answer a line's sets by session."""
    return {session: rows for (session, of), rows in done.items() if of == line}


def all_rows(done: Done) -> list[PerformedSet]:
    """Answer all of them together."""
    return [row for rows in done.values() for row in rows]
