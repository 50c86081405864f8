"""Where a session can be made shorter, cheapest for its purpose first (rules, fitting the time).

Rests step by step, small moves first; pairs of opposite muscles where the kit allows both at once; accessories moved to
a day with room; fewer sets, of a circuit a whole round. Never a same-muscle pair, never one station's set.
"""

from collections.abc import Callable, Iterable, Iterator

from upright_anvil.core.checks.lines.rest_too_short import least_rest
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine, StudiedWeek
from upright_anvil.core.fitting.changes import CellChange, CellChangeKind, FittingChange
from upright_anvil.core.fitting.cost import Cost
from upright_anvil.core.fitting.opposite import are_opposite, both_at_once
from upright_anvil.core.ids import LineId
from upright_anvil.core.plan.document import Group, Pairing, Section
from upright_anvil.core.plan.edits.groups import ChangeGroup, GroupLines
from upright_anvil.core.plan.edits.lines import MoveLine
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.prescription.text.shorthand import write_time
from upright_anvil.core.timing.estimate import TimedLine, rest_of
from upright_anvil.core.timing.groups import rest_after

LEAST_REST = 45
LEAST_MAIN_REST = 60
LEAST_ROUND_REST = 30
"""The least rests that are ever proposed, for small and for main work and after a round, seconds. House rule."""

REST_STEP = 15
"""Rests shrink by this many seconds at a time. House rule."""

MAIN_KEEPS = 0.75
"""The share of a heavy lift's rest that stays while anything else can still give. House rule."""

LEAST_MAIN_SETS = 2
DAYS = 7

Finder = Callable[[StudiedDay, StudiedWeek, Standpoint], Iterator[FittingChange]]


def optional(day: StudiedDay, _: StudiedWeek, __: Standpoint) -> Iterator[FittingChange]:
    """Sets and rounds that were written as optional are left out first."""
    for asked in day.asked:
        asks = asked.prescription
        if asks is not None and asks.fewest is not None:
            change = CellChange(asked.line.id, CellChangeKind.FEWEST)
            label = f"{asked.exercise.name}: {asks.fewest} sets, as its range allows"
            yield FittingChange(
                f"range {asked.line.id}", Cost.OPTIONAL, label, "nothing that was promised", _ids([asked]), (change,)
            )
    for group, lines in _groups(day):
        if group.optional_rounds:
            rounds = (
                max((len(a.prescription.plans) for a in lines if a.prescription), default=1) - group.optional_rounds
            )
            left = max(rounds, 1)
            label = f"{_names(lines)}: {left} round{'s' if left > 1 else ''}, without the optional"
            edit = ChangeGroup(group=group.id, rounds=left, optional_rounds=0)
            yield FittingChange(
                f"optional {group.id}", Cost.OPTIONAL, label, "nothing that was promised", _ids(lines), edits=(edit,)
            )


def rests(day: StudiedDay, _: StudiedWeek, who: Standpoint) -> Iterator[FittingChange]:
    """Rests one step shorter, evenly: the longest of their kind come down to the next step, small moves first.

    Heavy lifts keep three quarters of theirs while anything else can give; nothing goes below the published least for
    the goal, 60 s for main work, 45 s for small.
    """
    small: list[StudiedLine] = []
    other: list[StudiedLine] = []
    main: list[StudiedLine] = []
    for asked in day.asked:
        asks = asked.prescription
        if asks is None or asked.group.kind is not GroupKind.SINGLE or len(asks.plans) < 2 or asks.ramp:  # noqa: PLR2004 - one set has no rest
            continue
        (main if asked.is_main and asked.compound else other if asked.compound else small).append(asked)
    floor = max(least_rest(who.goal), LEAST_MAIN_REST)
    for cost, lines, least in (
        (Cost.RESTS, small, lambda _: LEAST_REST),
        (Cost.OTHER_RESTS, other, lambda _: LEAST_REST),
        (Cost.MAIN_RESTS, main, lambda rest: max(floor, _step(MAIN_KEEPS * rest))),
        (Cost.LAST_RESTS, main, lambda _: floor),
    ):
        yield from _shorter(lines, cost, least)


