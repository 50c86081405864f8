"""What a colleague requires and forbids, each a predicate over a draft that answers what is wrong, or nothing.

Written from the data of the library and the text of the plan alone, so that a fault of the drafting is not also theirs.
"""

import re
from collections import Counter
from collections.abc import Callable

from bench.drafts.looked import Looked, ReadLine, left_of, named, seconds_of
from upright_anvil.core.body.demands import Demand
from upright_anvil.core.body.joints import Joint, Stress
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.checks.run import findings
from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.exercises import ExerciseKind, Pattern
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.plan.document import Section

Predicate = Callable[[Looked], str]
"""Answers what is wrong in a few words; empty where nothing is."""

HARD_TO_LEARN = (
    "thruster", "good morning", "snatch", "clean", "jerk", "pistol", "get-up", "bottoms-up", "depth jump", "muscle-up",
    "handstand", "zercher", "nordic", "overhead squat", "windmill", "single-arm swing",
)  # fmt: skip
LEGS = (Pattern.SQUAT, Pattern.LUNGE, Pattern.HINGE)
LOADED = (ImplementKind.BARBELL, ImplementKind.DUMBBELL, ImplementKind.KETTLEBELL, ImplementKind.STACK)


def _wrong(lines: list[ReadLine], what: str) -> str:
    return f"{what}: {', '.join(sorted({line.exercise.name for line in lines}))}" if lines else ""


# What every draft owes.


def minutes_are_used(draft: Looked) -> str:
    """80 to 100 % of the minutes on every day of every phase."""
    off = [f"{day.name} {share:.0%}" for _, day, share in draft.used() if not 0.8 <= share <= 1.0]
    return f"minutes used: {', '.join(off)}" if off else ""


def warms_up_for_the_day(draft: Looked) -> str:
    """Two lines and more before the work, not the same ones on days that differ."""
    per_day = [
        [x.exercise.id for x in draft.first if x.section is Section.WARM_UP and x.day.id == day.id]
        for day, _ in draft.days()
    ]
    if any(len(ids) < 2 for ids in per_day):
        return "a warm-up of one line"
    work = {tuple(line.exercise.id for line in lines) for _, lines in draft.days()}
    return "the same warm-up every day" if len(work) > 1 and len({tuple(sorted(ids)) for ids in per_day}) == 1 else ""


def reasons_say_something(draft: Looked) -> str:
    """Each line of work has a reason with a fact in it, none on more than three lines of a week or one a day."""
    empty = [line for line in draft.work if len(line.reason) < 20 or "so it can climb" in line.reason]
    if empty:
        return _wrong(empty, "no reason")
    most = max(3, len(draft.days()))
    often = [reason for reason, many in Counter(line.reason for line in draft.work).items() if many > most]
    return f"one reason on many lines: {often[0]}" if often else ""


def can_be_done_here(draft: Looked) -> str:
    """Every line can be done at the place of its week."""
    off = [line for line in draft.lines if not line.exercise.possible_at(draft.profile.at(line.at.place).inventory)]
    return _wrong(off, "not at this place")


def loads_are_said(draft: Looked) -> str:
    """What is loaded has its load, and one the place has."""
    found = []
    for line in draft.lines:
        place = draft.profile.at(line.at.place).inventory
        kind = line.exercise.implement_at(place)
        if not line.works or kind not in LOADED or line.exercise.kind is ExerciseKind.CARDIO:
            continue
        said = re.search(r"([\d.]+) (kg|lb)", line.text)
        if not said or not any(str(made.load) == said.group() for made in place.achievable(kind)):
            found.append(line)
    return _wrong(found, "without a load that is there")


def trunk_and_phases_vary(draft: Looked) -> str:
    """Two trunk moves and more a week where there are several days; later phases bring something new."""
    trunk = [line.exercise.id for line in draft.work if line.section is Section.TRUNK]
    if len(draft.days()) > 1 and len(trunk) > 1 and len(set(trunk)) == 1:
        return "the same trunk move every day"
    per_phase = [
        {x.exercise.id for x in draft.lines if x.phase == n and x.works and x.section is not Section.MAIN}
        for n in range(len(draft.program.phases))
    ]
    if len(per_phase) > 1 and len(per_phase[0]) > 4 and not per_phase[1] - per_phase[0]:
        return "the second phase brings nothing new"
    return ""


def nothing_twice_a_day(draft: Looked) -> str:
    """No exercise twice in a day's work."""
    for day, lines in draft.days():
        twice = [name for name, many in Counter(line.exercise.id for line in lines).items() if many > 1]
        if twice:
            return f"{day.name}: {twice[0]} twice"
    return ""


def progresses(draft: Looked) -> str:
    """From the first to the last building week of a phase something asks for more."""
    for number, phase in enumerate(draft.program.phases):
        building = [n for n, week in enumerate(phase.weeks) if week.kind != "ease off"]
        if len(building) < 2:
            continue
        texts = [[line.cells[n].text for day in phase.days for line in day.lines] for n in (building[0], building[-1])]
        if texts[0] == texts[1]:
            return f"phase {number + 1} stands still"
    return ""


def few_findings(who: Standpoint) -> Predicate:
    """The app's own checks ask at most two questions and warn of nothing."""

    def look(draft: Looked) -> str:
        told = findings(draft.program, who)
        warned = [
            f.message
            for f in told
            if f.severity == "caution" and f.check not in ("screen-missing", "clearance-missing")
        ]
        asked = [f.message for f in told if f.severity == "question"]
        if warned:
            return f"caution: {warned[0]}"
        return f"{len(asked)} questions: {asked[0]}" if len(asked) > 2 else ""

    return look


