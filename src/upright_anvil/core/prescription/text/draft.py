"""A prescription in the making: what the reader has found so far, clause by clause."""

import re
from dataclasses import dataclass, field
from decimal import Decimal
from typing import Literal

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.load_targets import (
    MAX_LABEL,
    BodyweightLoad,
    Coded,
    LoadTarget,
    NamedLoad,
    OpenLoad,
    SameAsLastTime,
    ShareOfMax,
    Together,
)
from upright_anvil.core.prescription.model import OtherKit, Prescription, SideRule, Span, TimedAs
from upright_anvil.core.prescription.schemes import Scheme, Varied
from upright_anvil.core.prescription.targets import METRES_PER_KILOMETRE, Distance, Most, Reps, Seconds, Target
from upright_anvil.core.prescription.tempo import Tempo
from upright_anvil.core.prescription.text import patterns


@dataclass(slots=True)
class Draft:
    """What was read; ``unit`` holds for loads that name none, ``where`` is the position of each clause found."""

    unit: Unit
    sets: int = 0
    targets: tuple[Target, ...] = ()
    loads: tuple[LoadTarget, ...] = ()
    each_side: bool = False
    side: SideRule | None = None
    tempo: Tempo | None = None
    rest: int | None = None
    activity: str = ""
    reserve: int | None = None
    rpe: Decimal | None = None
    ramp: bool = False
    fewest: int | None = None
    rest_from: int | None = None
    span: Span | None = None
    partials: int = 0
    within: int | None = None
    timed_as: TimedAs | None = None
    cuffs: bool = False
    phases: list[int | None] = field(default_factory=lambda: [None] * 4)
    parts: tuple[int, ...] = ()
    most_rounds: bool = False
    scheme: Scheme | None = None
    others: tuple[OtherKit, ...] = ()
    where: dict[str, int] = field(default_factory=dict)

    def prescription(self) -> Prescription:
        """Put it together. Raises `DomainError` where the clauses do not go together."""
        if self.loads and len(self.loads) != self.sets and all(isinstance(one, Coded) for one in self.loads):
            # A pin of two colours is one step: several labels are sets only where there is one for each.
            codes = [one for one in self.loads if isinstance(one, Coded)]
            self.loads = (Coded(codes[0].sort, "/".join(one.label for one in codes)),)
        self._check_ranges()
        return Prescription(
            sets=self.sets,
            target=self.targets[0],
            each_side=self.each_side or bool(self.side and self.side.leads),
            load=self.loads[0] if self.loads else None,
            tempo=self.tempo or self._tempo(),
            rest=self.rest,
            reserve=self.reserve,
            rpe=self.rpe,
            side=self.side,
            activity=self.activity,
            scheme=self._scheme(),
            others=self.others,
            ramp=self.ramp,
            fewest=self.fewest,
            rest_from=self.rest_from,
            span=self.span,
            partials=self.partials,
            within=self.within,
            timed_as=self.timed_as,
            cuffs=self.cuffs,
        )

    def _check_ranges(self) -> None:
        target = self.targets[0]
        if self.fewest is not None and self.fewest >= self.sets:
            raise DomainError(f"A range of sets climbs, not {self.fewest}-{self.sets}.")
        if self.fewest is not None and isinstance(self._scheme(), Varied):
            raise DomainError("A range of sets goes with sets that are alike, for example 3-4 x 10.")
        if (self.span or self.partials) and not isinstance(target, Reps | Most):
            raise DomainError("Half or partial repetitions need repetitions, for example 3 x 10.")
        if self.timed_as and not isinstance(target, Seconds):
            raise DomainError(f"'{self.timed_as}' is said of work by the clock, for example 3 x 40 s.")

    def _tempo(self) -> Tempo | None:
        """The tempo of phases said one by one; what was not said is 2 s down, 1 s up, no pause. House rule."""
        if all(phase is None for phase in self.phases):
            return None
        usual = (2, 0, 1, 0)
        return Tempo(*(given if said is None else said for said, given in zip(self.phases, usual, strict=True)))

    def _scheme(self) -> Scheme | None:
        targets = self.targets if len(set(self.targets)) > 1 else ()
        loads = self.loads if len(set(self.loads)) > 1 or len(self.loads) not in (0, 1, self.sets) else ()
        if not targets and not loads:
            return self.scheme
        if self.scheme is not None:
            raise DomainError(f"Sets that differ do not go with '{self.scheme}'.")
        return Varied(targets, loads)


