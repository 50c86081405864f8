"""What each day of a drafted week is for: its slots, by the number of days. House rule."""

from dataclasses import dataclass

from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.exercises import Pattern
from upright_anvil.core.plan.document import Section


@dataclass(frozen=True, slots=True)
class DraftSlot:
    """A place for one exercise: the patterns (and, for small muscles, the movers) it may have.

    ``wanted`` is how much it is missed when it stays empty, in points; ``role`` says what it is for.
    """

    id: str
    section: Section
    role: str
    patterns: frozenset[Pattern]
    muscles: frozenset[Muscle] = frozenset()
    wanted: int = 60


@dataclass(frozen=True, slots=True)
class DayShape:
    """A day: its name, its weekday (Monday = 0) and its slots in order."""

    name: str
    weekday: int
    slots: tuple[DraftSlot, ...]


P, M = Pattern, Muscle


def _main(role: str, *patterns: Pattern) -> DraftSlot:
    return DraftSlot("", Section.MAIN, role, frozenset(patterns), wanted=120)


def _more(role: str, *patterns: Pattern) -> DraftSlot:
    return DraftSlot("", Section.ACCESSORY, role, frozenset(patterns), wanted=40)


def _small(role: str, *muscles: Muscle) -> DraftSlot:
    return DraftSlot("", Section.ACCESSORY, role, frozenset({P.SINGLE_JOINT, P.LUNGE}), frozenset(muscles), wanted=25)


_TRUNK = DraftSlot("", Section.TRUNK, "trunk", frozenset({P.TRUNK, P.ROTATION}), wanted=45)

_WHOLE_A = (
    "Whole body A",
    (
        _main("squat", P.SQUAT),
        _main("push", P.PUSH_HORIZONTAL),
        _main("pull", P.PULL_HORIZONTAL),
        _more("hinge, lighter", P.HINGE),
        _TRUNK,
        _small("small muscles", M.CALVES, M.SIDE_SHOULDER),
    ),
)
_WHOLE_B = (
    "Whole body B",
    (
        _main("hinge", P.HINGE),
        _main("push upward", P.PUSH_VERTICAL),
        _main("pull from above", P.PULL_VERTICAL),
        _more("one leg at a time", P.LUNGE),
        _TRUNK,
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
        _TRUNK,
        _small("small muscles", M.REAR_SHOULDER, M.BICEPS, M.CALVES),
    ),
)
_LOWER_A = (
    "Lower A",
    (
        _main("squat", P.SQUAT),
        _main("hinge", P.HINGE),
        _more("one leg at a time", P.LUNGE),
        _TRUNK,
        _small("calves", M.CALVES),
    ),
)
_LOWER_B = (
    "Lower B",
    (
        _main("hinge", P.HINGE),
        _main("one leg at a time", P.LUNGE),
        _more("squat, lighter", P.SQUAT),
        _TRUNK,
        _small("hips", M.HIP_ABDUCTORS, M.ADDUCTORS),
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
    ),
)

_WEEKS: dict[int, tuple[tuple[int, tuple[str, tuple[DraftSlot, ...]]], ...]] = {
    1: ((0, _WHOLE_A),),
    2: ((0, _WHOLE_A), (3, _WHOLE_B)),
    3: ((0, _WHOLE_A), (2, _WHOLE_B), (4, _WHOLE_C)),
    4: ((0, _LOWER_A), (1, _UPPER_A), (3, _LOWER_B), (4, _UPPER_B)),
    5: ((0, _LOWER_A), (1, _UPPER_A), (2, _LOWER_B), (3, _UPPER_B), (5, _WHOLE_C)),
    6: ((0, _LOWER_A), (1, _UPPER_A), (2, _LOWER_B), (3, _UPPER_B), (4, _LOWER_A), (5, _UPPER_A)),
}


def week_shape(days: int) -> tuple[DayShape, ...]:
    """Answer the days of a week by their number, 1 to 6; a seventh day stays free. House rule."""
    shape = _WEEKS[min(max(days, 1), 6)]
    return tuple(
        DayShape(
            name,
            weekday,
            tuple(
                DraftSlot(f"d{n}-s{k}", s.section, s.role, s.patterns, s.muscles, s.wanted)
                for k, s in enumerate(slots, start=1)
            ),
        )
        for n, (weekday, (name, slots)) in enumerate(shape, start=1)
    )
