"""Ready fixes the checks share."""

from collections.abc import Mapping, Sequence
from dataclasses import replace
from decimal import Decimal

from upright_anvil.core.checks.model import Fix
from upright_anvil.core.checks.study import StudiedLine
from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.health.history import JointStatus
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.library.substitutes import Substitute, SubstitutionContext, substitutes
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Load
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.lines import ChangeExercise
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.same import Same

MOST = 2000
LOOKED_AT = 40
"""Substitutes that are looked at for one that is no harder."""
_LEGS = frozenset({Pattern.SQUAT, Pattern.HINGE, Pattern.LUNGE})
_Key = tuple[
    Same[Exercise], Same[Inventory], Same[Mapping[ExerciseId, Exercise]], tuple[JointStatus, ...], Decimal | None
]
_best: dict[_Key, Substitute | None] = {}
"""The best substitute found for an exercise, a place and the joints as they stand."""


def rewrite(asked: StudiedLine, label: str, **changes: object) -> Fix | None:
    """Answer the fix that changes some of a line's prescription in its week."""
    if asked.prescription is None:
        return None
    return to(asked, label, replace(asked.prescription, **changes))  # type: ignore[arg-type]


def to(asked: StudiedLine, label: str, prescription: Prescription) -> Fix:
    """Answer the fix that puts a prescription into a line's week."""
    return Fix(label, (SetCell(line=asked.line.id, week=asked.week.id, text=write(prescription)),))


def swap(weeks: Sequence[StudiedLine]) -> Fix | None:
    """Answer the fix that takes the best substitute at the place for the client's joints; None where there is none.

    Never a harder one: no higher rung, nothing less stable, no one-sided work for the legs in the place of two-sided.
    ``weeks`` is the line in every week it is about. A load goes with its implement: where the substitute is loaded with
    something else, the plain loads of those weeks are taken out, to be written anew.
    """
    asked = weeks[0]
    here = asked.profile
    key = (Same(asked.exercise), Same(here.inventory), Same(here.exercises), here.standing, here.body_kg)
    if key not in _best:
        if len(_best) >= MOST:
            _best.clear()
        context = SubstitutionContext(here.inventory, here.unit, here.standing, here.body_kg)
        found = substitutes(asked.exercise, here.exercises.values(), here.ladders, context, LOOKED_AT)
        _best[key] = next((one for one in found if not _harder(one, asked.exercise)), None)
    best = _best[key]
    if best is None:
        return None
    variant = "B" if asked.line.exercise_in(asked.week) != asked.line.exercise else ""
    edit = ChangeExercise(line=asked.line.id, exercise=best.exercise.id, variant=variant)
    unloaded = [w for w in weeks if best.implement is not w.exercise.implement_at(w.profile.inventory)]
    return Fix(f"Take {best.exercise.name} instead", (edit, *(cell for w in unloaded if (cell := _without_load(w)))))


def _harder(found: Substitute, wanted: Exercise) -> bool:
    other = found.exercise
    one_leg = other.one_sided and not wanted.one_sided and other.pattern in _LEGS
    return (found.rungs or 0) > 0 or (wanted.stable and not other.stable) or one_leg


def _without_load(asked: StudiedLine) -> SetCell | None:
    asks = asked.prescription
    if asks is None or not isinstance(asks.load, Load) or asks.scheme is not None:
        return None
    return SetCell(line=asked.line.id, week=asked.week.id, text=write(replace(asks, load=None)))
