"""The exercises a trainer can choose from: those that ship with the app and the trainer's own."""

from datetime import datetime

from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.sentences import Refusal
from upright_anvil.flows.ids import fresh_id
from upright_anvil.formats.exercise_file import shipped_exercises
from upright_anvil.store import exercises as store
from upright_anvil.store.database import Scope
from upright_anvil.store.tables import OwnExerciseRow


def all_exercises(scope: Scope) -> dict[str, Exercise]:
    """Answer every exercise by id, removed own ones included and marked."""
    own = store.own_exercises(scope)
    if not own:
        return shipped_exercises()
    return shipped_exercises() | {row.id: _own(row) for row in own}


def choices(scope: Scope) -> tuple[Exercise, ...]:
    """Answer the exercises to choose from, by name."""
    present = (e for e in all_exercises(scope).values() if not e.removed)
    return tuple(sorted(present, key=lambda e: e.name.lower()))


def add_own(scope: Scope, name: str, pattern: Pattern, implement: ImplementKind, *, one_sided: bool) -> Exercise:
    """Add an exercise of the trainer's own. Raises `Refusal` when the name is taken."""
    name = " ".join(name.split())
    if any(e.name.lower() == name.lower() for e in choices(scope)):
        raise Refusal(f"There is an exercise called {name} already; choose it, or add yours under another name.")
    row = OwnExerciseRow(
        id=f"own-{fresh_id()}",
        trainer_id=scope.trainer_id,
        name=name,
        pattern=pattern.value,
        implement=implement.value,
        one_sided=one_sided,
    )
    scope.db.add(row)
    return _own(row)


def remove_own(scope: Scope, exercise_id: str, now: datetime) -> None:
    """Remove an own exercise from the choices; plans and history that name it keep it."""
    store.own_exercise(scope, exercise_id).removed_at = now


def _own(row: OwnExerciseRow) -> Exercise:
    return Exercise(
        id=row.id,
        name=row.name,
        pattern=Pattern(row.pattern),
        movers=(),
        implements=(ImplementKind(row.implement),),
        one_sided=row.one_sided,
        own=True,
        removed=row.removed_at is not None,
    )
