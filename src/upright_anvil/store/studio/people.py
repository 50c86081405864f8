"""The people of a studio, their devices and how they sign in."""

from collections.abc import Sequence
from datetime import datetime

from sqlalchemy import delete, func, select, update

from upright_anvil.core.ids import DeviceId, PersonId
from upright_anvil.core.people.roles import Role
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.by_id import by_id, found
from upright_anvil.store.rows.query import Query
from upright_anvil.store.tables import DevicePersonRow, DeviceRow, PasskeyRow, PersonRow, RecoveryCodeRow, SignInRow


def add_owner(scope: Scope, person_id: PersonId, now: datetime) -> None:
    """Add the first person of a studio, who has no passphrase yet, where nobody is there."""
    if by_id(scope, PersonRow, person_id) is None:
        add_person(scope, person_id, "Trainer", Role.OWNER, now)


def add_person(scope: Scope, person_id: PersonId, name: str, role: Role, now: datetime) -> PersonRow:
    """Add somebody who cannot sign in yet."""
    row = PersonRow(id=person_id, name=name, role=role.value, active=True, passphrase=None, wrong=0, at=now)
    scope.db.add(row)
    scope.db.flush()
    return row


def people(scope: Scope) -> Sequence[PersonRow]:
    """Answer everybody by name, those who left too."""
    return scope.db.scalars(select(PersonRow).order_by(PersonRow.name, PersonRow.id)).all()


def person(scope: Scope, person_id: PersonId) -> PersonRow:
    """Answer one person. Raises `NotFoundError`."""
    return found(scope, PersonRow, person_id, "person")


def names(scope: Scope) -> dict[PersonId, str]:
    """Answer everybody's name."""
    return {row_id: name for row_id, name in _NAMES.all(scope)}  # noqa: C416 - rows become plain pairs


_NAMES: Query[tuple[PersonId, str]] = Query(select(PersonRow.id, PersonRow.name))


def by_name(scope: Scope, name: str) -> PersonRow | None:
    """Answer whoever is called so, whatever the case, if they still belong to the studio."""
    here = (row for row in people(scope) if row.active)
    return next((row for row in here if row.name.casefold() == name.strip().casefold()), None)


def anybody_signs_in(scope: Scope) -> bool:
    """Answer whether somebody has a passphrase: from then on everybody signs in."""
    return scope.db.scalar(select(PersonRow.id).where(PersonRow.passphrase.is_not(None)).limit(1)) is not None


def devices(scope: Scope) -> Sequence[DeviceRow]:
    """Answer the devices that are not revoked, the one seen last first."""
    query = select(DeviceRow).where(DeviceRow.revoked_at.is_(None)).order_by(DeviceRow.seen_at.desc())
    return scope.db.scalars(query).all()


def device(scope: Scope, device_id: DeviceId) -> DeviceRow:
    """Answer a device. Raises `NotFoundError`."""
    return found(scope, DeviceRow, device_id, "device")


def on_device(scope: Scope, device_id: DeviceId, person_id: PersonId) -> DevicePersonRow | None:
    """Answer somebody on a device, None where they never were."""
    return scope.db.get(DevicePersonRow, (device_id, person_id))


def who_uses(scope: Scope, device_id: DeviceId) -> Sequence[DevicePersonRow]:
    """Answer everybody who was on a device, the last one first."""
    query = select(DevicePersonRow).where(DevicePersonRow.device_id == device_id)
    return scope.db.scalars(query.order_by(DevicePersonRow.seen_at.desc())).all()


def sign_in_of(scope: Scope, token: str) -> SignInRow | None:
    """Answer the signing in behind a token's hash, one that ended too."""
    return scope.db.scalars(select(SignInRow).where(SignInRow.token == token)).first()


def sign_in(scope: Scope, sign_in_id: str) -> SignInRow:
    """Answer one signing in. Raises `NotFoundError`."""
    return found(scope, SignInRow, sign_in_id, "sign-in")


def open_sign_ins(scope: Scope, person_id: PersonId | None, since: datetime) -> Sequence[SignInRow]:
    """Answer who is signed in where, everybody's or somebody's, the newest first."""
    query = select(SignInRow).where(SignInRow.ended_at.is_(None), SignInRow.at >= since)
    if person_id is not None:
        query = query.where(SignInRow.person_id == person_id)
    return scope.db.scalars(query.order_by(SignInRow.at.desc())).all()


def end_sign_ins(
    scope: Scope, now: datetime, *, device_id: DeviceId | None = None, person_id: PersonId | None = None
) -> None:
    """End what is open on a device, of a person, or of a person on a device."""
    query = update(SignInRow).where(SignInRow.ended_at.is_(None))
    if device_id is not None:
        query = query.where(SignInRow.device_id == device_id)
    if person_id is not None:
        query = query.where(SignInRow.person_id == person_id)
    scope.db.execute(query.values(ended_at=now))


def forget_keys(scope: Scope, *, device_id: DeviceId | None = None, person_id: PersonId | None = None) -> None:
    """Remove the keys of what browsers keep, and PINs, so that what lies there can never be read again."""
    query = delete(DevicePersonRow)
    if device_id is not None:
        query = query.where(DevicePersonRow.device_id == device_id)
    if person_id is not None:
        query = query.where(DevicePersonRow.person_id == person_id)
    scope.db.execute(query)


def drop_passkeys(scope: Scope, person_id: PersonId) -> None:
    """Remove all passkeys of somebody."""
    scope.db.execute(delete(PasskeyRow).where(PasskeyRow.person_id == person_id))


def put_codes(scope: Scope, person_id: PersonId, codes: Sequence[str], now: datetime, until: datetime | None) -> None:
    """Keep codes, as hashes, in place of those somebody had."""
    scope.db.execute(delete(RecoveryCodeRow).where(RecoveryCodeRow.person_id == person_id))
    scope.db.add_all(RecoveryCodeRow(code=code, person_id=person_id, at=now, until=until) for code in codes)


def use_code(scope: Scope, person_id: PersonId, code: str, now: datetime) -> bool:
    """Answer whether a code's hash is one of somebody's and still good; it is gone then."""
    row = scope.db.get(RecoveryCodeRow, code)
    if row is None or row.person_id != person_id or (row.until is not None and row.until < now):
        return False
    scope.db.delete(row)
    return True


def codes_left(scope: Scope, person_id: PersonId) -> int:
    """Answer how many codes somebody still has."""
    query = select(func.count()).select_from(RecoveryCodeRow).where(RecoveryCodeRow.person_id == person_id)
    return scope.db.scalar(query) or 0


def passkeys(scope: Scope, person_id: PersonId | None = None) -> Sequence[PasskeyRow]:
    """Answer somebody's passkeys, or everybody's."""
    query = select(PasskeyRow)
    if person_id is not None:
        query = query.where(PasskeyRow.person_id == person_id)
    return scope.db.scalars(query.order_by(PasskeyRow.at)).all()


def passkey(scope: Scope, key_id: str) -> PasskeyRow | None:
    """Answer a passkey by the id its authenticator says, None where there is none."""
    return by_id(scope, PasskeyRow, key_id)
