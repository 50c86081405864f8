"""A view that takes ids and a body alone is answered past FastAPI's solving of dependencies: told apart by nothing."""

import asyncio
import json
from collections.abc import MutableMapping
from itertools import count
from typing import Any

from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from tests.api.support import ApiTest, Json, a_set, app
from upright_anvil.api.plain_views import JSON, plain_view
from upright_anvil.api.routers import all_routers, routes_of
from upright_anvil.api.routing import ViewRoute

NAMED_AT_LENGTH = f"{JSON}; charset=utf-8"
"""The same kind of body, said in a way that is left to FastAPI."""

odd = st.one_of(
    st.none(),
    st.booleans(),
    st.integers(-3, 80),
    st.sampled_from([2**63, -(2**70), 0.5, 8.0, 1e400, float("nan")]),
    st.text(max_size=4),
    st.sampled_from(["8", " 8 ", "8.0", "1e1", "62.5", "kg", "done", "left", "true", "\x00", "\ud800", "\u202e"]),
    st.sampled_from(["2026-03-04", "2026-03-04T17:00:00+01:00", 1772640000]),
    st.lists(st.integers(0, 3), max_size=2),
    st.dictionaries(st.sampled_from(["value", "unit", "left", "pain", "mood"]), st.integers(0, 60), max_size=2),
)
fields = st.sampled_from([*a_set(), "seconds", "assisted", "how", "note", "replaces", "ramp", "metres", "mood"])


class PlainViewsTest(ApiTest):
    def setUp(self) -> None:
        super().setUp()
        self.sid, self.number = self.start(self.program()), count(1)

    def answers(self, body: bytes) -> list[tuple[int, Json]]:
        """What is answered to a body in both ways; what differs by the second time alone is left out."""
        answers = []
        for kind in (JSON, NAMED_AT_LENGTH):
            answer = self.http.post(f"/api/sessions/{self.sid}/sets", content=body, headers={"Content-Type": kind})
            answers.append((answer.status_code, {n: v for n, v in answer.json().items() if n != "again"}))
        return answers

    @settings(max_examples=150, deadline=None, suppress_health_check=[HealthCheck.function_scoped_fixture])
    @given(st.dictionaries(fields, odd, max_size=3))
    def test_whatever_a_set_says_is_answered_alike(self, said: Json) -> None:
        body = json.dumps(a_set(id=f"set-{next(self.number):08d}") | said).encode()
        plain, usual = self.answers(body)
        self.assertEqual(plain, usual)
        self.assertIn(plain[0], (200, 422))

    def test_what_is_no_set_at_all_is_answered_alike(self) -> None:
        whole = json.dumps(a_set())
        for name, body, status in (
            ("nothing", b"", 422),
            ("half a set", whole[:40].encode(), 422),
            ("a list of sets", f"[{whole}]".encode(), 422),
            ("no text", b"\xff\xfe\x00", 400),
            ("a set in two bytes a letter", whole.encode("utf-16"), 200),
            ("a set behind a mark", b"\xef\xbb\xbf" + whole.encode(), 200),
            ("a word twice", whole.replace('"reps"', '"reps": 3, "reps"').encode(), 200),
            ("a set", whole.encode(), 200),
        ):
            with self.subTest(name):
                plain, usual = self.answers(body)
                self.assertEqual(plain, usual)
                self.assertEqual(plain[0], status)

    def test_a_body_of_another_kind_is_refused(self) -> None:
        for kind in ("text/plain", "application/x-www-form-urlencoded", ""):
            answer = self.http.post(
                f"/api/sessions/{self.sid}/sets", content=json.dumps(a_set()), headers={"Content-Type": kind}
            )
            self.problem(answer, 422)

    def test_a_tablet_that_has_gone_amid_a_set_is_no_fault_of_the_server(self) -> None:
        whole = json.dumps(a_set()).encode()
        for said in (b'{"id":', whole):  # even where what was heard would be a set
            with self.subTest(said):
                self.assertEqual(self.status_of_a_set_cut_off(said), 400)
        kept = self.http.post(f"/api/sessions/{self.sid}/sets", json=a_set())
        self.assertFalse(kept.json()["again"], "nothing of it was kept")

    def status_of_a_set_cut_off(self, said: bytes) -> int:
        """What is answered to a body of which more was announced and did not come."""
        coming = iter(({"type": "http.request", "body": said, "more_body": True}, {"type": "http.disconnect"}))
        path = f"/api/sessions/{self.sid}/sets"
        scope = {
            "type": "http",
            "method": "POST",
            "path": path,
            "raw_path": path.encode(),
            "query_string": b"",
            "headers": [(b"host", b"localhost"), (b"content-type", JSON.encode())],
        }
        answered: list[MutableMapping[str, Any]] = []

        async def receive() -> MutableMapping[str, Any]:
            return next(coming, {"type": "http.disconnect"})

        async def send(message: MutableMapping[str, Any]) -> None:
            answered.append(message)

        with self.assertNoLogs("upright_anvil", "ERROR"):
            asyncio.run(app()(scope, receive, send))
        return int(answered[0]["status"])

    def test_where_more_is_wanted_it_is_left_to_fastapi(self) -> None:
        plain = {route.path for route in self.routes() if plain_view(route.endpoint, route.param_convertors)}
        wanted = {route.path for route in self.routes()} - plain
        self.assertLessEqual({"/api/sessions/{session_id}/sets", "/api/sessions/{session_id}/review"}, plain)
        self.assertLessEqual({"/api/sign-in", "/api/programs/{program_id}/ahead", "/api/warning-signs"}, wanted)

    @staticmethod
    def routes() -> list[ViewRoute]:
        return [route for route in routes_of(all_routers()) if isinstance(route, ViewRoute)]
