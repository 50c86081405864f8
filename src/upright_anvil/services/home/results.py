"""What comes back from a home sheet: looked at, then into the ledger as work done at home."""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import date, datetime, timedelta
from hmac import compare_digest
from itertools import groupby
from secrets import randbelow
from typing import Final

from upright_anvil.core.errors import DomainError
from upright_anvil.core.home.result import HomeResult, day_of_result, performed
from upright_anvil.core.home.sheet import HomeDay, HomeSheet
from upright_anvil.core.ids import ClientId, SessionId
from upright_anvil.core.ledger.rows import Outcome, PerformedSet
from upright_anvil.core.plan.locate import find_day, week_index
from upright_anvil.formats.home_result import read_result, sheet_of
from upright_anvil.services.floor.session import find_as_of
from upright_anvil.services.home.making import sheet_of_row
from upright_anvil.services.ids import fresh_id, session_id
from upright_anvil.store import home as store
from upright_anvil.store import ledger, programs
from upright_anvil.store.clients import client
from upright_anvil.store.database import Scope
from upright_anvil.store.not_found import NotFoundError
from upright_anvil.store.tables import HomeResultRow, HomeSheetRow, NoteRow, SessionRow

CODE_MINUTES = 30
"""How long a sheet may send to the studio after it was given a code. House rule."""

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
class _Read:
    row: HomeSheetRow
    sheet: HomeSheet
    result: HomeResult
    day: HomeDay
    sets: tuple[PerformedSet, ...]


def look_at_result(scope: Scope, text: str, client_id: ClientId | None, now: datetime) -> HomeResultView:
    """Answer what a text that came back would put into the log; nothing is kept.

    Raises `DomainError` for what is no result, changed on its way, or of another studio.
    """
    return _view(scope, _read(scope, text, now), text, client_id, now)


def take_result(scope: Scope, text: str, client_id: ClientId | None, now: datetime) -> HomeResultView:
    """Write a result into the log as work done at home, its pace left out of account; answer it as it stands then.

    The same one a second time changes nothing. Raises `DomainError` like looking at it, for another client's sheet, and
    where the day is in the log already.
    """
    read = _read(scope, text, now)
    view = _view(scope, read, text, client_id, now)
    if view.taken:
        return view
    if client_id is not None and client_id != read.sheet.client_id:
        raise DomainError(f"This sheet is {view.client}'s, not this client's. Nothing was written.")
    if not view.open_to_log:
        raise DomainError(view.said[0])
    sid = _write(scope, read, now)
    kept = store.result(scope, read.result.run) or _keep(scope, read, text, now)
    kept.session_id = sid
    kept.set_aside = False
    kept.read = not (kept.hurt or kept.note)
    scope.db.flush()
    return _view(scope, read, text, client_id, now)


def set_aside(scope: Scope, result_id: str) -> None:
    """Leave a result that waits out of the log; it stays to be read. Raises `NotFoundError`."""
    row = store.result(scope, result_id)
    if row is None:
        raise NotFoundError("result")
    row.set_aside, row.read = row.session_id is None, True


def had_a_word(scope: Scope, result_id: str) -> None:
    """Note that what came back has been spoken about. Raises `NotFoundError`."""
    row = store.result(scope, result_id)
    if row is None:
        raise NotFoundError("result")
    row.read = True


def give_code(scope: Scope, sheet_id: str, now: datetime) -> str:
    """Answer a code with which a sheet may send one result within half an hour. Raises `NotFoundError`."""
    row = store.home_sheet(scope, sheet_id)
    row.send_code, row.send_until = f"{randbelow(1_000_000):06d}", now + timedelta(minutes=CODE_MINUTES)
    scope.db.flush()
    return row.send_code


TRIES: Final = 5
"""Wrong codes after which a code is spent."""


def receive(scope: Scope, text: str, code: str, now: datetime) -> str:
    """Keep what a client's phone sent with a code until the trainer looks at it; answer why not, empty when it is kept.

    A wrong code is counted; after five the code is spent. Raises `DomainError` where the text is no result.
    """
    row = _sheet_row(scope, text)
    if not row.send_code or row.send_until is None or row.send_until < now:
        return "The code is spent or too old: ask your trainer for a new one."
    given, _, wrong = row.send_code.partition(":")
    if not compare_digest(given, code.strip()):
        tries = int(wrong or 0) + 1
        row.send_code = "" if tries >= TRIES else f"{given}:{tries}"
        return "That is not the code of this sheet."
    read = _read(scope, text, now)
    row.send_code = ""
    if store.result(scope, read.result.run) is None:
        _keep(scope, read, text, now)
    return ""


