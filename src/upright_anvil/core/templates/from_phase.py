"""A phase somebody trained made into a template: what it asks, without the loads and places of that client."""

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.changing.paths import Path, PathKind
from upright_anvil.core.plan.document import Day, Group, Line, Phase
from upright_anvil.core.prescription.loads_of import unloaded
from upright_anvil.core.prescription.text.shorthand import read, write
from upright_anvil.core.templates.model import Template, TemplateDay, TemplateGroup, TemplateLine


def template_of(phase: Phase, name: str, unit: Unit, template_id: str = "", suits: str = "") -> Template:
    """Answer a phase as a template; ``unit`` is the one its shorthand is written in.

    A line keeps its words week by week, with the loads that one person lifted left out: whoever gets it lifts their
    own. Shares of a maximum and body weight stay. What cannot be read stays as it was typed.
    """
    days = tuple(_day(day, unit) for day in phase.days if day.lines)
    variants = tuple(week.variant for week in phase.weeks)
    return Template(
        id=template_id,
        name=name,
        school="Own",
        suits=suits or phase.purpose,
        asks=f"{len(days)} day{'s' if len(days) != 1 else ''} a week",
        method=phase.method,
        weeks=tuple(week.kind for week in phase.weeks),
        days=days,
        variants=variants if any(variants) else (),
    )


def _day(day: Day, unit: Unit) -> TemplateDay:
    return TemplateDay(day.name, day.weekday, tuple(_group(group, unit) for group in day.groups), day.top_up)


def _group(group: Group, unit: Unit) -> TemplateGroup:
    lines = tuple(_line(line, unit) for line in group.lines)
    return TemplateGroup(
        group.section,
        lines,
        group.kind,
        group.pairing,
        group.rest_inside,
        group.rest_after,
        group.every,
        group.time_cap,
    )


def _line(line: Line, unit: Unit) -> TemplateLine:
    weeks = tuple(without_loads(cell.text, unit) for cell in line.cells)
    first = next((text for text in weeks if text), "")
    return TemplateLine(line.exercise, first, Path(PathKind.COPY), line.reason, weeks, line.exercise_b)


def without_loads(text: str, unit: Unit) -> str:
    """Answer shorthand without the loads that are one person's: weights, bands, steps, last time's and other kit."""
    if not text:
        return ""
    try:
        asked = read(text, unit)
        return write(unloaded(asked))
    except DomainError:
        return text
