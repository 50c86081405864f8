"""The client's file, places, health, tests and a fuller library."""

import json

import sqlalchemy as sa
from alembic import op

revision = "0002"
down_revision = "0001"
branch_labels = None
depends_on = None


def upgrade() -> None:
    _new_tables()
    _move_places()
    _move_body_weights()
    _rebuild_client()
    _rebuild_own_exercise()
    op.add_column("trainer", sa.Column("library_mark", sa.String(), nullable=True))
    op.execute(
        "UPDATE trainer SET library_mark = lower(hex(randomblob(16))) WHERE id IN (SELECT trainer_id FROM own_exercise)"
    )


def downgrade() -> None:
    raise NotImplementedError("a file with health screens and tests is not taken back to a form without them")


def _move_places() -> None:
    op.execute(
        "INSERT INTO client_place (client_id, place_id, trainer_id, position)"
        " SELECT id, place_id, trainer_id, 0 FROM client"
    )


def _move_body_weights() -> None:
    """A body weight becomes a result of its own, on the day the client was added."""
    op.execute(
        "INSERT INTO test_result (id, trainer_id, client_id, test, on_date, load, load_unit, variant, note, source,"
        " confirmed, single, at, received_at)"
        " SELECT 'weight-' || id, trainer_id, id, 'body-weight', substr(created_at, 1, 10),"
        " substr(body_weight, 1, instr(body_weight, ' ') - 1), substr(body_weight, instr(body_weight, ' ') + 1),"
        " '', '', 'typed', 0, 0, created_at, created_at"
        " FROM client WHERE body_weight IS NOT NULL"
    )


def _rebuild_client() -> None:
    op.create_table(
        "client_new",
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("trainer_id", sa.String(), nullable=False),
        sa.Column("name", sa.String(), nullable=False),
        sa.Column("unit", sa.String(), nullable=False),
        sa.Column("aim", sa.String(), nullable=False),
        sa.Column("goal", sa.String(), nullable=False),
        sa.Column("second_aim", sa.String(), nullable=False),
        sa.Column("second_goal", sa.String(), nullable=False),
        sa.Column("about", sa.String(), nullable=False),
        sa.Column("minutes", sa.Integer(), nullable=False),
        sa.Column("days_a_week", sa.Integer(), nullable=False),
        sa.Column("weekdays", sa.String(), nullable=False),
        sa.Column("training_age", sa.String(), nullable=False),
        sa.Column("birth_year", sa.Integer(), nullable=True),
        sa.Column("contact", sa.String(), nullable=False),
        sa.Column("emergency_contact", sa.String(), nullable=False),
        sa.Column("consent_on", sa.Date(), nullable=True),
        sa.Column("cycle_reports", sa.Boolean(), nullable=False),
        sa.Column("created_at", sa.String(), nullable=False),
        sa.ForeignKeyConstraint(["trainer_id"], ["trainer.id"]),
        sa.PrimaryKeyConstraint("id"),
    )
    op.execute(
        "INSERT INTO client_new SELECT id, trainer_id, name, unit, '', goal, '', '', about, minutes, days_a_week,"
        " '', '', NULL, '', '', NULL, 0, created_at FROM client"
    )
    op.drop_table("client")
    op.rename_table("client_new", "client")
    op.create_index("ix_client_trainer_id", "client", ["trainer_id"])


def _rebuild_own_exercise() -> None:
    """An own exercise becomes a document with the fields it had."""
    op.add_column("own_exercise", sa.Column("shipped_id", sa.String(), nullable=True))
    with op.batch_alter_table("own_exercise") as batch:
        batch.add_column(sa.Column("document", sa.JSON(), nullable=False, server_default="{}"))
    connection = op.get_bind()
    for row in connection.execute(sa.text("SELECT id, name, pattern, implement, one_sided FROM own_exercise")).all():
        document = {
            "name": row.name,
            "pattern": row.pattern,
            "movers": [],
            "implements": [row.implement],
            "one_sided": bool(row.one_sided),
        }
        connection.execute(
            sa.text("UPDATE own_exercise SET document = :document WHERE id = :id"),
            {"document": json.dumps(document), "id": row.id},
        )
    with op.batch_alter_table("own_exercise") as batch:
        batch.drop_column("one_sided")
        batch.drop_column("implement")
        batch.drop_column("pattern")
        batch.alter_column("document", server_default=None)


