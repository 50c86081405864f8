"""What becomes of a missed session: moved, merged or dropped, each with what it does to recovery and weekly sets."""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import date, timedelta
from decimal import Decimal

from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.checks.study import StudiedDay, StudiedWeek
from upright_anvil.core.ids import DayId
from upright_anvil.core.loads.load import plain
from upright_anvil.core.plan.edits.calendar import MoveSession
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import day_estimate

DAYS = 7
HARD = Decimal(4)
"""Fractional hard sets from which a muscle counts as worked hard for recovery. House rule."""

RECOVERY_DAYS = 2
"""Days a muscle worked hard wants before it is worked hard again. ACSM 2009; house rule."""


@dataclass(frozen=True, slots=True)
class WayOut:
    """One thing to do with a session that cannot be held: its edit, and its consequences in words.

    ``clashes`` is how many muscles would be worked hard again too soon, ``lost`` the hard sets that are not done.
    """

    label: str
    edit: MoveSession
    clashes: int
    lost: int
    minutes: int
    consequences: tuple[str, ...]


def ways_out(
    week: StudiedWeek, day_id: DayId, held: Sequence[date], today: date, profile: ClientProfile
) -> tuple[WayOut, ...]:
    """Answer what can become of a session of this week, best first. House rule.

    ``held`` are the dates of the week's other sessions. Days that are past are not offered. A move that leaves every
    muscle its recovery comes before a merge, a merge that
    fits before a drop; of equals the earlier date.
    """
    missed = next((day for day in week.days if day.day.id == day_id), None)
    if missed is None:
        return ()
    others = [day for day in week.days if day.day.id != day_id]
    ways = [*_moves(missed, others, held, today), *_merges(missed, others, today, profile), _drop(missed)]
    return tuple(sorted(ways, key=lambda way: (way.clashes + way.lost, way.edit.to or date.max, way.label)))


def _hard(day: StudiedDay) -> set[Muscle]:
    return {muscle for muscle, sets in day.muscles.items() if sets >= HARD}


def _moves(missed: StudiedDay, others: Sequence[StudiedDay], held: Sequence[date], today: date) -> list[WayOut]:
    monday = missed.on - timedelta(days=missed.on.weekday())
    ways = []
    for on in (monday + timedelta(days=n) for n in range(DAYS)):
        if on < today or on == missed.on or on in held:
            continue
        near = [d for d in others if abs((d.on - on).days) < RECOVERY_DAYS]
        tired = sorted({m for d in near for m in _hard(d) & _hard(missed)})
        said = [f"{', '.join(tired)} worked hard again within {RECOVERY_DAYS} days"] if tired else ["recovery kept"]
        edit = MoveSession(week=missed.week.id, day=missed.day.id, to=on)
        ways.append(WayOut(f"Move it to {on:%A}", edit, len(tired), 0, round(missed.seconds / 60), tuple(said)))
    return ways


def _merges(missed: StudiedDay, others: Sequence[StudiedDay], today: date, profile: ClientProfile) -> list[WayOut]:
    ways = []
    for other in others:
        if other.on < today:
            continue
        together = other.day.model_copy(update={"groups": (*other.day.groups, *missed.day.groups)})
        minutes = round(day_estimate(together, missed.phase.weeks, missed.index, profile) / 60)
        double = sorted(_hard(other) & _hard(missed))
        said = [f"{other.day.name} then takes about {minutes} min"]
        if double:
            said.append(f"{', '.join(double)} get both days' sets at once")
        edit = MoveSession(week=missed.week.id, day=missed.day.id, into=other.day.id)
        ways.append(WayOut(f"Merge it into {other.day.name}", edit, 1 + len(double), 0, minutes, tuple(said)))
    return ways


def _drop(missed: StudiedDay) -> WayOut:
    lost = sum(asked.hard for asked in missed.asked)
    most = sorted(missed.muscles.items(), key=lambda item: (-item[1], item[0]))[:3]
    said = [f"{lost} hard sets fewer this week"]
    if most:
        said.append("most of all " + ", ".join(f"{muscle} {plain(sets)}" for muscle, sets in most))
    edit = MoveSession(week=missed.week.id, day=missed.day.id)
    return WayOut("Drop it", edit, 0, lost, 0, tuple(said))
