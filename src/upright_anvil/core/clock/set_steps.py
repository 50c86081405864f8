"""The steps of one set, scheme by scheme."""

from collections.abc import Iterator

from upright_anvil.core.body.joints import Side
from upright_anvil.core.clock.calls import rest_calls, work_calls
from upright_anvil.core.clock.model import Call, ClockStep, Sound, StepKind
from upright_anvil.core.constants import CHANGE_SIDES_SECONDS
from upright_anvil.core.prescription.schemes import Checkpoints, Cluster, Density, EveryStart
from upright_anvil.core.prescription.targets import Seconds, spoken
from upright_anvil.core.session.order import RunLine, Turn
from upright_anvil.core.session.sides import sides_of


def set_steps(member: RunLine, turn: Turn, label: str) -> tuple[ClockStep, ...]:
    """Answer the steps of a set: most rounds in a time, a start of a clock, parts of a cluster, each side, or one.

    ``label`` says which set or round it is. House rule.
    """
    match member.prescription.scheme:
        case Density() as scheme:
            return (_rounds(member, turn, scheme.seconds),)
        case EveryStart() as scheme:
            return _every(member, turn, scheme.seconds, label)
        case Cluster() as scheme:
            return tuple(_parts(member, turn, scheme, label))
        case _:
            return tuple(_sides(member, turn, label))


def _rounds(member: RunLine, turn: Turn, seconds: int) -> ClockStep:
    target = spoken(member.prescription.plans[0].target)
    minute = (Call(60, "One minute left", Sound.MARK, from_end=True),) if seconds > 120 else ()  # noqa: PLR2004 - two minutes
    calls = (*work_calls(seconds, f"{member.exercise.name}, {target} a round. Go"), *minute)
    detail = f"{target} a round, as many rounds as fit"
    return ClockStep(
        StepKind.ROUNDS, seconds, member.exercise.name, detail, turn.line, turn.number, turn.round, calls=calls
    )


def _every(member: RunLine, turn: Turn, seconds: int, label: str) -> tuple[ClockStep, ...]:
    target = member.prescription.plans[turn.number - 1].target
    name = member.exercise.name
    if isinstance(target, Seconds) and target.seconds < seconds:
        work = _work(member, turn, target.seconds, f"{label}, {target}", closes=True)
        left = seconds - target.seconds
        rest = ClockStep(
            StepKind.REST, left, "Rest", f"Next start of {name}", turn.line, turn.number, turn.round,
            calls=rest_calls(left, "Rest"),
        )  # fmt: skip
        return (work, rest) if turn.number < len(member.prescription.plans) else (work,)
    calls = work_calls(seconds, f"{label}. {spoken(target)}")
    detail = f"{label}, {spoken(target)}, then rest"
    return (
        ClockStep(StepKind.WORK, seconds, name, detail, turn.line, turn.number, turn.round, closes=True, calls=calls),
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
    if not sides or seconds is None:
        said = f"{spoken(target)}{' each side' if asked.each_side else ''}"
        yield _work(member, turn, seconds, f"{label}, {said}", closes=True, side=sides[0] if sides else None)
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
