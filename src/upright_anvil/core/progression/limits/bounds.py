"""The last word on a proposal: what may never leave the judgements, whatever policy it comes from.

Nothing goes up where a reason stands against it (`never_up`), no load rises past the cap unless it was bridged, and
after pain, slipped form, a poor day or a doubted figure no load is above the lesser of planned and done. No load rises
on work that a client who is new or sore did alone. House rule.
"""

from collections.abc import Sequence
from typing import Final

from upright_anvil.core.loads.load import Load
from upright_anvil.core.prescription.load_targets import BodyweightLoad, LoadTarget, ShareOfMax
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.progression.answering import answer
from upright_anvil.core.progression.evidence import heft, lesser_of
from upright_anvil.core.progression.limits.never_up import ID, alone, reasons
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.steps import Lifting, moved

RISING: Final = frozenset(
    {
        Lever.LOAD,
        Lever.REPS,
        Lever.SECONDS,
        Lever.METRES,
        Lever.TEMPO,
        Lever.PAUSE,
        Lever.SETS,
        Lever.ROUNDS,
        Lever.DENSITY,
        Lever.CHECKPOINT,
        Lever.VARIANT,
    }
)
"""What makes the work harder."""


def rises(found: Proposal, context: ProgressionContext) -> bool:
    """Answer whether a proposal makes anything harder than what was planned or done, by its lever or by its figures."""
    return found.lever in RISING or found.rise > 0 or heavier(found.prescription, at_most(context), context)


def at_most(context: ProgressionContext) -> Prescription:
    """Answer what the next time is at most while a reason stands against more: the lesser of planned and done.

    Where a figure is doubted, and nothing else is wrong, what was done says nothing, so it is what was planned.
    """
    only_doubted = [name for name, _ in reasons(context)] == ["doubted figure"]
    return context.today.prescription if only_doubted else lesser_of(context)


def heavier(one: Prescription, other: Prescription, kit: Lifting) -> bool:
    """Answer whether any load of a prescription moves more than the heaviest of another.

    Where body weight alone says nothing of what moves, what is added to it is compared.
    """
    mine, theirs = (_heaviest(p, kit) for p in (one, other))
    if mine is None or theirs is None:
        mine, theirs = (_most_added(p) for p in (one, other))
    return mine is not None and theirs is not None and mine > theirs


def _most_added(asked: Prescription) -> float | None:
    return max((heft(load) for load in _loads(asked) if isinstance(load, Load | BodyweightLoad)), default=None)


def _heaviest(asked: Prescription, kit: Lifting) -> float | None:
    found = [kg for load in _loads(asked) if (kg := _kg(load, kit)) is not None]
    return max(found, default=None)


def _loads(asked: Prescription) -> Sequence[LoadTarget | None]:
    """The load of every set, that of sets that are all alike once."""
    return [asked.load] if asked.scheme is None else [plan.load for plan in asked.plans]


def _kg(load: LoadTarget | None, kit: Lifting) -> float | None:
    if isinstance(load, ShareOfMax):
        return float(load.per_cent)
    kg = moved(kit, load) if load is not None else None
    return float(kg) if kg is not None else None


def bounded(found: Proposal, context: ProgressionContext) -> Proposal:
    """Answer the proposal, or the same again where a bound stands against it. House rule."""
    held = reasons(context)
    if held and rises(found, context) and not found.exercise:
        return same_again(context, held)
    if held and found.exercise and found.lever not in (Lever.EASE, Lever.SIDE):
        return same_again(context, held)
    on_its_own = alone(context)
    if on_its_own and (found.rise > 0 or found.exercise or heavier(found.prescription, lesser_of(context), context)):
        easier = found.exercise and found.lever in (Lever.EASE, Lever.SIDE)
        return found if easier else same_again(context, (("alone", on_its_own),))
    if found.rise > context.step_cap and not found.bridged and not found.estimated:
        return same_again(context, (("cap", "The next load is further than the cap allows at once"),))
    return found


def same_again(context: ProgressionContext, held: tuple[tuple[str, str], ...]) -> Proposal:
    """Answer the same again for reasons that stand against more, at the lesser of planned and done. House rule."""
    name, said = held[0]
    tail = {
        "pain": "nothing goes up. The same again only once it is calm, lighter or swapped if it is not",
        "doubted figure": "confirm or correct it first; until then what was planned stands",
        "restricted flow": "what is raised there belongs to those who taught it. The same again",
        "health": "nothing goes up while that holds; the same again",
        "form": "the same again until it is clean",
        "poor day": "what is written in the plan stands, no heavier",
        "away": "the same again before going on",
        "worn": "Nothing goes up before it",
        "incomplete": "the same again before going up",
        "falling reserve": "the same again until it gets easier",
        "nothing left": "the same again before going up",
        "below the range": "the same again before anything else",
        "alone": "no load goes up on that. The same again, or together first",
        "cap": "the same again",
    }[name]
    rule = f"{said}. {tail}." if name == "worn" else f"{said}: {tail}."
    return answer(ID, context, Lever.HOLD, at_most(context), rule)
