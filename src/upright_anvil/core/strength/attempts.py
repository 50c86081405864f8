"""What is known of one set for estimating strength, and how far each can be trusted."""

from collections.abc import Sequence
from dataclasses import dataclass, fields, replace
from datetime import date
from typing import Final

import numpy as np
from numpy.typing import NDArray

from upright_anvil.core.constants import DEFAULT_RESERVE, MAX_ESTIMATE_REPS
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.strength.estimate import house_blend

Floats = NDArray[np.float64]

KNOWN_RESERVE_SD: Final = 0.7
KNOWN_RESERVE_SD_PER_REP: Final = 0.08
"""How far a reserve that was said is off, repetitions: more, the more were left (Zourdos et al. 2016). House."""

UNKNOWN_RESERVE_SD: Final = 1.8
"""How far the two repetitions are off that an unsaid reserve counts as. House figure."""

CURVE_SD: Final = 0.012
CURVE_SD_PER_REP: Final = 0.0025
"""How far the curve itself is off, as a share of the maximum: more, the more repetitions. House figures."""

MANY_LEFT: Final = 5
MANY_LEFT_MEANS, MANY_LEFT_SD = 6.0, 1.5
"""Five left is said for five and more: what it counts as, and how far that is off, repetitions. House figures."""

MOST_DAYS: Final = 100_000
MOST_GRAMS: Final = 10_000_000
"""Bounds of days and grams where several figures are written as one."""

TIRED_PER_SET: Final = 0.01
"""What each set before it takes from a set, as a share of the maximum. House figure."""


@dataclass(frozen=True, slots=True)
class Attempt:
    """One clean working set: kilograms moved, repetitions, how many were left (None: nobody said).

    ``place`` counts the working sets of the exercise before it in the same session; ``group`` names the exercises that
    share a rep curve. ``slow`` says that slow lowering or long pauses were asked, so that it shows at least so much;
    ``confirmed`` that the trainer was asked about the figure and it is right. ``id`` is that of the set.
    """

    exercise: ExerciseId
    on: date
    kg: float
    reps: int
    reserve: int | None
    place: int = 0
    group: str = ""
    slow: bool = False
    confirmed: bool = False
    id: str = ""


@dataclass(frozen=True, slots=True)
class Table:
    """Sets as columns: day, kilograms, repetitions and those to failure, reserve (nan: unsaid), place, exercise, group.

    ``exercise`` and ``group`` are positions in ``exercises`` and ``groups``, ``row`` that in the attempts it is made
    of. ``slow`` and ``confirmed`` are those of the attempts. ``fall`` is the log of maximum by load, ``blur`` how far a
    misjudged reserve moves it (a variance). Before `usable` has put them in order of exercise and day, ``r``, ``fall``
    and ``blur`` are not known (nan).
    """

    day: Floats
    kg: Floats
    reps: Floats
    r: Floats
    reserve: Floats
    place: Floats
    exercise: NDArray[np.int64]
    group: NDArray[np.int64]
    slow: NDArray[np.bool_]
    confirmed: NDArray[np.bool_]
    row: NDArray[np.int64]
    fall: Floats
    blur: Floats
    exercises: tuple[str, ...]
    groups: tuple[str, ...]

    def only(self, kept: NDArray[np.bool_] | NDArray[np.int64]) -> "Table":
        """Answer the table with the rows that are kept, or those at some positions in their order."""
        columns = {name: getattr(self, name)[kept] for name in _COLUMNS}
        return Table(**columns, exercises=self.exercises, groups=self.groups)

    def by_session(self) -> tuple[NDArray[np.int64], NDArray[np.int64]]:
        """Answer where each session of an exercise begins, and the number of each set's session; rows are in order."""
        begins = np.empty(len(self.day), np.bool_)
        begins[:1] = True
        begins[1:] = (np.diff(self.exercise) != 0) | (np.diff(self.day) != 0)
        return np.flatnonzero(begins), np.cumsum(begins) - 1


_COLUMNS: Final = tuple(field.name for field in fields(Table) if field.name not in ("exercises", "groups"))


def table(attempts: Sequence[Attempt], until: date) -> Table:
    """Answer the sets up to a day that say something about the maximum, as `usable` does."""
    return usable(columns_of(attempts), until)


