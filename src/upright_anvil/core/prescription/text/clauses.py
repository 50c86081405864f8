"""The clauses of a line: for each its pattern, its name in a complaint, and what it says to the draft."""

import re
from collections.abc import Callable
from dataclasses import dataclass
from decimal import Decimal
from functools import partial

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Load
from upright_anvil.core.prescription.bounds import MAX_ALTERNATIVES, check_load, check_reserve, check_rest
from upright_anvil.core.prescription.load_targets import BodyweightLoad, Coded, Together
from upright_anvil.core.prescription.model import MAX_ACTIVITY, OtherKit, SideRule, Span, TimedAs
from upright_anvil.core.prescription.schemes import BackOff, Checkpoints, Cluster, Density, Drops, EveryStart, LastMost
from upright_anvil.core.prescription.schemes.back_off import Cut
from upright_anvil.core.prescription.targets import Distance, Reps
from upright_anvil.core.prescription.tempo import Tempo
from upright_anvil.core.prescription.text import patterns
from upright_anvil.core.prescription.text.draft import Draft, read_loads, read_target, tidy, weight_of


@dataclass(frozen=True, slots=True)
class Clause:
    """One clause. ``slot`` says which clauses exclude each other; ``example`` is offered to a misspelt one."""

    slot: str
    name: str
    pattern: "re.Pattern[str]"
    take: "Callable[[Draft, re.Match[str]], None]"
    word: str = ""
    example: str = ""
    repeats: bool = False


def _each(draft: Draft, _: "re.Match[str]") -> None:
    draft.each_side = True


def _side(draft: Draft, found: "re.Match[str]") -> None:
    draft.side = SideRule(tidy(found.group(1).lower()))


def _span(draft: Draft, found: "re.Match[str]") -> None:
    said = tidy(found.group(1).lower())
    draft.span = Span.HALF if said in ("half", "partial") else Span(said)


def _timed_as(draft: Draft, found: "re.Match[str]") -> None:
    draft.timed_as = TimedAs.HELD if found.group(1) else TimedAs.COUNTED


def _partials(draft: Draft, found: "re.Match[str]") -> None:
    draft.partials = int(found.group(1))
    if not draft.partials:
        raise DomainError("Partial repetitions are at least one.")


def _phase(draft: Draft, found: "re.Match[str]", place: int) -> None:
    if draft.tempo is not None or draft.phases[place] is not None:
        raise DomainError("The tempo is said once.")
    draft.phases[place] = int(found.group(1))


def _loads(draft: Draft, found: "re.Match[str]") -> None:
    draft.loads = read_loads(found.group(1), draft.unit)
    for load in draft.loads:
        if isinstance(load, Load):
            check_load(load)


def _tempo(draft: Draft, found: "re.Match[str]") -> None:
    if any(phase is not None for phase in draft.phases):
        raise DomainError("The tempo is said once.")
    written = next(text for text in found.groups() if text).lower()
    phases = [p.strip() for p in written.split("-")] if "-" in written else list(written)
    if any("x" in p and p != "x" for p in phases):
        raise DomainError("A tempo phase must be seconds or X.")
    draft.tempo = Tempo(*(None if p == "x" else int(p) for p in phases))


def _rest(draft: Draft, found: "re.Match[str]") -> None:
    draft.rest = patterns.seconds_of(*found.groups()[:4])
    check_rest(draft.rest)
    draft.activity = tidy(found.group(5) or "")
    if len(draft.activity) > MAX_ACTIVITY:
        raise DomainError(f"What is done in the rest has at most {MAX_ACTIVITY} characters.")


def _rest_last(draft: Draft, found: "re.Match[str]") -> None:
    draft.rest = patterns.seconds_of(*found.groups())
    check_rest(draft.rest)


def _rest_range(draft: Draft, found: "re.Match[str]") -> None:
    low_min, low_s, low, high_min, high_s, high, unit, words = found.groups()
    draft.rest = patterns.seconds_of(high_min, high_s, high, unit)
    draft.rest_from = patterns.seconds_of(low_min, low_s, low, unit)
    check_rest(draft.rest)
    draft.activity = tidy(words or "")
    if not draft.rest_from < draft.rest:
        raise DomainError("A range of rests climbs, for example rest 30-60 s.")


def _leave(draft: Draft, found: "re.Match[str]") -> None:
    draft.reserve = 0 if found.group(2) else int(found.group(1) or found.group(3))
    check_reserve(draft.reserve)


def _rpe(draft: Draft, found: "re.Match[str]") -> None:
    draft.rpe = Decimal(found.group(1).replace(",", ".")).normalize()
    if not 1 <= draft.rpe <= 10 or draft.rpe * 2 % 1:  # noqa: PLR2004 - the scale's own ends
        raise DomainError(f"RPE must be 1 to 10, in halves, not {draft.rpe:f}.")


def _cuffs(draft: Draft, _: "re.Match[str]") -> None:
    draft.cuffs = True


def _ramp(draft: Draft, _: "re.Match[str]") -> None:
    draft.ramp = True


