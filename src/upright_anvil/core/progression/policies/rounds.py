"""Most rounds in a time, and sets at every start of a clock: a round more, or heavier where the kit allows.

House rule; the time stays what it is.
"""

from collections.abc import Sequence
from dataclasses import replace
from typing import Final

from upright_anvil.core.ledger.how import SetEnd
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.loads.load import per_cent
from upright_anvil.core.prescription.schemes import Density, EveryStart
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import base_of, showing, within_reserve
from upright_anvil.core.progression.model import Alternative, Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.steps import step_up

ID: Final = "rounds"
TITLE: Final = "Rounds"
MOST_STARTS: Final = 12
"""Starts of a clock up to which one more is proposed. House rule."""


def fits(context: ProgressionContext) -> str:
    """Answer why it cannot lead the line; empty where it can."""
    found = isinstance(context.today.prescription.scheme, Density | EveryStart)
    return "" if found else "It needs rounds by the clock."


def propose(context: ProgressionContext) -> Proposal:
    """Answer what the rounds ask for."""
    now, shown = context.today.prescription, showing(context.today)
    if isinstance(now.scheme, Density):
        return _most_rounds(context)
    if not shown.complete or not shown.in_range or not within_reserve(now, shown.reserves):
        return answer(ID, context, Lever.HOLD, now, "Not every start was kept: the same again.")
    step = step_up(context, now.load) if now.load is not None else None
    if step is not None and step.share <= context.step_cap and not step.estimated:
        rule = f"Every start was kept: {step.to} (+{per_cent(step.share)})."
        return answer(ID, context, Lever.LOAD, replace(now, load=step.to), rule, same_again(now), rise=step.share)
    if now.sets < MOST_STARTS:
        rule = f"Every start was kept: one more, {now.sets + 1}."
        return answer(ID, context, Lever.ROUNDS, replace(now, sets=now.sets + 1), rule, same_again(now))
    return answer(ID, context, Lever.HOLD, now, "Every start was kept: the same again.")


def rounds_done(rows: Sequence[PerformedSet]) -> tuple[int, int]:
    """Answer the whole rounds of a station and the repetitions of the one that the time cut short."""
    begun = sum(row.reps or 0 for row in rows if row.how.ended is SetEnd.TIME)
    return sum(1 for row in rows if row.how.ended is not SetEnd.TIME), begun


def rounds_words(whole: int, begun: int) -> str:
    """Say rounds with the repetitions of the unfinished one: ``6 rounds and 14 repetitions``."""
    return f"{whole} round{'s' if whole != 1 else ''}" + (f" and {begun} repetitions" if begun else "")


def _most_rounds(context: ProgressionContext) -> Proposal:
    now, base = context.today.prescription, base_of(context)
    whole, begun = rounds_done(context.today.sets)
    rule = f"{rounds_words(whole, begun)} {now.scheme}: aim for {whole + 1} in the same time."
    step = step_up(context, base.load) if base.load is not None else None
    heavier = []
    if step is not None and step.share <= context.step_cap:
        heavier = [Alternative(f"Heavier: {step.to} (+{per_cent(step.share)})", write(replace(now, load=step.to)))]
    return answer(ID, context, Lever.HOLD, now, rule, heavier)
