"""The steps of one set, scheme by scheme."""

from collections.abc import Iterator, Sequence
from dataclasses import replace

from upright_anvil.core.body.joints import Side
from upright_anvil.core.clock.calls import rest_calls, spaced, work_calls
from upright_anvil.core.clock.model import Call, ClockStep, Sound, StepKind
from upright_anvil.core.constants import CHANGE_SIDES_SECONDS
from upright_anvil.core.prescription.schemes import Checkpoints, Cluster, Density
from upright_anvil.core.prescription.targets import Seconds, spoken
from upright_anvil.core.session.order import RunLine, Turn
from upright_anvil.core.session.sides import sides_of


def set_steps(member: RunLine, turn: Turn, label: str) -> tuple[ClockStep, ...]:
    """Answer the steps of a set: most rounds in a time, parts of a cluster, each side, or one.

    ``label`` says which set or round it is. House rule.
    """
    match member.prescription.scheme:
        case Density() as scheme:
            return (_rounds(member, turn, scheme.seconds),)
        case Cluster() as scheme:
            return tuple(_parts(member, turn, scheme, label))
        case _:
            return tuple(_sides(member, turn, label))


def round_steps(members: Sequence[RunLine], seconds: int) -> tuple[ClockStep, ...]:
    """Answer the one step of most rounds in a time: the stations of a round, counted with a tap each. House rule."""
    said = ", ".join(
        f"{m.exercise.name} {spoken(m.prescription.plans[0].target)}{' each side' if m.prescription.each_side else ''}"
        for m in members
    )
    minute = (Call(60, "One minute left", Sound.MARK, from_end=True),) if seconds > 120 else ()  # noqa: PLR2004 - two minutes
    calls = spaced((*work_calls(seconds, f"{said}. As many rounds as fit. Go"), *minute), seconds)
    step = ClockStep(
        StepKind.ROUNDS, seconds, "Most rounds", f"{said}; as many rounds as fit", members[0].line, 1, calls=calls,
        stations=tuple(m.line for m in members),
    )  # fmt: skip
    return (step,)


def minute_steps(member: RunLine, turn: Turn, slot: int, label: str, *, last: bool) -> tuple[ClockStep, ...]:
    """Answer the steps of a set that owns its time, ``slot`` seconds from start to start. House rule.

    Timed work stops by itself and rests what is left; counted work rests in its own time. The last one ends with its
    work. Marks are inside the time.
    """
    asked = member.prescription
    target = asked.plans[turn.number - 1].target
    if isinstance(target, Seconds):
        steps = list(_sides(member, turn, label))
        steps[0] = replace(steps[0], opens=True)
        left = slot - sum(step.seconds or 0 for step in steps)
        if not last and left > 0:
            steps.append(
                ClockStep(
                    StepKind.REST, left, "Rest", f"Next start after {member.exercise.name}", turn.line, turn.number,
                    turn.round, calls=rest_calls(left, "Rest"), fills=slot,
                )
            )  # fmt: skip
        return tuple(steps)
    said = f"{spoken(target)}{' each side' if asked.each_side else ''}"
    seconds = max(1, turn.work) if last else max(slot, turn.work)
    opening = f"{member.exercise.name}, {said}. Go"
    sides = sides_of(asked, turn.number)
    change: tuple[Call, ...] = ()
    if len(sides) > 1:
        opening = f"{member.exercise.name}, {spoken(target)}, {sides[0]}. Go"
        change = (Call(max(1, (turn.work - CHANGE_SIDES_SECONDS) // 2), f"Change sides. {sides[1]}", Sound.MARK),)
    calls = spaced((*work_calls(seconds, opening), *change), seconds)
    detail = f"{label}, {said}" + ("" if last else ", then rest")
    return (
        ClockStep(
            StepKind.WORK, seconds, member.exercise.name, detail, turn.line, turn.number, turn.round, closes=True,
            calls=calls, opens=True,
        ),
    )  # fmt: skip


def _rounds(member: RunLine, turn: Turn, seconds: int) -> ClockStep:
    target = spoken(member.prescription.plans[0].target)
    minute = (Call(60, "One minute left", Sound.MARK, from_end=True),) if seconds > 120 else ()  # noqa: PLR2004 - two minutes
    calls = spaced((*work_calls(seconds, f"{member.exercise.name}, {target} a round. Go"), *minute), seconds)
    detail = f"{target} a round, as many rounds as fit"
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


def _parts(member: RunLine, turn: Turn, scheme: Cluster, label: str) -> Iterator[ClockStep]:
    for number, reps in enumerate(scheme.parts, start=1):
        last = number == len(scheme.parts)
        detail = f"{label}, part {number} of {len(scheme.parts)}: {reps} reps"
        calls = (Call(0, f"{reps} reps", Sound.GO),)
        yield ClockStep(
            StepKind.WORK, None, member.exercise.name, detail, turn.line, turn.number, turn.round, closes=last,
            calls=calls,
        )  # fmt: skip
        if not last:
            yield ClockStep(
                StepKind.PAUSE, scheme.pause, "Pause", f"Then {scheme.parts[number]} reps", turn.line, turn.number,
                turn.round, calls=rest_calls(scheme.pause, "Pause"),
            )  # fmt: skip


def _sides(member: RunLine, turn: Turn, label: str) -> Iterator[ClockStep]:
    asked = member.prescription
    target = asked.plans[turn.number - 1].target
    sides = sides_of(asked, turn.number)
    seconds = target.seconds if isinstance(target, Seconds) else None
    if not sides:
        yield _work(member, turn, seconds, f"{label}, {spoken(target)}", closes=True)
        return
    for number, side in enumerate(sides, start=1):
        detail = f"{label}, {side}, {spoken(target)}"
        yield _work(member, turn, seconds, detail, closes=number == len(sides), side=side)
        if number < len(sides):
            yield ClockStep(
                StepKind.CHANGE, CHANGE_SIDES_SECONDS, "Change sides", f"Then {sides[number]}", turn.line, turn.number,
                turn.round, side=sides[number], calls=rest_calls(CHANGE_SIDES_SECONDS, "Change sides"),
            )  # fmt: skip


def _work(
    member: RunLine, turn: Turn, seconds: int | None, detail: str, *, closes: bool, side: Side | None = None
) -> ClockStep:
    scheme = member.prescription.scheme
    marks: tuple[int, ...] = ()
    opening = f"{member.exercise.name}{f', {side}' if side else ''}. Go"
    if seconds is not None and isinstance(scheme, Checkpoints):
        marks = (seconds, *scheme.seconds)
        seconds = marks[-1]
    calls = (Call(0, opening, Sound.GO),) if seconds is None else work_calls(seconds, opening, marks)
    return ClockStep(
        StepKind.WORK, seconds, member.exercise.name, detail, turn.line, turn.number, turn.round, side, closes, marks,
        calls,
    )  # fmt: skip
