"""Drop-off: well planned work looks the same in its first and its last set.

Repetitions to failure fall from the first to the last set at equal load by more than 20 %, or by more than one where
five or fewer were there: too heavy if the rests were kept, rest too short if they were not. Too heavy is a real step
down, 5 to 10 % by how deep the fall was; less tempo, longer rests and fewer sets are offered beside it. House rule.
"""

from dataclasses import replace
from decimal import Decimal
from statistics import median
from typing import Final

from upright_anvil.core.constants import DEFAULT_REST_SECONDS
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.prescription.bounds import MAX_REST_SECONDS
from upright_anvil.core.prescription.load_targets import LoadTarget
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.prescription.tempo import is_slow
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import base_of, lesser_of, showing
from upright_anvil.core.progression.model import Alternative, Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.steps import LoadStep, eased, moved

ID: Final = "drop-off"
SHARE: Final = 0.20
FEW: Final = 5
ONLY_SAID: Final = 2
"""Where all repetitions were done and only the reserve fell, it may be misjudged by so many. House rule."""

KEPT: Final = 0.8
"""A rest of less than this share of what was asked was not kept. House rule."""

LEAST_CUT, MOST_CUT = Decimal("0.05"), Decimal("0.10")
"""How far to step down, by how much of the first set was gone in the last. Rules of progression."""

LONGER_REST: Final = 60
"""Seconds of rest that are offered beside the step down. House rule."""


def judge(context: ProgressionContext) -> Proposal | None:
    """Answer what the drop-off asks for, with its cause; None where the sets were alike."""
    rows, now = context.today.sets, context.today.prescription
    target = now.target
    if len(rows) < 2 or not isinstance(target, Reps) or now.scheme is not None or now.others:  # noqa: PLR2004
        return None
    first, last = rows[0], rows[-1]
    if first.load != last.load or first.reps is None or last.reps is None:
        return None
    fell, of = _fell(first, last)
    if not (fell / max(of, 1) > SHARE or (of <= FEW and fell > 1)):
        return None
    if last.reps >= first.reps and fell <= ONLY_SAID:
        return None
    base = base_of(context)
    said = f"From the first to the last set {fell} of {of} repetitions to failure were gone"
    rest = _short_rest(context)
    if rest:
        return answer(ID, context, Lever.HOLD, lesser_of(context), f"{said}, and {rest}: rest as asked first.")
    asked = showing(context.today).sets[-1].bottom
    if last.reps >= asked:
        rule = f"{said}, the rests kept: too heavy to go up from. The same again."
        return answer(ID, context, Lever.HOLD, lesser_of(context), rule)
    return _too_heavy(context, base, said, fell / max(of, 1))


def _short_rest(context: ProgressionContext) -> str:
    asked = context.today.prescription.rest
    if not asked or not context.rests or median(context.rests) >= KEPT * asked:
        return ""
    return f"the rests were {round(median(context.rests))} s instead of {asked} s"


def _too_heavy(context: ProgressionContext, base: Prescription, said: str, depth: float) -> Proposal:
    cut = LEAST_CUT + (MOST_CUT - LEAST_CUT) * Decimal(repr(round(min(depth, 1.0), 3)))
    less = _lighter(context, base, cut)
    others = _other_ways(context, base)
    capped = lesser_of(context)
    if less is None:
        rule = f"{said}, the rests kept: a set fewer, or a longer rest."
        return answer(ID, context, Lever.HOLD, capped, rule, others)
    if capped != base and _moves_more(context, less.to, capped.load):
        # What was lifted was more than planned, and even eased it would be: the plan stands.
        rule = f"{said}, the rests kept: too heavy, {capped.load or 'what was planned'} next."
        return answer(ID, context, Lever.HOLD, capped, rule, others)
    rule = f"{said}, the rests kept: too heavy, {less.to} next."
    ways = (*same_again(base), *others)
    return answer(ID, context, Lever.EASE, replace(base, load=less.to), rule, ways, rise=less.share)


def _moves_more(context: ProgressionContext, one: LoadTarget, other: LoadTarget | None) -> bool:
    kg, than = moved(context, one), moved(context, other) if other is not None else None
    return kg is not None and (than is None or kg > than)


def _lighter(context: ProgressionContext, base: Prescription, cut: Decimal) -> LoadStep | None:
    return eased(context, base.load, cut) if base.load is not None else None


def _other_ways(context: ProgressionContext, base: Prescription) -> list[Alternative]:
    """Less tempo, a longer rest, fewer sets: what else than the load could have been too much."""
    ways = []
    if is_slow(base.tempo) and base.tempo is not None:
        quicker = replace(base.tempo, lowering=min(base.tempo.lowering or 3, 3), bottom=min(base.tempo.bottom or 0, 1))
        ways.append(Alternative("Less tempo", write(replace(base, tempo=quicker))))
    rest = DEFAULT_REST_SECONDS if base.rest is None else base.rest
    if rest + LONGER_REST <= MAX_REST_SECONDS:
        ways.append(Alternative("A longer rest", write(replace(base, rest=rest + LONGER_REST))))
    held = sum(1 for one in showing(context.today).sets if one.amount >= one.bottom)
    if 0 < held < base.sets:
        ways.append(Alternative("Fewer sets", write(replace(base, sets=held))))
    return ways


def _fell(first: PerformedSet, last: PerformedSet) -> tuple[int, int]:
    """Repetitions to failure that were gone, and of how many; the reserve counts only where both said one."""
    said = first.reserve is not None and last.reserve is not None
    begun = (first.reps or 0) + ((first.reserve or 0) if said else 0)
    ended = (last.reps or 0) + ((last.reserve or 0) if said else 0)
    return begun - ended, begun
