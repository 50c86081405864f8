"""A whole client as one archive: a zip of JSON lines, a file a table, with what is the client's of the library.

``archive.json`` says what it is and how many rows each table has; ``tables/<name>.jsonl`` has a row a line;
``pictures/<exercise>.webp`` are pictures of own exercises. Fields are in docs/formats.md.
"""

import json
import zipfile
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from io import BytesIO
from typing import Annotated, Any, Final

from pydantic import BaseModel, ConfigDict, Field, ValidationError

from upright_anvil.core.errors import DomainError
from upright_anvil.core.steps import Told, untold

FORMAT: Final = "upright-anvil client"
VERSION: Final = 1
MOST_BYTES: Final = 40_000_000
"""Bytes of an archive; a client of five years has about three million."""

MOST_UNPACKED: Final = 300_000_000
MOST_FILES: Final = 400
MOST_ROWS: Final = 1_000_000
HEAD: Final = "archive.json"
_TOO_MUCH: Final = "This archive unpacks to more than a client ever has; it was not read."


class ArchiveHead(BaseModel):
    """What an archive says of itself."""

    model_config = ConfigDict(extra="forbid", frozen=True)
    format: str
    version: int
    client: Annotated[str, Field(min_length=1, max_length=200)]
    made_at: Annotated[str, Field(max_length=40)]
    rows: dict[str, int]


@dataclass(frozen=True, slots=True)
class Archive:
    """An archive that was read: its head, the rows of each table, pictures by exercise."""

    head: ArchiveHead
    tables: Mapping[str, Sequence[dict[str, Any]]]
    pictures: Mapping[str, bytes]


def write_archive(
    client: str, made_at: str, tables: Mapping[str, Sequence[Mapping[str, Any]]], pictures: Mapping[str, bytes]
) -> bytes:
    """Answer an archive; the same rows give the same bytes."""
    head = ArchiveHead(
        format=FORMAT, version=VERSION, client=client, made_at=made_at, rows={n: len(r) for n, r in tables.items()}
    )
    out = BytesIO()
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as made:
        made.writestr(_entry(HEAD), json.dumps(head.model_dump(), indent=1, ensure_ascii=False))
        for name, rows in tables.items():
            lines = "".join(json.dumps(row, ensure_ascii=False, separators=(",", ":")) + "\n" for row in rows)
            made.writestr(_entry(f"tables/{name}.jsonl"), lines)
        for exercise, content in pictures.items():
            made.writestr(_entry(f"pictures/{exercise}.webp"), content)
    return out.getvalue()


def _entry(name: str) -> zipfile.ZipInfo:
    entry = zipfile.ZipInfo(name)
    entry.compress_type = zipfile.ZIP_DEFLATED
    return entry


def read_head(content: bytes) -> ArchiveHead:
    """Answer what an archive says of itself. Raises `DomainError` where it is none of ours."""
    with _opened(content) as found:
        return _head(found)


def read_archive(content: bytes, told: Told = untold) -> Archive:
    """Answer a whole archive. Raises `DomainError` for a broken, foreign, newer or far too large one."""
    with _opened(content) as found:
        head, left = _head(found), MOST_UNPACKED
        tables: dict[str, list[dict[str, Any]]] = {}
        pictures: dict[str, bytes] = {}
        names = [info.filename for info in found.infolist()]
        for at, name in enumerate(names):
            told("Reading the archive", at / len(names) * 0.3)
            kind, _, rest = name.partition("/")
            if kind == "tables" and rest.endswith(".jsonl"):
                text = _content(found, name, left)
                left -= len(text)
                tables[rest.removesuffix(".jsonl")] = _rows(text, rest)
            elif kind == "pictures" and rest.endswith(".webp"):
                picture = _content(found, name, left)
                left -= len(picture)
                pictures[rest.removesuffix(".webp")] = picture
        for name, many in head.rows.items():
            if len(tables.get(name, ())) != many:
                raise DomainError(f"The archive is not whole: {name} has {len(tables.get(name, ()))} rows of {many}.")
        return Archive(head, tables, pictures)


def _opened(content: bytes) -> zipfile.ZipFile:
    if len(content) > MOST_BYTES:
        raise DomainError(f"An archive has at most {MOST_BYTES // 1_000_000} MB.")
    try:
        found = zipfile.ZipFile(BytesIO(content))
    except (zipfile.BadZipFile, ValueError, OSError) as wrong:
        raise DomainError("This is no archive of a client: a zip file made here is expected.") from wrong
    entries = found.infolist()
    if len(entries) > MOST_FILES or sum(entry.file_size for entry in entries) > MOST_UNPACKED:
        found.close()
        raise DomainError(_TOO_MUCH)
    return found


def _head(found: zipfile.ZipFile) -> ArchiveHead:
    try:
        head = ArchiveHead.model_validate_json(_content(found, HEAD, 1_000_000))
    except (KeyError, ValidationError) as wrong:
        raise DomainError("This is no archive of a client: it does not say what it is.") from wrong
    if head.format != FORMAT:
        raise DomainError("This archive is of something else.")
    if head.version > VERSION:
        raise DomainError("This archive was made by a newer version; update this one first.")
    return head


def _content(found: zipfile.ZipFile, name: str, most: int) -> bytes:
    """What is in a file, whatever it says of its own size."""
    try:
        with found.open(name) as file:
            content = file.read(most + 1)
    except (zipfile.BadZipFile, RuntimeError, NotImplementedError, OSError) as wrong:
        raise DomainError("The archive is damaged, or locked with a password.") from wrong
    if len(content) > most:
        raise DomainError(_TOO_MUCH)
    return content


def _rows(text: bytes, name: str) -> list[dict[str, Any]]:
    lines = text.decode("utf-8", "replace").splitlines()
    if len(lines) > MOST_ROWS:
        raise DomainError(_TOO_MUCH)
    try:
        rows = [json.loads(line) for line in lines if line]
    except (ValueError, RecursionError) as wrong:
        raise DomainError(f"The archive is damaged: {name} cannot be read.") from wrong
    if not all(isinstance(row, dict) for row in rows):
        raise DomainError(f"The archive is damaged: {name} has something else than rows.")
    return rows
