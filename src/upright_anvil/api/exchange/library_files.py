"""The trainer's own library as a file, and the calendar by a secret address."""

from typing import Annotated

from fastapi import Response
from pydantic import Base64Bytes, BaseModel, StringConstraints

from upright_anvil.api.exchange.routes import download
from upright_anvil.api.request_model import RequestModel
from upright_anvil.api.routing import resource
from upright_anvil.api.studio import Here
from upright_anvil.services.exchange import feed, library_files
from upright_anvil.services.exchange.library_files import LibraryLook

router = resource("", tag="exchange")

Key = Annotated[str, StringConstraints(min_length=8, max_length=64, pattern=r"^[A-Za-z0-9_-]+$")]


class LibraryFileRequest(RequestModel):
    """A library file (.json), its bytes in base64."""

    content: Base64Bytes


class CalendarFeed(BaseModel):
    """Where the calendar is fed from, below this app's own address; empty where it is off."""

    path: str


def _at(key: str) -> CalendarFeed:
    return CalendarFeed(path=f"/api/calendars/{key}.ics" if key else "")


@router.get("/library/file", response_class=Response)
def library_file(here: Here) -> Response:
    """Own exercises and templates as a file."""
    with here.reading() as scope:
        return download(library_files.own_library(scope))


@router.post("/library/file/look")
def look_at_library(asked: LibraryFileRequest, here: Here) -> LibraryLook:
    """What a library file would add; nothing is kept."""
    with here.reading() as scope:
        return library_files.look_at_library(scope, asked.content)


@router.post("/library/file")
async def bring_in_library(asked: LibraryFileRequest, here: Here) -> LibraryLook:
    """Add what a library file has and this studio has not."""
    return await here.write(lambda scope: library_files.bring_in_library(scope, asked.content, here.now))


@router.get("/calendar-feed")
def calendar_feed(here: Here) -> CalendarFeed:
    """Where the calendar of all clients is fed from."""
    with here.reading() as scope:
        return _at(feed.feed_key(scope))


@router.post("/calendar-feed")
async def new_calendar_feed(here: Here) -> CalendarFeed:
    """Feed the calendar from a new secret address; the one before answers no more."""
    return _at(await here.write(feed.new_feed))


@router.delete("/calendar-feed")
async def end_calendar_feed(here: Here) -> CalendarFeed:
    """End the feed."""
    await here.write(feed.end_feed)
    return _at("")


@router.get("/calendars/{key}.ics", response_class=Response)
async def fed_calendar(key: Key, here: Here) -> Response:
    """The sessions of all clients, for a calendar that knows the secret."""
    file = await here.read(lambda scope: feed.feed(scope, key, here.today))
    return Response(file.content, media_type=file.media, headers={"Cache-Control": "private, max-age=900"})
