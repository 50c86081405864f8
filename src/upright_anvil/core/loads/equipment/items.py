"""The things that a written line names, each as a line in the grammar of `reading`."""

import re
from typing import Final

from upright_anvil.core.loads.equipment.figures import NUMBER, decimals, plain, steps, units
from upright_anvil.core.loads.equipment.nouns import (
    COUNTS,
    FILLER,
    NOT_BARS,
    NOUN,
    NOUN_SLIP,
    NOUNS_WRITTEN,
    OTHER_WORDS,
)
from upright_anvil.core.loads.features import Feature


def items_of(line: str) -> tuple[str, ...]:
    """Answer the things a written line names, each as a line of its own; a line in the grammar comes back as it is.

    Read are: the number before or behind the thing ("20 kg olympic bar", "KB 16"), ranges with their step in words
    ("from 4 to 10 kg, steps of 2", "in 2.5s", "4-12/2", "up to 30 in 5s"), lists ("5s, 8s and 10s", "10/12.5/15"),
    counts ("a 12 and a 16 kg kettlebell", "pairs of", "2 of 20"), decimal commas beside lists, several things in one
    line, and usual other words and slips for them. House rule.
    """
    text = plain(line)
    if not re.search(r"\d", text):
        return _unweighed(text)
    return _weighed(units(decimals(text)))


def _unweighed(text: str) -> tuple[str, ...]:
    """A line without numbers: bands by their names, things; an implement that needs its weights stays for itself."""
    text = _WITHOUT.sub(", no ", text).strip(" ,;")
    noun = NOUN.match(text)
    name = _name_of(noun) if noun else ""
    if noun and name == "bands":
        kinds = re.sub(r"[():]", " ", text[noun.end() :]).strip(" ,;")
        own = re.sub(r"\b(?:bands?|tubes?|tubing|resistance|exercise|rubber|pull-?up)\b", " ", noun.group()).strip()
        return (f"bands {kinds or own or 'band'}",)
    things = _things(text)
    if not noun or name == "machine":
        return tuple(things) or (text,)
    known = [thing for thing in things if _is_thing(thing.removeprefix("no "))]
    return (", ".join(thing for thing in things if thing not in known), *known)


_WITHOUT: Final = re.compile(r"\s*[,;]?\s*\b(?:but )?(?:w/o|without)\b(?: a| an| any)?\s*")


def _name_of(noun: "re.Match[str]") -> str:
    return NOUNS_WRITTEN[int(str(noun.lastgroup)[1:])][0]


_BEFORE_A_THING: Final = re.compile(
    r"^(?:(?:just|only|a|an|the|one|two|my|our|some|several|old|small|big(?! ball)|good)\s+)+"
)


def _things(text: str) -> list[str]:
    """The things of a text; one with another (a rack with a pull-up bar) are two where both are known."""
    found: list[str] = []
    for part in re.split(r"\s*(?:[,;]|\band\b|&|\+)\s*", text):
        both = [_thing(piece) for piece in _TOGETHER.split(part)]
        found += both if all(map(_is_known, both)) else filter(None, [_thing(part)])
    return found


_TOGETHER: Final = re.compile(r"\s+(?:with|including|incl\.?|plus)\s+")


def _thing(part: str) -> str:
    """A thing by the word it is kept by, with its ``no``; empty where there is none."""
    bare = _BEFORE_A_THING.sub("", part.strip())
    no = "no " if bare.startswith("no ") else ""
    word = bare.removeprefix("no ").strip()
    return no + (OTHER_WORDS.get(word) or OTHER_WORDS.get(word.removesuffix("s")) or word) if word else ""


def _weighed(text: str) -> tuple[str, ...]:
    """The weighed things of a line, parted where another one begins; things without weight in between stand alone."""
    text = re.sub(rf"({NUMBER}(?:\s*(?:kg|lb))?)\s*(?:of|in|worth of)\s+((?:weight )?plates)", r"\2 \1", text)
    hidden = NOT_BARS.sub(lambda found: "~" * len(found.group()), text)
    nouns = [(found, _name_of(found)) for found in NOUN.finditer(hidden)]
    if not nouns:
        return _slips(text)
    leads = not re.search(r"\d", text[: nouns[0][0].start()])
    parts: list[tuple[str, str, str]] = []
    for n, (found, name) in enumerate(nouns):
        if leads:
            end = nouns[n + 1][0].start() if n + 1 < len(nouns) else len(text)
            parts.append((name, text[found.end() : end], found.group()))
        else:
            begin = nouns[n - 1][0].end() if n else 0
            tail = text[found.end() :] if n + 1 == len(nouns) else ""
            parts.append((name, f"{text[begin : found.start()]} {tail}", found.group()))
    # What stands before the first thing with its numbers behind it: things of their own, parted by commas.
    before = re.split(r"[,;]|\band\b|&|\+", text[: nouns[0][0].start()])[:-1] if leads else []
    beside = [("", thing) for part in before for thing in _things(part)]
    return tuple(_joined([*beside, *(item for name, rest, word in parts for item in _item(name, rest, word))]))


