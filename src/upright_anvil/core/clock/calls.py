"""What is called in timed work and in rests: half-way, the last ten seconds, the countdown, checkpoints."""

from upright_anvil.core.clock.model import Call, Sound

HALF_FROM = 20
"""Work shorter than this has no half-way call, seconds. House rule."""

TEN_FROM = 25
"""Steps shorter than this have no ten-seconds call, seconds. House rule."""

COUNTDOWN = (3, 2, 1)


def work_calls(seconds: int, opening: str, marks: tuple[int, ...] = ()) -> tuple[Call, ...]:
    """Answer the calls of timed work: go, half-way, ten seconds, three two one, and each checkpoint. House rule.

    With checkpoints the countdown leads to each of them, and the half-way call to the first.
    """
    calls = [Call(0, opening, Sound.GO)]
    first = marks[0] if marks else seconds
    if first >= HALF_FROM:
        calls.append(Call(first // 2, "Half-way", Sound.MARK))
    if not marks:
        return (*calls, *_closing(seconds))
    for number, mark in enumerate(marks[:-1]):
        later = marks[number + 1]
        calls.append(Call(mark, f"{mark} seconds. Rest, or carry on to {later}", Sound.MARK))
    return (*calls, *_closing(seconds))


def rest_calls(seconds: int, opening: str) -> tuple[Call, ...]:
    """Answer the calls of a rest: what comes next, ten seconds, three two one. House rule."""
    return (Call(0, opening, Sound.STOP), *_closing(seconds))


def _closing(seconds: int) -> tuple[Call, ...]:
    ten = (Call(10, "Ten seconds", Sound.MARK, from_end=True),) if seconds >= TEN_FROM else ()
    count = tuple(Call(left, str(left), Sound.TICK, from_end=True) for left in COUNTDOWN if seconds > left)
    return (*ten, *count)
