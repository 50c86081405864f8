"""Logging on the floor, and the review after the session."""

from collections.abc import AsyncIterator

from fastapi.concurrency import run_in_threadpool
from fastapi.responses import StreamingResponse

from upright_anvil.api.floor.requests import ChangeRequest, UndoChangeRequest
from upright_anvil.api.routing import resource
from upright_anvil.api.sessions.requests import (
    AfterwardsRequest,
    DecisionsRequest,
    EffortRequest,
    FinishRequest,
    NoteRequest,
    SetRequest,
    StartRequest,
    WeekRequest,
)
from upright_anvil.api.studio import Here, heavy
from upright_anvil.core.ids import SessionId
from upright_anvil.services.acknowledged import Acknowledged
from upright_anvil.services.board.trial import TrialView
from upright_anvil.services.floor import afterwards, finishing, logging
from upright_anvil.services.floor.changes import changing
from upright_anvil.services.floor.finishing import SessionSummary
from upright_anvil.services.review import decisions
from upright_anvil.services.review.opening import open_review
from upright_anvil.services.review.presenting import view_of
from upright_anvil.services.review.views import ReviewView

router = resource("/sessions/{session_id}", tag="sessions")


@router.put("")
async def start_session(session_id: SessionId, asked: StartRequest, here: Here) -> Acknowledged:
    """Open a session in the ledger."""
    return await here.write(
        lambda scope: logging.start_session(
            scope, session_id, asked.program_id, asked.week_id, asked.day_id, asked.started_at, here.now
        ),
        about=session_id,
    )


@router.post("/afterwards")
async def log_afterwards(session_id: SessionId, asked: AfterwardsRequest, here: Here) -> Acknowledged:
    """Write down a session on the day it was held."""
    return await here.write(
        lambda scope: afterwards.log_afterwards(
            scope,
            session_id,
            asked.program_id,
            asked.week_id,
            asked.day_id,
            asked.on,
            asked.text,
            here.now,
            asked.place,
        ),
        about=session_id,
    )


@router.post("/sets")
async def log_set(session_id: SessionId, asked: SetRequest, here: Here) -> Acknowledged:
    """Store a performed set; answered only when it is on disk. Sent twice, it is stored once."""
    row = asked.row()
    return await here.write(lambda scope: logging.log_set(scope, session_id, row, here.now), about=session_id)


@router.post("/notes")
async def add_note(session_id: SessionId, asked: NoteRequest, here: Here) -> Acknowledged:
    """Store a note."""
    return await here.write(
        lambda scope: logging.add_note(
            scope, session_id, asked.id, asked.line, asked.text, here.now, for_next=asked.for_next
        ),
        about=session_id,
    )


@router.post("/changes")
async def make_change(session_id: SessionId, asked: ChangeRequest, here: Here) -> Acknowledged:
    """Make a change of the day; sent twice, it is made once."""
    requested, left_out = asked.wanted.asks(), frozenset(asked.left_out)
    return await here.write(
        lambda scope: changing.make_change(scope, session_id, asked.id, requested, left_out, here.now, here.today),
        about=session_id,
    )


@router.post("/changes/undo")
async def undo_change(session_id: SessionId, asked: UndoChangeRequest, here: Here) -> Acknowledged:
    """Take back a change of the day, or one part of it."""
    return await here.write(
        lambda scope: changing.undo_change(scope, session_id, asked.id, asked.undoes, here.now, here.today),
        about=session_id,
    )


@router.post("/effort")
async def say_effort(session_id: SessionId, asked: EffortRequest, here: Here) -> Acknowledged:
    """Keep how hard the whole session was."""
    return await here.write(lambda scope: logging.say_effort(scope, session_id, asked.effort))


@router.post("/finish")
async def finish_session(session_id: SessionId, asked: FinishRequest, here: Here) -> Acknowledged:
    """Close a session."""
    return await here.write(
        lambda scope: logging.finish_session(scope, session_id, asked.finished_at, here.now), about=session_id
    )


@router.get("/news")
async def news(session_id: SessionId, here: Here) -> StreamingResponse:
    """Server-sent events: one each time something of the session was written, from whatever device.

    It ends when somebody's right to come in changes; who still may asks again.
    """
    turn = here.shared.access.turn

    async def events() -> AsyncIterator[str]:
        async for written in here.news.of(session_id):
            if here.shared.access.turn != turn:
                return
            yield "data: written\n\n" if written else ": still here\n\n"

    return StreamingResponse(events(), media_type="text/event-stream", headers={"Cache-Control": "no-store"})


@router.get("/summary")
def session_summary(session_id: SessionId, here: Here) -> SessionSummary:
    """A session once it was run: planned against done, what to praise, what is left."""
    with here.reading() as scope:
        return finishing.summary(scope, session_id, here.today)


@router.get("/review")
@heavy
def review_session(session_id: SessionId, here: Here) -> ReviewView:
    """A session after it was run, with a proposal for each line."""
    with here.reading() as scope:
        return view_of(open_review(scope, session_id, here.today))


@router.post("/decisions", status_code=201)
async def decide(session_id: SessionId, asked: DecisionsRequest, here: Here) -> ReviewView:
    """Keep decisions; each accepted or changed one writes next week's cell."""
    opened = await here.read(lambda scope: open_review(scope, session_id, here.today))
    taken = await here.write(
        lambda scope: decisions.decide(scope, opened, [one.decision() for one in asked.decisions], here.now)
    )
    return await run_in_threadpool(view_of, taken)


@router.post("/decisions/try")
@heavy
def try_decisions(session_id: SessionId, asked: DecisionsRequest, here: Here) -> TrialView:
    """What decisions would do to the plan; nothing is kept."""
    with here.reading() as scope:
        opened = open_review(scope, session_id, here.today)
        return decisions.look(scope, opened, [one.decision() for one in asked.decisions], here.now, here.today)


@router.post("/next-week", status_code=201)
async def add_next_week(session_id: SessionId, asked: WeekRequest, here: Here) -> ReviewView:
    """Lengthen the session's phase by a week."""
    opened = await here.read(lambda scope: open_review(scope, session_id, here.today))
    await here.write(lambda scope: decisions.add_next_week(scope, opened, asked.week_id, here.now))
    return await here.read(lambda scope: view_of(open_review(scope, session_id, here.today)))


@router.post("/easier-week", status_code=201)
async def make_easier(session_id: SessionId, here: Here) -> ReviewView:
    """Make the week after the session an easing-off week, where one is due or earned."""
    opened = await here.read(lambda scope: open_review(scope, session_id, here.today))
    await here.write(lambda scope: decisions.make_easier(scope, opened, here.now))
    return await here.read(lambda scope: view_of(open_review(scope, session_id, here.today)))
