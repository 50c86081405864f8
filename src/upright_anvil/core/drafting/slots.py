"""What each day of a drafted week is for: its slots, from the number of days, which days they are, and the client.

House rule, after what trainers do: whole-body days where there is a day between, lower and upper body where days
follow each other; a long run, ride or tour on a day that leaves the legs alone, with a day between it and heavy legs.
"""

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, replace
from enum import StrEnum
from typing import Final

from upright_anvil.core.body.joints import Joint
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.drafting.brief import Brief
from upright_anvil.core.drafting.words import Interest, stem
from upright_anvil.core.exercises import Pattern
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.plan.document import Section
from upright_anvil.core.plan.weekdays import days_apart, training_days

LONG_ENDURANCE: Final = (16, 20, 24, 28, 32, 36, 40, 45, 50, 60)
SHORT_ENDURANCE: Final = (8, 10, 12, 14)
"""Minutes a line of endurance may have: of its own, and after lifting, where it stays under a quarter of an hour."""


class SlotWork(StrEnum):
    """What sort of work a slot holds."""

    STRENGTH = "strength"
    TRUNK = "trunk"
    BALANCE = "balance"
    CARRY = "carrying"
    POWER = "jumps and throws"
    ENDURANCE = "endurance"


@dataclass(frozen=True, slots=True)
class DraftSlot:
    """A place for one exercise: the patterns (and, for small muscles, the movers) it may have.

    ``wanted`` is how much it is missed when it stays empty, in points; ``role`` says what it is for; exercises whose
    names hold one of the stems in ``prefers`` come first. ``minutes`` are the lengths a line of endurance may have.
    """

    id: str
    section: Section
    role: str
    patterns: frozenset[Pattern] = frozenset()
    muscles: frozenset[Muscle] = frozenset()
    wanted: int = 60
    work: SlotWork = SlotWork.STRENGTH
    prefers: frozenset[str] = frozenset()
    minutes: tuple[int, ...] = ()


@dataclass(frozen=True, slots=True)
class DayShape:
    """A day: its name, its weekday (Monday = 0), its slots in order, and whether heavy legs stay off it."""

    name: str
    weekday: int
    slots: tuple[DraftSlot, ...]
    spares_legs: bool = False


P, M = Pattern, Muscle


def _main(role: str, *patterns: Pattern) -> DraftSlot:
    return DraftSlot("", Section.MAIN, role, frozenset(patterns), wanted=120)


def _more(role: str, *patterns: Pattern) -> DraftSlot:
    return DraftSlot("", Section.ACCESSORY, role, frozenset(patterns), wanted=40)


def _small(role: str, *muscles: Muscle, wanted: int = 25) -> DraftSlot:
    patterns = frozenset({P.SINGLE_JOINT, P.LUNGE, P.HINGE, P.SQUAT, P.PULL_HORIZONTAL})
    return DraftSlot("", Section.ACCESSORY, role, patterns, frozenset(muscles), wanted=wanted)


def _trunk(role: str, *patterns: Pattern, wanted: int = 45) -> DraftSlot:
    return DraftSlot("", Section.TRUNK, role, frozenset(patterns), wanted=wanted, work=SlotWork.TRUNK)


