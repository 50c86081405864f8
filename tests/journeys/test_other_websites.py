"""A page of another website, open in the same browser: it reads nothing, changes nothing, hears nothing."""

import re
import threading
from functools import partial
from http.server import BaseHTTPRequestHandler, HTTPServer
from typing import Any, ClassVar

from playwright.sync_api import expect
from tools.app_process import CHROMIUM, QUIET

from tests.journeys.support import JourneyTest, playwright

ELSEWHERE = "elsewhere.example"

TRIES = """
async (app) => {
  const told = {};
  const tried = async (name, work) => {
    try { told[name] = await work(); } catch (error) { told[name] = `failed: ${error.name}`; }
  };
  await tried("read", async () => (await fetch(`${app}/api/clients`)).status);
  await tried("read unseen", async () => (await fetch(`${app}/api/clients`, { mode: "no-cors" })).type);
  const body = JSON.stringify({ name: "Planted", unit: "kg" });
  await tried("write", async () => (await fetch(`${app}/api/clients`, { method: "POST", mode: "no-cors", body })).type);
  await tried("picture", () => new Promise((done) => {
    const image = new Image();
    image.onload = () => done("shown");
    image.onerror = () => done("refused");
    image.src = `${app}/mark.svg`;
  }));
  await tried("socket", () => new Promise((done) => {
    const socket = new WebSocket(`${app.replace("http", "ws")}/api/sessions/x/devices`);
    socket.onopen = () => done("open");
    socket.onclose = () => done("refused");
  }));
  return told;
}
"""


class _Page(BaseHTTPRequestHandler):
    """A page of another website, with a frame and a form that point at the app."""

    def __init__(self, app: str, *given: Any) -> None:
        self.app = app
        super().__init__(*given)

    def do_GET(self) -> None:
        page = (
            f"<h1>Elsewhere</h1><iframe src='{self.app}/'></iframe>"
            f"<form method=post action='{self.app}/api/clients' enctype='text/plain'>"
            '<input name=\'{"name":"Planted","unit":"kg","about":"\' value=\'"}\'><button>Go</button></form>'
        )
        self.send_response(200)
        self.send_header("Content-Type", "text/html")
        self.end_headers()
        self.wfile.write(page.encode())

    def log_message(self, *_: Any) -> None:
        """Say nothing."""


class OtherWebsitesTest(JourneyTest):
    names: ClassVar[str] = f"--host-resolver-rules=MAP {ELSEWHERE} 127.0.0.1"

    def setUp(self) -> None:
        super().setUp()
        other = HTTPServer(("127.0.0.1", 0), partial(_Page, self.server.url))
        threading.Thread(target=other.serve_forever, daemon=True).start()
        self.addCleanup(other.server_close)
        self.addCleanup(other.shutdown)
        self.elsewhere = f"http://{ELSEWHERE}:{other.server_port}"
        self.renamed = playwright().chromium.launch(
            executable_path=CHROMIUM, args=["--no-sandbox", "--disable-gpu", *QUIET, self.names]
        )
        self.addCleanup(self.renamed.close)

    def clients(self) -> str:
        page = self.page(path="/clients")
        # In the order one looks for them, which is known once Today has come.
        expect(page.get_by_role("heading", name=re.compile("^Today"))).to_be_visible()
        return page.get_by_role("main").inner_text()

    def test_a_rebound_name_is_not_answered(self) -> None:
        page = self.renamed.new_page()
        bound = self.server.url.replace("127.0.0.1", ELSEWHERE)
        answer = page.goto(bound)
        assert answer
        self.assertEqual(answer.status, 421)
        status = page.evaluate("async () => (await fetch('/api/clients')).status")
        self.assertEqual(status, 421)
        self.assertNotIn("Casimir", page.content())

    def test_another_websites_page_reads_writes_frames_and_hears_nothing(self) -> None:
        before = self.clients()
        page = self.renamed.new_page()
        page.goto(self.elsewhere)
        told = page.evaluate(TRIES, self.server.url)
        self.assertEqual(told["read"], "failed: TypeError")
        self.assertEqual((told["picture"], told["socket"]), ("refused", "refused"))
        frame = page.frames[1]
        self.assertNotIn("Casimir", frame.content())
        self.assertNotIn("Upright Anvil", frame.content())
        page.get_by_role("button", name="Go").click()
        expect(page.get_by_text("Only the app's own pages may ask that.")).to_be_visible()
        self.assertEqual(self.clients(), before)
