"""The templates' data files, one TOML file each.

``docs/formats.md`` explains them. A line is ``[section/]exercise: shorthand [> path] [! reason]``; lines done together
stand in a table ``{ pair = "opposite muscles", lines = [...] }``, likewise ``circuit``, ``tri-set`` and
``by the clock``.
"""

import tomllib
from decimal import Decimal
from functools import lru_cache
from importlib import resources
from typing import Any

from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.plan.changing.paths import Path, PathKind
from upright_anvil.core.plan.document import Pairing, Section, WeekKind
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.templates.model import Template, TemplateDay, TemplateGroup, TemplateLine

DATA = resources.files("upright_anvil") / "data" / "templates"

_PATHS = {
    "load": PathKind.LOAD,
    "reps": PathKind.REPS,
    "seconds": PathKind.SECONDS,
    "rest": PathKind.REST,
    "sets": PathKind.SETS,
    "leave": PathKind.RESERVE,
    "three up": PathKind.THREE_UP,
}


@lru_cache(maxsize=1)
def shipped_templates() -> dict[str, Template]:
    """Answer the templates that ship with the app, by id, in the order of their names."""
    files = sorted((f for f in DATA.iterdir() if f.name.endswith(".toml")), key=lambda f: f.name)
    found = (parse_template(file.name.removesuffix(".toml"), file.read_text(encoding="utf-8")) for file in files)
    return {template.id: template for template in sorted(found, key=lambda t: t.name)}


def parse_template(template_id: str, text: str) -> Template:
    """Read one template. Raises `ValueError` (or `KeyError`) where the file does not hold together."""
    data = tomllib.loads(text)
    return Template(
        id=template_id,
        name=data["name"],
        school=data["school"],
        suits=data["suits"],
        asks=data["asks"],
        method=data.get("method", ""),
        weeks=tuple(WeekKind(kind) for kind in data["weeks"]),
        days=tuple(
            TemplateDay(
                name=day["name"],
                weekday=day["weekday"],
                groups=tuple(_group(entry) for entry in day["lines"]),
                top_up=day.get("top_up", False),
            )
            for day in data["days"]
        ),
    )


def _group(entry: str | dict[str, Any]) -> TemplateGroup:
    if isinstance(entry, str):
        section, line = _line(entry)
        return TemplateGroup(section, (line,))
    read = [_line(text) for text in entry["lines"]]
    kind = next(k for k in GroupKind if k.value in entry)
    pairing = Pairing(entry["pair"]) if kind is GroupKind.PAIR else Pairing.NONE
    section, lines = read[0][0], tuple(line for _, line in read)
    return TemplateGroup(section, lines, kind, pairing, entry.get("inside"), entry.get("after"))


def _line(text: str) -> tuple[Section, TemplateLine]:
    head, _, rest = text.partition(":")
    section, _, exercise = head.rpartition("/")
    rest, _, reason = rest.partition("!")
    shorthand, _, path = rest.partition(">")
    line = TemplateLine(ExerciseId(exercise.strip()), shorthand.strip(), read_path(path.strip()), reason.strip())
    return Section(section.strip() or "main"), line


def read_path(text: str) -> Path:
    """Read a path: ``load +2.5``, ``reps +1``, ``rest -5``, ``wave 70 75 80 60``; nothing is the same every week."""
    if not text:
        return Path(PathKind.COPY)
    word, _, rest = text.rpartition(" ") if not text.startswith("wave") else text.partition(" ")
    if word == "wave":
        return Path(PathKind.WAVE, per_cents=tuple(Decimal(number) for number in rest.split()))
    return Path(_PATHS[word], Decimal(rest))
