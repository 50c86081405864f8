"""The steps of one set, scheme by scheme."""

from collections.abc import Iterator, Sequence
from dataclasses import replace

from upright_anvil.core.body.joints import Side
from upright_anvil.core.clock.calls import rest_calls, spaced, work_calls
from upright_anvil.core.clock.model import Call, ClockStep, Sound, StepKind
from upright_anvil.core.constants import CHANGE_SIDES_SECONDS
from upright_anvil.core.phrases import ENGLISH, Phrases
from upright_anvil.core.prescription.schemes import Checkpoints, Cluster, Density
from upright_anvil.core.prescription.targets import Seconds, spoken
from upright_anvil.core.session.order import RunLine, Turn
from upright_anvil.core.session.sides import sides_of


def set_steps(member: RunLine, turn: Turn, label: str, phrases: Phrases = ENGLISH) -> tuple[ClockStep, ...]:
    """Answer the steps of a set: most rounds in a time, parts of a cluster, each side, or one.

    ``label`` says which set or round it is. House rule.
    """
    match member.prescription.scheme:
        case Density() as scheme:
            return (_rounds(member, turn, scheme.seconds, phrases),)
        case Cluster() as scheme:
            return tuple(_parts(member, turn, scheme, label, phrases))
        case _:
            return tuple(_sides(member, turn, label, phrases))


def round_steps(members: Sequence[RunLine], seconds: int, phrases: Phrases = ENGLISH) -> tuple[ClockStep, ...]:
    """Answer the one step of most rounds in a time: the stations of a round, counted with a tap each. House rule."""
    said = ", ".join(f"{m.exercise.name} {_asked(m, 0, phrases)}" for m in members)
    minute = (Call(60, phrases.say("One minute left"), Sound.MARK, from_end=True),) if seconds > 120 else ()  # noqa: PLR2004 - two minutes
    calls = spaced(
        (*work_calls(seconds, phrases.say("{{what}}. As many rounds as fit. Go", what=said), phrases=phrases), *minute),
        seconds,
    )
    step = ClockStep(
        StepKind.ROUNDS, seconds, phrases.say("Most rounds"), phrases.say("{{what}}; as many rounds as fit", what=said),
        members[0].line, 1, calls=calls, stations=tuple(m.line for m in members),
    )  # fmt: skip
    return (step,)


