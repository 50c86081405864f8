"""Putting a proposal together: the same evidence and confidence for every policy."""

from collections.abc import Iterable, Iterator
from decimal import Decimal

from upright_anvil.core.ids import NO_EXERCISE, ExerciseId
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.progression.evidence import at_home, confidence, sentences, showing
from upright_anvil.core.progression.model import Alternative, Confidence, Lever, ProgressionContext, Proposal


def answer(
    policy: str,
    context: ProgressionContext,
    lever: Lever,
    prescription: Prescription,
    rule: str,
    alternatives: Iterable[Alternative] = (),
    *,
    rise: Decimal = Decimal(0),
    bridged: bool = False,
    bridging: bool = False,
    exercise: ExerciseId = NO_EXERCISE,
    estimated: bool = False,
) -> Proposal:
    """Answer a proposal with its evidence and the alternatives that say something else; a brief one has neither."""
    today, told = context.today, not context.brief
    shown, others = showing(today), list(alternatives) if told else []
    itself = write(prescription) if others else ""
    return Proposal(
        policy=policy,
        lever=lever,
        prescription=prescription,
        rule=rule,
        evidence=sentences(today, shown) if told else (),
        confidence=Confidence.THIN if at_home(today) else confidence(today.prescription, shown),
        rise=rise,
        bridged=bridged,
        bridging=bridging,
        alternatives=tuple(a for a in others if a.text != itself),
        exercise=exercise,
        estimated=estimated,
    )


def same_again(prescription: Prescription) -> Iterator[Alternative]:
    """Answer the one alternative there always is, written where somebody reads it."""
    yield Alternative("Same again", write(prescription))
