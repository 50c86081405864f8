"""What a course comes to: where the kit runs out, where the next load is too big a jump, what a bad patch costs."""

from collections.abc import Sequence
from dataclasses import dataclass

from upright_anvil.core.loads.load import per_cent
from upright_anvil.core.prescription.load_targets import LoadTarget
from upright_anvil.core.progression.judgements import missed_days
from upright_anvil.core.progression.model import Lever, ProgressionContext
from upright_anvil.core.progression.moves.steps import Lifting, moved, step_up
from upright_anvil.core.projection.projection import CourseWeek

MORE_THAN_LOAD = {
    Lever.REPS: "more reps",
    Lever.TEMPO: "slower lowering",
    Lever.PAUSE: "a pause",
    Lever.SETS: "one more set",
    Lever.DENSITY: "less rest",
}


@dataclass(frozen=True, slots=True)
class Event:
    """Something to know of a week to come (from 0), in one sentence."""

    week: int
    text: str


def events(weeks: Sequence[CourseWeek], kit: ProgressionContext, names: Sequence[str]) -> tuple[Event, ...]:
    """Answer what is to know of a course, in the order of its weeks; ``names`` says what each week is called."""
    found = [
        *_heaviest(weeks, kit, names),
        *_jumps(weeks, kit, names),
        *_rungs(weeks, kit, names),
        *_back(weeks, names),
    ]
    return tuple(sorted(found, key=lambda event: event.week))


def _heaviest(weeks: Sequence[CourseWeek], kit: ProgressionContext, names: Sequence[str]) -> list[Event]:
    for n, week in enumerate(weeks):
        load = week.asked.load if week.asked else None
        if load is None or not moved(kit, load) or step_up(kit, load) is not None or not _loaded(kit, load):
            continue
        after = [p for w in weeks[n:] if (p := w.proposal)]
        ways = dict.fromkeys(MORE_THAN_LOAD[p.lever] for p in after if p.lever in MORE_THAN_LOAD)
        then = list(ways) or ["more reps", "slower lowering"]
        last = f"a harder variant, {kit.harder.name}" if kit.harder else "one side at a time"
        return [Event(n, f"Heaviest here ({load}) in {names[n]}: then {', then '.join([*then, last])}.")]
    return []


def _loaded(kit: Lifting, load: LoadTarget) -> bool:
    """Whether the place has loads for this at all: body weight alone with nothing to add runs out of nothing."""
    return str(load) != "bw"


def _jumps(weeks: Sequence[CourseWeek], kit: ProgressionContext, names: Sequence[str]) -> list[Event]:
    """The first load that is too big a jump, and how it is bridged."""
    for n, week in enumerate(weeks):
        here = week.asked.load if week.asked else None
        step = step_up(kit, here) if here is not None else None
        after = week.proposal
        if step is None or after is None or not after.bridging or after.prescription.load != here:
            continue
        ways = [
            f"{MORE_THAN_LOAD[p.lever]} after {names[m]}"
            for m, w in enumerate(weeks[n:], n)
            if (p := w.proposal) and p.lever in (Lever.REPS, Lever.TEMPO) and p.prescription.load == here
        ]
        first: dict[str, str] = {}
        for way in ways:
            first.setdefault(way.split(" after ")[0], way)
        jumped = next((m for m, w in enumerate(weeks) if m > n and w.asked and w.asked.load == step.to), None)
        reached = f", {step.to} in {names[jumped]}" if jumped is not None else f", {step.to} not in these weeks"
        said = f"The step to {step.to} is +{per_cent(step.share)}: "
        return [Event(n, said + ", ".join(first.values() or ["more reps first"]) + reached + ".")]
    return []


def _rungs(weeks: Sequence[CourseWeek], kit: ProgressionContext, names: Sequence[str]) -> list[Event]:
    for n, week in enumerate(weeks):
        if week.proposal and week.proposal.exercise and kit.harder:
            return [Event(n, f"After {names[n]} the next rung: {kit.harder.name}.")]
    return []


def _back(weeks: Sequence[CourseWeek], names: Sequence[str]) -> list[Event]:
    for n, week in enumerate(weeks):
        if week.proposal and week.proposal.policy == missed_days.ID:
            back = next((m for m in range(n + 1, len(weeks)) if weeks[m].trained), None)
            if back is not None:
                asked = week.proposal.prescription.load
                to = f" at {asked}" if asked is not None else ", easy,"
                return [Event(back, f"Back in {names[back]}{to} after the weeks without.")]
    return []
