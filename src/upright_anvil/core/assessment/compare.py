"""Two times side by side: the change, and whether it is more than the test's typical error."""

from dataclasses import dataclass
from decimal import Decimal
from enum import StrEnum

from upright_anvil.core.assessment.items import Better, TestItem
from upright_anvil.core.assessment.results import TestResult, figure
from upright_anvil.core.constants import SURE_ERRORS
from upright_anvil.core.loads.load import plain


class ChangeVerdict(StrEnum):
    """How a change stands against the typical error."""

    WITHIN = "within the typical error"
    MORE = "more than the typical error"
    CLEAR = "clearly more than the typical error"
    OTHER_VARIANT = "another variant"


class Way(StrEnum):
    """Which way the change went."""

    BETTER = "better"
    WORSE = "worse"
    SAME = "same"
    OTHER = "other"


@dataclass(frozen=True, slots=True)
class TestChange:
    """From an earlier result to a later one, in the item's unit.

    ``share`` is of the earlier figure (0.25 = a quarter more); ``error`` is the typical error in the unit.
    """

    earlier: Decimal
    later: Decimal
    difference: Decimal
    share: Decimal | None
    error: Decimal
    verdict: ChangeVerdict
    way: Way
    words: str


def compare(item: TestItem, earlier: TestResult, later: TestResult) -> TestChange | None:
    """Answer the change between two results of one test and side; None where one has no figure.

    More than the typical error may still be chance; beyond 2.77 typical errors (1.96 x sqrt 2) it is beyond chance at
    95 % (Hopkins 2000, Sports Med 30:1). Another variant is progress or a step back by its place on the list.
    """
    before, after = figure(item, earlier), figure(item, later)
    if before is None or after is None:
        return None
    difference = after - before
    error = item.typical_error * abs(before) if item.error_is_share else item.typical_error
    share = difference / abs(before) if before else None
    if earlier.variant != later.variant and {earlier.variant, later.variant} <= set(item.variants):
        harder = item.variants.index(later.variant) > item.variants.index(earlier.variant)
        words = f"{'Harder' if harder else 'Easier'} variant: {earlier.variant} before, {later.variant} now."
        way = Way.BETTER if harder else Way.WORSE
        return TestChange(before, after, difference, share, error, ChangeVerdict.OTHER_VARIANT, way, words)
    verdict = ChangeVerdict.WITHIN
    if abs(difference) > error:
        verdict = ChangeVerdict.CLEAR if abs(difference) > error * Decimal(str(SURE_ERRORS)) else ChangeVerdict.MORE
    return TestChange(
        before,
        after,
        difference,
        share,
        error,
        verdict,
        _way(item, difference),
        _words(item, difference, error, verdict),
    )


def _way(item: TestItem, difference: Decimal) -> Way:
    if not difference:
        return Way.SAME
    if item.better is Better.NEITHER:
        return Way.OTHER
    return Way.BETTER if (difference > 0) is (item.better is Better.MORE) else Way.WORSE


def _words(item: TestItem, difference: Decimal, error: Decimal, verdict: ChangeVerdict) -> str:
    size = f"{plain(round(error, 1))} {item.unit}"
    if not difference:
        return "No change."
    if verdict is ChangeVerdict.WITHIN:
        return f"Within the typical error of {size}: it may be chance."
    if verdict is ChangeVerdict.MORE:
        return f"More than the typical error of {size}, but it may still be chance."
    return f"Clearly more than the typical error of {size}."
