"""The timeline of a group: what is worked, rested and called, step by step, from its prescriptions.

Timed work runs by itself; counted work lasts until a tap. Each scheme makes its own steps of a set: `set_steps`. Order,
work and rests are those of the plan (`timing.groups`).
"""

from collections.abc import Iterator, Mapping, Sequence

from upright_anvil.core.clock.calls import rest_calls
from upright_anvil.core.clock.model import Clock, ClockStep, StepKind
from upright_anvil.core.clock.set_steps import minute_steps, round_steps, set_steps
from upright_anvil.core.phrases import ENGLISH, Phrases
from upright_anvil.core.plan.document import Group
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.prescription.schemes import Cluster, Density, EveryStart
from upright_anvil.core.prescription.targets import Seconds
from upright_anvil.core.session.order import RunLine, Turn, group_order
from upright_anvil.core.timing.groups import every, time_cap

READY_SECONDS = 10
"""Seconds to get into position before a clock begins. House rule."""

_BY_THE_CLOCK = (EveryStart, Density, Cluster)


def is_timed(group: Group, lines: Mapping[str, RunLine]) -> bool:
    """Answer whether a group is run by a clock: circuits, timed work, and schemes with times of their own."""
    members = [lines[line.id] for line in group.lines if line.id in lines]
    if len(members) > 1 and group.kind.by_rounds:
        return True
    return any(
        isinstance(plan.target, Seconds) or isinstance(m.prescription.scheme, _BY_THE_CLOCK)
        for m in members
        for plan in m.prescription.plans
    )


def timeline(group: Group, lines: Mapping[str, RunLine], phrases: Phrases = ENGLISH) -> Clock | None:
    """Answer the timeline of a group; None where it is not run by a clock. House rule.

    Titles and calls are in the language of ``phrases``. Ramp-up sets are not part of it. The rest after the last set is
    none.
    """
    if not is_timed(group, lines):
        return None
    turns = [turn for turn in group_order(group, lines) if not turn.ramp]
    together = len({turn.line for turn in turns}) > 1
    if together and group.kind is GroupKind.MOST_ROUNDS:
        steps = round_steps([lines[turn.line] for turn in turns if turn.round == 1], time_cap(group), phrases)
        seconds = time_cap(group)
    else:
        on_the_minute = together and group.kind is GroupKind.ON_THE_MINUTE
        steps = tuple(_steps(group, turns, lines, phrases, on_the_minute=on_the_minute))
        seconds = sum(turn.work + turn.rest for turn in turns)
    first = lines[turns[0].line]
    ready = ClockStep(
        StepKind.READY,
        READY_SECONDS,
        phrases.say("Get ready"),
        first.exercise.name,
        turns[0].line,
        turns[0].number,
        calls=rest_calls(READY_SECONDS, phrases.say("{{name}}. Get ready", name=first.exercise.name), phrases),
    )
    everything = (ready, *steps)
    return Clock(
        group=group.id,
        title=_title(group, turns, lines, phrases),
        lines=tuple(dict.fromkeys(turn.line for turn in turns)),
        steps=everything,
        seconds=seconds,
        hands_free=all(step.seconds is not None for step in everything),
    )


def _steps(
    group: Group, turns: Sequence[Turn], lines: Mapping[str, RunLine], phrases: Phrases, *, on_the_minute: bool
) -> Iterator[ClockStep]:
    rounds = max((turn.round for turn in turns), default=1)
    for at, turn in enumerate(turns):
        member = lines[turn.line]
        label = _label(group, member, turn, rounds, phrases)
        following = turns[at + 1] if at + 1 < len(turns) else None
        rest = turn.rest
        if on_the_minute:
            yield from minute_steps(member, turn, every(group), label, phrases, last=following is None)
            rest -= 0 if following is None else max(0, every(group) - turn.work)
        elif isinstance(member.prescription.scheme, EveryStart):
            scheme = member.prescription.scheme
            same = following is not None and following.line == member.line
            yield from minute_steps(member, turn, scheme.seconds, label, phrases, last=not same)
            rest = 0 if same else turn.rest
        else:
            yield from set_steps(member, turn, label, phrases)
        if following is not None and rest > 0:
            yield _rest(turn, following, lines[following.line], rounds, rest, phrases)


def _rest(turn: Turn, following: Turn, member: RunLine, rounds: int, rest: int, phrases: Phrases) -> ClockStep:
    name = member.exercise.name
    new_round = following.round > turn.round and rounds > 1
    detail = phrases.say("Next: {{name}}", name=name)
    if new_round:
        said = {"name": name, "round": following.round, "rounds": rounds}
        detail = phrases.say("Next: {{name}}, round {{round}} of {{rounds}}", **said)
    title = phrases.say("Round rest" if new_round else "Rest")
    calls = rest_calls(rest, f"{title}. {detail}", phrases)
    return ClockStep(StepKind.REST, rest, title, detail, following.line, following.number, following.round, calls=calls)


def _label(group: Group, member: RunLine, turn: Turn, rounds: int, phrases: Phrases) -> str:
    """Which set or round it is, the word for the round, and whether it is done only if there is time."""
    if len(group.lines) == 1 or rounds == 1:
        return phrases.say("Set {{number}} of {{sets}}", number=turn.number, sets=len(member.prescription.plans))
    said = [phrases.say("Round {{round}} of {{rounds}}", round=turn.round, rounds=rounds)]
    if turn.round <= len(group.words) and group.words[turn.round - 1]:
        said.append(group.words[turn.round - 1])
    if turn.round > rounds - group.optional_rounds:
        said.append(phrases.say("if there is time"))
    return ", ".join(said)


def _title(group: Group, turns: Sequence[Turn], lines: Mapping[str, RunLine], phrases: Phrases) -> str:
    names = dict.fromkeys(lines[turn.line].exercise.name for turn in turns)
    return next(iter(names)) if len(names) == 1 else f"{phrases.say(group.kind.capitalize())}: {', '.join(names)}"
