"""Holds: a tenth longer once every hold lasted; past a minute a harder rung serves better. House rule."""

from dataclasses import replace
from typing import Final

from upright_anvil.core.prescription.targets import Seconds
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import showing
from upright_anvil.core.progression.fitting import timed
from upright_anvil.core.progression.holding import longer_holds
from upright_anvil.core.progression.model import Lever, Proposal, Situation

ID: Final = "holds"
TITLE: Final = "Holds"
LONG: Final = 60
"""Seconds from which on a harder rung is proposed before more seconds. House rule."""


def fits(situation: Situation) -> str:
    """Answer why it cannot lead the line; empty where it can."""
    return timed(situation)


def propose(situation: Situation) -> Proposal:
    """Answer longer holds, the next rung, or the same again."""
    now, shown = situation.today.prescription, showing(situation.today)
    if not shown.amounts or not isinstance(now.target, Seconds):
        return answer(ID, situation, Lever.HOLD, now, "No hold was timed: the same again.")
    base = replace(now, load=shown.load if shown.load is not None else now.load)
    longer = longer_holds(situation, now.target, base, ID)
    if longer.lever is Lever.HOLD or situation.harder is None or now.target.seconds < LONG:
        return longer
    home = situation.home.target if isinstance(situation.home.target, Seconds) else now.target
    rung = replace(base, target=home, scheme=None)
    rule = f"Every hold lasted {now.target}: the next rung, {situation.harder.name}, from {home} on."
    return answer(ID, situation, Lever.VARIANT, rung, rule, same_again(base), exercise=situation.harder.id)
