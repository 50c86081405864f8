"""What must never come out, written from the rules alone: nothing of the judged code is called here.

Each answers what is wrong in words, or nothing. Loads are read from the proposal's text by a pattern of its own.
"""

import re
from collections.abc import Callable
from dataclasses import dataclass

from bench.watchman.histories import Facts
from upright_anvil.core.loads.implements import kind_named

CAP = 0.10
MOST_BRIDGED = 0.25
CLOSE = 1e-6
LB = 0.45359237
RISING = {
    "load", "reps", "hold seconds", "distance", "slower lowering", "sets", "one more round", "less rest", "checkpoint",
    "a pause", "harder variant",
}  # fmt: skip
UNRAISED = {"warm-up", "mobility", "stretch"}


@dataclass(frozen=True)
class Told:
    """What the app proposed, in plain figures."""

    lever: str
    text: str
    rule: str
    evidence: tuple[str, ...]
    exercise: str
    bridged: bool
    plain: bool
    estimated: bool
    read_back: bool


def loads_in(text: str) -> list[float]:
    """Answer the kilograms written in a line of shorthand before its alternatives, by a pattern of this module's own.

    Body weight alone is 0, assistance is negative; shares, bands and codes are none.
    """
    head = re.split(r", or ", text)[0]
    found: list[float] = []
    for sign, figures, unit in re.findall(r"(bw [+-] |)((?:\d+(?:\.\d+)?/)*\d+(?:\.\d+)?) (kg|lb)\b", head):
        for figure in figures.split("/"):
            kg = float(figure) * (LB if unit == "lb" else 1.0)
            found.append(-kg if "-" in sign else kg)
    if not found and re.search(r"\bbw\b", head):
        found.append(0.0)
    return found


def first_figures(text: str) -> tuple[int, int] | None:
    """Answer sets and the upper repetitions or seconds of a plain line; None for others."""
    match = re.match(r"(\d+) x (\d+)(?:-(\d+))?(?! ?k?m\b)", text)
    if not match or "/" in text.split(",", 1)[0] or re.match(r"\d+ x [\d.]+ k?m\b", text):
        return None
    return int(match[1]), int(match[3] or match[2])


def _lesser(facts: Facts) -> float | None:
    """The lesser of planned and done, kilograms added."""
    asked = loads_in(facts.last.text)
    used = [did.kg for did in facts.last.did if did.kg is not None and not did.typo]
    known = [max(asked)] if asked else []
    slipped = any(did.typo for did in facts.last.did)
    unfinished = (slipped or len(facts.last.did) < facts.last.sets) and len(set(asked)) > 1
    if used and not unfinished:
        known.append(max(used))
    return min(known) if known else None


def _top(told: Told) -> float | None:
    found = loads_in(told.text)
    return max(found) if found else None


def _went_up(facts: Facts, told: Told) -> str:
    """What is harder than the lesser of planned and done: another lever, a heavier load, more sets or repetitions."""
    if told.lever in RISING:
        return f"lever {told.lever}"
    top, least = _top(told), _lesser(facts)
    if top is not None and least is not None and not told.exercise and top > least + CLOSE:
        return f"{top:.2f} kg above {least:.2f} kg"
    asked, now = first_figures(facts.last.text), first_figures(told.text)
    if asked and now and not told.exercise and (now[0] > asked[0] or now[1] > asked[1]):
        return f"{now} above {asked}"
    return ""


def after_pain_form_or_a_poor_day(facts: Facts, told: Told) -> str:
    """After pain, slipped form in the last set or a poor day nothing goes up."""
    did = facts.last.did
    stopped = any(one.hurt for one in did) or (bool(did) and did[-1].slipped) or facts.poor
    return _went_up(facts, told) if stopped and did else ""


