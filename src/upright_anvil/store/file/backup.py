"""Copying the file of data while it is used, looking whether a copy is whole, and putting one back.

A copy is made by SQLite itself, so that it is the state of one moment; the file alone is none: what was saved last may
still stand in the log beside it.
"""

import sqlite3
from collections.abc import Callable
from contextlib import closing
from pathlib import Path
from typing import Final

PAGES: Final = 1000
"""Pages between two looks at whether somebody wants to stop; a writer gets its turn between them."""

LOCK_PATIENCE: Final = 30.0
"""Seconds that putting back waits for those who read."""

Share = Callable[[float], None]
"""Told the share that is done, 0 to 1; what it raises ends the work, and nothing was changed."""


class NotWholeError(Exception):
    """A copy that is damaged or has rows that point nowhere."""


def copy_file(source: Path, target: Path, told: Share) -> None:
    """Copy a file of data, as it is at one moment, to a new file. What ``told`` raises leaves no file."""

    def step(_: int, remaining: int, total: int) -> None:
        told(1 - remaining / total if total else 1.0)

    target.touch(0o600)
    try:
        with closing(sqlite3.connect(source)) as there, closing(sqlite3.connect(target)) as here:
            there.backup(here, pages=PAGES, progress=step, sleep=0)
    except BaseException:
        target.unlink(missing_ok=True)
        raise


def rows_of(file: Path) -> dict[str, int]:
    """Answer how many rows each table has, of a file that is whole. Raises `NotWholeError`."""
    try:
        with closing(sqlite3.connect(f"file:{file}?mode=ro", uri=True)) as connection:
            if connection.execute("PRAGMA integrity_check(1)").fetchone() != ("ok",):
                raise NotWholeError
            if connection.execute("PRAGMA foreign_key_check").fetchone():
                raise NotWholeError
            names = [
                name
                for (name,) in connection.execute(
                    "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY name"
                )
            ]
            return {name: connection.execute(f'SELECT count(*) FROM "{name}"').fetchone()[0] for name in names}  # noqa: S608 - names of tables
    except sqlite3.DatabaseError as damaged:
        raise NotWholeError from damaged


def put_back(copy: Path, live: Path, told: Share) -> None:
    """Make a used file what a copy is, in one transaction: whole, or as it was. Raises what ``told`` raises."""

    def step(_: int, remaining: int, total: int) -> None:
        if remaining:  # after the last page it is done, and nobody ends it any more
            told(1 - remaining / total)

    told(0.0)
    live_end = sqlite3.connect(live, timeout=LOCK_PATIENCE)
    with closing(sqlite3.connect(copy)) as there, closing(live_end) as here:
        here.execute("PRAGMA synchronous=FULL")
        there.backup(here, pages=PAGES, progress=step, sleep=0)
        here.execute("PRAGMA wal_checkpoint(TRUNCATE)")
