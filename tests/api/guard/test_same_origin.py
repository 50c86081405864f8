"""Every name, every website, every route: made from the schema, so that a new route is in it from its first day."""

import asyncio
import re
from contextlib import suppress
from itertools import product
from typing import Any

from starlette.routing import WebSocketRoute
from starlette.testclient import WebSocketDenialResponse
from starlette.websockets import WebSocketDisconnect

from tests.api.support import ApiTest, app
from upright_anvil.api.guard.same_origin import FROM_ANYWHERE, UNGUESSED
from upright_anvil.api.routers import all_routers, routes_of

GAP = re.compile(r"\{\w+\}")

FOREIGN_NAMES = (
    "evil.example",
    "evil.example:80",
    "127.0.0.1.evil.example",
    "localhost.evil.example",
    "testserver.evil.example",
    "10.0.0.7:8321",
    "user@localhost",
    "localhost:port",
    "[::1",
    "",
)
"""What a rebound name, or no name at all, looks like."""

ELSEWHERE = (
    {"origin": "https://evil.example"},
    {"origin": "http://testserver.evil.example"},
    {"origin": "http://testserver:8080"},
    {"origin": "null"},
    {"origin": "file://"},
    {"sec-fetch-site": "cross-site"},
    {"sec-fetch-site": "same-site"},
    {"origin": "http://testserver", "sec-fetch-site": "cross-site"},
)
"""How a page of another website asks."""


STREAMS = ("/news", "/scale")
"""Routes that go on answering as long as somebody watches."""


def operations() -> list[tuple[str, str]]:
    """Every method and path that the schema has."""
    schema = app().openapi()
    return [(method.upper(), path) for path, methods in schema["paths"].items() for method in methods]


def statuses(asked: list[tuple[str, str, dict[str, str]]]) -> list[int]:
    """What each request is answered, straight from the app: its head is enough, so that no stream is waited for."""

    async def status(method: str, path: str, headers: dict[str, str]) -> int:
        known = {"host": "testserver"} | headers
        path = GAP.sub("x", path)
        scope = {
            "type": "http", "asgi": {"version": "3.0"}, "http_version": "1.1", "scheme": "http", "method": method,
            "path": path, "raw_path": path.encode(), "query_string": b"", "root_path": "", "client": ("127.0.0.1", 1),
            "server": ("127.0.0.1", 80), "headers": [(n.encode(), v.encode()) for n, v in known.items()],
        }  # fmt: skip
        first: asyncio.Future[int] = asyncio.get_running_loop().create_future()
        sent = False

        async def receive() -> Any:
            nonlocal sent
            if sent:
                await asyncio.Event().wait()
            sent = True
            return {"type": "http.request", "body": b"{}", "more_body": False}

        async def send(message: Any) -> None:
            if message["type"] == "http.response.start" and not first.done():
                first.set_result(message["status"])

        answering = asyncio.ensure_future(app()(scope, receive, send))
        try:
            return await asyncio.wait_for(first, 20)
        finally:
            answering.cancel()
            with suppress(BaseException):
                await answering

    async def each() -> list[int]:
        return [await status(*one) for one in asked]

    return asyncio.run(each())


class SameOriginTest(ApiTest):
    def test_no_route_answers_to_another_name(self) -> None:
        self.assertGreater(len(operations()), 100)
        asked = [(method, path, {"host": name}) for (method, path), name in product(operations(), FOREIGN_NAMES)]
        for (method, path, headers), status in zip(asked, statuses(asked), strict=True):
            self.assertEqual(status, 421, f"{method} {path} as {headers}")

    def test_no_route_answers_another_websites_page(self) -> None:
        open_to_all = 0
        asked = [(method, path, page) for (method, path), page in product(operations(), ELSEWHERE)]
        for (method, path, page), status in zip(asked, statuses(asked), strict=True):
            if path in FROM_ANYWHERE or path.startswith(UNGUESSED):
                open_to_all += 1
                self.assertNotEqual(status, 403, f"{method} {path}")
            else:
                self.assertEqual(status, 403, f"{method} {path} from {page}")
        self.assertEqual(open_to_all, 2 * len(ELSEWHERE))

    def test_every_route_answers_the_apps_own_page_and_what_is_no_browser(self) -> None:
        own = {"origin": "http://testserver", "sec-fetch-site": "same-origin"}
        asked = [
            (method, path, headers)
            for (method, path), headers in product(operations(), (own, {}, {"sec-fetch-site": "none"}))
            if not path.endswith(STREAMS)
        ]
        for (method, path, headers), status in zip(asked, statuses(asked), strict=True):
            self.assertNotIn(status, (403, 421), f"{method} {path} from {headers}")

    def test_no_socket_opens_for_another_name_or_website(self) -> None:
        sockets = [r.path for r in routes_of(all_routers()) if isinstance(r, WebSocketRoute)]
        self.assertTrue(sockets)
        for path in set(sockets):
            for headers in (*ELSEWHERE, *({"host": name} for name in FOREIGN_NAMES[:4])):
                with (
                    self.subTest(path=path, headers=headers),
                    self.assertRaises((WebSocketDisconnect, WebSocketDenialResponse)),
                    self.http.websocket_connect(GAP.sub("x", path), headers=headers),
                ):
                    pass

    def test_the_names_of_this_machine_are_answered_to_with_any_port(self) -> None:
        for name in ("127.0.0.1", "127.0.0.1:8321", "localhost:5173", "LOCALHOST", "[::1]:8321", "[::1]"):
            with self.subTest(name):
                self.assertEqual(self.http.get("/api/settings", headers={"host": name}).status_code, 200)

    def test_a_link_elsewhere_may_lead_to_a_view_and_to_nothing_else(self) -> None:
        led = {"sec-fetch-site": "cross-site", "sec-fetch-mode": "navigate", "sec-fetch-dest": "document"}
        framed = led | {"sec-fetch-dest": "iframe"}
        # The app without its built pages knows no view: what is led there is let through, and not found.
        self.assertEqual(self.http.get("/clients", headers=led).status_code, 404)
        self.assertEqual(self.http.get("/clients", headers=framed).status_code, 403)
        self.assertEqual(self.http.get("/api/clients", headers=led).status_code, 403)
        self.assertEqual(self.http.post("/clients", headers=led).status_code, 403)

    def test_a_refusal_is_a_problem_in_a_sentence_and_keeps_the_headers(self) -> None:
        refused = self.http.get("/api/clients", headers={"host": "evil.example"})
        self.assertEqual(self.problem(refused, 421)["detail"], "The app does not answer to that name.")
        self.assertEqual(refused.headers["x-content-type-options"], "nosniff")
