"""What was brought in at once, and its one undo."""

from dataclasses import dataclass

from upright_anvil.core.errors import DomainError
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import bringing


@dataclass(frozen=True, slots=True)
class BroughtIn:
    """What was brought in: its id for the undo, how many clients or sessions, and of sessions how many sets."""

    id: str
    many: int
    sets: int


def take_back(scope: Scope, batch: str) -> BroughtIn:
    """Take back all that was brought in at once; answer how many clients or sessions it were.

    Raises `DomainError` where something was added to it since, `NotFoundError`.
    """
    many = len(bringing.clients_of(scope, batch)) + bringing.sessions_of(scope, batch)
    try:
        bringing.take_back(scope, batch)
    except bringing.RestsOnItError as held_up:
        raise DomainError(
            "Something was added since to what was brought in (a program, a set, a test, a health entry), "
            "so it stays. Nothing was changed."
        ) from held_up
    return BroughtIn(batch, many, 0)
