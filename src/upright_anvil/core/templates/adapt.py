"""A template made into a client's phase: variants for the place and the joints, loads from the client's own sets,
level and minutes kept."""

from collections.abc import Iterator
from dataclasses import dataclass, replace
from datetime import date
from itertools import zip_longest

from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.errors import DomainError
from upright_anvil.core.exercises import Exercise, ExerciseKind
from upright_anvil.core.fitting.fit import FitTerms, chosen_edits, fit
from upright_anvil.core.health.cautions import CautionGrade, joint_cautions
from upright_anvil.core.ids import NO_EXERCISE, DayId, ExerciseId
from upright_anvil.core.library.substitutes import SubstitutionContext, substitutes
from upright_anvil.core.plan.changing.paths import Path, PathKind, along
from upright_anvil.core.plan.changing.suited import suited
from upright_anvil.core.plan.document import Cell, Day, Group, Line, Pairing, Phase, Program, Section, Week, WeekKind
from upright_anvil.core.plan.edits import apply_edits
from upright_anvil.core.plan.parts import kind_for
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.plan.read_out.resolving import suggested
from upright_anvil.core.prescription.load_targets import BodyweightLoad
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.prescription.text.shorthand import read, write
from upright_anvil.core.templates.model import Template, TemplateDay, TemplateGroup, TemplateLine

EASIER_RESERVE = 2
"""The least reserve a client in the first months is given. House rule."""

FEWEST_SETS = 2
SECONDS = 60


@dataclass(frozen=True, slots=True)
class Adapted:
    """The phase, and what was changed on the way, in sentences."""

    phase: Phase
    changes: tuple[str, ...]


def adapt(template: Template, who: Standpoint, phase_id: str, name: str = "") -> Adapted:
    """Answer a template as a phase of a client. Never fails: what cannot be done at the place is left out and said.

    Variants: the wanted exercise where the place has it and no joint stands against it, else the best substitute, else
    none. Loads: from the client's estimate, rounded down to the place. First months: one set fewer, at least two left.
    Minutes: the cheapest changes until every session fits. House rule.
    """
    notes: list[str] = []
    weeks = tuple(
        Week(id=f"{phase_id}-w{n}", kind=kind, variant=variant)
        for n, (kind, variant) in enumerate(zip_longest(template.weeks, template.variants, fillvalue=""), start=1)
    )
    days = tuple(
        _day(day, DayId(f"{phase_id}-d{n}"), weeks, who, notes)
        for n, day in enumerate(_days(template, who, notes), start=1)
    )
    phase = Phase(
        id=phase_id,
        name=name or template.name,
        purpose=template.suits[:200],
        method=template.method[:200],
        weeks=weeks,
        days=days,
    )
    return Adapted(_fitted(phase, who, notes), tuple(dict.fromkeys(notes)))


def adapt_day(
    template: Template, number: int, phase: Phase, who: Standpoint, day_id: DayId
) -> tuple[Day, tuple[str, ...]]:
    """Answer a day of a template as an optional day of a running phase, and what was changed on the way.

    On its own weekday where that is free, else on the first that is. Raises `DomainError` where the phase has every day
    of the week, or nothing of the day can be done here. House rule.
    """
    taken = {day.weekday for day in phase.days}
    wanted = template.days[number]
    free = next((weekday for weekday in (wanted.weekday, *range(7)) if weekday not in taken), None)
    if free is None:
        raise DomainError("Every day of the week has a session already.")
    notes: list[str] = []
    made = _day(replace(wanted, weekday=free, top_up=True), day_id, phase.weeks, who, notes)
    if not made.lines:
        raise DomainError(f"Nothing of {wanted.name} can be done here.")
    return made, tuple(dict.fromkeys(notes))


def _days(template: Template, who: Standpoint, notes: list[str]) -> tuple[TemplateDay, ...]:
    most = max(who.days_a_week, 1)
    if len(template.days) > most and not any(day.top_up for day in template.days):
        notes.append(f"{who.days_a_week} of its {len(template.days)} days taken: the client has no more.")
        return template.days[:most]
    return template.days


def _day(day: TemplateDay, day_id: DayId, weeks: tuple[Week, ...], who: Standpoint, notes: list[str]) -> Day:
    groups = []
    taken: dict[ExerciseId, ExerciseId] = {}
    for n, group in enumerate(day.groups, start=1):
        lines = tuple(_lines(group, f"{day_id}-g{n}", weeks, who, taken, notes))
        if lines:
            kind = group.kind if len(lines) == len(group.lines) else kind_for(group.kind, len(lines))
            groups.append(
                Group(
                    id=f"{day_id}-g{n}",
                    kind=kind,
                    lines=lines,
                    section=group.section,
                    pairing=group.pairing if kind is group.kind else Pairing.NONE,
                    rest_inside=group.rest_inside,
                    rest_after=group.rest_after,
                    every=group.every,
                    time_cap=group.time_cap,
                )
            )
    return Day(id=day_id, name=day.name, weekday=day.weekday, groups=tuple(groups), top_up=day.top_up)


def _lines(
    group: TemplateGroup,
    group_id: str,
    weeks: tuple[Week, ...],
    who: Standpoint,
    taken: dict[ExerciseId, ExerciseId],
    notes: list[str],
) -> Iterator[Line]:
    for n, line in enumerate(group.lines, start=1):
        exercise = chosen(line.exercise, who.profile, taken, notes)
        if exercise is None:
            continue
        taken[line.exercise] = exercise.id
        other = chosen(line.exercise_b, who.profile, {}, notes) if line.exercise_b else None
        made = (
            _week_by_week(line, exercise, other, group.section, weeks, who, notes)
            if line.weeks
            else cells(line.path, first_cell(line, exercise, group.section, who), weeks, exercise, who.profile)
        )
        yield Line(
            id=f"{group_id}-l{n}",
            exercise=exercise.id,
            cells=made,
            reason=line.reason[:300],
            exercise_b=other.id if other else NO_EXERCISE,
        )