EVERY: tuple[Predicate, ...] = (
    minutes_are_used, warms_up_for_the_day, reasons_say_something, can_be_done_here, loads_are_said,
    trunk_and_phases_vary, nothing_twice_a_day, progresses,
)  # fmt: skip


# What some clients need.


def on_days(*weekdays: int) -> Predicate:
    """The sessions lie on just these weekdays, Monday = 0."""

    def look(draft: Looked) -> str:
        found = tuple(sorted(day.weekday for day in draft.program.phases[0].days))
        return "" if found == weekdays else f"on days {found}, not {weekdays}"

    return look


def weeks(count: int) -> Predicate:
    """So many weeks in all."""

    def look(draft: Looked) -> str:
        found = sum(len(phase.weeks) for phase in draft.program.phases)
        return "" if found == count else f"{found} weeks, not {count}"

    return look


def ends_easy(draft: Looked) -> str:
    """The last week before the day is easy."""
    return "" if draft.program.phases[-1].weeks[-1].kind == "ease off" else "the last week is not easy"


def has(what: str, test: Callable[[ReadLine], bool], least: int = 1) -> Predicate:
    """At least so many lines of the first week's work are of a kind."""

    def look(draft: Looked) -> str:
        found = sum(1 for line in draft.work if test(line))
        return "" if found >= least else f"{found} of {what}, at least {least} wanted"

    return look


def each_day(what: str, test: Callable[[ReadLine], bool]) -> Predicate:
    """Every day has one line and more of a kind."""

    def look(draft: Looked) -> str:
        without = [day.name for day, lines in draft.days() if not any(test(line) for line in lines)]
        return f"no {what} on {', '.join(without)}" if without else ""

    return look


def never(what: str, test: Callable[[ReadLine], bool]) -> Predicate:
    """No line of any week is of a kind, warm-up included."""

    def look(draft: Looked) -> str:
        return _wrong([line for line in draft.lines if test(line)], what)

    return look


def of_kind(*kinds: ExerciseKind) -> Callable[[ReadLine], bool]:
    """Lines of these kinds of exercise."""
    return lambda line: line.exercise.kind in kinds


def of_pattern(*patterns: Pattern) -> Callable[[ReadLine], bool]:
    """Lines of these patterns."""
    return lambda line: line.exercise.pattern in patterns


def called(*words: str) -> Callable[[ReadLine], bool]:
    """Lines whose exercise has one of these words in its name."""
    return lambda line: bool(named([line], *words))


def moving(*muscles: Muscle) -> Callable[[ReadLine], bool]:
    """Lines led by one of these muscles."""
    return lambda line: line.exercise.movers[:1] != () and line.exercise.movers[0] in muscles


def asking(*demands: Demand) -> Callable[[ReadLine], bool]:
    """Lines whose exercise has one of these demands."""
    return lambda line: bool(set(line.exercise.demands) & set(demands))


def stressing(joint: Joint, *stresses: Stress) -> Callable[[ReadLine], bool]:
    """Lines that ask so much of a joint."""
    return lambda line: line.exercise.stress_on(joint) in stresses


def nothing_hard_to_learn(draft: Looked) -> str:
    """Nothing that takes months to learn."""
    return _wrong(named(draft.lines, *HARD_TO_LEARN), "hard to learn")


def leaves(least: int) -> Predicate:
    """At least so many repetitions are left in every set that is counted."""

    def look(draft: Looked) -> str:
        near = [x for x in draft.lines if x.works and (left := left_of(x.text)) is not None and left < least]
        return _wrong(near, f"fewer than {least} left")

    return look


def endurance_minutes(least: int) -> Predicate:
    """So many minutes of endurance in the first week."""

    def look(draft: Looked) -> str:
        found = sum(seconds_of(line.text) for line in draft.work if line.exercise.kind is ExerciseKind.CARDIO) / 60
        return "" if found >= least else f"{found:.0f} min of endurance, at least {least} wanted"

    return look


def long_runs_apart_from_legs(draft: Looked) -> str:
    """No quarter of an hour and more of endurance on a day of three lines and more for the legs, or beside one."""
    days = draft.days()
    for day, lines in days:
        if not any(x.exercise.kind is ExerciseKind.CARDIO and seconds_of(x.text) >= 900 for x in lines):
            continue
        for other, theirs in days:
            apart = min((other.weekday - day.weekday) % 7, (day.weekday - other.weekday) % 7)
            legs = [x for x in theirs if x.exercise.pattern in LEGS and x.section is Section.MAIN]
            if apart <= 1 and len(legs) >= 2:
                return f"{day.name} runs long, {other.name} is heavy on the legs"
    return ""


def first_main_is(*patterns: Pattern) -> Predicate:
    """The first lift of each day is one of these patterns."""

    def look(draft: Looked) -> str:
        for day, lines in draft.days():
            first = next((x for x in lines if x.section is Section.MAIN and x.exercise.kind is ExerciseKind.LIFT), None)
            if first and first.exercise.pattern not in patterns:
                return f"{day.name} begins with {first.exercise.name}"
        return ""

    return look


def said_of(*words: str) -> Predicate:
    """The draft says of something that it could not be kept."""

    def look(draft: Looked) -> str:
        told = " ".join(draft.relax).lower()
        return "" if any(word in told for word in words) else f"nothing said of {words[0]}"

    return look


def light_to_begin(most_share: float) -> Predicate:
    """No load of the first week is more than this share of body weight."""

    def look(draft: Looked) -> str:
        body = float(draft.profile.body_kg or 65)
        heavy = []
        for line in draft.work:
            said = re.search(r"([\d.]+) (kg|lb)", line.text)
            if said:
                kilograms = float(said.group(1)) * (1 if said.group(2) == "kg" else 0.4536)
                if kilograms > most_share * body:
                    heavy.append(line)
        return _wrong(heavy, "heavy to begin with")

    return look
