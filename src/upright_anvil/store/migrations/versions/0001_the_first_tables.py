"""The first tables."""

import sqlalchemy as sa
from alembic import op

revision = "0001"
down_revision = None
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.create_table(
        "trainer",
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("name", sa.String(), nullable=False),
        sa.PrimaryKeyConstraint("id"),
    )
    op.create_table(
        "own_exercise",
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("trainer_id", sa.String(), nullable=False),
        sa.Column("name", sa.String(), nullable=False),
        sa.Column("pattern", sa.String(), nullable=False),
        sa.Column("implement", sa.String(), nullable=False),
        sa.Column("one_sided", sa.Boolean(), nullable=False),
        sa.Column("removed_at", sa.String(), nullable=True),
        sa.ForeignKeyConstraint(
            ["trainer_id"],
            ["trainer.id"],
        ),
        sa.PrimaryKeyConstraint("id"),
    )
    with op.batch_alter_table("own_exercise", schema=None) as batch_op:
        batch_op.create_index(batch_op.f("ix_own_exercise_trainer_id"), ["trainer_id"], unique=False)

    op.create_table(
        "place",
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("trainer_id", sa.String(), nullable=False),
        sa.Column("name", sa.String(), nullable=False),
        sa.Column("unit", sa.String(), nullable=False),
        sa.Column("equipment", sa.String(), nullable=False),
        sa.ForeignKeyConstraint(
            ["trainer_id"],
            ["trainer.id"],
        ),
        sa.PrimaryKeyConstraint("id"),
    )
    with op.batch_alter_table("place", schema=None) as batch_op:
        batch_op.create_index(batch_op.f("ix_place_trainer_id"), ["trainer_id"], unique=False)

    op.create_table(
        "client",
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("trainer_id", sa.String(), nullable=False),
        sa.Column("place_id", sa.String(), nullable=False),
        sa.Column("name", sa.String(), nullable=False),
        sa.Column("unit", sa.String(), nullable=False),
        sa.Column("goal", sa.String(), nullable=False),
        sa.Column("about", sa.String(), nullable=False),
        sa.Column("minutes", sa.Integer(), nullable=False),
        sa.Column("days_a_week", sa.Integer(), nullable=False),
        sa.Column("body_weight", sa.String(), nullable=True),
        sa.Column("created_at", sa.String(), nullable=False),
        sa.ForeignKeyConstraint(
            ["place_id"],
            ["place.id"],
        ),
        sa.ForeignKeyConstraint(
            ["trainer_id"],
            ["trainer.id"],
        ),
        sa.PrimaryKeyConstraint("id"),
    )
    with op.batch_alter_table("client", schema=None) as batch_op:
        batch_op.create_index(batch_op.f("ix_client_trainer_id"), ["trainer_id"], unique=False)

    op.create_table(
        "program",
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("trainer_id", sa.String(), nullable=False),
        sa.Column("client_id", sa.String(), nullable=False),
        sa.Column("revision", sa.Integer(), nullable=False),
        sa.Column("created_at", sa.String(), nullable=False),
        sa.ForeignKeyConstraint(
            ["client_id"],
            ["client.id"],
        ),
        sa.ForeignKeyConstraint(
            ["trainer_id"],
            ["trainer.id"],
        ),
        sa.PrimaryKeyConstraint("id"),
    )
    with op.batch_alter_table("program", schema=None) as batch_op:
        batch_op.create_index(batch_op.f("ix_program_client_id"), ["client_id"], unique=False)

    op.create_table(
        "revision",
        sa.Column("program_id", sa.String(), nullable=False),
        sa.Column("number", sa.Integer(), nullable=False),
        sa.Column("trainer_id", sa.String(), nullable=False),
        sa.Column("author", sa.String(), nullable=False),
        sa.Column("at", sa.String(), nullable=False),
        sa.Column("reason", sa.String(), nullable=False),
        sa.Column("undo_to", sa.Integer(), nullable=True),
        sa.Column("redo_to", sa.Integer(), nullable=True),
        sa.Column("document", sa.String(), nullable=False),
        sa.ForeignKeyConstraint(
            ["program_id"],
            ["program.id"],
        ),
        sa.ForeignKeyConstraint(
            ["trainer_id"],
            ["trainer.id"],
        ),
        sa.PrimaryKeyConstraint("program_id", "number"),
    )
    op.create_table(
        "session",
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("trainer_id", sa.String(), nullable=False),
        sa.Column("client_id", sa.String(), nullable=False),
        sa.Column("program_id", sa.String(), nullable=False),
        sa.Column("revision", sa.Integer(), nullable=False),
        sa.Column("week_id", sa.String(), nullable=False),
        sa.Column("day_id", sa.String(), nullable=False),
        sa.Column("on_date", sa.Date(), nullable=False),
        sa.Column("estimated_seconds", sa.Integer(), nullable=False),
        sa.Column("started_at", sa.String(), nullable=False),
        sa.Column("finished_at", sa.String(), nullable=True),
        sa.ForeignKeyConstraint(
            ["client_id"],
            ["client.id"],
        ),
        sa.ForeignKeyConstraint(
            ["program_id"],
            ["program.id"],
        ),
        sa.ForeignKeyConstraint(
            ["trainer_id"],
            ["trainer.id"],
        ),
        sa.PrimaryKeyConstraint("id"),
        sa.UniqueConstraint("program_id", "week_id", "day_id"),
    )
    with op.batch_alter_table("session", schema=None) as batch_op:
        batch_op.create_index("session_by_client", ["client_id", "on_date"], unique=False)

    op.create_table(
        "decision",
        sa.Column("seq", sa.Integer(), nullable=False),
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("trainer_id", sa.String(), nullable=False),
        sa.Column("client_id", sa.String(), nullable=False),
        sa.Column("session_id", sa.String(), nullable=False),
        sa.Column("line", sa.String(), nullable=False),
        sa.Column("verdict", sa.String(), nullable=False),
        sa.Column("proposed", sa.String(), nullable=False),
        sa.Column("taken", sa.String(), nullable=False),
        sa.Column("rule", sa.String(), nullable=False),
        sa.Column("reason", sa.String(), nullable=False),
        sa.Column("revision", sa.Integer(), nullable=True),
        sa.Column("at", sa.String(), nullable=False),
        sa.ForeignKeyConstraint(
            ["client_id"],
            ["client.id"],
        ),
        sa.ForeignKeyConstraint(
            ["session_id"],
            ["session.id"],
        ),
        sa.ForeignKeyConstraint(
            ["trainer_id"],
            ["trainer.id"],
        ),
        sa.PrimaryKeyConstraint("seq"),
        sa.UniqueConstraint("id"),
    )
    with op.batch_alter_table("decision", schema=None) as batch_op:
        batch_op.create_index(batch_op.f("ix_decision_client_id"), ["client_id"], unique=False)
        batch_op.create_index(batch_op.f("ix_decision_session_id"), ["session_id"], unique=False)

    op.create_table(
        "note",
        sa.Column("seq", sa.Integer(), nullable=False),
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("trainer_id", sa.String(), nullable=False),
        sa.Column("client_id", sa.String(), nullable=False),
        sa.Column("session_id", sa.String(), nullable=False),
        sa.Column("line", sa.String(), nullable=False),
        sa.Column("text", sa.String(), nullable=False),
        sa.Column("at", sa.String(), nullable=False),
        sa.ForeignKeyConstraint(
            ["client_id"],
            ["client.id"],
        ),
        sa.ForeignKeyConstraint(
            ["session_id"],
            ["session.id"],
        ),
        sa.ForeignKeyConstraint(
            ["trainer_id"],
            ["trainer.id"],
        ),
        sa.PrimaryKeyConstraint("seq"),
        sa.UniqueConstraint("id"),
    )
    with op.batch_alter_table("note", schema=None) as batch_op:
        batch_op.create_index(batch_op.f("ix_note_client_id"), ["client_id"], unique=False)
        batch_op.create_index(batch_op.f("ix_note_session_id"), ["session_id"], unique=False)

    op.create_table(
        "performed_set",
        sa.Column("seq", sa.Integer(), nullable=False),
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("trainer_id", sa.String(), nullable=False),
        sa.Column("client_id", sa.String(), nullable=False),
        sa.Column("session_id", sa.String(), nullable=False),
        sa.Column("line", sa.String(), nullable=False),
        sa.Column("number", sa.Integer(), nullable=False),
        sa.Column("exercise", sa.String(), nullable=False),
        sa.Column("outcome", sa.String(), nullable=False),
        sa.Column("reps", sa.Integer(), nullable=True),
        sa.Column("seconds", sa.Integer(), nullable=True),
        sa.Column("load", sa.String(), nullable=True),
        sa.Column("load_unit", sa.String(), nullable=True),
        sa.Column("assisted", sa.Boolean(), nullable=False),
        sa.Column("reserve", sa.Integer(), nullable=True),
        sa.Column("planned", sa.String(), nullable=False),
        sa.Column("note", sa.String(), nullable=False),
        sa.Column("replaces", sa.String(), nullable=True),
        sa.Column("logged_at", sa.String(), nullable=False),
        sa.Column("received_at", sa.String(), nullable=False),
        sa.ForeignKeyConstraint(
            ["client_id"],
            ["client.id"],
        ),
        sa.ForeignKeyConstraint(
            ["session_id"],
            ["session.id"],
        ),
        sa.ForeignKeyConstraint(
            ["trainer_id"],
            ["trainer.id"],
        ),
        sa.PrimaryKeyConstraint("seq"),
        sa.UniqueConstraint("id"),
    )
    with op.batch_alter_table("performed_set", schema=None) as batch_op:
        batch_op.create_index(batch_op.f("ix_performed_set_session_id"), ["session_id"], unique=False)
        batch_op.create_index("performed_set_by_client", ["client_id", "exercise", "seq"], unique=False)


