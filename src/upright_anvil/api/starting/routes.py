"""Starting points for a client's program: templates and drafts."""

from dataclasses import dataclass

from fastapi.responses import StreamingResponse
from pydantic import TypeAdapter

from upright_anvil.api.programs.requests import DraftRequest, FromTemplateRequest
from upright_anvil.api.routing import resource
from upright_anvil.api.steps import step_by_step
from upright_anvil.api.studio import Here
from upright_anvil.core.ids import ClientId
from upright_anvil.services.starting import starting
from upright_anvil.services.starting.starting import DraftView, Started, TemplateView

router = resource("/clients/{client_id}", tag="starting")


@router.get("/templates")
def templates(client_id: ClientId, here: Here) -> tuple[TemplateView, ...]:
    """All templates as they would become for a client."""
    with here.reading() as scope:
        return starting.templates_for(scope, client_id, here.today)


@router.post("/program/from-template", status_code=201)
async def start_from_template(client_id: ClientId, asked: FromTemplateRequest, here: Here) -> Started:
    """Start a client's program from a template."""
    begun = await here.write(
        lambda scope: starting.start_from_template(scope, client_id, asked.template, here.now, here.today, asked.start)
    )
    return await here.read(lambda scope: starting.drawn(scope, begun, here.today))


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
    return await here.read(lambda scope: starting.drawn(scope, begun, here.today))
