"""The program board."""

from upright_anvil.api.programs.requests import (
    BringInRequest,
    EditsRequest,
    PastedRequest,
    ReadingRequest,
    ReplaceRequest,
    UndoRequest,
)
from upright_anvil.api.routing import resource
from upright_anvil.api.studio import Here, heavy
from upright_anvil.core.ids import NO_DAY, DayId, ProgramId
from upright_anvil.core.plan.read_out.reading import ReadCell
from upright_anvil.core.projection.scenario import Scenario
from upright_anvil.services.board import opening, pasting, replacing, saving, typed
from upright_anvil.services.board.findings import with_findings
from upright_anvil.services.board.opening import board_change, board_of
from upright_anvil.services.board.pasting import PastedView
from upright_anvil.services.board.reading import CellAddress
from upright_anvil.services.board.replacing import ReplaceTrial
from upright_anvil.services.board.views import BoardChange, BoardView
from upright_anvil.services.projection import looking_ahead
from upright_anvil.services.projection.views import AheadView
from upright_anvil.store.file.database import Scope
from upright_anvil.store.programs import RevisionHead

router = resource("/programs/{program_id}", tag="programs")


@router.get("")
@heavy
def open_board(program_id: ProgramId, here: Here) -> BoardView:
    """The program as it stands, read out against the client."""
    with here.reading() as scope:
        return opening.open_board(scope, program_id, here.today)


@router.post("/revisions", status_code=201)
async def save_edits(program_id: ProgramId, asked: EditsRequest, here: Here) -> BoardChange:
    """Save edits as a new revision and answer what changed; a stale save is refused with the difference."""
    edited = await here.read(lambda scope: saving.edited(scope, program_id, asked.base, asked.edits, here.today))
    saved = await here.write(lambda scope: saving.keep_edited(scope, edited, asked.reason, here.now))

    def answered(scope: Scope) -> BoardChange:
        return with_findings(scope, board_change(scope, edited, saved, here.today), saved, asked.look, here.today)

    return await here.read(answered)


@router.get("/revisions")
def history(program_id: ProgramId, here: Here) -> list[RevisionHead]:
    """The newest hundred revisions, newest first."""
    with here.reading() as scope:
        return list(saving.history(scope, program_id))


@router.post("/pasted/read")
def read_pasted(program_id: ProgramId, asked: PastedRequest, here: Here) -> PastedView:
    """What pasted rows are understood as, line by line; nothing is written."""
    with here.reading() as scope:
        return pasting.pasted_view(scope, program_id, asked.text)


@router.post("/pasted", status_code=201)
async def bring_in_pasted(program_id: ProgramId, asked: BringInRequest, here: Here) -> BoardView:
    """Write pasted rows into a phase as days of its own: one revision, one undo."""
    saved = await here.write(
        lambda scope: pasting.bring_in(scope, program_id, asked.base, asked.phase, asked.text, asked.chosen, here.now)
    )
    return await here.read(lambda scope: board_of(scope, saved, here.today))


@router.post("/undo", status_code=201)
async def undo(program_id: ProgramId, asked: UndoRequest, here: Here) -> BoardView:
    """Undo the last change, as a new revision."""
    saved = await here.write(lambda scope: saving.undo(scope, program_id, asked.base, here.now))
    return await here.read(lambda scope: board_of(scope, saved, here.today))


@router.post("/redo", status_code=201)
async def redo(program_id: ProgramId, asked: UndoRequest, here: Here) -> BoardView:
    """Redo what was undone, as a new revision."""
    saved = await here.write(lambda scope: saving.redo(scope, program_id, asked.base, here.now))
    return await here.read(lambda scope: board_of(scope, saved, here.today))


@router.post("/read")
def read_line(program_id: ProgramId, asked: ReadingRequest, here: Here) -> ReadCell:
    """Read a line as it is typed; nothing is kept."""
    with here.reading() as scope:
        return typed.read_line(
            scope, program_id, asked.text, asked.exercise, here.today, CellAddress(asked.line, asked.week)
        )


@router.post("/replace", status_code=201)
async def replace_all(program_id: ProgramId, asked: ReplaceRequest, here: Here) -> BoardView:
    """Find an exercise, a load or a rest all over the program and put another in its place: one revision."""
    saved = await here.write(
        lambda scope: replacing.replace_all(scope, program_id, asked.base, asked.wish(), here.now, here.today)
    )
    return await here.read(lambda scope: board_of(scope, saved, here.today))


@router.post("/replace/try")
def try_replace(program_id: ProgramId, asked: ReplaceRequest, here: Here) -> ReplaceTrial:
    """How many places would be replaced, and what that would do; nothing is kept."""
    with here.reading() as scope:
        return replacing.try_replace(scope, program_id, asked.wish(), here.today)


@router.get("/ahead")
@heavy
def look_ahead(
    program_id: ProgramId, here: Here, day: DayId = NO_DAY, outlook: Scenario = Scenario.LATELY
) -> AheadView:
    """A day, or the one trained next, through the weeks to come under an outlook: what the proposals would come to."""
    with here.reading() as scope:
        return looking_ahead.look_ahead(scope, program_id, day, outlook, here.today)
