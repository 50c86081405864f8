"""A complete program from the client file: shape of the week, choice of exercises, weeks that climb, reasons."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from datetime import date
from math import ceil

from upright_anvil.core.checks.days import no_ramp_up
from upright_anvil.core.checks.run import findings
from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.drafting.candidates import Candidate, candidates
from upright_anvil.core.drafting.doses import Dose, dose_for, in_week
from upright_anvil.core.drafting.slots import DayShape, DraftSlot, week_shape
from upright_anvil.core.drafting.solve import Choice, Solved, Task, solve
from upright_anvil.core.errors import DomainError
from upright_anvil.core.goals import TrainingAge
from upright_anvil.core.ids import DayId, ExerciseId, LineId
from upright_anvil.core.plan.document import Cell, Day, Group, Line, Phase, Program, Section, Week, WeekKind
from upright_anvil.core.plan.edits import apply_edits
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.steps import Told, untold
from upright_anvil.core.timing.estimate import TimedLine
from upright_anvil.core.timing.groups import line_seconds

WARM_UP = "march-in-place"
WARM_UP_TEXT = "1 x 120 s"
WARM_UP_SECONDS = 120
CHANGE_SECONDS = 60
"""Seconds reckoned for each change of exercise, on the safe side. House rule."""

RAMP_SECONDS = 240
"""Seconds kept free for ramp-up sets before the first heavy lift. House rule."""

MOST_WEEKS = 26
PHASE_WEEKS = 6


@dataclass(frozen=True, slots=True)
class Wish:
    """What is wanted of a draft.

    ``pins`` name the exercise of a slot that stays; ``avoid`` what was rolled away, slot by slot.
    """

    weeks: int = 8
    seed: int = 1
    pins: Mapping[str, ExerciseId] = field(default_factory=dict)
    avoid: Mapping[str, frozenset[str]] = field(default_factory=dict)


@dataclass(frozen=True, slots=True)
class Drafted:
    """The program, which slot each line fills (by line id), and the wishes that could not be kept, in sentences."""

    program: Program
    slots: Mapping[LineId, str]
    relax: tuple[str, ...]


def draft(who: Standpoint, name: str, monday: date, wish: Wish, told: Told = untold) -> Drafted:
    """Answer a program of one phase after the other, each up to six weeks; the same for the same wish. House rule.

    Phases share their main lifts and vary the rest; ``told`` hears what is being done. Raises `DomainError` for weeks
    out of bounds, or where not a single exercise fits, saying which wish stands against it.
    """
    if not 1 <= wish.weeks <= MOST_WEEKS:
        raise DomainError(f"A draft has 1 to {MOST_WEEKS} weeks, not {wish.weeks}.")
    days = week_shape(who.days_a_week)
    lengths = _lengths(wish.weeks)
    pins, phases, slots, relax = dict(wish.pins), [], dict[LineId, str](), list[str]()
    steps = 2 * len(lengths) + 1
    for number, length in enumerate(lengths, start=1):
        which = f" of phase {number} of {len(lengths)}" if len(lengths) > 1 else ""
        told(f"Choosing the exercises{which}", 2 * (number - 1) / steps)
        dose = dose_for(who, number)
        seed = wish.seed + 1000 * (number - 1)
        task, solved = _chosen(days, who, dose, seed, pins, wish.avoid)
        if not solved.choices:
            raise DomainError(_why_nothing(task, who))
        if number == 1:
            pins |= {c.slot.id: c.candidate.exercise.id for c in solved.choices if c.slot.section is Section.MAIN}
            relax += _relaxed(task, solved, who)
        told(f"Writing the weeks{which}", (2 * number - 1) / steps)
        phases.append(_phase(f"p{number}", number, days, solved, dose, length, who, slots))
    told("Reading it through with the checks", (steps - 1) / steps)
    program = Program(name=name, start=monday, phases=tuple(phases))
    return Drafted(_led_up(program, who), slots, tuple(relax))


def _led_up(program: Program, who: Standpoint) -> Program:
    """The program with ramp-up sets wherever the app's own check asks for them."""
    for finding in findings(program, who):
        if finding.check == no_ramp_up.CHECK.id and finding.fix:
            program = apply_edits(program, finding.fix.edits)
    return program


