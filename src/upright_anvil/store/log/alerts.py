"""What stands still of each client, as it was worked out last: it can be worked out anew from the log at any time."""

from dataclasses import dataclass
from datetime import datetime
from typing import Any

from sqlalchemy import select
from sqlalchemy.dialects.sqlite import insert

from upright_anvil.core.ids import ClientId
from upright_anvil.core.progress.behind import Notice, Trouble
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.query import Query
from upright_anvil.store.tables import ClientAlertRow


@dataclass(frozen=True, slots=True)
class KeptAlert:
    """What was found, None for nothing, and the state of plan and log it was worked out from."""

    state: str
    notice: Notice | None


_ALL: Query[Any] = Query(
    select(ClientAlertRow.client_id, ClientAlertRow.state, ClientAlertRow.trouble, ClientAlertRow.text,
           ClientAlertRow.exercise)
)  # fmt: skip


def kept_alerts(scope: Scope) -> dict[ClientId, KeptAlert]:
    """Answer what is kept, by client."""
    return {
        client: KeptAlert(state, Notice(Trouble(trouble), text, exercise) if trouble else None)
        for client, state, trouble, text, exercise in _ALL.all(scope)
    }


def keep_alert(scope: Scope, client_id: ClientId, state: str, found: Notice | None, now: datetime) -> None:
    """Keep what was found in place of what was kept before."""
    said = {
        "state": state,
        "trouble": found.trouble.value if found else None,
        "text": found.text if found else "",
        "exercise": found.exercise if found else "",
        "at": now,
    }
    row = insert(ClientAlertRow).values(client_id=client_id, studio_id=scope.studio_id, **said)
    scope.db.execute(row.on_conflict_do_update(index_elements=["client_id"], set_=said))
