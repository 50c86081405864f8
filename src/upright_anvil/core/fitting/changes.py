"""The changes that make a session shorter, cheapest for its purpose first (rules, fitting the time).

Trim rests to the published least for the goal; pair opposite muscles; move an accessory to a day with room; fewer
accessory sets; fewer main sets. Never a same-muscle pair.
"""

from collections.abc import Callable, Iterator
from dataclasses import dataclass, replace
from enum import IntEnum

from upright_anvil.core.checks.lines.rest_too_short import least_rest
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine, StudiedWeek
from upright_anvil.core.exercises import Exercise, ExerciseKind, Pattern
from upright_anvil.core.plan.document import Pairing, Section
from upright_anvil.core.plan.edits import Edit
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.groups import GroupLines
from upright_anvil.core.plan.edits.lines import MoveLine
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.prescription.text.shorthand import write, write_time

LEAST_REST = 45
LEAST_MAIN_REST = 60
"""The least rests that are ever proposed, for small and for main work, seconds. House rule."""

LEAST_MAIN_SETS = 2


class Cost(IntEnum):
    """What a change costs the purpose, cheapest first. House rule, from the rules' order."""

    RESTS = 1
    PAIR = 2
    MOVE = 3
    ACCESSORY_SETS = 4
    DROP_ACCESSORY = 5
    MAIN_SETS = 6


@dataclass(frozen=True, slots=True)
class FittingChange:
    """One candidate before it is timed: what it does, what it costs in words, and its edits."""

    key: str
    cost: Cost
    label: str
    price: str
    edits: tuple[Edit, ...]


Finder = Callable[[StudiedDay, StudiedWeek, Standpoint], Iterator[FittingChange]]


def rests(day: StudiedDay, _: StudiedWeek, who: Standpoint) -> Iterator[FittingChange]:
    """Trim the rest of a line to the published least for the goal, never below 60 s (small work 45 s)."""
    for asked in day.asked:
        asks = asked.prescription
        if asks is None or asks.rest is None or len(asks.plans) < 2 or asks.ramp:  # noqa: PLR2004 - one set has no rest
            continue
        big = asked.is_main and asked.compound
        floor = max(least_rest(who.goal), LEAST_MAIN_REST) if big else LEAST_REST
        if asks.rest > floor:
            shorter = replace(asks, rest=floor)
            label = f"{asked.exercise.name}: rest {write_time(floor)} instead of {write_time(asks.rest)}"
            price = "a rep or so in the later sets"
            yield FittingChange(f"rest {asked.line.id}", Cost.RESTS, label, price, (_cell(asked, write(shorter)),))


def pairs(day: StudiedDay, _: StudiedWeek, __: Standpoint) -> Iterator[FittingChange]:
    """Pair two neighbouring lines of opposite muscles; a third for each line at most."""
    singles = [a for a in day.asked if a.prescription and a.hard and a.group.kind is GroupKind.SINGLE]
    for n, first in enumerate(singles):
        for second in singles[n + 1 :]:
            same_section = first.group.section is second.group.section
            if same_section and are_opposite(first.exercise, second.exercise):
                ids = (first.line.id, second.line.id)
                group = GroupLines(
                    lines=ids, group=f"pair-{first.line.id}"[:64], kind=GroupKind.PAIR, pairing=Pairing.OPPOSITE
                )
                label = f"Pair {first.exercise.name} with {second.exercise.name}"
                yield FittingChange(f"pair {ids[0]} {ids[1]}", Cost.PAIR, label, "stamina, not purpose", (group,))


def moves(day: StudiedDay, week: StudiedWeek, who: Standpoint) -> Iterator[FittingChange]:
    """Move an accessory to a day with room that does not work the same muscle, nor the day beside it."""
    for asked in day.asked:
        if asked.group.section is not Section.ACCESSORY or not asked.prescription:
            continue
        for other in week.days:
            limit = (other.day.minutes or who.minutes) * 60
            spent = other.seconds
            if other.day.id == day.day.id or spent >= limit or other.day.top_up:
                continue
            near = [d for d in week.days if d.day.id != day.day.id and abs(d.day.weekday - other.day.weekday) <= 1]
            if any(d.muscles.get(muscle, 0) for d in near for muscle in asked.exercise.movers):
                continue
            move = MoveLine(line=asked.line.id, day=other.day.id, position=100)
            label = f"Move {asked.exercise.name} to {other.day.name}"
            yield FittingChange(
                f"move {asked.line.id}", Cost.MOVE, label, f"{other.day.name} gets longer, recovery kept", (move,)
            )


