"""Reading one line of an equipment list that names loads."""

import difflib
import re
from dataclasses import dataclass, replace
from decimal import Decimal

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.features import MACHINES, Feature
from upright_anvil.core.loads.implements import Barbell, FixedLoads, Implement, ImplementKind, Plates, Stack, plate_sums
from upright_anvil.core.loads.load import Load, Unit

MAX_LOADS = 200
"""More loads than this in one line is a slip of the keyboard."""

Unread = tuple[tuple[str, str], ...]
"""Parts of a line that could not be read, each with what was expected."""

_NUMBER = r"\d+(?:\.\d+)?"
_RANGE = re.compile(rf"({_NUMBER})\s*(?:-|–|to)\s*({_NUMBER})\s*by\s*({_NUMBER})")
_PLATE = re.compile(rf"(\d+)\s*[x×]\s*({_NUMBER})")
_LABELLED = re.compile(rf"([a-z][a-z \-]*?)\s+({_NUMBER})")
_CODE = re.compile(rf"({_NUMBER})\s+([a-z][a-z /\-]*)")
_PACKED = re.compile(
    rf"(?:(\d+|two|three|four)\s+)?([a-z][a-z ]*?)\s+(?:(\d+)\s*[x×]\s*)?"
    rf"(up\s*to\s*{_NUMBER}(?:\s*by\s*{_NUMBER})?|{_NUMBER}\s*(?:-|–|to)\s*{_NUMBER}\s*by\s*{_NUMBER}|{_NUMBER})"
    r"(?:\s*each)?"
)
HEAVIEST_BAR_KG = 40
"""A bar that weighs more is a bar with its plates, or a slip. House figure."""

MAX_OF_ONE = 6
"""More of one improvised thing than this is a slip of the keyboard."""
_KINDS = {
    "dumbbell": ImplementKind.DUMBBELL,
    "block": ImplementKind.DUMBBELL,
    "kettlebell": ImplementKind.KETTLEBELL,
    "medicine ball": ImplementKind.MEDICINE_BALL,
    "vest": ImplementKind.BODYWEIGHT,
    "belt": ImplementKind.BODYWEIGHT,
    "assistance": ImplementKind.ASSISTANCE,
}
_WORDS = (*_KINDS, "bar", "barbell", "band", "stack")
_WEIGHED = (
    "rucksack",
    "backpack",
    "jug",
    "canister",
    "bottle",
    "bucket",
    "sandbag",
    "bag",
    "fixed",
    "plate",
    "medicine",
)
_NOT_MEANT = ("stick", "ring", "block", "cable")
"""Things of their own whose names come close to others."""
_MACHINE = re.compile(rf"({'|'.join(MACHINES)})s?(?:\s+machine)?\b[\s:,]*")


def has_weight(word: str) -> bool:
    """Answer whether a thing of this name is nothing without its weight."""
    first = word.split(maxsplit=1)[0].removesuffix("s") if word.split() else ""
    return first in (*_WORDS, *_WEIGHED)


def meant_thing(word: str) -> str | None:
    """Answer the known thing or implement that a word is a slip for; None where it is like none of them."""
    known = (*_WORDS, *Feature)
    singular = word.removesuffix("s")
    meant = difflib.get_close_matches(singular, known, 1, 0.8) if singular not in (*known, *_NOT_MEANT) else []
    return meant[0] if meant else None


@dataclass(frozen=True, slots=True)
class EquipmentLine:
    """The implements of one line, and the parts that could not be read."""

    implements: tuple[Implement, ...]
    unread: Unread = ()
    features: frozenset[Feature] = frozenset()


