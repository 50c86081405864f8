"""What was brought in from a file: clients and past sessions, so that one undo takes them back."""

import sqlalchemy as sa
from alembic import op

revision = "0008"
down_revision = "0007"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.create_table(
        "brought_in",
        sa.Column("id", sa.String(), primary_key=True),
        sa.Column("trainer_id", sa.String(), sa.ForeignKey("trainer.id"), nullable=False),
        sa.Column("sort", sa.String(), nullable=False),
        sa.Column("at", sa.String(), nullable=False),
    )
    for table in ("client", "program"):
        # The reference is said in the column itself: SQLite cannot add it to a table that stands.
        op.execute(f"ALTER TABLE {table} ADD COLUMN brought_in VARCHAR REFERENCES brought_in (id)")
        op.create_index(f"ix_{table}_brought_in", table, ["brought_in"])


def downgrade() -> None:
    for table in ("client", "program"):
        op.drop_index(f"ix_{table}_brought_in", table)
        op.drop_column(table, "brought_in")
    op.drop_table("brought_in")
