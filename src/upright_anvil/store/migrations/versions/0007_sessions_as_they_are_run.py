"""Distances beside their time, and repetitions counted by the clock."""

import sqlalchemy as sa
from alembic import op

revision = "0007"
down_revision = "0006"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.add_column("performed_set", sa.Column("metres", sa.Integer(), nullable=True))
    op.add_column("performed_set", sa.Column("counted", sa.Integer(), nullable=True))


def downgrade() -> None:
    op.drop_column("performed_set", "counted")
    op.drop_column("performed_set", "metres")
