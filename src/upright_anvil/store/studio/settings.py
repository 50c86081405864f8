"""Settings by name: the studio's, and beside them somebody's own, which come first."""

from sqlalchemy import select

from upright_anvil.store.file.database import Scope
from upright_anvil.store.tables import SettingRow

OF_ALL = ""
"""In place of a person: what is set for the whole studio."""


def settings(scope: Scope) -> dict[str, str]:
    """Answer what is set for whoever asks: their own before the studio's."""
    mine = scope.actor.person_id or OF_ALL
    query = select(SettingRow).where(SettingRow.person_id.in_((OF_ALL, mine)))
    rows = sorted(scope.db.scalars(query), key=lambda row: row.person_id != OF_ALL)
    return {row.name: row.value for row in rows}


def keep_setting(scope: Scope, name: str, value: str, *, of_all: bool = False) -> None:
    """Keep one setting, for whoever asks or for the whole studio."""
    whose = OF_ALL if of_all else (scope.actor.person_id or OF_ALL)
    row = scope.db.get(SettingRow, (scope.studio_id, whose, name))
    if row is None:
        scope.db.add(SettingRow(person_id=whose, name=name, value=value))
    else:
        row.value = value
