"""Edits to a program, as data: each says what it does and answers the program after it."""

from collections.abc import Sequence
from typing import Annotated

from pydantic import Field

from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.edits.calendar import AnswerFinding, HoldSession, MoveSession, PauseProgram
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.days import AddDay, ChangeDay, RemoveDay, RepeatDay, SetDay
from upright_anvil.core.plan.edits.groups import ChangeGroup, GroupLines, Ungroup
from upright_anvil.core.plan.edits.lines import (
    AddLine,
    ChangeExercise,
    ChangeLine,
    MoveGroup,
    MoveLine,
    MoveWithin,
    RemoveLine,
)
from upright_anvil.core.plan.edits.methods import RestrictFlow
from upright_anvil.core.plan.edits.phases import AddPhase, ChangePhase, ChangeProgram, RemovePhase
from upright_anvil.core.plan.edits.weeks import AddWeek, ChangeWeek, RemoveWeek

Edit = Annotated[
    SetCell
    | AddLine
    | MoveLine
    | MoveGroup
    | MoveWithin
    | RemoveLine
    | ChangeExercise
    | ChangeLine
    | RestrictFlow
    | GroupLines
    | Ungroup
    | ChangeGroup
    | AddDay
    | RepeatDay
    | ChangeDay
    | SetDay
    | RemoveDay
    | AddWeek
    | ChangeWeek
    | RemoveWeek
    | AddPhase
    | ChangePhase
    | RemovePhase
    | ChangeProgram
    | MoveSession
    | HoldSession
    | PauseProgram
    | AnswerFinding,
    Field(discriminator="op"),
]


def apply_edits(program: Program, edits: Sequence[Edit]) -> Program:
    """Answer the program after all edits, in order. Raises `DomainError` when one does not fit; then none is made."""
    for edit in edits:
        program = edit.apply(program)
    return program
