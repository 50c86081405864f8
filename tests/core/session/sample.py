"""One session cut out of a plan written in a few words."""

from collections.abc import Sequence

from tests.core.checks.plans import SETTING, DayPlan, plan
from upright_anvil.core.plan.document import Group, Program
from upright_anvil.core.plan.edits import Edit
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.session.model import DayChange, edits_of
from upright_anvil.core.session.order import RunLine
from upright_anvil.core.session.this_session import as_changed, cut_out, day_of


def session(*lines: "str | Group") -> Program:
    """The first session of a plan with these lines; their ids are l1, l2 …"""
    days: DayPlan = (0, list(lines))
    program = plan(days)
    return cut_out(program, program.phases[0], 0, program.phases[0].days[0])


def texts(held: Program) -> dict[str, str]:
    """What is asked of each exercise."""
    week = held.phases[0].weeks[0]
    return {line.exercise_in(week): line.cells[0].text for line in day_of(held)[1].lines}


def after(held: Program, changes: Sequence[DayChange]) -> dict[str, str]:
    """What is asked of each exercise once the changes are made."""
    edits: Sequence[Edit] = edits_of(changes)
    return texts(as_changed(held, edits))


def run_lines(held: Program, profile: ClientProfile = SETTING, ramp_sets: int = 0) -> dict[str, RunLine]:
    """The lines as they are run."""
    week = held.phases[0].weeks[0]
    found = {}
    for line in day_of(held)[1].lines:
        asked = prescription_or_none(line.cells[0].text, profile.unit)
        assert asked, line.cells[0].text
        found[line.id] = RunLine(line.id, profile.exercise(line.exercise_in(week)), asked, ramp_sets)
    return found
