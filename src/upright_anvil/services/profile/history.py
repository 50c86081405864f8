"""A client's history: the working sets that were done, as they stand; read once, and read on from where it ended."""

from collections import Counter, defaultdict
from collections.abc import Callable, Iterable, Mapping, Sequence
from dataclasses import dataclass
from functools import cached_property
from operator import itemgetter
from threading import Lock
from typing import Any, NamedTuple, TypeVar

import numpy as np
from numpy.typing import NDArray

from upright_anvil.core.ids import ClientId, ExerciseId, LineId, SessionId
from upright_anvil.core.ledger.how import Quality, SetEnd, Source
from upright_anvil.core.ledger.rows import Outcome
from upright_anvil.store.file.database import Scope
from upright_anvil.store.file.memo import Memo
from upright_anvil.store.log.history import BriefSet, LogEnd, brief_sets, log_end, still_ends

K = TypeVar("K")

MOST_KEPT = 12
"""Clients whose history is kept in memory: ten thousand sets take about 5 MB."""


@dataclass(frozen=True)
class History:
    """The working sets that stand and were done, by session, line and number."""

    rows: Sequence[BriefSet]
    logged: Sequence[BriefSet] = ()
    """All rows of working sets as they arrived, corrected ones too."""

    def mark(self, leaving_out: str = "") -> tuple[str, int]:
        """Answer how far the log outside one session is: its newest row's id, and how many rows there are.

        What was worked out from the rows holds as long; what is taken back changes it too.
        """
        newest = next((row.id for row in reversed(self.logged) if row.session_id != leaving_out), "")
        return newest, len(self.logged) - self._rows_of[leaving_out]

    @cached_property
    def _rows_of(self) -> Counter[str]:
        return Counter(row.session_id for row in self.logged)

    @cached_property
    def by_exercise(self) -> Mapping[ExerciseId, Sequence[BriefSet]]:
        """The sets of each exercise, in the same order."""
        return _gathered(self.rows, lambda row: row.exercise)

    @cached_property
    def alike(self) -> Mapping[ExerciseId, Sequence[Sequence[BriefSet]]]:
        """The sets of each exercise with those of the same figures together: clean ones and others apart."""
        found: dict[ExerciseId, dict[tuple[object, ...], list[BriefSet]]] = defaultdict(lambda: defaultdict(list))
        for row in self.rows:
            found[row.exercise][(*_figures_of(row), is_clean(row))].append(row)
        return {name: list(groups.values()) for name, groups in found.items()}

    @cached_property
    def by_session(self) -> Mapping[ExerciseId, Mapping[SessionId, Sequence[BriefSet]]]:
        """The sets of each exercise, session by session."""
        found: dict[ExerciseId, dict[SessionId, list[BriefSet]]] = defaultdict(lambda: defaultdict(list))
        for row in self.rows:
            found[row.exercise][row.session_id].append(row)
        return {name: dict(sessions) for name, sessions in found.items()}

    @cached_property
    def in_session(self) -> Mapping[SessionId, Sequence[BriefSet]]:
        """The sets of each session, by line and number."""
        return _gathered(self.rows, lambda row: row.session_id)

    @cached_property
    def sessions_by_exercise(self) -> Mapping[ExerciseId, int]:
        """In how many sessions each exercise was done."""
        return {name: len(sessions) for name, sessions in self.by_session.items()}

    @cached_property
    def by_line(self) -> Mapping[LineId, Sequence[BriefSet]]:
        """The sets of each line of a program, in the same order; lines keep their ids where they are carried over."""
        return _gathered(self.rows, lambda row: row.line)

    @cached_property
    def columns(self) -> "SetColumns":
        """The sets as arrays, what they repeat gathered once."""
        rows, many = self.rows, len(self.rows)
        kinds: dict[tuple[Any, ...], int] = {}
        sessions: dict[SessionId, int] = {}
        of = [kinds.setdefault(_kind_of(row), len(kinds)) for row in rows]
        held = [sessions.setdefault(row.session_id, len(sessions)) for row in rows]
        places, place, before = [], 0, ("", "")
        for row in rows:
            here = (row.session_id, row.line)
            place = place + 1 if here == before else 0
            before = here
            places.append(place)
        return SetColumns(
            kinds=[SameWork(*kind) for kind in kinds],
            kind=np.array(of, np.int64),
            sessions=list(sessions),
            session=np.array(held, np.int64),
            reps=np.fromiter((row.reps or 0 for row in rows), np.float64, many),
            reserve=np.fromiter((np.nan if row.reserve is None else row.reserve for row in rows), np.float64, many),
            place=np.array(places, np.float64),
            clean=np.fromiter(map(is_clean, rows), np.bool_, many),
            confirmed=np.fromiter((row.confirmed for row in rows), np.bool_, many),
            alone=np.fromiter((row.source == Source.HOME for row in rows), np.bool_, many),
        )


