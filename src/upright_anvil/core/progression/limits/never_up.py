"""When nothing may go up: one list of reasons, asked before any policy and held against whatever comes out of it.

The first reason that holds is told; next time asks for the lesser of what was planned and what was done. House rule,
rules of progression: "never up".
"""

from collections.abc import Callable, Sequence
from decimal import Decimal
from functools import lru_cache
from itertools import pairwise
from typing import Final

from upright_anvil.core.blocks import added_load
from upright_anvil.core.ledger.how import Quality, SetEnd
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.loads.load import Kilograms, Load
from upright_anvil.core.prescription.coding import coded
from upright_anvil.core.prescription.load_targets import Coded, as_weight
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes import Varied
from upright_anvil.core.prescription.targets import Distance, Most, distance_words, reps_of
from upright_anvil.core.progression.evidence import at_home, lowest, showing
from upright_anvil.core.progression.model import Exposure, ProgressionContext
from upright_anvil.core.same import Same
from upright_anvil.core.strength.layoff import SHORT_GAP_DAYS

ID: Final = "never-up"

MOST_TIMES_PLANNED: Final = Decimal("1.5")
LEAST_TIMES_PLANNED: Final = Decimal("0.5")
"""A load so many times what was planned is asked about before anything rests on it. House rule."""

ENOUGH_OF_THE_SETS: Final = 2 / 3
"""The share of the planned sets below which a session is too little to go up from, whatever was left. House rule."""

FALLING_OVER: Final = 3
"""Exposures at the same work over which a falling reserve is a reason to wait. House rule."""

ENOUGH_LEFT: Final = 2
"""What must be left after the last set of a session cut short, where nothing else was asked. House rule."""


def hurt(rows: tuple[PerformedSet, ...]) -> bool:
    """Answer whether any set hurt or ended for pain, whether or not a region was named."""
    return any(row.how.hurt for row in rows)


def pain(context: ProgressionContext) -> str:
    """Say where it hurt: in these sets, or in others of the same exercise that day."""
    rows = (*context.today.sets, *context.beside)
    first = next((row.how for row in rows if row.how.hurt), None)
    if first is None:
        return ""
    if first.pain is None:
        return "A set ended for pain"
    side = f"{first.pain_side} " if first.pain_side else ""
    return f"The {side}{first.pain} hurt"


def slipped(context: ProgressionContext) -> str:
    """Say that form slipped in the last set; earlier slips count unless the last set was seen to be clean."""
    rows = context.today.sets
    if not rows or (rows[-1].how.quality is Quality.CLEAN and rows[-1].how.ended is not SetEnd.FORM):
        return ""
    went = [row.slot.number for row in rows if went_wrong(row)]
    return f"Form slipped in set {', '.join(map(str, went))}" if went else ""


def went_wrong(row: PerformedSet) -> bool:
    """Answer whether form slipped or broke down in a set, or ended it."""
    return row.how.quality in (Quality.SLIPPING, Quality.BROKE_DOWN) or row.how.ended is SetEnd.FORM


def doubted(context: ProgressionContext) -> str:
    """Say which figures do not fit the rest, so that nothing rests on them before they are confirmed or corrected."""
    known = _loads_asked(context.today.prescription)
    row = next((row for row in context.today.sets if _odd(row, context, known)), None)
    if row is None:
        return ""
    return f"Set {row.slot.number} says {added_load(row) or f'{row.reps} reps'}, which does not fit the rest"


def _as_asked_of_its_own(row: PerformedSet, context: ProgressionContext) -> bool:
    """Whether a set of a pyramid was done as it was asked, at the load that was asked of it and of no other.

    A light set of many beside a heavy one of few shows less by design; that is no slip of the keyboard.
    """
    asked = context.today.prescription
    if not isinstance(asked.scheme, Varied) or not asked.scheme.loads or row.slot.number > len(asked.plans):
        return False
    plan = asked.plans[row.slot.number - 1]
    written = as_weight(plan.load)
    if isinstance(written, Load):
        used = written
    elif isinstance(plan.load, Coded) and (made := coded(plan.load, context.place)) is not None:
        used = made.load
    else:
        return False
    most = reps_of(plan.target) if not isinstance(plan.target, Most) else None
    return row.load is not None and row.load.same_as(used) and (most is None or (row.reps or 0) <= most)


def _loads_asked(asked: Prescription) -> list[Kilograms]:
    """The loads that are asked for as weights, kg."""
    planned = [load for one in asked.plans if isinstance(load := as_weight(one.load), Load) and load.value]
    others = [other.load for other in asked.others if isinstance(other.load, Load)]
    return [load.kg for load in (*planned, *others)]


