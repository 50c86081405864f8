"""People from the command line: the owner's passphrase before the first start elsewhere, and a way back in."""

import getpass
import os
from collections.abc import Callable, Mapping
from datetime import UTC, datetime
from typing import Final

from upright_anvil.api.studio import THE_OWNER, THE_STUDIO
from upright_anvil.core.errors import DomainError
from upright_anvil.services.people.people import invite_again, new_codes
from upright_anvil.services.people.signing_in import chosen_passphrase
from upright_anvil.store.file.database import Database
from upright_anvil.store.studio import people
from upright_anvil.store.studio.audit import keep_deed

TYPED_BY_NOBODY: Final = "UPRIGHT_ANVIL_OWNER_PASSPHRASE"
"""The variable a passphrase is read from where nobody types."""


def _owner(database: Database, name: str) -> None:
    if not name:
        raise DomainError("Say the owner's name: --person NAME.")
    typed = os.environ.get(TYPED_BY_NOBODY)
    first = typed if typed is not None else getpass.getpass("Passphrase of the owner: ")
    if typed is None and first != getpass.getpass("The same again: "):
        raise DomainError("The two are not the same. Nothing was changed.")
    kept, now = chosen_passphrase(first, name), datetime.now(UTC)
    with database.writing(THE_STUDIO) as scope:
        if people.anybody_signs_in(scope):
            raise DomainError("Somebody signs in here already. To let somebody in again: people let-in --person NAME.")
        row = people.person(scope, THE_OWNER)
        row.name, row.passphrase = name, kept
        codes = new_codes(scope, THE_OWNER, now)
    print("Everybody signs in from now on. Recovery codes, shown this once; print them:")
    for code in codes:
        print(f"  {code}")


def _let_in(database: Database, name: str) -> None:
    with database.writing(THE_STUDIO) as scope:
        row = people.by_name(scope, name)
        if row is None:
            raise DomainError("Nobody of the studio is called so.")
        invited = invite_again(scope, row.id, datetime.now(UTC))
        keep_deed(scope, "let a person in at the machine", datetime.now(UTC), None, [row.name])
    print(f"{invited.person.name} comes in with this code within {invited.days} days: {invited.code}")


def _list(database: Database, _name: str) -> None:
    with database.reading(THE_STUDIO) as scope:
        for row in people.people(scope):
            print(f"{row.name}  {row.role}{'' if row.active else '  left'}")


PEOPLE_COMMANDS: Final[Mapping[str, Callable[[Database, str], None]]] = {
    "owner": _owner,
    "let-in": _let_in,
    "list": _list,
}
"""What can be done with people, by name."""
