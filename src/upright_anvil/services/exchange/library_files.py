"""Own exercises and templates out of the studio, and another's in."""

from dataclasses import dataclass, replace
from datetime import datetime

from upright_anvil.core.errors import DomainError
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.templates.model import Template, TemplateLine
from upright_anvil.formats.exchange.library_file import LibraryExercise, LibraryFile, read_library, write_library
from upright_anvil.formats.shipped.exercise_file import exercise_of, table_of
from upright_anvil.services.exchange.exporting import MEDIA, ExportedFile, ProgramFormat
from upright_anvil.services.ids import fresh_id
from upright_anvil.services.library.own_exercises import add_own
from upright_anvil.services.shelf import library, own_of
from upright_anvil.services.starting.own_templates import add_template
from upright_anvil.services.starting.sources import DOCUMENT
from upright_anvil.store.file.database import Scope
from upright_anvil.store.studio import exercises, own_templates


@dataclass(frozen=True, slots=True)
class LibraryLook:
    """What a library file would add, what is here already by its name, and what cannot come in, in words."""

    exercises: tuple[str, ...]
    templates: tuple[str, ...]
    here: tuple[str, ...]
    refused: tuple[str, ...]


def own_library(scope: Scope) -> ExportedFile:
    """Answer the trainer's own exercises and templates as a file; edits of shipped exercises stay."""
    rows = [row for row in exercises.own_exercises(scope) if row.shipped_id is None and row.removed_at is None]
    own = tuple(LibraryExercise(id=row.id, fields=table_of(own_of(row))) for row in rows)
    templates = tuple(DOCUMENT.validate_json(row.document) for row in own_templates.own_templates(scope))
    content = write_library(LibraryFile(exercises=own, templates=templates))
    return ExportedFile("library.json", MEDIA[ProgramFormat.JSON], content)


def look_at_library(scope: Scope, content: bytes) -> LibraryLook:
    """Answer what a library file would add; nothing is kept. Raises `DomainError` where it is none."""
    return _read(scope, content)[0]


def bring_in_library(scope: Scope, content: bytes, now: datetime) -> LibraryLook:
    """Add what a library file has and this studio has not. Raises `DomainError` where it is none."""
    look, new, meant, templates = _read(scope, content)
    for old, exercise in new.items():
        # On a ladder of the other studio's own there is no rung here: it comes in beside the ladders.
        known = {ladder.id for ladder in library(scope).ladders.all}
        rung = exercise.ladder in known and exercise.after in library(scope).exercises
        fields = table_of(exercise) | ({} if rung else {"ladder": "", "after": ""})
        made = add_own(scope, exercise_of(ExerciseId(fresh_id()), {k: v for k, v in fields.items() if v}, own=True))
        meant[old] = made.id
    for template in templates:
        add_template(scope, _with_own(template, meant), now)
    return look


def _read(
    scope: Scope, content: bytes
) -> tuple[LibraryLook, dict[str, Exercise], dict[str, ExerciseId], list[Template]]:
    file, shelf = read_library(content), library(scope)
    by_name = {one.name.casefold(): one.id for one in shelf.exercises.values() if not one.removed}
    new: dict[str, Exercise] = {}
    meant: dict[str, ExerciseId] = {}
    here, refused = [], []
    for one in file.exercises:
        try:
            exercise = exercise_of(ExerciseId(one.id), one.fields, own=True)
        except (KeyError, ValueError, TypeError, DomainError) as wrong:
            refused.append(f"{one.fields.get('name', one.id)}: {wrong}")
            continue
        known = by_name.get(exercise.name.casefold())
        if known:
            meant[one.id] = known
            here.append(exercise.name)
        else:
            new[one.id] = exercise
    taken = {row.name.casefold() for row in own_templates.own_templates(scope)}
    templates = []
    for template in file.templates:
        strangers = _exercises_of(template) - shelf.exercises.keys() - new.keys() - meant.keys()
        if template.name.casefold() in taken:
            here.append(template.name)
        elif strangers:
            refused.append(f"{template.name}: names {', '.join(sorted(strangers)[:3])}, which is not in the file.")
        else:
            templates.append(template)
            taken.add(template.name.casefold())
    look = LibraryLook(
        tuple(exercise.name for exercise in new.values()), tuple(t.name for t in templates), tuple(here), tuple(refused)
    )
    return look, new, meant, templates


def _exercises_of(template: Template) -> set[str]:
    lines = (line for day in template.days for group in day.groups for line in group.lines)
    return {name for line in lines for name in (line.exercise, line.exercise_b) if name}


def _with_own(template: Template, meant: dict[str, ExerciseId]) -> Template:
    """The template with its exercises by the ids they have here."""

    def own(line: TemplateLine) -> TemplateLine:
        exercise, other = (meant.get(name, name) for name in (line.exercise, line.exercise_b))
        return replace(line, exercise=exercise, exercise_b=other)

    days = tuple(
        replace(day, groups=tuple(replace(g, lines=tuple(own(line) for line in g.lines)) for g in day.groups))
        for day in template.days
    )
    return replace(template, days=days)
