"""A program as a file of its own: JSON, whole and without loss; its schema is published in ``docs/schemas``."""

import json
from typing import Annotated, Any, Literal

from pydantic import BaseModel, ConfigDict, Field, ValidationError

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.parts import ExerciseKey, Name

MOST_BYTES = 2_000_000
"""Bytes of a file that is read; the largest program has a tenth of them."""


class ProgramFile(BaseModel):
    """A program with what its shorthand is written in and what its exercises are called.

    ``unit`` holds for loads that name none, ``client`` is whom it was written for, empty where nobody is named.
    """

    model_config = ConfigDict(frozen=True, extra="forbid")

    format: Literal["upright-anvil program"] = "upright-anvil program"
    version: Literal[1] = 1
    client: Annotated[str, Field(max_length=80)] = ""
    unit: Unit
    exercises: Annotated[dict[ExerciseKey, Name], Field(max_length=2000)] = Field(default_factory=dict)
    program: Program


def write_program(program: Program, unit: Unit, exercises: dict[ExerciseId, str], client: str = "") -> str:
    """Answer a program as JSON, indented for people."""
    return ProgramFile(client=client, unit=unit, exercises=exercises, program=program).model_dump_json(indent=2)


def read_program(content: bytes) -> ProgramFile:
    """Read a program file. Raises `DomainError` in words where it is none, too large, or does not hold together."""
    if len(content) > MOST_BYTES:
        raise DomainError("The file is larger than any program; choose a program file (.json or .xlsx).")
    try:
        data = json.loads(content.decode("utf-8-sig"))
    except (UnicodeDecodeError, json.JSONDecodeError, RecursionError) as fault:
        raise DomainError("This is no program file: it is not JSON.") from fault
    if not isinstance(data, dict) or data.get("format") != "upright-anvil program":
        raise DomainError("This is JSON, but no program file: it does not say “upright-anvil program”.")
    try:
        return ProgramFile.model_validate(data)
    except ValidationError as wrong:
        first = wrong.errors()[0]
        where = " → ".join(str(part) for part in first["loc"])
        raise DomainError(
            f"The program file does not hold together at {where or 'its top'}: {first['msg']}."
        ) from wrong


def program_schema() -> dict[str, Any]:
    """Answer the JSON Schema of a program file, as it is published."""
    schema = ProgramFile.model_json_schema()
    return {"$schema": "https://json-schema.org/draft/2020-12/schema", **schema}
