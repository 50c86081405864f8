"""Former clients; what a client likes, dislikes and has to be ready for; the day a program was made."""

import sqlalchemy as sa
from alembic import op

revision = "0009"
down_revision = "0008"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.add_column("client", sa.Column("former", sa.Boolean(), nullable=False, server_default=sa.false()))
    op.add_column("client", sa.Column("likes", sa.String(), nullable=False, server_default=""))
    op.add_column("client", sa.Column("dislikes", sa.String(), nullable=False, server_default=""))
    op.add_column("client", sa.Column("ready_by", sa.Date(), nullable=True))
    # The day in the studio's own zone, which the moment in UTC does not tell.
    op.add_column("program", sa.Column("made_on", sa.Date(), nullable=False, server_default="1970-01-01"))
    op.execute("UPDATE program SET made_on = substr(created_at, 1, 10)")


def downgrade() -> None:
    op.drop_column("program", "made_on")
    for column in ("ready_by", "dislikes", "likes", "former"):
        op.drop_column("client", column)
