"""The trainer's own templates."""

from collections.abc import Sequence

from sqlalchemy import select

from upright_anvil.store.database import Scope
from upright_anvil.store.not_found import NotFoundError
from upright_anvil.store.tables import OwnTemplateRow


def own_templates(scope: Scope) -> Sequence[OwnTemplateRow]:
    """Answer the trainer's templates by name, without removed ones."""
    query = select(OwnTemplateRow).where(OwnTemplateRow.removed_at.is_(None))
    return scope.db.scalars(query.order_by(OwnTemplateRow.name, OwnTemplateRow.id)).all()


def own_template(scope: Scope, template_id: str) -> OwnTemplateRow:
    """Answer one of them, a removed one too. Raises `NotFoundError`."""
    row = scope.db.get(OwnTemplateRow, template_id)
    if row is None:
        raise NotFoundError("template of your own")
    return row