_STILL = _trunk("trunk, held against the pull", P.TRUNK)
_TURN = _trunk("trunk, against a turn or to the side", P.ROTATION, P.TRUNK)
_WHOLE_A = (
    "Whole body A",
    (
        _main("squat", P.SQUAT),
        _main("push", P.PUSH_HORIZONTAL),
        _main("pull", P.PULL_HORIZONTAL),
        _more("hinge, lighter", P.HINGE),
        _STILL,
        _small("calves and shoulders", M.CALVES, M.SIDE_SHOULDER),
    ),
)
_WHOLE_B = (
    "Whole body B",
    (
        _main("hinge", P.HINGE),
        _main("push upward", P.PUSH_VERTICAL),
        _main("pull from above", P.PULL_VERTICAL),
        _more("one leg at a time", P.LUNGE),
        _TURN,
        _small("arms", M.BICEPS, M.TRICEPS),
    ),
)
_WHOLE_C = (
    "Whole body C",
    (
        _main("one leg at a time", P.LUNGE, P.SQUAT),
        _main("pull", P.PULL_HORIZONTAL, P.PULL_VERTICAL),
        _main("push", P.PUSH_HORIZONTAL, P.PUSH_VERTICAL),
        _more("hinge", P.HINGE),
        _trunk("trunk", P.TRUNK, P.ROTATION),
        _small("back of the shoulders, arms, calves", M.REAR_SHOULDER, M.BICEPS, M.CALVES),
    ),
)
_LOWER_A = (
    "Lower A",
    (
        _main("squat", P.SQUAT),
        _main("hinge", P.HINGE),
        _more("one leg at a time", P.LUNGE),
        _STILL,
        _small("calves", M.CALVES),
    ),
)
_LOWER_B = (
    "Lower B",
    (
        _main("hinge", P.HINGE),
        _main("one leg at a time", P.LUNGE),
        _more("squat, lighter", P.SQUAT),
        _trunk("trunk", P.TRUNK, P.ROTATION),
        _small("sides of the hips", M.HIP_ABDUCTORS, M.ADDUCTORS),
    ),
)
_UPPER_A = (
    "Upper A",
    (
        _main("push", P.PUSH_HORIZONTAL),
        _main("pull", P.PULL_HORIZONTAL),
        _more("push upward", P.PUSH_VERTICAL),
        _more("pull from above", P.PULL_VERTICAL),
        _small("arms", M.BICEPS, M.TRICEPS),
        _TURN,
    ),
)
_UPPER_B = (
    "Upper B",
    (
        _main("push upward", P.PUSH_VERTICAL),
        _main("pull from above", P.PULL_VERTICAL),
        _more("push", P.PUSH_HORIZONTAL),
        _more("pull", P.PULL_HORIZONTAL),
        _small("shoulders", M.SIDE_SHOULDER, M.REAR_SHOULDER),
        _STILL,
    ),
)
_FILLERS = (
    _small("arms", M.BICEPS, M.TRICEPS, wanted=4),
    _small("back of the shoulders", M.REAR_SHOULDER, wanted=4),
    _trunk("trunk, once more", P.TRUNK, P.ROTATION, wanted=2),
    _small("calves and shins", M.CALVES, M.SHINS, wanted=0),
    _small("sides of the hips", M.HIP_ABDUCTORS, M.ADDUCTORS, wanted=0),
)
"""What a long session has room for besides."""


def week_shape(brief: Brief) -> tuple[tuple[DayShape, ...], tuple[str, ...]]:
    """Answer the days of a week with their slots, and what of the wished days could not be kept."""
    weekdays, told = training_days(brief.who.days_a_week, brief.said.weekdays)
    bases = _bases(weekdays)
    long = _long_days(brief, weekdays)
    shapes = []
    for n, weekday in enumerate(weekdays):
        name, slots = bases[n]
        if n in long:
            name, slots = _beside_endurance(brief, name)
        if brief.unsteady:
            slots = tuple(_seated(slot) for slot in slots)
        every = _ordered((*slots, *_extras(brief, n, len(weekdays), long), *_fillers(brief)))
        numbered = tuple(replace(slot, id=f"d{n + 1}-s{k}") for k, slot in enumerate(every, start=1))
        shapes.append(DayShape(name, weekday, numbered, spares_legs=n in long))
    return tuple(shapes), told


def _seated(slot: DraftSlot) -> DraftSlot:
    """Who may fall learns to stand up from something first."""
    seats = frozenset(map(stem, ("chair", "sit", "box", "step")))
    return replace(slot, prefers=seats) if slot.patterns & {P.SQUAT, P.LUNGE} and not slot.muscles else slot


def _bases(weekdays: Sequence[int]) -> list[tuple[str, tuple[DraftSlot, ...]]]:
    count = len(weekdays)
    close = [any(days_apart(day, other) == 1 for other in weekdays if other != day) for day in weekdays]
    if count > 3:  # noqa: PLR2004 - lower and upper in turn
        turns = [_LOWER_A, _UPPER_A, _LOWER_B, _UPPER_B]
        return [_WHOLE_C if count == 5 and n == 4 else turns[n % 4] for n in range(count)]  # noqa: PLR2004
    whole = [_WHOLE_A, _WHOLE_B, _WHOLE_C]
    split = [_LOWER_A, _UPPER_A, _LOWER_B]
    found, turn = [], 0
    for n in range(count):
        if close[n]:
            found.append(split[turn])
            turn += 1
        else:
            found.append(whole[n])
    return found


