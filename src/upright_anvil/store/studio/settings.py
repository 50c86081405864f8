"""Settings by name: the studio's, and beside them somebody's own, which come first."""

from sqlalchemy import bindparam, select

from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.query import Query
from upright_anvil.store.tables import SettingRow

OF_ALL = ""
"""In place of a person: what is set for the whole studio."""


def settings(scope: Scope) -> dict[str, str]:
    """Answer what is set for whoever asks: their own before the studio's."""
    mine = scope.actor.person_id or OF_ALL
    rows = sorted(_SETTINGS.all(scope, mine=mine), key=lambda row: row.person_id != OF_ALL)
    return {row.name: row.value for row in rows}


_SETTINGS: Query[SettingRow] = Query(
    select(SettingRow).where((SettingRow.person_id == OF_ALL) | (SettingRow.person_id == bindparam("mine")))
)


def keep_setting(scope: Scope, name: str, value: str, *, of_all: bool = False) -> None:
    """Keep one setting, for whoever asks or for the whole studio."""
    whose = OF_ALL if of_all else (scope.actor.person_id or OF_ALL)
    row = scope.db.get(SettingRow, (scope.studio_id, whose, name))
    if row is None:
        scope.db.add(SettingRow(person_id=whose, name=name, value=value))
    else:
        row.value = value
