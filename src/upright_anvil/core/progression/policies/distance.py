"""Distance and endurance: metres or minutes rise by at most a tenth a week, then the pace.

Runs, rows, rides and carries for a distance. House rule.
"""

from dataclasses import replace
from typing import Final

from upright_anvil.core.prescription.bounds import MAX_HOLD_SECONDS, MAX_METRES, MAX_WITHIN_SECONDS
from upright_anvil.core.prescription.targets import Distance, Seconds
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import base_of, showing
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal

ID: Final = "distance"
TITLE: Final = "Distance"
DAYS_BETWEEN_RISES: Final = 6
"""Days that lie between two rises of a distance at the least: a tenth a week, not a tenth a run. House rule."""

WHOLE_FROM: Final = 1000
WHOLE: Final = 100
"""Distances from a kilometre on rise by whole hundreds of metres."""

SHORTEST_RISE: Final = 300
"""Seconds of endurance work from which on minutes are added. House rule."""


def fits(context: ProgressionContext) -> str:
    """Answer why it cannot lead the line; empty where it can."""
    found = isinstance(context.today.prescription.target, Distance | Seconds)
    return "" if found else "It needs a distance or a time."


def propose(context: ProgressionContext) -> Proposal:
    """Answer up to a tenth further once all of it was done, at most once a week; else the same again."""
    now, shown, base = context.today.prescription, showing(context.today), base_of(context)
    if now.scheme is not None or not shown.complete or not _all_done(context):
        return answer(ID, context, Lever.HOLD, base, "Not all of it was done: the same again.")
    if _rose_lately(context):
        return answer(ID, context, Lever.HOLD, base, "It was raised within the week: the same again, easily.")
    share = context.step_cap
    if isinstance(now.target, Distance):
        metres = int(now.target.metres * (1 + share))
        metres -= metres % WHOLE if metres >= WHOLE_FROM else 0
        if now.target.metres < metres <= MAX_METRES:
            rule = f"All of it was done: {Distance(metres)}, a tenth more at the most; then the pace."
            # The pace stays: what is further takes longer.
            within = base.within and min(-(-base.within * metres // now.target.metres), MAX_WITHIN_SECONDS)
            further = replace(base, target=Distance(metres), within=within)
            return answer(ID, context, Lever.METRES, further, rule, same_again(base))
    elif isinstance(now.target, Seconds) and now.target.seconds >= SHORTEST_RISE:
        seconds = int(now.target.seconds * (1 + share))
        seconds = min(seconds - seconds % 30, MAX_HOLD_SECONDS)
        if seconds > now.target.seconds:
            rule = f"All of it was done: {seconds // 60} min {seconds % 60} s, a tenth more at the most."
            return answer(
                ID, context, Lever.SECONDS, replace(base, target=now.target.moved_to(seconds)), rule, same_again(base)
            )
    return answer(ID, context, Lever.HOLD, base, "All of it was done: the same again, a little quicker if easy.")


def _all_done(context: ProgressionContext) -> bool:
    """A distance is logged by the seconds it took, so that a set done is a distance done; a time must be reached."""
    shown = showing(context.today)
    if isinstance(context.today.prescription.target, Distance):
        return all(amount > 0 for amount in shown.amounts)
    return shown.in_range


def _rose_lately(context: ProgressionContext) -> bool:
    today = context.today
    return any(
        type(one.prescription.target) is type(today.prescription.target)
        and one.prescription.amount < today.prescription.amount
        and (today.on - one.on).days < DAYS_BETWEEN_RISES
        for one in context.exposures[:-1]
    )
