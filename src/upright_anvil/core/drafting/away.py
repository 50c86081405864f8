"""Weeks away: the same work with what the other place has, or left out and said so."""

from collections.abc import Mapping
from dataclasses import replace

from upright_anvil.core.drafting.brief import Brief
from upright_anvil.core.drafting.first_load import first_load
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ids import NO_EXERCISE, PlaceId
from upright_anvil.core.plan.document import Cell, Day, Group, Line, Phase, Program, Section, Week
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.prescription.load_targets import BodyweightLoad
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.prescription.text.shorthand import write

CARRIED_REPS, CARRIED_LEFT = 10, 3
"""What a load that is carried or held for a time is reckoned with. House rule."""


def at_other_places(program: Program, brief: Brief) -> tuple[Program, tuple[str, ...]]:
    """Answer the program with its weeks away (from 1) moved to their place, and in sentences what is left out there.

    Every line of such a week can be done with what the place has: as it is, as its variant B, or it rests; what is not
    main work has a set fewer.
    """
    if not brief.away:
        return program, ()
    number, phases, missed = 0, [], dict[str, None]()
    for phase in program.phases:
        mine = {i: brief.away[number + i + 1] for i in range(len(phase.weeks)) if number + i + 1 in brief.away}
        number += len(phase.weeks)
        phases.append(_moved(phase, mine, brief, missed) if mine else phase)
    return program.model_copy(update={"phases": tuple(phases)}), tuple(missed)


def _moved(phase: Phase, away: Mapping[int, PlaceId], brief: Brief, missed: dict[str, None]) -> Phase:
    weeks = tuple(
        week.model_copy(update={"place": away[i], "variant": "B"}) if i in away else week
        for i, week in enumerate(phase.weeks)
    )
    days = tuple(_day(day, weeks, away, brief, missed) for day in phase.days)
    return phase.model_copy(update={"weeks": weeks, "days": days})


def _day(day: Day, weeks: tuple[Week, ...], away: Mapping[int, PlaceId], brief: Brief, missed: dict[str, None]) -> Day:
    taken: set[str] = {line.exercise for line in day.lines}
    groups = []
    for group in day.groups:
        lines = tuple(_line(group, line, away, brief, taken, missed) for line in group.lines)
        groups.append(group.model_copy(update={"lines": lines}))
    return day.model_copy(update={"groups": tuple(groups)})


def _line(
    group: Group, line: Line, away: Mapping[int, PlaceId], brief: Brief, taken: set[str], missed: dict[str, None]
) -> Line:
    profile = brief.who.profile
    exercise = profile.exercise(line.exercise)
    places = [profile.at(place).inventory for place in dict.fromkeys(away.values())]
    other: Exercise | None = exercise
    if not all(exercise.possible_at(place) for place in places):
        every = [e for e in profile.exercises.values() if _alike(e, exercise) and e.id not in taken and brief.may(e)]
        there = [e for e in every if all(e.meant_for(place) for place in places)]
        other = min(there, key=lambda e: (_unlike(e, exercise), e.id), default=None)
    cells = list(line.cells)
    if any((read := prescription_or_none(cells[index].text, profile.unit)) and read.ramp for index in away):
        # What leads up to a load of the usual place leads up to nothing here.
        for index in away:
            cells[index] = Cell()
        return line.model_copy(update={"cells": tuple(cells)})
    if other is None:
        if group.section in (Section.MAIN, Section.CARDIO):
            name = next(iter(away.values()))
            place = profile.place_names.get(name, "the other place")
            missed[f"Away at {place}, {exercise.name} rests: nothing there does the same."] = None
        for index in away:
            cells[index] = Cell()
        return line.model_copy(update={"cells": tuple(cells)})
    taken.add(other.id)
    for index, place in away.items():
        there_brief = replace(brief, who=replace(brief.who, profile=profile.at(place)))
        asked = prescription_or_none(cells[index].text, profile.unit)
        if asked is not None:
            fewer = asked if group.section is Section.MAIN else replace(asked, sets=max(asked.sets - 1, 1))
            cells[index] = Cell(text=write(_with(fewer, other, there_brief)))
    return line.model_copy(update={"cells": tuple(cells), "exercise_b": NO_EXERCISE if other is exercise else other.id})


def _alike(exercise: Exercise, wanted: Exercise) -> bool:
    return (
        exercise.kind is wanted.kind
        and exercise.pattern is wanted.pattern
        and bool(set(exercise.movers) & set(wanted.movers))
    )


def _unlike(exercise: Exercise, wanted: Exercise) -> tuple[bool, int]:
    return exercise.one_sided is not wanted.one_sided, len(set(exercise.movers) ^ set(wanted.movers))


def _with(asked: Prescription, exercise: Exercise, brief: Brief) -> Prescription:
    """The same sets and repetitions with what the place has, each side as the exercise has it."""
    loaded = asked.load is not None
    asked = replace(asked, load=None, each_side=exercise.one_sided, side=None)
    if not isinstance(asked.target, Reps):
        carried = first_load(exercise, brief, CARRIED_REPS, CARRIED_LEFT) if loaded else None
        return replace(asked, load=carried.load) if carried else asked
    begin = first_load(exercise, brief, asked.target.high, asked.left or 0)
    if begin is not None:
        return replace(asked, load=begin.load)
    return replace(asked, load=BodyweightLoad()) if exercise.bodyweight_share > 0 else asked
