"""The sets that were done, session by session: a slot is a line's set of one session, never of two."""

from collections import defaultdict
from collections.abc import Iterable, Mapping
from datetime import date

from upright_anvil.core.ids import ClientId, ExerciseId, LineId, SessionId
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.ledger.standing import done_sets
from upright_anvil.services.profile.history import history
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import ledger
from upright_anvil.store.log.ledger import KeptSet

SessionLine = tuple[SessionId, LineId]
"""A session's id and a line's."""

Done = Mapping[SessionLine, tuple[PerformedSet, ...]]


def done_by_line(kept: Iterable[KeptSet]) -> Done:
    """Answer the standing done sets of each session and line, by set number."""
    rows: dict[SessionLine, list[PerformedSet]] = defaultdict(list)
    for k in kept:
        rows[k.session_id, k.row.slot.line].append(k.row)
    return {key: done_sets(line) for key, line in rows.items()}


LOOKED_BACK = 20
"""Sessions of a line that are read for a judgement: none looks back further. House rule."""


def lately_done(
    scope: Scope,
    client_id: ClientId,
    trained: Mapping[LineId, ExerciseId],
    dates: Mapping[SessionId, date],
    until: date,
) -> Done:
    """Answer what was done of some lines, with the exercises trained in them: the newest sessions up to a day.

    A line's very last session is there too, however long after that day. ``dates`` are those of the client's sessions.
    """
    past, exercises = history(scope, client_id).by_line, set(trained.values())
    found: dict[SessionLine, list[str]] = {}
    for line in trained:
        rows = [row for row in past.get(line, ()) if row.exercise in exercises]
        held = sorted({(dates[row.session_id], row.session_id) for row in rows})
        by_then = [session for on, session in held if on <= until][-LOOKED_BACK:]
        wanted = {*by_then, *(session for _, session in held[-1:])}
        for row in rows:
            if row.session_id in wanted:
                found.setdefault((row.session_id, line), []).append(row.id)
    full = ledger.sets_by_id(scope, [row for ids in found.values() for row in ids])
    return {key: tuple(full[row] for row in ids) for key, ids in found.items()}


def rows_of(done: Done, line: LineId) -> dict[SessionId, tuple[PerformedSet, ...]]:
    """Answer a line's sets by session."""
    return {session: rows for (session, of), rows in done.items() if of == line}


def all_rows(done: Done) -> list[PerformedSet]:
    """Answer all of them together."""
    return [row for rows in done.values() for row in rows]
