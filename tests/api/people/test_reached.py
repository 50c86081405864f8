"""From elsewhere the app is reached by TLS and a name alone, and only once somebody has a passphrase."""

import contextlib
import io
import os
import tempfile
from pathlib import Path
from unittest import TestCase
from unittest.mock import patch

from fastapi.testclient import TestClient

from tests.api.people.support import OWNER, PASSPHRASES, SignInTest
from tests.api.support import one
from upright_anvil.api.app import create_app
from upright_anvil.api.hosting.reached import Reached, WrongArgumentError
from upright_anvil.api.studio import THE_STUDIO, Shared, Studio
from upright_anvil.cli import main
from upright_anvil.people_commands import TYPED_BY_NOBODY


class ReachedTest(TestCase):
    def test_what_does_not_fit_together_is_said(self) -> None:
        here = Path(__file__)
        for reached, words in (
            (Reached(certificate=here, names=("a",)), "go together"),
            (Reached(bind="0.0.0.0", names=("a",)), "by TLS only"),
            (Reached(bind="studio.home.arpa", names=("a",)), "by TLS only"),
            (Reached(bind="::", certificate=here, key=here), "Say the name"),
            (Reached(behind_proxy=True), "Say the name"),
            (Reached(certificate=here, key=here.with_name("no.pem"), names=("a",)), "There is no file"),
        ):
            with self.subTest(words), self.assertRaisesRegex(WrongArgumentError, words):
                reached.check(demo=False)
        with self.assertRaisesRegex(WrongArgumentError, "made-up data"):
            Reached(names=("a",)).check(demo=True)
        for fine in (Reached(), Reached(bind="127.0.0.2"), Reached(bind="::1"), Reached(bind="localhost")):
            fine.check(demo=True)
            self.assertFalse(fine.from_elsewhere)
        fine = Reached(bind="0.0.0.0", certificate=here, key=here, names=("studio.home.arpa",))
        fine.check(demo=False)
        self.assertEqual(fine.address(443), "https://studio.home.arpa:443")


def run(*words: str) -> tuple[int, str]:
    """A command's exit code, and what it printed."""
    said = io.StringIO()
    with (
        patch("sys.argv", ["upright-anvil", *words]),
        contextlib.redirect_stdout(said),
        contextlib.redirect_stderr(said),
    ):
        try:
            main()
        except SystemExit as ended:
            return int(ended.code or 0), said.getvalue()
    return 0, said.getvalue()


class PeopleCommandsTest(TestCase):
    def test_from_nobody_to_the_owner_and_back_in(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            data = str(Path(folder) / "studio.sqlite3")
            code, said = run("serve", "--data", data, "--name", "studio.home.arpa", "--behind-proxy")
            self.assertEqual(code, 1)
            self.assertIn("people owner", said)
            with patch.dict(os.environ, {TYPED_BY_NOBODY: "short"}):
                self.assertEqual(run("people", "owner", "--data", data, "--person", OWNER)[0], 1)
            with patch.dict(os.environ, {TYPED_BY_NOBODY: PASSPHRASES[OWNER]}):
                self.assertEqual(run("people", "owner", "--data", data)[0], 1)
                code, said = run("people", "owner", "--data", data, "--person", OWNER)
                self.assertEqual((code, said.count("-")), (0, 16), said)
                self.assertEqual(run("people", "owner", "--data", data, "--person", OWNER)[0], 1)
            self.assertIn(f"{OWNER}  owner", run("people", "list", "--data", data)[1])
            self.assertEqual(run("people", "let-in", "--data", data, "--person", "Nobody")[0], 1)
            code, said = run("people", "let-in", "--data", data, "--person", OWNER.lower())
            self.assertEqual(code, 0)
            self.assertIn("comes in with this code within 7 days", said)
            self.assertEqual(run("serve", "--data", data, "--bind", "0.0.0.0", "--name", "a")[0], 2)


class FromElsewhereTest(SignInTest):
    def test_cookies_go_over_tls_alone_and_signing_in_is_demanded_from_the_start(self) -> None:
        self.begun()
        shared = Shared(self.database, THE_STUDIO, always_sign_in=True)
        studio = Studio(self.database, clock=lambda: self.now, others=shared)
        self.addCleanup(shared.close)
        app = create_app(one(studio, "studio.home.arpa"), secure=True)
        http = TestClient(app, base_url="https://studio.home.arpa")
        self.assertEqual(http.get("/api/clients").status_code, 401)
        answer = http.post("/api/sign-in", json={"name": OWNER, "passphrase": PASSPHRASES[OWNER]})
        for line in answer.headers.get_list("set-cookie"):
            self.assertTrue(line.startswith("__Host-"))
            self.assertIn("; Secure", line)
            self.assertNotIn("Domain", line)
        self.assertEqual(http.get("/api/clients").status_code, 200)
        self.assertEqual(TestClient(app, base_url="https://evil.example").get("/api/clients").status_code, 421)
