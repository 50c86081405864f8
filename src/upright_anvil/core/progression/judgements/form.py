"""Form: work that slipped holds; work that broke down takes one step less.

Where it slipped with repetitions to spare, or on unsteady ground, the move is too hard rather than the load: in two
sessions running it goes one rung easier. Form that slipped early and was clean in the last set, after a correction, is
judged by the last set. House rule.
"""

from dataclasses import replace
from typing import Final

from upright_anvil.core.ledger.how import Quality
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import lesser_of
from upright_anvil.core.progression.judgements.pain import easier_to_move
from upright_anvil.core.progression.limits.never_up import slipped, went_wrong
from upright_anvil.core.progression.model import Exposure, Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.steps import load_of_rung, step_down

ID: Final = "form"
TO_SPARE: Final = 3
"""Repetitions left from which on the load cannot have been what broke the form."""


def judge(context: ProgressionContext) -> Proposal | None:
    """Answer what the form asks for; None where it held at the end, or nobody said."""
    if not slipped(context):
        return None
    rows = context.today.sets
    broke = [row.slot.number for row in rows if row.how.quality is Quality.BROKE_DOWN]
    went = [row.slot.number for row in rows if went_wrong(row)]
    base = lesser_of(context)
    hard = _too_hard(context, context.today)
    if hard and context.easier is not None and easier_to_move(context):
        return _one_rung_easier(context, hard)
    if broke:
        less = step_down(context, base.load) if base.load is not None and base.scheme is None else None
        said = f"Form broke down in set {_listed(broke)}"
        if less is None:
            return answer(ID, context, Lever.HOLD, base, f"{said}: the same again, fewer repetitions if it does again.")
        rule = f"{said}: one load down, {less.to}."
        return answer(ID, context, Lever.EASE, replace(base, load=less.to), rule, same_again(base), rise=less.share)
    rule = f"Form slipped in set {_listed(went)}: the same again until it is clean."
    return answer(ID, context, Lever.HOLD, base, rule)


def _too_hard(context: ProgressionContext, exposure: Exposure) -> str:
    """Why the move is to blame rather than the load; empty where it is not."""
    went = [row for row in exposure.sets if went_wrong(row)]
    if not went:
        return ""
    if all(row.reserve is not None and row.reserve >= TO_SPARE for row in went):
        return f"with at least {min(row.reserve or 0 for row in went)} repetitions left, so it is not the load"
    return "" if context.exercise.stable else "on unsteady ground"


def _one_rung_easier(context: ProgressionContext, why: str) -> Proposal:
    base, rung = lesser_of(context), context.easier
    assert rung is not None  # noqa: S101 - the caller has checked
    numbers = _listed([row.slot.number for row in context.today.sets if went_wrong(row)])
    said = f"Form slipped in set {numbers} {why}: the move is too hard"
    before = context.exposures[-2] if len(context.exposures) > 1 else None
    if before is None or not _too_hard(context, before):
        rule = f"{said}. The same again; if it slips again, one rung easier: {rung.name}."
        return answer(ID, context, Lever.HOLD, base, rule)
    easier = replace(base, load=load_of_rung(rung), scheme=None, others=())
    rule = f"{said}, in two sessions running: one rung easier, {rung.name}."
    return answer(ID, context, Lever.EASE, easier, rule, exercise=rung.id)


def _listed(numbers: list[int]) -> str:
    return ", ".join(str(number) for number in numbers)
