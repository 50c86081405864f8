"""What the floor writes: how sets went, changes of the day, readiness, measurements, settings."""

import sqlalchemy as sa
from alembic import op

revision = "0003"
down_revision = "0002"
branch_labels = None
depends_on = None


def upgrade() -> None:
    _say_more_of_sets()
    op.add_column("session", sa.Column("effort", sa.Integer(), nullable=True))
    op.add_column("note", sa.Column("for_next", sa.Boolean(), nullable=False, server_default=sa.false()))
    _new_tables()


def downgrade() -> None:
    raise NotImplementedError("sets that were logged with their quality are not taken back to a form without it")


def _say_more_of_sets() -> None:
    op.add_column("performed_set", sa.Column("ramp", sa.Boolean(), nullable=False, server_default=sa.false()))
    op.add_column("performed_set", sa.Column("source", sa.String(), nullable=False, server_default="tap"))
    for name in ("left", "right", "checkpoints"):
        op.add_column("performed_set", sa.Column(name, sa.Integer(), nullable=True))
    for name in ("lead", "quality", "ended", "pain", "pain_side"):
        op.add_column("performed_set", sa.Column(name, sa.String(), nullable=True))


def _of_a_session() -> list[sa.Column[str]]:
    return [
        sa.Column("trainer_id", sa.String(), sa.ForeignKey("trainer.id"), nullable=False),
        sa.Column("client_id", sa.String(), sa.ForeignKey("client.id"), nullable=False),
        sa.Column("session_id", sa.String(), sa.ForeignKey("session.id"), nullable=False),
    ]


def _new_tables() -> None:
    op.create_table(
        "session_change",
        sa.Column("seq", sa.Integer(), primary_key=True),
        sa.Column("id", sa.String(), nullable=False, unique=True),
        *_of_a_session(),
        sa.Column("sort", sa.String(), nullable=False),
        sa.Column("asked", sa.JSON(), nullable=False),
        sa.Column("changes", sa.JSON(), nullable=False),
        sa.Column("undoes", sa.String(), nullable=True),
        sa.Column("at", sa.String(), nullable=False),
    )
    op.create_index("ix_session_change_session_id", "session_change", ["session_id"])
    op.create_table(
        "readiness",
        sa.Column("seq", sa.Integer(), primary_key=True),
        sa.Column("id", sa.String(), nullable=False, unique=True),
        *_of_a_session(),
        *(sa.Column(name, sa.Integer(), nullable=False) for name in ("sleep", "energy", "stress", "soreness")),
        sa.Column("pains", sa.JSON(), nullable=False),
        sa.Column("at", sa.String(), nullable=False),
    )
    op.create_index("ix_readiness_client_id", "readiness", ["client_id"])
    op.create_index("ix_readiness_session_id", "readiness", ["session_id"])
    op.create_table(
        "set_measure",
        sa.Column("seq", sa.Integer(), primary_key=True),
        sa.Column("id", sa.String(), nullable=False, unique=True),
        *_of_a_session(),
        sa.Column("line", sa.String(), nullable=False),
        sa.Column("number", sa.Integer(), nullable=False),
        sa.Column("sort", sa.String(), nullable=False),
        sa.Column("figures", sa.JSON(), nullable=False),
        sa.Column("at", sa.String(), nullable=False),
    )
    op.create_index("ix_set_measure_session_id", "set_measure", ["session_id"])
    op.create_table(
        "setting",
        sa.Column("trainer_id", sa.String(), sa.ForeignKey("trainer.id"), primary_key=True),
        sa.Column("name", sa.String(), primary_key=True),
        sa.Column("value", sa.String(), nullable=False),
    )
