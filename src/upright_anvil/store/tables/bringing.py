"""What was brought in from a file."""

from datetime import datetime

from sqlalchemy.orm import Mapped, mapped_column

from upright_anvil.store.tables.base import Signed, Table


class BroughtInRow(Signed, Table):
    """Clients or past sessions brought in at once: what one undo takes back."""

    __tablename__ = "brought_in"
    id: Mapped[str] = mapped_column(primary_key=True)
    sort: Mapped[str]
    at: Mapped[datetime]
