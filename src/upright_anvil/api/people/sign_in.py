"""Signing in, locking and signing out. What stands here anybody may ask, so each route looks itself who asks."""

import time
from collections import deque
from collections.abc import Callable
from dataclasses import dataclass
from http import HTTPStatus
from typing import Annotated, Final

from fastapi import Depends, Request
from fastapi.concurrency import run_in_threadpool
from starlette.exceptions import HTTPException
from starlette.responses import Response

from upright_anvil.api.guard.access_book import NOBODY_YET, Visitor
from upright_anvil.api.guard.same_origin import LOOPBACK
from upright_anvil.api.guard.sign_in import Cookies
from upright_anvil.api.people.requests import CodeRequest, PasskeyRequest, PassphraseRequest, PinRequest
from upright_anvil.api.routing import resource
from upright_anvil.api.studio import THE_OWNER, Here, Studio
from upright_anvil.core.ids import PersonId
from upright_anvil.core.people.roles import MOST, Permission, Role
from upright_anvil.services.people import passkeys, signing_in
from upright_anvil.services.people.access_rules import AccessRules, access_rules
from upright_anvil.services.people.devices import PersonHere, people_here, storage_key
from upright_anvil.services.people.passkeys import Site
from upright_anvil.services.people.people import new_codes
from upright_anvil.services.people.secrets import matches
from upright_anvil.services.people.signing_in import SignedIn, Try, WaitError, WrongSecretError
from upright_anvil.store.file.database import Actor, Scope
from upright_anvil.store.studio import people as store

router = resource("/sign-in", tag="people")

TRIES_A_MINUTE: Final = 30
"""Tries from one address; more are told to wait."""

_MINUTE: Final = 60.0


@dataclass(frozen=True, slots=True)
class Me:
    """Who is signed in, and what they may."""

    id: PersonId
    name: str
    role: Role
    may: tuple[str, ...]
    codes_left: int
    has_pin: bool
    passkeys: int


@dataclass(frozen=True, slots=True)
class SignInState:
    """Whether one signs in here, who is, and who can come in how.

    ``storage_key`` opens what this browser keeps for whoever is signed in, empty for nobody.
    """

    demanded: bool
    locked: bool
    me: Me | None
    people_here: tuple[PersonHere, ...]
    device: str
    enrolled: bool
    passkeys: bool
    storage_key: str
    rules: AccessRules


@dataclass(frozen=True, slots=True)
class FirstSignIn:
    """The owner's recovery codes, shown once."""

    codes: tuple[str, ...]


async def _visitor(asked: Request) -> Visitor:
    found = getattr(asked.state, "visitor", None)
    return found if isinstance(found, Visitor) else NOBODY_YET


Visiting = Annotated[Visitor, Depends(_visitor)]
"""Who asks, as a route's parameter."""


def site_of(asked: Request) -> Site:
    """Answer where the browser is, as its passkeys know it."""
    host = asked.headers["host"]
    return Site(asked.url.hostname or "", asked.headers.get("origin") or f"{asked.url.scheme}://{host}")


class TryLimit:
    """So many tries from one address in a minute and no more."""

    def __init__(self, most: int = TRIES_A_MINUTE) -> None:
        self._most, self._tries = most, dict[str, deque[float]]()

    def take(self, address: str) -> None:
        """Count a try. Raises `WaitError`."""
        now = time.monotonic()
        for gone in [known for known, tries in self._tries.items() if tries and now - tries[-1] > _MINUTE]:
            del self._tries[gone]
        tries = self._tries.setdefault(address, deque(maxlen=self._most))
        if len(tries) == self._most and now - tries[0] < _MINUTE:
            raise WaitError(max(1, round(_MINUTE - (now - tries[0]))))
        tries.append(now)


def _address(asked: Request) -> str:
    return asked.client.host if asked.client else ""


