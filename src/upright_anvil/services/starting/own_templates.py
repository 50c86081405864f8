"""The trainer's own templates: a phase kept as one, renamed, taken out and brought back."""

from dataclasses import replace
from datetime import datetime

from upright_anvil.core.errors import DomainError
from upright_anvil.core.templates.model import Template
from upright_anvil.services.acknowledged import Acknowledged
from upright_anvil.services.ids import fresh_id
from upright_anvil.services.starting.sources import DOCUMENT, StartingPoint, template_of_source
from upright_anvil.store.file.database import Scope
from upright_anvil.store.studio import own_templates as store
from upright_anvil.store.tables import OwnTemplateRow

MOST_TEMPLATES = 300


def keep_template(
    scope: Scope, source: StartingPoint, name: str, suits: str, now: datetime, *, mine: bool = False
) -> Acknowledged:
    """Keep a phase as a template of the studio's, or of one's own, without the loads of the client it was written for.

    Raises `DomainError` where the name is taken or nothing is in it, `NotFoundError`.
    """
    _check_free(scope, name)
    made = replace(template_of_source(scope, source), name=name)
    return add_template(scope, replace(made, suits=suits) if suits else made, now, mine=mine)


def add_template(scope: Scope, template: Template, now: datetime, *, mine: bool = False) -> Acknowledged:
    """Keep a template of the studio's, or (``mine``) one that nobody else sees, under an id of its own.

    Raises `DomainError` where the name is taken or there are too many.
    """
    _check_free(scope, template.name)
    template_id = f"own-{fresh_id()}"
    text = DOCUMENT.dump_json(replace(template, id=template_id)).decode()
    whose = scope.actor.person_id if mine else None
    row = OwnTemplateRow(id=template_id, person_id=whose, name=template.name, document=text, at=now, removed_at=None)
    scope.db.add(row)
    scope.db.flush()
    return Acknowledged(template_id, again=False)


def _check_free(scope: Scope, name: str) -> None:
    rows = store.own_templates(scope)
    if any(row.name.casefold() == name.casefold() for row in rows):
        raise DomainError(f"There is a template called {name} already; choose another name.")
    if len(rows) >= MOST_TEMPLATES:
        raise DomainError(f"At most {MOST_TEMPLATES} templates are kept; take one out first.")


def remove_template(scope: Scope, template_id: str, removed: bool, now: datetime) -> Acknowledged:
    """Take a template of one's own out, or bring it back. Raises `NotFoundError`."""
    row = store.own_template(scope, template_id)
    row.removed_at = now if removed else None
    scope.db.flush()
    return Acknowledged(template_id, again=False)
