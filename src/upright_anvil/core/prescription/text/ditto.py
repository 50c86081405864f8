"""The same as above, with what is said anew: ``"``, ``" 62.5``, ``" 4 x 6, rest 90 s``. House notation.

A ditto mark at the beginning of what is typed stands for the line above; what follows it takes the place of what that
line says of the same thing.
"""

import re
from dataclasses import replace
from typing import Any, Final

from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes import Varied
from upright_anvil.core.prescription.text import patterns
from upright_anvil.core.prescription.text.named import DITTO
from upright_anvil.core.prescription.text.shorthand import read, write

_MARK: Final = re.compile(rf"\s*(?:{DITTO.pattern})[\s,]*")
_HEADS: Final = (patterns.HEAD, patterns.ON_THE_MINUTE, patterns.MOST_HEAD, patterns.TARGET_LIST)
_SAID: Final = (
    "load", "tempo", "rest", "rest_from", "activity", "reserve", "rpe", "side", "each_side", "ramp", "span", "partials",
    "within", "timed_as", "cuffs", "others",
)  # fmt: skip
_HEAD_FIELDS: Final = ("sets", "target", "scheme", "fewest")


def is_ditto(text: str) -> bool:
    """Answer whether what is typed begins with a ditto mark."""
    return _MARK.match(text) is not None


def same_as(text: str, above: str, unit: Unit) -> str:
    """Answer what a text that begins with a ditto mark says, ``above`` being the line it repeats.

    A load of its own takes the place of loads set by set. Raises `ShorthandError` where either cannot be read,
    `DomainError` where the two do not go together.
    """
    mark = _MARK.match(text)
    more = text[mark.end() :].strip() if mark else text
    if not more:
        return above
    base = read(above, unit)
    own_head = any(head.match(more) for head in _HEADS)
    said = read(more if own_head else f"{write(base).split(', ')[0]}, {more}", unit)
    return write(replace(base, **_changes(base, said, own_head)))


def _changes(base: Prescription, said: Prescription, own_head: bool) -> dict[str, Any]:
    changes = {name: value for name in _SAID if (value := getattr(said, name))}
    if own_head:
        changes |= {name: getattr(said, name) for name in _HEAD_FIELDS}
    elif said.scheme is not None and said.scheme != base.scheme:
        changes["scheme"] = said.scheme
    elif "load" in changes and isinstance(base.scheme, Varied) and base.scheme.loads:
        changes["scheme"] = Varied(base.scheme.targets) if base.scheme.targets else None
    if "rest" in changes:
        changes |= {"rest_from": said.rest_from, "activity": said.activity}
    if "reserve" in changes or "rpe" in changes:
        changes |= {"reserve": said.reserve, "rpe": said.rpe}
    return changes