def _new_tables() -> None:
    op.create_table(
        "own_battery",
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("trainer_id", sa.String(), nullable=False),
        sa.Column("shipped_id", sa.String(), nullable=True),
        sa.Column("document", sa.JSON(), nullable=False),
        sa.Column("removed_at", sa.String(), nullable=True),
        sa.ForeignKeyConstraint(
            ["trainer_id"],
            ["trainer.id"],
        ),
        sa.PrimaryKeyConstraint("id"),
    )
    with op.batch_alter_table("own_battery", schema=None) as batch_op:
        batch_op.create_index(batch_op.f("ix_own_battery_trainer_id"), ["trainer_id"], unique=False)

    op.create_table(
        "own_test",
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("trainer_id", sa.String(), nullable=False),
        sa.Column("document", sa.JSON(), nullable=False),
        sa.ForeignKeyConstraint(
            ["trainer_id"],
            ["trainer.id"],
        ),
        sa.PrimaryKeyConstraint("id"),
    )
    with op.batch_alter_table("own_test", schema=None) as batch_op:
        batch_op.create_index(batch_op.f("ix_own_test_trainer_id"), ["trainer_id"], unique=False)

    op.create_table(
        "clearance",
        sa.Column("seq", sa.Integer(), nullable=False),
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("trainer_id", sa.String(), nullable=False),
        sa.Column("client_id", sa.String(), nullable=False),
        sa.Column("on_date", sa.Date(), nullable=False),
        sa.Column("by", sa.String(), nullable=False),
        sa.Column("up_to", sa.String(), nullable=False),
        sa.Column("limits", sa.String(), nullable=False),
        sa.Column("at", sa.String(), nullable=False),
        sa.ForeignKeyConstraint(
            ["client_id"],
            ["client.id"],
        ),
        sa.ForeignKeyConstraint(
            ["trainer_id"],
            ["trainer.id"],
        ),
        sa.PrimaryKeyConstraint("seq"),
        sa.UniqueConstraint("id"),
    )
    with op.batch_alter_table("clearance", schema=None) as batch_op:
        batch_op.create_index(batch_op.f("ix_clearance_client_id"), ["client_id"], unique=False)

    op.create_table(
        "client_place",
        sa.Column("client_id", sa.String(), nullable=False),
        sa.Column("place_id", sa.String(), nullable=False),
        sa.Column("trainer_id", sa.String(), nullable=False),
        sa.Column("position", sa.Integer(), nullable=False),
        sa.ForeignKeyConstraint(
            ["client_id"],
            ["client.id"],
        ),
        sa.ForeignKeyConstraint(
            ["place_id"],
            ["place.id"],
        ),
        sa.ForeignKeyConstraint(
            ["trainer_id"],
            ["trainer.id"],
        ),
        sa.PrimaryKeyConstraint("client_id", "place_id"),
    )
    with op.batch_alter_table("client_place", schema=None) as batch_op:
        batch_op.create_index(batch_op.f("ix_client_place_place_id"), ["place_id"], unique=False)

    op.create_table(
        "cycle_report",
        sa.Column("seq", sa.Integer(), nullable=False),
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("trainer_id", sa.String(), nullable=False),
        sa.Column("client_id", sa.String(), nullable=False),
        sa.Column("on_date", sa.Date(), nullable=False),
        sa.Column("energy", sa.Integer(), nullable=False),
        sa.Column("words", sa.String(), nullable=False),
        sa.Column("at", sa.String(), nullable=False),
        sa.ForeignKeyConstraint(
            ["client_id"],
            ["client.id"],
        ),
        sa.ForeignKeyConstraint(
            ["trainer_id"],
            ["trainer.id"],
        ),
        sa.PrimaryKeyConstraint("seq"),
        sa.UniqueConstraint("id"),
    )
    with op.batch_alter_table("cycle_report", schema=None) as batch_op:
        batch_op.create_index(batch_op.f("ix_cycle_report_client_id"), ["client_id"], unique=False)

    op.create_table(
        "history_entry",
        sa.Column("seq", sa.Integer(), nullable=False),
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("trainer_id", sa.String(), nullable=False),
        sa.Column("client_id", sa.String(), nullable=False),
        sa.Column("on_date", sa.Date(), nullable=False),
        sa.Column("topic", sa.String(), nullable=False),
        sa.Column("side", sa.String(), nullable=True),
        sa.Column("state", sa.String(), nullable=False),
        sa.Column("words", sa.String(), nullable=False),
        sa.Column("clinician", sa.Boolean(), nullable=False),
        sa.Column("due_on", sa.Date(), nullable=True),
        sa.Column("withdrawn_at", sa.String(), nullable=True),
        sa.Column("at", sa.String(), nullable=False),
        sa.ForeignKeyConstraint(
            ["client_id"],
            ["client.id"],
        ),
        sa.ForeignKeyConstraint(
            ["trainer_id"],
            ["trainer.id"],
        ),
        sa.PrimaryKeyConstraint("seq"),
        sa.UniqueConstraint("id"),
    )
    with op.batch_alter_table("history_entry", schema=None) as batch_op:
        batch_op.create_index(batch_op.f("ix_history_entry_client_id"), ["client_id"], unique=False)

    op.create_table(
        "screening",
        sa.Column("seq", sa.Integer(), nullable=False),
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("trainer_id", sa.String(), nullable=False),
        sa.Column("client_id", sa.String(), nullable=False),
        sa.Column("on_date", sa.Date(), nullable=False),
        sa.Column("answers", sa.JSON(), nullable=False),
        sa.Column("outcome", sa.String(), nullable=False),
        sa.Column("at", sa.String(), nullable=False),
        sa.ForeignKeyConstraint(
            ["client_id"],
            ["client.id"],
        ),
        sa.ForeignKeyConstraint(
            ["trainer_id"],
            ["trainer.id"],
        ),
        sa.PrimaryKeyConstraint("seq"),
        sa.UniqueConstraint("id"),
    )
    with op.batch_alter_table("screening", schema=None) as batch_op:
        batch_op.create_index(batch_op.f("ix_screening_client_id"), ["client_id"], unique=False)

    op.create_table(
        "test_round",
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("trainer_id", sa.String(), nullable=False),
        sa.Column("client_id", sa.String(), nullable=False),
        sa.Column("battery", sa.String(), nullable=False),
        sa.Column("battery_name", sa.String(), nullable=False),
        sa.Column("tests", sa.JSON(), nullable=False),
        sa.Column("repeat_weeks", sa.Integer(), nullable=False),
        sa.Column("on_date", sa.Date(), nullable=False),
        sa.Column("started_at", sa.String(), nullable=False),
        sa.Column("finished_at", sa.String(), nullable=True),
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
    with op.batch_alter_table("test_round", schema=None) as batch_op:
        batch_op.create_index("test_round_by_client", ["client_id", "on_date"], unique=False)

    op.create_table(
        "test_result",
        sa.Column("seq", sa.Integer(), nullable=False),
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("trainer_id", sa.String(), nullable=False),
        sa.Column("client_id", sa.String(), nullable=False),
        sa.Column("round_id", sa.String(), nullable=True),
        sa.Column("test", sa.String(), nullable=False),
        sa.Column("on_date", sa.Date(), nullable=False),
        sa.Column("value", sa.String(), nullable=True),
        sa.Column("load", sa.String(), nullable=True),
        sa.Column("load_unit", sa.String(), nullable=True),
        sa.Column("side", sa.String(), nullable=True),
        sa.Column("variant", sa.String(), nullable=False),
        sa.Column("reserve", sa.Integer(), nullable=True),
        sa.Column("ended", sa.String(), nullable=True),
        sa.Column("grade", sa.Integer(), nullable=True),
        sa.Column("note", sa.String(), nullable=False),
        sa.Column("source", sa.String(), nullable=False),
        sa.Column("confirmed", sa.Boolean(), nullable=False),
        sa.Column("single", sa.Boolean(), nullable=False),
        sa.Column("replaces", sa.String(), nullable=True),
        sa.Column("at", sa.String(), nullable=False),
        sa.Column("received_at", sa.String(), nullable=False),
        sa.ForeignKeyConstraint(
            ["client_id"],
            ["client.id"],
        ),
        sa.ForeignKeyConstraint(
            ["round_id"],
            ["test_round.id"],
        ),
        sa.ForeignKeyConstraint(
            ["trainer_id"],
            ["trainer.id"],
        ),
        sa.PrimaryKeyConstraint("seq"),
        sa.UniqueConstraint("id"),
    )
    with op.batch_alter_table("test_result", schema=None) as batch_op:
        batch_op.create_index(batch_op.f("ix_test_result_round_id"), ["round_id"], unique=False)
        batch_op.create_index("test_result_by_client", ["client_id", "test", "seq"], unique=False)
