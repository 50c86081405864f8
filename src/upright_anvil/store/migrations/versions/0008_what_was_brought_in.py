"""What was brought in from a file, so that one undo takes it back; pictures of exercises."""

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
    op.create_table(
        "exercise_picture",
        sa.Column("trainer_id", sa.String(), sa.ForeignKey("trainer.id"), primary_key=True),
        sa.Column("exercise", sa.String(), primary_key=True),
        sa.Column("mark", sa.String(), nullable=False),
        sa.Column("content", sa.LargeBinary(), nullable=False),
        sa.Column("at", sa.String(), nullable=False),
    )


def downgrade() -> None:
    op.drop_table("exercise_picture")
    for table in ("client", "program"):
        op.drop_index(f"ix_{table}_brought_in", table)
        op.drop_column(table, "brought_in")
    op.drop_table("brought_in")
