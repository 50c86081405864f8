"""The timeline of a group: what is worked, rested and called, step by step, from its prescriptions.

Timed work runs by itself; counted work lasts until a tap. Each scheme makes its own steps of a set: `set_steps`.
"""

from collections.abc import Mapping, Sequence

from upright_anvil.core.clock.calls import rest_calls
from upright_anvil.core.clock.model import Clock, ClockStep, StepKind
from upright_anvil.core.clock.set_steps import set_steps
from upright_anvil.core.plan.document import Group
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.prescription.schemes import Cluster, Density, EveryStart
from upright_anvil.core.prescription.targets import Seconds
from upright_anvil.core.session.order import RunLine, Turn, group_order
from upright_anvil.core.timing.estimate import one_set

READY_SECONDS = 10
"""Seconds to get into position before a clock begins. House rule."""

_BY_THE_CLOCK = (EveryStart, Density, Cluster)


def is_timed(group: Group, lines: Mapping[str, RunLine]) -> bool:
    """Answer whether a group is run by a clock: circuits, timed work, and schemes with times of their own."""
    members = [lines[line.id] for line in group.lines if line.id in lines]
    if len(members) > 1 and group.kind in (GroupKind.CIRCUIT, GroupKind.INTERVALS):
        return True
    return any(
        isinstance(plan.target, Seconds) or isinstance(m.prescription.scheme, _BY_THE_CLOCK)
        for m in members
        for plan in m.prescription.plans
    )


def timeline(group: Group, lines: Mapping[str, RunLine]) -> Clock | None:
    """Answer the timeline of a group; None where it is not run by a clock. House rule.

    Ramp-up sets are not part of it. The rest after the last set is none.
    """
    if not is_timed(group, lines):
        return None
    turns = [turn for turn in group_order(group, lines) if not turn.ramp]
    rounds = max((turn.round for turn in turns), default=1)
    steps: list[ClockStep] = []
    for at, turn in enumerate(turns):
        member = lines[turn.line]
        steps += set_steps(member, turn, _label(member, turn, rounds))
        following = turns[at + 1] if at + 1 < len(turns) else None
        if following is not None and turn.rest and not _rests_itself(member, following):
            steps.append(_rest(turn, following, lines[following.line], rounds))
    first = lines[turns[0].line]
    opening = f"{first.exercise.name}. Get ready"
    ready = ClockStep(
        StepKind.READY,
        READY_SECONDS,
        "Get ready",
        first.exercise.name,
        turns[0].line,
        turns[0].number,
        calls=rest_calls(READY_SECONDS, opening),
    )
    everything = (ready, *steps)
    return Clock(
        group=group.id,
        title=_title(group, turns, lines),
        lines=tuple(dict.fromkeys(turn.line for turn in turns)),
        steps=everything,
        seconds=sum(_reckoned(step, lines) for step in everything),
        hands_free=all(step.seconds is not None for step in everything),
    )


def _rests_itself(member: RunLine, following: Turn) -> bool:
    """A start every minute has its rest in its own time."""
    return isinstance(member.prescription.scheme, EveryStart) and following.line == member.line


def _rest(turn: Turn, following: Turn, member: RunLine, rounds: int) -> ClockStep:
    name = member.exercise.name
    new_round = following.round > turn.round and rounds > 1
    detail = f"Next: {name}" + (f", round {following.round} of {rounds}" if new_round else "")
    title = "Round rest" if new_round else "Rest"
    calls = rest_calls(turn.rest, f"{title}. {detail}")
    return ClockStep(
        StepKind.REST, turn.rest, title, detail, following.line, following.number, following.round, calls=calls
    )


def _label(member: RunLine, turn: Turn, rounds: int) -> str:
    if rounds > 1:
        return f"Round {turn.round} of {rounds}"
    return f"Set {turn.number} of {len(member.prescription.plans)}"


def _title(group: Group, turns: Sequence[Turn], lines: Mapping[str, RunLine]) -> str:
    names = dict.fromkeys(lines[turn.line].exercise.name for turn in turns)
    return next(iter(names)) if len(names) == 1 else f"{group.kind.capitalize()}: {', '.join(names)}"


def _reckoned(step: ClockStep, lines: Mapping[str, RunLine]) -> int:
    if step.seconds is not None:
        return step.seconds
    member = lines[step.line]
    plans = member.prescription.plans
    whole = one_set(plans[min(step.number, len(plans)) - 1], member.prescription, member.exercise)
    scheme = member.prescription.scheme
    if isinstance(scheme, Cluster):
        return max(1, (whole - scheme.pause * (len(scheme.parts) - 1)) // len(scheme.parts))
    return whole // (2 if member.prescription.each_side else 1)
