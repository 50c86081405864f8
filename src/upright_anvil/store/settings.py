"""The trainer's own settings, by name."""

from sqlalchemy import select

from upright_anvil.store.database import Scope
from upright_anvil.store.tables import SettingRow


def settings(scope: Scope) -> dict[str, str]:
    """Answer what the trainer has set."""
    rows = scope.db.scalars(select(SettingRow))
    return {row.name: row.value for row in rows}


def keep_setting(scope: Scope, name: str, value: str) -> None:
    """Keep one setting."""
    row = scope.db.get(SettingRow, (scope.trainer_id, name))
    if row is None:
        scope.db.add(SettingRow(name=name, value=value))
    else:
        row.value = value
