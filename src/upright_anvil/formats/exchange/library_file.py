"""The trainer's own exercises and templates as one JSON file, for another studio."""

import json
from typing import Annotated, Any, Final

from pydantic import BaseModel, ConfigDict, Field, ValidationError

from upright_anvil.core.errors import DomainError
from upright_anvil.core.templates.model import Template

FORMAT: Final = "upright-anvil library"
VERSION: Final = 1
MOST_CHARACTERS: Final = 8_000_000


class LibraryExercise(BaseModel):
    """An exercise: its id in the studio it is from, and its fields as in an exercise file (docs/formats.md)."""

    model_config = ConfigDict(extra="forbid", frozen=True)
    id: Annotated[str, Field(min_length=1, max_length=64, pattern=r"^[A-Za-z0-9_-]+$")]
    fields: dict[str, Any]


class LibraryFile(BaseModel):
    """What the file holds."""

    model_config = ConfigDict(extra="forbid", frozen=True)
    format: str = FORMAT
    version: int = VERSION
    exercises: Annotated[tuple[LibraryExercise, ...], Field(max_length=2000)] = ()
    templates: Annotated[tuple[Template, ...], Field(max_length=500)] = ()


def write_library(file: LibraryFile) -> bytes:
    """Answer the file's bytes."""
    return (json.dumps(file.model_dump(mode="json"), indent=1, ensure_ascii=False) + "\n").encode()


def read_library(content: bytes) -> LibraryFile:
    """Read a library file. Raises `DomainError` for what is none, and for one of a newer version."""
    if len(content) > MOST_CHARACTERS:
        raise DomainError("This file is larger than a library ever is.")
    try:
        file = LibraryFile.model_validate_json(content)
    except ValidationError as wrong:
        first = wrong.errors()[0]
        where = ".".join(str(part) for part in first["loc"])
        raise DomainError(f"This is no library file: {where or 'it'}: {first['msg']}.") from wrong
    if file.format != FORMAT:
        raise DomainError("This file is of something else.")
    if file.version > VERSION:
        raise DomainError("This library was written by a newer version; update this one first.")
    return file