def _item(name: str, rest: str, word: str) -> list[tuple[str, str]]:
    """One weighed thing: its name, what it weighs in the grammar, what was not used; things beside it stand alone."""
    named = set(re.findall(r"\b(?:kg|lb)\b", rest))
    unit = f" {next(iter(named))}" if len(named) == 1 else ""
    if name in _COUNTED:
        rest = re.sub(rf"(^|,|\band\b|&)\s*(?:{'|'.join(COUNTS)})\s+(?=\d)", r"\1 ", rest)
        rest = re.sub(rf"(^|,|\band\b|&)\s*[1-6]\s+(?={NUMBER}\s*(?:kg|lb)\b)", r"\1 ", rest)
    if unit and name not in ("plates", "bands", "blocks"):
        rest = re.sub(r"\s*\b(?:kg|lb)\b", "", rest)
    rest = steps(re.sub(r"^(?:\s*(?:and|&|,))+\s|\s(?:and|&|,)\s*$", " ", f" {rest} ")).strip(" ,;:.")
    found: list[tuple[str, str]] = []
    if name not in ("bands", "blocks"):
        kept = []
        for part in re.split(r"\s*[,;]\s*|\s+and\s+", rest):
            bare = FILLER.sub(" ", part).strip(" :.")
            if part and not re.search(r"\d", part) and bare and _is_thing(bare):
                found += [("", thing) for thing in _things(bare)]
            else:
                kept.append(part)
        rest = ", ".join(kept)
    weights = _weights(name, rest)
    if unit and not re.search(r"\b(?:kg|lb)\b", weights):
        weights += unit
    if name in ("trap bar", "machine"):
        found.append(("", word))
    return [(_CANONICAL.get(name, name), weights), *found]


_COUNTED: Final = frozenset({"dumbbells", "kettlebells", "medicine balls"})
"""Things whose number is not kept: one of each weight is enough, a pair where two hands need it."""

_CANONICAL: Final = {"trap bar": "bar", "ez bar": "bar", "machine": "stack"}


def _is_thing(words: str) -> bool:
    """Whether words beside a weighed thing are a thing of their own that is known here; what is not is pointed at."""
    return all(_is_known(one) for one in (words, *_things(words)[:1]))


def _is_known(word: str) -> bool:
    return OTHER_WORDS.get(word, word).removesuffix("s") in _FEATURES or word in OTHER_WORDS


_FEATURES: Final = frozenset(feature.value.removesuffix("s") for feature in Feature) | {"mat", "rope", "stick"}


def _weights(name: str, rest: str) -> str:
    text = re.sub(r"[()]", " ", rest)
    text = re.sub(rf"{NUMBER}(?:-{NUMBER}){{2,}}", lambda found: found.group().replace("-", " "), text)
    if name == "bands":
        return _band_labels(text)
    if name in ("blocks",):
        return text.strip()
    for word, number in COUNTS.items():
        text = re.sub(rf"\b{word}\b(?=\s+(?:pairs?|of|x|\d))", str(number), text)
    if name == "plates":
        return _plate_counts(text)
    text = re.sub(rf"\b\d+\s*(?:x|of)\s*({NUMBER})", r"\1", text)
    text = re.sub(rf"\b\d+\s+pairs?\s+(?:of\s+)?({NUMBER})", r"\1", text)
    text = re.sub(rf"({NUMBER})(?:\s*(kg|lb))?\s*x\s*[1-9]\b", r"\1 \2", text)
    text = re.sub(r"\bpairs?\b(?:\s+of)?|\bx\s?2\b", " ", text)
    text = re.sub(r"(\d)'?s\b", r"\1", text)
    text = re.sub(rf"({NUMBER})\s*/\s*(?={NUMBER})", r"\1 ", text)
    text = re.sub(r"\s+(?:and|&|or)\s+|\s*[&+]\s*", ", ", text)
    text = FILLER.sub(" ", text)
    return re.sub(r"\s*,(?:\s*,)+\s*", ", ", " ".join(text.split())).strip(" ,:;")


