import asyncio
from typing import Any
from unittest import IsolatedAsyncioTestCase

from starlette.exceptions import HTTPException

from upright_anvil.api.guard.body_limit import BodyLimit
from upright_anvil.api.guard.socket_limit import SocketLimit

Message = Any


class SlowBodyTest(IsolatedAsyncioTestCase):
    async def ask(self, *pieces: Message, then_silent: bool = False) -> Message:
        """What an app that reads the whole body comes to, and then waits for the end of the connection."""
        left = list(pieces)
        gone = asyncio.Event()

        async def receive() -> Message:
            if left:
                return left.pop(0)
            if then_silent:
                gone.set()
            await asyncio.Event().wait()
            raise AssertionError

        async def app(_scope: Message, receive: Message, _send: Message) -> None:
            while (await receive()).get("more_body"):
                pass
            answered.append("read")
            if then_silent:
                waiting = asyncio.ensure_future(receive())
                await gone.wait()
                await asyncio.sleep(0)
                answered.append("still there" if not waiting.done() else "gone")
                waiting.cancel()

        answered: list[str] = []
        scope = {"type": "http", "path": "/api/clients", "headers": []}
        await BodyLimit(app, patience=0.02)(scope, receive, self.fail)
        return answered

    async def test_a_body_that_stops_coming_is_refused(self) -> None:
        with self.assertRaises(HTTPException) as refused:
            await self.ask({"type": "http.request", "body": b"{", "more_body": True})
        self.assertEqual(refused.exception.status_code, 408)

    async def test_a_length_that_is_no_number_of_bytes_is_refused_unread(self) -> None:
        for said, status in ((b"1000001", 413), (b"\xb2", 413), (b"-1", 413), (b"", 413), (b"1000000", None)):
            answered: list[Message] = []

            async def send(message: Message, answered: list[Message] = answered) -> None:
                answered.append(message)

            async def app(*_: Message) -> None:
                pass

            scope = {"type": "http", "path": "/api/clients", "headers": [(b"content-length", said)]}
            with self.subTest(said):
                await BodyLimit(app)(scope, self.fail, send)
                self.assertEqual(answered[0]["status"] if answered else None, status)

    async def test_a_body_that_is_whole_leaves_a_long_answer_its_time(self) -> None:
        answered = await self.ask({"type": "http.request", "body": b"{}", "more_body": False}, then_silent=True)
        self.assertEqual(answered, ["read", "still there"])


class SocketLimitTest(IsolatedAsyncioTestCase):
    async def test_a_socket_beyond_the_most_is_closed_and_room_comes_back(self) -> None:
        release, entered = asyncio.Event(), 0
        closed: list[Message] = []

        async def app(*_: Message) -> None:
            nonlocal entered
            entered += 1
            await release.wait()

        async def receive() -> Message:
            return {"type": "websocket.connect"}

        async def send(message: Message) -> None:
            closed.append(message)

        limit = SocketLimit(app, most=2)
        opened = [asyncio.ensure_future(limit({"type": "websocket"}, receive, send)) for _ in range(3)]
        await opened[2]
        self.assertEqual((entered, closed), (2, [{"type": "websocket.close", "code": 1013}]))
        release.set()
        await asyncio.gather(*opened)
        await limit({"type": "websocket"}, receive, send)
        self.assertEqual(entered, 3)
