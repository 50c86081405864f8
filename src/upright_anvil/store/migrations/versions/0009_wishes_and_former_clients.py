"""Clients who train here no more; what a client likes, would rather not do, and has to be ready for."""

import sqlalchemy as sa
from alembic import op

revision = "0009"
down_revision = "0008"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.add_column("client", sa.Column("former", sa.Boolean(), nullable=False, server_default=sa.false()))
    op.add_column("client", sa.Column("likes", sa.String(), nullable=False, server_default=""))
    op.add_column("client", sa.Column("dislikes", sa.String(), nullable=False, server_default=""))
    op.add_column("client", sa.Column("ready_by", sa.Date(), nullable=True))


def downgrade() -> None:
    for column in ("ready_by", "dislikes", "likes", "former"):
        op.drop_column("client", column)
