"""Distances beside their time, repetitions counted by the clock, notes on exercises and places."""

import sqlalchemy as sa
from alembic import op

revision = "0007"
down_revision = "0006"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.add_column("performed_set", sa.Column("metres", sa.Integer(), nullable=True))
    op.add_column("performed_set", sa.Column("counted", sa.Integer(), nullable=True))
    op.add_column("place", sa.Column("note", sa.String(), nullable=False, server_default=""))
    op.create_table(
        "exercise_note",
        sa.Column("seq", sa.Integer(), primary_key=True),
        sa.Column("id", sa.String(), nullable=False, unique=True),
        sa.Column("trainer_id", sa.String(), sa.ForeignKey("trainer.id"), nullable=False),
        sa.Column("client_id", sa.String(), sa.ForeignKey("client.id"), nullable=False),
        sa.Column("exercise", sa.String(), nullable=False),
        sa.Column("text", sa.String(), nullable=False),
        sa.Column("at", sa.String(), nullable=False),
    )
    op.create_index("ix_exercise_note_client_id", "exercise_note", ["client_id"])


def downgrade() -> None:
    op.drop_table("exercise_note")
    op.drop_column("place", "note")
    op.drop_column("performed_set", "counted")
    op.drop_column("performed_set", "metres")
