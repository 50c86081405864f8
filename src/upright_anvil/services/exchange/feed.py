"""The calendar of all clients by a secret address, for a calendar that asks for it again and again."""

from datetime import date, timedelta
from hmac import compare_digest
from secrets import token_urlsafe

from upright_anvil.formats.exchange.calendar_file import calendar_ics
from upright_anvil.services.exchange.exporting import CALENDAR, ExportedFile, entries_of
from upright_anvil.store import programs
from upright_anvil.store.client.clients import all_clients
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.studio import settings as store

NAME = "calendar_key"
BACK_DAYS, AHEAD_DAYS = 28, 120
"""A feed has the sessions from four weeks ago to four months ahead. House rule."""


def feed_key(scope: Scope) -> str:
    """Answer the secret part of the feed's address, empty where there is none."""
    return store.settings(scope).get(NAME, "")


def new_feed(scope: Scope) -> str:
    """Answer a new secret; the address before it answers nothing any more."""
    key = token_urlsafe(24)
    store.keep_setting(scope, NAME, key, of_all=True)
    return key


def end_feed(scope: Scope) -> None:
    """End the feed: its address answers nothing any more."""
    store.keep_setting(scope, NAME, "", of_all=True)


def feed(scope: Scope, key: str, today: date) -> ExportedFile:
    """Answer the sessions of all clients who train here. Raises `NotFoundError` for any other key."""
    kept = feed_key(scope)
    if not kept or not compare_digest(kept.encode(), key.encode()):
        raise NotFoundError("calendar")
    start, end = today - timedelta(days=BACK_DAYS), today + timedelta(days=AHEAD_DAYS)
    entries = []
    for who in all_clients(scope):
        if not who.former:
            rows = [row for row in programs.programs_of_client(scope, who.id) if row.starts_on <= end]
            entries += [one for one in entries_of(scope, who.id, rows, today, start) if start <= one.on <= end]
    return ExportedFile("training.ics", CALENDAR, calendar_ics("Training", entries))
