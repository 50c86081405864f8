"""A name with shorthand behind it, as one types it in a row: ``goblet squat 3x10 16``."""

import re
from dataclasses import dataclass

from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.text import patterns
from upright_anvil.core.prescription.text.shorthand import can_read

DITTO = re.compile(r"[\"”“„″]|''")
_GAP = re.compile(r"[\s,:;]+")
_ONCE = re.compile(r"(.*[^\W\d_][^\d]*?)[\s,:;]+(\d{1,3}(?:\s*-\s*\d{1,3})?)\s*(?:reps?)?", re.I)
"""A station: a name and how often."""
_HEADS = (patterns.HEAD, patterns.ON_THE_MINUTE, patterns.MOST_HEAD, patterns.TARGET_LIST)


@dataclass(frozen=True, slots=True)
class NamedLine:
    """What was typed as a name, and the shorthand behind it; empty where there is none."""

    name: str
    line: str


def parted(text: str) -> NamedLine:
    """Part a name from the shorthand behind it. House rule.

    It begins where sets are counted, even if the rest of it cannot be read; else at the first word from which all can
    be read and that says more than a number: ``plank 40 s``, ``run 5 km in 30 min``. A number alone behind a word is
    done once: ``squat 20``; a name may have numbers in it. A ditto mark begins it wherever it stands: ``squat" 60``.
    """
    if (mark := DITTO.search(text)) and mark.start():
        return NamedLine(text[: mark.start()].rstrip(), text[mark.start() :].strip())
    gaps = [gap for gap in _GAP.finditer(text) if gap.start()]
    for gap in gaps:
        rest = text[gap.end() :]
        if rest and any(head.match(rest) for head in _HEADS):
            return NamedLine(text[: gap.start()], rest)
    for gap in gaps:
        rest = text[gap.end() :]
        if (rest[:1].isdigit() or patterns.MAX.match(rest)) and can_read(rest, Unit.KG):
            return NamedLine(text[: gap.start()], rest)
    once = _ONCE.fullmatch(text)
    return NamedLine(once.group(1), f"1 x {once.group(2)}") if once else NamedLine(text, "")
