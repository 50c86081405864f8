"""A circuit or block of intervals is judged as one: one proposal, so that its stations never drift apart.

Marks that every round of a station passed decide first, in every school. Else, once all rounds were done in full: one
round more, then a shorter rest after the round, then a rung for one station; work by the clock keeps its seconds. What
stands against one station stands against the whole. House rule, rules of progression.
"""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from typing import Final

from upright_anvil.core.constants import CIRCUIT_REST_AFTER
from upright_anvil.core.ids import LineId
from upright_anvil.core.ledger.how import SetEnd
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.prescription.bounds import MAX_SETS
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes import Checkpoints
from upright_anvil.core.prescription.targets import Seconds
from upright_anvil.core.prescription.text.shorthand import write_time
from upright_anvil.core.progression.answering import answer
from upright_anvil.core.progression.evidence import at_home, lesser_of, sentences, showing, within_reserve
from upright_anvil.core.progression.kinds import WorkKind
from upright_anvil.core.progression.limits import never_up
from upright_anvil.core.progression.limits.bounds import same_again
from upright_anvil.core.progression.model import Confidence, Lever, ProgressionContext, Proposal, StationChange
from upright_anvil.core.progression.policies.density import mark_passed, next_mark
from upright_anvil.core.progression.policies.rounds import rounds_done, rounds_words
from upright_anvil.core.strength.layoff import SHORT_GAP_DAYS

ID: Final = "circuit"
MOST_ROUNDS: Final = 5
"""Rounds up to which one more is proposed. House rule."""

REST_STEP, LEAST_REST = 15, 30
"""Seconds by which the rest after a round gets shorter, and down to which. House rule."""


@dataclass(frozen=True, slots=True)
class Station:
    """A line of a circuit with all that a judgement looks at; what was done of it may be nothing."""

    line: LineId
    context: ProgressionContext

    @property
    def asked(self) -> Prescription:
        """What was asked of it today."""
        return self.context.today.prescription

    @property
    def name(self) -> str:
        """The exercise."""
        return self.context.exercise.name


def circuit_proposal(
    stations: Sequence[Station], rest_after: int | None, *, round_fits: bool = True, in_time: int | None = None
) -> Proposal:
    """Answer the one proposal of a circuit, told on its first station.

    ``rest_after`` is the rest after a round, seconds (None: the house figure); ``round_fits`` whether the day has the
    minutes for a round more, ``in_time`` the seconds there are for most rounds. Stations that get ready or wind down
    stay as they are; one at the least does not. House rule.
    """
    working = [s for s in stations if s.context.kind is not WorkKind.PREPARATION]
    stopped = _stopped(working) or _gap(working)
    if stopped is not None:
        return stopped
    if in_time is not None:
        return _most_rounds(working, in_time)
    marks = _marks(working)
    if marks is not None:
        return marks
    short = [s.name for s in working if not _done(s.context)]
    if short:
        return _told(
            working, Lever.HOLD, f"Not every round was done in full ({', '.join(short)}): the same circuit again."
        )
    rounds = max(len(s.asked.plans) for s in working)
    alike = all(s.asked.scheme is None for s in working)
    rest = CIRCUIT_REST_AFTER if rest_after is None else rest_after
    more = _round_more(working) if alike and rounds < MOST_ROUNDS else None
    if more is not None and round_fits:
        beyond = min(len(s.context.today.sets) for s in working) - rounds
        done = f"All {rounds} rounds and {beyond} more were done" if beyond > 0 else f"All {rounds} rounds were done"
        said = f"{done} in full: one round more, {rounds + 1}."
        return _told(working, Lever.ROUNDS, said, more)
    if rest - REST_STEP >= LEAST_REST and rounds > 1:
        said = f"All {rounds} rounds were done in full: {rest - REST_STEP} s after a round instead of {rest} s."
        return replace(_told(working, Lever.DENSITY, said), rest_after=rest - REST_STEP)
    said = "All of it was done in full: a rung harder at one station, or a heavier load, is yours to choose."
    return _told(working, Lever.HOLD, said)


def _stopped(stations: Sequence[Station]) -> Proposal | None:
    """The same circuit again where a reason stands against any station, at the lesser of planned and done."""
    for station in stations:
        held = [r for r in never_up.reasons(station.context) if r[0] not in ("below the range", "incomplete")]
        if station.context.today.sets and held:
            name, said = held[0]
            told = same_again(station.context, ((name, said),)).rule
            return _told(stations, Lever.HOLD, f"{station.name}: {told[0].lower()}{told[1:]}")
        if not station.context.today.sets and (station.context.health or station.context.poor_day):
            why = station.context.health or "the client came with little that day"
            said = f"{station.name}: {why[0].lower()}{why[1:].rstrip('.')}. The same circuit again."
            return _told(stations, Lever.HOLD, said)
    return None


