"""Sessions not held as planned, weeks without training, and the trainer's reasons to what the checks asked."""

from datetime import date
from typing import Annotated, Literal

from pydantic import Field

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import NO_DAY
from upright_anvil.core.plan.document import Answer, Id, MovedSession, Part, Pause, Program
from upright_anvil.core.plan.locate import find_day, rebuilt, week_index
from upright_anvil.core.plan.parts import MAX_PAUSE_WEEKS, DayKey, OptionalDay, WeekKey, Words


class MoveSession(Part):
    """Move one session to a date, merge it into another day of its week, or drop it (neither)."""

    op: Literal["move_session"] = "move_session"
    week: WeekKey
    day: DayKey
    to: date | None = None
    into: OptionalDay = NO_DAY
    reason: Words = ""

    def apply(self, program: Program) -> Program:
        """Answer the program with the session moved. Raises `DomainError` for a day that is gone or not held."""
        phase, _ = find_day(program, self.day)
        week_index(phase, self.week)
        if self.into and (self.into == self.day or self.into not in {d.id for d in phase.days}):
            raise DomainError("A session is merged into another day of the same phase.")
        if self.into and self.to:
            raise DomainError("A session is either moved or merged, not both.")
        others = [m for m in program.moved if m.week == self.week and m.day != self.day]
        if self.into and any(m.day == self.into and m.to is None for m in others):
            raise DomainError("That day is not held itself this week; merge into another.")
        if self.to is None and any(m.into == self.day for m in others):
            raise DomainError("Another session is merged into this one; hold that as planned first.")
        fresh = MovedSession(week=self.week, day=self.day, to=self.to, into=self.into, reason=self.reason)
        return rebuilt(program, moved=(*_others(program, self.week, self.day), fresh))


class HoldSession(Part):
    """Hold a session as planned after all."""

    op: Literal["hold_session"] = "hold_session"
    week: WeekKey
    day: DayKey

    def apply(self, program: Program) -> Program:
        """Answer the program with the session back where it was planned."""
        return rebuilt(program, moved=_others(program, self.week, self.day))


class PauseProgram(Part):
    """Let a week and all that follow come some weeks later: a holiday, an illness; 0 takes the pause back."""

    op: Literal["pause"] = "pause"
    week: WeekKey
    weeks: Annotated[int, Field(ge=0, le=MAX_PAUSE_WEEKS)]
    reason: Words = ""

    def apply(self, program: Program) -> Program:
        """Answer the program with the pause before the week. Raises `DomainError` for a week that is gone."""
        if all(week.id != self.week for phase in program.phases for week in phase.weeks):
            raise DomainError("That week is no longer in the program.")
        pauses = tuple(pause for pause in program.pauses if pause.before != self.week)
        if self.weeks:
            pauses += (Pause(before=self.week, weeks=self.weeks, reason=self.reason.strip()),)
        return rebuilt(program, pauses=pauses)


class AnswerFinding(Part):
    """Keep the trainer's reason to a finding; an empty reason takes an earlier one back."""

    op: Literal["answer_finding"] = "answer_finding"
    check: Id
    where: Annotated[str, Field(max_length=200)]
    message: Annotated[str, Field(max_length=500)]
    reason: Words = ""

    def apply(self, program: Program) -> Program:
        """Answer the program with the reason kept."""
        others = tuple(a for a in program.answers if (a.check, a.where) != (self.check, self.where))
        if not self.reason.strip():
            return rebuilt(program, answers=others)
        fresh = Answer(check=self.check, where=self.where, message=self.message, reason=self.reason.strip())
        return rebuilt(program, answers=(*others, fresh))


def _others(program: Program, week: str, day: str) -> tuple[MovedSession, ...]:
    return tuple(m for m in program.moved if (m.week, m.day) != (week, day))
