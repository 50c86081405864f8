"""Smaller files: documents of revisions are packed to a tenth, an index goes that nothing asks for any more."""

import zlib

import sqlalchemy as sa
from alembic import op

revision = "0014"
down_revision = "0013"
branch_labels = None
depends_on = None

AT_ONCE = 500


def upgrade() -> None:
    op.execute("ALTER TABLE revision ADD COLUMN packed BLOB NOT NULL DEFAULT x''")
    connection, last = op.get_bind(), -1
    read = sa.text("SELECT rowid, document FROM revision WHERE rowid > :last ORDER BY rowid LIMIT :most")
    write = sa.text("UPDATE revision SET packed = :packed WHERE rowid = :row")
    while rows := connection.execute(read, {"last": last, "most": AT_ONCE}).all():
        connection.execute(write, [{"row": row, "packed": zlib.compress(text.encode(), 6)} for row, text in rows])
        last = rows[-1][0]
    op.execute("ALTER TABLE revision DROP COLUMN document")
    op.execute("ALTER TABLE revision RENAME COLUMN packed TO document")
    op.execute("DROP INDEX performed_set_by_client")


def downgrade() -> None:
    raise NotImplementedError("Restore the backup that was made before.")
