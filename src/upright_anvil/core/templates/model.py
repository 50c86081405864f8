"""A template as it is kept: its school, its weeks, its days, each line with the exercise it would like."""

from dataclasses import dataclass

from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.plan.document import Pairing, Section, WeekKind
from upright_anvil.core.plan.paths import Path
from upright_anvil.core.prescription.groups import GroupKind


@dataclass(frozen=True, slots=True)
class TemplateLine:
    """A line: the exercise wanted, the shorthand of the first week, what it is for, and the path it follows."""

    exercise: ExerciseId
    text: str
    path: Path
    reason: str = ""


@dataclass(frozen=True, slots=True)
class TemplateGroup:
    """Lines done together in a section."""

    section: Section
    lines: tuple[TemplateLine, ...]
    kind: GroupKind = GroupKind.SINGLE
    pairing: Pairing = Pairing.NONE
    rest_inside: int | None = None
    rest_after: int | None = None


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
    what the place should have, in words.
    """

    id: str
    name: str
    school: str
    suits: str
    asks: str
    method: str
    weeks: tuple[WeekKind, ...]
    days: tuple[TemplateDay, ...]
