"""What stays open ends with the signing in: the stream of news, and a device's socket."""

import asyncio
from collections.abc import AsyncIterator
from typing import Any

from starlette.websockets import WebSocketDisconnect

from tests.api.people.support import OWNER, TRAINER, SignInTest
from upright_anvil.api.sessions.routes import news
from upright_anvil.core.ids import SessionId


class EndingTest(SignInTest):
    def test_nobody_opens_a_socket_and_an_open_one_ends_when_its_person_is_signed_out(self) -> None:
        people = self.everybody()
        loud = self.ask(people[TRAINER], "GET", "/settings") | {"heart_strap": "simulated"}
        self.ask(people[TRAINER], "PUT", "/settings", loud)
        with self.assertRaises(WebSocketDisconnect), self.browser().websocket_connect("/api/sessions/x/devices"):
            pass
        sign_in = next(s for s in self.ask(people[OWNER], "GET", "/sign-ins") if s["person"] == TRAINER)
        with people[TRAINER].websocket_connect("/api/sessions/x/devices") as socket:
            socket.receive_json()
            self.ask(people[OWNER], "DELETE", f"/sign-ins/{sign_in['id']}", status=204)
            with self.assertRaises(WebSocketDisconnect):
                for _ in range(1000):
                    socket.receive_json()

    def test_news_end_when_a_right_to_come_in_changes(self) -> None:
        """The stream ends at its next word; the browser asks again, and is let in or not."""

        async def heard() -> list[str]:
            answer: Any = await news(SessionId("mine"), self.studio)
            lines: AsyncIterator[str] = answer.body_iterator
            told = [await anext(lines)]
            self.studio.shared.access.forget()
            self.studio.news.tell(SessionId("mine"))
            return told + [line async for line in lines]

        self.assertEqual(asyncio.run(heard()), [": still here\n\n"])
