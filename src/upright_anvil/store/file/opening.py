"""Opening a studio's file: whole, of a version that this app knows, writable; or a sentence that says what to do."""

import sqlite3
from contextlib import closing
from dataclasses import dataclass
from functools import lru_cache
from pathlib import Path
from typing import Final

from sqlalchemy.exc import DatabaseError

from upright_anvil.store.file.database import MIGRATIONS, Database

_SENTENCES: Final = {
    sqlite3.SQLITE_FULL: "The disk is full. Make room on it, then try again; what was saved before is there.",
    sqlite3.SQLITE_READONLY: "The data file cannot be written. See that it and its folder belong to who runs the app.",
    sqlite3.SQLITE_CANTOPEN: "The data file cannot be opened. See that its folder is there and may be written.",
    sqlite3.SQLITE_BUSY: "Another program holds the data file. End it, or wait until it is done, then start again.",
    sqlite3.SQLITE_NOTADB: "This file is not a studio's data. Name the right one, or restore a backup.",
    sqlite3.SQLITE_CORRUPT: "The data file is damaged. Keep a copy of it, then restore the newest backup.",
    sqlite3.SQLITE_IOERR: "The disk does not read or write as it should. Keep a copy of the data, then see to it.",
}
"""What is said of the errors of a file, by SQLite's primary code."""


class UnusableFileError(Exception):
    """A data file that cannot be used; says why and what to do, in a sentence."""


def file_trouble(error: BaseException) -> str | None:
    """Answer what an error says of the data file, in a sentence; None for an error of another kind."""
    found = error.orig if isinstance(error, DatabaseError) else error
    if isinstance(found, sqlite3.DatabaseError):
        code = getattr(found, "sqlite_errorcode", None)
        return None if code is None else _SENTENCES.get(code & 0xFF)
    if isinstance(found, PermissionError):
        return _SENTENCES[sqlite3.SQLITE_READONLY]
    return None


def open_file(path: Path) -> Database:
    """Answer the database of a file, checked and brought to the newest tables.

    Raises `UnusableFileError` for a damaged, foreign, newer, locked or read-only file, and for a full disk.
    """
    try:
        database = Database(path)
        _see_that_it_is_whole(database)
        version, newest = _version_of_tables(database), tables_known().newest
        if version is None and _is_empty(database):
            database.create(newest)
        elif version != newest:
            database.migrate()
    except UnusableFileError:
        raise
    except (DatabaseError, sqlite3.DatabaseError, OSError) as error:
        sentence = file_trouble(error) or f"The data file cannot be used: {error}."
        raise UnusableFileError(f"{path}: {sentence}") from error
    return database


def version_before_update(path: Path) -> str | None:
    """Answer the version of a file's tables where this app would bring them up to date; None where it would not.

    A file that is not there or cannot be read has none: opening it says why.
    """
    if not path.is_file():
        return None
    try:
        with closing(sqlite3.connect(path)) as connection:
            row = connection.execute("SELECT version_num FROM alembic_version").fetchone()
    except sqlite3.DatabaseError:
        return None
    tables = tables_known()
    return row[0] if row and row[0] in tables.versions and row[0] != tables.newest else None


@dataclass(frozen=True, slots=True)
class TablesKnown:
    """The versions of tables that this app knows, and the newest of them."""

    versions: frozenset[str]
    newest: str


@lru_cache(maxsize=1)
def tables_known() -> TablesKnown:
    """Answer the versions of the tables: each is the number that its file begins with."""
    versions = frozenset(file.name.partition("_")[0] for file in (MIGRATIONS / "versions").glob("[0-9]*.py"))
    return TablesKnown(versions, max(versions))


def _see_that_it_is_whole(database: Database) -> None:
    with database.engine.connect() as connection:
        found = connection.exec_driver_sql("PRAGMA quick_check(1)").scalar_one()
    if found != "ok":
        raise UnusableFileError(f"{database.path}: {_SENTENCES[sqlite3.SQLITE_CORRUPT]}")


def _is_empty(database: Database) -> bool:
    with database.engine.connect() as connection:
        return connection.exec_driver_sql("SELECT 1 FROM sqlite_master").first() is None


def _version_of_tables(database: Database) -> str | None:
    """Answer the version of a file's tables, None for an empty file. Raises `UnusableFileError` for a newer one."""
    with database.engine.connect() as connection:
        there = connection.exec_driver_sql("SELECT name FROM sqlite_master WHERE name = 'alembic_version'").first()
        version = connection.exec_driver_sql("SELECT version_num FROM alembic_version").scalar() if there else None
    if version is not None and version not in tables_known().versions:
        raise UnusableFileError(
            f"{database.path}: A newer version of the app has written this file (tables {version}). Start that "
            "version; nothing was changed."
        )
    return version