def _gathered(rows: Iterable[BriefSet], of: Callable[[BriefSet], K]) -> dict[K, list[BriefSet]]:
    """Rows by what they are of, in the same order."""
    found: dict[K, list[BriefSet]] = defaultdict(list)
    for row in rows:
        found[of(row)].append(row)
    return dict(found)


_figures_of = itemgetter(
    *(
        BriefSet._fields.index(name)
        for name in ("load", "load_unit", "assisted", "reps", "reserve", "seconds", "metres")
    )
)
_kind_of = itemgetter(
    *(BriefSet._fields.index(name) for name in ("exercise", "load", "load_unit", "assisted", "planned"))
)


class SameWork(NamedTuple):
    """What was done with what: the same for many sets of years."""

    exercise: ExerciseId
    load: str | None
    load_unit: str | None
    assisted: bool
    planned: str


@dataclass(frozen=True, slots=True)
class SetColumns:
    """Sets as arrays, one entry a set.

    ``kind`` and ``session`` are positions in ``kinds`` and ``sessions``; ``reps`` is 0 and ``reserve`` nan where nobody
    said. ``place`` counts the sets of the line before it in the session; ``clean`` says that nothing hurt, the form
    held and no clock cut it short, ``alone`` that nobody watched.
    """

    kinds: Sequence[SameWork]
    kind: NDArray[np.int64]
    sessions: Sequence[SessionId]
    session: NDArray[np.int64]
    reps: NDArray[np.float64]
    reserve: NDArray[np.float64]
    place: NDArray[np.float64]
    clean: NDArray[np.bool_]
    confirmed: NDArray[np.bool_]
    alone: NDArray[np.bool_]


def is_clean(row: BriefSet) -> bool:
    """Answer whether a set shows what a client can do (the rule is `core.ledger.how.How.clean_enough`)."""
    return row.pain is None and row.quality != Quality.BROKE_DOWN and row.ended not in (SetEnd.PAIN, SetEnd.TIME)


class _Log:
    """A client's rows as far as they were read."""

    def __init__(self) -> None:
        self._lock = Lock()
        self._end: LogEnd | None = None
        self._rows: list[BriefSet] = []
        self._history = History(())

    def read_on(self, scope: Scope, client_id: ClientId) -> History:
        """Answer the history as it stands, reading what came since; all anew where something was taken back."""
        with self._lock:
            end = log_end(scope, client_id)
            if end != self._end:
                before = self._end
                goes_on = before is not None and still_ends(scope, client_id, before)
                if goes_on and before is not None:
                    self._rows += brief_sets(scope, client_id, before.seq)
                else:
                    self._rows = brief_sets(scope, client_id)
                self._end, self._history = end, History(standing(self._rows), tuple(self._rows))
            return self._history


_logs: Memo[_Log] = Memo(MOST_KEPT)


def history(scope: Scope, client_id: ClientId) -> History:
    """Answer what a client has done, up to the newest row of the log; looked for once where nothing can be added."""
    log = _logs.get(scope.memory, client_id, _Log)
    return scope.once((_logs, client_id), lambda: log.read_on(scope, client_id))


_IN_ORDER = itemgetter(*(BriefSet._fields.index(name) for name in ("session_id", "line", "number")))


def standing(rows: Iterable[BriefSet]) -> list[BriefSet]:
    """Answer the row of each slot that holds, of those done, in order (the rule is `core.ledger.standing`)."""
    slots: dict[tuple[SessionId, LineId, int], BriefSet] = {}
    for row in rows:
        slot = _IN_ORDER(row)
        now = slots.setdefault(slot, row)
        if now is not row and row.replaces == now.id:
            slots[slot] = row
    done = Outcome.DONE.value
    return sorted((row for row in slots.values() if row.outcome == done), key=_IN_ORDER)
