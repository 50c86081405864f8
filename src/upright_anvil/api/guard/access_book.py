"""Who a browser's cookies say it is: looked up in the data once, then known for a few seconds."""

import time
from dataclasses import dataclass
from datetime import datetime
from threading import Lock
from typing import Final

from upright_anvil.core.ids import DeviceId, PersonId, StudioId
from upright_anvil.core.people.roles import Role
from upright_anvil.services.people.secrets import fingerprint
from upright_anvil.services.people.signing_in import IDLE, LASTS, Browser, known_browser
from upright_anvil.store.file.database import Database
from upright_anvil.store.studio import people

KNOWN_FOR: Final = 10.0
"""Seconds after which the data are asked again, for changes by another process; those of this one are told at once."""

MOST_KNOWN: Final = 500


STRANGER: Final = Browser()
"""A browser that nobody signed in with."""


@dataclass(frozen=True, slots=True)
class Visitor:
    """Who asks. ``locked`` browsers and those of nobody are answered nothing but how to come in."""

    browser: Browser = STRANGER
    person_id: PersonId | None = None
    role: Role = Role.READER
    sign_in_id: str = ""
    locked: bool = False

    @property
    def device_id(self) -> DeviceId | None:
        """The device, None where it is not known."""
        return self.browser.device_id

    @property
    def is_in(self) -> bool:
        """Whether somebody is signed in and not locked."""
        return self.person_id is not None and not self.locked


NOBODY_YET: Final = Visitor()


class AccessBook:
    """The visitors of one studio. ``always`` demands signing in even before somebody chose a passphrase."""

    def __init__(
        self,
        database: Database,
        studio_id: StudioId,
        *,
        always: bool = False,
        seen: dict[str, datetime] | None = None,
    ) -> None:
        """``seen`` says when each signing in was last used, where that outlasts this opening of the file."""
        self._database, self._studio_id, self._always = database, studio_id, always
        self._known: dict[tuple[str, str], tuple[Visitor, float]] = {}
        self._demanded: tuple[bool, float] | None = None
        self._seen: dict[str, datetime] = {} if seen is None else seen
        self._lock = Lock()
        self.turn = 0

    def forget(self) -> None:
        """Ask the data anew for everybody: somebody signed in or out, or lost a right."""
        with self._lock:
            self._known.clear()
            self._demanded = None
            self.turn += 1

    def demanded(self) -> bool:
        """Answer whether one has to sign in here."""
        if self._always:
            return True
        kept = self._demanded
        if kept is None or time.monotonic() - kept[1] > KNOWN_FOR:
            with self._database.reading(self._studio_id) as scope:
                kept = (people.anybody_signs_in(scope), time.monotonic())
            self._demanded = kept
        return kept[0]

    def asks(self, token: str, device: str) -> bool:
        """Answer whether the data would have to be asked who that is."""
        key = (fingerprint(token) if token else "", fingerprint(device) if device else "")
        now, kept, demanded = time.monotonic(), self._known.get(key), self._demanded
        fresh = kept is not None and now - kept[1] <= KNOWN_FOR
        return not fresh or (not self._always and (demanded is None or now - demanded[1] > KNOWN_FOR))

    def visitor(self, token: str, device: str, now: datetime) -> Visitor:
        """Answer who asks, by the cookies' words. One that is forged, ended or too old is nobody's."""
        key = (fingerprint(token) if token else "", fingerprint(device) if device else "")
        with self._lock:
            kept, turn = self._known.get(key), self.turn
        if kept is None or time.monotonic() - kept[1] > KNOWN_FOR:
            kept = (self._looked_up(key[0], device, now), time.monotonic())
            with self._lock:
                if len(self._known) >= MOST_KNOWN:
                    self._known.clear()
                if turn == self.turn:
                    self._known[key] = kept
        found = kept[0]
        if not found.is_in:
            return found
        last = self._seen.get(found.sign_in_id, now)
        if now - last > IDLE:
            return Visitor(found.browser, found.person_id, found.role, found.sign_in_id, locked=True)
        self._seen[found.sign_in_id] = now
        return found

    def _looked_up(self, token: str, device: str, now: datetime) -> Visitor:
        if not token and not device:
            return NOBODY_YET
        with self._database.reading(self._studio_id) as scope:
            browser = known_browser(scope, device) if device else STRANGER
            row = people.sign_in_of(scope, token) if token else None
            if row is None or row.ended_at is not None or row.device_id != browser.device_id:
                return Visitor(browser)
            if now - row.at > LASTS:
                return Visitor(browser)
            person = people.person(scope, row.person_id)
            if not person.active:
                return Visitor(browser)
            return Visitor(browser, row.person_id, Role(person.role), row.id, row.locked)
