"""Starting points for a client's program: templates and drafts."""

from dataclasses import dataclass

from fastapi.responses import StreamingResponse
from pydantic import TypeAdapter

from upright_anvil.api.programs.requests import (
    CarryOnRequest,
    DraftRequest,
    FromSourceRequest,
    OwnTemplateRequest,
    RemovedRequest,
    SourceRequest,
)
from upright_anvil.api.routing import resource
from upright_anvil.api.steps import step_by_step
from upright_anvil.api.studio import Here, heavy
from upright_anvil.core.ids import ClientId
from upright_anvil.services.acknowledged import Acknowledged
from upright_anvil.services.board.opening import board_of
from upright_anvil.services.board.views import BoardView
from upright_anvil.services.programs import carrying_on, over_the_years
from upright_anvil.services.programs.over_the_years import ProgramsView
from upright_anvil.services.starting import own_templates, starting, taking_over
from upright_anvil.services.starting.starting import DraftView
from upright_anvil.services.starting.taking_over import Started, TakenOver, TemplateView

router = resource("/clients/{client_id}", tag="starting")


@router.get("/templates")
def templates(client_id: ClientId, here: Here) -> tuple[TemplateView, ...]:
    """All templates as they would become for a client."""
    with here.reading() as scope:
        return taking_over.templates_for(scope, client_id, here.today)


@router.get("/programs")
def programs_of(client_id: ClientId, here: Here) -> ProgramsView:
    """A client's programs over the years, the last to begin first."""
    with here.reading() as scope:
        return over_the_years.programs_of(scope, client_id, here.today)


@router.post("/program/look")
@heavy
def look_at_source(client_id: ClientId, asked: SourceRequest, here: Here) -> TakenOver:
    """What a template or somebody's program would become for a client; nothing is kept."""
    with here.reading() as scope:
        return taking_over.look(scope, client_id, asked.source(), here.today)


@router.post("/program/from-template", status_code=201)
async def start_from_template(client_id: ClientId, asked: FromSourceRequest, here: Here) -> Started:
    """Start a client's program from a template, or from somebody's program."""
    begun = await here.write(
        lambda scope: taking_over.start_from(scope, client_id, asked.source(), here.now, here.today, asked.start)
    )
    return await here.read(lambda scope: taking_over.drawn(scope, begun, here.today))


@router.post("/program/carried-on", status_code=201)
async def carry_on(client_id: ClientId, asked: CarryOnRequest, here: Here) -> BoardView:
    """Start the next program of a client from where the last one built to."""
    saved = await here.write(
        lambda scope: carrying_on.carry_on(
            scope, client_id, asked.program, asked.name, asked.without, here.now, here.today, asked.start
        )
    )
    return await here.read(lambda scope: board_of(scope, saved, here.today))


@dataclass(frozen=True, slots=True)
class DraftStep:
    """A line of the answer: what is being done and its share (0 to 1), last the draft, or why there is none."""

    doing: str = ""
    share: float = 0.0
    draft: DraftView | None = None
    refused: str = ""


_STEP = TypeAdapter(DraftStep)


@router.post("/draft", response_model=DraftStep)
async def draft(client_id: ClientId, asked: DraftRequest, here: Here) -> StreamingResponse:
    """A draft from the client file, step by step, each a line of JSON; nothing is kept."""
    return await step_by_step(
        here,
        lambda scope, told: starting.draft_for(scope, client_id, asked.wish(), here.today, told),
        doing=lambda words, share: _STEP.dump_json(DraftStep(words, round(share, 2))),
        done=lambda view: _STEP.dump_json(DraftStep(share=1.0, draft=view)),
        refused=lambda why: _STEP.dump_json(DraftStep(refused=why)),
    )


@router.post("/program/from-draft", status_code=201)
async def start_from_draft(client_id: ClientId, asked: DraftRequest, here: Here) -> Started:
    """Start a client's program from a draft."""
    made = await here.read(lambda scope: starting.drafted(scope, client_id, asked.wish(), here.today))
    begun = await here.write(lambda scope: starting.start_from_draft(scope, client_id, made, here.now))
    return await here.read(lambda scope: taking_over.drawn(scope, begun, here.today))


own = resource("/templates", tag="starting")


@own.post("", status_code=201)
async def keep_template(asked: OwnTemplateRequest, here: Here) -> Acknowledged:
    """Keep a phase as a template of the trainer's own, for every client."""
    return await here.write(
        lambda scope: own_templates.keep_template(
            scope, asked.source(), asked.name, asked.suits, here.now, mine=asked.mine
        )
    )


@own.put("/{template_id}/removed")
async def remove_template(template_id: str, asked: RemovedRequest, here: Here) -> Acknowledged:
    """Take a template of the trainer's own out, or bring it back."""
    return await here.write(lambda scope: own_templates.remove_template(scope, template_id, asked.removed, here.now))
