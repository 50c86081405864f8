"""The trainer's own templates."""

from collections.abc import Sequence

from sqlalchemy import or_, select

from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.tables import OwnTemplateRow


def own_templates(scope: Scope) -> Sequence[OwnTemplateRow]:
    """Answer the studio's templates and one's own by name, without removed ones."""
    query = select(OwnTemplateRow).where(
        OwnTemplateRow.removed_at.is_(None),
        or_(OwnTemplateRow.person_id.is_(None), OwnTemplateRow.person_id == scope.actor.person_id),
    )
    return scope.db.scalars(query.order_by(OwnTemplateRow.name, OwnTemplateRow.id)).all()


def own_template(scope: Scope, template_id: str) -> OwnTemplateRow:
    """Answer one of them, a removed one too. Raises `NotFoundError`."""
    row = scope.db.get(OwnTemplateRow, template_id)
    if row is None or row.person_id not in (None, scope.actor.person_id):
        raise NotFoundError("template of your own")
    return row
