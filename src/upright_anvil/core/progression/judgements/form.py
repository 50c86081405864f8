"""Form: work that slipped holds; work that broke down takes one step less. House rule."""

from dataclasses import replace
from typing import Final

from upright_anvil.core.ledger.how import Quality, SetEnd
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import base_of
from upright_anvil.core.progression.model import Lever, Proposal, Situation
from upright_anvil.core.progression.steps import step_down

ID: Final = "form"


def judge(situation: Situation) -> Proposal | None:
    """Answer what the form asks for; None where it held or nobody said."""
    rows = situation.today.sets
    broke = [row.slot.number for row in rows if row.how.quality is Quality.BROKE_DOWN]
    slipped = [row.slot.number for row in rows if row.how.quality is Quality.SLIPPING or row.how.ended is SetEnd.FORM]
    base = base_of(situation)
    if broke:
        less = step_down(situation, base.load) if base.load is not None else None
        said = f"Form broke down in set {_listed(broke)}"
        if less is None:
            return answer(
                ID, situation, Lever.HOLD, base, f"{said}: the same again, fewer repetitions if it does again."
            )
        rule = f"{said}: one load down, {less.to}."
        return answer(ID, situation, Lever.EASE, replace(base, load=less.to), rule, same_again(base), rise=less.share)
    if slipped:
        rule = f"Form slipped in set {_listed(slipped)}: the same again until it is clean."
        return answer(ID, situation, Lever.HOLD, base, rule)
    return None


def _listed(numbers: list[int]) -> str:
    return ", ".join(str(number) for number in numbers)