def minute_steps(
    member: RunLine, turn: Turn, slot: int, label: str, phrases: Phrases = ENGLISH, *, last: bool
) -> tuple[ClockStep, ...]:
    """Answer the steps of a set that owns its time, ``slot`` seconds from start to start. House rule.

    Timed work stops by itself and rests what is left; counted work rests in its own time. The last one ends with its
    work. Marks are inside the time.
    """
    asked = member.prescription
    target = asked.plans[turn.number - 1].target
    if isinstance(target, Seconds):
        steps = list(_sides(member, turn, label, phrases))
        steps[0] = replace(steps[0], opens=True)
        left = slot - sum(step.seconds or 0 for step in steps)
        if not last and left > 0:
            steps.append(
                ClockStep(
                    StepKind.REST, left, phrases.say("Rest"),
                    phrases.say("Next start after {{name}}", name=member.exercise.name), turn.line, turn.number,
                    turn.round, calls=rest_calls(left, phrases.say("Rest"), phrases), fills=slot,
                )
            )  # fmt: skip
        return tuple(steps)
    said = _asked(member, turn.number - 1, phrases)
    seconds = max(1, turn.work) if last else max(slot, turn.work)
    opening = phrases.say("{{name}}, {{what}}. Go", name=member.exercise.name, what=said)
    sides = sides_of(asked, turn.number)
    change: tuple[Call, ...] = ()
    if len(sides) > 1:
        what = f"{spoken(target, phrases)}, {phrases.say(sides[0])}"
        opening = phrases.say("{{name}}, {{what}}. Go", name=member.exercise.name, what=what)
        at = max(1, (turn.work - CHANGE_SIDES_SECONDS) // 2)
        change = (Call(at, f"{phrases.say('Change sides')}. {phrases.say(sides[1])}", Sound.MARK),)
    calls = spaced((*work_calls(seconds, opening, phrases=phrases), *change), seconds)
    detail = f"{label}, {said}" + ("" if last else f", {phrases.say('then rest')}")
    return (
        ClockStep(
            StepKind.WORK, seconds, member.exercise.name, detail, turn.line, turn.number, turn.round, closes=True,
            calls=calls, opens=True,
        ),
    )  # fmt: skip


def _asked(member: RunLine, set_index: int, phrases: Phrases) -> str:
    """What a set asks for, both sides included."""
    said = spoken(member.prescription.plans[set_index].target, phrases)
    return phrases.say("{{what}} each side", what=said) if member.prescription.each_side else said


def _rounds(member: RunLine, turn: Turn, seconds: int, phrases: Phrases) -> ClockStep:
    target = spoken(member.prescription.plans[0].target, phrases)
    minute = (Call(60, phrases.say("One minute left"), Sound.MARK, from_end=True),) if seconds > 120 else ()  # noqa: PLR2004 - two minutes
    opening = phrases.say("{{name}}, {{what}} a round. Go", name=member.exercise.name, what=target)
    calls = spaced((*work_calls(seconds, opening, phrases=phrases), *minute), seconds)
    detail = phrases.say("{{what}} a round, as many rounds as fit", what=target)
    return ClockStep(
        StepKind.ROUNDS,
        seconds,
        member.exercise.name,
        detail,
        turn.line,
        turn.number,
        turn.round,
        calls=calls,
        stations=(turn.line,),
    )


def _parts(member: RunLine, turn: Turn, scheme: Cluster, label: str, phrases: Phrases) -> Iterator[ClockStep]:
    for number, reps in enumerate(scheme.parts, start=1):
        last = number == len(scheme.parts)
        part = {"part": number, "parts": len(scheme.parts), "reps": reps}
        detail = f"{label}, {phrases.say('part {{part}} of {{parts}}: {{reps}} reps', **part)}"
        calls = (Call(0, phrases.say("{{count}} reps", count=reps), Sound.GO),)
        yield ClockStep(
            StepKind.WORK, None, member.exercise.name, detail, turn.line, turn.number, turn.round, closes=last,
            calls=calls,
        )  # fmt: skip
        if not last:
            yield ClockStep(
                StepKind.PAUSE, scheme.pause, phrases.say("Pause"),
                phrases.say("Then {{count}} reps", count=scheme.parts[number]), turn.line, turn.number,
                turn.round, calls=rest_calls(scheme.pause, phrases.say("Pause"), phrases),
            )  # fmt: skip


def _sides(member: RunLine, turn: Turn, label: str, phrases: Phrases) -> Iterator[ClockStep]:
    asked = member.prescription
    target = asked.plans[turn.number - 1].target
    sides = sides_of(asked, turn.number)
    seconds = target.seconds if isinstance(target, Seconds) else None
    if not sides:
        yield _work(member, turn, seconds, f"{label}, {spoken(target, phrases)}", phrases, closes=True)
        return
    for number, side in enumerate(sides, start=1):
        detail = f"{label}, {phrases.say(side)}, {spoken(target, phrases)}"
        yield _work(member, turn, seconds, detail, phrases, closes=number == len(sides), side=side)
        if number < len(sides):
            yield ClockStep(
                StepKind.CHANGE, CHANGE_SIDES_SECONDS, phrases.say("Change sides"),
                phrases.say("Then {{what}}", what=phrases.say(sides[number])), turn.line, turn.number, turn.round,
                side=sides[number], calls=rest_calls(CHANGE_SIDES_SECONDS, phrases.say("Change sides"), phrases),
            )  # fmt: skip


def _work(
    member: RunLine,
    turn: Turn,
    seconds: int | None,
    detail: str,
    phrases: Phrases,
    *,
    closes: bool,
    side: Side | None = None,
) -> ClockStep:
    scheme = member.prescription.scheme
    marks: tuple[int, ...] = ()
    name = f"{member.exercise.name}{f', {phrases.say(side)}' if side else ''}"
    opening = phrases.say("{{name}}. Go", name=name)
    if seconds is not None and isinstance(scheme, Checkpoints):
        marks = (seconds, *scheme.seconds)
        seconds = marks[-1]
    calls = (Call(0, opening, Sound.GO),) if seconds is None else work_calls(seconds, opening, marks, phrases)
    return ClockStep(
        StepKind.WORK, seconds, member.exercise.name, detail, turn.line, turn.number, turn.round, side, closes, marks,
        calls,
    )  # fmt: skip
