"""Most rounds in a time, and sets at every start of a clock: a round more, or heavier where the kit allows.

House rule; the time stays what it is.
"""

from dataclasses import replace
from typing import Final

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


def _most_rounds(context: ProgressionContext) -> Proposal:
    now, shown, base = context.today.prescription, showing(context.today), base_of(context)
    rounds = len(shown.sets)
    rule = f"{rounds} rounds in {now.scheme}".replace(" in in ", " in ") + f": aim for {rounds + 1} in the same time."
    step = step_up(context, base.load) if base.load is not None else None
    heavier = []
    if step is not None and step.share <= context.step_cap:
        heavier = [Alternative(f"Heavier: {step.to} (+{per_cent(step.share)})", write(replace(now, load=step.to)))]
    return answer(ID, context, Lever.HOLD, now, rule, heavier)
