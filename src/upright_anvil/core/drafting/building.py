"""A phase written out: its days with warm-up, work and stretches, one cell a week, each line with its reason."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.drafting.around import WarmUpOrCoolDown, cool_down, easy_minutes, warm_up
from upright_anvil.core.drafting.brief import Brief
from upright_anvil.core.drafting.candidates import Candidate
from upright_anvil.core.drafting.doses import Dose, in_week, written
from upright_anvil.core.drafting.slots import DayShape, DraftSlot, SlotWork
from upright_anvil.core.drafting.solve import Choice, Solved
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ids import DayId, LineId, WeekId
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.plan.document import Cell, Day, Group, Line, Phase, Program, Section, Week, WeekKind
from upright_anvil.core.plan.read_out.reading import day_estimate
from upright_anvil.core.prescription.load_targets import BodyweightLoad
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Seconds
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.volume.hard_sets import muscle_share

MOVE_SECONDS, STRETCH_SECONDS = 75, 95
"""Seconds reckoned for a move of the warm-up and a stretch, changes included. House rule."""
MAX_REASON = 300


@dataclass(frozen=True)
class PhaseWork:
    """What a phase is written from: its days, dose and kinds of weeks, and for whom."""

    id: str
    number: int
    days: tuple[DayShape, ...]
    dose: Dose
    kinds: tuple[WeekKind, ...]
    brief: Brief
    seed: int

    @property
    def stretches(self) -> int:
        """How many stretches end a session."""
        minutes = self.brief.who.minutes
        return 0 if minutes < 25 else 1 if minutes < 40 else 2 if minutes < 60 else 3  # noqa: PLR2004 - a table in a line

    @property
    def around_seconds(self) -> int:
        """Seconds reckoned for warm-up and stretches."""
        minutes = self.brief.who.minutes
        moves = 1 if minutes < 25 else 2 if minutes < 40 else 3 if minutes < 60 else 4  # noqa: PLR2004 - as above
        pulse = 165 if minutes < 45 else 225  # noqa: PLR2004
        return pulse + moves * MOVE_SECONDS + self.stretches * STRETCH_SECONDS


def build_phase(work: PhaseWork, solved: Solved, slots: dict[LineId, str]) -> Phase:
    """Write a phase out; ``slots`` takes which slot each line fills."""
    weeks = tuple(Week(id=WeekId(f"{work.id}-w{n}"), kind=kind) for n, kind in enumerate(work.kinds, start=1))
    sets = _sets_by_muscle(solved.choices)
    made = []
    for n, shape in enumerate(work.days, start=1):
        chosen = [c for c in solved.choices if c.slot in shape.slots]
        if chosen:
            made.append(_day(work, DayId(f"{work.id}-d{n}"), shape, chosen, weeks, slots, sets))
    name = f"Phase {work.number}"
    dose = work.dose
    return Phase(id=work.id, name=name, purpose=dose.purpose, method=dose.method, weeks=weeks, days=tuple(made))


def minutes_used(phase: Phase, brief: Brief) -> Mapping[int, float]:
    """Answer by weekday the share of the minutes that the fullest building week uses."""
    building = [n for n, week in enumerate(phase.weeks) if week.kind is not WeekKind.EASE_OFF]
    return {
        day.weekday: max(day_estimate(day, phase.weeks, n, brief.who.profile) for n in building)
        / (brief.who.minutes * 60)
        for day in phase.days
    }


def in_time(program: Program, brief: Brief, slots: dict[LineId, str]) -> Program:
    """Answer a program whose days all keep the client's minutes: stretches give way first, then accessories."""
    phases = []
    for phase in program.phases:
        days = tuple(_filled(_shortened(day, phase, brief, slots), phase, brief) for day in phase.days)
        phases.append(phase.model_copy(update={"days": days}))
    return program.model_copy(update={"phases": tuple(phases)})