def accessory_sets(day: StudiedDay, _: StudiedWeek, __: Standpoint) -> Iterator[FittingChange]:
    """One set less of an accessory, the trunk or a finisher; the last set takes the line out for the week."""
    for asked in day.asked:
        if asked.group.section in (Section.MAIN, Section.WARM_UP) or asked.prescription is None:
            continue
        if asked.prescription.scheme is None and asked.prescription.sets > 1:
            fewer = replace(asked.prescription, sets=asked.prescription.sets - 1)
            label = f"{asked.exercise.name}: {fewer.sets} sets instead of {asked.prescription.sets}"
            cell = _cell(asked, write(fewer))
            yield FittingChange(f"sets {asked.line.id}", Cost.ACCESSORY_SETS, label, _price(asked, 1), (cell,))
        leave = f"Leave {asked.exercise.name} out"
        yield FittingChange(
            f"sets {asked.line.id}", Cost.DROP_ACCESSORY, leave, _price(asked, asked.hard), (_cell(asked, ""),)
        )


def main_sets(day: StudiedDay, _: StudiedWeek, __: Standpoint) -> Iterator[FittingChange]:
    """One set less of a main lift, never below two."""
    for asked in day.asked:
        asks = asked.prescription
        if asked.group.section is Section.MAIN and asks and asks.scheme is None and asks.sets > LEAST_MAIN_SETS:
            fewer = replace(asks, sets=asks.sets - 1)
            label = f"{asked.exercise.name}: {fewer.sets} sets instead of {asks.sets}"
            yield FittingChange(
                f"sets {asked.line.id}", Cost.MAIN_SETS, label, _price(asked, 1), (_cell(asked, write(fewer)),)
            )


FINDERS: tuple[Finder, ...] = (rests, pairs, moves, accessory_sets, main_sets)
"""Every way to save time, in the order of what it costs."""

_OPPOSITE = (
    frozenset({Pattern.PUSH_HORIZONTAL, Pattern.PULL_HORIZONTAL}),
    frozenset({Pattern.PUSH_VERTICAL, Pattern.PULL_VERTICAL}),
    frozenset({Pattern.PUSH_HORIZONTAL, Pattern.PULL_VERTICAL}),
    frozenset({Pattern.PUSH_VERTICAL, Pattern.PULL_HORIZONTAL}),
)
_LEGS = frozenset({Pattern.SQUAT, Pattern.HINGE, Pattern.LUNGE})


def are_opposite(first: Exercise, second: Exercise) -> bool:
    """Answer whether two exercises rest each other: push and pull, front and back, or no muscle in common.

    Two exercises for the legs are never taken for opposites, nor two that share a direct mover. House rule.
    """
    if ExerciseKind.CARDIO in (first.kind, second.kind) or set(first.movers) & set(second.movers):
        return False
    patterns = frozenset({first.pattern, second.pattern})
    if patterns in _OPPOSITE:
        return True
    if patterns <= _LEGS:
        return False
    helped = (set(first.movers) & set(second.helpers)) | (set(first.helpers) & set(second.movers))
    return not helped


def _cell(asked: StudiedLine, text: str) -> SetCell:
    return SetCell(line=asked.line.id, week=asked.week.id, text=text)


def _price(asked: StudiedLine, sets: int) -> str:
    muscles = ", ".join(asked.exercise.movers) or asked.exercise.pattern
    counted = min(sets, asked.hard)
    if not counted:
        return f"a set of {asked.exercise.name}, none that counts as hard"
    return f"{counted} hard set{'s' if counted > 1 else ''} for {muscles}"