def read_line(line: str, unit: Unit) -> EquipmentLine:
    """Read a lower-case line. Raises `DomainError` when nothing of it can be used. House rule."""
    written = set(re.findall(r"\b(?<![a-z])(kg|lb)s?\b", line))
    if len(written) > 1:
        raise DomainError("Write kilograms and pounds on separate lines.")
    if written:
        unit = Unit(written.pop())
    line = re.sub(r"\s*\b(kg|lb)s?\b", "", line).replace("medicine balls", "medicine ball")
    if (machine := _MACHINE.match(line)) and re.search(r"\d", line):
        return replace(_read_stack(line[machine.end() :], unit), features=frozenset({Feature(machine.group(1))}))
    word = re.match(r"medicine ball|[a-z]+", line)
    if not word and (packed := _PACKED.fullmatch(line)) and packed.group(2).removesuffix("s") not in _WORDS:
        return _read_packed(packed, unit)
    if not word:
        raise DomainError("Begin with the thing: bar, dumbbells, kettlebells, stack, bands, vest, rucksack.")
    name, rest = word.group().removesuffix("s"), line[word.end() :].strip(" :,")
    if name == "fixed" and (bars := re.match(r"bar(?:bell)?s?\b", rest)):
        return _read_barbell(rest[bars.end() :].strip(" :,"), unit, fixed=True)
    if name in ("bar", "barbell"):
        return _read_barbell(rest, unit)
    if name == "stack":
        return replace(_read_stack(rest, unit), features=frozenset({Feature.ANCHOR}))
    if name in _KINDS:
        return _read_fixed(_KINDS[name], rest, unit, coded=name == "block")
    meant = difflib.get_close_matches(name, _WORDS, 1, 0.8) if name not in _WORDS else []
    if meant:
        raise DomainError(f"Did you mean '{meant[0]}s'?")
    return _read_labelled(name, rest, line, unit)


def _read_fixed(kind: ImplementKind, rest: str, unit: Unit, *, coded: bool) -> EquipmentLine:
    """Read weights, with a code for some of them after a colon: ``5-50 by 5: 5 white, 10 yellow``.

    A ``coded`` implement needs no colon: ``blocks 5 white, 10 yellow``.
    """
    weights, colon, table = rest.partition(":")
    if coded and not colon and _CODE.search(rest) and not _RANGE.search(rest):
        weights, table = "", rest
    weights = re.sub(r"\bwith\b.*$", "", weights)
    codes = {_load(value, unit): code.strip() for value, code in _CODE.findall(table)}
    loads, unread = _read_loads(weights, unit) if weights.strip() else ((), ())
    left = _CODE.sub("", table).strip(" ,:;")
    if left:
        unread = (*unread, (left, "Write each step with its code, for example '5 white, 10 yellow'."))
    known = {load.kg for load in loads}
    if loads:
        unread += tuple(
            (f"{load} {code}", f"There is no step of {load} in this line.")
            for load, code in codes.items()
            if load.kg not in known
        )
    else:
        loads = tuple(codes)
    if not loads:
        raise DomainError("Say which weights there are, for example '4-24 by 2' or '8 12 16'.")
    by_mass = {load.kg: code for load, code in codes.items()}
    labels = tuple(f"{load}, {by_mass[load.kg]}" if load.kg in by_mass else str(load) for load in loads)
    return EquipmentLine((FixedLoads(kind, loads, labels if codes else ()),), unread)


def _read_stack(rest: str, unit: Unit) -> EquipmentLine:
    main, word, extra = re.sub(r"add[ -]?ons?", "add-on", rest).partition("add-on")
    steps, unread = _read_loads(main, unit)
    extras, more = _read_loads(extra, unit) if word else ((), ())
    return EquipmentLine((Stack(steps, extras),), unread + more)


