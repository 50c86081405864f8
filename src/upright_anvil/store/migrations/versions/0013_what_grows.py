"""Indexes for queries that walked through a table which grows as long as the studio is there; kept alerts."""

import sqlalchemy as sa
from alembic import op

revision = "0013"
down_revision = "0012"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.create_index("ix_session_change_client_id", "session_change", ["client_id"])
    op.create_index("ix_set_measure_client_id", "set_measure", ["client_id"])
    op.execute("DROP INDEX ix_program_brought_in")
    op.execute("CREATE INDEX program_brought_in ON program (brought_in) WHERE brought_in IS NOT NULL")
    op.create_index("program_by_start", "program", ["starts_on"])
    op.execute(
        "CREATE INDEX program_not_ended ON program (client_id, starts_on) WHERE ended_on IS NULL AND brought_in IS NULL"
    )
    op.execute("CREATE INDEX home_result_unread ON home_result (seq) WHERE read IS 0 AND set_aside IS 0")
    op.create_index("clearance_by_date", "clearance", ["on_date"])
    op.execute("CREATE INDEX sign_in_open ON sign_in (at) WHERE ended_at IS NULL")
    op.create_table(
        "client_alert",
        sa.Column("client_id", sa.String(), sa.ForeignKey("client.id"), primary_key=True),
        *(sa.Column(name, sa.String(), nullable=False) for name in ("state", "text", "exercise", "at")),
        sa.Column("trouble", sa.String()),
        sa.Column("studio_id", sa.String(), sa.ForeignKey("studio.id"), nullable=False),
    )