def read_target(text: str) -> Target:
    """Read one target of a list. Raises `DomainError` for a value outside its bounds."""
    if found := patterns.MAX.fullmatch(text):
        return Most(int(found.group(1)) if found.group(1) else None)
    if found := patterns.MAX_SECONDS.fullmatch(text):
        return Seconds(patterns.seconds_of(None, None, *found.groups()), low=0)
    if found := patterns.HOLD_RANGE.fullmatch(text):
        shortest, longest = (patterns.seconds_of(None, None, found[n], found[3]) for n in (1, 2))
        return Seconds(longest, low=shortest)
    if found := patterns.HOLD.fullmatch(text):
        return Seconds(patterns.seconds_of(*found.groups()))
    if found := patterns.METRES.fullmatch(text):
        return metres(found)
    found = patterns.REPS.fullmatch(text)
    if not found:
        raise DomainError(f"A target is repetitions, seconds or metres, not '{text}'.")
    return Reps(int(found.group(1)), int(found.group(2) or found.group(1)))


def metres(found: "re.Match[str]") -> Distance:
    """Answer the distance of a match; kilometres may have decimals, metres not."""
    number, unit = Decimal(found.group(1).replace(",", ".")), found.group(2).lower()
    total = number * (METRES_PER_KILOMETRE if unit.startswith("k") else 1)
    if total % 1:
        raise DomainError(f"A distance is whole metres, not {total} m.")
    return Distance(int(total))


def read_targets(text: str) -> tuple[Target, ...]:
    """Read targets parted by strokes; a unit written once, at the end, holds for all."""
    pieces = [piece.strip() for piece in text.split("/")]
    last = re.search(r"\d\s*(seconds|secs|sec|s|m)$", pieces[-1], re.I)
    if last and all(piece.isdigit() for piece in pieces[:-1]):
        pieces = [f"{piece} {last.group(1)}" for piece in pieces[:-1]] + pieces[-1:]
    return tuple(read_target(piece) for piece in pieces)


_WEIGHT = re.compile(rf"{patterns.NUMBER}{patterns.UNIT}", re.I)
_LABEL = re.compile(r"(?!(?:bw|body|last|open)\b)[a-z][\w-]*", re.I)
_ADDED = re.compile(rf"([+-])\s*(?:[A-Za-z ]+?)?{patterns.NUMBER}{patterns.UNIT}", re.I)


def read_loads(text: str, unit: Unit) -> tuple[LoadTarget, ...]:
    """Read loads parted by strokes; a number without a unit takes the next one's, at last the client's."""
    found: list[LoadTarget] = []
    spoken: str | None = None
    sort = ""
    pieces = []
    for piece in (piece.strip() for piece in text.split("/")):
        # A sort said once holds for the labels behind it.
        named = re.match(r"(band|step)\s", piece, re.I)
        sort = (
            named.group(1)
            if named
            else sort
            if re.fullmatch(r"(?!(?:bw|body|last|open)\b)[a-z][\w-]*", piece, re.I)
            else ""
        )
        pieces.append(piece if named or not sort else f"{sort} {piece}")
    for piece in reversed(_named_alike(pieces)):
        weight = _WEIGHT.fullmatch(piece)
        thing = patterns.THING.fullmatch(piece)
        if thing:
            part = _thing(thing, spoken, unit)
            spoken = str(part.load.unit) if isinstance(part.load, Load) else spoken
            found.append(Together((part,)))
        elif re.search(r"[+&]|\band\b", piece) and not re.match(r"bw|body|last", piece, re.I):
            found.append(_together(piece, unit))
        elif weight:
            spoken = weight.group(2) or spoken
            found.append(weighed(weight.group(1), spoken, unit))
        else:
            found.append(_named(piece, unit))
    return tuple(reversed(found))


