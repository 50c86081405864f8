"""Home sheets and their results."""

from collections.abc import Sequence

from sqlalchemy import select

from upright_anvil.core.ids import ClientId
from upright_anvil.store.file.database import ANY_STUDIO, Scope
from upright_anvil.store.rows.by_id import found
from upright_anvil.store.rows.query import Query
from upright_anvil.store.tables import HomeResultRow, HomeSheetRow


def home_sheet(scope: Scope, sheet_id: str) -> HomeSheetRow:
    """Answer one sheet. Raises `NotFoundError`."""
    return found(scope, HomeSheetRow, sheet_id, "home sheet")


def is_taken(scope: Scope, sheet_id: str) -> bool:
    """Answer whether a sheet of this id is kept, whoever's it is."""
    query = select(HomeSheetRow.id).where(HomeSheetRow.id == sheet_id)
    return scope.db.scalar(query, execution_options=ANY_STUDIO) is not None


def sheets_of_client(scope: Scope, client_id: ClientId, limit: int) -> Sequence[HomeSheetRow]:
    """Answer a client's newest sheets, newest first."""
    query = select(HomeSheetRow).where(HomeSheetRow.client_id == client_id)
    return scope.db.scalars(query.order_by(HomeSheetRow.made_at.desc(), HomeSheetRow.id).limit(limit)).all()


def result(scope: Scope, result_id: str) -> HomeResultRow | None:
    """Answer a result by the run it says it is of, None where it has not come back."""
    return scope.db.scalars(select(HomeResultRow).where(HomeResultRow.id == result_id)).first()


def results_of_client(scope: Scope, client_id: ClientId, limit: int) -> Sequence[HomeResultRow]:
    """Answer a client's newest results, newest first."""
    query = select(HomeResultRow).where(HomeResultRow.client_id == client_id)
    return scope.db.scalars(query.order_by(HomeResultRow.seq.desc()).limit(limit)).all()


def unread_results(scope: Scope) -> Sequence[HomeResultRow]:
    """Answer results that wait to be looked at, or want a word that nobody has had yet, oldest first."""
    return _UNREAD.all(scope)


_UNREAD: Query[HomeResultRow] = Query(
    select(HomeResultRow)
    .where(HomeResultRow.read.is_(False), HomeResultRow.set_aside.is_(False))
    .order_by(HomeResultRow.seq)
)
