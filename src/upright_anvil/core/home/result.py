"""What a client did alone, as the sheet sends it back."""

from dataclasses import dataclass
from datetime import UTC, datetime, timedelta
from decimal import Decimal

from upright_anvil.core.errors import DomainError
from upright_anvil.core.home.sheet import HomeDay, HomeMove, HomeSheet
from upright_anvil.core.ids import DayId, WeekId
from upright_anvil.core.ledger.aim import Aim
from upright_anvil.core.ledger.how import How, SetEnd, Source
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition
from upright_anvil.core.loads.load import Load
from upright_anvil.core.prescription.bounds import MAX_SETS

OLDEST_DAYS = 120
"""How long ago a day at home may have been; an earlier one is a phone's clock gone wrong. House rule."""

LONGEST_HOURS = 6
"""From first to last tap of one day; a longer one was left open. House rule."""


@dataclass(frozen=True, slots=True)
class HomeRow:
    """One set as the phone says it; ``move`` counts the day's moves from 0. ``load`` None means as it was planned."""

    move: int
    number: int
    ramp: bool
    done: bool
    reps: int | None
    seconds: int | None
    load: Decimal | None
    reserve: int | None
    hurt: bool
    at: int
    by_clock: bool


@dataclass(frozen=True, slots=True)
class HomeResult:
    """A day as it came back: which, when it was begun and ended, how hard it was, a word, and its sets.

    ``run`` is the phone's own id of this go; ``at`` of a set counts seconds from ``begun``.
    """

    sheet: str
    run: str
    week_id: WeekId
    day_id: DayId
    begun: datetime
    ended: datetime
    effort: int | None
    note: str
    rows: tuple[HomeRow, ...]

    def held(self, now: datetime) -> tuple[datetime, datetime]:
        """Answer when it was begun and ended, as far as that can be right; a clock gone wrong is put to now."""
        begun, ended = self.begun, self.ended
        if not now - timedelta(days=OLDEST_DAYS) <= begun <= now + timedelta(minutes=5):
            return now, now
        return begun, min(max(ended, begun), begun + timedelta(hours=LONGEST_HOURS), max(now, begun))


def day_of_result(sheet: HomeSheet, result: HomeResult) -> HomeDay:
    """Answer the sheet's day a result belongs to. Raises `DomainError` where the sheet has none such."""
    for day in sheet.days:
        if (day.week_id, day.day_id) == (result.week_id, result.day_id):
            return day
    raise DomainError("This result names a day that is not on its sheet: ask for it again.")


def performed(sheet: HomeSheet, result: HomeResult, now: datetime) -> tuple[PerformedSet, ...]:
    """Answer the sets a result comes to, as rows of the ledger whose ids follow from the phone's run.

    Raises `DomainError` for figures no set can have, for a move the sheet has not, and for a set said twice.
    """
    day = day_of_result(sheet, result)
    begun, ended = result.held(now)
    rows = []
    for said in result.rows:
        if not 0 <= said.move < len(day.moves):
            raise DomainError("This result names a move that is not on its sheet: ask for it again.")
        move = day.moves[said.move]
        at = min(begun + timedelta(seconds=max(said.at, 0)), ended)
        rows.append(_row(move, said, f"{result.run}-{said.move}-{said.number}{'r' if said.ramp else ''}", at))
    if len({row.id for row in rows}) != len(rows):
        raise DomainError("This result says a set twice: ask for it again.")
    return tuple(rows)


def _aim(move: HomeMove, said: HomeRow) -> Aim:
    """What was aimed at: of a set beyond the planned ones, a round more than was reckoned with, that of the last."""
    working = [s for s in move.sets if s.ramp == said.ramp]
    found = next((s.aim for s in working if s.number == said.number), None)
    if found is None and not said.ramp and working and working[-1].number < said.number <= MAX_SETS:
        return working[-1].aim
    if found is None:
        raise DomainError("This result names a set that is not on its sheet: ask for it again.")
    return found


def _row(move: HomeMove, said: HomeRow, row_id: str, at: datetime) -> PerformedSet:
    planned = _aim(move, said)
    load = planned.load
    if said.load is not None:
        if move.loads:
            unit = move.loads[0].unit
        elif planned.load:
            unit = planned.load.unit
        else:
            raise DomainError("This result names a load where the sheet has none: ask for it again.")
        load = Load.of(said.load, unit)
    slot = SetPosition(move.line, said.number, said.ramp)
    how = How(ended=SetEnd.PAIN if said.hurt else None, source=Source.HOME)
    if not said.done:
        logged = at.astimezone(UTC)
        return PerformedSet(
            row_id, slot, move.exercise, Outcome.SKIPPED, planned=move.planned, logged_at=logged, how=how
        )
    return PerformedSet(
        row_id,
        slot,
        move.exercise,
        Outcome.DONE,
        reps=said.reps,
        seconds=said.seconds,
        load=load,
        assisted=planned.assisted,
        reserve=said.reserve,
        planned=move.planned,
        logged_at=at.astimezone(UTC),
        how=how,
        metres=planned.metres,
    )
