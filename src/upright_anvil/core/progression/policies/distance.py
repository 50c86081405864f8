"""Distance and endurance: metres or minutes rise by at most a tenth a week, then the pace.

Runs, rows, rides and carries for a distance. House rule.
"""

from dataclasses import replace
from fractions import Fraction
from typing import Final

from upright_anvil.core.prescription.bounds import MAX_METRES, MAX_WORK_SECONDS
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Distance, Seconds, distance_words, duration_words, pace_words
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import base_of, showing
from upright_anvil.core.progression.model import Alternative, Lever, ProgressionContext, Proposal

ID: Final = "distance"
TITLE: Final = "Distance"
DAYS_BETWEEN_RISES: Final = 6
"""Days that lie between two rises of a distance at the least: a tenth a week, not a tenth a run. House rule."""

WHOLE_FROM: Final = 1000
WHOLE: Final = 100
"""Distances from a kilometre on rise by whole hundreds of metres."""

DEEP_MISS: Final = Fraction(2, 3)
"""A smaller share of the distance is a deep miss: the next one starts from what was covered. Rules, never up."""

SHORTEST_RISE: Final = 300
"""Seconds of endurance work from which on minutes are added. House rule."""


def fits(context: ProgressionContext) -> str:
    """Answer why it cannot lead the line; empty where it can."""
    found = isinstance(context.today.prescription.target, Distance | Seconds)
    return "" if found else "It needs a distance or a time."


def propose(context: ProgressionContext) -> Proposal:
    """Answer up to a tenth further once all of it was done, at most once a week; else the same again."""
    now, shown, base = context.today.prescription, showing(context.today), base_of(context)
    if now.scheme is not None or not shown.complete or not shown.in_range:
        return _fell_short(context, base)
    if _rose_lately(context):
        return answer(ID, context, Lever.HOLD, base, "It was raised within the week: the same again, easily.")
    share = context.step_cap
    if isinstance(now.target, Distance):
        metres = int(now.target.metres * (1 + share))
        metres -= metres % WHOLE if metres >= WHOLE_FROM else 0
        if now.target.metres < metres <= MAX_METRES:
            rule = f"All of it was done{_pace(context)}: {Distance(metres)}, a tenth more at the most; then the pace."
            # The pace stays: what is further takes longer.
            within = base.within and min(-(-base.within * metres // now.target.metres), MAX_WORK_SECONDS)
            further = replace(base, target=Distance(metres), within=within)
            return answer(ID, context, Lever.METRES, further, rule, same_again(base))
    elif isinstance(now.target, Seconds) and now.target.seconds >= SHORTEST_RISE:
        seconds = int(now.target.seconds * (1 + share))
        seconds = min(seconds - seconds % 30, MAX_WORK_SECONDS)
        if seconds > now.target.seconds:
            rule = f"All of it was done: {duration_words(seconds)}, a tenth more at the most."
            return answer(
                ID, context, Lever.SECONDS, replace(base, target=now.target.moved_to(seconds)), rule, same_again(base)
            )
    rule = f"All of it was done{_pace(context)}: the same again, a little quicker if easy."
    return answer(ID, context, Lever.HOLD, base, rule)


def _fell_short(context: ProgressionContext, base: Prescription) -> Proposal:
    """The same again; where less than two thirds of a distance were covered, what was covered. House rule."""
    now, shown = context.today.prescription, showing(context.today)
    if not isinstance(now.target, Distance) or now.scheme is not None or not shown.complete or not shown.least:
        return answer(ID, context, Lever.HOLD, base, "Not all of it was done: the same again.")
    covered = Distance(max(shown.least - (shown.least % WHOLE if shown.least >= WHOLE_FROM else 0), 1))
    said = f"{distance_words(shown.least)} of {now.target} were covered"
    back = replace(base, target=covered, within=None)
    if shown.least < DEEP_MISS * now.target.metres:
        rule = f"{said}, less than two thirds: on from there, {covered} next time."
        return answer(ID, context, Lever.EASE, back, rule, same_again(base))
    rule = f"{said}: the same again before it gets longer."
    return answer(ID, context, Lever.HOLD, base, rule, (Alternative(f"What was covered: {covered}", write(back)),))


def _pace(context: ProgressionContext) -> str:
    """The pace of the whole, where it was timed: `` at 6:00 min a km``."""
    rows = [row for row in context.today.sets if row.metres and row.seconds]
    metres, seconds = sum(row.metres or 0 for row in rows), sum(row.seconds or 0 for row in rows)
    return f" at {pace_words(metres, seconds)}" if len(rows) == len(context.today.sets) and metres else ""


def _rose_lately(context: ProgressionContext) -> bool:
    today = context.today
    return any(
        type(one.prescription.target) is type(today.prescription.target)
        and one.prescription.amount < today.prescription.amount
        and (today.on - one.on).days < DAYS_BETWEEN_RISES
        for one in context.exposures[:-1]
    )