def past_the_other_station(facts: Facts, told: Told) -> str:
    """A circuit does not go up when another of its stations hurt, slipped, was cut short or fell far below."""
    did, went = facts.last.did, facts.other_station
    short = went == "short" and max(1, len(did) // 2) < facts.last.sets
    open_ended = re.search(r"max|\d k?m\b", facts.last.text) is not None or told.lever == "checkpoint"
    low = went == "low" and not open_ended and bool(did) and did[0].amount > 2
    worse = went in ("pain", "form") or short or low
    return _went_up(facts, told) if facts.in_circuit and worse else ""


def past_a_slip(facts: Facts, told: Told) -> str:
    """A load typed ten times or twice too big never becomes a plan."""
    asked, top = loads_in(facts.last.text), _top(told)
    slips = [did.kg for did in facts.last.did if did.typo and did.kg is not None]
    if not slips or not asked or top is None or told.exercise:
        return ""
    return f"{top:.1f} kg after a slip, {max(asked):.1f} planned" if top > max(asked) * (1 + CAP) + CLOSE else ""


def against_health(facts: Facts, told: Told) -> str:
    """Nothing goes up on a hurting joint, an open condition or a missing clearance."""
    return _went_up(facts, told) if facts.held_by_health and facts.last.did else ""


def after_a_gap(facts: Facts, told: Told) -> str:
    """Nothing goes up after more than ten days away, before or after the session."""
    if not facts.last.did or (facts.gap <= 10 and facts.away <= 10):
        return ""
    return _went_up(facts, told)


def past_the_cap(facts: Facts, told: Told) -> str:
    """No load rises by more than a tenth of what moves, unless bridged, and then by a quarter at the most."""
    top = _top(told)
    used = [did.kg for did in facts.last.did if did.kg is not None]
    asked = loads_in(facts.last.text)
    heaviest = max([*used, *asked], default=None)
    if top is None or heaviest is None or told.exercise or told.estimated:
        return ""
    own = float(facts.exercise.bodyweight_share) * float(facts.body_kg or 0)
    before, after = heaviest + own, top + own
    most = MOST_BRIDGED if told.bridged else CAP
    return f"{before:.2f} to {after:.2f} kg moved" if before > 0 and after > before * (1 + most) + CLOSE else ""


def that_does_not_exist(facts: Facts, told: Told) -> str:
    """A new load is one that the place has."""
    kind = facts.exercise.implement_at(facts.place)
    there = {round(float(made.load.kg), 6) for k in facts.exercise.loaded_with for made in facts.place.achievable(k)}
    there |= (
        {round(float(made.load.kg), 6) for made in facts.place.achievable(type(kind).BODYWEIGHT)} if kind else set()
    )
    there |= (
        {round(float(made.load.kg), 6) for made in facts.place.achievable(type(kind).ASSISTANCE)} if kind else set()
    )
    named = re.search(r", ([a-z ]+?)s? [\d.]+ (?:kg|lb)", facts.last.text)
    if named and (noun := kind_named(named[1])):
        there |= {round(float(made.load.kg), 6) for made in facts.place.achievable(noun)}
    known = {round(abs(kg), 6) for kg in loads_in(facts.last.text)}
    known |= {round(abs(did.kg), 6) for did in facts.last.did if did.kg is not None}
    new = [kg for kg in loads_in(told.text) if kg and round(abs(kg), 6) not in there | known]
    return f"{new} kg is not there" if new and not told.exercise else ""


def a_rung_without_evidence(facts: Facts, told: Told) -> str:
    """A harder rung needs every set done, clean, and twelve repetitions, 45 seconds, or a clean session of jumps."""
    if not told.exercise or facts.harder is None or told.exercise != facts.harder.id:
        return ""
    did, timed = facts.last.did, re.search(r"\d s\b", facts.last.text.split(",", 1)[0]) is not None
    if len(did) < facts.last.sets or any(one.hurt for one in did) or facts.held_by_health:
        return "on sets that do not carry it"
    if facts.harder.kind.value in ("jump", "throw") and facts.exercise.kind.value not in ("jump", "throw"):
        return "from strength to a jump"
    if facts.exercise.kind.value in ("jump", "throw"):
        return ""
    least = min(one.amount for one in did)
    if timed:
        return "" if least >= 30 else f"on {least} s"
    strong = facts.harder.bodyweight_share and facts.body_kg
    return "" if least >= 12 or strong else f"on {least} repetitions"


def cannot_be_read_back(facts: Facts, told: Told) -> str:
    """What the app proposes it can read itself."""
    return "" if told.read_back else f"'{told.text}'"


def _amount(said: str) -> int:
    """Repetitions or seconds as they stand; a distance in metres."""
    number, unit = re.match(r"([\d.]+)\s*(km)?", said).groups()  # type: ignore[union-attr]
    return round(float(number) * (1000 if unit else 1))


def figures_that_contradict_the_sets(facts: Facts, told: Told) -> str:
    """The sentence of evidence names the amounts of the sets in their order."""
    said = next((line for line in told.evidence if "done " in line), "")
    if not facts.last.did or not said or facts.in_circuit:
        return ""
    tail = re.split(r"done ", said, maxsplit=1)[1]
    amounts = [_amount(part.split(" at ")[0]) for part in re.split(r", (?=\d)", tail) if part[:1].isdigit()]
    real = [did.amount for did in facts.last.did]
    return "" if amounts == real else f"says {amounts}, was {real}"


def raised_what_nobody_raises(facts: Facts, told: Told) -> str:
    """Warm-ups, mobility, stretches and ramp-up sets get no proposal; jumps and throws are never slowed."""
    kind = facts.exercise.kind.value
    if facts.preparing or kind in UNRAISED:
        return "a proposal for what only prepares"
    return "a jump slowed" if kind in ("jump", "throw") and told.lever in ("slower lowering", "a pause") else ""


def plain_that_is_not(facts: Facts, told: Told) -> str:
    """What must not go up is never among those taken at once."""
    did = facts.last.did
    held = facts.held_by_health or facts.poor or any(one.hurt for one in did) or (did and did[-1].slipped)
    return "plain" if told.plain and held and told.lever != "hold" else ""


Predicate = Callable[[Facts, Told], str]

NEVER: tuple[tuple[str, Predicate], ...] = (
    ("a load above the cap", past_the_cap),
    ("a load that does not exist", that_does_not_exist),
    ("up after pain, form or a poor day", after_pain_form_or_a_poor_day),
    ("a circuit up past its other station", past_the_other_station),
    ("a slip of the pen in the plan", past_a_slip),
    ("up on a hurting joint or without clearance", against_health),
    ("up after a gap", after_a_gap),
    ("a harder rung without evidence", a_rung_without_evidence),
    ("a text that cannot be read back", cannot_be_read_back),
    ("a sentence that contradicts the sets", figures_that_contradict_the_sets),
    ("what nobody raises raised", raised_what_nobody_raises),
    ("taken at once though held", plain_that_is_not),
)
