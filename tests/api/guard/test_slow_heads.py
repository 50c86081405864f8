import socket
import threading
from collections.abc import Iterator
from contextlib import contextmanager
from typing import Any
from unittest import TestCase

import uvicorn

from upright_anvil.api.guard.slow_heads import PatientProtocol

WHOLE = b"GET / HTTP/1.1\r\nHost: localhost\r\n\r\n"


class Impatient(PatientProtocol):
    patience = 0.3


async def app(_scope: Any, _receive: Any, send: Any) -> None:
    await send({"type": "http.response.start", "status": 204, "headers": []})
    await send({"type": "http.response.body", "body": b""})


class SlowHeadTest(TestCase):
    @contextmanager
    def connected(self) -> Iterator[socket.socket]:
        """A connection to a server of little patience."""
        config = uvicorn.Config(app, http=Impatient, log_level="error", lifespan="off", timeout_keep_alive=60)
        server = uvicorn.Server(config)
        with socket.socket() as listening:
            listening.bind(("127.0.0.1", 0))
            listening.listen()
            thread = threading.Thread(target=server.run, kwargs={"sockets": [listening]})
            thread.start()
            try:
                with socket.create_connection(listening.getsockname(), timeout=20) as connection:
                    yield connection
            finally:
                server.should_exit = True
                thread.join()

    def test_a_head_that_does_not_end_ends_the_connection(self) -> None:
        for first in (b"", b"GET / HTTP/1.1\r\nHost: loc"):
            with self.subTest(first), self.connected() as connection:
                connection.sendall(first)
                self.assertEqual(connection.recv(100), b"")

    def test_whoever_said_it_in_time_is_answered_and_may_ask_again(self) -> None:
        with self.connected() as connection:
            for _ in range(2):
                connection.sendall(WHOLE)
                self.assertTrue(connection.recv(1000).startswith(b"HTTP/1.1 204"))
            connection.sendall(WHOLE[:20])
            self.assertEqual(connection.recv(100), b"")
