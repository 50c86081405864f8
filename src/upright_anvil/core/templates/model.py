"""A template as it is kept: its school, its weeks, its days, each line with the exercise it would like."""

from dataclasses import dataclass

from upright_anvil.core.ids import NO_EXERCISE, ExerciseId
from upright_anvil.core.plan.changing.paths import Path
from upright_anvil.core.plan.document import Pairing, Section, WeekKind
from upright_anvil.core.plan.parts import Variant
from upright_anvil.core.prescription.groups import GroupKind


@dataclass(frozen=True, slots=True)
class TemplateLine:
    """A line: the exercise wanted, the shorthand of the first week, what it is for, and the path it follows.

    ``weeks`` are the shorthands week by week instead, where they follow no path; ``exercise_b`` is wanted in B weeks.
    """

    exercise: ExerciseId
    text: str
    path: Path
    reason: str = ""
    weeks: tuple[str, ...] = ()
    exercise_b: ExerciseId = NO_EXERCISE


@dataclass(frozen=True, slots=True)
class TemplateGroup:
    """Lines done together in a section."""

    section: Section
    lines: tuple[TemplateLine, ...]
    kind: GroupKind = GroupKind.SINGLE
    pairing: Pairing = Pairing.NONE
    rest_inside: int | None = None
    rest_after: int | None = None
    every: int | None = None
    time_cap: int | None = None


@dataclass(frozen=True, slots=True)
class TemplateDay:
    """A day: its name, its weekday (Monday = 0), its groups."""

    name: str
    weekday: int
    groups: tuple[TemplateGroup, ...]
    top_up: bool = False


@dataclass(frozen=True, slots=True)
class Template:
    """A starting point.

    ``school`` says which first lever and habits it follows, ``suits`` whom it is for, ``asks`` minutes a session and
    what the place should have, in words. ``variants`` say which weeks are A and which B, empty where none is.
    """

    id: str
    name: str
    school: str
    suits: str
    asks: str
    method: str
    weeks: tuple[WeekKind, ...]
    days: tuple[TemplateDay, ...]
    variants: tuple[Variant, ...] = ()