FILLED = 0.82
"""Share of the minutes under which a day ends with something easy. House rule."""
_EASY_MOST, _EASY_LEAST = 12, 3


def _filled(day: Day, phase: Phase, brief: Brief) -> Day:
    """A day that leaves much of the hour over ends with some easy minutes."""
    building = [n for n, week in enumerate(phase.weeks) if week.kind is not WeekKind.EASE_OFF]
    used = max(day_estimate(day, phase.weeks, n, brief.who.profile) for n in building)
    whole = brief.who.minutes * 60
    minutes = min(round((whole * 0.9 - used) / 60 / max(brief.who.profile.pace, 0.5)), _EASY_MOST)
    # What warmed up ends the session as well as anything, and is nothing new.
    taken = {line.exercise for group in day.groups if group.section is not Section.WARM_UP for line in group.lines}
    warm = {line.exercise for group in day.groups if group.section is Section.WARM_UP for line in group.lines}
    easy = easy_minutes(brief, taken, warm)
    if used >= whole * FILLED or minutes < _EASY_LEAST or easy is None:
        return day
    weeks = len(phase.weeks)
    what = WarmUpOrCoolDown(
        easy, Section.COOL_DOWN, f"1 x {minutes * 60} s", f"Easy to end with: {brief.who.minutes} min are there."
    )
    groups = (*day.groups, _around(day.id, 99, what, weeks))
    ordered = sorted(
        groups, key=lambda g: (_ORDER[g.section], g.id != f"g-{day.id}-a99" and g.section is Section.COOL_DOWN)
    )
    return day.model_copy(update={"groups": tuple(ordered)})


_GIVES_WAY = (Section.COOL_DOWN, Section.ACCESSORY, Section.TRUNK, Section.WARM_UP)


def _shortened(day: Day, phase: Phase, brief: Brief, slots: dict[LineId, str]) -> Day:
    limit = brief.who.minutes * 60
    while max(day_estimate(day, phase.weeks, n, brief.who.profile) for n in range(len(phase.weeks))) > limit:
        last = next(
            (
                group
                for section in _GIVES_WAY
                if len(mine := [g for g in day.groups if g.section is section]) > (section is Section.WARM_UP)
                for group in mine[-1:]
            ),
            None,
        )
        if last is None:
            return day
        for line in last.lines:
            slots.pop(line.id, None)
        day = day.model_copy(update={"groups": tuple(group for group in day.groups if group is not last)})
    return day


_ORDER = {section: n for n, section in enumerate(Section)}


def _day(
    work: PhaseWork,
    day_id: DayId,
    shape: DayShape,
    chosen: list[Choice],
    weeks: tuple[Week, ...],
    slots: dict[LineId, str],
    sets: Mapping[Muscle, float],
) -> Day:
    brief, seed = work.brief, work.seed + 7 * shape.weekday
    ordered = sorted(chosen, key=lambda c: shape.slots.index(c.slot))
    lifts = [c.candidate.exercise for c in ordered if c.slot.section in (Section.MAIN, Section.CARDIO)] or [
        ordered[0].candidate.exercise
    ]
    before = warm_up(lifts, brief, seed, brief.who.minutes)
    after = cool_down(_worked(chosen), brief, seed, work.stretches)
    groups = [_around(day_id, n, one, len(weeks)) for n, one in enumerate((*before, *after), start=1)]
    for choice in ordered:
        line = _line(work, day_id, choice, weeks, sets)
        slots[line.id] = choice.slot.id
        groups.append(Group(id=f"g-{line.id}", lines=(line,), section=choice.slot.section))
    return Day(
        id=day_id,
        name=shape.name,
        weekday=shape.weekday,
        groups=tuple(sorted(groups, key=lambda g: _ORDER[g.section])),
    )


def _around(day_id: DayId, number: int, one: WarmUpOrCoolDown, weeks: int) -> Group:
    line_id = LineId(f"{day_id}-a{number}")
    line = Line(id=line_id, exercise=one.exercise.id, cells=(Cell(text=one.text),) * weeks, reason=one.reason)
    return Group(id=f"g-{line_id}", lines=(line,), section=one.section)