def _read_labelled(name: str, rest: str, line: str, unit: Unit) -> EquipmentLine:
    kind = ImplementKind.BAND if name == "band" else ImplementKind.IMPROVISED
    text = rest if kind is ImplementKind.BAND else line
    if kind is ImplementKind.IMPROVISED and (packed := _PACKED.fullmatch(line)):
        return _read_packed(packed, unit)
    if kind is ImplementKind.IMPROVISED and (
        several := re.fullmatch(rf"([a-z][a-z ]*?):?\s+({_NUMBER}(?:(?:,\s*|\s+and\s+){_NUMBER})+)", text)
    ):
        loads, _ = _read_loads(several.group(2).replace("and", ","), unit)
        return EquipmentLine(
            (FixedLoads(kind, loads, (several.group(1).removesuffix("s"),) * len(loads), estimated=True),)
        )
    labelled = _LABELLED.findall(text)
    if kind is ImplementKind.IMPROVISED and any(not _LABELLED.fullmatch(part) for part in re.split(r"\s*,\s*", text)):
        labelled = []
    if kind is ImplementKind.BAND and not re.search(r"\d", text) and (names := _band_names(text)):
        loads = tuple(Load.of(GUESSED_BAND_KG * (n + 1), Unit.KG) for n in range(len(names)))
        return EquipmentLine((FixedLoads(kind, loads, names, estimated=True),))
    example = f"{name} {'green 8, black 15' if name == 'band' else '10'}"
    if not labelled:
        raise DomainError(f"Say what each weighs, for example '{example}'.")
    left = _LABELLED.sub("", text).strip(" ,:")
    loads = tuple(_load(value, unit) for _, value in labelled)
    implement = FixedLoads(kind, loads, tuple(label.strip() for label, _ in labelled), estimated=True)
    return EquipmentLine((implement,), ((left, f"Say what it weighs, for example '{example}'."),) if left else ())


GUESSED_BAND_KG = 5
"""What bands without a weight are taken for, lightest first: 5, 10, 15 kg, marked as estimates. House figure."""

_STRENGTHS = ("extra light", "light", "medium", "strong", "heavy", "extra heavy", "extra strong")


def _band_names(text: str) -> tuple[str, ...]:
    """The names of bands without weights, as typed; by their strength where all are called by it."""
    names = tuple(
        dict.fromkeys(name for name in (re.split(r"\s*[,;/]\s*|\s+", text.strip(" ,:")) if text else ()) if name)
    )
    if any(not re.fullmatch(r"[a-z][a-z-]*", name) for name in names) or len(names) > MAX_OF_ONE + 2:
        return ()
    return tuple(sorted(names, key=_STRENGTHS.index)) if all(name in _STRENGTHS for name in names) else names


def _read_packed(packed: "re.Match[str]", unit: Unit) -> EquipmentLine:
    """Read a thing that is packed in steps, or several of one sort: ``rucksack 4-12 by 2``, ``2 jugs 8``."""
    count, name, weights = packed.group(1) or packed.group(3) or "1", packed.group(2).strip(), packed.group(4)
    number = {"two": 2, "three": 3, "four": 4}.get(count) or int(count)
    if not 1 <= number <= MAX_OF_ONE:
        raise DomainError(f"Of one thing 1 to {MAX_OF_ONE}, not {number}.")
    upto = re.fullmatch(rf"up\s*to\s*({_NUMBER})(?:\s*by\s*({_NUMBER}))?", weights)
    if upto:
        step = upto.group(2) or "2"
        weights = f"{step}-{upto.group(1)} by {step}"
    loads, unread = _read_loads(weights, unit)
    one = name.removesuffix("s") if number > 1 else name
    made = FixedLoads(ImplementKind.IMPROVISED, loads, (one,) * len(loads), estimated=True)
    return EquipmentLine((made,) * number, unread)


