"""Edits to a program, as data: each says what it does and answers the program after it."""

from collections.abc import Sequence
from typing import Annotated

from pydantic import Field

from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.days import AddDay, ChangeDay, RemoveDay
from upright_anvil.core.plan.edits.lines import AddLine, ChangeExercise, MoveLine, RemoveLine
from upright_anvil.core.plan.edits.phases import AddPhase, ChangePhase, ChangeProgram
from upright_anvil.core.plan.edits.weeks import AddWeek, ChangeWeek, RemoveWeek

Edit = Annotated[
    SetCell
    | AddLine
    | MoveLine
    | RemoveLine
    | ChangeExercise
    | AddDay
    | ChangeDay
    | RemoveDay
    | AddWeek
    | ChangeWeek
    | RemoveWeek
    | AddPhase
    | ChangePhase
    | ChangeProgram,
    Field(discriminator="op"),
]


def apply_edits(program: Program, edits: Sequence[Edit]) -> Program:
    """Answer the program after all edits, in order. Raises `Refusal` when one does not fit; then none is made."""
    for edit in edits:
        program = edit.apply(program)
    return program
