"""A result that came back, as it is looked at before it is written: what was done, and what to read first."""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import date, datetime
from itertools import groupby

from upright_anvil.core.errors import DomainError
from upright_anvil.core.home.result import HomeResult, day_of_result, performed
from upright_anvil.core.home.sheet import HomeDay, HomeSheet
from upright_anvil.core.ids import ClientId, SessionId
from upright_anvil.core.ledger.rows import Outcome, PerformedSet
from upright_anvil.core.plan.locate import find_day, week_index
from upright_anvil.formats.home_result import read_result, sheet_of
from upright_anvil.services.home.kept import sheet_of_row
from upright_anvil.services.ids import session_id
from upright_anvil.store import programs
from upright_anvil.store.client import home as store
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import training_sessions
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.tables import HomeSheetRow

NO_SHEET = "No sheet of this studio: the result is of another studio's sheet, or not a result at all."


@dataclass(frozen=True, slots=True)
class HomeResultLine:
    """One move of a day that came back: what was asked and what was done, in words; ``hurt`` that something hurt."""

    exercise: str
    asked: str
    done: tuple[str, ...]
    hurt: bool
    gone: bool


@dataclass(frozen=True, slots=True)
class HomeResultView:
    """A result before it goes into the log.

    ``again`` says that it came back before, ``taken`` that it is in the log, ``open_to_log`` that it can go in.
    ``said`` are sentences to read first.
    """

    id: str
    client_id: ClientId
    client: str
    day: str
    on: date
    minutes: int
    effort: int | None
    note: str
    lines: tuple[HomeResultLine, ...]
    said: tuple[str, ...]
    again: bool
    taken: bool
    open_to_log: bool
    session_id: SessionId | None


@dataclass(frozen=True, slots=True)
class ReadResult:
    """A result with the sheet and the day it belongs to, and its sets as rows of the ledger."""

    row: HomeSheetRow
    sheet: HomeSheet
    result: HomeResult
    day: HomeDay
    sets: tuple[PerformedSet, ...]


def look_at_result(scope: Scope, text: str, client_id: ClientId | None, now: datetime) -> HomeResultView:
    """Answer what a text that came back would put into the log; nothing is kept.

    Raises `DomainError` for what is no result, changed on its way, or of another studio.
    """
    return view_of(scope, read_text(scope, text, now), text, client_id, now)


def sheet_row(scope: Scope, text: str) -> HomeSheetRow:
    """Answer the sheet a text says it is from. Raises `DomainError` where it is none of this studio."""
    try:
        return store.home_sheet(scope, sheet_of(text))
    except NotFoundError as stranger:
        raise DomainError(NO_SHEET) from stranger


def read_text(scope: Scope, text: str, now: datetime) -> ReadResult:
    """Answer what a text says. Raises `DomainError` for what is no result, changed on its way, or of another studio."""
    row = sheet_row(scope, text)
    sheet = sheet_of_row(row)
    result = read_result(text, sheet.key)
    return ReadResult(row, sheet, result, day_of_result(sheet, result), performed(sheet, result, now))


def view_of(scope: Scope, read: ReadResult, text: str, client_id: ClientId | None, now: datetime) -> HomeResultView:
    """Answer a result as it is shown, with what is known of it here."""
    sheet, result, day = read.sheet, read.result, read.day
    who = client(scope, sheet.client_id)
    begun, ended = result.held(now)
    kept = store.result(scope, result.run)
    sid = session_id(sheet.program_id, day.week_id, day.day_id)
    session = training_sessions.find_session(scope, sid)
    taken = kept is not None and kept.session_id is not None
    said = []
    if taken:
        said.append("This came back before and is in the log already.")
    elif session is not None:
        said.append(
            f"{day.name} of that week is in the log already, of {session.on_date:%d %b %Y}. This stays to read."
        )
    if client_id is not None and client_id != sheet.client_id:
        said.insert(0, f"This sheet is {who.name}'s, not this client's.")
    gone = gone_lines(scope, read)
    if gone is None:
        said.append("That day is not in the program any more. It goes into the log as it was on the sheet.")
    elif gone:
        names = ", ".join(sorted({move.name for move in day.moves if move.line in gone}))
        said.append(f"Not in the program any more, kept as it was on the sheet: {names}.")
    if begun != result.begun:
        said.append("The phone's clock was wrong: today is taken for the day.")
    lines = _lines(read, set() if gone is None else gone)
    if not any(line.done for line in lines):
        said.append("Nothing was done on that day: there is nothing for the log.")
    if any(line.hurt for line in lines):
        said.append("Something hurt. No load goes up on this, and it wants a word.")
    return HomeResultView(
        id=result.run,
        client_id=who.id,
        client=who.name,
        day=day.name,
        on=begun.astimezone(now.tzinfo).date(),
        minutes=round((ended - begun).total_seconds() / 60),
        effort=result.effort,
        note=result.note,
        lines=lines,
        said=tuple(said),
        again=kept is not None,
        taken=taken,
        open_to_log=not taken and session is None and any(line.done for line in lines),
        session_id=kept.session_id if kept else None,
    )


def gone_lines(scope: Scope, read: ReadResult) -> set[str] | None:
    """Answer the lines of the sheet's day that the program has no more; None where the day itself is gone."""
    program = programs.current(scope, read.sheet.program_id).program
    try:
        phase, day = find_day(program, read.day.day_id)
        week_index(phase, read.day.week_id)
    except DomainError:
        return None
    here = {line.id for line in day.lines}
    return {str(move.line) for move in read.day.moves if move.line not in here}


def _lines(read: ReadResult, gone: set[str]) -> tuple[HomeResultLine, ...]:
    by_line: dict[str, list[PerformedSet]] = {}
    for row in read.sets:
        by_line.setdefault(row.slot.line, []).append(row)
    return tuple(
        HomeResultLine(
            exercise=move.name,
            asked=move.planned,
            done=_done(by_line.get(move.line, [])),
            hurt=any(row.how.hurt for row in by_line.get(move.line, [])),
            gone=move.line in gone,
        )
        for move in read.day.moves
    )


def _done(rows: Sequence[PerformedSet]) -> tuple[str, ...]:
    """The sets that were done, in their order; alike ones are said once."""
    done = (row for row in rows if row.outcome is Outcome.DONE)
    said = []
    for row in sorted(done, key=lambda r: (not r.slot.ramp, r.slot.number)):
        load = f" with {row.load}" if row.load is not None and row.load.value else ""
        left = f", {row.reserve} left" if row.reserve is not None else ""
        said.append(f"{row.amount}{load}{left}{', hurt' if row.how.hurt else ''}")
    alike = [(words, len(list(same))) for words, same in groupby(said)]
    return tuple(words if many == 1 else f"{many} × {words}" for words, many in alike)
