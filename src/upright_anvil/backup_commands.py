"""Backups from the command line: also where the server does not run, or on another machine."""

import getpass
import os
import shutil
import sys
from collections.abc import Callable, Mapping
from datetime import UTC, datetime
from pathlib import Path
from typing import Final

from upright_anvil.core.errors import DomainError
from upright_anvil.core.steps import untold
from upright_anvil.services.backups.backups import CheckedBackup, check_backup, make_backup, restore_backup
from upright_anvil.services.backups.folder import BackupFolder, named
from upright_anvil.store.file.backup import copy_file
from upright_anvil.store.file.opening import open_file, version_before_update

TYPED_BY_NOBODY: Final = "UPRIGHT_ANVIL_PASSPHRASE"
"""The variable a passphrase is read from where nobody types."""


def back_up_before_update(data: Path, now: datetime) -> Path | None:
    """Make a backup of a file whose tables are older than this app's; answer it, None where there is none to make.

    Without a passphrase it is a plain copy beside the file, readable by nobody else.
    """
    version = version_before_update(data)
    if version is None:
        return None
    folder = BackupFolder(data)
    if folder.settings is not None:
        return folder.file(make_backup(data, folder, now, untold, before=version).name)
    copy = data.with_name(f"{data.name}.before-{version}")
    copy.unlink(missing_ok=True)
    copy_file(data, copy, lambda _: None)
    return copy


def _choose(data: Path, _file: str, _of_another: bool) -> None:
    first = _passphrase("Passphrase for backups (twelve characters or more): ")
    if TYPED_BY_NOBODY not in os.environ and first != _passphrase("The same again: "):
        raise DomainError("The two are not the same. Nothing was changed.")
    BackupFolder(data).choose_passphrase(first)
    print("Backups are made with that passphrase from now on. Whoever loses it cannot read them.")


def _make(data: Path, _file: str, _of_another: bool) -> None:
    _see(data)
    made = make_backup(data, BackupFolder(data), datetime.now(UTC), _told)
    print(f"{BackupFolder(data).file(made.name)}, {made.size} bytes")


def _list(data: Path, _file: str, _of_another: bool) -> None:
    for one in BackupFolder(data).kept():
        print(f"{one.name}  {one.made_at.astimezone():%Y-%m-%d %H:%M}  {one.size} bytes")


def _check(data: Path, file: str, _of_another: bool) -> None:
    folder = BackupFolder(data)
    _report(check_backup(folder, _taken_in(folder, file), _passphrase("Passphrase of the backup: "), _told))


def _restore(data: Path, file: str, of_another: bool) -> None:
    folder, now = BackupFolder(data), datetime.now(UTC)
    name, passphrase = _taken_in(folder, file), _passphrase("Passphrase of the backup: ")
    check_backup(folder, name, passphrase, _told)
    database = open_file(data)
    try:
        if folder.settings is not None:
            print(f"What is there now: {make_backup(data, folder, now, _told, needed=name).name}")
        _report(restore_backup(database, folder, name, passphrase, _told, of_another=of_another))
    finally:
        database.close()
    print("Restored. A server that runs on this file is to be started again.")


def _taken_in(folder: BackupFolder, file: str) -> str:
    """The name of a backup; one that lies elsewhere is copied into the folder first."""
    path = Path(file)
    if file and path.is_file() and path.resolve().parent != folder.path.resolve():
        folder.path.mkdir(parents=True, exist_ok=True, mode=0o700)
        modified = datetime.fromtimestamp(path.stat().st_mtime, UTC)
        name = path.name if path.name.startswith("studio-") else named(modified)
        shutil.copyfile(path, folder.path / name)
        (folder.path / name).chmod(0o600)
        return name
    return path.name


def _passphrase(words: str) -> str:
    return os.environ.get(TYPED_BY_NOBODY) or getpass.getpass(words)


def _see(data: Path) -> None:
    if not data.is_file():
        raise DomainError(f"There is no data file {data}.")


def _told(words: str, share: float) -> None:
    print(f"{words} … {share:.0%}", file=sys.stderr)


def _report(checked: CheckedBackup) -> None:
    counted = ", ".join(f"{rows} of {table}" for table, rows in checked.counted.items())
    print(f"{checked.name} is whole: {checked.rows} rows, {counted}.")


BACKUP_COMMANDS: Final[Mapping[str, Callable[[Path, str, bool], None]]] = {
    "passphrase": _choose,
    "make": _make,
    "list": _list,
    "check": _check,
    "restore": _restore,
}
