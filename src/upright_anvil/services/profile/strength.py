"""A client's strength: the one estimate behind every screen, from the whole ledger, worked out once for each state.

It is kept by what it rests on (the last row of the ledger, tests, body weights, the library, the day), so that it is
right whoever writes, and costs nothing while nothing was logged.
"""

from collections.abc import Callable, Iterable, Mapping, Sequence
from datetime import date
from decimal import Decimal
from functools import lru_cache
from operator import attrgetter

import numpy as np

from upright_anvil.core.ids import ClientId, ExerciseId, LineId, SessionId
from upright_anvil.core.ledger.how import Quality, SetEnd, Source
from upright_anvil.core.ledger.rows import Outcome
from upright_anvil.core.loads.load import Kilograms, Load, Unit
from upright_anvil.core.plan.client_profile import ClientProfile
from upright_anvil.core.plan.reading import prescription_or_none
from upright_anvil.core.prescription.load_targets import BodyweightLoad, LoadTarget, moved_kg
from upright_anvil.core.prescription.model import Prescription, SideRule
from upright_anvil.core.prescription.tempo import is_slow
from upright_anvil.core.same import Same
from upright_anvil.core.strength.attempts import Attempt, table
from upright_anvil.core.strength.doubted import doubted
from upright_anvil.core.strength.known import Known
from upright_anvil.core.strength.over_time import strengths_in
from upright_anvil.core.strength.rep_curve import rep_curves_in
from upright_anvil.store import ledger
from upright_anvil.store.database import Scope
from upright_anvil.store.ledger import BriefSet
from upright_anvil.store.memo import Memo

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
) -> Known:
    """Answer a client's strength on a day from all that was logged and tested up to it.

    ``profile`` says what each exercise moves and what was tested; ``leaving_out`` is a session that does not count,
    ``path_of`` the exercise whose way there is answered too (`EVERY` for all). The ``dates`` of the client's sessions
    are read where it has to be worked out.
    """
    mark = ledger.last_row(scope, client_id, leaving_out)
    about = (profile.weights, profile.tested, profile.body_kg, Same(profile.exercises))
    key = (client_id, mark, leaving_out, on, path_of, about)
    return _kept.get(
        scope.memory, key, lambda: _worked_out(scope, client_id, profile, on, dates(), leaving_out, path_of)
    )


def _worked_out(
    scope: Scope,
    client_id: ClientId,
    profile: ClientProfile,
    on: date,
    held_on: Mapping[SessionId, date],
    leaving_out: str,
    path_of: str,
) -> Known:
    dates = {held: day for held, day in held_on.items() if held != leaving_out}
    standing = _standing(row for row in ledger.brief_sets(scope, client_id) if row.session_id in dates)
    attempts = [*_tests(profile), *_attempts(standing, dates, profile)]
    sets = table(attempts, on)
    odd = doubted(sets)
    # Work that nobody watched is asked about like any other, but no load follows from it.
    alone = {row.id for row in standing if row.source == Source.HOME}
    watched = np.array([attempts[row].id not in alone for row in sets.row], dtype=bool)
    clean = sets.only(~odd & watched)
    curves = rep_curves_in(clean)
    steep = {name: curve.steepness for name, curve in curves.items()}
    doubtful = frozenset(attempts[row].id for row in sets.row[odd])
    return Known(
        strengths_in(clean, on, steep, path_of),
        curves,
        doubtful,
        _last_loads((row for row in standing if row.id not in doubtful | alone), dates),
    )


def _standing(rows: Iterable[BriefSet]) -> list[BriefSet]:
    """The row of each slot that holds, of those done, by session, line and number (see `core.ledger.standing`)."""
    slots: dict[tuple[SessionId, LineId, int], BriefSet] = {}
    for row in rows:
        slot = (row.session_id, row.line, row.number)
        now = slots.get(slot)
        if now is None or row.replaces == now.id:
            slots[slot] = row
    done = (row for row in slots.values() if row.outcome == Outcome.DONE)
    return sorted(done, key=attrgetter("session_id", "line", "number"))


def _tests(profile: ClientProfile) -> Iterable[Attempt]:
    for test in profile.tested:
        moved = moved_kg(test.load, profile.exercise(test.exercise).bodyweight_share, profile.body_on(test.on))
        if moved:
            group = group_of(test.exercise, profile)
            # A doubtful result was asked about when it was kept.
            yield Attempt(test.exercise, test.on, float(moved), test.reps, test.reserve, 0, group, confirmed=True)


def _attempts(rows: Sequence[BriefSet], dates: Mapping[SessionId, date], profile: ClientProfile) -> Iterable[Attempt]:
    """The working sets that show something: no pain, the form held; body weight counts as it was on the day."""
    place, before = 0, ("", "")
    for row in rows:
        place = place + 1 if (row.session_id, row.line) == before else 0
        before = (row.session_id, row.line)
        if not row.reps or not _shows(row):
            continue
        exercise = profile.exercise(row.exercise)
        on = dates[row.session_id]
        body = profile.body_on(on) if exercise.bodyweight_share else None
        moved = _moved(row.load, row.load_unit, row.assisted, exercise.bodyweight_share, body)
        asked = prescription_or_none(row.planned, profile.unit)
        # Repetitions that go half the way, or with the blood flow restricted, show nothing of what is lifted otherwise.
        if moved and not (asked is not None and (asked.span or asked.cuffs)):
            slow = asked is not None and is_slow(asked.tempo)
            reps = _of_one_side(row.reps, asked)
            yield Attempt(
                row.exercise, on, moved, reps, row.reserve, place, exercise.pattern, slow, row.confirmed, row.id
            )


def _of_one_side(reps: int, asked: Prescription | None) -> int:
    """Left and right in turn are counted together; one side did half of them."""
    in_turn = asked is not None and asked.side is SideRule.ALTERNATING
    return max(1, reps // 2) if in_turn else reps


def _shows(row: BriefSet) -> bool:
    return row.pain is None and row.quality != Quality.BROKE_DOWN and row.ended not in (SetEnd.PAIN, SetEnd.TIME)


@lru_cache(maxsize=DIFFERENT_LOADS)
def _moved(
    load: str | None, unit: str | None, assisted: bool, share: Decimal, body_kg: Kilograms | None
) -> float | None:
    used = _load(load, unit)
    target: LoadTarget | None = BodyweightLoad(used, assisted=True) if assisted and used and used.value else used
    moved = moved_kg(target, share, body_kg)
    return float(moved) if moved else None


def _load(load: str | None, unit: str | None) -> Load | None:
    return Load(Decimal(load), Unit(unit)) if load is not None and unit is not None else None


def _last_loads(rows: Iterable[BriefSet], dates: Mapping[SessionId, date]) -> dict[ExerciseId, Load]:
    """The load used last of each exercise: by the day, then by the order in which it was logged.

    A session that was written down afterwards is as old as the day on which it was held.
    """
    latest: dict[ExerciseId, tuple[date, int, BriefSet]] = {}
    for row in rows:
        if row.load is not None:
            on, before = dates.get(row.session_id, date.min), latest.get(row.exercise)
            if before is None or (on, row.seq) > before[:2]:
                latest[row.exercise] = (on, row.seq, row)
    found = ((name, _load(row.load, row.load_unit)) for name, (_, _, row) in latest.items())
    return {name: load for name, load in found if load is not None}
