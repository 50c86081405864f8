"""What comes back from a home sheet: into the ledger as work done at home, or left out; sent by a phone with a code."""

from datetime import datetime, timedelta
from hmac import compare_digest
from secrets import randbelow
from typing import Final

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId, SessionId
from upright_anvil.services.floor.session import find_as_of
from upright_anvil.services.home.looking import HomeResultView, ReadResult, gone_lines, read_text, sheet_row, view_of
from upright_anvil.services.ids import fresh_id
from upright_anvil.store import programs
from upright_anvil.store.client import home as store
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import ledger
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.tables import HomeResultRow, NoteRow, SessionRow

CODE_MINUTES = 30
"""How long a sheet may send to the studio after it was given a code. House rule."""


def take_result(scope: Scope, text: str, client_id: ClientId | None, now: datetime) -> HomeResultView:
    """Write a result into the log as work done at home, its pace left out of account; answer it as it stands then.

    The same one a second time changes nothing. Raises `DomainError` like looking at it, for another client's sheet, and
    where the day is in the log already.
    """
    read = read_text(scope, text, now)
    view = view_of(scope, read, text, client_id, now)
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
    return view_of(scope, read, text, client_id, now)


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
    row = sheet_row(scope, text)
    if not row.send_code or row.send_until is None or row.send_until < now:
        return "The code is spent or too old: ask your trainer for a new one."
    given, _, wrong = row.send_code.partition(":")
    if not compare_digest(given, code.strip()):
        tries = int(wrong or 0) + 1
        row.send_code = "" if tries >= TRIES else f"{given}:{tries}"
        return "That is not the code of this sheet."
    read = read_text(scope, text, now)
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


def _write(scope: Scope, read: ReadResult, now: datetime) -> SessionId:
    """The session and its sets. A session at home has no estimate, so that it says nothing of the client's pace."""
    sheet, day = read.sheet, read.day
    gone = gone_lines(scope, read)
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
    ledger.add_sets(scope, found.id, read.sets, now)
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


def _keep(scope: Scope, read: ReadResult, text: str, now: datetime) -> HomeResultRow:
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
