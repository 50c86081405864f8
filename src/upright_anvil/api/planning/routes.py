"""Help with writing a program: findings, trying edits, filling, fitting, the calendar, revisions."""

from typing import Annotated

from fastapi import Query
from pydantic import Field

from upright_anvil.api.programs.requests import (
    EndRequest,
    PathRequest,
    RestoreRequest,
    SourceDayRequest,
    SourcePhaseRequest,
    SourceRequest,
    TrialRequest,
)
from upright_anvil.api.request_model import LARGEST
from upright_anvil.api.routing import resource
from upright_anvil.api.studio import Here, heavy
from upright_anvil.core.fitting.cost import TimeLever
from upright_anvil.core.fitting.fit import Fit, FitTerms
from upright_anvil.core.ids import NO_LINE, NO_WEEK, DayId, ExerciseId, LineId, ProgramId, WeekId
from upright_anvil.core.missed_session import WayOut
from upright_anvil.services.board import filling, findings, fitting, reading, revisions
from upright_anvil.services.board.opening import board_of
from upright_anvil.services.board.reading import CellAddress, Hints
from upright_anvil.services.board.revisions import Comparison
from upright_anvil.services.board.trial import TrialView
from upright_anvil.services.board.views import BoardView, FindingsView
from upright_anvil.services.calendar import calendar
from upright_anvil.services.calendar.calendar import CalendarView
from upright_anvil.services.programs import outcome, over_the_years
from upright_anvil.services.programs.outcome_views import OutcomeView
from upright_anvil.services.programs.over_the_years import ProgramsView
from upright_anvil.services.starting import taking_over
from upright_anvil.services.starting.taking_over import Started

Revision = Annotated[int, Field(ge=1, le=LARGEST)]
"""The number of a revision."""

router = resource("/programs/{program_id}", tag="planning")


@router.get("/phases/{phase_id}/findings")
@heavy
def findings_of(program_id: ProgramId, phase_id: str, here: Here) -> FindingsView:
    """What the checks find in a phase."""
    with here.reading() as scope:
        return findings.findings_of(scope, program_id, phase_id, here.today)


@router.post("/try")
@heavy
def try_edits(program_id: ProgramId, asked: TrialRequest, here: Here) -> TrialView:
    """What edits would change; nothing is kept."""
    with here.reading() as scope:
        return findings.try_edits(scope, program_id, asked.edits, here.today)


@router.get("/hints")
def hints(
    program_id: ProgramId, exercise: ExerciseId, here: Here, line: LineId = NO_LINE, week: WeekId = NO_WEEK
) -> Hints:
    """What may be typed for an exercise in a cell: loads of the place of that week, last time's numbers."""
    with here.reading() as scope:
        return reading.hints(scope, program_id, exercise, here.today, CellAddress(line, week))


@router.post("/fill", status_code=201)
async def fill(program_id: ProgramId, asked: PathRequest, here: Here) -> BoardView:
    """Fill lines from a week on along a path, as a new revision."""
    saved = await here.write(
        lambda scope: filling.fill(
            scope, program_id, asked.base, asked.lines, asked.week, asked.path(), here.now, here.today, asked.until
        )
    )
    return await here.read(lambda scope: board_of(scope, saved, here.today))


@router.post("/fill/try")
def try_fill(program_id: ProgramId, asked: PathRequest, here: Here) -> TrialView:
    """What filling lines along a path would change; nothing is kept."""
    with here.reading() as scope:
        return filling.try_fill(scope, program_id, asked.lines, asked.week, asked.path(), here.today, asked.until)


@router.get("/weeks/{week_id}/days/{day_id}/fit")
@heavy
def fit_session(
    program_id: ProgramId,
    week_id: WeekId,
    day_id: DayId,
    minutes: Annotated[int, Query(ge=5, le=240)],
    here: Here,
    all_weeks: bool = False,
    without: Annotated[list[TimeLever], Query()] = [],  # noqa: B006 - FastAPI copies the default
) -> Fit:
    """Ranked changes that fit a session into some minutes; in all weeks from this one on, without some ways."""
    terms = FitTerms(all_weeks, frozenset(without))
    with here.reading() as scope:
        return fitting.fit_session(scope, program_id, week_id, day_id, minutes, here.today, terms)


