"""Revisions of a program: compare any two, bring one back, see it as it was first written."""

from dataclasses import dataclass, replace
from datetime import date, datetime

from upright_anvil.core.ids import ProgramId
from upright_anvil.core.plan.changing.compare import Difference, compare
from upright_anvil.services.board.opening import board_of
from upright_anvil.services.board.saving import fresh_base, keep
from upright_anvil.services.board.views import BoardView
from upright_anvil.services.shelf import all_exercises
from upright_anvil.store import programs
from upright_anvil.store.file.database import Scope
from upright_anvil.store.programs import Revision, RevisionHead
from upright_anvil.store.studio.people import names as people_names


@dataclass(frozen=True, slots=True)
class Comparison:
    """Two revisions and what differs between them."""

    before: RevisionHead
    after: RevisionHead
    differences: tuple[Difference, ...]


def compare_revisions(scope: Scope, program_id: ProgramId, before: int, after: int) -> Comparison:
    """Answer what differs between two revisions. Raises `NotFoundError`."""
    old, new = (programs.revision(scope, program_id, number) for number in (before, after))
    names = {e.id: e.name for e in all_exercises(scope).values()}
    people = people_names(scope)
    heads = [RevisionHead(r.number, people.get(r.author, "") if r.author else "", r.at, r.reason) for r in (old, new)]
    return Comparison(heads[0], heads[1], compare(old.program, new.program, names))


def as_it_was(scope: Scope, program_id: ProgramId, number: int, today: date) -> BoardView:
    """Answer a program as it stood at a revision, read out against the client of today. Raises `NotFoundError`."""
    return board_of(scope, programs.revision(scope, program_id, number), today)


def restore(scope: Scope, program_id: ProgramId, base: int, number: int, now: datetime) -> Revision:
    """Bring a revision back as a new one, which can be undone. Raises `StaleSaveError`, `NotFoundError`."""
    here = fresh_base(scope, program_id, base)
    wanted = programs.revision(scope, program_id, number)
    again = replace(
        wanted,
        number=here.number + 1,
        author=scope.actor.person_id,
        at=now,
        reason=f"Brought back as of revision {number}: {wanted.reason}",
        undo_to=here.number,
        redo_to=None,
    )
    return keep(scope, again)
