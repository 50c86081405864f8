"""The minutes a day would take with other words in its cells, for measuring before anything is written."""

from collections.abc import Mapping, Sequence
from dataclasses import replace

from upright_anvil.core.ids import LineId
from upright_anvil.core.plan.document import Cell, Day, Group, Line, Week
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import day_estimate, prescription_or_none
from upright_anvil.core.prescription.text.shorthand import write


def minutes_with(
    day: Day, weeks: Sequence[Week], week: int, texts: Mapping[LineId, str], profile: ClientProfile
) -> int:
    """Answer the minutes a day takes in a week (index) with other words in the cells of some lines (line id: text)."""

    def said(line: Line) -> Line:
        if line.id not in texts:
            return line
        cells = tuple(Cell(text=texts[line.id]) if n == week else cell for n, cell in enumerate(line.cells))
        return line.model_copy(update={"cells": cells})

    groups = (group.model_copy(update={"lines": tuple(map(said, group.lines))}) for group in day.groups)
    held = day.model_copy(update={"groups": tuple(groups)})
    return round(day_estimate(held, weeks, week, profile) / 60)


def a_round_fits(
    day: Day, weeks: Sequence[Week], week: int, group: Group, profile: ClientProfile, limit: int | None
) -> bool:
    """Answer whether one round more of a circuit leaves the day within its minutes; so it does where nobody set any."""
    if not limit:
        return True
    texts = {}
    for line in group.lines:
        plan = prescription_or_none(line.cells[week].text, profile.unit)
        if plan is not None:
            texts[line.id] = write(replace(plan, sets=plan.sets + 1))
    return minutes_with(day, weeks, week, texts, profile) <= limit