def _week_by_week(
    line: TemplateLine,
    exercise: Exercise,
    other: Exercise | None,
    section: Section,
    weeks: tuple[Week, ...],
    who: Standpoint,
    notes: list[str],
) -> tuple[Cell, ...]:
    """A line's cells from its words week by week; weeks it has none for say what its last one does.

    With a load from the client's own estimate, held back as for at least two left where nothing is said.
    """
    made = []
    for n, week in enumerate(weeks):
        trained = other if other is not None and week.variant == "B" else exercise
        text = line.weeks[min(n, len(line.weeks) - 1)]
        if text and prescription_or_none(text, who.profile.unit) is None:
            notes.append(f"{trained.name}: “{text}” cannot be read and was taken over as it was typed.")
            made.append(Cell(text=text))
        else:
            asked = first_cell(line, trained, section, who, text, EASIER_RESERVE) if text else None
            made.append(Cell(text=write(asked) if asked else ""))
    return tuple(made)


def chosen(
    wanted: ExerciseId, profile: ClientProfile, taken: dict[ExerciseId, ExerciseId], notes: list[str]
) -> Exercise | None:
    """Answer the wanted exercise, or what to do instead here; None where nothing fits, which is noted.

    ``taken`` is what was given for what was wanted before: the same wish gets the same, another nothing that is there.
    """
    if wanted in taken:
        return profile.exercise(taken[wanted])
    exercise, there = profile.exercise(wanted), taken.values()
    here, standing = profile.inventory, profile.standing
    against = [c for c in joint_cautions(exercise, standing) if c.grade is not CautionGrade.NOTE]
    if exercise.meant_for(here) and not against and wanted not in there:
        return exercise
    context = SubstitutionContext(here, profile.unit, standing, profile.body_kg)
    for found in substitutes(exercise, profile.exercises.values(), profile.ladders, context):
        clear = not any(c.grade is not CautionGrade.NOTE for c in found.cautions)
        if found.exercise.id not in there and clear:
            why = f"for the {against[0].about}" if against else "for the place"
            notes.append(f"{found.exercise.name} instead of {exercise.name}, {why}.")
            return found.exercise
    notes.append(f"{exercise.name} left out: nothing here stands in for it.")
    return None


def first_cell(
    line: TemplateLine, exercise: Exercise, section: Section, who: Standpoint, text: str = "", held_back: int = 0
) -> Prescription:
    """Answer a line's first week, or what ``text`` says of another, for the client: sides, level, and a load.

    The load is the estimate's, where there is one; with ``held_back`` repetitions left where the line says none.
    """
    asked = read(text or line.text, who.profile.unit)
    asked = suited(asked, exercise) if exercise.one_sided or exercise.id != line.exercise else asked
    working = section not in (Section.WARM_UP, Section.COOL_DOWN)
    if who.is_new and working and asked.scheme is None and exercise.kind is ExerciseKind.LIFT:
        sets = max(asked.sets - 1, min(asked.sets, FEWEST_SETS))
        left = asked.reserve if asked.reserve is None else max(asked.reserve, EASIER_RESERVE)
        asked = replace(asked, sets=sets, reserve=left)
    return loaded(asked, exercise, who.profile, held_back)


def loaded(asked: Prescription, exercise: Exercise, profile: ClientProfile, held_back: int = 0) -> Prescription:
    """Answer a prescription with a load from the client's estimate, where it names none and one is known."""
    if asked.load is not None or not isinstance(asked.target, Reps) or asked.scheme is not None:
        return asked
    left = held_back if asked.left is None else asked.left
    load = suggested(exercise, profile, asked.target.high, left)
    if load is not None:
        return replace(asked, load=load)
    only_body = exercise.bodyweight_share and exercise.implement_at(profile.inventory) == "bodyweight"
    return replace(asked, load=BodyweightLoad()) if only_body and exercise.kind is ExerciseKind.LIFT else asked


def cells(
    path: Path, start: Prescription, weeks: tuple[Week, ...], exercise: Exercise, profile: ClientProfile
) -> tuple[Cell, ...]:
    """Answer a line's cells along its path; along none where the path does not fit what the line became."""
    kinds = [WeekKind(week.kind) for week in weeks]
    try:
        found = along(path, start, kinds, exercise, profile.inventory, profile.unit)
    except DomainError:
        found = along(Path(PathKind.COPY), start, kinds, exercise, profile.inventory, profile.unit)
    return tuple(Cell(text=write(one)) for one in found)


def _fitted(phase: Phase, who: Standpoint, notes: list[str]) -> Phase:
    """The phase with its longest week fitted into the minutes, the same in every week."""
    program = Program(name="Template", start=date(2026, 1, 5), phases=(phase,))
    limit = who.minutes * SECONDS
    for day in phase.days:
        terms = FitTerms(all_weeks=True)
        fitted = fit(program, phase.weeks[0].id, day.id, (day.minutes or who.minutes) * SECONDS, who, terms)
        used = [saving.label for saving in fitted.savings if saving.chosen]
        program = apply_edits(program, list(chosen_edits(fitted)))
        if used:
            notes.append(f"{day.name} made to fit {limit // SECONDS} min: {'; '.join(used)}.")
    return program.phases[0]
