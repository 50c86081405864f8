"""The app in a process of its own with the demo data, and a plain HTTP connection to it."""

import http.client
import json
import os
import socket
import subprocess
import sys
import tempfile
import time
from collections.abc import Iterator
from contextlib import contextmanager
from dataclasses import dataclass
from pathlib import Path
from typing import Any

from upright_anvil.api.studio import THE_TRAINER, local_now
from upright_anvil.cli import open_database
from upright_anvil.demo.scenario import fill


@dataclass(frozen=True)
class Served:
    """A running app: its data file and one kept-alive connection."""

    data: Path
    connection: http.client.HTTPConnection

    def ask(self, method: str, path: str, body: object = None) -> Any:
        """Send one request and read its whole answer; raises `AssertionError` unless it succeeds."""
        payload = None if body is None else json.dumps(body)
        self.connection.request(method, f"/api{path}", payload, {"Content-Type": "application/json"})
        answer = self.connection.getresponse()
        read = answer.read()
        assert answer.status < 300, read
        return json.loads(read)

    def fetch(self, path: str) -> bytes:
        """Ask for a view's data without reading the JSON."""
        self.connection.request("GET", f"/api{path}")
        return self.connection.getresponse().read()


@contextmanager
def served() -> Iterator[Served]:
    """Serve the demo data on a free port."""
    with tempfile.TemporaryDirectory() as folder:
        data = Path(folder) / "demo.sqlite3"
        database = open_database(data)
        fill(database, THE_TRAINER, local_now())
        database.close()
        with socket.socket() as free:
            free.bind(("127.0.0.1", 0))
            port = int(free.getsockname()[1])
        command = [sys.executable, "-m", "upright_anvil.cli", "serve", "--data", str(data), "--port", str(port)]
        process = subprocess.Popen(command, env={**os.environ, "PYTHONPATH": "src"}, stdout=subprocess.DEVNULL)
        try:
            yield Served(data, _connected(port))
        finally:
            process.kill()
            process.wait()


def _connected(port: int) -> http.client.HTTPConnection:
    for _ in range(200):
        connection = http.client.HTTPConnection("127.0.0.1", port)
        try:
            connection.connect()
        except OSError:
            time.sleep(0.05)
        else:
            assert connection.sock
            connection.sock.setsockopt(socket.IPPROTO_TCP, socket.TCP_NODELAY, 1)
            return connection
    raise AssertionError("the server did not come up")