def _state(here: Studio, visitor: Visitor, *, demanded: bool, host: str) -> SignInState:
    """Answer who is there; reads."""
    is_in = visitor.is_in if demanded else True
    actor = Actor(visitor.person_id if demanded else THE_OWNER, visitor.device_id)
    with here.database.reading(here.studio_id, actor) as scope:
        me = None
        if is_in and actor.person_id is not None:
            row = store.person(scope, actor.person_id)
            role = Role(row.role) if demanded else Role.OWNER
            there = store.on_device(scope, actor.device_id, row.id) if actor.device_id else None
            keys = len(store.passkeys(scope, row.id))
            most = tuple(p.name.lower() for p in Permission if MOST[role] >= p)
            me = Me(row.id, row.name, role, most, store.codes_left(scope, row.id), bool(there and there.pin), keys)
        known = visitor.device_id is not None
        return SignInState(
            demanded=demanded,
            locked=demanded and visitor.locked,
            me=me,
            people_here=tuple(people_here(scope, visitor.browser)),
            device=visitor.browser.name,
            enrolled=known and store.device(scope, visitor.browser.device_id).enrolled,  # type: ignore[arg-type]
            passkeys=bool(store.passkeys(scope)) and not host.replace(".", "").isdigit(),
            storage_key=storage_key(scope) if demanded and is_in else "",
            rules=access_rules(scope),
        )


@router.get("")
def sign_in_state(asked: Request, visitor: Visiting, here: Here) -> SignInState:
    """Whether one signs in here, who is signed in, and who can come in how."""
    demanded = getattr(asked.state, "demanded", False)
    return _state(here, visitor, demanded=demanded, host=asked.url.hostname or "")


def _let_in(asked: Request, here: Studio, made: SignedIn) -> None:
    cookies: Cookies = asked.app.state.cookies
    asked.state.cookies.extend(cookies.given(made.token, made.device_cookie))
    here.shared.access.forget()


async def _tried(
    asked: Request,
    here: Studio,
    find: Callable[[Scope], Try],
    compare: Callable[[Try], bool],
    right: Callable[[Scope, Try], SignedIn | None],
    wrong: Callable[[Scope, Try], None],
    sentence: str = signing_in.NOT_RIGHT,
) -> SignedIn:
    """Make one try: whether it may be, the comparison, its outcome; one after the other in the whole studio."""
    limit: TryLimit = asked.app.state.try_limit
    limit.take(_address(asked))
    async with here.shared.coming_in:

        def found() -> tuple[Try, bool]:
            with here.reading() as scope:
                tried = find(scope)
            return tried, compare(tried)

        tried, matching = await run_in_threadpool(found)
        made = await here.write(lambda scope: right(scope, tried)) if matching else None
        if made is None:
            await here.write(lambda scope: wrong(scope, tried))
            raise WrongSecretError(sentence)
        _let_in(asked, here, made)
        return made


@router.post("")
async def sign_in(body: PassphraseRequest, asked: Request, visitor: Visiting, here: Here) -> SignInState:
    """Sign in with a name and a passphrase."""
    now, browser = here.now, visitor.browser
    await _tried(
        asked,
        here,
        lambda scope: signing_in.passphrase_try(scope, body.name, browser, now),
        lambda tried: matches(tried.kept, body.passphrase),
        lambda scope, tried: signing_in.signed_in(scope, _whose(tried), "passphrase", browser, now),
        lambda scope, tried: signing_in.wrong_passphrase(scope, tried, browser, now),
    )
    return await _anew(asked, here)


@router.post("/pin")
async def sign_in_by_pin(body: PinRequest, asked: Request, visitor: Visiting, here: Here) -> SignInState:
    """Sign in with a PIN, on a device of the studio."""
    now, browser = here.now, visitor.browser
    await _tried(
        asked,
        here,
        lambda scope: signing_in.pin_try(scope, body.person_id, browser, now),
        lambda tried: matches(tried.kept, signing_in.with_device(body.pin, browser)),
        lambda scope, tried: signing_in.signed_in(scope, _whose(tried), "pin", browser, now),
        lambda scope, tried: signing_in.wrong_pin(scope, tried, browser, now),
        "That is not the PIN.",
    )
    return await _anew(asked, here)


@router.post("/code")
async def sign_in_by_code(body: CodeRequest, asked: Request, visitor: Visiting, here: Here) -> SignInState:
    """Come in with a code, for the first time or after everything was lost, and choose a passphrase."""
    now, browser = here.now, visitor.browser
    chosen = await run_in_threadpool(signing_in.chosen_passphrase, body.passphrase, body.name)
    await _tried(
        asked,
        here,
        lambda scope: signing_in.passphrase_try(scope, body.name, browser, now),
        lambda _: True,
        lambda scope, tried: signing_in.by_code(scope, tried, body.code, chosen, browser, now),
        lambda scope, tried: signing_in.wrong_passphrase(scope, tried, browser, now),
        "The name or the code is not right, or the code was used already.",
    )
    return await _anew(asked, here)


