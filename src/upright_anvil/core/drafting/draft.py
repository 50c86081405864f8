"""A complete program from the client file: shape of the week, choice of exercises, weeks that climb, reasons."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field, replace
from datetime import date
from math import ceil

from upright_anvil.core.checks.days import no_ramp_up
from upright_anvil.core.checks.run import findings
from upright_anvil.core.drafting.away import at_other_places
from upright_anvil.core.drafting.brief import Brief
from upright_anvil.core.drafting.building import PhaseWork, build_phase, in_time, minutes_used
from upright_anvil.core.drafting.candidates import Candidate, candidates
from upright_anvil.core.drafting.doses import Dose, dose_for, written
from upright_anvil.core.drafting.slots import DayShape, DraftSlot, SlotWork, week_shape
from upright_anvil.core.drafting.solve import Solved, Task, solve
from upright_anvil.core.drafting.told import unkept, why_nothing
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ExerciseId, LineId
from upright_anvil.core.plan.document import Phase, Program, Section, WeekKind
from upright_anvil.core.plan.edits import apply_edits
from upright_anvil.core.steps import Told, untold
from upright_anvil.core.timing.estimate import TimedLine
from upright_anvil.core.timing.groups import line_seconds

CHANGE_SECONDS = 45
"""Seconds reckoned for each change of exercise. House rule."""

RAMP_SECONDS = 240
"""Seconds kept free for ramp-up sets before the first heavy lift. House rule."""

MOST_WEEKS = 26
USUAL_WEEKS = 8
PHASE_WEEKS = 6
LEAST_MINUTES = 10
ENOUGH, WANTED = 0.82, 0.93
"""Share of the minutes that a session uses at least, and is meant to use."""
FIRST_MONTHS_LINES = 6
"""Exercises a day in the first months besides what warms up, as the check of novelty has it."""
ROUNDS = 3
WORTH_ANOTHER = 0.05
"""How often the choice is made anew, so that the minutes are used."""


@dataclass(frozen=True, slots=True)
class Wish:
    """What is wanted of a draft.

    ``weeks`` is None for as many as there are to the day to be ready by. ``pins`` name the exercise of a slot that
    stays; ``avoid`` what was rolled away, slot by slot.
    """

    weeks: int | None = None
    seed: int = 1
    pins: Mapping[str, ExerciseId] = field(default_factory=dict)
    avoid: Mapping[str, frozenset[str]] = field(default_factory=dict)


@dataclass(frozen=True, slots=True)
class Drafted:
    """The program, which slot each line fills (by line id), and the wishes that could not be kept, in sentences."""

    program: Program
    slots: Mapping[LineId, str]
    relax: tuple[str, ...]


def draft(brief: Brief, name: str, monday: date, wish: Wish, told: Told = untold) -> Drafted:
    """Answer a program of one phase after the other, each up to six weeks; the same for the same wish. House rule.

    Phases share their main lifts and vary the rest; ``told`` hears what is being done. Raises `DomainError` for weeks
    or minutes out of bounds, or where not a single exercise fits, saying which wish stands against it.
    """
    weeks = weeks_wanted(brief, monday, wish.weeks)
    if brief.who.minutes < LEAST_MINUTES:
        raise DomainError(f"{brief.who.minutes} min hold not even one exercise after the warm-up; relax the minutes.")
    days, relax = week_shape(brief)
    lengths = _lengths(weeks)
    pins, phases, slots = dict(wish.pins), list[Phase](), dict[LineId, str]()
    said, used, scale = list(relax), frozenset[ExerciseId](), [1.0] * len(days)
    steps = 2 * len(lengths) + 1
    for number, length in enumerate(lengths, start=1):
        which = f" of phase {number} of {len(lengths)}" if len(lengths) > 1 else ""
        told(f"Choosing the exercises{which}", 2 * (number - 1) / steps)
        dose = dose_for(brief, number, len(lengths))
        seed = wish.seed + 1000 * (number - 1)
        kinds = _kinds(brief, length, last=number == len(lengths))
        work = PhaseWork(f"p{number}", number, days, dose, kinds, brief, seed)
        task, solved, phase = _in_the_time(work, pins, wish.avoid, used, slots, scale)
        if not solved.choices:
            raise DomainError(why_nothing(task, brief))
        if number == 1:
            pins |= {c.slot.id: c.candidate.exercise.id for c in solved.choices if _stays(c.slot)}
            said += unkept(task, solved, brief)
        used |= {c.candidate.exercise.id for c in solved.choices if not _stays(c.slot)}
        told(f"Writing the weeks{which}", (2 * number - 1) / steps)
        phases.append(phase)
    told("Reading it through with the checks", (steps - 1) / steps)
    program = Program(name=name, start=monday, phases=tuple(phases))
    program, missed = at_other_places(_led_up(program, brief), brief)
    program = in_time(program, brief, slots)
    return Drafted(program, slots, (*said, *missed, *_not_by_then(brief, monday, weeks)))


def weeks_wanted(brief: Brief, monday: date, weeks: int | None) -> int:
    """Answer the weeks of a draft: as asked, else to the day to be ready by, else eight. Raises `DomainError`."""
    if weeks is None:
        until = brief.said.ready_by
        weeks = USUAL_WEEKS if until is None or until <= monday else ((until - monday).days - 1) // 7 + 1
        return min(max(weeks, 1), MOST_WEEKS)
    if not 1 <= weeks <= MOST_WEEKS:
        raise DomainError(f"A draft has 1 to {MOST_WEEKS} weeks, not {weeks}.")
    return weeks


def _not_by_then(brief: Brief, monday: date, weeks: int) -> tuple[str, ...]:
    until = brief.said.ready_by
    if until is None:
        return ()
    if until <= monday:
        return (f"The day to be ready by, {until:%d %B %Y}, is past.",)
    there = ((until - monday).days - 1) // 7 + 1
    if there == weeks:
        return ()
    return (f"It is {there} weeks to {until:%d %B %Y}, and this draft has {weeks}.",)


def _stays(slot: DraftSlot) -> bool:
    """Whether a slot keeps its exercise from phase to phase."""
    return slot.section is Section.MAIN and slot.work is SlotWork.STRENGTH


def _led_up(program: Program, brief: Brief) -> Program:
    """The program with ramp-up sets wherever the app's own check asks for them."""
    for finding in findings(program, brief.who):
        if finding.check == no_ramp_up.CHECK.id and finding.fix:
            program = apply_edits(program, finding.fix.edits)
    return program