def _named_alike(pieces: list[str]) -> list[str]:
    """A thing said once, before bare figures or behind the last one, is meant for all of them."""
    bare = re.compile(patterns.NUMBER)
    first, last = (patterns.THING.fullmatch(pieces[place]) for place in (0, -1))
    if first and first[1] and all(bare.fullmatch(piece) for piece in pieces[1:]):
        return [pieces[0], *(f"{first[1]} {piece}" for piece in pieces[1:])]
    if last and last[4] and all(_WEIGHT.fullmatch(piece) for piece in pieces[:-1]):
        return [*(f"{last[4]} {piece}" for piece in pieces[:-1]), pieces[-1]]
    return pieces


def _together(text: str, unit: Unit) -> Together:
    """Read several loads taken at once; a number without a unit takes the next one's, at last the client's."""
    parts: list[NamedLoad] = []
    spoken: str | None = None
    for piece in reversed([piece.strip() for piece in re.split(r"\+|&|\band\b", text)]):
        weight = re.fullmatch(rf"([A-Za-z][A-Za-z'-]*\s+)?{patterns.NUMBER}{patterns.UNIT}", piece, re.I)
        thing = patterns.THING.fullmatch(piece)
        if thing:
            parts.append(_thing(thing, spoken, unit))
            spoken = str(parts[-1].load.unit) if isinstance(parts[-1].load, Load) else spoken
        elif weight:
            spoken = weight.group(3) or spoken
            parts.append(NamedLoad((weight.group(1) or "").strip(), weight_of(weight.group(2), spoken, unit)))
        else:
            code = _named(piece, unit)
            if not isinstance(code, Coded):
                raise DomainError("Loads taken together are weights and bands, for example 20 kg + band red.")
            parts.append(NamedLoad("", code))
    return Together(tuple(reversed(parts)))


def _thing(found: "re.Match[str]", spoken: str | None, unit: Unit) -> NamedLoad:
    """A weight with what it is called, before or behind it."""
    name, weight = (found[1], found[2]) if found[1] else (found[4], found[3])
    figure = _WEIGHT.fullmatch(weight.strip())
    assert figure is not None  # noqa: S101 - the pattern is made of it
    return NamedLoad(tidy(name.lower()), weight_of(figure.group(1), figure.group(2) or spoken, unit))


def weighed(number: str, spoken: str | None, unit: Unit) -> Load | ShareOfMax:
    """Answer a weight, or a share of the maximum where the unit is per cent."""
    if spoken == "%":
        return ShareOfMax(Decimal(Load.of(number.replace(",", "."), Unit.KG).value))
    return weight_of(number, spoken, unit)


def weight_of(number: str, spoken: str | None, unit: Unit) -> Load:
    """Answer a weight in the unit that was said, else the client's."""
    if spoken == "%":
        raise DomainError("A weight is wanted here, for example 20 kg.")
    said = unit if spoken is None else Unit.LB if spoken.lower().startswith("lb") else Unit.KG
    return Load.of(number.replace(",", "."), said)


def _named(text: str, unit: Unit) -> LoadTarget:
    words = text.lower()
    if words.startswith("last"):
        return SameAsLastTime(_added(text, unit)[0])
    if words.startswith("open"):
        return OpenLoad()
    if words.endswith("band") and not words.startswith("band"):
        return Coded("band", text.rsplit(None, 1)[0])
    if words.startswith(("band", "step")):
        sort: Literal["band", "step"] = "band" if words.startswith("band") else "step"
        label = text.split(None, 1)[1]
        if len(label) > MAX_LABEL:
            raise DomainError(f"A label has at most {MAX_LABEL} characters.")
        return Coded(sort, label)
    plus, taken_off = _added(text, unit)
    return BodyweightLoad(plus, assisted=taken_off)


def _added(text: str, unit: Unit) -> tuple[Load | None, bool]:
    """The weight behind a sign, and whether it is taken off. In a label (band A-20) it would be part of the name."""
    found = _ADDED.search(text)
    return (weight_of(found.group(2), found.group(3), unit), found.group(1) == "-") if found else (None, False)


def tidy(words: str) -> str:
    """Answer words with single spaces."""
    return " ".join(words.split())
