"""Work for time: curls, presses and steps by the clock. Load or a rung, never longer seconds on their own.

Repetitions inside the time are the client's own progress; the seconds belong to the block. House rule.
"""

from dataclasses import replace
from typing import Final

from upright_anvil.core.loads.load import per_cent
from upright_anvil.core.prescription.shorthand import write
from upright_anvil.core.prescription.targets import Seconds
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.bridging import MOST_BRIDGED
from upright_anvil.core.progression.evidence import base_of, showing, within_reserve
from upright_anvil.core.progression.model import Alternative, Lever, Proposal, Situation
from upright_anvil.core.progression.rungs import may_climb, on_the_rung
from upright_anvil.core.progression.steps import step_up

ID: Final = "timed"
TITLE: Final = "Work for time"
SAME_TIMES: Final = 2
"""Sessions in which all of it was done before the load takes a step. House rule."""


def fits(situation: Situation) -> str:
    """Answer why it cannot lead the line; empty where it can."""
    return "" if isinstance(situation.today.prescription.target, Seconds) else "It needs work by the clock."


def propose(situation: Situation) -> Proposal:
    """Answer the next load or rung once all the time was worked twice, else more repetitions in the same time."""
    now, shown, base = situation.today.prescription, showing(situation.today), base_of(situation)
    if not shown.complete or not shown.in_range or not within_reserve(now, shown.reserves):
        return answer(ID, situation, Lever.HOLD, base, "Not all of the time was worked: the same again.")
    if not _twice(situation):
        rule = "All of the time was worked: more repetitions in the same seconds, then the load."
        return answer(ID, situation, Lever.HOLD, base, rule)
    step = step_up(situation, base.load) if base.load is not None and base.scheme is None else None
    if step is not None and (step.share <= situation.step_cap or step.estimated):
        rule = f"All of the time was worked in two sessions: {step.to} (+{per_cent(step.share)}), the seconds stay."
        heavier = replace(base, load=step.to)
        return answer(
            ID, situation, Lever.LOAD, heavier, rule, same_again(base), rise=step.share, estimated=step.estimated
        )
    if situation.harder is not None and not may_climb(situation):
        rule = f"All of the time was worked in two sessions: the next rung, {situation.harder.name}."
        rung = replace(on_the_rung(situation, now), target=now.target)
        return answer(ID, situation, Lever.VARIANT, rung, rule, same_again(base), exercise=situation.harder.id)
    jump = []
    if step is not None and step.share <= MOST_BRIDGED:
        jump = [Alternative(f"Jump to {step.to} now (+{per_cent(step.share)})", write(replace(base, load=step.to)))]
    rule = "All of the time was worked: more repetitions in the same seconds."
    return answer(ID, situation, Lever.HOLD, base, rule, jump)


def _twice(situation: Situation) -> bool:
    last = situation.exposures[-SAME_TIMES:]
    return len(last) == SAME_TIMES and all(
        (shown := showing(one)).complete and shown.in_range and str(shown.load) == str(showing(last[-1]).load)
        for one in last
    )
