"""A figure that was asked about and is right; a client's rows in the order they arrived."""

import sqlalchemy as sa
from alembic import op

revision = "0005"
down_revision = "0004"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.add_column("performed_set", sa.Column("confirmed", sa.Boolean(), nullable=False, server_default=sa.false()))
    op.create_index("performed_set_in_order", "performed_set", ["client_id", "seq"])


def downgrade() -> None:
    op.drop_index("performed_set_in_order", "performed_set")
    op.drop_column("performed_set", "confirmed")
