"""A session at another place than planned: loads that can be made there, and other exercises where kit is missing."""

from collections.abc import Iterator

from upright_anvil.core.ids import PlaceId
from upright_anvil.core.plan.document import Line, Program, Week
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.lines import RemoveLine
from upright_anvil.core.plan.edits.weeks import ChangeWeek
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.known import nearest_known
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.session.carry_over import carried_over, remapped
from upright_anvil.core.session.model import DayChange
from upright_anvil.core.session.swapping import fits, instead_of_line, swap
from upright_anvil.core.session.this_session import day_of


def elsewhere(
    session: Program, place: PlaceId, usual: ClientProfile, there: ClientProfile, done: frozenset[str] = frozenset()
) -> tuple[DayChange, ...]:
    """Answer the changes that hold a session at another place.

    ``usual`` is the profile it was planned for, ``there`` that of the other place. What fits stays with loads that can
    be made there; other kit carries the load over; what cannot be done is swapped, or left out where nothing is left.
    House rule.
    """
    phase, day = day_of(session)
    week = phase.weeks[0]
    name = there.place_names.get(place, "the other place")
    move = ChangeWeek(phase=phase.id, week=week.id, place=place)
    found = [DayChange("place", f"Trained at {name}", f"{name} has other kit.", (move,))]
    for line in day.lines:
        if line.cells[0].text and line.id not in done:
            found += _line(line, week, usual, there, name)
    return tuple(found)


def _line(line: Line, week: Week, usual: ClientProfile, there: ClientProfile, name: str) -> Iterator[DayChange]:
    exercise = there.exercise(line.exercise_in(week))
    asked = prescription_or_none(line.cells[0].text, there.unit)
    if not fits(exercise, there):
        instead = instead_of_line(line, week, there, limit=1)
        missing = ", ".join(exercise.missing_at(there.inventory)) or "nothing to load it with"
        if instead:
            yield swap(line, week, there.exercise(instead[0].exercise), there, f"{name}: {missing}.")
        else:
            label = f"{exercise.name} out: nothing at {name} trains the same"
            yield DayChange(f"out {line.id}", label, f"{name}: {missing}.", (RemoveLine(line=line.id),), line.id)
        return
    if asked is None:
        return
    if exercise.implement_at(usual.inventory) is exercise.implement_at(there.inventory):
        changed, why = remapped(asked, exercise, usual.inventory, there.inventory)
    else:
        changed, why = carried_over(asked, exercise, there, nearest_known(exercise, usual))
    if changed != asked:
        text = write(changed)
        edit = SetCell(line=line.id, week=week.id, text=text)
        yield DayChange(f"load {line.id}", f"{exercise.name}: {text}", why, (edit,), line.id)