def _other(draft: Draft, found: "re.Match[str]") -> None:
    if len(draft.others) >= MAX_ALTERNATIVES:
        raise DomainError(f"At most {MAX_ALTERNATIVES} other loads.")
    load = read_loads(found.group(1), draft.unit)[0]
    if isinstance(load, Together):
        load = load.weight
    if not isinstance(load, Load | BodyweightLoad | Coded):
        raise DomainError("Another load is a weight, body weight or a band, for example or bw x 12.")
    if isinstance(load, Load):
        check_load(load)
    draft.others += (OtherKit(load, read_target(found.group(2).strip())),)


def _last_most(draft: Draft, found: "re.Match[str]") -> None:
    draft.scheme = LastMost(int(found.group(1)) if found.group(1) else None)


def _drops(draft: Draft, found: "re.Match[str]") -> None:
    loads = read_loads(found.group(1), draft.unit)
    weights = tuple(load for load in loads if isinstance(load, Load))
    if len(weights) != len(loads):
        raise DomainError("A drop goes to a weight, for example drop to 15/10 kg.")
    draft.scheme = Drops(weights)


def _back_off(draft: Draft, found: "re.Match[str]") -> None:
    sets, low, high, minus, number, unit = found.groups()
    target = Reps(int(low), int(high or low))
    if minus or unit == "%":
        cut = Decimal(number.replace(",", "."))
        if not minus or unit != "%" or cut % 1:
            raise DomainError("Write how much lighter in whole per cent, for example at -15 %.")
        draft.scheme = BackOff(int(sets), target, Cut(int(cut)))
    else:
        draft.scheme = BackOff(int(sets), target, weight_of(number, unit, draft.unit))


def _pause(draft: Draft, found: "re.Match[str]") -> None:
    if not draft.parts:
        raise DomainError("A pause needs a set in parts, for example 4 x 2+2+2.")
    draft.scheme = Cluster(draft.parts, patterns.seconds_of(*found.groups()))


def _every(draft: Draft, found: "re.Match[str]") -> None:
    draft.scheme = EveryStart(patterns.seconds_of(*found.groups()))


def _in_time(draft: Draft, found: "re.Match[str]") -> None:
    if not draft.most_rounds and draft.targets and isinstance(draft.targets[0], Distance):
        draft.within = patterns.seconds_of(*found.groups())
        return
    if not draft.most_rounds:
        raise DomainError("A time for most rounds needs 'most x', for example most x 5, in 12:00.")
    draft.scheme = Density(patterns.seconds_of(*found.groups()))


def _checkpoints(draft: Draft, found: "re.Match[str]") -> None:
    marks = re.findall(r"\d+", found.group(1))
    draft.scheme = Checkpoints(tuple(int(mark) for mark in marks))


CLAUSES: tuple[Clause, ...] = (
    Clause("each", "'each side'", patterns.EACH, _each, "each side", "each side"),
    Clause("side", "which side leads", patterns.SIDE, _side, "left first", "left first"),
    Clause("span", "how far a repetition goes", patterns.SPAN, _span),
    Clause("timed", "what the time is for", patterns.TIMED_AS, _timed_as, "hold", "hold"),
    Clause("partials", "the partial repetitions", patterns.PARTIALS, _partials),
    Clause("tempo", "a tempo", patterns.TEMPO, _tempo, "tempo", "tempo 3-1-X-0"),
    *(
        Clause(f"phase {place}", "a phase of the tempo", pattern, partial(_phase, place=place))
        for place, pattern in enumerate(patterns.PHASES)
    ),
    Clause("rest", "a rest", patterns.REST_RANGE, _rest_range),
    Clause("rest", "a rest", patterns.REST, _rest, "rest", "rest 2:00"),
    Clause("rest", "a rest", patterns.REST_LAST, _rest_last),
    Clause("effort", "'leave'", patterns.LEAVE, _leave, "leave", "leave 2"),
    Clause("effort", "'rpe'", patterns.RPE, _rpe, "rpe", "rpe 8"),
    Clause("ramp", "'ramp-up'", patterns.RAMP, _ramp, "ramp-up", "ramp-up"),
    Clause("cuffs", "restricted blood flow", patterns.CUFFS, _cuffs, "cuffs", "cuffs"),
    Clause("other", "another load", patterns.OTHER, _other, repeats=True),
    Clause("scheme", "a last set of max", patterns.LAST_MOST, _last_most, "last set max", "last set max"),
    Clause("scheme", "a drop", patterns.DROPS, _drops, "drop to", "drop to 15/10 kg"),
    Clause("scheme", "backing off", patterns.BACK_OFF, _back_off, "back off", "back off 3 x 8 at -15 %"),
    Clause("scheme", "a pause", patterns.PAUSE, _pause, "pause", "pause 20 s"),
    Clause("scheme", "'every'", patterns.EVERY, _every, "every", "every 60 s"),
    Clause("scheme", "a time for most rounds", patterns.IN_TIME, _in_time),
    Clause("scheme", "checkpoints", patterns.CHECKPOINTS, _checkpoints, "checkpoints", "checkpoints 50/60 s"),
    Clause("load", "a load", patterns.LOADS, _loads, "bw", "bw"),
)
"""Every clause, in the order they are tried; a load comes last because a bare number is one."""
