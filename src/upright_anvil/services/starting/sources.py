"""What a program, a phase or a day is begun from: a template that ships, one of the trainer's own, or what somebody
trained."""

from dataclasses import dataclass

from pydantic import TypeAdapter

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ProgramId
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.locate import find_phase
from upright_anvil.core.templates.from_phase import template_of
from upright_anvil.core.templates.model import Template
from upright_anvil.formats.shipped.template_file import shipped_templates
from upright_anvil.store import programs
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.studio import own_templates as store

NO_PROGRAM = ProgramId("")

DOCUMENT = TypeAdapter(Template)
"""How a template of one's own is kept."""


@dataclass(frozen=True, slots=True)
class StartingPoint:
    """A template by its id, or a program of any client with one of its phases (none: all of them)."""

    template: str = ""
    program: ProgramId = NO_PROGRAM
    phase: str = ""


def all_templates(scope: Scope) -> dict[str, Template]:
    """Answer all templates by id, the trainer's own first."""
    own = {row.id: DOCUMENT.validate_json(row.document) for row in store.own_templates(scope)}
    return own | shipped_templates()


def phases_of(scope: Scope, source: StartingPoint) -> tuple[str, tuple[Template, ...]]:
    """Answer a source's name and its phases as templates.

    Raises `NotFoundError`, `DomainError` for a phase that is gone or a program with nothing in it.
    """
    if not source.program:
        template = all_templates(scope).get(source.template)
        if template is None:
            raise NotFoundError("template")
        return template.name, (template,)
    program = programs.current(scope, source.program).program
    unit = Unit(client(scope, programs.program_row(scope, source.program).client_id).unit)
    phases = (find_phase(program, source.phase),) if source.phase else program.phases
    found = tuple(template_of(phase, phase.name, unit) for phase in phases if any(day.lines for day in phase.days))
    if not found:
        raise DomainError("There is nothing in it to take over.")
    return (phases[0].name if source.phase else program.name), found


def template_of_source(scope: Scope, source: StartingPoint) -> Template:
    """Answer a source that is one phase as a template. Raises `NotFoundError`, `DomainError` where it is several."""
    _, found = phases_of(scope, source)
    if len(found) > 1:
        raise DomainError("Choose one of its phases.")
    return found[0]