@router.get("/calendar")
@heavy
def calendar_of(program_id: ProgramId, here: Here) -> CalendarView:
    """Every session with its date and what became of it."""
    with here.reading() as scope:
        return calendar.calendar_of(scope, program_id, here.today)


@router.get("/weeks/{week_id}/days/{day_id}/ways-out")
@heavy
def ways_out(program_id: ProgramId, week_id: WeekId, day_id: DayId, here: Here) -> tuple[WayOut, ...]:
    """What can become of a session that cannot be held, best first."""
    with here.reading() as scope:
        return calendar.ways_out_of(scope, program_id, week_id, day_id, here.today)


@router.post("/phases", status_code=201)
async def add_template_phase(program_id: ProgramId, asked: SourcePhaseRequest, here: Here) -> Started:
    """Add a template as the next phase."""
    begun = await here.write(
        lambda scope: taking_over.add_phase_from(scope, program_id, asked.base, asked.source(), here.now, here.today)
    )
    return await here.read(lambda scope: taking_over.drawn(scope, begun, here.today))


@router.post("/phases/try")
def try_template_phase(program_id: ProgramId, asked: SourceRequest, here: Here) -> TrialView:
    """What a template or somebody's phase would change as the next one; nothing is kept."""
    with here.reading() as scope:
        return taking_over.try_phase(scope, program_id, asked.source(), here.today)


@router.post("/days", status_code=201)
async def add_template_day(program_id: ProgramId, asked: SourceDayRequest, here: Here) -> Started:
    """Add a day of a template to a phase, as an optional one."""
    begun = await here.write(
        lambda scope: taking_over.add_day_from(scope, program_id, asked.base, asked.choice(), here.now, here.today)
    )
    return await here.read(lambda scope: taking_over.drawn(scope, begun, here.today))


@router.post("/days/try")
def try_template_day(program_id: ProgramId, asked: SourceDayRequest, here: Here) -> TrialView:
    """What a day of a template would change in a phase; nothing is kept."""
    with here.reading() as scope:
        return taking_over.try_day(scope, program_id, asked.choice(), here.today)


@router.put("/ended")
async def end_program(program_id: ProgramId, asked: EndRequest, here: Here) -> ProgramsView:
    """End a program on a day, or take that back."""
    return await here.write(lambda scope: over_the_years.end_program(scope, program_id, asked.on, here.today))


@router.get("/outcome")
@heavy
def outcome_of(program_id: ProgramId, here: Here) -> OutcomeView:
    """What came of a program, and what would carry over to the next."""
    with here.reading() as scope:
        return outcome.outcome(scope, program_id, here.today)


@router.get("/compare")
@heavy
def compare_revisions(
    program_id: ProgramId, before: Annotated[Revision, Query()], after: Annotated[Revision, Query()], here: Here
) -> Comparison:
    """What differs between two revisions."""
    with here.reading() as scope:
        return revisions.compare_revisions(scope, program_id, before, after)


@router.get("/revisions/{number}")
@heavy
def as_it_was(program_id: ProgramId, number: Revision, here: Here) -> BoardView:
    """The program as it stood at a revision."""
    with here.reading() as scope:
        return revisions.as_it_was(scope, program_id, number, here.today)


@router.post("/restore", status_code=201)
async def restore(program_id: ProgramId, asked: RestoreRequest, here: Here) -> BoardView:
    """Bring a revision back, as a new one."""
    saved = await here.write(lambda scope: revisions.restore(scope, program_id, asked.base, asked.number, here.now))
    return await here.read(lambda scope: board_of(scope, saved, here.today))
