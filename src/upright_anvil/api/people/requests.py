"""What is asked about people and signing in."""

from datetime import date
from typing import Annotated, Any

from pydantic import Field, StringConstraints

from upright_anvil.api.request_model import RequestModel, Words
from upright_anvil.core.ids import PersonId
from upright_anvil.core.people.roles import Role
from upright_anvil.core.people.sign_in_rules import LONGEST_PASSPHRASE, PIN_LENGTHS

Passphrase = Annotated[str, Field(min_length=1, max_length=LONGEST_PASSPHRASE)]
Pin = Annotated[str, Field(min_length=1, max_length=PIN_LENGTHS.stop)]
PersonName = Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=60)]


class PassphraseRequest(RequestModel):
    """A name and a passphrase: to sign in, or to be the first who does."""

    name: PersonName
    passphrase: Passphrase


class PinRequest(RequestModel):
    """A PIN of somebody who used this device."""

    person_id: Annotated[PersonId, Field(min_length=1, max_length=64)]
    pin: Pin


class CodeRequest(RequestModel):
    """A code that comes in place of a passphrase, and the passphrase that is chosen now."""

    name: PersonName
    code: Annotated[str, Field(min_length=1, max_length=40)]
    passphrase: Passphrase


class PasskeyRequest(RequestModel):
    """What the browser says of a passkey, as the WebAuthn standard writes it."""

    credential: dict[str, Any]


class NewPassphraseRequest(RequestModel):
    """The passphrase that holds, and the one that is to."""

    now: Passphrase
    new: Passphrase


class NewPinRequest(RequestModel):
    """A PIN for this device."""

    pin: Pin


class NewPersonRequest(RequestModel):
    """Somebody new."""

    name: PersonName
    role: Role


class PersonChangeRequest(RequestModel):
    """What changes of somebody."""

    name: PersonName | None = None
    role: Role | None = None
    active: bool | None = None


class EnrolRequest(RequestModel):
    """What the studio calls this device."""

    name: Words


class LeadRequest(RequestModel):
    """Who leads a client from now on."""

    person_id: Annotated[PersonId, Field(min_length=1, max_length=64)]


class CoverRequest(RequestModel):
    """Who stands in for a client's trainer, through which day; nobody ends it."""

    person_id: Annotated[PersonId, Field(min_length=1, max_length=64)] | None = None
    until: date | None = None


class AccessRulesRequest(RequestModel):
    """Minutes without a touch after which a screen locks; days after which a device forgets what it keeps."""

    lock_minutes: Annotated[int, Field(ge=1, le=60)]
    kept_days: Annotated[int, Field(ge=1, le=60)]