def _odd(row: PerformedSet, context: ProgressionContext, known: Sequence[Kilograms]) -> bool:
    if row.how.confirmed or _as_asked_of_its_own(row, context):
        return False
    if row.id in context.doubted:
        return True
    if not known or row.load is None or row.assisted or not row.load.value:
        return False
    return not min(known) * LEAST_TIMES_PLANNED < row.load.kg < max(known) * MOST_TIMES_PLANNED


def incomplete(context: ProgressionContext) -> str:
    """Say that not every planned set was done, unless most were and what was left after the last one allows it."""
    shown, now = showing(context.today), context.today.prescription
    if shown.complete or not shown.sets:
        return ""
    last, wanted = shown.reserves[-1], ENOUGH_LEFT if now.left is None else now.left
    allowed = last is not None and last >= wanted and len(shown.sets) >= ENOUGH_OF_THE_SETS * shown.planned_sets
    many = f"{len(shown.sets)} of {shown.planned_sets} planned sets were done"
    return "" if allowed else f"{many}, and nobody can say what the others would have shown"


def falling_reserve(context: ProgressionContext) -> str:
    """Say that the same work has left less from session to session, three times running."""
    last = context.exposures[-FALLING_OVER:]
    known = [value for one in last if (value := _mean_reserve(one)) is not None]
    if len(known) < FALLING_OVER or not all(a > b for a, b in pairwise(known)) or not _same_work(last):
        return ""
    return f"The same work left {', '.join(f'{value:g}' for value in known)} repetitions in three sessions running"


def _same_work(exposures: tuple[Exposure, ...]) -> bool:
    shown = [showing(one) for one in exposures]
    first = shown[0]
    return all(
        one.sets and str(one.load) == str(first.load) and sum(one.amounts) <= sum(first.amounts) for one in shown
    )


def _mean_reserve(exposure: Exposure) -> float | None:
    said = [row.reserve for row in exposure.sets if row.reserve is not None]
    return round(sum(said) / len(said), 1) if said and len(said) == len(exposure.sets) else None


def nothing_left(context: ProgressionContext) -> str:
    """Say that the last set left nothing where no reserve was asked: there is nothing to go up from."""
    shown, now = showing(context.today), context.today.prescription
    counted = reps_of(now.target) is not None
    if now.left is not None or not counted or not shown.sets or shown.reserves[-1] != 0:
        return ""
    return "Nothing was left after the last set"


def below(context: ProgressionContext) -> str:
    """Say that a set of alike ones ended below the range."""
    shown, now = showing(context.today), context.today.prescription
    if now.scheme is not None or not shown.sets or shown.in_range:
        return ""
    if isinstance(now.target, Distance):
        return f"{distance_words(shown.least)} of {now.target} were covered"
    return f"A set ended at {shown.least}, below {lowest(now.target)}"


def poor_day(context: ProgressionContext) -> str:
    """Say that the client came with little, or that the line was changed for the day."""
    if context.changed_day:
        return "It was changed for the day"
    return "The client came with little that day" if context.poor_day else ""


def away(context: ProgressionContext) -> str:
    """Say that the client had been away before this session."""
    days = context.away_days
    return f"The first session after {days} days away" if days > SHORT_GAP_DAYS else ""


def restricted(context: ProgressionContext) -> str:
    """Say that the blood flow is restricted in it: nothing there is ours to raise."""
    held = context.restricted or context.today.prescription.cuffs
    return "It is done with restricted blood flow" if held else ""


def health(context: ProgressionContext) -> str:
    """Say what in the health file stands against it."""
    return context.health


def worn(context: ProgressionContext) -> str:
    """Say that an easier week is due."""
    return context.worn.rstrip(".")


def alone(context: ProgressionContext) -> str:
    """Say that it was done alone by a client for whom that is not enough to add load; other levers stay open."""
    return f"It was done alone, and {context.alone}" if context.alone and at_home(context.today) else ""


Reason = Callable[[ProgressionContext], str]

REASONS: Final[tuple[tuple[str, Reason], ...]] = (
    ("pain", pain),
    ("doubted figure", doubted),
    ("health", health),
    ("restricted flow", restricted),
    ("form", slipped),
    ("poor day", poor_day),
    ("away", away),
    ("worn", worn),
    ("incomplete", incomplete),
    ("falling reserve", falling_reserve),
    ("nothing left", nothing_left),
    ("below the range", below),
)
"""Every reason why nothing goes up, most pressing first."""


def reasons(context: ProgressionContext) -> tuple[tuple[str, str], ...]:
    """Answer every reason that holds, by its name and in words, most pressing first. House rule."""
    return _reasons(Same(context))


@lru_cache(maxsize=64)
def _reasons(of: Same[ProgressionContext]) -> tuple[tuple[str, str], ...]:
    """A judgement asks for them at every turn; its context stays the same."""
    return tuple((name, said) for name, find in REASONS if (said := find(of.value)))


def sets_of(prescription: Prescription) -> int:
    """Answer how many sets a prescription asks for, drops and back-off sets among them."""
    return len(prescription.plans)
