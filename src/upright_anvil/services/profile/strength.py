"""A client's strength: the one estimate behind every screen, from the whole ledger, worked out once for each state.

It is kept by what it rests on (the rows of the ledger, tests, body weights, the library, the day), so that it is
right whoever writes, and costs nothing while nothing was logged.
"""

from bisect import bisect_right
from collections.abc import Callable, Collection, Iterable, Mapping, Sequence
from datetime import date
from decimal import Decimal
from functools import lru_cache
from typing import Any, NamedTuple

import numpy as np
from numpy.typing import NDArray

from upright_anvil.core.ids import ClientId, ExerciseId, SessionId
from upright_anvil.core.ledger.how import Source
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.read_out.client_profile import ClientProfile, Tested
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.prescription.load_targets import BodyweightLoad, LoadTarget, moved_kg
from upright_anvil.core.prescription.model import SideRule
from upright_anvil.core.prescription.tempo import is_slow
from upright_anvil.core.same import Same
from upright_anvil.core.strength.attempts import Attempt, Table, columns_of, joined, usable
from upright_anvil.core.strength.doubted import doubted
from upright_anvil.core.strength.known import Known
from upright_anvil.core.strength.over_time import strengths_in
from upright_anvil.core.strength.rep_curve import rep_curves_in
from upright_anvil.services.profile.history import History, SetColumns, history
from upright_anvil.store.file.database import Scope
from upright_anvil.store.file.memo import Memo
from upright_anvil.store.log.history import BriefSet

MOST_KEPT = 256
"""States of clients' strength that are kept in memory."""

DIFFERENT_LOADS = 8192
"""Loads, as they are written, whose kilograms are kept: a client lifts the same ones for years."""

_kept: Memo[Known] = Memo(MOST_KEPT)


def group_of(exercise_id: ExerciseId, profile: ClientProfile) -> str:
    """Answer which exercises share a rep curve with this one: those of its pattern."""
    return str(profile.exercise(exercise_id).pattern)


def known_of(
    scope: Scope,
    client_id: ClientId,
    profile: ClientProfile,
    on: date,
    dates: Callable[[], Mapping[SessionId, date]],
    *,
    leaving_out: str = "",
    path_of: str = "",
    whole: bool = False,
) -> Known:
    """Answer a client's strength on a day from all that was logged and tested up to it.

    ``profile`` says what each exercise moves and what was tested; ``leaving_out`` is a session that does not count,
    ``path_of`` the exercise whose way there is answered too (`EVERY` for all), the
    ``whole`` of it or as far as `strengths_in` goes back. The ``dates`` of the client's sessions
    are read where it has to be worked out.
    """
    done = history(scope, client_id)
    mark = done.mark(leaving_out)
    about = (profile.weights, profile.tested, profile.body_kg, Same(profile.exercises))
    key = (client_id, mark, leaving_out, on, path_of, whole, about)
    return _kept.get(scope.memory, key, lambda: _worked_out(done, profile, on, dates(), leaving_out, path_of, whole))


def _worked_out(
    done: History,
    profile: ClientProfile,
    on: date,
    held_on: Mapping[SessionId, date],
    leaving_out: str,
    path_of: str,
    whole: bool,
) -> Known:
    dates = {held: day for held, day in held_on.items() if held != leaving_out}
    work = _work(done.columns, dates, profile)
    sets = usable(work, on)
    odd = doubted(sets)
    of = sets.row - len(profile.tested)
    ids = [done.rows[row].id for row in of[odd & (of >= 0)]]
    # Work that nobody watched is asked about like any other, but no load follows from it.
    alone = np.concatenate([np.zeros(len(profile.tested), np.bool_), done.columns.alone])
    clean = sets.only(~odd & ~alone[sets.row])
    curves = rep_curves_in(clean)
    steep = {name: curve.steepness for name, curve in curves.items()}
    doubtful = frozenset(ids)
    return Known(
        strengths_in(clean, on, steep, path_of, whole=whole), curves, doubtful, _last_loads(done, dates, doubtful)
    )


def _tests(profile: ClientProfile) -> list[Attempt]:
    """The tests with a load; a doubtful result was asked about when it was kept."""

    def kg(test: Tested) -> float:
        share = profile.exercise(test.exercise).bodyweight_share
        return float(moved_kg(test.load, share, profile.body_on(test.on)) or 0)

    return [
        Attempt(
            test.exercise, test.on, kg(test), test.reps, test.reserve, 0, group_of(test.exercise, profile),
            confirmed=True,
        )
        for test in profile.tested
    ]  # fmt: skip