def _lengths(weeks: int) -> list[int]:
    count = ceil(weeks / PHASE_WEEKS)
    return [weeks // count + (1 if n < weeks % count else 0) for n in range(count)]


def _chosen(
    days: tuple[DayShape, ...],
    who: Standpoint,
    dose: Dose,
    seed: int,
    pins: Mapping[str, ExerciseId],
    avoid: Mapping[str, frozenset[str]],
) -> tuple[Task, Solved]:
    slots = [slot for day in days for slot in day.slots]
    found = {slot.id: _with_pin(slot, candidates(slot, who, seed, avoid), pins, who) for slot in slots}
    sets = {slot.id: dose.sets(slot.section) for slot in slots}
    seconds = {
        (slot.id, c.exercise.id, k): _seconds(slot, c, k, dose, who)
        for slot in slots
        for c in found[slot.id]
        for k in sets[slot.id]
    }
    ramp = RAMP_SECONDS if dose.heavy else 0
    limit = round((who.minutes * 60) / max(who.profile.pace, 0.5)) - WARM_UP_SECONDS - CHANGE_SECONDS - ramp
    task = Task(days, found, seconds, sets, [limit] * len(days), who.band, pins)
    return task, solve(task)


def _with_pin(
    slot: DraftSlot, found: tuple[Candidate, ...], pins: Mapping[str, ExerciseId], who: Standpoint
) -> tuple[Candidate, ...]:
    """What the trainer has pinned may fill its slot whatever it scores."""
    pin = pins.get(slot.id)
    if not pin or any(c.exercise.id == pin for c in found) or pin not in who.profile.exercises:
        return found
    return (*found, Candidate(who.profile.exercises[pin], 50.0, ("pinned by the trainer",)))


def _seconds(slot: DraftSlot, candidate: Candidate, sets: int, dose: Dose, who: Standpoint) -> int:
    asked = dose.prescription(slot.section, candidate.exercise, sets, who.profile)
    return line_seconds(TimedLine(asked, candidate.exercise, None)) + CHANGE_SECONDS


def _relaxed(task: Task, solved: Solved, who: Standpoint) -> list[str]:
    filled = {choice.slot.id for choice in solved.choices}
    said = []
    for day in task.days:
        empty = [slot for slot in day.slots if slot.id not in filled and slot.section is not Section.ACCESSORY]
        none = [slot.role for slot in empty if not task.candidates[slot.id]]
        full = [slot.role for slot in empty if task.candidates[slot.id]]
        if none:
            said.append(f"{day.name}: nothing at the place trains {' and '.join(none)} without a joint in trouble.")
        if full:
            said.append(f"{day.name}: {who.minutes} min hold no {' and no '.join(full)}; more minutes would.")
    short = [f"{muscle} {missing:.0f}" for muscle, missing in solved.short.items() if missing >= 1]
    if short:
        said.append(
            f"Sets a week below the band: {', '.join(short)}. "
            f"More than {who.days_a_week} days or {who.minutes} min, or fewer goals, would make room."
        )
    return said


def _why_nothing(task: Task, who: Standpoint) -> str:
    if not any(task.candidates.values()):
        return (
            "Nothing at the client's place leaves the joints in trouble alone; relax the place or look at the history."
        )
    return f"{who.minutes} min hold not even one exercise after the warm-up; relax the minutes."


def _phase(
    phase_id: str,
    number: int,
    days: tuple[DayShape, ...],
    solved: Solved,
    dose: Dose,
    length: int,
    who: Standpoint,
    slots: dict[LineId, str],
) -> Phase:
    kinds = _kinds(length, who.training_age)
    weeks = tuple(Week(id=f"{phase_id}-w{n}", kind=kind) for n, kind in enumerate(kinds, start=1))
    made = []
    for n, shape in enumerate(days, start=1):
        chosen = [c for c in solved.choices if c.slot in shape.slots]
        if chosen:
            made.append(_day(DayId(f"{phase_id}-d{n}"), shape, chosen, dose, weeks, who, slots))
    return Phase(
        id=phase_id, name=f"Phase {number}", purpose=dose.purpose, method=dose.method, weeks=weeks, days=tuple(made)
    )


def _kinds(length: int, age: TrainingAge) -> list[WeekKind]:
    """All build, the last one eases off once there are four; the first months need it less often."""
    kinds = [WeekKind.BUILD] * length
    if length > (5 if age in (TrainingAge.SEDENTARY, TrainingAge.NEW) else 3):
        kinds[-1] = WeekKind.EASE_OFF
    return kinds


def _day(
    day_id: DayId,
    shape: DayShape,
    chosen: list[Choice],
    dose: Dose,
    weeks: tuple[Week, ...],
    who: Standpoint,
    slots: dict[LineId, str],
) -> Day:
    profile = who.profile
    groups = []
    if WARM_UP in profile.exercises:
        warm = Line(id=LineId(f"{day_id}-warm"), exercise=WARM_UP, cells=(Cell(text=WARM_UP_TEXT),) * len(weeks))
        groups.append(Group(id=f"g-{day_id}-warm", lines=(warm,), section=Section.WARM_UP))
    for choice in sorted(chosen, key=lambda c: shape.slots.index(c.slot)):
        exercise, slot = choice.candidate.exercise, choice.slot
        line_id = LineId(f"{day_id}-{slot.id.split('-')[1]}")
        base = dose.prescription(slot.section, exercise, choice.sets, profile)
        kinds = [week.kind for week in weeks]
        cells = tuple(Cell(text=write(in_week(base, n, kinds, slot.section, exercise, who))) for n in range(len(weeks)))
        reason = f"Drafted: {'; '.join(choice.candidate.reasons)}."
        line = Line(id=line_id, exercise=exercise.id, cells=cells, reason=reason[:300])
        slots[line_id] = slot.id
        groups.append(Group(id=f"g-{line_id}", lines=(line,), section=slot.section))
    ordered = sorted(groups, key=lambda g: _ORDER[g.section])
    return Day(id=day_id, name=shape.name, weekday=shape.weekday, groups=tuple(ordered))


_ORDER = {section: n for n, section in enumerate(Section)}
