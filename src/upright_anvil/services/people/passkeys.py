"""Passkeys (WebAuthn, through a library): one made by the browser stands in for a passphrase.

What was asked is remembered by its challenge for a few minutes and answered once.
"""

import json
from dataclasses import dataclass, field
from datetime import datetime, timedelta
from threading import Lock
from typing import Any, Final

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import PersonId
from upright_anvil.services.people.signing_in import WrongSecretError
from upright_anvil.store.file.database import Scope
from upright_anvil.store.studio import people as store
from upright_anvil.store.studio.audit import keep_deed
from upright_anvil.store.tables import PasskeyRow

ASKED_FOR: Final = timedelta(minutes=5)
MOST_ASKED: Final = 200
"""Questions that may be open at the same time; the oldest goes."""

NOT_TAKEN: Final = "The passkey could not be taken. Try again, or use the passphrase."


@dataclass
class Challenges:
    """The questions that are open: each may be answered once, in time."""

    _open: dict[str, tuple[PersonId | None, datetime]] = field(default_factory=dict)
    _lock: Lock = field(default_factory=Lock)

    def ask(self, challenge: str, person_id: PersonId | None, now: datetime) -> None:
        """Remember a question."""
        with self._lock:
            while len(self._open) >= MOST_ASKED:
                self._open.pop(next(iter(self._open)))
            self._open[challenge] = (person_id, now + ASKED_FOR)

    def take(self, challenge: str, person_id: PersonId | None, now: datetime) -> bool:
        """Answer whether a question was asked of this person and is still open; it is not any more."""
        with self._lock:
            whose, until = self._open.pop(challenge, (None, now))
        return until > now and whose == person_id


@dataclass(frozen=True, slots=True)
class Site:
    """Where the browser is: ``name`` is the host without its port, ``origin`` as the browser writes it."""

    name: str
    origin: str


def new_key_options(scope: Scope, site: Site, challenges: Challenges, now: datetime) -> str:
    """Answer what the browser needs to make a passkey for whoever asks, as JSON of the WebAuthn standard."""
    from webauthn import generate_registration_options, options_to_json  # noqa: PLC0415 - heavy, and seldom used
    from webauthn.helpers import base64url_to_bytes, bytes_to_base64url  # noqa: PLC0415
    from webauthn.helpers.structs import (  # noqa: PLC0415
        AuthenticatorSelectionCriteria,
        PublicKeyCredentialDescriptor,
        ResidentKeyRequirement,
        UserVerificationRequirement,
    )

    me = _me(scope)
    options = generate_registration_options(
        rp_id=site.name,
        rp_name="Upright Anvil",
        user_id=me.encode(),
        user_name=store.person(scope, me).name,
        exclude_credentials=[
            PublicKeyCredentialDescriptor(id=base64url_to_bytes(key.id)) for key in store.passkeys(scope, me)
        ],
        authenticator_selection=AuthenticatorSelectionCriteria(
            resident_key=ResidentKeyRequirement.REQUIRED, user_verification=UserVerificationRequirement.REQUIRED
        ),
    )
    challenges.ask(bytes_to_base64url(options.challenge), me, now)
    return options_to_json(options)


def keep_key(scope: Scope, said: dict[str, Any], site: Site, challenges: Challenges, now: datetime) -> None:
    """Keep a passkey that a browser made for whoever asks. Raises `DomainError`."""
    from webauthn import verify_registration_response  # noqa: PLC0415
    from webauthn.helpers import base64url_to_bytes, bytes_to_base64url  # noqa: PLC0415

    me = _me(scope)
    challenge = _challenge(said)
    if not challenges.take(challenge, me, now):
        raise DomainError(NOT_TAKEN)
    try:
        made = verify_registration_response(
            credential=said,
            expected_challenge=base64url_to_bytes(challenge),
            expected_rp_id=site.name,
            expected_origin=site.origin,
            require_user_verification=True,
        )
    except Exception as wrong:
        raise DomainError(NOT_TAKEN) from wrong
    key_id = bytes_to_base64url(made.credential_id)
    if store.passkey(scope, key_id) is not None:
        raise DomainError(NOT_TAKEN)
    scope.db.add(
        PasskeyRow(id=key_id, person_id=me, public_key=made.credential_public_key, sign_count=made.sign_count, at=now)
    )
    keep_deed(scope, "made a passkey", now)


def sign_in_options(site: Site, challenges: Challenges, now: datetime) -> str:
    """Answer what the browser needs to sign in with a passkey, as JSON of the WebAuthn standard."""
    from webauthn import generate_authentication_options, options_to_json  # noqa: PLC0415
    from webauthn.helpers import bytes_to_base64url  # noqa: PLC0415
    from webauthn.helpers.structs import UserVerificationRequirement  # noqa: PLC0415

    options = generate_authentication_options(rp_id=site.name, user_verification=UserVerificationRequirement.REQUIRED)
    challenges.ask(bytes_to_base64url(options.challenge), None, now)
    return options_to_json(options)


def whose_key(scope: Scope, said: dict[str, Any], site: Site, challenges: Challenges, now: datetime) -> PersonId:
    """Answer whose passkey signed. Raises `WrongSecretError` for one that is not known, or replayed."""
    from webauthn import verify_authentication_response  # noqa: PLC0415
    from webauthn.helpers import base64url_to_bytes  # noqa: PLC0415

    challenge = _challenge(said)
    row = store.passkey(scope, str(said.get("id", "")))
    if not challenges.take(challenge, None, now) or row is None:
        raise WrongSecretError(NOT_TAKEN)
    try:
        seen = verify_authentication_response(
            credential=said,
            expected_challenge=base64url_to_bytes(challenge),
            expected_rp_id=site.name,
            expected_origin=site.origin,
            credential_public_key=row.public_key,
            credential_current_sign_count=row.sign_count,
            require_user_verification=True,
        )
    except Exception as wrong:
        raise WrongSecretError(NOT_TAKEN) from wrong
    row.sign_count = seen.new_sign_count
    return row.person_id


def drop_keys(scope: Scope, now: datetime) -> None:
    """Remove all passkeys of whoever asks."""
    store.drop_passkeys(scope, _me(scope))
    keep_deed(scope, "removed the passkeys", now)


def _me(scope: Scope) -> PersonId:
    if scope.actor.person_id is None:
        raise DomainError("Sign in first.")
    return scope.actor.person_id


def _challenge(said: dict[str, Any]) -> str:
    """The question that a browser says it answers, empty where it says none."""
    from webauthn.helpers import base64url_to_bytes  # noqa: PLC0415

    try:
        return str(json.loads(base64url_to_bytes(said["response"]["clientDataJSON"]))["challenge"])
    except (KeyError, TypeError, ValueError):
        return ""