def _shorter(lines: list[StudiedLine], cost: Cost, least: Callable[[int], int]) -> Iterator[FittingChange]:
    """All the ways down, gentle to harsh: every rest of these lines at most so long, and never below its own least."""
    now = {a.line.id: rest_of(a.prescription) for a in lines if a.prescription}
    can = {line: least(rest) for line, rest in now.items() if rest > least(rest)}
    if not can:
        return
    longest = max(now[line] for line in can)
    for at_most in range(_step(longest - 1), min(can.values()) - 1, -REST_STEP):
        meant = [a for a in lines if a.line.id in can and now[a.line.id] > max(at_most, can[a.line.id])]
        cells = tuple(CellChange(a.line.id, CellChangeKind.REST, max(at_most, can[a.line.id])) for a in meant)
        if not cells:
            continue
        said = [
            f"{a.exercise.name}: rest {write_time(cell.figure)} instead of {write_time(now[a.line.id])}"
            for a, cell in zip(meant, cells, strict=True)
        ]
        yield FittingChange(
            f"rests {int(cost)}", cost, "; ".join(said), REP_OR_SO, _ids(meant), cells, each=tuple(said)
        )


REP_OR_SO = "a rep or so in the later sets"


def round_rests(day: StudiedDay, _: StudiedWeek, __: Standpoint) -> Iterator[FittingChange]:
    """The rest after a round one step shorter, down to half a minute; work by the clock keeps its own rests."""
    for group, lines in _groups(day):
        if group.kind in (GroupKind.INTERVALS, GroupKind.ON_THE_MINUTE, GroupKind.MOST_ROUNDS):
            continue
        timed = [TimedLine(a.prescription, a.exercise, None) for a in lines if a.prescription]
        if len(timed) < 2 or max(len(t.prescription.plans) for t in timed) < 2:  # noqa: PLR2004 - one round has no rest
            continue
        now = rest_after(group, timed)
        cost = Cost.MAIN_RESTS if any(a.is_main and a.compound for a in lines) else Cost.OTHER_RESTS
        for rest in range(_step(now - 1), LEAST_ROUND_REST - 1, -REST_STEP):
            label = f"{_names(lines)}: {write_time(rest)} after a round instead of {write_time(now)}"
            edit = ChangeGroup(group=group.id, rest_after=rest)
            yield FittingChange(f"after {group.id}", cost, label, REP_OR_SO, _ids(lines), edits=(edit,))


def pairs(day: StudiedDay, _: StudiedWeek, __: Standpoint) -> Iterator[FittingChange]:
    """Pair two lines of opposite muscles whose tools are there at once; a third for each line at most."""
    singles = [a for a in day.asked if a.prescription and a.hard and a.group.kind is GroupKind.SINGLE]
    for n, first in enumerate(singles):
        for second in singles[n + 1 :]:
            same_section = first.group.section is second.group.section
            if not same_section or not are_opposite(first.exercise, second.exercise) or not both_at_once(first, second):
                continue
            ids = (first.line.id, second.line.id)
            group = GroupLines(
                lines=ids, group=f"pair-{first.line.id}"[:64], kind=GroupKind.PAIR, pairing=Pairing.OPPOSITE
            )
            label = f"Pair {first.exercise.name} with {second.exercise.name}"
            yield FittingChange(
                f"pair {ids[0]} {ids[1]}", Cost.PAIR, label, "stamina, not purpose", frozenset(ids), edits=(group,)
            )


def moves(day: StudiedDay, week: StudiedWeek, who: Standpoint) -> Iterator[FittingChange]:
    """Move an accessory to a day with room, short and optional ones too, that does not work its muscles nor lies beside
    one that does; weeks are a circle."""
    for asked in day.asked:
        alone = asked.group.kind is GroupKind.SINGLE
        if asked.group.section is not Section.ACCESSORY or not asked.prescription or not alone:
            continue
        for other in sorted(week.days, key=lambda d: d.seconds):
            limit = (other.day.minutes or who.minutes) * 60
            if other.day.id == day.day.id or other.seconds >= limit:
                continue
            near = [d for d in week.days if d.day.id != day.day.id and _apart(d.day.weekday, other.day.weekday) <= 1]
            if any(d.muscles.get(muscle, 0) for d in near for muscle in asked.exercise.movers):
                continue
            move = MoveLine(line=asked.line.id, day=other.day.id, position=100)
            label = f"Move {asked.exercise.name} to {other.day.name}"
            price = f"{other.day.name} gets longer, recovery kept"
            yield FittingChange(f"move {asked.line.id}", Cost.MOVE, label, price, _ids([asked]), edits=(move,))
            break


def _apart(one: int, other: int) -> int:
    return min((one - other) % DAYS, (other - one) % DAYS)


