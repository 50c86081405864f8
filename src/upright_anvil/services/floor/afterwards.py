"""A session written down afterwards, on the day it was held: as planned, or what the paper says.

It has no minutes: what was not timed says nothing of a client's pace.
"""

from collections.abc import Mapping, Sequence
from dataclasses import replace
from datetime import date, datetime, time

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import NO_PLACE, DayId, LineId, PlaceId, ProgramId, SessionId, WeekId
from upright_anvil.core.ledger.how import How
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition
from upright_anvil.core.session.on_paper import PaperSet, read_paper
from upright_anvil.services.acknowledged import Acknowledged
from upright_anvil.services.floor.changes.change_requests import RequestedPlace
from upright_anvil.services.floor.changes.changing import make_change
from upright_anvil.services.floor.line import FloorLine
from upright_anvil.services.floor.logging import open_row
from upright_anvil.services.floor.opening import open_floor
from upright_anvil.services.floor.session import find
from upright_anvil.services.floor.sets import FloorSet
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import ledger
from upright_anvil.store.tables import SessionRow

NOON = time(12)
"""The time of a session that nobody timed."""


def log_afterwards(
    scope: Scope,
    sid: SessionId,
    program_id: ProgramId,
    week_id: WeekId,
    day_id: DayId,
    on: date,
    text: str,
    now: datetime,
    place: PlaceId = NO_PLACE,
) -> Acknowledged:
    """Store a whole session that was held on a day; without ``text`` all of it as planned, else what stands there.

    ``place`` is where it was held, where that is not the planned one. An exercise that the text does not name was not
    done. Sent twice, it is stored once. Raises `DomainError` for a day to come, one before the client came, a session
    that is in the ledger already, or a line that cannot be read; `NotFoundError`.
    """
    found = find(scope, program_id, week_id, day_id)
    if found.id != sid:
        raise DomainError("This session's id does not belong to that program, week and day.")
    who = client(scope, found.program.client_id)
    if on > now.date():
        raise DomainError(f"{on:%d %b %Y} is still to come: a session is written down once it was held.")
    came = who.created_at.astimezone(now.tzinfo).date()
    if on < came:
        raise DomainError(f"{who.name} came on {came:%d %b %Y}; a session cannot be older than that.")
    opened = found.row
    if opened is None:
        at = datetime.combine(on, NOON, tzinfo=now.tzinfo)
        row = open_row(scope, found, sid, min(at, now))
        row.finished_at = row.started_at
        scope.db.flush()
        if place:
            make_change(scope, sid, f"{sid}-place"[:64], RequestedPlace(place), frozenset(), row.started_at, on)
    else:
        row = opened
    floor = open_floor(scope, program_id, week_id, day_id, on)
    names = {line.line: line.exercise for line in floor.lines}
    paper = {one.line: one.sets for one in read_paper(text, names, floor.unit)} if text.strip() else None
    rows = _rows(sid, floor.lines, paper)
    if opened is not None:
        return _again(scope, opened, sid, on, rows)
    ledger.add_sets(scope, sid, rows, row.started_at)
    return Acknowledged(sid, again=False)


def _again(scope: Scope, row: SessionRow, sid: SessionId, on: date, rows: Sequence[PerformedSet]) -> Acknowledged:
    """The same sent again answers as before; anything else about a session that is there is said."""
    kept = {k.row.id for k in ledger.sets_of_sessions(scope, [sid])}
    if row.started_at != row.finished_at or row.on_date != on or kept != {one.id for one in rows}:
        raise DomainError("This session is in the ledger already; open it and correct it there.")
    ledger.add_sets(scope, sid, rows, row.started_at)
    return Acknowledged(sid, again=True)


def _rows(
    sid: SessionId, lines: Sequence[FloorLine], paper: Mapping[LineId, tuple[PaperSet, ...] | None] | None
) -> tuple[PerformedSet, ...]:
    """The sets in their order, numbered through; without a paper all of them as planned."""
    found: list[PerformedSet] = []
    for line in lines:
        if paper is not None and line.line not in paper:
            continue
        written = paper[line.line] if paper is not None else None
        sets = line.sets if written is None else _as_written(line, written)
        before = len(found)
        found += [_row(f"{sid}-{before + n}", line, n, said) for n, said in enumerate(sets, start=1)]
    return tuple(found)


def _as_written(line: FloorLine, written: tuple[PaperSet, ...]) -> tuple[FloorSet | PaperSet, ...]:
    """The paper's sets; the load that was planned holds where none is said."""
    planned = [one.aim.load for one in line.sets]
    return tuple(
        replace(one, load=one.load or (planned[min(place, len(planned) - 1)] if planned else None))
        for place, one in enumerate(written)
    )


def _row(row_id: str, line: FloorLine, number: int, said: FloorSet | PaperSet) -> PerformedSet:
    slot = SetPosition(line.line, number)
    if isinstance(said, PaperSet):
        assisted = bool(line.sets and line.sets[0].aim.assisted and said.load == line.sets[0].aim.load)
        return PerformedSet(
            row_id, slot, line.exercise_id, Outcome.DONE, said.reps, said.seconds, said.load, assisted, said.left,
            line.planned, how=How(counted=said.counted), metres=said.metres,
        )  # fmt: skip
    aim = said.aim
    return PerformedSet(
        row_id, slot, line.exercise_id, Outcome.DONE, aim.reps, aim.seconds, aim.load, aim.assisted, aim.reserve,
        line.planned, metres=aim.metres,
    )  # fmt: skip