def _lengths(weeks: int) -> list[int]:
    count = ceil(weeks / PHASE_WEEKS)
    return [weeks // count + (1 if n < weeks % count else 0) for n in range(count)]


def _kinds(brief: Brief, length: int, *, last: bool) -> tuple[WeekKind, ...]:
    """All build, the last one eases off once there are four; the first months need it less often.

    The week before the day to be ready by is easy, however short the phase.
    """
    kinds = [WeekKind.BUILD] * length
    if length > (5 if brief.who.is_new else 3) or (last and brief.said.ready_by and length > 1):
        kinds[-1] = WeekKind.EASE_OFF
    return tuple(kinds)


def _in_the_time(
    work: PhaseWork,
    pins: Mapping[str, ExerciseId],
    avoid: Mapping[str, frozenset[str]],
    before: frozenset[ExerciseId],
    slots: dict[LineId, str],
    scale: list[float],
) -> tuple[Task, Solved, Phase]:
    """Choose, write and time a phase; where the minutes are not used, or not kept, choose anew with more or less.

    ``scale`` is how much of each day's seconds the choice may reckon with; what is learnt of it serves the next phase.
    """
    brief = work.brief
    best: tuple[float, Task, Solved, Phase, dict[LineId, str]] | None = None
    task = _task(work, pins, avoid, before, scale)
    for _ in range(ROUNDS):
        task = replace(task, limits=[round(s * limit) for s, limit in zip(scale, _limits(work), strict=True)])
        solved = solve(task)
        mine: dict[LineId, str] = {}
        phase = build_phase(work, solved, mine)
        used = minutes_used(phase, brief)
        off = sum(abs(min(share, 1.0) - 1) + 10 * max(share - 1.0, 0) for share in used.values())
        better = best is None or off < best[0] - WORTH_ANOTHER
        if best is None or off < best[0]:
            best = (off, task, solved, phase, mine)
        if not used or not better or all(ENOUGH <= share <= 1 for share in used.values()):
            break
        names = {day.weekday: n for n, day in enumerate(work.days)}
        for weekday, share in used.items():
            scale[names[weekday]] *= min(max(WANTED / max(share, 0.1), 0.6), 1.8)
    assert best is not None  # noqa: S101 - at least one round
    slots |= best[4]
    return best[1], best[2], best[3]


def _limits(work: PhaseWork) -> list[int]:
    brief = work.brief
    around = work.around_seconds
    ramp = RAMP_SECONDS if work.dose.heavy else 0
    whole = round(brief.who.minutes * 60 / max(brief.who.profile.pace, 0.5))
    return [max(whole - around - ramp, 60)] * len(work.days)


def _task(
    work: PhaseWork,
    pins: Mapping[str, ExerciseId],
    avoid: Mapping[str, frozenset[str]],
    before: frozenset[ExerciseId],
    scale: Sequence[float],
) -> Task:
    brief, dose = work.brief, work.dose
    slots = [slot for day in work.days for slot in day.slots]
    found = {slot.id: _with_pin(slot, candidates(slot, brief, work.seed, avoid, before), pins, brief) for slot in slots}
    amounts = {slot.id: dose.options(slot) for slot in slots}
    seconds = {
        (slot.id, c.exercise.id, k): _seconds(slot, c, k, dose, brief)
        for slot in slots
        for c in found[slot.id]
        for k in amounts[slot.id]
    }
    most = FIRST_MONTHS_LINES if brief.who.is_new else None
    limits = [round(limit * share) for limit, share in zip(_limits(work), scale, strict=True)]
    return Task(work.days, found, seconds, amounts, limits, brief.who.band, pins, brief.endurance_share, most)


def _with_pin(
    slot: DraftSlot, found: tuple[Candidate, ...], pins: Mapping[str, ExerciseId], brief: Brief
) -> tuple[Candidate, ...]:
    """What the trainer has pinned may fill its slot whatever it scores."""
    pin, every = pins.get(slot.id), brief.who.profile.exercises
    if not pin or any(c.exercise.id == pin for c in found) or pin not in every:
        return found
    return (*found, Candidate(every[pin], 50.0, ("pinned by the trainer",)))


def _seconds(slot: DraftSlot, candidate: Candidate, amount: int, dose: Dose, brief: Brief) -> int:
    asked = written(slot, candidate, amount, dose, brief)
    return line_seconds(TimedLine(asked, candidate.exercise, None)) + CHANGE_SECONDS


__all__ = ["Brief", "DayShape", "Drafted", "Wish", "draft", "weeks_wanted"]
