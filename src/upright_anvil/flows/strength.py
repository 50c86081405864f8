"""A client's strength over time: the ledger's sets as the estimates read them."""

from collections.abc import Mapping
from dataclasses import dataclass
from datetime import date

from upright_anvil.core.blocks import added_load
from upright_anvil.core.plan.setting import Setting
from upright_anvil.core.prescription.load_targets import moved_kg
from upright_anvil.core.strength.attempts import Attempt, table
from upright_anvil.core.strength.over_time import Strength, strengths_in
from upright_anvil.core.strength.rep_curve import RepCurve, rep_curves_in
from upright_anvil.flows.done import Done


@dataclass(frozen=True, slots=True)
class Estimates:
    """Strength by exercise, and the client's own rep curves by group of exercises."""

    strengths: Mapping[str, Strength]
    curves: Mapping[str, RepCurve]

    def steepness(self, group: str) -> float:
        """Answer how steep the client's curve is for a group; 1 where nothing is known."""
        return self.curves[group].steepness if group in self.curves else 1.0


def group_of(exercise_id: str, setting: Setting) -> str:
    """Answer which exercises share a rep curve with this one: those of its pattern."""
    return str(setting.exercise(exercise_id).pattern)


def attempts_of(done: Done, dates: Mapping[str, date], setting: Setting) -> list[Attempt]:
    """Answer the clean working sets of a client in the order they were done, and what was tested with a load.

    Pain and broken form are left out; body weight counts as it was on the day.
    """
    found = []
    for test in setting.tested:
        moved = moved_kg(test.load, setting.exercise(test.exercise).bodyweight_share, setting.body_on(test.on))
        if moved:
            group = group_of(test.exercise, setting)
            found.append(Attempt(test.exercise, test.on, float(moved), test.reps, test.reserve, 0, group))
    for (session, _), rows in done.items():
        for place, row in enumerate(rows):
            exercise = setting.exercise(row.exercise)
            moved = moved_kg(added_load(row), exercise.bodyweight_share, setting.body_on(dates[session]))
            if moved and row.reps and row.how.clean_enough:
                group = group_of(row.exercise, setting)
                found.append(Attempt(row.exercise, dates[session], float(moved), row.reps, row.reserve, place, group))
    return found


def estimates(done: Done, dates: Mapping[str, date], setting: Setting, today: date, path_of: str = "") -> Estimates:
    """Answer a client's strength on a day from the sets done up to it, and the rep curves behind it."""
    sets = table(attempts_of(done, dates, setting), today)
    curves = rep_curves_in(sets)
    steep = {name: curve.steepness for name, curve in curves.items()}
    return Estimates(strengths_in(sets, today, steep, path_of), curves)