def _read_barbell(rest: str, unit: Unit, *, fixed: bool = False) -> EquipmentLine:
    bar_text, _, plates_text = rest.partition("plates")
    if fixed or (_RANGE.search(bar_text) and not plates_text):
        loads, unread_loads = _read_loads(bar_text, unit)
        return EquipmentLine((FixedLoads(ImplementKind.BARBELL, loads),), unread_loads)
    several = [one for one in re.split(r"[\s,:]+|\bor\b|\band\b", bar_text) if one]
    if len(several) > 1 and all(re.fullmatch(_NUMBER, one) for one in several):
        loads = tuple(_load(one, unit) for one in several)
        if not plates_text and max(load.kg for load in loads) > HEAVIEST_BAR_KG:
            # Nobody owns bare bars so heavy: these are bars with fixed weights.
            return EquipmentLine((FixedLoads(ImplementKind.BARBELL, loads),))
        read = [_read_barbell(f"{one} {'plates ' + plates_text if plates_text else ''}", unit) for one in several]
        return EquipmentLine(tuple(made for one in read for made in one.implements), read[0].unread)
    bar = re.fullmatch(_NUMBER, bar_text.strip(" ,:"))
    if not bar:
        raise DomainError("Say what the bar weighs, for example 'bar 20, plates 2x1.25 4x5 4x10'.")
    if _load(bar.group(), unit).kg > HEAVIEST_BAR_KG:
        raise DomainError(
            f"A bar of {_load(bar.group(), unit)}? Write the bar alone, then its plates: 'bar 20, plates 4x10'."
        )
    plates, unread = read_plates(plates_text, unit)
    return EquipmentLine((Barbell(_load(bar.group(), unit), plates),), unread)


def read_plates(text: str, unit: Unit) -> tuple[tuple[Plates, ...], Unread]:
    """Read plates, count x weight each. Raises `DomainError` where there are more than a bar holds."""
    written = set(re.findall(r"\b(kg|lb)\b", text))
    if len(written) == 1:
        unit = Unit(written.pop())
    text = re.sub(r"\s*\b(kg|lb)\b", "", text)
    plates = tuple(Plates(_load(value, unit), int(count)) for count, value in _PLATE.findall(text))
    if sum(p.pairs for p in plates) > MAX_LOADS:
        raise DomainError("That is more plates than a bar holds; write count x weight, for example '4x5'.")
    plate_sums(plates)
    left = _PLATE.sub("", text).strip(" ,:")
    unread: Unread = ((left, "Write plates as count x weight, for example '2x1.25 4x5'."),) if left else ()
    unread += tuple(
        (f"{p.count}x{p.load.value}", f"One {p.load} plate is left over: plates go on in pairs.")
        for p in plates
        if p.count % 2
    )
    return plates, unread


def _read_loads(text: str, unit: Unit) -> tuple[tuple[Load, ...], Unread]:
    """Read ranges and single weights; what is neither comes back unread. Raises `DomainError` where there is none."""
    found: list[Load] = []
    unread: list[tuple[str, str]] = []
    for first, last, by in _RANGE.findall(text):
        low, high, step = Decimal(first), Decimal(last), Decimal(by)
        if step <= 0 or high < low or (high - low) / step > MAX_LOADS:
            raise DomainError(f"'{first}-{last} by {by}' does not climb in steps; write for example '4-24 by 2'.")
        while low <= high:
            found.append(_load(str(low), unit))
            low += step
    for single in filter(None, re.split(r"[\s,]+", _RANGE.sub(" ", text))):
        if re.fullmatch(_NUMBER, single):
            found.append(_load(single, unit))
        elif re.fullmatch(rf"{_NUMBER}-{_NUMBER}", single):
            unread.append(
                (single, f"In which steps? Write for example '{single} by {'2.5' if '.' in single else '2'}'.")
            )
        else:
            unread.append((single, f"'{single}' is not a weight; write for example '4-24 by 2' or '8 12 16'."))
    if not found:
        raise DomainError(
            unread[0][1] if unread else "Say which weights there are, for example '4-24 by 2' or '8 12 16'."
        )
    return tuple(dict.fromkeys(found)), tuple(unread)


def _load(value: str, unit: Unit) -> Load:
    load = Load.of(value, unit)
    if not load.value:
        raise DomainError("A weight must be more than zero.")
    return load
