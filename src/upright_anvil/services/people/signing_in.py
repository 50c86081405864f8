"""Signing in: what is tried, what a wrong try costs, and what a right one gives the browser.

A try is looked at in three steps, so that the slow comparison holds nobody up: whether it may be made (reads), the
comparison (no data), and its outcome (writes). Who calls sees that they come one after the other.
"""

from dataclasses import dataclass, replace
from datetime import datetime, timedelta
from typing import Final

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import DeviceId, PersonId
from upright_anvil.core.people.roles import Role
from upright_anvil.core.people.sign_in_rules import PIN_GONE_AFTER, check_passphrase, check_pin, wait_after
from upright_anvil.services.ids import fresh_id
from upright_anvil.services.people.secrets import fingerprint, hashed, plain_code, same, token
from upright_anvil.store.file.database import Actor, Scope
from upright_anvil.store.rows.by_id import by_id
from upright_anvil.store.studio import people as store
from upright_anvil.store.studio.audit import keep_deed
from upright_anvil.store.tables import DevicePersonRow, DeviceRow, PersonRow, SignInRow

LASTS: Final = timedelta(hours=12)
"""How long somebody stays signed in: a working day. House rule (ASVS 3.3 asks for at most this)."""

IDLE: Final = timedelta(hours=1)
"""How long nothing may be asked before the server locks by itself; the screen locks sooner."""


NOT_RIGHT: Final = "The name or the passphrase is not right."


class WrongSecretError(Exception):
    """Name and secret do not go together; the same sentence whichever of them is wrong."""

    def __init__(self, sentence: str = NOT_RIGHT) -> None:
        super().__init__(sentence)


