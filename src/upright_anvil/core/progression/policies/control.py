"""Control: slower lowering first, then a pause at the bottom, then the load, back at the tempo it began with.

Each step of control is one second; two slower and a pause of two are the most before the load takes a step. House rule.
"""

from dataclasses import replace
from typing import Final

from upright_anvil.core.prescription.tempo import Tempo
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import base_of, showing, within_reserve
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.fitting import plain_reps
from upright_anvil.core.progression.policies import double_progression

ID: Final = "control"
TITLE: Final = "Control"
USUAL: Final = Tempo(2, 0, 1, 0)
SLOWER, PAUSE = 2, 2
"""Seconds of lowering added and of pause, before the load goes up. House rule."""


def fits(context: ProgressionContext) -> str:
    """Answer why it cannot lead the line; empty where it can."""
    return plain_reps(context)


def propose(context: ProgressionContext) -> Proposal:
    """Answer slower, a pause, or the step of load."""
    shown = showing(context.today)
    base = base_of(context)
    if not shown.complete or not shown.in_range or not within_reserve(base, shown.reserves):
        return answer(ID, context, Lever.HOLD, base, "Not every set was done in full: the same again.")
    tempo, home = base.tempo or USUAL, context.home.tempo or USUAL
    lowering, began = tempo.lowering or 0, home.lowering or 0
    if lowering < began + SLOWER:
        slower = replace(base, tempo=replace(tempo, lowering=lowering + 1))
        return answer(
            ID,
            context,
            Lever.TEMPO,
            slower,
            f"All sets held their form: lower in {lowering + 1} s.",
            same_again(base),
        )
    bottom, began_bottom = tempo.bottom or 0, home.bottom or 0
    if bottom < began_bottom + PAUSE:
        paused = replace(base, tempo=replace(tempo, bottom=bottom + 1))
        rule = f"Slow enough: now a pause of {bottom + 1} s at the bottom."
        return answer(ID, context, Lever.PAUSE, paused, rule, same_again(base))
    return replace(double_progression.propose(context), policy=ID)
