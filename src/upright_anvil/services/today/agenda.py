"""A program's days by date, without what is trained in them: read from its document once for each revision."""

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass
from datetime import date
from functools import cached_property

from upright_anvil.core.ids import ClientId, DayId, PlaceId, ProgramId, SessionId, WeekId
from upright_anvil.core.plan.document import Day, Phase, Program
from upright_anvil.core.plan.read_out.reading import day_estimate
from upright_anvil.services.clients.places import inventory_from
from upright_anvil.services.ids import session_id
from upright_anvil.services.profile.pace import read_paces, timing_profile
from upright_anvil.services.shelf import Library, library
from upright_anvil.store import programs
from upright_anvil.store.file.database import Scope
from upright_anvil.store.file.memo import Memo
from upright_anvil.store.studio.exercises import library_mark
from upright_anvil.store.studio.places import kit_of_clients
from upright_anvil.store.tables import ClientRow, ProgramRow, SessionRow

MOST_KEPT = 5000
"""Programs, and days of them, that are kept in memory."""


@dataclass(frozen=True, slots=True)
class AgendaDay:
    """A day that a program plans: ``exercises`` with something written that week, ``week`` counted from 1 throughout.

    ``phase`` and ``index`` (from 0) say where it stands in the document.
    """

    session_id: SessionId
    week_id: WeekId
    day_id: DayId
    name: str
    on: date
    week: int
    exercises: int
    alone: bool
    top_up: bool
    phase: int
    index: int


@dataclass(frozen=True, slots=True)
class Agenda:
    """A program's name, its days by date, the Monday and phase of each week, and the Sunday of the last."""

    name: str
    days: tuple[AgendaDay, ...]
    weeks: tuple[tuple[date, int], ...]
    end: date


_agendas: Memo[Agenda] = Memo(MOST_KEPT)


def agenda_of(scope: Scope, program: ProgramRow) -> Agenda:
    """Answer the days of the revision that holds. Raises `NotFoundError`."""
    key = (program.id, program.revision)
    return _agendas.get(scope.memory, key, lambda: _read(programs.plan(scope, program.id, program.revision), program))


def agendas_of(scope: Scope, rows: Iterable[ProgramRow]) -> dict[ProgramId, Agenda]:
    """Answer the same of many programs, with one query for those that were not read yet."""
    rows = list(rows)
    unread = [row.id for row in rows if not _agendas.has(scope.memory, (row.id, row.revision))]
    if unread:
        programs.read_plans(scope, unread)
    return {row.id: agenda_of(scope, row) for row in rows}


def _read(program: Program, row: ProgramRow) -> Agenda:
    places = {phase.id: at for at, phase in enumerate(program.phases)}
    weeks = [(phase, index, monday) for phase, index, monday in program.weeks()]
    numbers = {(phase.id, index): number for number, (phase, index, _) in enumerate(weeks, start=1)}
    days = []
    for phase, index, planned, on in program.sessions():
        day = _held(program, phase, index, planned)
        days.append(
            AgendaDay(
                session_id(row.id, phase.weeks[index].id, day.id),
                phase.weeks[index].id,
                day.id,
                day.name,
                on,
                numbers[phase.id, index],
                sum(1 for line in day.lines if line.cells[index].text),
                day.alone,
                day.top_up,
                places[phase.id],
                index,
            )
        )
    return Agenda(program.name, tuple(days), tuple((monday, places[p.id]) for p, _, monday in weeks), program.end)


def _held(program: Program, phase: Phase, index: int, day: Day) -> Day:
    return program.as_held(phase, phase.weeks[index].id, day)


_seconds: Memo[int] = Memo(MOST_KEPT)

FEW = 4
"""Estimates that are worked out one by one before more is read at once."""


class Estimates:
    """How long planned days will take, each worked out once for what it goes by: plan, pace, kit and exercises."""

    def __init__(self, scope: Scope, recent: Mapping[ClientId, Sequence[SessionRow]]) -> None:
        """``recent`` are the clients' sessions of the last weeks: a pace changes only when one of them ends."""
        self._scope, self._recent = scope, recent
        self._unknown = 0

    @cached_property
    def _kit(self) -> dict[ClientId, tuple[tuple[str, ...], ...]]:
        return kit_of_clients(self._scope)

    @cached_property
    def _shelf(self) -> Library:
        return library(self._scope)

    @cached_property
    def _library(self) -> object:
        return library_mark(self._scope)

    def seconds(self, who: ClientRow, program: ProgramRow, day: AgendaDay) -> int:
        """Answer the estimated seconds of a client's planned day."""
        ended = tuple((s.id, s.finished_at) for s in self._recent.get(who.id, ()) if s.finished_at is not None)
        goes_by = (who.unit, self._kit.get(who.id), self._library, ended)
        key = (program.id, program.revision, day.week_id, day.day_id, goes_by)
        return _seconds.get(self._scope.memory, key, lambda: self._worked_out(who, program, day))

    def _read_ahead(self) -> None:
        """Where not one estimate is missing but many, as after a start, what they go by is read for all clients."""
        self._unknown += 1
        if self._unknown == FEW:
            read_paces(self._scope, self._kit.keys())

    def _worked_out(self, who: ClientRow, row: ProgramRow, day: AgendaDay) -> int:
        self._read_ahead()
        program = programs.plan(self._scope, row.id, row.revision)
        phase = program.phases[day.phase]
        planned = next(one for one in phase.days if one.id == day.day_id)
        kit = {PlaceId(place): inventory_from(unit, text) for place, unit, text in self._kit.get(who.id, ())}
        here = timing_profile(self._scope, who, kit, self._shelf, self._recent.get(who.id, ()))
        return day_estimate(_held(program, phase, day.index, planned), phase.weeks, day.index, here)
