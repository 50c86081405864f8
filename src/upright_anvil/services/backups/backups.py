"""Making a backup, checking one by restoring it into a scratch file, and restoring it for good."""

import os
import shutil
import tempfile
from collections.abc import Iterator
from contextlib import contextmanager
from dataclasses import dataclass
from datetime import datetime, timedelta
from pathlib import Path
from typing import Final

from upright_anvil.core.errors import DomainError
from upright_anvil.core.steps import Told
from upright_anvil.formats.sealed import CUT, SealError, key_of, seal, unseal
from upright_anvil.services.backups.folder import HALF_DONE, SCRATCH, BackupFolder, KeptBackup, named
from upright_anvil.store.file.backup import NotWholeError, copy_file, put_back, rows_of
from upright_anvil.store.file.database import Database
from upright_anvil.store.file.opening import UnusableFileError, open_file

PIECE: Final = 1 << 20

TABLES_TOLD: Final = ("client", "program", "session", "performed_set")
"""Tables whose rows a person counts in."""


@dataclass(frozen=True, slots=True)
class CheckedBackup:
    """A backup that opened whole: its name, rows in all, and rows of what a person counts in."""

    name: str
    rows: int
    counted: dict[str, int]


def make_backup(
    data: Path, folder: BackupFolder, now: datetime, told: Told, *, before: str = "", needed: str = ""
) -> KeptBackup:
    """Make a backup while the data are in use, and let what has expired go, but for the ``needed`` one.

    Raises `DomainError` before a passphrase was chosen and where the second folder cannot be written; what ``told``
    raises ends it, and nothing half done is left under a backup's name.
    """
    settings, name = folder.needed(), named(now, before)
    while (final := folder.path / name).exists():  # two within a second: the later one says the next
        now += timedelta(seconds=1)
        name = named(now, before)
    with _scratch(folder.path) as scratch:
        copied = scratch / "copy.sqlite3"
        copy_file(data, copied, lambda share: told("Copying the data", 0.5 * share))
        try:
            rows_of(copied)
        except NotWholeError:
            raise DomainError("The data are damaged, so no backup was made of them. Restore the newest one.") from None
        half = scratch / name
        with os.fdopen(os.open(half, os.O_CREAT | os.O_WRONLY | os.O_TRUNC, 0o600), "wb") as file:
            seal(_pieces(copied, told, "Sealing it", 0.5, 0.4), file, settings.key)
            file.flush()
            os.fsync(file.fileno())
        told("Putting it in its place", 0.9)
        half.replace(final)
        _sync(folder.path)
    if settings.second_folder:
        told("Copying it to the second folder", 0.95)
        _copy_on(final, Path(settings.second_folder))
    folder.rotate(now, needed)
    return next(one for one in folder.kept() if one.name == name)


def check_backup(folder: BackupFolder, name: str, passphrase: str, told: Told) -> CheckedBackup:
    """Restore a backup into a scratch file and look at all of it. Raises `DomainError` where it is not whole."""
    with _scratch(folder.path) as scratch:
        rows = _opened(folder.file(name), passphrase, scratch / "opened.sqlite3", told, 1.0)
    return CheckedBackup(name, sum(rows.values()), {table: rows.get(table, 0) for table in TABLES_TOLD})


def restore_backup(
    database: Database, folder: BackupFolder, name: str, passphrase: str, told: Told, *, of_another: bool = False
) -> CheckedBackup:
    """Make the studio's data what they were in a backup: all of it, or nothing is changed.

    Raises `DomainError` where the backup is not whole, is of a newer app, or was made with another studio's key and
    nobody said that this is meant (``of_another``).
    """
    file, settings = folder.file(name), folder.settings
    with file.open("rb") as source:
        if settings and not of_another and key_of(source).fingerprint != settings.key.fingerprint:
            raise DomainError(
                "This backup was made with another key: by another studio, or before the passphrase was changed. Say "
                "that it is the right one to restore it."
            )
    with _scratch(folder.path) as scratch:
        opened = scratch / "opened.sqlite3"
        rows = _opened(file, passphrase, opened, told, 0.6)
        try:
            open_file(opened).close()  # to the tables of this app, before the studio's own data are touched
        except UnusableFileError as unusable:
            raise DomainError(str(unusable).partition(": ")[2]) from None
        put_back(opened, database.path, lambda share: told("Restoring", 0.6 + 0.4 * share))
    database.memory.forget()
    return CheckedBackup(name, sum(rows.values()), {table: rows.get(table, 0) for table in TABLES_TOLD})


def _opened(file: Path, passphrase: str, target: Path, told: Told, until: float) -> dict[str, int]:
    """Unseal a backup to a file and answer the rows of its tables. Raises `SealError`."""
    size = max(file.stat().st_size, 1)
    target.touch(0o600)
    with file.open("rb") as source, target.open("wb") as opened:
        for piece in unseal(source, passphrase, lambda read: told("Opening the backup", until * 0.7 * read / size)):
            opened.write(piece)
    told("Looking at every table", until * 0.8)
    try:
        return rows_of(target)
    except NotWholeError:
        raise SealError(CUT) from None


def _pieces(file: Path, told: Told, words: str, begins: float, share: float) -> Iterator[bytes]:
    size, read = max(file.stat().st_size, 1), 0
    with file.open("rb") as source:
        while piece := source.read(PIECE):
            read += len(piece)
            told(words, begins + share * read / size)
            yield piece


def _copy_on(file: Path, second: Path) -> None:
    half = second / f"{file.name}{HALF_DONE}"
    try:
        shutil.copyfile(file, half)
        half.chmod(0o600)
        half.replace(second / file.name)
        _sync(second)
    except OSError as error:
        raise DomainError(
            f"The backup was made, but could not be copied to {second}: {error.strerror or error}. See to that folder."
        ) from None


def _sync(folder: Path) -> None:
    opened = os.open(folder, os.O_RDONLY)
    try:
        os.fsync(opened)
    finally:
        os.close(opened)


@contextmanager
def _scratch(folder: Path) -> Iterator[Path]:
    """A folder for files in the open, on the same disk and for nobody else; it is gone afterwards."""
    folder.mkdir(parents=True, exist_ok=True, mode=0o700)
    with tempfile.TemporaryDirectory(dir=folder, prefix=SCRATCH) as made:
        yield Path(made)
