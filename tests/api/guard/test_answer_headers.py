import re
import tempfile
from base64 import b64encode
from hashlib import sha256
from pathlib import Path

from fastapi.testclient import TestClient

from tests.api.support import ApiTest, one
from tests.support import StudioTest
from upright_anvil.api.app import create_app
from upright_anvil.api.guard.answer_headers import EVERYWHERE, NONCE

SCRIPT = "\n  let a = 1;\n"


class AnswerHeadersTest(ApiTest):
    def test_personal_answers_are_not_kept_unless_their_route_says_so(self) -> None:
        self.assertEqual(self.http.get("/api/clients").headers["cache-control"], "no-store")
        self.assertEqual(self.http.get("/api/nowhere").headers["cache-control"], "no-store")
        key = self.post("/calendar-feed", {}, 200)["path"]
        self.assertIn("max-age", self.http.get(key).headers["cache-control"])

    def test_an_answer_of_the_api_opened_as_a_page_runs_no_script(self) -> None:
        policy = self.http.get("/api/clients").headers["content-security-policy"]
        self.assertIn("default-src 'none'", policy)
        self.assertNotIn("script-src", policy)


class PageHeadersTest(StudioTest):
    def test_pages_load_their_own_files_and_their_own_inline_script_only(self) -> None:
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        web = Path(folder.name)
        (web / "assets").mkdir()
        (web / "assets/a.js").write_text("1")
        (web / "index.html").write_text(f"<script>{SCRIPT}</script><i>{NONCE}</i>")
        http = TestClient(create_app(one(self.studio), web))
        self.addCleanup(http.close)
        page = http.get("/clients")
        for name, value in EVERYWHERE.items():
            self.assertEqual(page.headers[name], value)
        policy = page.headers["content-security-policy"]
        scripts = re.findall(r"script-src ([^;]*)", policy)
        self.assertEqual(scripts, [f"'self' 'sha256-{b64encode(sha256(SCRIPT.encode()).digest()).decode()}'"])
        self.assertNotIn("unsafe", policy)
        nonces = {re.findall(r"<i>(.*)</i>", http.get("/index.html").text)[0] for _ in range(3)}
        self.assertEqual(len(nonces), 3)
        self.assertRegex(page.text, r"<i>[-_\w]{20,}</i>")
        self.assertIn(f"style-src 'self' 'nonce-{re.findall(r'<i>(.*)</i>', page.text)[0]}'", policy)
        self.assertIn("frame-ancestors 'none'", policy)
        self.assertEqual(page.headers["cache-control"], "no-cache")
        self.assertIn("immutable", http.get("/assets/a.js").headers["cache-control"])
        self.assertNotIn("immutable", http.get("/assets/gone.js").headers.get("cache-control", ""))
