"""Which routes are read at the start, and that nothing else is told apart by it."""

from concurrent.futures import ThreadPoolExecutor
from unittest.mock import patch

from fastapi.routing import APIRoute
from fastapi.testclient import TestClient
from starlette.routing import Match

from tests.api.support import ApiTest, one
from upright_anvil.api.app import create_app
from upright_anvil.api.routers import FIRST, LaterRoutes, all_routers, later, routes_of


class RoutersTest(ApiTest):
    def setUp(self) -> None:
        super().setUp()
        self.start()

    def start(self) -> None:
        """Let the app be as after a start."""
        self.app = create_app(one(self.studio))
        self.http = TestClient(self.app, raise_server_exceptions=False)
        self.addCleanup(self.http.close)

    def waiting(self) -> bool:
        """Whether the other routes were not asked for yet."""
        return any(isinstance(route, LaterRoutes) for route in self.app.router.routes)

    def test_a_page_opens_without_the_others(self) -> None:
        for path in ("/api/sign-in", "/api/today", "/api/health", "/health"):
            self.assertEqual(self.http.get(path).status_code, 200, path)
        self.assertTrue(self.waiting())
        self.assertEqual(self.http.get("/api/clients").json(), [])
        self.assertFalse(self.waiting())

    def test_who_asks_first_is_answered_as_everybody_after(self) -> None:
        for method, path, status in (
            ("GET", "/api/nothing", 404),
            ("DELETE", "/api/clients", 405),
            ("POST", "/api/clients", 422),
            ("DELETE", "/api/today", 405),
        ):
            with self.subTest(path, method=method):
                self.start()
                self.assertTrue(self.waiting())
                asked = [self.http.request(method, path) for _ in range(2)]
                self.assertEqual([answer.status_code for answer in asked], [status, status])
                self.assertEqual(*[answer.json()["detail"] for answer in asked])

    def test_many_who_ask_at_once_are_all_answered_and_the_routes_stand_there_once(self) -> None:
        with ThreadPoolExecutor(8) as many:
            answers = list(many.map(lambda _: self.http.get("/api/clients").status_code, range(16)))
        self.assertEqual(set(answers), {200})
        told = [route for route in self.app.router.routes if hasattr(route, "methods")]
        addresses = [(route.path, *sorted(route.methods)) for route in told]
        self.assertEqual(len(addresses), len(set(addresses)))

    def test_an_address_is_held_against_few_routes(self) -> None:
        """Hundreds are passed by at a glance; the expression is asked of those that begin and end like it."""
        routes = routes_of(all_routers())
        for method, path in (
            ("POST", "/api/sessions/s1/sets"),
            ("GET", "/api/clients/c1/progress/s1"),
            ("GET", "/api/x"),
        ):
            scope = {"type": "http", "method": method, "path": path, "headers": []}
            with self.subTest(path), patch.object(APIRoute, "matches", side_effect=[(Match.NONE, {})] * 20) as asked:
                for route in routes:
                    route.matches(scope)
                self.assertLess(asked.call_count, 15)
                self.assertEqual(asked.call_count > 0, path != "/api/x")

    def test_the_floor_is_found_first(self) -> None:
        self.assertEqual(self.http.get("/api/clients").status_code, 200)
        paths = [getattr(route, "path", "") for route in self.app.router.routes]
        floor, today = paths.index("/api/sessions/{session_id}/sets"), paths.index("/api/today")
        self.assertLess(floor, today)
        self.assertLess(today, paths.index("/api/clients"))

    def test_a_socket_may_be_the_first_to_ask(self) -> None:
        with self.http.websocket_connect("/api/sessions/s1/devices"):
            self.assertFalse(self.waiting())

    def test_no_address_belongs_to_both(self) -> None:
        first = routes_of(FIRST)
        others = [route for routers in later() for route in routes_of(routers)]
        self.assertEqual(len(first) + len(others), len(routes_of(all_routers())))
        for opened in first:
            for method in opened.methods:
                scope = {"type": "http", "path": opened.path, "method": method}
                taken = [route.path for route in others if route.matches(scope)[0] is not Match.NONE]
                self.assertEqual(taken, [])
