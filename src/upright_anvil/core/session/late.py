"""Less time than planned: what is left of a session trimmed to the minutes there are, cheapest first."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.fitting.cost import TimeLever
from upright_anvil.core.fitting.fit import FitTerms, fit
from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.edits import Edit
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.lines import RemoveLine
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.session.milder import fewer_sets
from upright_anvil.core.session.model import DayChange
from upright_anvil.core.session.this_session import as_changed, day_of

SECONDS = 60


@dataclass(frozen=True, slots=True)
class Trimmed:
    """What trims a session, the seconds of what is left to do before and after, and whether that fits."""

    changes: tuple[DayChange, ...]
    seconds: int
    after: int
    fits: bool


def trimmed(session: Program, minutes: int, who: Standpoint, done: Mapping[str, int]) -> Trimmed:
    """Answer how what is left of a session fits into some minutes.

    ``done`` counts the sets logged by line: those lines are left as they are, with those that they are done with round
    by round, and only what is left of them is timed. Nothing is moved to another day here; that is decided at the desk.
    House rule, fitting the time.
    """
    phase, day = day_of(session)
    left = as_changed(session, _without_done(session, who, done))
    begun = [group for group in day.groups if any(line.id in done for line in group.lines)]
    terms = FitTerms(
        without=frozenset({TimeLever.MOVES}), spared=frozenset(line.id for group in begun for line in group.lines)
    )
    found = fit(left, phase.weeks[0].id, day.id, minutes * SECONDS, who, terms)
    changes = tuple(
        DayChange(
            f"{n} {saving.key}", saving.label, f"Saves {_spoken(saving.saves)}; costs {saving.price}.", saving.edits
        )
        for n, saving in enumerate(s for s in found.savings if s.chosen)
    )
    return Trimmed(changes, found.seconds, found.after, found.fits)


def _spoken(seconds: int) -> str:
    return f"{seconds} s" if seconds < SECONDS else f"{round(seconds / SECONDS)} min"


def _without_done(session: Program, who: Standpoint, done: Mapping[str, int]) -> Sequence[Edit]:
    phase, day = day_of(session)
    edits: list[Edit] = []
    for line in day.lines:
        asked = prescription_or_none(line.cells[0].text, who.profile.unit)
        count = done.get(line.id, 0)
        if not count:
            continue
        if asked is None or count >= len(asked.plans):
            edits.append(RemoveLine(line=line.id))
        else:
            rest = fewer_sets(asked, count)
            edits.append(SetCell(line=line.id, week=phase.weeks[0].id, text=write(rest)))
    return edits