@router.post("/begin", status_code=201)
async def begin_sign_in(body: PassphraseRequest, asked: Request, visitor: Visiting, here: Here) -> FirstSignIn:
    """Choose the owner's passphrase: from now on everybody signs in. Only at the machine itself, and only once."""
    if _address(asked) not in LOOPBACK and _address(asked) != "testclient":
        raise HTTPException(HTTPStatus.FORBIDDEN, "The first passphrase is chosen at the machine itself.")
    chosen = await run_in_threadpool(signing_in.chosen_passphrase, body.passphrase, body.name)
    now, browser = here.now, visitor.browser

    def begun(scope: Scope) -> tuple[SignedIn, tuple[str, ...]]:
        made = signing_in.first_owner(scope, THE_OWNER, body.name, chosen, browser, now)
        return made, new_codes(scope, THE_OWNER, now)

    made, codes = await here.write(begun)
    _let_in(asked, here, made)
    return FirstSignIn(codes)


@router.post("/passkey/question")
async def passkey_question(asked: Request, here: Here) -> Response:
    """What the browser needs to sign in with a passkey, as the WebAuthn standard writes it."""
    limit: TryLimit = asked.app.state.try_limit
    limit.take(_address(asked))
    text = await run_in_threadpool(passkeys.sign_in_options, site_of(asked), here.shared.challenges, here.now)
    return Response(text, media_type="application/json")


@router.post("/passkey")
async def sign_in_by_passkey(body: PasskeyRequest, asked: Request, visitor: Visiting, here: Here) -> SignInState:
    """Sign in with a passkey."""
    limit: TryLimit = asked.app.state.try_limit
    limit.take(_address(asked))
    now, site = here.now, site_of(asked)

    def done(scope: Scope) -> SignedIn:
        whose = passkeys.whose_key(scope, body.credential, site, here.shared.challenges, now)
        return signing_in.signed_in(scope, whose, "passkey", visitor.browser, now)

    _let_in(asked, here, await here.write(done))
    return await _anew(asked, here)


@router.post("/lock")
async def lock_browser(asked: Request, visitor: Visiting, here: Here) -> SignInState:
    """Lock this browser: nothing is answered until its person shows again who it is."""
    if visitor.is_in:
        await here.write(lambda scope: signing_in.lock(scope, visitor.sign_in_id))
        here.shared.access.forget()
    demanded = getattr(asked.state, "demanded", False)
    locked = Visitor(visitor.browser, visitor.person_id, visitor.role, visitor.sign_in_id, locked=True)
    return await run_in_threadpool(_state, here, locked, demanded=demanded, host=asked.url.hostname or "")


@router.post("/out")
async def sign_out(asked: Request, visitor: Visiting, here: Here) -> SignInState:
    """Sign out: what this browser keeps stays locked until the same person signs in again."""
    if visitor.sign_in_id:
        await here.write(lambda scope: signing_in.sign_out(scope, visitor.sign_in_id, here.now))
        here.shared.access.forget()
    cookies: Cookies = asked.app.state.cookies
    asked.state.cookies.extend(cookies.taken())
    out = Visitor(visitor.browser)
    demanded = getattr(asked.state, "demanded", False)
    return await run_in_threadpool(_state, here, out, demanded=demanded, host=asked.url.hostname or "")


def _whose(tried: Try) -> PersonId:
    if tried.person_id is None:
        raise WrongSecretError
    return tried.person_id


async def _anew(asked: Request, here: Studio) -> SignInState:
    """Answer the state as the browser will be known by the cookies it was just given."""
    cookies: Cookies = asked.app.state.cookies
    given = dict(line.split(";")[0].split("=", 1) for line in asked.state.cookies)

    def state() -> SignInState:
        book = here.shared.access
        visitor = book.visitor(given[cookies.token], given[cookies.device], here.now)
        return _state(here, visitor, demanded=book.demanded(), host=asked.url.hostname or "")

    return await run_in_threadpool(state)