def _long_days(brief: Brief, weekdays: Sequence[int]) -> frozenset[int]:
    """Which days carry the long run, ride or tour: those with the most room to the days of heavy legs."""
    if not brief.endurance or brief.careful or brief.who.minutes < 30:  # noqa: PLR2004 - a short day has no long part
        return frozenset()
    goes = brief.interests & {Interest.RUN, Interest.RIDE, Interest.ROW, Interest.SWIM, Interest.HIKE, Interest.STAMINA}
    if not goes and brief.who.goal not in (GoalKind.FITNESS, GoalKind.BODY_WEIGHT):
        return frozenset()
    count = len(weekdays)
    if count == 1:
        return frozenset()
    many = 2 if brief.endures_first and count > 2 else 1  # noqa: PLR2004
    room = [min(days_apart(day, other) for other in weekdays if other != day) for day in weekdays]
    upper = [2 if base[0].startswith("Upper") else 0 for base in _bases(weekdays)]
    best = sorted(range(count), key=lambda n: (-upper[n], -room[n], -n))
    return frozenset(best[:many])


def _beside_endurance(brief: Brief, name: str) -> tuple[str, tuple[DraftSlot, ...]]:
    base = _UPPER_B if name.endswith("B") else _UPPER_A
    kept = tuple(slot for slot in base[1] if slot.section is not Section.TRUNK)
    what = _endurance_role(brief)
    longest = max(brief.who.minutes * (6 if brief.endures_first else 5) // 10, LONG_ENDURANCE[0])
    fits = tuple(m for m in LONG_ENDURANCE if m <= longest)
    long = DraftSlot("", Section.CARDIO, what, wanted=140, work=SlotWork.ENDURANCE, minutes=fits)
    way = _way(brief)
    return f"Upper and {_WAY[way] if way else 'endurance'}", (*kept, _TURN, long)


_WAY = {
    Interest.RUN: "run", Interest.RIDE: "ride", Interest.ROW: "row", Interest.SWIM: "swim", Interest.HIKE: "hills",
}  # fmt: skip


def _way(brief: Brief) -> Interest | None:
    return next((way for way in _WAY if way in brief.interests), None)


def _endurance_role(brief: Brief) -> str:
    way = _way(brief)
    return f"endurance: {way}" if way else "endurance"


def _extras(brief: Brief, n: int, count: int, long: Iterable[int]) -> tuple[DraftSlot, ...]:
    """What this client's goals, years and words ask for besides, on day ``n`` of ``count``."""
    goals, found = {brief.who.goal, brief.who.second_goal}, []
    away = n in long
    if brief.older or brief.unsteady:
        found.append(_balance(wanted=150))
    elif n == count - 1 and (
        brief.interests & {Interest.HIKE, Interest.SNOW, Interest.GAMES, Interest.STAIRS}
        or goals & {GoalKind.EVERYDAY, GoalKind.FITNESS, GoalKind.ENJOYMENT}
        or brief.joint in (Joint.ANKLE, Joint.KNEE)
    ):
        found.append(_balance(wanted=35, section=Section.ACCESSORY))
    springs = brief.interests & {Interest.GAMES, Interest.POWER, Interest.SNOW} or goals & {
        GoalKind.EVENT, GoalKind.FITNESS, GoalKind.ENJOYMENT,
    }  # fmt: skip
    if not brief.quiet and (springs or (brief.trained and GoalKind.STRENGTH in goals)) and n < (2 if springs else 1):
        found.append(
            DraftSlot("", Section.MAIN, "quick, while fresh", wanted=55 if springs else 30, work=SlotWork.POWER)
        )
    found += _carries(brief, n, count)
    found += _named_muscles(brief, n)
    found += _own_wishes(brief, n)
    if brief.endurance and not away:
        wanted = 70 if brief.careful or brief.interests else 45
        role = _endurance_role(brief)
        found.append(
            DraftSlot("", Section.CARDIO, role, wanted=wanted, work=SlotWork.ENDURANCE, minutes=SHORT_ENDURANCE)
        )
    return tuple(found)


def _balance(wanted: int, section: Section = Section.MAIN) -> DraftSlot:
    return DraftSlot("", section, "balance, while fresh", wanted=wanted, work=SlotWork.BALANCE)


def _carries(brief: Brief, n: int, count: int) -> list[DraftSlot]:
    close = brief.interests & {Interest.CARRY, Interest.HIKE, Interest.GRIP, Interest.CLIMB} or brief.older
    usual = {
        GoalKind.EVERYDAY,
        GoalKind.EVENT,
        GoalKind.FITNESS,
        GoalKind.STRENGTH,
        GoalKind.ENJOYMENT,
        GoalKind.POSTURE,
    }
    if (close and n % 2 == 0) or (
        n == min(1, count - 1) and (close or {brief.who.goal, brief.who.second_goal} & usual)
    ):
        return [DraftSlot("", Section.ACCESSORY, "carry", wanted=80 if close else 38, work=SlotWork.CARRY)]
    return []


def _named_muscles(brief: Brief, n: int) -> list[DraftSlot]:
    if not brief.lagging:
        return []
    first, second = brief.lagging[n % len(brief.lagging)], brief.lagging[(n + 1) % len(brief.lagging)]
    named = list(dict.fromkeys((first, second)))
    return [_small(f"{muscle}, to bring up", muscle, wanted=85) for muscle in named]


_JOINT_MUSCLES = {
    Joint.KNEE: (M.QUADRICEPS, M.HAMSTRINGS, M.HIP_ABDUCTORS), Joint.SHOULDER: (M.REAR_SHOULDER, M.UPPER_BACK),
    Joint.HIP: (M.GLUTES, M.HIP_ABDUCTORS), Joint.ANKLE: (M.CALVES, M.SHINS, M.ANKLE_STABILISERS),
    Joint.LOWER_BACK: (M.SPINAL_ERECTORS, M.GLUTES), Joint.NECK: (M.UPPER_BACK,), Joint.ELBOW: (M.FOREARMS, M.BICEPS),
    Joint.WRIST: (M.FOREARMS,),
}  # fmt: skip


def _own_wishes(brief: Brief, n: int) -> list[DraftSlot]:
    """Slots for a joint to be made strong, steps, a pull-up, a straighter back, grip."""
    found, wish = [], brief.interests
    if brief.joint is not None:
        found.append(_small(f"strong around the {brief.joint}", *_JOINT_MUSCLES[brief.joint], wanted=75))
    if wish & {Interest.HIKE, Interest.STAIRS, Interest.SNOW} and n % 2 == 0:
        steps = frozenset(map(stem, ("step", "stair")))
        found.append(replace(_more("steps", P.LUNGE), wanted=75, prefers=steps))
    if wish & {Interest.DESK} or GoalKind.POSTURE in (brief.who.goal, brief.who.second_goal):
        found.append(_small("back of the shoulders, for a straighter back", M.REAR_SHOULDER, M.UPPER_BACK, wanted=65))
    if Interest.PULL_UP in wish:
        pulls = frozenset(map(stem, ("pull-up", "chin-up", "hang", "pulldown")))
        found.append(replace(_main("towards the pull-up", P.PULL_VERTICAL), wanted=110, prefers=pulls))
    if wish & {Interest.GRIP, Interest.CLIMB}:
        found.append(_small("grip", M.FOREARMS, wanted=60))
    return found


def _fillers(brief: Brief) -> tuple[DraftSlot, ...]:
    """Small things for long sessions; who is new or has to be careful gets fewer of them."""
    few = brief.careful or brief.who.training_age is TrainingAge.NEW
    room = (brief.who.minutes - 35) // 15
    return _FILLERS[: max(min(room, 3 if few else 5), 0)]


_ORDER = {section: n for n, section in enumerate(Section)}
_FRESH = {SlotWork.POWER: 0, SlotWork.BALANCE: 1}


def _ordered(slots: Iterable[DraftSlot]) -> tuple[DraftSlot, ...]:
    """Section by section; what wants fresh legs comes first in its own."""
    return tuple(sorted(slots, key=lambda s: (_ORDER[s.section], _FRESH.get(s.work, 2))))
