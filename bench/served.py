"""The app in a process of its own with the demo data, and a plain HTTP connection to it."""

import http.client
import json
import os
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
    pid: int

    def again(self) -> "Served":
        """Answer the same app over a connection of its own, for another thread."""
        connection = http.client.HTTPConnection("127.0.0.1", self.connection.port)
        connection.connect()
        connection.sock.setsockopt(socket.IPPROTO_TCP, socket.TCP_NODELAY, 1)
        return Served(self.data, connection, self.pid)

    def status(self, method: str, path: str, body: object = None) -> int:
        """Send one request, read its whole answer, and answer its status."""
        answer = self._answer(method, path, None if body is None else json.dumps(body))
        answer.read()
        return answer.status

    @property
    def processor_ms(self) -> float:
        """Milliseconds of processor time that the server has used so far."""
        fields = Path(f"/proc/{self.pid}/stat").read_text("ascii").rpartition(")")[2].split()
        return (int(fields[11]) + int(fields[12])) * 1000 / os.sysconf("SC_CLK_TCK")

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
            assert app.process is not None and app.process.pid is not None
            yield Served(app.data, connection, app.process.pid)
        finally:
            connection.close()
            app.kill()