def columns_of(attempts: Sequence[Attempt]) -> Table:
    """Answer attempts as columns, all of them; what they come to to failure is not known yet (nan)."""
    of, group = [a.exercise for a in attempts], [a.group for a in attempts]
    exercises, groups = ({name: n for n, name in enumerate(dict.fromkeys(names))} for names in (of, group))
    unknown = np.full(len(attempts), np.nan)
    return Table(
        day=np.array([a.on.toordinal() for a in attempts], np.float64),
        kg=np.array([a.kg for a in attempts], np.float64),
        reps=np.array([a.reps for a in attempts], np.float64),
        r=unknown,
        reserve=np.array([a.reserve for a in attempts], np.float64),
        place=np.array([a.place for a in attempts], np.float64),
        exercise=np.array([exercises[name] for name in of], np.int64),
        group=np.array([groups[name] for name in group], np.int64),
        slow=np.array([a.slow for a in attempts], np.bool_),
        confirmed=np.array([a.confirmed for a in attempts], np.bool_),
        row=np.arange(len(attempts)),
        fall=unknown,
        blur=unknown,
        exercises=tuple(exercises),
        groups=tuple(groups),
    )


def joined(first: Table, second: Table) -> Table:
    """Answer the rows of both, counted on; the exercises and groups of the first are the beginning of the second's."""
    columns = {name: np.concatenate([getattr(first, name), getattr(second, name)]) for name in _COLUMNS}
    columns["row"] = np.arange(len(columns["row"]))
    return Table(**columns, exercises=second.exercises, groups=second.groups)


def usable(sets: Table, until: date) -> Table:
    """Answer the sets up to a day that say something about the maximum: something moved, 1 to 20 reps to failure.

    They come in order of exercise and day, and as they were within it.
    """
    sets = replace(sets, r=_to_failure(sets))
    shows = (sets.kg > 0) & (sets.reps > 0) & (sets.r <= MAX_ESTIMATE_REPS) & (sets.day <= until.toordinal())
    kept = np.flatnonzero(shows)
    kept = kept[np.argsort(sets.exercise[kept] * MOST_DAYS + sets.day[kept].astype(np.int64), kind="stable")]
    found = sets.only(kept)
    return replace(found, fall=log_factors(found.r), blur=reserve_variances(found.r, found.reserve))


def _to_failure(sets: Table) -> Floats:
    """Repetitions to failure: done and left. An unsaid reserve is that of the day's other sets at the load, else 2."""
    left = np.where(sets.reserve >= MANY_LEFT, MANY_LEFT_MEANS, sets.reserve)
    r = sets.reps + np.where(np.isnan(left), DEFAULT_RESERVE, left)
    if not np.isnan(left).any():
        return r
    grams = np.rint(sets.kg * 1000).astype(np.int64)
    day = sets.exercise * MOST_DAYS + (sets.day - sets.day.min()).astype(np.int64)
    alike = np.unique(day * MOST_GRAMS + np.clip(grams, 0, MOST_GRAMS - 1), return_inverse=True)[1]
    said = (~np.isnan(left)).astype(np.float64)
    many = np.bincount(alike, said)
    others = np.bincount(alike, r * said) / np.maximum(many, 1)
    unsaid = np.isnan(left) & (many[alike] > 0)
    return np.where(unsaid, np.clip(others[alike], sets.reps, sets.reps + MANY_LEFT_MEANS), r)


def left_of(sets: Table) -> Floats:
    """Answer the repetitions each set counts as left with: as said, six where five and more, two where nobody said."""
    return np.where(
        np.isnan(sets.reserve), DEFAULT_RESERVE, np.where(sets.reserve >= MANY_LEFT, MANY_LEFT_MEANS, sets.reserve)
    )


def log_factors(r: Floats) -> Floats:
    """Answer log(maximum / load) at R repetitions to failure by the house blend, element by element."""
    return np.asarray(np.log(house_blend(r)), dtype=np.float64)


def variances(r: Floats, reserve: Floats) -> Floats:
    """Answer the variance of each set's log estimate: the reserve's error through the curve, and the curve's own.

    House rule.
    """
    return with_curve(reserve_variances(r, reserve), r)


def with_curve(blur: Floats, r: Floats) -> Floats:
    """Answer the same from what the reserve alone blurs."""
    return np.asarray(blur + (CURVE_SD + CURVE_SD_PER_REP * r) ** 2, dtype=np.float64)


def reserve_variances(r: Floats, reserve: Floats) -> Floats:
    """Answer how much a misjudged reserve blurs each set's log estimate, as a variance. House rule."""
    said = np.where(reserve >= MANY_LEFT, MANY_LEFT_SD, KNOWN_RESERVE_SD + KNOWN_RESERVE_SD_PER_REP * reserve)
    reserve_sd = np.where(np.isnan(reserve), UNKNOWN_RESERVE_SD, said)
    slope = log_factors(r + 0.5) - log_factors(np.maximum(r - 0.5, 1))
    return np.asarray((slope * reserve_sd) ** 2, dtype=np.float64)
