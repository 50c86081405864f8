"""The record of past sessions: what was done, as a program that can be read like one that was written."""

from collections.abc import Iterable, Mapping, Sequence
from datetime import date, timedelta

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import DayId, ExerciseId, LineId, WeekId
from upright_anvil.core.pasted.as_done import as_shorthand
from upright_anvil.core.pasted.session_rows import MOST_SETS_A_DAY, DoneSet
from upright_anvil.core.plan.document import MAX_LINES, MAX_PHASES, MAX_WEEKS, Phase, Program, Week
from upright_anvil.core.plan.parts import Cell, Day, Group, Line

DoneDays = Mapping[date, Mapping[ExerciseId, Sequence[DoneSet]]]
"""What was done: by day, and by exercise."""

WEEKDAYS = ("Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday")


def record_of(days: DoneDays) -> Program:
    """Answer past sessions as a program that says what was done: as few phases as its weeks and lines allow.

    A week for each week between the first and the last, a day for each weekday, a line for each exercise. Raises
    `DomainError` for a day with more than a day takes, and for more years than a program has weeks.
    """
    for on, exercises in days.items():
        if len(exercises) > MAX_LINES or any(len(sets) > MOST_SETS_A_DAY for sets in exercises.values()):
            raise DomainError(f"{on:%d %b %Y}: at most {MAX_LINES} exercises of {MOST_SETS_A_DAY} sets on one day.")
    first, last = _monday(min(days)), _monday(max(days))
    phases: list[Phase] = []
    monday = first
    while monday <= last:
        weeks = _weeks_of_a_phase(days, monday, last)
        phases.append(_phase(len(phases) + 1, weeks, days))
        monday = weeks[-1] + timedelta(weeks=1)
    if len(phases) > MAX_PHASES:
        raise DomainError(f"These are {(last - first).days // 365 + 1} years. Bring in a few years at a time.")
    return Program(name="Past sessions", start=first, phases=tuple(phases))


def _weeks_of_a_phase(days: Mapping[date, Mapping[ExerciseId, object]], monday: date, last: date) -> list[date]:
    """The Mondays of as many weeks as one phase takes."""
    lines: dict[int, set[ExerciseId]] = {}
    weeks: list[date] = []
    while monday <= last and len(weeks) < MAX_WEEKS:
        more = {n: set(days.get(monday + timedelta(days=n), ())) for n in range(7)}
        if any(len(lines.get(n, set()) | new) > MAX_LINES for n, new in more.items()):
            break
        lines = {n: lines.get(n, set()) | new for n, new in more.items()}
        weeks.append(monday)
        monday += timedelta(weeks=1)
    return weeks


def _phase(number: int, mondays: list[date], days: DoneDays) -> Phase:
    made = []
    for weekday in range(7):
        on = [monday + timedelta(days=weekday) for monday in mondays]
        exercises = dict.fromkeys(exercise for day in on for exercise in days.get(day, ()))
        if not exercises:
            continue
        key = DayId(f"p{number}-d{weekday + 1}")
        groups = tuple(
            Group(id=f"{key}-g{n}", lines=(_line(f"{key}-l{n}", exercise, on, days),))
            for n, exercise in enumerate(exercises, start=1)
        )
        made.append(Day(id=key, name=WEEKDAYS[weekday], weekday=weekday, groups=groups))
    weeks = tuple(Week(id=_week_id(monday)) for monday in mondays)
    return Phase(id=f"p{number}", name=f"From {mondays[0]:%b %Y}", weeks=weeks, days=tuple(made))


def _line(key: str, exercise: ExerciseId, on: Iterable[date], days: DoneDays) -> Line:
    cells = (as_shorthand(days.get(one, {}).get(exercise, ())) for one in on)
    return Line(id=LineId(key), exercise=exercise, cells=tuple(Cell(text=text) for text in cells))


def _week_id(monday: date) -> WeekId:
    return WeekId(f"w{monday:%Y%m%d}")


def _monday(on: date) -> date:
    return on - timedelta(days=on.weekday())
