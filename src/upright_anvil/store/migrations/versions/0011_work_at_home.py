"""Home sheets and their results; the client's language, and what an estimate of energy needs."""

import sqlalchemy as sa
from alembic import op

revision = "0011"
down_revision = "0010"
branch_labels = None
depends_on = None

CLIENT = ("language", "sex", "activity")


def upgrade() -> None:
    op.add_column("client", sa.Column("language", sa.String(), nullable=False, server_default="en"))
    op.add_column("client", sa.Column("sex", sa.String(), nullable=False, server_default=""))
    op.add_column("client", sa.Column("activity", sa.String(), nullable=False, server_default=""))
    op.add_column("client", sa.Column("height_cm", sa.Integer(), nullable=True))
    op.create_table(
        "home_sheet",
        sa.Column("id", sa.String(), primary_key=True),
        sa.Column("trainer_id", sa.String(), sa.ForeignKey("trainer.id"), nullable=False),
        sa.Column("client_id", sa.String(), sa.ForeignKey("client.id"), nullable=False),
        sa.Column("program_id", sa.String(), sa.ForeignKey("program.id"), nullable=False),
        sa.Column("made_at", sa.String(), nullable=False),
        sa.Column("document", sa.String(), nullable=False),
        sa.Column("send_code", sa.String(), nullable=False),
        sa.Column("send_until", sa.String(), nullable=True),
    )
    op.create_index("ix_home_sheet_client_id", "home_sheet", ["client_id"])
    op.create_table(
        "home_result",
        sa.Column("seq", sa.Integer(), primary_key=True),
        sa.Column("id", sa.String(), nullable=False, unique=True),
        sa.Column("trainer_id", sa.String(), sa.ForeignKey("trainer.id"), nullable=False),
        sa.Column("client_id", sa.String(), sa.ForeignKey("client.id"), nullable=False),
        sa.Column("sheet_id", sa.String(), sa.ForeignKey("home_sheet.id"), nullable=False),
        sa.Column("week_id", sa.String(), nullable=False),
        sa.Column("day_id", sa.String(), nullable=False),
        sa.Column("text", sa.String(), nullable=False),
        sa.Column("note", sa.String(), nullable=False),
        sa.Column("hurt", sa.Boolean(), nullable=False),
        sa.Column("session_id", sa.String(), sa.ForeignKey("session.id"), nullable=True),
        sa.Column("set_aside", sa.Boolean(), nullable=False),
        sa.Column("read", sa.Boolean(), nullable=False),
        sa.Column("received_at", sa.String(), nullable=False),
    )
    op.create_index("ix_home_result_sheet_id", "home_result", ["sheet_id"])
    op.create_index("home_result_by_client", "home_result", ["client_id", "seq"])


def downgrade() -> None:
    op.drop_table("home_result")
    op.drop_table("home_sheet")
    for column in ("height_cm", *reversed(CLIENT)):
        op.drop_column("client", column)
