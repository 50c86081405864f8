"""People, their devices, whose client somebody is, and who did what."""

from dataclasses import dataclass

from fastapi import Request
from fastapi.concurrency import run_in_threadpool
from starlette.responses import Response

from upright_anvil.api.people.requests import (
    AccessRulesRequest,
    CoverRequest,
    EnrolRequest,
    LeadRequest,
    NewPassphraseRequest,
    NewPersonRequest,
    NewPinRequest,
    PasskeyRequest,
    PersonChangeRequest,
)
from upright_anvil.api.people.sign_in import Visiting, site_of
from upright_anvil.api.routing import resource
from upright_anvil.api.studio import Here, Studio
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId, DeviceId, PersonId
from upright_anvil.core.people.roles import Role
from upright_anvil.services.people import audit, devices, handing_over, passkeys, people, signing_in
from upright_anvil.services.people.access_rules import AccessRules, access_rules, keep_access_rules
from upright_anvil.services.people.audit import AuditView
from upright_anvil.services.people.devices import DeviceView, SignInView
from upright_anvil.services.people.handing_over import Leading
from upright_anvil.services.people.people import Invitation, PersonView
from upright_anvil.services.people.secrets import matches
from upright_anvil.services.people.signing_in import WrongSecretError
from upright_anvil.store.studio import people as store

router = resource(tag="people")


@dataclass(frozen=True, slots=True)
class Codes:
    """Recovery codes, shown once."""

    codes: tuple[str, ...]


def _me(here: Studio) -> PersonId:
    if here.actor.person_id is None:
        raise DomainError("Sign in first.")
    return here.actor.person_id


@router.get("/people")
def list_people(here: Here) -> list[PersonView]:
    """Everybody of the studio by name, those who left last."""
    with here.reading() as scope:
        return list(people.people_list(scope))


@router.post("/people", status_code=201)
async def add_person(asked: NewPersonRequest, here: Here) -> Invitation:
    """Add somebody; they come in with the code and choose a passphrase."""
    return await here.write(lambda scope: people.add_person(scope, asked.name, asked.role, here.now))


@router.patch("/people/{person_id}")
async def change_person(person_id: PersonId, asked: PersonChangeRequest, here: Here) -> PersonView:
    """Change a name, a role, or whether somebody belongs to the studio."""
    changed = await here.write(
        lambda scope: people.change_person(
            scope, person_id, here.now, name=asked.name, role=asked.role, active=asked.active
        )
    )
    here.shared.access.forget()
    return changed


@router.post("/people/{person_id}/invitation")
async def invite_again(person_id: PersonId, here: Here) -> Invitation:
    """Let somebody in again who lost passphrase and codes."""
    invited = await here.write(lambda scope: people.invite_again(scope, person_id, here.now))
    here.shared.access.forget()
    return invited


@router.put("/me/passphrase")
async def change_passphrase(asked: NewPassphraseRequest, visitor: Visiting, here: Here) -> list[SignInView]:
    """Choose another passphrase; every other browser of one's own is signed out."""
    me = _me(here)

    def compared() -> str:
        with here.reading() as scope:
            row = store.person(scope, me)
            kept, name = row.passphrase, row.name
        if not matches(kept or None, asked.now):
            raise WrongSecretError("The passphrase of before is not right.")
        return signing_in.chosen_passphrase(asked.new, name)

    async with here.shared.coming_in:
        chosen = await run_in_threadpool(compared)
    await here.write(lambda scope: signing_in.keep_passphrase(scope, me, chosen, visitor.sign_in_id, here.now))
    here.shared.access.forget()
    return await _own_sign_ins(here, visitor.sign_in_id)


@router.put("/me/pin", status_code=204)
async def choose_pin(asked: NewPinRequest, visitor: Visiting, here: Here) -> None:
    """Choose a PIN for this device, which has to be the studio's."""
    chosen = await run_in_threadpool(signing_in.chosen_pin, asked.pin, visitor.browser)
    await here.write(lambda scope: signing_in.keep_pin(scope, _me(here), visitor.browser, chosen, here.now))


@router.post("/me/codes", status_code=201)
async def make_codes(here: Here) -> Codes:
    """Recovery codes in place of those of before."""
    return Codes(await here.write(lambda scope: people.new_codes(scope, _me(here), here.now)))


