"""Finding and replacing over a program: looked at first, then one revision."""

from dataclasses import dataclass
from datetime import date, datetime

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ProgramId
from upright_anvil.core.plan.changing.replacing import Replaced, ReplaceEdit, ReplaceWish, replacements
from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.edits import apply_edits
from upright_anvil.services.board.reading import profile_of_program
from upright_anvil.services.board.saving import fresh_base, write_revision
from upright_anvil.services.board.trial import TrialView, trial
from upright_anvil.services.shelf import all_exercises
from upright_anvil.store import programs
from upright_anvil.store.file.database import Scope
from upright_anvil.store.programs import Revision


@dataclass(frozen=True, slots=True)
class ReplaceTrial:
    """In how many places something would be replaced, and what that would do."""

    places: int
    look: TrialView


def replace_all(
    scope: Scope, program_id: ProgramId, base: int, wish: ReplaceWish, now: datetime, today: date
) -> Revision:
    """Put one thing in the place of another all over a program.

    Raises `DomainError` where nothing is found or what is wished cannot be read, `StaleSaveError`, `NotFoundError`.
    """
    before = fresh_base(scope, program_id, base)
    edits = _edits(scope, program_id, before.program, wish, today)
    if not edits:
        raise DomainError("Nothing in the program says that.")
    return write_revision(scope, before, apply_edits(before.program, edits), _reason(scope, wish, len(edits)), now)


def try_replace(scope: Scope, program_id: ProgramId, wish: ReplaceWish, today: date) -> ReplaceTrial:
    """Answer what replacing would do; nothing is kept. Raises `DomainError`, `NotFoundError`."""
    program = programs.current(scope, program_id).program
    edits = _edits(scope, program_id, program, wish, today)
    return ReplaceTrial(len(edits), trial(scope, program_id, program, apply_edits(program, edits), today))


def _edits(scope: Scope, program_id: ProgramId, program: Program, wish: ReplaceWish, today: date) -> list[ReplaceEdit]:
    if wish.what is Replaced.EXERCISE:
        exercise = {str(e.id): e for e in all_exercises(scope).values()}.get(wish.put)
        if exercise is None or exercise.removed:
            raise DomainError("That exercise is not in the library; choose another or add it as your own.")
    return replacements(program, wish, profile_of_program(scope, program_id, today))


def _reason(scope: Scope, wish: ReplaceWish, places: int) -> str:
    named = {str(e.id): e.name for e in all_exercises(scope).values()} if wish.what is Replaced.EXERCISE else {}
    find = named.get(wish.find, wish.find) or f"every {wish.what}"
    times = f"{places} place{'s' if places > 1 else ''}"
    return f"Replaced: {find} by {named.get(wish.put, wish.put)}, {times}"[:300]
