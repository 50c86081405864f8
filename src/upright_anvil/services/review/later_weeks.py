"""What a decision writes beyond next week: the later weeks of the phase along the line's path."""

from collections.abc import Iterable
from dataclasses import dataclass

from upright_anvil.core.ids import NO_EXERCISE, ExerciseId, WeekId
from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.locate import LinePlace, find_line, week_index
from upright_anvil.core.plan.next_cell import NextCell, following
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import prescription_or_none, profiles_by_week
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.progression.moves.steps import Kit
from upright_anvil.core.progression.rolling import LaterWeek, rolled


@dataclass(frozen=True, slots=True)
class RolledWeek:
    """A later week a decision changes: the week's id and number in the program, what it will say, what it says now."""

    week_id: WeekId
    week: int
    text: str
    now: str


def profile_of_cell(program: Program, cell: NextCell | None, profile: ClientProfile) -> ClientProfile:
    """Answer the profile a cell is read against: its week's place, else its day's, else the usual one."""
    if cell is None:
        return profile
    return _profile_in(find_line(program, cell.line), cell.week_id, profile)


def _profile_in(place: LinePlace, week_id: WeekId, profile: ClientProfile) -> ClientProfile:
    week = place.phase.weeks[week_index(place.phase, week_id)]
    return profiles_by_week(place.day, (week,), profile)[0]


def rolled_on(
    program: Program, cell: NextCell, decided: Prescription, profile: ClientProfile, exercise: ExerciseId = NO_EXERCISE
) -> tuple[RolledWeek, ...]:
    """Answer the later weeks of the phase that change with a decision on a cell; ``exercise`` is the rung it takes.

    Weeks that cannot be carried over keep their words. House rule, rules of progression.
    """
    place = find_line(program, cell.line)
    trained = place.line.exercise_in(place.phase.weeks[week_index(place.phase, cell.week_id)])
    later = following(program, cell)
    said = prescription_or_none(cell.text, profile.unit)
    text = write(decided)
    if said is None:
        return tuple(
            RolledWeek(week.week_id, week.week, text, week.text)
            for week in later
            if week.text == cell.text and not week.easing_off
        )

    def kit(week_id: WeekId) -> Kit:
        here = _profile_in(place, week_id, profile)
        return Kit(here.exercise(exercise or trained), here.inventory, here.body_kg)

    read = [
        LaterWeek(prescription_or_none(week.text, profile.unit), week.easing_off, kit(week.week_id)) for week in later
    ]
    found = zip(later, rolled(said, decided, read, kit(cell.week_id)), strict=True)
    texts = [(week, write(taken)) for week, taken in found if taken is not None]
    return tuple(RolledWeek(week.week_id, week.week, said, week.text) for week, said in texts if said != week.text)


def written(program: Program, cell: NextCell, text: str, later: Iterable[RolledWeek]) -> Program:
    """Answer the program with a decision in its cell and in the weeks it rolls on to."""
    for week, said in ((cell.week_id, text), *((roll.week_id, roll.text) for roll in later)):
        program = SetCell(line=cell.line, week=week, text=said, by_hand=False).apply(program)
    return program
