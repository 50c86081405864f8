"""The people of a studio, their devices, how they sign in, and what is kept of who did what."""

from datetime import datetime
from typing import Any

from sqlalchemy import JSON, ForeignKey, Index, text
from sqlalchemy.orm import Mapped, mapped_column

from upright_anvil.core.ids import ClientId, DeviceId, PersonId
from upright_anvil.store.tables.base import Owned, Table


class PersonRow(Owned, Table):
    """Somebody of the studio; one who left stays, so that what was done keeps its name.

    ``passphrase`` is its hash (argon2id), None before one was chosen. ``wrong`` counts wrong tries in a row from
    devices the person never used; nobody may try again before ``wait_until``.
    """

    __tablename__ = "person"
    id: Mapped[PersonId] = mapped_column(primary_key=True)
    name: Mapped[str]
    role: Mapped[str]
    active: Mapped[bool]
    passphrase: Mapped[str | None]
    wrong: Mapped[int]
    wait_until: Mapped[datetime | None]
    at: Mapped[datetime]


class DeviceRow(Owned, Table):
    """A browser somebody signed in with. ``secret`` is the hash of what its cookie says.

    Where it is ``enrolled`` the studio's people sign in there with a PIN.
    """

    __tablename__ = "device"
    id: Mapped[DeviceId] = mapped_column(primary_key=True)
    name: Mapped[str]
    secret: Mapped[str]
    enrolled: Mapped[bool]
    at: Mapped[datetime]
    seen_at: Mapped[datetime]
    revoked_at: Mapped[datetime | None]


class DevicePersonRow(Owned, Table):
    """Somebody on a device: the key of what the browser keeps there, and a PIN's hash where one was chosen.

    The hash is made with the device's secret, so that it cannot be guessed from the file alone.
    """

    __tablename__ = "device_person"
    device_id: Mapped[DeviceId] = mapped_column(ForeignKey("device.id"), primary_key=True)
    person_id: Mapped[PersonId] = mapped_column(ForeignKey("person.id"), primary_key=True)
    storage_key: Mapped[str]
    pin: Mapped[str | None]
    wrong: Mapped[int]
    wait_until: Mapped[datetime | None]
    seen_at: Mapped[datetime]


class SignInRow(Owned, Table):
    """One signing in: ``token`` is the hash of what the browser's cookie says; ``way`` how it was done.

    While it is ``locked`` nothing is answered until the person shows again who it is.
    """

    __tablename__ = "sign_in"
    id: Mapped[str] = mapped_column(primary_key=True)
    token: Mapped[str] = mapped_column(unique=True)
    person_id: Mapped[PersonId] = mapped_column(ForeignKey("person.id"), index=True)
    device_id: Mapped[DeviceId] = mapped_column(ForeignKey("device.id"), index=True)
    way: Mapped[str]
    locked: Mapped[bool]
    at: Mapped[datetime]
    seen_at: Mapped[datetime]
    ended_at: Mapped[datetime | None]
    __table_args__ = (Index("sign_in_open", "at", sqlite_where=text("ended_at IS NULL")),)


class PasskeyRow(Owned, Table):
    """A passkey (WebAuthn): its public key, and how often it has signed."""

    __tablename__ = "passkey"
    id: Mapped[str] = mapped_column(primary_key=True)
    person_id: Mapped[PersonId] = mapped_column(ForeignKey("person.id"), index=True)
    public_key: Mapped[bytes]
    sign_count: Mapped[int]
    at: Mapped[datetime]


class RecoveryCodeRow(Owned, Table):
    """A code that stands in for a passphrase once; ``code`` is its hash."""

    __tablename__ = "recovery_code"
    code: Mapped[str] = mapped_column(primary_key=True)
    person_id: Mapped[PersonId] = mapped_column(ForeignKey("person.id"), index=True)
    at: Mapped[datetime]
    until: Mapped[datetime | None]


class AuditRow(Owned, Table):
    """What somebody did, when and on which device; ``changes`` are the tables and columns, never what stands in them.

    ``client_id`` names no row: what was done to a client who was erased goes with the client.
    """

    __tablename__ = "audit"
    seq: Mapped[int] = mapped_column(primary_key=True)
    at: Mapped[datetime]
    actor_id: Mapped[PersonId | None]
    device_id: Mapped[DeviceId | None]
    client_id: Mapped[ClientId | None]
    deed: Mapped[str]
    changes: Mapped[list[Any]] = mapped_column(JSON)
    __table_args__ = (Index("audit_by_client", "client_id", "seq"), Index("audit_by_time", "at"))
