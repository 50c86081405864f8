"""Consents, and how long files are kept."""

from datetime import date
from typing import Annotated

from pydantic import Field, StringConstraints

from upright_anvil.api.request_model import RequestModel
from upright_anvil.api.routing import resource
from upright_anvil.api.studio import Here
from upright_anvil.core.ids import ClientId
from upright_anvil.services.clients import consents, retention
from upright_anvil.services.clients.consents import ConsentView
from upright_anvil.services.clients.retention import Retention

router = resource(tag="clients")


class ConsentRequest(RequestModel):
    """What a client agreed to, in the words they were shown, and on which day."""

    text: Annotated[str, StringConstraints(strip_whitespace=True, max_length=4000)]
    on: date


class WithdrawalRequest(RequestModel):
    """Since when a consent holds no more."""

    on: date


class RetentionRequest(RequestModel):
    """Years that a file is kept after the client was there last."""

    years: Annotated[int, Field(ge=1, le=30)]


@router.post("/clients/{client_id}/consents", status_code=201)
async def add_consent(client_id: ClientId, asked: ConsentRequest, here: Here) -> list[ConsentView]:
    """Keep that a client agreed."""
    return await here.write(
        lambda scope: list(consents.add_consent(scope, client_id, asked.text, asked.on, here.now, here.today))
    )


@router.put("/clients/{client_id}/consents/{consent_id}/withdrawn")
async def withdraw_consent(
    client_id: ClientId, consent_id: str, asked: WithdrawalRequest, here: Here
) -> list[ConsentView]:
    """Keep that a client took a consent back."""
    return await here.write(
        lambda scope: list(consents.withdraw_consent(scope, client_id, consent_id, asked.on, here.today))
    )


@router.get("/retention")
def retention_list(here: Here) -> Retention:
    """How long files are kept, and whose are due."""
    with here.reading() as scope:
        return retention.retention(scope, here.today)


@router.put("/retention")
async def change_retention(asked: RetentionRequest, here: Here) -> Retention:
    """Change how long files are kept."""
    return await here.write(lambda scope: retention.change_retention(scope, asked.years, here.today))
