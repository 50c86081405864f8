"""What is called in timed work and in rests: half-way, the last ten seconds, the countdown, checkpoints."""

from collections.abc import Iterable
from itertools import pairwise

from upright_anvil.core.clock.model import Call, Sound
from upright_anvil.core.phrases import ENGLISH, Phrases

HALF_FROM = 20
"""Work shorter than this has no half-way call, seconds. House rule."""

TEN_FROM = 25
"""Steps shorter than this have no ten-seconds call, seconds. House rule."""

COUNTDOWN = (3, 2, 1)

_FIRST = (Sound.GO, Sound.STOP, Sound.MARK, Sound.TICK, Sound.NONE)
"""Of two calls in one second the one that says more is made."""


def work_calls(seconds: int, opening: str, marks: tuple[int, ...] = (), phrases: Phrases = ENGLISH) -> tuple[Call, ...]:
    """Answer the calls of timed work: go, half-way, ten seconds, three two one, and each checkpoint. House rule.

    The countdown leads to every checkpoint and to the end; half-way is that of the work that was asked for. No two are
    called in one second.
    """
    calls = [Call(0, opening, Sound.GO)]
    first = marks[0] if marks else seconds
    if first >= HALF_FROM:
        calls.append(Call(first // 2, phrases.say("Half-way"), Sound.MARK))
    before = 0
    for mark, later in pairwise(marks):
        said = phrases.say("{{seconds}} seconds. Rest, or carry on to {{later}}", seconds=mark, later=later)
        calls.append(Call(mark, said, Sound.MARK))
        calls += (Call(mark - left, str(left), Sound.TICK) for left in COUNTDOWN if mark - left > before)
        before = mark
    return spaced((*calls, *_closing(seconds, phrases, ten=not marks)), seconds)


def rest_calls(seconds: int, opening: str, phrases: Phrases = ENGLISH) -> tuple[Call, ...]:
    """Answer the calls of a rest: what comes next, ten seconds, three two one. House rule."""
    return spaced((Call(0, opening, Sound.STOP), *_closing(seconds, phrases)), seconds)


def spaced(calls: Iterable[Call], seconds: int) -> tuple[Call, ...]:
    """Answer the calls of a step of some seconds without those that would fall on another."""
    kept: dict[int, Call] = {}
    for call in calls:
        at = seconds - call.at if call.from_end else call.at
        other = kept.get(at)
        if other is None or _FIRST.index(call.sound) < _FIRST.index(other.sound):
            kept[at] = call
    return tuple(kept[at] for at in sorted(kept))


def _closing(seconds: int, phrases: Phrases, *, ten: bool = True) -> tuple[Call, ...]:
    said = (Call(10, phrases.say("Ten seconds"), Sound.MARK, from_end=True),) if ten and seconds >= TEN_FROM else ()
    count = tuple(Call(left, str(left), Sound.TICK, from_end=True) for left in COUNTDOWN if seconds > left)
    return (*said, *count)
