"""A studio with years behind it: two hundred clients and two million sets, made once and kept outside the tree.

The demo's clients are brought in again and again, and what they did is repeated into the past: the same weeks under
programs of their own, each round older than the one before.
"""

import re
import sqlite3
from contextlib import closing
from datetime import date, timedelta
from pathlib import Path

from tools.app_process import DEMO_DAY

from upright_anvil.api.studio import THE_STUDIO, Studio
from upright_anvil.api.today.keeping_alerts import AlertKeeping
from upright_anvil.cli import open_database
from upright_anvil.demo.scenario import fill
from upright_anvil.services.exchange.archive import bring_in_client, client_archive, made_ready
from upright_anvil.store.client.clients import all_clients
from upright_anvil.store.file.database import MIGRATIONS
from upright_anvil.store.tables.base import packed, unpacked

KEPT_IN = Path.home() / ".cache" / "upright-anvil-bench"
CLIENTS = 200
SETS = 2_000_000
ROUND_DAYS = 42
MOST_ROUNDS = 100

_DATE = re.compile(r'"(\d{4}-\d{2}-\d{2})"')
_OF_SESSION = {"id", "program_id"}
_DATES = {"on_date", "made_on", "starts_on"}
_MOMENTS = {"started_at", "finished_at", "logged_at", "received_at", "created_at", "at"}


def studio_file(clients: int = CLIENTS, sets: int = SETS) -> Path:
    """Answer the file of so many clients with so many sets in all; made anew where the tables have changed."""
    newest = max(file.stem for file in (MIGRATIONS / "versions").glob("0*.py"))
    file = KEPT_IN / f"{clients}-{sets}-{newest}.sqlite3"
    if not file.exists():
        KEPT_IN.mkdir(parents=True, exist_ok=True)
        half = file.with_suffix(".half")
        half.unlink(missing_ok=True)
        _make(half, clients, sets)
        half.rename(file)
    return file


def _make(file: Path, clients: int, sets: int) -> None:
    database = open_database(file)
    fill(database, THE_STUDIO, DEMO_DAY)
    with database.reading(THE_STUDIO) as scope:
        archives = [client_archive(scope, who.id, DEMO_DAY).content for who in all_clients(scope)]
    for number in range(clients - len(archives)):
        with database.writing(THE_STUDIO) as scope:
            bring_in_client(scope, made_ready(scope, archives[number % len(archives)]), DEMO_DAY)
    database.close()
    with closing(sqlite3.connect(file)) as connection:
        for fast in ("synchronous=OFF", "journal_mode=OFF", "cache_size=-4000000"):
            connection.execute(f"PRAGMA {fast}")
        with connection:
            _until_there_are(connection, sets // clients)
        connection.execute("PRAGMA journal_mode=WAL")
    database = open_database(file)
    AlertKeeping(lambda: [Studio(database, lambda: DEMO_DAY)]).look()
    database.close()


def _until_there_are(db: sqlite3.Connection, each: int) -> None:
    counted = db.execute("SELECT client_id, count(*) FROM performed_set GROUP BY client_id").fetchall()
    rounds = {client: min(MOST_ROUNDS, max(0, each // count - 1)) for client, count in counted}
    _repeat_all(db, rounds)


def repeat_into_the_past(db: sqlite3.Connection, rounds: int) -> None:
    """Repeat what every client did so many times, each round older than the one before."""
    _repeat_all(db, {client: rounds for (client,) in db.execute("SELECT DISTINCT client_id FROM performed_set")})


def repeat_of_client(db: sqlite3.Connection, client: str, rounds: int) -> None:
    """Repeat what one client did."""
    _repeat_all(db, {client: rounds})


def _repeat_all(db: sqlite3.Connection, rounds: dict[str, int]) -> None:
    highest = db.execute("SELECT max(seq) FROM performed_set").fetchone()[0]
    for turn in range(1, max(rounds.values(), default=0) + 1):
        for client in (client for client, most in rounds.items() if most >= turn):
            _repeat(db, client, turn, highest)


def _repeat(db: sqlite3.Connection, client: str, turn: int, highest: int) -> None:
    """Copy a client's sessions so many rounds back; later rows of the ledger keep the higher numbers."""
    end, days = f"-{turn}", turn * ROUND_DAYS
    own = "client_id = ? AND id NOT LIKE '%-%'"
    used = f"SELECT program_id, revision FROM session WHERE {own}"
    _copy(db, "program", f"id IN (SELECT program_id FROM ({used}))", (client,), end, days, {"id"})
    db.execute(
        "UPDATE program SET ended_on = date(starts_on, '+41 days') WHERE client_id = ? AND id LIKE ?",
        (client, f"%{end}"),
    )
    names = [row[1] for row in db.execute("PRAGMA table_info(revision)")]
    holds = "SELECT id, revision FROM program WHERE client_id = ? AND id NOT LIKE '%-%'"
    there = f"(program_id, number) IN ({used} UNION {holds})"
    rows = db.execute(f"SELECT * FROM revision WHERE {there}", (client, client)).fetchall()
    for row in rows:
        kept = dict(zip(names, row, strict=True))
        kept["program_id"] += end
        text = unpacked(kept["document"]) or ""
        kept["document"] = packed(_DATE.sub(lambda found: f'"{_earlier(found[1], days)}"', text))
        places = ", ".join("?" * len(names))
        db.execute(f"INSERT INTO revision VALUES ({places})", tuple(kept[name] for name in names))
    _copy(db, "session", own, (client,), end, days, _OF_SESSION)
    _copy(db, "performed_set", "client_id = ? AND seq > 0", (client,), end, days, {"id", "session_id", "replaces"},
          f"seq - {turn * highest}")  # fmt: skip


def _copy(
    db: sqlite3.Connection,
    table: str,
    where: str,
    given: tuple[str, ...],
    end: str,
    days: int,
    ids: set[str],
    seq: str = "",
) -> None:
    names = [row[1] for row in db.execute(f"PRAGMA table_info({table})")]

    def taken(name: str) -> str:
        if name in ids:
            return f"{name} || '{end}'"
        if name in _DATES:
            return f"date({name}, '-{days} days')"
        if name in _MOMENTS:
            return f"strftime('%Y-%m-%dT%H:%M:%S', {name}, '-{days} days') || '.000+00:00'"
        return seq if name == "seq" else f'"{name}"'

    columns = ", ".join(f'"{name}"' for name in names)
    values = ", ".join(taken(name) for name in names)
    db.execute(f"INSERT INTO {table} ({columns}) SELECT {values} FROM {table} WHERE {where}", given)


def _earlier(day: str, days: int) -> str:
    return str(date.fromisoformat(day) - timedelta(days=days))
