"""Commands with the view that the API draws after them."""

from collections.abc import Sequence
from datetime import date, datetime

from upright_anvil.core.drafting.draft import Wish
from upright_anvil.core.ids import NO_WEEK, ClientId, LineId, ProgramId, SessionId, WeekId
from upright_anvil.core.plan.changing.paths import Path
from upright_anvil.core.plan.edits import Edit
from upright_anvil.services.board import empty_program, filling, revisions, saving
from upright_anvil.services.board.opening import board_of
from upright_anvil.services.board.views import BoardView
from upright_anvil.services.review import decisions
from upright_anvil.services.review.decisions import Decision
from upright_anvil.services.review.opening import open_review
from upright_anvil.services.review.presenting import view_of
from upright_anvil.services.review.views import ReviewView
from upright_anvil.services.starting import starting, taking_over
from upright_anvil.services.starting.sources import StartingPoint
from upright_anvil.services.starting.starting import DraftWish
from upright_anvil.services.starting.taking_over import Started
from upright_anvil.store.file.database import Scope


def save_edits(
    scope: Scope, program_id: ProgramId, base: int, edits: Sequence[Edit], reason: str, now: datetime, today: date
) -> BoardView:
    return board_of(scope, saving.save_edits(scope, program_id, base, edits, reason, now), today)


def undo(scope: Scope, program_id: ProgramId, base: int, now: datetime, today: date) -> BoardView:
    return board_of(scope, saving.undo(scope, program_id, base, now), today)


def redo(scope: Scope, program_id: ProgramId, base: int, now: datetime, today: date) -> BoardView:
    return board_of(scope, saving.redo(scope, program_id, base, now), today)


def fill(
    scope: Scope, program_id: ProgramId, base: int, lines: Sequence[LineId], week: WeekId, path: Path, now: datetime,
    today: date, until: WeekId = NO_WEEK,
) -> BoardView:  # fmt: skip
    return board_of(scope, filling.fill(scope, program_id, base, lines, week, path, now, today, until), today)


def restore(scope: Scope, program_id: ProgramId, base: int, number: int, now: datetime, today: date) -> BoardView:
    return board_of(scope, revisions.restore(scope, program_id, base, number, now), today)


def start_program(
    scope: Scope, client_id: ClientId, name: str, now: datetime, today: date, weeks: int = 4
) -> BoardView:
    return board_of(scope, empty_program.start_program(scope, client_id, name, now, today, weeks), today)


def start_from_template(scope: Scope, client_id: ClientId, template: str, now: datetime, today: date) -> Started:
    begun = taking_over.start_from(scope, client_id, StartingPoint(template), now, today)
    return taking_over.drawn(scope, begun, today)


def add_template_phase(
    scope: Scope, program_id: ProgramId, base: int, template: str, now: datetime, today: date
) -> Started:
    begun = taking_over.add_phase_from(scope, program_id, base, StartingPoint(template), now, today)
    return taking_over.drawn(scope, begun, today)


def start_from_draft(scope: Scope, client_id: ClientId, wish: Wish, now: datetime, today: date) -> Started:
    made = starting.drafted(scope, client_id, DraftWish(wish), today)
    return taking_over.drawn(scope, starting.start_from_draft(scope, client_id, made, now), today)


def review_session(scope: Scope, sid: SessionId, today: date) -> ReviewView:
    return view_of(open_review(scope, sid, today))


def decide(scope: Scope, sid: SessionId, taken: Sequence[Decision], now: datetime, today: date) -> ReviewView:
    return view_of(decisions.decide(scope, open_review(scope, sid, today), taken, now))


def add_next_week(scope: Scope, sid: SessionId, week_id: WeekId, now: datetime, today: date) -> ReviewView:
    decisions.add_next_week(scope, open_review(scope, sid, today), week_id, now)
    return review_session(scope, sid, today)


def make_easier(scope: Scope, sid: SessionId, now: datetime, today: date) -> ReviewView:
    decisions.make_easier(scope, open_review(scope, sid, today), now)
    return review_session(scope, sid, today)