def text_of(scope: Scope, result_id: str) -> str:
    """Answer the text of a result that was kept. Raises `NotFoundError`."""
    row = store.result(scope, result_id)
    if row is None:
        raise NotFoundError("result")
    return row.text


def _sheet_row(scope: Scope, text: str) -> HomeSheetRow:
    try:
        return store.home_sheet(scope, sheet_of(text))
    except NotFoundError as stranger:
        raise DomainError(NO_SHEET) from stranger


def _read(scope: Scope, text: str, now: datetime) -> _Read:
    row = _sheet_row(scope, text)
    sheet = sheet_of_row(row)
    result = read_result(text, sheet.key)
    return _Read(row, sheet, result, day_of_result(sheet, result), performed(sheet, result, now))


def _view(scope: Scope, read: _Read, text: str, client_id: ClientId | None, now: datetime) -> HomeResultView:
    sheet, result, day = read.sheet, read.result, read.day
    who = client(scope, sheet.client_id)
    begun, ended = result.held(now)
    kept = store.result(scope, result.run)
    sid = session_id(sheet.program_id, day.week_id, day.day_id)
    session = ledger.find_session(scope, sid)
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
    gone = _gone(scope, read)
    if gone is None:
        said.append("That day is not in the program any more. It goes into the log as it was on the sheet.")
    elif gone:
        names = ", ".join(sorted({move.name for move in day.moves if move.line in gone}))
        said.append(f"Not in the program any more, kept as it was on the sheet: {names}.")
    if begun != result.begun:
        said.append("The phone's clock was wrong: today is taken for the day.")
    lines = _lines(read, set() if gone is None else gone)
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


def _gone(scope: Scope, read: _Read) -> set[str] | None:
    """The lines of the sheet's day that the program has no more; None where the day itself is gone."""
    program = programs.current(scope, read.sheet.program_id).program
    try:
        phase, day = find_day(program, read.day.day_id)
        week_index(phase, read.day.week_id)
    except DomainError:
        return None
    here = {line.id for line in day.lines}
    return {str(move.line) for move in read.day.moves if move.line not in here}


def _lines(read: _Read, gone: set[str]) -> tuple[HomeResultLine, ...]:
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


def _write(scope: Scope, read: _Read, now: datetime) -> SessionId:
    """The session and its sets. A session at home has no estimate, so that it says nothing of the client's pace."""
    sheet, day = read.sheet, read.day
    gone = _gone(scope, read)
    held = programs.program_row(scope, sheet.program_id).revision
    found = find_as_of(scope, sheet.program_id, sheet.revision if gone is None else held, day.week_id, day.day_id)
    begun, ended = read.result.held(now)
    row = SessionRow(
        id=found.id,
        client_id=sheet.client_id,
        program_id=sheet.program_id,
        revision=found.revision.number,
        week_id=day.week_id,
        day_id=day.day_id,
        on_date=begun.astimezone(now.tzinfo).date(),
        estimated_seconds=0,
        started_at=begun,
        finished_at=ended,
        effort=read.result.effort,
    )
    scope.db.add(row)
    scope.db.flush()
    for performed_set in read.sets:
        ledger.add_set(scope, found.id, performed_set, now)
    if read.result.note:
        scope.db.add(
            NoteRow(
                id=fresh_id(),
                client_id=sheet.client_id,
                session_id=found.id,
                line="",
                text=f"From home: {read.result.note}",
                for_next=False,
                at=now,
            )
        )
    return found.id


def _keep(scope: Scope, read: _Read, text: str, now: datetime) -> HomeResultRow:
    row = HomeResultRow(
        id=read.result.run,
        client_id=read.sheet.client_id,
        sheet_id=read.sheet.id,
        week_id=read.day.week_id,
        day_id=read.day.day_id,
        text=text.strip(),
        note=read.result.note,
        hurt=any(one.how.hurt for one in read.sets),
        session_id=None,
        set_aside=False,
        read=False,
        received_at=now,
    )
    scope.db.add(row)
    scope.db.flush()
    return row