class WaitError(Exception):
    """Too many wrong tries; ``seconds`` until the next may be made."""

    def __init__(self, seconds: int) -> None:
        self.seconds = seconds
        minutes = -(-seconds // 60)
        wait = f"{minutes} minutes" if minutes > 1 else f"{seconds} seconds"
        super().__init__(f"That was wrong too often. Wait {wait}, then try again.")


@dataclass(frozen=True, slots=True)
class Browser:
    """What a browser's device cookie says; None where it has none, or one that was revoked."""

    device_id: DeviceId | None = None
    secret: str = ""
    name: str = ""


@dataclass(frozen=True, slots=True)
class Try:
    """A try that may be made: who is meant, and the hash that it has to match. None where nobody is called so."""

    person_id: PersonId | None
    kept: str | None


@dataclass(frozen=True, slots=True)
class SignedIn:
    """What a browser is given: the words of its cookies, in the clear this once."""

    person_id: PersonId
    sign_in_id: str
    token: str
    device_cookie: str


def known_browser(scope: Scope, cookie: str) -> Browser:
    """Answer the device a cookie names, if its secret is right and it was not revoked."""
    device_id, _, secret = cookie.partition(".")
    row = by_id(scope, DeviceRow, device_id) if device_id and secret else None
    if row is None or row.revoked_at is not None or not same(row.secret, fingerprint(secret)):
        return Browser()
    return Browser(row.id, secret, row.name)


def passphrase_try(scope: Scope, name: str, browser: Browser, now: datetime) -> Try:
    """Answer the try of a name and passphrase. Raises `WaitError`."""
    row = store.by_name(scope, name)
    if row is None:
        return Try(None, None)
    _may_try(_counter(scope, row, browser), now)
    return Try(row.id, row.passphrase or None)


def pin_try(scope: Scope, person_id: PersonId, browser: Browser, now: datetime) -> Try:
    """Answer the try of a PIN on an enrolled device. Raises `WaitError`, `WrongSecretError` where there is no PIN."""
    there = _with_pin(scope, person_id, browser)
    if there is None:
        raise WrongSecretError("There is no PIN on this device. Sign in with your passphrase.")
    _may_try(there, now)
    return Try(person_id, there.pin)


def with_device(pin: str, browser: Browser) -> str:
    """Answer a PIN as it is hashed: with the secret of its device."""
    return f"{pin}.{browser.secret}"


def _with_pin(scope: Scope, person_id: PersonId, browser: Browser) -> DevicePersonRow | None:
    if browser.device_id is None or not store.device(scope, browser.device_id).enrolled:
        return None
    there = store.on_device(scope, browser.device_id, person_id)
    row = by_id(scope, PersonRow, person_id)
    usable = there is not None and there.pin is not None and row is not None and row.active
    return there if usable else None


def _counter(scope: Scope, row: PersonRow, browser: Browser) -> PersonRow | DevicePersonRow:
    """Where wrong tries count: on a device the person uses apart, so that a stranger's never lock them out there."""
    there = store.on_device(scope, browser.device_id, row.id) if browser.device_id else None
    return there or row


def _may_try(counter: PersonRow | DevicePersonRow, now: datetime) -> None:
    if counter.wait_until is not None and counter.wait_until > now:
        raise WaitError(max(1, round((counter.wait_until - now).total_seconds())))


def wrong_passphrase(scope: Scope, tried: Try, browser: Browser, now: datetime) -> None:
    """Keep that a passphrase or a code was wrong."""
    if tried.person_id is not None:
        row = store.person(scope, tried.person_id)
        _wrong(_counter(scope, row, browser), now)
        _deed(scope, row.id, browser, "got a passphrase wrong", now)


def wrong_pin(scope: Scope, tried: Try, browser: Browser, now: datetime) -> None:
    """Keep that a PIN was wrong; after many it is gone from the device."""
    there = _with_pin(scope, tried.person_id, browser) if tried.person_id else None
    if there is not None:
        _wrong(there, now)
        if there.wrong >= PIN_GONE_AFTER:
            there.pin, there.wrong, there.wait_until = None, 0, None
        _deed(scope, there.person_id, browser, "got a PIN wrong", now)


def _wrong(counter: PersonRow | DevicePersonRow, now: datetime) -> None:
    counter.wrong += 1
    wait = wait_after(counter.wrong)
    counter.wait_until = now + wait if wait else None


def signed_in(scope: Scope, person_id: PersonId, way: str, browser: Browser, now: datetime) -> SignedIn:
    """Sign somebody in on a browser; whoever was signed in there is not any more. Raises `WrongSecretError`."""
    row = store.person(scope, person_id)
    if not row.active:
        raise WrongSecretError
    device, secret = _device(scope, browser, now)
    there = store.on_device(scope, device.id, person_id)
    if there is None:
        there = DevicePersonRow(
            device_id=device.id, person_id=person_id, storage_key=token(), pin=None, wrong=0, seen_at=now
        )
        scope.db.add(there)
    there.wrong, there.wait_until, there.seen_at, device.seen_at = 0, None, now, now
    if way != "pin":
        row.wrong, row.wait_until = 0, None
    store.end_sign_ins(scope, now, device_id=device.id)
    word = token()
    made = SignInRow(
        id=fresh_id(), token=fingerprint(word), person_id=person_id, device_id=device.id, way=way, locked=False,
        at=now, seen_at=now,
    )  # fmt: skip
    scope.db.add(made)
    _deed(scope, person_id, Browser(device.id), f"signed in with a {way}", now)
    return SignedIn(person_id, made.id, word, f"{device.id}.{secret}")


def _device(scope: Scope, browser: Browser, now: datetime) -> tuple[DeviceRow, str]:
    if browser.device_id is not None:
        return store.device(scope, browser.device_id), browser.secret
    secret = token()
    row = DeviceRow(
        id=DeviceId(fresh_id()[:12]), name=browser.name or "A browser", secret=fingerprint(secret), enrolled=False,
        at=now, seen_at=now,
    )  # fmt: skip
    scope.db.add(row)
    scope.db.flush()
    return row, secret


def _deed(scope: Scope, person_id: PersonId, browser: Browser, deed: str, now: datetime) -> None:
    own = replace(scope, actor=Actor(person_id, browser.device_id))
    keep_deed(own, deed, now)


def first_owner(
    scope: Scope, person_id: PersonId, name: str, passphrase: str, browser: Browser, now: datetime
) -> SignedIn:
    """Let the owner choose a name and a passphrase (its hash): from now on everybody signs in.

    Raises `DomainError` where somebody signs in already.
    """
    if store.anybody_signs_in(scope):
        raise DomainError("Somebody signs in here already: sign in, then add people.")
    row = store.person(scope, person_id)
    row.name, row.role, row.active, row.passphrase = name, Role.OWNER.value, True, passphrase
    return signed_in(scope, person_id, "passphrase", browser, now)


def by_code(scope: Scope, tried: Try, code: str, passphrase: str, browser: Browser, now: datetime) -> SignedIn | None:
    """Sign somebody in with a code and the hash of the passphrase they chose now; None where the code is not good."""
    if tried.person_id is None or not store.use_code(scope, tried.person_id, fingerprint(plain_code(code)), now):
        return None
    row = store.person(scope, tried.person_id)
    row.passphrase = passphrase
    store.end_sign_ins(scope, now, person_id=row.id)
    return signed_in(scope, row.id, "code", browser, now)


def chosen_passphrase(passphrase: str, name: str) -> str:
    """Answer the hash of a passphrase that may be used. Raises `DomainError` with what to change."""
    return hashed(check_passphrase(passphrase, name))


def keep_passphrase(scope: Scope, person_id: PersonId, passphrase: str, keep: str, now: datetime) -> None:
    """Keep a new passphrase's hash; signed in stays only the browser that asks (``keep``)."""
    row = store.person(scope, person_id)
    row.passphrase = passphrase
    for other in store.open_sign_ins(scope, person_id, now - LASTS):
        if other.id != keep:
            other.ended_at = now
    keep_deed(scope, "changed the passphrase", now)


def chosen_pin(pin: str, browser: Browser) -> str:
    """Answer the hash of a PIN for this device. Raises `DomainError` with what to change."""
    return hashed(with_device(check_pin(pin), browser))


def keep_pin(scope: Scope, person_id: PersonId, browser: Browser, pin: str, now: datetime) -> None:
    """Keep somebody's PIN on the device they use. Raises `DomainError` where the device is not the studio's."""
    device_id = browser.device_id
    there = store.on_device(scope, device_id, person_id) if device_id else None
    if device_id is None or there is None or not store.device(scope, device_id).enrolled:
        raise DomainError("A PIN is for a device of the studio: let the owner enrol this one first.")
    there.pin, there.wrong, there.wait_until = pin, 0, None
    keep_deed(scope, "chose a PIN", now)


def lock(scope: Scope, sign_in_id: str) -> None:
    """Lock a browser until its person shows again who it is."""
    store.sign_in(scope, sign_in_id).locked = True


def sign_out(scope: Scope, sign_in_id: str, now: datetime) -> None:
    """End a signing in."""
    store.sign_in(scope, sign_in_id).ended_at = now
    keep_deed(scope, "signed out", now)
