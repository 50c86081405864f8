"""Logging on the floor, and the review after the session."""

from upright_anvil.api.floor.requests import ChangeRequest, UndoChangeRequest, wanted_of
from upright_anvil.api.routing import resource
from upright_anvil.api.sessions.requests import (
    DecisionsRequest,
    EffortRequest,
    FinishRequest,
    NoteRequest,
    SetRequest,
    StartRequest,
    WeekRequest,
)
from upright_anvil.api.studio import Here
from upright_anvil.core.ids import SessionId
from upright_anvil.services.floor import changing, finishing, logging
from upright_anvil.services.floor.finishing import SessionSummary
from upright_anvil.services.floor.logging import Acknowledged
from upright_anvil.services.review import decisions, review
from upright_anvil.services.review.decisions import Decision
from upright_anvil.services.review.review import ReviewView

router = resource("/sessions/{session_id}", tag="sessions")


@router.put("")
def start_session(session_id: SessionId, asked: StartRequest, here: Here) -> Acknowledged:
    """Open a session in the ledger."""
    with here.writing() as scope:
        return logging.start_session(
            scope, session_id, asked.program_id, asked.week_id, asked.day_id, asked.started_at, here.now
        )


@router.post("/sets")
async def log_set(session_id: SessionId, asked: SetRequest, here: Here) -> Acknowledged:
    """Store a performed set; answered only when it is on disk. Sent twice, it is stored once.

    It runs on the event loop: a hand-over to a thread costs more than the insert itself.
    """
    row = asked.row()
    with here.writing() as scope:
        return logging.log_set(scope, session_id, row, here.now)


@router.post("/notes")
def add_note(session_id: SessionId, asked: NoteRequest, here: Here) -> Acknowledged:
    """Store a note."""
    with here.writing() as scope:
        return logging.add_note(scope, session_id, asked.id, asked.line, asked.text, here.now, for_next=asked.for_next)


@router.post("/changes")
def make_change(session_id: SessionId, asked: ChangeRequest, here: Here) -> Acknowledged:
    """Make a change of the day; sent twice, it is made once."""
    with here.writing() as scope:
        left_out = frozenset(asked.left_out)
        return changing.make_change(
            scope, session_id, asked.id, wanted_of(asked.wanted), left_out, here.now, here.today
        )


@router.post("/changes/undo")
def undo_change(session_id: SessionId, asked: UndoChangeRequest, here: Here) -> Acknowledged:
    """Take back a change of the day, or one part of it."""
    with here.writing() as scope:
        return changing.undo_change(scope, session_id, asked.id, asked.undoes, here.now, here.today)


@router.post("/effort")
def say_effort(session_id: SessionId, asked: EffortRequest, here: Here) -> Acknowledged:
    """Keep how hard the whole session was."""
    with here.writing() as scope:
        return logging.say_effort(scope, session_id, asked.effort)


@router.post("/finish")
def finish_session(session_id: SessionId, asked: FinishRequest, here: Here) -> Acknowledged:
    """Close a session."""
    with here.writing() as scope:
        return logging.finish_session(scope, session_id, asked.finished_at, here.now)


@router.get("/summary")
def session_summary(session_id: SessionId, here: Here) -> SessionSummary:
    """A session once it was run: planned against done, what to praise, what is left."""
    with here.reading() as scope:
        return finishing.summary(scope, session_id, here.today)


@router.get("/review")
def review_session(session_id: SessionId, here: Here) -> ReviewView:
    """A session after it was run, with a proposal for each line."""
    with here.reading() as scope:
        return review.review_session(scope, session_id, here.today)


@router.post("/decisions", status_code=201)
def decide(session_id: SessionId, asked: DecisionsRequest, here: Here) -> ReviewView:
    """Keep decisions; each accepted or changed one writes next week's cell."""
    with here.writing() as scope:
        return decisions.decide(
            scope, session_id, [Decision(**d.model_dump()) for d in asked.decisions], here.now, here.today
        )


@router.post("/next-week", status_code=201)
def add_next_week(session_id: SessionId, asked: WeekRequest, here: Here) -> ReviewView:
    """Lengthen the session's phase by a week."""
    with here.writing() as scope:
        return decisions.add_next_week(scope, session_id, asked.week_id, here.now, here.today)


@router.post("/easier-week", status_code=201)
def make_easier(session_id: SessionId, here: Here) -> ReviewView:
    """Make the week after the session an easing-off week, where one is due or earned."""
    with here.writing() as scope:
        return decisions.make_easier(scope, session_id, here.now, here.today)