def fewer_sets(day: StudiedDay, _: StudiedWeek, __: Standpoint) -> Iterator[FittingChange]:
    """One set less of small work, down to leaving it out; of a main lift never below two; a circuit loses a round."""
    for group, lines in _groups(day):
        if group.section is not Section.WARM_UP:
            yield from _of_group(group, lines)
    for asked in day.asked:
        if asked.prescription is None or asked.group.section is Section.WARM_UP or asked.group.kind.by_rounds:
            continue
        main = asked.group.section is Section.MAIN
        if asked.group.kind is GroupKind.SINGLE:
            yield from _of_line(asked, Cost.MAIN_SETS if main else Cost.ACCESSORY_SETS, LEAST_MAIN_SETS if main else 1)
        if not main:
            yield _out([asked], Cost.DROP_ACCESSORY)


def main_lifts(day: StudiedDay, _: StudiedWeek, __: Standpoint) -> Iterator[FittingChange]:
    """The last main lifts left out, the first one never; then its sets, down to one."""
    main = [a for a in day.asked if a.prescription and a.group.section is Section.MAIN]
    held = {a.group.id for a in main[:1]}
    for group in dict.fromkeys(a.group.id for a in reversed(main) if a.group.id not in held):
        yield _out([a for a in main if a.group.id == group], Cost.DROP_MAIN)
    for asked in main[:1]:
        if asked.group.kind is GroupKind.SINGLE:
            yield from _of_line(asked, Cost.LAST_SETS, 1)


def _of_group(group: Group, lines: list[StudiedLine]) -> Iterator[FittingChange]:
    """Of lines done together a whole round goes, never one station's set."""
    asked = [a.prescription for a in lines if a.prescription is not None]
    rounds = max((len(p.plans) for p in asked), default=0)
    main = group.section is Section.MAIN
    least = LEAST_MAIN_SETS if main else 1
    fixed = group.kind is GroupKind.MOST_ROUNDS or any(p.scheme is not None for p in asked)
    if rounds > least and not fixed:
        cells = tuple(CellChange(a.line.id, CellChangeKind.FEWER, least) for a in lines if a.prescription)
        cost = Cost.MAIN_SETS if main else Cost.ACCESSORY_SETS
        label = f"{_names(lines)}: {rounds - 1} round{'s' if rounds > 2 else ''} instead of {rounds}"  # noqa: PLR2004 - one round is singular
        price = " and ".join(dict.fromkeys(_price(a, 1) for a in lines))
        yield FittingChange(f"round {group.id}", cost, label, price, _ids(lines), cells)
    if not main and group.kind.by_rounds:
        yield _out(lines, Cost.DROP_ACCESSORY)


def _of_line(asked: StudiedLine, cost: Cost, least: int) -> Iterator[FittingChange]:
    asks = asked.prescription
    if asks is None or asks.scheme is not None or asks.sets <= least:
        return
    cell = CellChange(asked.line.id, CellChangeKind.FEWER, least)
    label = f"{asked.exercise.name}: {asks.sets - 1} set{'s' if asks.sets > 2 else ''} instead of {asks.sets}"  # noqa: PLR2004 - one set is singular
    yield FittingChange(f"sets {asked.line.id}", cost, label, _price(asked, 1), _ids([asked]), (cell,))


def _out(lines: list[StudiedLine], cost: Cost) -> FittingChange:
    cells = tuple(CellChange(a.line.id, CellChangeKind.OUT) for a in lines)
    price = " and ".join(dict.fromkeys(_price(a, a.hard) for a in lines))
    return FittingChange(f"sets {lines[0].line.id}", cost, f"Leave {_names(lines)} out", price, _ids(lines), cells)


FINDERS: tuple[Finder, ...] = (optional, rests, round_rests, pairs, moves, fewer_sets, main_lifts)
"""Every way to save time."""


def _groups(day: StudiedDay) -> Iterator[tuple[Group, list[StudiedLine]]]:
    """The groups of more than one line that are trained, with their lines."""
    for group in day.day.groups:
        lines = [a for a in day.asked if a.group.id == group.id and a.prescription]
        if len(lines) > 1:
            yield group, lines


def _ids(lines: Iterable[StudiedLine]) -> frozenset[LineId]:
    return frozenset(a.line.id for a in lines)


def _names(lines: Iterable[StudiedLine]) -> str:
    return ", ".join(dict.fromkeys(a.exercise.name for a in lines))


def _step(seconds: float) -> int:
    """The nearest whole step at or below."""
    return int(seconds // REST_STEP) * REST_STEP


def _price(asked: StudiedLine, sets: int) -> str:
    muscles = ", ".join(asked.exercise.movers) or asked.exercise.pattern
    counted = min(sets, asked.hard)
    if not counted:
        return f"a set of {asked.exercise.name}, none that counts as hard"
    return f"{counted} hard set{'s' if counted > 1 else ''} for {muscles}"
