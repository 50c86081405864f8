"""A whole client out of the studio as one archive, and into another one under new ids."""

import json
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass
from datetime import date, datetime
from typing import Any, Final
from uuid import UUID, uuid5

from pydantic import ValidationError

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId, DayId, ExerciseId, ProgramId, WeekId
from upright_anvil.core.plan.document import Program
from upright_anvil.core.steps import Told, untold
from upright_anvil.formats.exchange.archive_file import Archive, read_archive, read_head, write_archive
from upright_anvil.formats.picture_file import small_picture
from upright_anvil.services.clients.clients import client_file
from upright_anvil.services.exchange.exporting import ExportedFile, stem
from upright_anvil.services.home.kept import read as read_sheet
from upright_anvil.services.ids import fresh_id, session_id
from upright_anvil.services.log.done import done_by_line
from upright_anvil.services.shelf import all_exercises, choices, own_of
from upright_anvil.store import programs
from upright_anvil.store.client import home, testing
from upright_anvil.store.client.archive import NAMES, Row, put_rows, rows_of_client, typed_rows
from upright_anvil.store.client.clients import all_clients, client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import ledger
from upright_anvil.store.studio import exercises, places

OF_THE_STUDIO: Final = ("own_exercise", "own_test", "own_battery")
"""Tables of which only what the client's rows name goes along."""

DOCUMENTS: Final = frozenset({("revision", "document"), ("home_sheet", "document")})
"""Columns that hold JSON as text; ids stand in them."""


@dataclass(frozen=True, slots=True)
class ArchiveLook:
    """What an archive holds, before it is brought in."""

    client: str
    made_on: date | None
    programs: int
    sessions: int
    sets: int
    tests: int
    said: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class BroughtInClient:
    """A client that was brought in."""

    client_id: ClientId
    client: str
    sessions: int
    sets: int
    said: tuple[str, ...]


def client_archive(scope: Scope, client_id: ClientId, now: datetime) -> ExportedFile:
    """Answer a client with all that hangs on it as one archive. Raises `NotFoundError`."""
    who = client(scope, client_id)
    tables = rows_of_client(scope, client_id)
    named = set(_leaves(tables))
    for name in OF_THE_STUDIO:
        tables[name] = [row for row in tables[name] if row["id"] in named]
    own = [ExerciseId(row["id"]) for row in tables["own_exercise"]]
    kept = ((exercise, exercises.picture(scope, exercise)) for exercise in own)
    pictures = {str(exercise): picture.content for exercise, picture in kept if picture is not None}
    content = write_archive(who.name, now.isoformat(timespec="seconds"), tables, pictures)
    return ExportedFile(f"{stem(who.name)}-archive.zip", "application/zip", content)


def _leaves(tables: Mapping[str, Sequence[Row]]) -> Iterable[str]:
    """All texts in the client's own rows, those in documents too."""
    for name, rows in tables.items():
        if name not in OF_THE_STUDIO:
            for row in rows:
                for column, value in row.items():
                    yield from _texts(json.loads(value) if (name, column) in DOCUMENTS else value)


def _texts(value: Any) -> Iterable[str]:
    if isinstance(value, str):
        yield value
    elif isinstance(value, dict):
        for one in value.values():
            yield from _texts(one)
    elif isinstance(value, list):
        for one in value:
            yield from _texts(one)


def look_at_archive(scope: Scope, content: bytes) -> ArchiveLook:
    """Answer what an archive holds; nothing is kept. Raises `DomainError` where it is none."""
    head = read_head(content)
    said = []
    if any(row.name.casefold() == head.client.casefold() for row in all_clients(scope)):
        said.append(f"There is a client called {head.client} already: this adds another one.")
    try:
        made = datetime.fromisoformat(head.made_at).date()
    except ValueError:
        made = None
    rows = head.rows
    return ArchiveLook(
        client=head.client,
        made_on=made,
        programs=rows.get("program", 0),
        sessions=rows.get("session", 0),
        sets=rows.get("performed_set", 0),
        tests=rows.get("test_result", 0),
        said=tuple(said),
    )


@dataclass(frozen=True, slots=True)
class ReadyArchive:
    """An archive whose rows have new ids and can be put in."""

    client_id: ClientId
    name: str
    tables: Mapping[str, Sequence[Row]]
    pictures: Mapping[str, bytes]
    said: tuple[str, ...]


def made_ready(scope: Scope, content: bytes, told: Told = untold) -> ReadyArchive:
    """Read an archive and give its rows ids of their own; nothing is kept.

    Places and own exercises that are here by their names are those. Raises `DomainError`.
    """
    archive = read_archive(content, told)
    unknown = archive.tables.keys() - set(NAMES)
    if unknown:
        raise DomainError(f"The archive holds {', '.join(sorted(unknown))}, which is unknown here.")
    if len(archive.tables.get("client", ())) != 1:
        raise DomainError("The archive holds no client, or more than one.")
    said: list[str] = []
    try:
        new, left_out = _new_ids(scope, archive, said)
        tables: dict[str, list[Row]] = {}
        for at, name in enumerate(NAMES):
            told(f"Making ready: {name.replace('_', ' ')}", 0.3 + 0.4 * at / len(NAMES))
            given = archive.tables.get(name) or (_noted_consents(archive) if name == "consent" else ())
            rows = [row for row in given if row.get("id") not in left_out.get(name, ())]
            tables[name] = [_mapped_row(name, row, new) for row in rows]
            _check(name, tables[name])
            tables[name] = typed_rows(name, tables[name])
        who = ClientId(str(tables["client"][0]["id"]))
        called = str(tables["client"][0]["name"])
    except (KeyError, TypeError, ValueError, AttributeError, RecursionError) as wrong:
        raise DomainError("The archive does not hold together: what it says cannot be read.") from wrong
    pictures = {new.get(of, of): small_picture(one) for of, one in archive.pictures.items() if of in new}
    return ReadyArchive(who, called, tables, pictures, tuple(said))


