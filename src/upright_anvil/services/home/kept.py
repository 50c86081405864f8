"""Home sheets as they were made: what is kept of one is its document."""

from functools import cache

from pydantic import TypeAdapter

from upright_anvil.core.home.sheet import HomeSheet
from upright_anvil.store.client import home as store
from upright_anvil.store.file.database import Scope
from upright_anvil.store.tables import HomeSheetRow


@cache
def _sheets() -> TypeAdapter[HomeSheet]:
    return TypeAdapter(HomeSheet)


def written(sheet: HomeSheet) -> str:
    """Write a sheet's document, JSON."""
    return _sheets().dump_json(sheet).decode()


def read(document: str) -> HomeSheet:
    """Read a sheet's document. Raises `pydantic.ValidationError` where it is none."""
    return _sheets().validate_json(document)


def kept_sheet(scope: Scope, sheet_id: str) -> HomeSheet:
    """Answer a sheet as it was made. Raises `NotFoundError`."""
    return sheet_of_row(store.home_sheet(scope, sheet_id))


def sheet_of_row(row: HomeSheetRow) -> HomeSheet:
    """Read a stored sheet."""
    return read(row.document)
