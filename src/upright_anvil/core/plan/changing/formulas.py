"""A row filled by what is typed in one of its cells: ``+2.5 each week``, ``80 85 90 70 %``. House notation.

Before it may stand what the row begins with: ``3 x 8, 60 kg, +2.5 each week``; without it the cell's own words hold.
"""

import re
from dataclasses import dataclass, replace
from decimal import Decimal
from typing import Final

from upright_anvil.core.loads.load import Load, Unit, in_unit
from upright_anvil.core.plan.changing.paths import Path, PathKind
from upright_anvil.core.prescription.bounds import MAX_PER_CENT
from upright_anvil.core.prescription.load_targets import LoadTarget

_EACH: Final = r"\s*(?:each|every|a|per|/)\s*(?:week|wk|w)\b\.?"
_STEP: Final = re.compile(
    r"(?P<base>.*?)[\s,;]*(?P<step>[+−-]\s?\d+(?:[.,]\d+)?)\s*"
    r"(?P<what>kg|lbs?|reps?|sets?|s(?:ec(?:onds)?)?\.?\s+rest|rest|sec(?:onds)?|s|m(?:etres)?|left|rir)?" + _EACH,
    re.I,
)
_WAVE: Final = re.compile(
    r"(?P<base>.*?)[\s,;]*(?<![\d.:/x-])(?P<wave>\d{2,3}(?:\.5)?(?:[ ,]+\d{2,3}(?:\.5)?)+)\s*%", re.I
)
_SAME: Final = re.compile(r"(?P<base>.*?)[\s,;]*(?:the )?same" + _EACH, re.I)


@dataclass(frozen=True, slots=True)
class Formula:
    """What a row begins with, empty where the cell's own words hold, and the path it follows from there.

    ``unit`` is the one the step was typed in, None where it is the load's own.
    """

    base: str
    path: Path
    unit: Unit | None = None

    def path_for(self, load: LoadTarget | None, usual: Unit) -> Path:
        """Answer the path with its step in the unit of the load it is added to, else in the client's usual one."""
        into = load.unit if isinstance(load, Load) else usual
        if self.unit is None or self.unit is into:
            return self.path
        return replace(self.path, step=step_in(self.path.step, self.unit, into))


def step_in(step: Decimal, unit: Unit, into: Unit) -> Decimal:
    """Answer a step, up or down, in another unit, to 0.01."""
    return round(in_unit(Load.of(abs(step), unit).kg, into), 2).copy_sign(step) if step else step


def formula_in(text: str) -> Formula | None:
    """Answer the formula that a typed text ends with; None where it is none."""
    typed = text.strip()
    if found := _STEP.fullmatch(typed):
        step = Decimal(found["step"].replace("−", "-").replace(" ", "").replace(",", "."))
        what = (found["what"] or "").lower()
        unit = Unit.KG if what == "kg" else Unit.LB if what in ("lb", "lbs") else None
        return Formula(_base(found), Path(_kind(what), step), unit)
    if (found := _WAVE.fullmatch(typed)) and all(0 < one <= MAX_PER_CENT for one in _wave(found)):
        return Formula(_base(found), Path(PathKind.WAVE, per_cents=_wave(found)))
    if found := _SAME.fullmatch(typed):
        return Formula(_base(found), Path(PathKind.COPY))
    return None


def _base(found: "re.Match[str]") -> str:
    return found["base"].strip(" ,;")


def _wave(found: "re.Match[str]") -> tuple[Decimal, ...]:
    return tuple(Decimal(one) for one in re.split(r"[ ,]+", found["wave"].strip()))


def _kind(what: str) -> PathKind:
    word = what.lower()
    if "rest" in word:
        return PathKind.REST
    for begins, kind in (("rep", PathKind.REPS), ("set", PathKind.SETS), ("left", PathKind.RESERVE)):
        if word.startswith(begins):
            return kind
    if word == "rir":
        return PathKind.RESERVE
    return PathKind.SECONDS if word[:1] in ("s", "m") and word else PathKind.LOAD
