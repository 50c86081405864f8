"""Who logged a set; until now there was one trainer, so it was that one."""

import sqlalchemy as sa
from alembic import op

revision = "0006"
down_revision = "0005"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.add_column("performed_set", sa.Column("logged_by", sa.String(), nullable=True))
    op.execute("UPDATE performed_set SET logged_by = trainer_id")


def downgrade() -> None:
    op.drop_column("performed_set", "logged_by")
