"""Another exercise for a line, today: a rung of its ladder or a substitute, with the load carried over."""

from collections.abc import Iterable
from dataclasses import dataclass

from upright_anvil.core.exercises import Exercise
from upright_anvil.core.health.cautions import CautionGrade, joint_cautions
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.library.substitutes import SubstitutionContext, substitutes
from upright_anvil.core.plan.document import Line, Week
from upright_anvil.core.plan.edits import Edit
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.lines import ChangeExercise
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.known import nearest_known
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import reps_of
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.session.carry_over import carried_over
from upright_anvil.core.session.model import DayChange

MEANT_REPS = 8
OFFERED = 6


@dataclass(frozen=True, slots=True)
class Instead:
    """One exercise to do instead: why, its shorthand for today, and where its load comes from."""

    exercise: ExerciseId
    name: str
    reasons: tuple[str, ...]
    text: str
    load_from: str
    rungs: int | None


def instead_of_line(line: Line, week: Week, profile: ClientProfile, limit: int = OFFERED) -> tuple[Instead, ...]:
    """Answer what a line could train today instead: the rungs named in advance, those beside it, then substitutes.

    Only what the place has and no troubled joint forbids. House rule.
    """
    exercise = profile.exercise(line.exercise_in(week))
    asked = prescription_or_none(line.cells[0].text, profile.unit)
    named = [rung for rung in (line.easier, line.harder) if rung]
    beside = [*profile.ladders.easier(exercise.id), *profile.ladders.harder(exercise.id)]
    rungs = [e for e in map(profile.exercises.get, dict.fromkeys((*named, *beside))) if e and fits(e, profile)]
    reps = (asked and reps_of(asked.target)) or MEANT_REPS
    context = SubstitutionContext(
        profile.inventory, profile.unit, profile.standing, profile.body_kg, nearest_known(exercise, profile), reps
    )
    others = substitutes(exercise, profile.exercises.values(), profile.ladders, context, limit + len(rungs))
    above = profile.ladders.rungs_from(exercise.id)
    found = {e.id: (e, _rung_words(e, above, line)) for e in rungs}
    for other in others:
        found.setdefault(other.exercise.id, (other.exercise, other.reasons))
    return tuple(_instead(e, why, asked, profile, above.get(e.id)) for e, why in list(found.values())[:limit])


def fits(exercise: Exercise, profile: ClientProfile) -> bool:
    """Answer whether an exercise can be done at the place and no joint forbids it."""
    cautions = joint_cautions(exercise, profile.standing)
    return (
        not exercise.removed
        and exercise.possible_at(profile.inventory)
        and all(caution.grade is not CautionGrade.STOP for caution in cautions)
    )


def swap(line: Line, week: Week, to: Exercise, profile: ClientProfile, why: str = "") -> DayChange:
    """Answer the change that lets a line train another exercise today, its load carried over. House rule."""
    asked = prescription_or_none(line.cells[0].text, profile.unit)
    text, load_from = _text(to, asked, profile)
    was = profile.exercise(line.exercise_in(week)).name
    reason = f"{why} {load_from}".strip()
    return DayChange(
        f"swap {line.id}", f"{to.name} instead of {was}: {text}", reason, _edits(line, week, to, text), line.id
    )


def _edits(line: Line, week: Week, to: Exercise, text: str) -> tuple[Edit, ...]:
    change = ChangeExercise(
        line=line.id, exercise=to.id, variant="B" if week.variant == "B" and line.exercise_b else ""
    )
    return (change, SetCell(line=line.id, week=week.id, text=text))


def _instead(
    to: Exercise, why: Iterable[str], asked: Prescription | None, profile: ClientProfile, rungs: int | None
) -> Instead:
    text, load_from = _text(to, asked, profile)
    reasons = tuple(reason for reason in why if f"{reason}.".lower() != load_from.lower())
    return Instead(to.id, to.name, reasons, text, load_from, rungs)


def _text(to: Exercise, asked: Prescription | None, profile: ClientProfile) -> tuple[str, str]:
    if asked is None:
        return "3 x 8", "House figure: what was planned cannot be read."
    over, load_from = carried_over(asked, to, profile, nearest_known(to, profile))
    return write(over), load_from


def _rung_words(exercise: Exercise, above: dict[ExerciseId, int], line: Line) -> tuple[str, ...]:
    rungs = above.get(exercise.id)
    named = exercise.id in (line.easier, line.harder)
    words = (
        ()
        if rungs is None
        else (f"{abs(rungs)} rung{'s' if abs(rungs) > 1 else ''} {'harder' if rungs > 0 else 'easier'}",)
    )
    return (*words, "named in advance") if named else words
