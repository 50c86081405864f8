"""Starting points for a client's program: templates and drafts."""

from fastapi import APIRouter, Response

from upright_anvil.api.answers import answer
from upright_anvil.api.asked.programs import AskedDraft, AskedTemplate
from upright_anvil.api.studio import Here
from upright_anvil.core.ids import ClientId
from upright_anvil.flows import starting
from upright_anvil.flows.starting import DraftView, Started, TemplateView

router = APIRouter(prefix="/clients/{client_id}", tags=["starting"])


@router.get("/templates", response_model=list[TemplateView])
def templates(client_id: ClientId, here: Here) -> Response:
    """All templates as they would become for a client."""
    with here.reading() as scope:
        return answer(starting.templates_for(scope, client_id, here.today), kind=tuple[TemplateView, ...])


@router.post("/program/from-template", status_code=201, response_model=Started)
def start_from_template(client_id: ClientId, asked: AskedTemplate, here: Here) -> Response:
    """Start a client's program from a template."""
    with here.writing() as scope:
        view = starting.start_from_template(scope, client_id, asked.template, here.now, here.today)
    return answer(view, 201)


@router.post("/draft", response_model=DraftView)
def draft(client_id: ClientId, asked: AskedDraft, here: Here) -> Response:
    """A draft from the client file; nothing is kept."""
    with here.reading() as scope:
        return answer(starting.draft_for(scope, client_id, asked.wish(), here.today))


@router.post("/program/from-draft", status_code=201, response_model=Started)
def start_from_draft(client_id: ClientId, asked: AskedDraft, here: Here) -> Response:
    """Start a client's program from a draft."""
    with here.writing() as scope:
        view = starting.start_from_draft(scope, client_id, asked.wish(), here.now, here.today)
    return answer(view, 201)
