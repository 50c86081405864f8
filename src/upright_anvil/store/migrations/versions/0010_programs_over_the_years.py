"""Several programs a client: when each begins and was ended; the trainer's own templates."""

import json

import sqlalchemy as sa
from alembic import op

revision = "0010"
down_revision = "0009"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.add_column("program", sa.Column("starts_on", sa.Date(), nullable=False, server_default="1970-01-05"))
    op.add_column("program", sa.Column("ended_on", sa.Date(), nullable=True))
    held = op.get_bind().execute(
        sa.text(
            "SELECT program.id, revision.document FROM program "
            "JOIN revision ON revision.program_id = program.id AND revision.number = program.revision"
        )
    )
    for program, document in held.fetchall():
        op.get_bind().execute(
            sa.text("UPDATE program SET starts_on = :start WHERE id = :id"),
            {"start": json.loads(document)["start"], "id": program},
        )
    op.create_table(
        "own_template",
        sa.Column("id", sa.String(), primary_key=True),
        sa.Column("trainer_id", sa.String(), sa.ForeignKey("trainer.id"), nullable=False),
        sa.Column("name", sa.String(), nullable=False),
        sa.Column("document", sa.String(), nullable=False),
        sa.Column("at", sa.String(), nullable=False),
        sa.Column("removed_at", sa.String(), nullable=True),
    )


def downgrade() -> None:
    op.drop_table("own_template")
    for column in ("ended_on", "starts_on"):
        op.drop_column("program", column)
