"""What stands around the work of a day: a warm-up for just this day, and stretches for what it worked.

House rule: something to get warm by, then moves for the joints and muscles of the main lifts, more of them the longer
the session; after a birth and in pregnancy breath and pelvic floor come first.
"""

import hashlib
from collections.abc import Container, Iterable, Sequence
from dataclasses import dataclass
from typing import Final

from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.drafting.brief import Brief
from upright_anvil.core.exercises import Exercise, ExerciseKind, Pattern, Skill, Suits
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.plan.document import Section

PULSE_SECONDS: Final = 120
_LONG_PULSE = 180
_MOVE_REPS: Final = 8
_STRETCH_SECONDS: Final = 30
CARE: Final = ("connection-breath", "pelvic-floor-squeeze", "pelvic-tilt", "heel-slide", "seated-pelvic-ball")
"""What comes first in pregnancy and after a birth; it stands in the warm-up, not among the work."""
_PULSES: Final = (
    "bike", "rowing-machine", "elliptical", "brisk-walk", "march-in-place", "skater-step", "grapevine", "shadow-step",
    "step-aerobics", "chair-march", "high-knees", "butt-kick", "skipping-drill",
)  # fmt: skip
_MOVES: Final = {
    Pattern.SQUAT: ("squat-with-reach", "hip-opener", "ankle-rock", "wall-squat-mobility", "hip-circle"),
    Pattern.HINGE: ("hip-hinge-drill", "cat-camel", "toy-soldier", "leg-swing", "seated-good-morning"),
    Pattern.LUNGE: ("lunge-stretch-dynamic", "leg-swing", "knee-hug", "walking-quad-stretch", "ankle-rock"),
    Pattern.PUSH_HORIZONTAL: ("shoulder-circles", "open-book", "arm-swing", "inchworm", "wall-slide"),
    Pattern.PUSH_VERTICAL: ("wall-slide", "shoulder-cars", "thoracic-extension", "seated-overhead-reach"),
    Pattern.PULL_HORIZONTAL: ("band-pull-apart", "thoracic-rotation", "thread-the-needle", "arm-swing"),
    Pattern.PULL_VERTICAL: ("shoulder-cars", "band-pull-apart", "thoracic-rotation", "wall-slide"),
    Pattern.LOCOMOTION: ("leg-swing", "ankle-rock", "toy-soldier", "knee-hug"),
    Pattern.BALANCE: ("ankle-rock", "ankle-circles", "weight-shift"),
    Pattern.TRUNK: ("cat-camel", "torso-twist"),
}  # fmt: skip
"""Moves that get ready for a pattern, the closest first."""


@dataclass(frozen=True, slots=True)
class WarmUpOrCoolDown:
    """A line of warm-up or cool-down: its exercise, what it asks in shorthand, and what it is for."""

    exercise: Exercise
    section: Section
    text: str
    reason: str


def warm_up(work: Sequence[Exercise], brief: Brief, seed: int, minutes: int) -> tuple[WarmUpOrCoolDown, ...]:
    """Answer the warm-up for a day's work in order; two to six lines, by the minutes there are."""
    room = 2 if minutes < 25 else 3 if minutes < 40 else 4 if minutes < 60 else 5  # noqa: PLR2004 - a table in a line
    found = [*_care(brief, 2)]
    pulse = next(iter(_possible(_PULSES, brief, seed)), None)
    if pulse is not None:
        seconds = _LONG_PULSE if minutes >= 45 else PULSE_SECONDS  # noqa: PLR2004
        found.append(
            WarmUpOrCoolDown(pulse, Section.WARM_UP, f"1 x {seconds} s", f"Warm before {work[0].name.lower()}.")
        )
    taken = {one.exercise.id for one in found}
    turn = 0
    while len(found) < room + (1 if found and found[0].exercise.suits else 0) and turn < 2 * len(work):
        lift = work[turn % len(work)]
        names = _MOVES.get(lift.pattern, ())
        move = next((e for e in _possible(names, brief, seed) if e.id not in taken), None)
        if move is not None:
            taken.add(move.id)
            found.append(WarmUpOrCoolDown(move, Section.WARM_UP, _moved(move), f"Gets ready for {lift.name.lower()}."))
        turn += 1
    return tuple(found)


_EASY: Final = (
    "bike",
    "recumbent-bike",
    "elliptical",
    "rowing-machine",
    "cool-down-walk",
    "brisk-walk",
    "march-in-place",
)


def easy_minutes(brief: Brief, taken: Container[str], first: Container[str]) -> Exercise | None:
    """Answer something easy to end a session with, not among ``taken``, best of ``first``; None where nothing is."""
    every = brief.who.profile.exercises
    names = sorted((name for name in _EASY if name in every and name not in taken), key=lambda name: name not in first)
    there = (every[ExerciseId(name)] for name in names)
    return next((exercise for exercise in there if _may(exercise, brief)), None)


def _care(brief: Brief, most: int) -> list[WarmUpOrCoolDown]:
    """Breath and pelvic floor where a birth is near or not long past."""
    if not brief.suits & {Suits.AFTER_BIRTH, Suits.PREGNANCY}:
        return []
    why = (
        "For the pelvic floor, in pregnancy."
        if brief.expecting
        else f"{brief.months_after_birth} months after the birth: from within."
    )
    return [
        WarmUpOrCoolDown(e, Section.WARM_UP, "5 x 5 s, rest 5 s" if e.kind is ExerciseKind.HOLD else "1 x 8", why)
        for e in _possible(CARE, brief, 0)
    ][:most]


def cool_down(worked: Iterable[Muscle], brief: Brief, seed: int, most: int) -> tuple[WarmUpOrCoolDown, ...]:
    """Answer up to ``most`` stretches for the muscles that worked most, the hardest worked first."""
    every = [
        e
        for e in brief.who.profile.exercises.values()
        if e.kind is ExerciseKind.STRETCH and e.skill is Skill.ANYONE and _may(e, brief)
    ]
    found: list[WarmUpOrCoolDown] = []
    taken: set[ExerciseId] = set()
    for muscle in worked:
        fitting = sorted(
            (e for e in every if e.movers[:1] == (muscle,) and e.id not in taken), key=lambda e: _chance(e.id, seed)
        )
        if fitting and len(found) < most:
            taken.add(fitting[0].id)
            side = " each side" if fitting[0].one_sided else ""
            text = f"1 x {_STRETCH_SECONDS} s{side}"
            found.append(WarmUpOrCoolDown(fitting[0], Section.COOL_DOWN, text, f"After the work of the {muscle}."))
    return tuple(found)


def _possible(names: Sequence[str], brief: Brief, seed: int) -> list[Exercise]:
    """Those of some exercises that the place has and the client may do, in an order that the seed turns a little."""
    every = brief.who.profile.exercises
    there = [every[ExerciseId(name)] for name in names if name in every and _may(every[ExerciseId(name)], brief)]
    return sorted(there, key=lambda e: there.index(e) + 2.2 * _chance(e.id, seed))


def _may(exercise: Exercise, brief: Brief) -> bool:
    return exercise.meant_for(brief.who.profile.inventory) and brief.may(exercise)


def _moved(exercise: Exercise) -> str:
    side = " each side" if exercise.one_sided else ""
    if exercise.kind is ExerciseKind.HOLD:
        return f"1 x 20 s{side}"
    return f"1 x {_MOVE_REPS}{side}"


def _chance(exercise: str, seed: int) -> float:
    return hashlib.sha256(f"{seed}/around/{exercise}".encode()).digest()[0] / 255
