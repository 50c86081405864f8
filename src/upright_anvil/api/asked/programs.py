"""What is asked of a program."""

from typing import Annotated

from pydantic import Field, StringConstraints

from upright_anvil.api.asked.base import Asked, Words
from upright_anvil.core.plan.edits import Edit
from upright_anvil.core.prescription.shorthand import MAX_LENGTH


class AskedProgram(Asked):
    """A new program."""

    name: Words = "Strength"
    weeks: Annotated[int, Field(ge=1, le=52)] = 4


class AskedEdits(Asked):
    """Edits, and the revision they started from."""

    base: Annotated[int, Field(ge=1)]
    edits: Annotated[list[Edit], Field(min_length=1, max_length=200)]
    reason: Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=300)]


class AskedUndo(Asked):
    """Undo or redo, and the revision it was asked at."""

    base: Annotated[int, Field(ge=1)]


class AskedReading(Asked):
    """A line to be read, for an exercise and a program's client."""

    text: Annotated[str, StringConstraints(max_length=MAX_LENGTH)]
    exercise: Annotated[str, StringConstraints(max_length=64)]
