"""The browsers people sign in with: which are the studio's, who is signed in where, and ending that."""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import datetime

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import DeviceId, PersonId
from upright_anvil.services.people.signing_in import LASTS, Browser
from upright_anvil.store.file.database import Scope
from upright_anvil.store.studio import people as store
from upright_anvil.store.studio.audit import keep_deed


@dataclass(frozen=True, slots=True)
class DeviceView:
    """A browser somebody signed in with; the studio's own once it is ``enrolled``."""

    id: DeviceId
    name: str
    enrolled: bool
    seen_at: datetime
    people: tuple[str, ...]
    this_one: bool


@dataclass(frozen=True, slots=True)
class SignInView:
    """Somebody signed in somewhere."""

    id: str
    person: str
    device: str
    way: str
    at: datetime
    this_one: bool


@dataclass(frozen=True, slots=True)
class PersonHere:
    """Somebody who can come in on an enrolled device, and whether by a PIN."""

    id: PersonId
    name: str
    has_pin: bool


def device_list(scope: Scope) -> Sequence[DeviceView]:
    """Answer the devices, the one seen last first; each with who used it."""
    names = store.names(scope)
    return [
        DeviceView(
            row.id, row.name, row.enrolled, row.seen_at,
            tuple(names[one.person_id] for one in store.who_uses(scope, row.id)), row.id == scope.actor.device_id,
        )
        for row in store.devices(scope)
    ]  # fmt: skip


def people_here(scope: Scope, browser: Browser) -> Sequence[PersonHere]:
    """Answer who used this device, if it is the studio's: their names stand on its lock screen. Else nobody."""
    if browser.device_id is None or not store.device(scope, browser.device_id).enrolled:
        return ()
    rows = {row.id: row for row in store.people(scope) if row.active}
    used = [one for one in store.who_uses(scope, browser.device_id) if one.person_id in rows]
    return [PersonHere(one.person_id, rows[one.person_id].name, one.pin is not None) for one in used]


def enrol(scope: Scope, browser: Browser, name: str, now: datetime) -> DeviceView:
    """Make the browser that asks one of the studio's. Raises `DomainError` where nobody signed in with it."""
    if browser.device_id is None:
        raise DomainError("Sign in on the device first; then it can become the studio's.")
    row = store.device(scope, browser.device_id)
    row.enrolled, row.name = True, name
    keep_deed(scope, "enrolled a device", now, None, [name])
    return next(view for view in device_list(scope) if view.id == row.id)


def revoke(scope: Scope, device_id: DeviceId, now: datetime) -> None:
    """End a device: everybody is signed out there, and what it keeps can never be read again."""
    row = store.device(scope, device_id)
    row.revoked_at, row.enrolled = now, False
    store.end_sign_ins(scope, now, device_id=device_id)
    store.forget_keys(scope, device_id=device_id)
    keep_deed(scope, "revoked a device", now, None, [row.name])


def sign_in_list(scope: Scope, person_id: PersonId | None, now: datetime, this_one: str) -> Sequence[SignInView]:
    """Answer who is signed in where: somebody's own, or everybody's."""
    names, devices = store.names(scope), {row.id: row.name for row in store.devices(scope)}
    return [
        SignInView(row.id, names[row.person_id], devices.get(row.device_id, ""), row.way, row.at, row.id == this_one)
        for row in store.open_sign_ins(scope, person_id, now - LASTS)
    ]


def end_sign_in(scope: Scope, sign_in_id: str, now: datetime, *, any_person: bool) -> None:
    """End a signing in elsewhere. Raises `DomainError` for somebody else's unless ``any_person``."""
    row = store.sign_in(scope, sign_in_id)
    if row.person_id != scope.actor.person_id and not any_person:
        raise DomainError("Only the owner of the studio signs others out.")
    row.ended_at = now
    keep_deed(scope, "signed somebody out", now, None, [store.names(scope)[row.person_id]])


def storage_key(scope: Scope) -> str:
    """Answer the key of what this browser keeps for whoever asks, empty where nobody is signed in."""
    actor = scope.actor
    if actor.person_id is None or actor.device_id is None:
        return ""
    there = store.on_device(scope, actor.device_id, actor.person_id)
    return there.storage_key if there else ""
