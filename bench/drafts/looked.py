"""A drafted program as a colleague reads it: lines with exercise, text and reason. Nothing of the drafting is used."""

import re
from collections.abc import Iterable, Iterator
from dataclasses import dataclass
from functools import cached_property

from upright_anvil.core.exercises import Exercise
from upright_anvil.core.plan.document import Day, Phase, Program, Section, Week
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import day_estimate

AROUND = (Section.WARM_UP, Section.COOL_DOWN)


@dataclass(frozen=True)
class ReadLine:
    """One line in one week."""

    phase: int
    week: int
    day: Day
    section: Section
    exercise: Exercise
    text: str
    reason: str
    at: Week

    @property
    def works(self) -> bool:
        """Whether it is work rather than warm-up, stretch or ramp-up."""
        return self.section not in AROUND and "ramp-up" not in self.text


@dataclass(frozen=True)
class Looked:
    """A draft with what it could not keep, and the profile it was made for."""

    program: Program
    relax: tuple[str, ...]
    profile: ClientProfile
    minutes: int

    @cached_property
    def lines(self) -> tuple[ReadLine, ...]:
        """Every line of every week that asks for something."""
        return tuple(self._lines())

    def _lines(self) -> Iterator[ReadLine]:
        week = 0
        for number, phase in enumerate(self.program.phases):
            for index, at in enumerate(phase.weeks):
                week += 1
                for day in phase.days:
                    for group in day.groups:
                        for line in group.lines:
                            if line.cells[index].text:
                                exercise = self.profile.exercise(line.exercise_in(at))
                                text = line.cells[index].text
                                yield ReadLine(number, week, day, group.section, exercise, text, line.reason, at)

    @cached_property
    def first(self) -> tuple[ReadLine, ...]:
        """The lines of the first week."""
        return tuple(line for line in self.lines if line.week == 1)

    @cached_property
    def work(self) -> tuple[ReadLine, ...]:
        """The work of the first week."""
        return tuple(line for line in self.first if line.works)

    def days(self) -> list[tuple[Day, list[ReadLine]]]:
        """The days of the first week with their work."""
        first = self.program.phases[0]
        return [(day, [line for line in self.work if line.day.id == day.id]) for day in first.days]

    def used(self) -> Iterator[tuple[Phase, Day, float]]:
        """The share of the minutes that each day's fullest building week uses."""
        for phase in self.program.phases:
            building = [n for n, week in enumerate(phase.weeks) if week.kind != "ease off"]
            for day in phase.days:
                most = max(day_estimate(day, phase.weeks, n, self.profile) for n in building)
                yield phase, day, most / 60 / self.minutes


def sets_of(text: str) -> int:
    """The sets that a line asks for, by its first figure."""
    found = re.match(r"(\d+) x", text)
    return int(found.group(1)) if found else 1


def seconds_of(text: str) -> int:
    """The seconds of a line by the clock, all its sets together; 0 where it is counted."""
    minutes = re.match(r"(\d+) x (\d+) min", text)
    seconds = re.match(r"(\d+) x (\d+) s", text)
    if minutes:
        return int(minutes.group(1)) * int(minutes.group(2)) * 60
    return int(seconds.group(1)) * int(seconds.group(2)) if seconds else 0


def left_of(text: str) -> int | None:
    """The repetitions left that a line asks for."""
    found = re.search(r"leave (\d+)", text)
    return int(found.group(1)) if found else None


def named(lines: Iterable[ReadLine], *words: str) -> list[ReadLine]:
    """The lines whose exercise has one of these words in its name."""
    return [line for line in lines if any(re.search(rf"\b{word}", line.exercise.name.lower()) for word in words)]
