"""Saving a program: every save is a new revision, undo and redo too; a stale one is refused with the difference."""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from datetime import date, datetime

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ProgramId
from upright_anvil.core.plan.changing.compare import compare
from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.edits import Edit, apply_edits
from upright_anvil.core.plan.edits.lines import AT_THE_END, AddLine, ChangeExercise
from upright_anvil.core.plan.read_out.usual_section import usual_section
from upright_anvil.services.board.typed import written_out
from upright_anvil.services.conflicts import StaleSaveError
from upright_anvil.services.shelf import all_exercises
from upright_anvil.store import programs
from upright_anvil.store.file.database import Scope
from upright_anvil.store.programs import Revision, RevisionHead


def save_edits(
    scope: Scope, program_id: ProgramId, base: int, edits: Sequence[Edit], reason: str, now: datetime
) -> Revision:
    """Apply edits to the revision they started from and keep the result as a new revision.

    Raises `StaleSaveError` when that revision is stale, `DomainError` when an edit does not fit, `NotFoundError`.
    """
    return keep_edited(scope, edited(scope, program_id, base, edits, now.date()), reason, now)


@dataclass(frozen=True, slots=True)
class Edited:
    """A program with edits applied, not kept yet: the revision they started from, what it comes to, and its JSON."""

    before: Revision
    program: Program
    document: str


def edited(scope: Scope, program_id: ProgramId, base: int, edits: Sequence[Edit], today: date) -> Edited:
    """Answer what edits come to, as `save_edits` does; the part of a save that takes time.

    What was typed for more than itself (the same as above, a formula for the row) is written out on the way.
    """
    before = fresh_base(scope, program_id, base)
    program = before.program
    for edit in _placed(scope, edits):
        program = apply_edits(program, written_out(scope, program_id, program, edit, today))
    return Edited(before, program, program.model_dump_json())


def keep_edited(scope: Scope, work: Edited, reason: str, now: datetime) -> Revision:
    """Keep edits as a new revision; the part of a save that others wait for. Raises `StaleSaveError`."""
    before = work.before
    if programs.program_row(scope, before.program_id).revision != before.number:
        fresh_base(scope, before.program_id, before.number)
    return write_revision(scope, before, work.program, reason, now, work.document)


def undo(scope: Scope, program_id: ProgramId, base: int, now: datetime) -> Revision:
    """Bring back what the program said before the last change. Raises `DomainError` when there is nothing to undo."""
    here = fresh_base(scope, program_id, base)
    if here.undo_to is None:
        raise DomainError("There is nothing to undo.")
    target = programs.revision(scope, program_id, here.undo_to)
    undone = replace(
        target,
        number=here.number + 1,
        author=scope.actor.person_id,
        at=now,
        reason=f"Undone: {here.reason}",
        redo_to=here.number,
    )
    return keep(scope, undone)


def redo(scope: Scope, program_id: ProgramId, base: int, now: datetime) -> Revision:
    """Bring back what the last undo took away. Raises `DomainError` when there is nothing to redo."""
    here = fresh_base(scope, program_id, base)
    if here.redo_to is None:
        raise DomainError("There is nothing to redo.")
    target = programs.revision(scope, program_id, here.redo_to)
    redone = replace(target, number=here.number + 1, author=scope.actor.person_id, at=now)
    return keep(scope, redone)


def write_revision(
    scope: Scope, before: Revision, program: Program, reason: str, now: datetime, document: str | None = None
) -> Revision:
    """Keep a changed program as the revision after ``before``; an unchanged one makes none.

    ``document`` is the program's JSON, where it has been written already.
    """
    if program == before.program:
        return before
    after = Revision(
        before.program_id, before.number + 1, scope.actor.person_id, now, reason, before.number, None, program
    )
    return keep(scope, after, document)


def history(scope: Scope, program_id: ProgramId) -> tuple[RevisionHead, ...]:
    """Answer the newest hundred revisions, newest first. Raises `NotFoundError`."""
    programs.program_row(scope, program_id)
    return tuple(programs.heads(scope, program_id, 100))


def keep(scope: Scope, revision: Revision, document: str | None = None) -> Revision:
    """Keep a revision as the one that holds."""
    programs.append(scope, revision, document)
    scope.db.flush()
    return revision


def fresh_base(scope: Scope, program_id: ProgramId, base: int) -> Revision:
    """Answer the current revision, when it is the one a save started from. Raises `StaleSaveError`."""
    now = programs.current(scope, program_id)
    if now.number != base:
        then = programs.revision(scope, program_id, base)
        names = {e.id: e.name for e in all_exercises(scope).values()}
        raise StaleSaveError(base, now.number, compare(then.program, now.program, names))
    return now


def _placed(scope: Scope, edits: Sequence[Edit]) -> list[Edit]:
    """The edits, their exercises looked up in the library; one that is put at the end says what it usually is."""
    known = all_exercises(scope)
    placed: list[Edit] = []
    for edit in edits:
        if isinstance(edit, AddLine | ChangeExercise) and edit.exercise:
            exercise = known.get(edit.exercise)
            if exercise is None or exercise.removed:
                raise DomainError("That exercise is not in the library; choose another or add it as your own.")
            if isinstance(edit, AddLine) and edit.section is None and edit.position == AT_THE_END:
                placed.append(edit.model_copy(update={"usual": usual_section(exercise)}))
                continue
        placed.append(edit)
    return placed