def _work(sets: SetColumns, dates: Mapping[SessionId, date], profile: ClientProfile) -> Table:
    """Tests and sets as columns. What shows nothing moved nothing: pain, broken form, half the way, restricted flow,
    and what was done in another session than these.
    """
    tests = columns_of(_tests(profile))
    exercises = {
        name: n
        for n, name in enumerate(
            dict.fromkeys([*(t.exercise for t in profile.tested), *(k.exercise for k in sets.kinds)])
        )
    }
    groups = {name: n for n, name in enumerate(dict.fromkeys(group_of(name, profile) for name in exercises))}
    held = [dates.get(session) for session in sets.sessions]
    asked = [_asked(kind.planned, profile.unit) for kind in sets.kinds]

    def by_kind(values: Iterable[float], kind: type[Any] = np.float64) -> NDArray[Any]:
        return np.array(list(values), kind)[sets.kind]

    shows = sets.clean & by_kind((one.shows for one in asked), np.bool_)
    there = np.array([on is not None for on in held], np.bool_)[sets.session]
    in_turn = by_kind((one.in_turn for one in asked), np.bool_)
    reps = np.where(in_turn & (sets.reps > 0), np.maximum(1, sets.reps // 2), sets.reps)
    unknown = np.full(len(reps), np.nan)
    own = Table(
        day=np.array([on.toordinal() if on else 0 for on in held], np.float64)[sets.session],
        kg=np.where(shows & there, _moved(sets, held, profile), 0.0),
        reps=reps,
        r=unknown,
        reserve=sets.reserve,
        place=sets.place,
        exercise=by_kind((exercises[kind.exercise] for kind in sets.kinds), np.int64),
        group=by_kind((groups[group_of(kind.exercise, profile)] for kind in sets.kinds), np.int64),
        slow=by_kind((one.slow for one in asked), np.bool_),
        confirmed=sets.confirmed,
        row=np.arange(len(reps)),
        fall=unknown,
        blur=unknown,
        exercises=tuple(exercises),
        groups=tuple(groups),
    )
    # Exercises and groups of the tests come first, so their positions are the same in both.
    both = joined(tests, own)
    return both.only((both.kg > 0) & (both.reps > 0))


class _Asked(NamedTuple):
    """What a planned text says of the sets done by it.

    Repetitions that go half the way, or with the blood flow restricted, show nothing of what is lifted otherwise; left
    and right in turn are counted together, so that one side did half of them.
    """

    shows: bool
    slow: bool
    in_turn: bool


@lru_cache(maxsize=DIFFERENT_LOADS)
def _asked(text: str, unit: Unit) -> _Asked:
    asked = prescription_or_none(text, unit)
    if asked is None:
        return _Asked(shows=True, slow=False, in_turn=False)
    return _Asked(not (asked.span or asked.cuffs), is_slow(asked.tempo), asked.side is SideRule.ALTERNATING)


def _moved(sets: SetColumns, held: Sequence[date | None], profile: ClientProfile) -> NDArray[np.float64]:
    """The kilograms each set moved, 0 where nothing is known to; body weight counts as it was on the day."""
    weighed = [on for on, _ in profile.weights]
    body = np.array([max(bisect_right(weighed, on or date.min), 1) for on in held] or [1], np.int64)[sets.session]
    shares = [profile.exercise(kind.exercise).bodyweight_share for kind in sets.kinds]
    # Each kind of work is worked out once for each body weight, once alone where none counts.
    weights = len(profile.weights) + 2
    apart = np.array([1 if share else 0 for share in shares], np.int64)[sets.kind]
    different, of = np.unique(sets.kind * weights + body * apart, return_inverse=True)

    def kg(code: int) -> float:
        kind, on = divmod(code, weights)
        _, load, unit, assisted, _ = sets.kinds[kind]
        body_kg = profile.weights[on - 1][1] if profile.weights and on else profile.body_kg
        return float(moved_kg(added(load, unit, assisted), shares[kind], body_kg if shares[kind] else None) or 0)

    return np.array([kg(int(code)) for code in different], np.float64)[of]


def added(load: str | None, unit: str | None, assisted: bool) -> LoadTarget | None:
    """Answer what was added to body weight, or taken off it, from a set's columns."""
    used = load_of(load, unit)
    return BodyweightLoad(used, assisted=True) if assisted and used and used.value else used


@lru_cache(maxsize=DIFFERENT_LOADS)
def load_of(load: str | None, unit: str | None) -> Load | None:
    """Answer a load from its columns."""
    return Load(Decimal(load), Unit(unit)) if load is not None and unit is not None else None


def _last_loads(done: History, dates: Mapping[SessionId, date], doubtful: Collection[str]) -> dict[ExerciseId, Load]:
    """The load used last of each exercise: by the day, then by the order in which it was logged.

    A session that was written down afterwards is as old as the day on which it was held.
    """
    found: dict[ExerciseId, Load] = {}
    for exercise, rows in done.by_exercise.items():
        used = (
            (dates[row.session_id], row.seq, row) for row in rows if row.session_id in dates and _counts(row, doubtful)
        )
        last = max(used, default=None)
        if last is not None and (load := load_of(last[2].load, last[2].load_unit)) is not None:
            found[exercise] = load
    return found


def _counts(row: BriefSet, doubtful: Collection[str]) -> bool:
    return row.load is not None and row.source != Source.HOME and row.id not in doubtful