def _noted_consents(archive: Archive) -> list[Row]:
    """The consent of an archive of earlier versions, which noted its day alone."""
    return [
        {
            "id": fresh_id(), "client_id": row["id"], "text": "", "on_date": row["consent_on"], "withdrawn_on": None,
            "at": row["created_at"],
        }
        for row in archive.tables.get("client", ())
        if row.get("consent_on")
    ]  # fmt: skip


def _new_ids(scope: Scope, archive: Archive, said: list[str]) -> tuple[dict[str, str], dict[str, set[str]]]:
    """The new id of every old one, and the rows that are here already, by table."""
    batch = UUID(fresh_id())
    new: dict[str, str] = {}
    left_out: dict[str, set[str]] = {}
    for name, rows in archive.tables.items():
        for row in rows:
            old = row.get("id")
            if isinstance(old, str) and name != "session" and not _keeps(scope, name, old):
                head = f"{old.partition('-')[0]}-" if name in OF_THE_STUDIO else ""
                new[old] = f"{head}{uuid5(batch, old).hex}"
    by_name = {exercise.name.casefold(): exercise.id for exercise in choices(scope)}
    for row in archive.tables.get("own_exercise", ()):
        known = by_name.get(str(row["name"]).casefold())
        if known:
            new[row["id"]] = known
            left_out.setdefault("own_exercise", set()).add(row["id"])
    here = {(row.name, row.unit, row.equipment): row.id for row in places.all_places(scope)}
    for row in archive.tables.get("place", ()):
        same = here.get((row["name"], row["unit"], row["equipment"]))
        if same:
            new[row["id"]] = same
            left_out.setdefault("place", set()).add(row["id"])
        elif any(row["name"] == name for name, _, _ in here):
            said.append(f"There are two places called {row['name']} now: their equipment differs.")
    for row in archive.tables.get("session", ()):
        program = ProgramId(new[row["program_id"]])
        new[row["id"]] = session_id(program, WeekId(row["week_id"]), DayId(row["day_id"]))
    return new, left_out


def _keeps(scope: Scope, name: str, old: str) -> bool:
    """Whether an id stays: a sheet on a client's phone says its own, and what comes back is known by it."""
    if name == "home_result":
        return home.result(scope, old) is None
    return name == "home_sheet" and not home.is_taken(scope, old)


def _mapped_row(name: str, row: Mapping[str, Any], new: Mapping[str, str]) -> Row:
    made: Row = {}
    for column, value in row.items():
        if (name, column) in DOCUMENTS:
            made[column] = json.dumps(_mapped(json.loads(value), new), ensure_ascii=False)
        else:
            made[column] = _mapped(value, new)
    return made


def _mapped(value: Any, new: Mapping[str, str]) -> Any:
    if isinstance(value, str):
        # A change of the day is named by its row and its key: ``row/key``.
        head, slash, key = value.partition("/")
        return new.get(value) or (f"{new[head]}/{key}" if slash and head in new else value)
    if isinstance(value, dict):
        return {key: _mapped(one, new) for key, one in value.items()}
    if isinstance(value, list):
        return [_mapped(one, new) for one in value]
    return value


def _check(name: str, rows: Sequence[Row]) -> None:
    """Read documents as what they are, so that nothing comes in that could not be opened."""
    if name == "revision":
        for row in rows:
            Program.model_validate_json(row["document"])
    if name == "home_sheet":
        for row in rows:
            read_sheet(row["document"])


def bring_in_client(scope: Scope, ready: ReadyArchive, now: datetime) -> BroughtInClient:
    """Put a client in, whole or not at all. Raises `DomainError` for rows that do not fit or cannot be read again."""
    for name in NAMES:
        put_rows(scope, name, ready.tables[name])
    for exercise, picture in ready.pictures.items():
        if exercises.picture(scope, ExerciseId(exercise)) is None:
            exercises.put_picture(scope, ExerciseId(exercise), picture, fresh_id(), now)
    if ready.tables["own_exercise"]:
        exercises.changed(scope)
    try:
        _read_again(scope, ready, now.date())
    except (KeyError, ValueError, TypeError, ValidationError) as wrong:
        raise DomainError("The archive does not hold together: something in it cannot be read.") from wrong
    sessions = ready.tables["session"]
    return BroughtInClient(ready.client_id, ready.name, len(sessions), len(ready.tables["performed_set"]), ready.said)


def _read_again(scope: Scope, ready: ReadyArchive, today: date) -> None:
    """Read all of it as the app will: what cannot be read is told now and not on some view later."""
    known = all_exercises(scope)
    for row in ready.tables["own_exercise"]:
        own_of(exercises.own_exercise(scope, ExerciseId(str(row["id"]))))
    client_file(scope, ready.client_id, today)
    kept = ledger.sets_of_sessions(scope, [str(row["id"]) for row in ready.tables["session"]])
    done_by_line(kept)
    strangers = {one.row.exercise for one in kept} - known.keys()
    if strangers:
        raise DomainError(f"The archive names exercises that are not in it: {', '.join(sorted(strangers)[:5])}.")
    testing.results_of_rounds(scope, [str(row["id"]) for row in ready.tables["test_round"]])
    for program in programs.programs_of_client(scope, ready.client_id):
        programs.current(scope, program.id)
