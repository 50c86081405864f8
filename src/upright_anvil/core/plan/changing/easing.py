"""Making a week of a phase an easing-off week: every line that can be read gets fewer sets and less load."""

from upright_anvil.core.ids import WeekId
from upright_anvil.core.plan.changing.paths import eased_off
from upright_anvil.core.plan.document import Program, WeekKind
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.weeks import ChangeWeek
from upright_anvil.core.plan.locate import find_phase, week_index
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import prescription_or_none, profiles_by_week
from upright_anvil.core.prescription.text.shorthand import write


def with_easier_week(program: Program, phase_id: str, week_id: WeekId, profile: ClientProfile) -> Program:
    """Answer the program with a week that eases off: a third fewer sets, a tenth less load, at loads there are.

    Cells that cannot be read keep their words. Raises `DomainError` when the week is gone. House rule.
    """
    phase = find_phase(program, phase_id)
    index = week_index(phase, week_id)
    week = phase.weeks[index]
    eased = ChangeWeek(phase=phase_id, week=week_id, kind=WeekKind.EASE_OFF).apply(program)
    for day in phase.days:
        here = profiles_by_week(day, (week,), profile)[0]
        for line in day.lines:
            asked = prescription_or_none(line.cells[index].text, profile.unit)
            if asked is not None and not asked.ramp:
                text = write(eased_off(asked, here.exercise(line.exercise_in(week)), here.inventory))
                eased = SetCell(line=line.id, week=week_id, text=text, by_hand=False).apply(eased)
    return eased


def built_before(program: Program, phase_id: str, week: int) -> int:
    """Answer how many building weeks in a row a week of a phase (index from 0) ends, itself counted; a pause ends
    them.
    """
    count, paused = 0, {pause.before for pause in program.pauses}
    for phase, index, _ in program.weeks():
        count = 0 if phase.weeks[index].id in paused else count
        count = 0 if phase.weeks[index].kind is WeekKind.EASE_OFF else count + 1
        if phase.id == phase_id and index == week:
            break
    return count


def week_after(program: Program, phase_id: str, week: int) -> tuple[str, WeekId, int] | None:
    """Answer the phase and id of the week after one, and its number in the program; None after the last."""
    weeks = list(program.weeks())
    at = next((n for n, (phase, index, _) in enumerate(weeks) if phase.id == phase_id and index == week), None)
    if at is None or at + 1 >= len(weeks):
        return None
    phase, index, _ = weeks[at + 1]
    return phase.id, phase.weeks[index].id, at + 2