def _worked(chosen: Sequence[Choice]) -> list[Muscle]:
    """The muscles of a day, the hardest worked first."""
    sets = _sets_by_muscle(chosen)
    return sorted(sets, key=lambda muscle: (-sets[muscle], muscle))


def _sets_by_muscle(chosen: Sequence[Choice]) -> dict[Muscle, float]:
    sets: dict[Muscle, float] = {}
    for choice in chosen:
        if choice.slot.work is SlotWork.ENDURANCE:
            continue
        for muscle in Muscle:
            counts = float(muscle_share(choice.candidate.exercise, muscle))
            if counts:
                sets[muscle] = sets.get(muscle, 0.0) + counts * choice.sets
    return sets


def _line(
    work: PhaseWork, day_id: DayId, choice: Choice, weeks: tuple[Week, ...], sets: Mapping[Muscle, float]
) -> Line:
    exercise, slot = choice.candidate.exercise, choice.slot
    base = written(slot, choice.candidate, choice.sets, work.dose, work.brief)
    kinds = [week.kind for week in weeks]
    asked = [in_week(base, n, kinds, slot, exercise, work.brief) for n in range(len(weeks))]
    return Line(
        id=LineId(f"{day_id}-{slot.id.split('-')[1]}"),
        exercise=exercise.id,
        cells=tuple(Cell(text=write(one)) for one in asked),
        reason=reason_of(slot, choice.candidate, asked[0], work, sets)[:MAX_REASON],
    )


def reason_of(
    slot: DraftSlot, candidate: Candidate, first: Prescription, work: PhaseWork, sets: Mapping[Muscle, float]
) -> str:
    """Answer why a line stands there: what it is for, then the client's own facts that speak for it.

    ``sets`` are the hard sets of the week by muscle.
    """
    brief = work.brief
    begin = candidate.begin
    facts = list(dict.fromkeys(candidate.reasons))
    if slot.work is SlotWork.ENDURANCE and isinstance(first.target, Seconds):
        here = first.sets * (first.target.seconds + (first.rest or 0 if first.sets > 1 else 0)) / 60
        facts.append(f"{here:.0f} min to begin with, {brief.endurance_share:.0%} of the week's time is meant for it")
    if begin is not None and first.load is not None and not isinstance(first.load, BodyweightLoad):
        said = begin.why.replace(str(begin.load), str(first.load), 1)
        facts = [fact for fact in facts if fact != begin.why]
        facts.append(said)
    if (slot.section is not Section.MAIN and slot.work in (SlotWork.STRENGTH, SlotWork.TRUNK)) or not facts:
        facts.append(_usual(slot, candidate.exercise, brief, sets, first.sets))
    return f"{slot.role[:1].upper()}{slot.role[1:]}: {'; '.join(facts)}."


def _usual(slot: DraftSlot, exercise: Exercise, brief: Brief, sets: Mapping[Muscle, float], mine: int) -> str:
    """What a line brings its muscle to in a week, for this goal, and with what there is."""
    who = brief.who
    goal = f"“{brief.said.goal}”" if brief.said.goal else str(who.goal) or "all-round strength"
    muscle = exercise.movers[0] if exercise.movers else None
    if muscle is None or not sets.get(muscle) or slot.work not in (SlotWork.STRENGTH, SlotWork.TRUNK):
        return f"for {goal}"
    held = exercise.implement_at(who.profile.inventory)
    with_what = "body weight" if held is None or held is ImplementKind.BODYWEIGHT else str(held)
    return f"{mine} of {plain_sets(sets[muscle])} hard sets a week for {muscle}, with {with_what}"


def plain_sets(sets: float) -> str:
    """Answer sets to the half: 6, 7.5."""
    return f"{round(sets * 2) / 2:g}"
