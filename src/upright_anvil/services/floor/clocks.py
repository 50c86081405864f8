"""What the floor asks beside the session itself: the clocks of its groups, what to do instead, plates for a load."""

from datetime import date

from upright_anvil.core.clock.model import Clock
from upright_anvil.core.clock.timeline import timeline
from upright_anvil.core.errors import DomainError
from upright_anvil.core.health.readiness import Pain
from upright_anvil.core.ids import DayId, LineId, ProgramId, WeekId
from upright_anvil.core.loads.load import Load
from upright_anvil.core.loads.on_the_bar import BarPicture, bar_for
from upright_anvil.core.phrases import Language, Phrases
from upright_anvil.core.session.easing import profile_with
from upright_anvil.core.session.swapping import Instead, instead_of_line
from upright_anvil.formats.shipped.languages import phrases_of
from upright_anvil.services.floor.opened import Opened, on_the_bar, opened, run_lines
from upright_anvil.store.file.database import Scope


def session_clocks(
    scope: Scope, program_id: ProgramId, week_id: WeekId, day_id: DayId, today: date
) -> tuple[Clock, ...]:
    """Answer the timelines of a session's timed groups, called in the client's language.

    Raises `DomainError`, `NotFoundError`.
    """
    view = opened(scope, program_id, week_id, day_id, today)
    return clocks_of(view, phrases_of(Language(view.who.language)))


def clocks_of(view: Opened, phrases: Phrases) -> tuple[Clock, ...]:
    """Answer the timelines of a session that was read out, called in a language."""
    lines, _ = run_lines(view)
    found = (timeline(group, lines, phrases) for group in view.day.found.day.groups)
    return tuple(clock for clock in found if clock is not None)


def instead_of(
    scope: Scope, program_id: ProgramId, week_id: WeekId, day_id: DayId, line_id: LineId, pain: Pain | None, today: date
) -> tuple[Instead, ...]:
    """Answer what a line could train today instead, sparing what hurts. Raises `DomainError`, `NotFoundError`."""
    view = opened(scope, program_id, week_id, day_id, today)
    line = next((line for line in view.day.found.day.lines if line.id == line_id), None)
    if line is None:
        raise DomainError("That exercise is no longer in this session.")
    here = profile_with(view.here, (pain,) if pain else ())
    return instead_of_line(line, view.day.found.phase.weeks[0], here)


def plates_on_the_bar(
    scope: Scope, program_id: ProgramId, week_id: WeekId, day_id: DayId, load: Load, today: date
) -> BarPicture | None:
    """Answer the bar for a load at today's place, and what to change from what is on it; None where none makes it."""
    view = opened(scope, program_id, week_id, day_id, today)
    return bar_for(view.here.inventory, load, on_the_bar(view))