def _plate_counts(text: str) -> str:
    """Plates as count x weight: "pairs of 10 and 20", "2 of 20", "4 20s", "1.25 2.5 5 pairs", "10 kg x 4"."""
    text = re.sub(r"\s+(?:and|&)\s+|\s*[&+]\s*", " ", text)
    text = re.sub(
        rf"(?<![\dx.])({NUMBER})\s*(?:kg|lb)?\s*x\s*(\d+)(?!\.?\d*\s*(?:kg|lb))(?=\s*(?:$|,|\d+\s*(?:kg|lb)))",
        _turned,
        text,
    )
    text = re.sub(rf"\b(\d+)\s*(?:of|x)\s*({NUMBER})", r"\1x\2", text)
    text = re.sub(rf"(?<![x.\d])(\d+)\s+({NUMBER})'?s\b", r"\1x\2", text)
    text = re.sub(r"(\d)'?s\b", r"\1", text)
    pairs = re.search(r"\bpairs?\b|\ba side\b|\bper side\b|\beach side\b|\btwo of each\b|\b2 of each\b", text)
    text = re.sub(r"(?:\b(?:two|2) of each\b)|\b(?:each side|per side|a side)\b", " ", text)
    many = re.search(r"\b(\d+)\s+pairs?\b", text)
    count = 2 * int(many.group(1)) if many else 2
    text = re.sub(r"\b\d+\s+pairs?\b(?:\s+of)?|\bpairs?\b(?:\s+of)?", " ", text)
    text = FILLER.sub(" ", text).replace("/", " ")
    if pairs:
        text = re.sub(rf"(?<![x.\d])({NUMBER})(?![\d.]*\s*x)", rf"{count}x\1", text)
    return " ".join(text.replace(",", " ").split()).strip(" ,:;")


PLATE_COUNTS: Final = (2, 4)
"""How many plates of one size there are, where the figure may be the count or the weight."""


def _turned(found: "re.Match[str]") -> str:
    """``20 kg x 4`` as count and weight; ``2 x 20`` stays."""
    first, second = found.group(1), found.group(2)
    weighed = "kg" in found.group() or "lb" in found.group() or "." in first
    turned = weighed or (int(second) in PLATE_COUNTS and float(first) > max(PLATE_COUNTS))
    return f"{second}x{first}" if turned else found.group()


def _band_labels(text: str) -> str:
    text = re.sub(r"\s+and\s+|\s*[&+]\s*", ", ", text)
    return " ".join(text.split()).strip(" ,:;")


def _joined(found: list[tuple[str, str]]) -> list[str]:
    """Plates go on to the bar before them; all else is a line of its own."""
    lines: list[str] = []
    for name, rest in found:
        text = f"{name} {rest}".strip()
        if name == "plates" and lines and lines[-1].startswith("bar "):
            lines[-1] += f" {rest}" if "plates" in lines[-1] else f", {text}"
        else:
            lines.append(text)
    return lines


def _slips(text: str) -> tuple[str, ...]:
    """A line whose thing is mistyped, or is no implement of ours: the first word read as the noun it comes near to."""
    from rapidfuzz import process
    from rapidfuzz.distance import OSA

    word = re.search(r"[a-z]{4,}", text)
    known = ("dumbbells", "dumbbell", "kettlebells", "kettlebell", "barbell", "barbells", "plates", "medicine")
    near = (
        process.extractOne(word.group(), known, scorer=OSA.normalized_similarity, score_cutoff=NOUN_SLIP)
        if word
        else None
    )
    if word and near and near[0] != word.group():
        return _weighed(text.replace(word.group(), str(near[0]), 1))
    beside: list[str] = []
    rest: list[str] = []
    for part in re.split(r"\s*[,;]\s*", text):
        things = [] if re.search(r"\d", part) else _things(part)
        all_known = bool(things) and all(_is_thing(thing) for thing in things)
        (beside if all_known else rest).extend(things if all_known else [part])
    text = ", ".join(rest)
    named = set(re.findall(r"\b(?:kg|lb)\b", text))
    stepped = steps(text)
    if len(named) == 1 and not re.search(r"\b(?:kg|lb)\b", stepped):
        stepped += f" {next(iter(named))}"
    return (*beside, " ".join(stepped.split()))
