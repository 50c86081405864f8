"""A studio and its people: whose a row is, apart from who made it; devices, signing in, and who did what.

The one trainer of before becomes the studio and its owner.
"""

from typing import Any

import sqlalchemy as sa
from alembic import op

revision = "0012"
down_revision = "0011"
branch_labels = None
depends_on = None

SIGNED = (
    "brought_in", "history_entry", "cycle_report", "screening", "clearance", "home_sheet", "home_result",
    "own_exercise", "exercise_picture", "own_battery", "own_template", "own_test", "client", "client_place", "place",
    "program", "revision", "session", "performed_set", "note", "exercise_note", "session_change", "readiness",
    "set_measure", "decision", "test_round", "test_result",
)  # fmt: skip
INDEXED = ("place", "client", "own_exercise", "own_battery", "own_test")


def upgrade() -> None:
    for table in INDEXED:
        op.drop_index(f"ix_{table}_trainer_id", table)
    for table in (*SIGNED, "setting"):
        op.execute(f"ALTER TABLE {table} RENAME COLUMN trainer_id TO studio_id")
    op.execute("ALTER TABLE trainer RENAME TO studio")
    for table in INDEXED:
        op.create_index(f"ix_{table}_studio_id", table, ["studio_id"])
    _access_tables()
    op.execute(
        "INSERT INTO person (id, studio_id, name, role, active, wrong, at) "
        "SELECT id, id, name, 'owner', 1, 0, strftime('%Y-%m-%dT%H:%M:%S.000+00:00', 'now') FROM studio"
    )
    for table in SIGNED:
        op.execute(f"ALTER TABLE {table} ADD COLUMN actor_id VARCHAR REFERENCES person (id)")
        op.execute(f"ALTER TABLE {table} ADD COLUMN device_id VARCHAR REFERENCES device (id)")
    op.execute("UPDATE performed_set SET actor_id = logged_by WHERE logged_by IN (SELECT id FROM person)")
    op.execute("ALTER TABLE performed_set DROP COLUMN logged_by")
    op.execute("UPDATE revision SET actor_id = author WHERE author IN (SELECT id FROM person)")
    op.execute("ALTER TABLE revision DROP COLUMN author")
    op.execute("ALTER TABLE own_template ADD COLUMN person_id VARCHAR REFERENCES person (id)")
    op.execute("ALTER TABLE client ADD COLUMN lead_id VARCHAR REFERENCES person (id)")
    op.execute("ALTER TABLE client ADD COLUMN cover_id VARCHAR REFERENCES person (id)")
    op.execute("ALTER TABLE client ADD COLUMN cover_until DATE")
    op.execute("UPDATE client SET lead_id = studio_id")
    op.create_index("session_by_date", "session", ["on_date"])
    _consents()
    _settings()


def _access_tables() -> None:
    def table(name: str, *columns: Any) -> None:
        studio = sa.Column("studio_id", sa.String(), sa.ForeignKey("studio.id"), nullable=False)
        op.create_table(name, *columns, studio)

    def text(name: str, *more: Any, **said: Any) -> Any:
        return sa.Column(name, sa.String(), *more, **({"nullable": False} | said))

    person, device = sa.ForeignKey("person.id"), sa.ForeignKey("device.id")
    table(
        "person", text("id", primary_key=True), text("name"), text("role"),
        sa.Column("active", sa.Boolean(), nullable=False), text("passphrase", nullable=True),
        sa.Column("wrong", sa.Integer(), nullable=False), text("wait_until", nullable=True), text("at"),
    )  # fmt: skip
    table(
        "device", text("id", primary_key=True), text("name"), text("secret"),
        sa.Column("enrolled", sa.Boolean(), nullable=False), text("at"), text("seen_at"),
        text("revoked_at", nullable=True),
    )  # fmt: skip
    table(
        "device_person", text("device_id", device, primary_key=True), text("person_id", person, primary_key=True),
        text("storage_key"), text("pin", nullable=True), sa.Column("wrong", sa.Integer(), nullable=False),
        text("wait_until", nullable=True), text("seen_at"),
    )  # fmt: skip
    table(
        "sign_in", text("id", primary_key=True), text("token", unique=True),
        text("person_id", sa.ForeignKey("person.id"), index=True),
        text("device_id", sa.ForeignKey("device.id"), index=True), text("way"),
        sa.Column("locked", sa.Boolean(), nullable=False), text("at"), text("seen_at"), text("ended_at", nullable=True),
    )  # fmt: skip
    table(
        "passkey", text("id", primary_key=True), text("person_id", sa.ForeignKey("person.id"), index=True),
        sa.Column("public_key", sa.LargeBinary(), nullable=False),
        sa.Column("sign_count", sa.Integer(), nullable=False), text("at"),
    )  # fmt: skip
    table(
        "recovery_code", text("code", primary_key=True), text("person_id", sa.ForeignKey("person.id"), index=True),
        text("at"), text("until", nullable=True),
    )  # fmt: skip
    table(
        "audit", sa.Column("seq", sa.Integer(), primary_key=True), text("at"), text("actor_id", nullable=True),
        text("device_id", nullable=True), text("client_id", nullable=True), text("deed"),
        sa.Column("changes", sa.JSON(), nullable=False),
    )  # fmt: skip
    op.create_index("audit_by_client", "audit", ["client_id", "seq"])
    op.create_index("audit_by_time", "audit", ["at"])


def _consents() -> None:
    """What was a day of the client's file becomes a consent, whose words nobody kept."""
    op.create_table(
        "consent",
        sa.Column("seq", sa.Integer(), primary_key=True),
        sa.Column("id", sa.String(), nullable=False, unique=True),
        sa.Column("client_id", sa.String(), sa.ForeignKey("client.id"), nullable=False, index=True),
        sa.Column("text", sa.String(), nullable=False),
        sa.Column("on_date", sa.Date(), nullable=False),
        sa.Column("withdrawn_on", sa.Date(), nullable=True),
        sa.Column("at", sa.String(), nullable=False),
        sa.Column("studio_id", sa.String(), sa.ForeignKey("studio.id"), nullable=False),
        sa.Column("actor_id", sa.String(), sa.ForeignKey("person.id"), nullable=True),
        sa.Column("device_id", sa.String(), sa.ForeignKey("device.id"), nullable=True),
    )
    op.execute(
        "INSERT INTO consent (id, client_id, text, on_date, at, studio_id) "
        "SELECT 'consent-' || id, id, '', consent_on, created_at, studio_id FROM client WHERE consent_on IS NOT NULL"
    )
    op.execute("ALTER TABLE client DROP COLUMN consent_on")


def _settings() -> None:
    op.execute("ALTER TABLE setting RENAME TO setting_before")
    op.create_table(
        "setting",
        sa.Column("studio_id", sa.String(), sa.ForeignKey("studio.id"), primary_key=True),
        sa.Column("person_id", sa.String(), primary_key=True),
        sa.Column("name", sa.String(), primary_key=True),
        sa.Column("value", sa.String(), nullable=False),
    )
    op.execute(
        "INSERT INTO setting (studio_id, person_id, name, value) SELECT studio_id, '', name, value FROM setting_before"
    )
    op.drop_table("setting_before")


def downgrade() -> None:
    raise NotImplementedError("Rows know their people from here on: restore the backup that was made before.")
