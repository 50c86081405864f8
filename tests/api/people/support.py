"""A studio in which people sign in, over HTTP; each browser with its own cookies."""

from datetime import timedelta
from typing import Any
from unittest.mock import patch

from argon2 import PasswordHasher
from fastapi.testclient import TestClient

from tests.api.support import ApiTest, Json, app
from tests.support import NOW
from upright_anvil.core.people.roles import Role
from upright_anvil.services.people import secrets

QUICK = PasswordHasher(time_cost=1, memory_cost=8, parallelism=1)
"""What a hash costs is tested where it is made; here hundreds are."""

OWNER, TRAINER, ASSISTANT, READER = "Ida Brandt", "Jorun Vik", "Tam Okoro", "Lene Sund"
PASSPHRASES = {
    OWNER: "wet hands lift well",
    TRAINER: "four tram bells ring",
    ASSISTANT: "chalk on the ceiling",
    READER: "windows facing north",
}
ROLES = {OWNER: Role.OWNER, TRAINER: Role.TRAINER, ASSISTANT: Role.ASSISTANT, READER: Role.READER}


class SignInTest(ApiTest):
    """Gives `browser`, `begun` (the owner signed in) and `everybody`."""

    def setUp(self) -> None:
        super().setUp()
        for name, quick in (("_HASHER", QUICK), ("UNKNOWN", QUICK.hash("nobody's"))):
            patched = patch.object(secrets, name, quick)
            patched.start()
            self.addCleanup(patched.stop)
        self.now = NOW
        app().state.try_limit._tries.clear()

    def browser(self) -> TestClient:
        """A browser that nobody signed in with."""
        made = TestClient(app(), raise_server_exceptions=False)
        self.addCleanup(made.close)
        return made

    def ask(self, browser: TestClient, method: str, path: str, body: Json | None = None, status: int = 200) -> Any:
        """Ask something; the status has to be as said."""
        answer = browser.request(method, f"/api{path}", json=body)
        self.assertEqual(answer.status_code, status, answer.text)
        return answer.json() if answer.content else None

    def begun(self) -> tuple[TestClient, list[str]]:
        """The owner chooses a passphrase at the machine; answer that browser and the recovery codes."""
        owner = self.browser()
        codes = self.ask(owner, "POST", "/sign-in/begin", {"name": OWNER, "passphrase": PASSPHRASES[OWNER]}, 201)[
            "codes"
        ]
        return owner, codes

    def everybody(self) -> dict[str, TestClient]:
        """One of each role, each signed in with a browser of their own."""
        owner, _ = self.begun()
        found = {OWNER: owner}
        for name in (TRAINER, ASSISTANT, READER):
            invited = self.ask(owner, "POST", "/people", {"name": name, "role": ROLES[name].value}, 201)
            found[name] = self.browser()
            said = {"name": name, "code": invited["code"], "passphrase": PASSPHRASES[name]}
            self.ask(found[name], "POST", "/sign-in/code", said)
        return found

    def sign_in(self, browser: TestClient, name: str, passphrase: str | None = None, status: int = 200) -> Any:
        said = {"name": name, "passphrase": PASSPHRASES[name] if passphrase is None else passphrase}
        return self.ask(browser, "POST", "/sign-in", said, status)

    def later(self, **more: float) -> None:
        """Let time pass."""
        self.now = self.now + timedelta(**more)
        self.studio.shared.access.forget()
        app().state.try_limit._tries.clear()
