"""The number of sets in a written line: how often a station of a group is done."""

from collections.abc import Iterable

from upright_anvil.core.prescription.text import patterns


def with_sets(text: str, sets: int) -> str:
    """Answer a line with another number of sets; one without a number gets it in front. House rule.

    Loads and targets stay as they were typed, letter by letter. Lines that say every set, a time for most rounds, or
    nothing at all stay as they are.
    """
    if not text.strip() or patterns.MOST_HEAD.match(text) or patterns.ON_THE_MINUTE.match(text):
        return text
    head = patterns.HEAD.match(text)
    if head:
        return f"{sets} x {text[head.end() :]}"
    if patterns.TARGET_LIST.match(text):
        return text
    return f"{sets} x {text.strip()}"


def sets_in(text: str) -> int | None:
    """Answer how many sets a line says there are; None where it says no number in front."""
    if patterns.MOST_HEAD.match(text) or patterns.ON_THE_MINUTE.match(text):
        return None
    if head := patterns.HEAD.match(text):
        return int(head.group(2) or head.group(1))
    listed = patterns.TARGET_LIST.match(text)
    return listed.group(1).count("/") + 1 if listed else None


def rounds_of(texts: Iterable[str]) -> int | None:
    """Answer the rounds of a group from what its stations say; None where none says a number."""
    return max((sets for text in texts if (sets := sets_in(text)) is not None), default=None)
