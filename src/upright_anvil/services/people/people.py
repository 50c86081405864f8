"""Who is in the studio, with which role; the codes by which somebody new, or locked out, comes in."""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import datetime, timedelta
from typing import Final

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import PersonId
from upright_anvil.core.people.roles import Role
from upright_anvil.services.ids import fresh_id
from upright_anvil.services.people.secrets import CODES, fingerprint, plain_code, recovery_code
from upright_anvil.store.file.database import Scope
from upright_anvil.store.studio import people as store
from upright_anvil.store.studio.audit import keep_deed
from upright_anvil.store.tables import PersonRow

INVITATION_DAYS: Final = 7
"""How long the code lasts with which somebody new comes in for the first time. House rule."""


@dataclass(frozen=True, slots=True)
class PersonView:
    """Somebody of the studio. ``can_sign_in`` once they have chosen a passphrase."""

    id: PersonId
    name: str
    role: Role
    active: bool
    can_sign_in: bool
    passkeys: int
    codes_left: int
    me: bool


@dataclass(frozen=True, slots=True)
class Invitation:
    """Somebody new, or somebody let in again, and the code that is shown once."""

    person: PersonView
    code: str
    days: int


def view_of(scope: Scope, row: PersonRow) -> PersonView:
    """Answer one person as the screen shows them."""
    return PersonView(
        id=row.id,
        name=row.name,
        role=Role(row.role),
        active=row.active,
        can_sign_in=bool(row.passphrase),
        passkeys=len(store.passkeys(scope, row.id)),
        codes_left=store.codes_left(scope, row.id),
        me=row.id == scope.actor.person_id,
    )


def people_list(scope: Scope) -> Sequence[PersonView]:
    """Answer everybody by name, those who left last."""
    return [view_of(scope, row) for row in sorted(store.people(scope), key=lambda row: not row.active)]


def _free_name(scope: Scope, name: str, own: PersonId | None = None) -> str:
    there = store.by_name(scope, name)
    if there is not None and there.id != own:
        raise DomainError(f"Somebody is called {there.name} already; people sign in by their names.")
    return name


def add_person(scope: Scope, name: str, role: Role, now: datetime) -> Invitation:
    """Add somebody; they come in with a code and choose a passphrase. Raises `DomainError` for a name that is taken."""
    row = store.add_person(scope, PersonId(fresh_id()), _free_name(scope, name), role, now)
    keep_deed(scope, "added a person", now, None, [name, role.value])
    return _invited(scope, row, now)


def invite_again(scope: Scope, person_id: PersonId, now: datetime) -> Invitation:
    """Let somebody in again who lost everything: a code, and what they signed in with before is gone."""
    row = store.person(scope, person_id)
    if not row.active:
        raise DomainError(f"{row.name} does not belong to the studio any more. Take them back first.")
    row.passphrase = None if row.passphrase is None else ""
    store.end_sign_ins(scope, now, person_id=person_id)
    store.forget_keys(scope, person_id=person_id)
    store.drop_passkeys(scope, person_id)
    keep_deed(scope, "let a person in again", now, None, [row.name])
    return _invited(scope, row, now)


def _invited(scope: Scope, row: PersonRow, now: datetime) -> Invitation:
    code = recovery_code()
    until = now + timedelta(days=INVITATION_DAYS)
    store.put_codes(scope, row.id, [fingerprint(plain_code(code))], now, until)
    scope.db.flush()
    return Invitation(view_of(scope, row), code, INVITATION_DAYS)


def change_person(
    scope: Scope, person_id: PersonId, now: datetime, *, name: str | None, role: Role | None, active: bool | None
) -> PersonView:
    """Change a name, a role, or whether somebody belongs to the studio. Raises `DomainError` without an owner left.

    Who leaves is signed out everywhere at once; what was done keeps the name.
    """
    row = store.person(scope, person_id)
    before = (row.name, row.role, row.active)
    if name is not None:
        row.name = _free_name(scope, name, person_id)
    if role is not None:
        row.role = role.value
    if active is not None:
        if active and not row.active:
            _free_name(scope, row.name, person_id)
        row.active = active
    scope.db.flush()
    if not any(r.active and r.role == Role.OWNER for r in store.people(scope)):
        raise DomainError("A studio has an owner: make somebody else one first.")
    if not row.active:
        store.end_sign_ins(scope, now, person_id=person_id)
        store.forget_keys(scope, person_id=person_id)
    if (row.name, row.role, row.active) != before:
        keep_deed(scope, "changed a person", now, None, [row.name, row.role, "here" if row.active else "left"])
    scope.db.flush()
    return view_of(scope, row)


def new_codes(scope: Scope, person_id: PersonId, now: datetime) -> tuple[str, ...]:
    """Answer recovery codes in place of those somebody had; they are shown this once."""
    codes = tuple(recovery_code() for _ in range(CODES))
    store.put_codes(scope, person_id, [fingerprint(plain_code(code)) for code in codes], now, None)
    keep_deed(scope, "made recovery codes", now)
    return codes
