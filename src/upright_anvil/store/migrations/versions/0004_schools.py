"""What a client's trainer raises first."""

import sqlalchemy as sa
from alembic import op

revision = "0004"
down_revision = "0003"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.add_column("client", sa.Column("school", sa.String(), nullable=False, server_default="reps in a range"))


def downgrade() -> None:
    op.drop_column("client", "school")
