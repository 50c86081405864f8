"""The app in a process of its own with the demo data, and a plain HTTP connection to it."""

import http.client
import json
import socket
import tempfile
from collections.abc import Iterator
from contextlib import contextmanager
from dataclasses import dataclass
from pathlib import Path
from typing import Any

from tools.app_process import AppProcess


@dataclass(frozen=True)
class Served:
    """A running app: its data file and one kept-alive connection."""

    data: Path
    connection: http.client.HTTPConnection

    def ask(self, method: str, path: str, body: object = None) -> Any:
        """Send one request and read its whole answer; raises `AssertionError` unless it succeeds."""
        payload = None if body is None else json.dumps(body)
        answer = self._answer(method, path, payload)
        read = answer.read()
        assert answer.status < 300, read
        return json.loads(read)

    def fetch(self, path: str) -> bytes:
        """Ask for a view's data without reading the JSON."""
        return self._answer("GET", path, None).read()

    def _answer(self, method: str, path: str, payload: str | None) -> http.client.HTTPResponse:
        """Send a request; a connection that the server closed for being idle is opened again."""
        try:
            self.connection.request(method, f"/api{path}", payload, {"Content-Type": "application/json"})
            return self.connection.getresponse()
        except http.client.RemoteDisconnected:
            self.connection.close()
            self.connection.connect()
            self.connection.sock.setsockopt(socket.IPPROTO_TCP, socket.TCP_NODELAY, 1)
            self.connection.request(method, f"/api{path}", payload, {"Content-Type": "application/json"})
            return self.connection.getresponse()


@contextmanager
def served() -> Iterator[Served]:
    """Serve the demo data on a free port."""
    with tempfile.TemporaryDirectory() as folder:
        app = AppProcess(Path(folder) / "demo.sqlite3", demo=True)
        app.start()
        connection = http.client.HTTPConnection("127.0.0.1", app.port)
        connection.connect()
        connection.sock.setsockopt(socket.IPPROTO_TCP, socket.TCP_NODELAY, 1)
        try:
            yield Served(app.data, connection)
        finally:
            connection.close()
            app.kill()
