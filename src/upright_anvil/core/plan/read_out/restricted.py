"""Restricted blood flow: which lines are done with it, however it was said.

Ticked on a line or on its phase, written in a cell, or named in the words beside it. Who may use it, and how tight, is
not ours to say (Patterson et al., Front Physiol 2019;10:533).
"""

import re

from upright_anvil.core.plan.document import Group, Line, Phase, Section
from upright_anvil.core.plan.parts import RestrictedFlow
from upright_anvil.core.prescription.model import Prescription

_WORDS = re.compile(
    r"(?<!rotator )(?<!ankle )(?<!wrist )\bcuffs?\b|\bbfr\b|\bocclu|\bblood[\s-]*flow|\bflow[\s-]*restrict"
    r"|\brestrict\w*[\s-]*(?:blood[\s-]*)?flow|\btourniquet",
    re.IGNORECASE,
)
_NOT_LOADED = frozenset({Section.WARM_UP, Section.COOL_DOWN})


def restriction(phase: Phase, group: Group, line: Line, asked: Prescription | None) -> RestrictedFlow | None:
    """Answer how the blood flow is restricted in a line; None where it is not. House rule.

    What is ticked on the line holds before what is ticked on the phase; of a phase it holds for what is not warm-up or
    cool-down. Where only words say it, nothing more is known of it.
    """
    if line.restricted is not None:
        return line.restricted
    whole_phase = group.section not in _NOT_LOADED
    if phase.restricted is not None and whole_phase:
        return phase.restricted
    beside = (line.reason, *line.cues, *((phase.name, phase.purpose, phase.method) if whole_phase else ()))
    said = any(_WORDS.search(words) for words in beside)
    return RestrictedFlow() if said or (asked is not None and asked.cuffs) else None