@router.post("/me/passkeys/question")
async def new_passkey_question(asked: Request, here: Here) -> Response:
    """What the browser needs to make a passkey, as the WebAuthn standard writes it."""

    def options() -> str:
        with here.reading() as scope:
            return passkeys.new_key_options(scope, site_of(asked), here.shared.challenges, here.now)

    return Response(await run_in_threadpool(options), media_type="application/json")


@router.post("/me/passkeys", status_code=204)
async def keep_passkey(body: PasskeyRequest, asked: Request, here: Here) -> None:
    """Keep a passkey that the browser made."""
    site = site_of(asked)
    await here.write(lambda scope: passkeys.keep_key(scope, body.credential, site, here.shared.challenges, here.now))


@router.delete("/me/passkeys", status_code=204)
async def drop_passkeys(here: Here) -> None:
    """Remove all passkeys of one's own."""
    await here.write(lambda scope: passkeys.drop_keys(scope, here.now))


@router.get("/devices")
def list_devices(here: Here) -> list[DeviceView]:
    """The browsers people signed in with, the last one first."""
    with here.reading() as scope:
        return list(devices.device_list(scope))


@router.post("/devices/enrol")
async def enrol_device(asked: EnrolRequest, visitor: Visiting, here: Here) -> DeviceView:
    """Make this browser one of the studio's: people sign in with a PIN here."""
    return await here.write(lambda scope: devices.enrol(scope, visitor.browser, asked.name, here.now))


@router.delete("/devices/{device_id}", status_code=204)
async def revoke_device(device_id: DeviceId, here: Here) -> None:
    """End a device: everybody is signed out there, and what it keeps can never be read again."""
    await here.write(lambda scope: devices.revoke(scope, device_id, here.now))
    here.shared.access.forget()


async def _own_sign_ins(here: Studio, this_one: str) -> list[SignInView]:
    whose = None if here.role is Role.OWNER else here.actor.person_id

    def listed() -> list[SignInView]:
        with here.reading() as scope:
            return list(devices.sign_in_list(scope, whose, here.now, this_one))

    return await run_in_threadpool(listed)


@router.get("/sign-ins")
async def list_sign_ins(visitor: Visiting, here: Here) -> list[SignInView]:
    """Where one is signed in; the owner sees everybody."""
    return await _own_sign_ins(here, visitor.sign_in_id)


@router.delete("/sign-ins/{sign_in_id}", status_code=204)
async def end_sign_in(sign_in_id: str, here: Here) -> None:
    """Sign out elsewhere."""
    owner = here.role is Role.OWNER
    await here.write(lambda scope: devices.end_sign_in(scope, sign_in_id, here.now, any_person=owner))
    here.shared.access.forget()


@router.get("/access-rules")
def open_access_rules(here: Here) -> AccessRules:
    """When a screen locks, and how long a device keeps what it read."""
    with here.reading() as scope:
        return access_rules(scope)


@router.put("/access-rules")
async def change_access_rules(asked: AccessRulesRequest, here: Here) -> AccessRules:
    """Change when a screen locks, and how long a device keeps what it read."""
    return await here.write(lambda scope: keep_access_rules(scope, asked.made(AccessRules)))


@router.put("/clients/{client_id}/lead")
async def hand_over_client(client_id: ClientId, asked: LeadRequest, here: Here) -> Leading:
    """Give a client to another trainer."""
    return await here.write(lambda scope: handing_over.hand_over(scope, client_id, asked.person_id, here.today))


@router.put("/clients/{client_id}/cover")
async def cover_client(client_id: ClientId, asked: CoverRequest, here: Here) -> Leading:
    """Let somebody stand in for a client's trainer, or end that."""
    return await here.write(
        lambda scope: handing_over.cover(scope, client_id, asked.person_id, asked.until, here.today)
    )


@router.get("/clients/{client_id}/audit")
def client_audit(client_id: ClientId, here: Here, before: int | None = None) -> AuditView:
    """Who did what to a client, newest first."""
    with here.reading() as scope:
        return audit.audit(scope, client_id, before)


@router.get("/audit")
def studio_audit(here: Here, before: int | None = None) -> AuditView:
    """Who did what that concerns no client, newest first."""
    with here.reading() as scope:
        return audit.audit(scope, None, before)
