"""What is asked when something is brought in."""

from typing import Annotated

from pydantic import Base64Bytes, Field

from upright_anvil.api.request_model import MADE, RequestModel
from upright_anvil.core.ids import ClientId, ExerciseId
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.parts import OptionalExercise

MOST_PASTED = 600_000
"""Characters of a pasted table."""

MOST_NAMES = 600
"""Names that exercises are chosen for."""

Pasted = Annotated[str, Field(min_length=1, max_length=MOST_PASTED)]
TypedName = Annotated[str, Field(min_length=1, max_length=400)]


class TableFileRequest(RequestModel):
    """A file with a table (.xlsx, .csv, .tsv, .txt), its bytes in base64."""

    content: Base64Bytes


class PastedClientsRequest(RequestModel):
    """Clients as rows; ``unit`` is theirs where no column says it."""

    text: Pasted
    unit: Unit = Unit.KG


class PastedSessionsRequest(RequestModel):
    """Past sessions as rows, of one client or of those that a column names."""

    text: Pasted
    client: Annotated[ClientId, MADE] | None = None


class BringInSessionsRequest(PastedSessionsRequest):
    """The same to be written; ``chosen`` names exercises by the name as typed, empty to leave it out."""

    chosen: Annotated[dict[TypedName, OptionalExercise], Field(max_length=MOST_NAMES)] = Field(default_factory=dict)

    def exercises(self) -> dict[str, ExerciseId]:
        """Answer the exercises chosen."""
        return dict(self.chosen)