def downgrade() -> None:
    with op.batch_alter_table("performed_set", schema=None) as batch_op:
        batch_op.drop_index("performed_set_by_client")
        batch_op.drop_index(batch_op.f("ix_performed_set_session_id"))

    op.drop_table("performed_set")
    with op.batch_alter_table("note", schema=None) as batch_op:
        batch_op.drop_index(batch_op.f("ix_note_session_id"))
        batch_op.drop_index(batch_op.f("ix_note_client_id"))

    op.drop_table("note")
    with op.batch_alter_table("decision", schema=None) as batch_op:
        batch_op.drop_index(batch_op.f("ix_decision_session_id"))
        batch_op.drop_index(batch_op.f("ix_decision_client_id"))

    op.drop_table("decision")
    with op.batch_alter_table("session", schema=None) as batch_op:
        batch_op.drop_index("session_by_client")

    op.drop_table("session")
    op.drop_table("revision")
    with op.batch_alter_table("program", schema=None) as batch_op:
        batch_op.drop_index(batch_op.f("ix_program_client_id"))

    op.drop_table("program")
    with op.batch_alter_table("client", schema=None) as batch_op:
        batch_op.drop_index(batch_op.f("ix_client_trainer_id"))

    op.drop_table("client")
    with op.batch_alter_table("place", schema=None) as batch_op:
        batch_op.drop_index(batch_op.f("ix_place_trainer_id"))

    op.drop_table("place")
    with op.batch_alter_table("own_exercise", schema=None) as batch_op:
        batch_op.drop_index(batch_op.f("ix_own_exercise_trainer_id"))

    op.drop_table("own_exercise")
    op.drop_table("trainer")
