"""Work for time: curls, presses and steps by the clock. Load or a rung, never longer seconds on their own.

Repetitions inside the time are the client's own progress; the seconds belong to the block. House rule.
"""

from dataclasses import replace
from typing import Final

from upright_anvil.core.loads.load import per_cent
from upright_anvil.core.prescription.targets import Seconds
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import base_of, showing, within_reserve
from upright_anvil.core.progression.model import Alternative, Exposure, Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.bridging import MOST_BRIDGED
from upright_anvil.core.progression.moves.rungs import may_climb, on_the_rung
from upright_anvil.core.progression.moves.steps import step_up

ID: Final = "timed"
TITLE: Final = "Work for time"
SAME_TIMES: Final = 2
"""Sessions in which all of it was done before the load takes a step. House rule."""


def fits(context: ProgressionContext) -> str:
    """Answer why it cannot lead the line; empty where it can."""
    return "" if isinstance(context.today.prescription.target, Seconds) else "It needs work by the clock."


def propose(context: ProgressionContext) -> Proposal:
    """Answer the next load or rung once all the time was worked twice, else more repetitions in the same time.

    Where repetitions were counted, they must not have fallen in between.
    """
    now, shown, base = context.today.prescription, showing(context.today), base_of(context)
    if not shown.complete or not shown.in_range or not within_reserve(now, shown.reserves):
        return answer(ID, context, Lever.HOLD, base, "Not all of the time was worked: the same again.")
    if (fewer := _fewer(context)) is not None:
        was, today = fewer
        rule = f"{today} repetitions in the same time, {was} last time: the same again before more load."
        return answer(ID, context, Lever.HOLD, base, rule)
    if not _twice(context):
        rule = "All of the time was worked: more repetitions in the same seconds, then the load."
        return answer(ID, context, Lever.HOLD, base, rule)
    step = step_up(context, base.load) if base.load is not None and base.scheme is None else None
    if step is not None and (step.share <= context.step_cap or step.estimated):
        rule = f"All of the time was worked in two sessions: {step.to} (+{per_cent(step.share)}), the seconds stay."
        heavier = replace(base, load=step.to)
        return answer(
            ID, context, Lever.LOAD, heavier, rule, same_again(base), rise=step.share, estimated=step.estimated
        )
    if context.harder is not None and not may_climb(context):
        rule = f"All of the time was worked in two sessions: the next rung, {context.harder.name}."
        rung = replace(on_the_rung(context, now), target=now.target)
        return answer(ID, context, Lever.VARIANT, rung, rule, same_again(base), exercise=context.harder.id)
    jump = []
    if step is not None and step.share <= MOST_BRIDGED:
        jump = [Alternative(f"Jump to {step.to} now (+{per_cent(step.share)})", write(replace(base, load=step.to)))]
    rule = "All of the time was worked: more repetitions in the same seconds."
    return answer(ID, context, Lever.HOLD, base, rule, jump)


def _fewer(context: ProgressionContext) -> tuple[int, int] | None:
    """The repetitions counted last time and today, at the same load, where they fell; None where they did not."""
    if len(context.exposures) < SAME_TIMES:
        return None
    before, today = (showing(one) for one in context.exposures[-SAME_TIMES:])
    was, now = (_counted(one) for one in context.exposures[-SAME_TIMES:])
    same = str(before.load) == str(today.load) and len(before.sets) == len(today.sets)
    return (was, now) if same and was is not None and now is not None and now < was else None


def _counted(exposure: Exposure) -> int | None:
    said = [row.how.counted for row in exposure.sets]
    known = [one for one in said if one is not None]
    return sum(known) if known and len(known) == len(said) else None


def _twice(context: ProgressionContext) -> bool:
    last = context.exposures[-SAME_TIMES:]
    return len(last) == SAME_TIMES and all(
        (shown := showing(one)).complete and shown.in_range and str(shown.load) == str(showing(last[-1]).load)
        for one in last
    )