def _gap(stations: Sequence[Station]) -> Proposal | None:
    """The same circuit at the most where the client will have been away: the floor steps back when it opens."""
    first = stations[0].context
    days = (first.next_on - first.today.on).days if first.next_on is not None else 0
    if days <= SHORT_GAP_DAYS:
        return None
    return _told(
        stations, Lever.HOLD, f"{days} days without it: the same circuit at the most, easy, to find the way back."
    )


def _most_rounds(stations: Sequence[Station], seconds: int) -> Proposal:
    """The whole rounds that every station finished, and one more to aim for in the same time."""
    each = [rounds_done(s.context.today.sets) for s in stations]
    whole, begun = min(rounds for rounds, _ in each), sum(reps for _, reps in each)
    # Stations that had one round more when the time was over count with all their repetitions.
    begun += sum(_reps_beyond(s.context.today.sets, whole) for s in stations)
    done = f"{rounds_words(whole, begun)} in {write_time(seconds)}"
    aimed = max(len(s.asked.plans) for s in stations)
    if whole < aimed or whole + 1 > MAX_SETS:
        return _told(stations, Lever.HOLD, f"{done}, {aimed} were the aim: the same again.")
    more = {s.line: replace(lesser_of(s.context), sets=whole + 1) for s in stations if s.asked.scheme is None}
    said = f"{done}: aim for {whole + 1} in the same time, or take a heavier load at one station."
    return _told(stations, Lever.ROUNDS, said, more)


def _reps_beyond(rows: Sequence[PerformedSet], rounds: int) -> int:
    whole = [row for row in rows if row.how.ended is not SetEnd.TIME]
    return sum(row.reps or 0 for row in whole[rounds:])


def _marks(stations: Sequence[Station]) -> Proposal | None:
    """Each station's next mark, where it has marks and every round passed one."""
    changes, passed = {}, {}
    marked = [s for s in stations if isinstance(s.asked.scheme, Checkpoints) and isinstance(s.asked.target, Seconds)]
    if not marked:
        return None
    for station in marked:
        scheme = station.asked.scheme
        assert isinstance(scheme, Checkpoints)  # noqa: S101 - chosen above
        shown = showing(station.context.today)
        best = mark_passed(station.context.today.sets, scheme) if shown.complete else None
        if best is not None:
            changes[station.line] = next_mark(lesser_of(station.context), scheme, best)
            passed[station.name] = best
    unfinished = [s.name for s in stations if not showing(s.context.today).complete]
    if changes and unfinished:
        said = f"Not every round was done ({', '.join(unfinished)}): the same circuit again, marks included."
        return _told(stations, Lever.HOLD, said)
    if not changes:
        first = marked[0].asked.scheme
        assert isinstance(first, Checkpoints)  # noqa: S101 - chosen above
        said = f"The mark at {first.seconds[0]} s was not passed in every round of any station: the same again."
        return _told(stations, Lever.HOLD, said)
    which = ", ".join(f"{name} {mark} s" for name, mark in passed.items())
    same = set(passed.values())
    all_of_them = len(passed) == len(stations) and len(same) == 1
    said = (
        f"Every round of every station passed {same.pop()} s: it is the target of the whole circuit now."
        if all_of_them
        else f"Marks that every round passed are the targets now: {which}."
    )
    return _told(stations, Lever.CHECKPOINT, f"{said} The starts stay, so the rest gets shorter.", changes)


def _done(context: ProgressionContext) -> bool:
    shown = showing(context.today)
    return shown.complete and shown.in_range and within_reserve(context.today.prescription, shown.reserves)


def _round_more(stations: Sequence[Station]) -> dict[LineId, Prescription]:
    return {s.line: replace(lesser_of(s.context), sets=s.asked.sets + 1) for s in stations}


def _told(
    stations: Sequence[Station], lever: Lever, rule: str, changes: dict[LineId, Prescription] | None = None
) -> Proposal:
    """The proposal on the first station, with what changes at the others and the evidence of all.

    What does not change stands as asked, at the lesser of the planned and the used load.
    """
    found = {s.line: lesser_of(s.context) for s in stations} | (changes or {})
    first, *others = stations
    told = answer(ID, first.context, lever, found[first.line], rule)
    evidence = [
        f"{s.name}: {sentence[0].lower()}{sentence[1:]}"
        for s in stations
        for sentence in sentences(s.context.today, showing(s.context.today))[:1]
    ]
    seen = all(showing(s.context.today).complete and not at_home(s.context.today) for s in stations)
    return replace(
        told,
        evidence=tuple(evidence),
        confidence=Confidence.FAIR if seen else Confidence.THIN,
        stations=tuple(StationChange(s.line, found[s.line]) for s in others),
        alternatives=(),
    )
