"""Fifty studios in one process: what the first answer of a closed one takes, memory, and sets logged in all at once."""

import http.client
import json
import shutil
import socket
import tempfile
import time
from collections.abc import Callable
from dataclasses import dataclass
from pathlib import Path
from statistics import median, quantiles
from threading import Thread
from typing import Any

from tools.app_process import DEMO_DAY, AppProcess

from bench.figures import NO_AIM, Figure
from upright_anvil.api.guard.sign_in import Cookies
from upright_anvil.api.studio import THE_OWNER, THE_STUDIO
from upright_anvil.cli import open_database
from upright_anvil.demo.scenario import fill
from upright_anvil.services.backups.backups import check_backup, make_backup
from upright_anvil.services.backups.folder import BackupFolder
from upright_anvil.services.people.secrets import hashed
from upright_anvil.services.people.signing_in import Browser, first_owner

STUDIOS = 50
DESKS = 10
SECONDS = 20
CLOSED_AFTER = 3.0
PASSPHRASE = "wet hands lift well"


class Line(http.client.HTTPConnection):
    """A line to the server that sends what it has at once."""

    def connect(self) -> None:
        """Connect."""
        super().connect()
        self.sock.setsockopt(socket.IPPROTO_TCP, socket.TCP_NODELAY, 1)


@dataclass
class Tablet:
    """A signed-in browser of one studio, and the set that it logs again and again."""

    studio: str
    connection: Line
    cookies: str
    sid: str = ""
    row: dict[str, Any] | None = None
    made: int = 0
    failed: int = 0

    def ask(self, method: str, path: str, body: object = None) -> Any:
        """Answer what the server answers, None where it refuses."""
        head = {"Host": self.studio, "Cookie": self.cookies, "Content-Type": "application/json"}
        sent = None if body is None else json.dumps(body)
        try:
            self.connection.request(method, f"/api{path}", sent, head)
            answer = self.connection.getresponse()
        except ConnectionError:  # idle for longer than the server keeps a line
            self.connection.close()
            self.connection.request(method, f"/api{path}", sent, head)
            answer = self.connection.getresponse()
        read = answer.read()
        if answer.status >= 300:
            self.failed += 1
            return None
        return json.loads(read)

    def begin(self) -> None:
        """Start the day's first session."""
        day = self.ask("GET", "/today")["sessions"][0]
        floor = self.ask("GET", f"/programs/{day['program_id']}/weeks/{day['week_id']}/days/{day['day_id']}/floor")
        self.sid, line = floor["session_id"], floor["lines"][0]
        start = {key: day[key] for key in ("program_id", "week_id", "day_id")} | {"started_at": DEMO_DAY.isoformat()}
        self.ask("PUT", f"/sessions/{self.sid}", start)
        self.row = {
            "line": line["line"], "number": 1, "exercise": line["exercise_id"], "outcome": "done", "reps": 8,
            "reserve": 2, "load": {"value": "60", "unit": "kg"}, "planned": line["planned"],
            "logged_at": DEMO_DAY.isoformat(),
        }  # fmt: skip

    def log(self) -> None:
        """Log one more set."""
        self.made += 1
        self.ask(
            "POST",
            f"/sessions/{self.sid}/sets",
            (self.row or {}) | {"id": f"{self.studio.partition('.')[0]}-{self.made:06d}"},
        )

    def draw(self) -> None:
        """Open a board, as somebody at a desk does."""
        client = next(one for one in self.ask("GET", "/clients") if one["program_id"])
        self.ask("GET", f"/programs/{client['program_id']}")


def measure() -> list[Figure]:
    """Make the files, serve them, and measure closed, open, and all at once; then a backup and its restore."""
    with tempfile.TemporaryDirectory() as holding:
        folder = Path(holding)
        cookies, size = _made(folder)
        app = AppProcess(folder, closed_after=CLOSED_AFTER)
        app.start()
        try:
            return [*_measured(app, cookies), *_restored(folder, size)]
        finally:
            app.kill()


def _made(folder: Path) -> tuple[str, int]:
    """Make the files of the demo's data, signed in; answer the cookies and the bytes of one."""
    first = folder / "first.sqlite3"
    database = open_database(first)
    fill(database, THE_STUDIO, DEMO_DAY)
    with database.writing(THE_STUDIO) as scope:
        made = first_owner(scope, THE_OWNER, "Ida Brandt", hashed(PASSPHRASE), Browser(), DEMO_DAY)
    database.close()
    for number in range(STUDIOS):
        shutil.copy(first, folder / f"studio-{number:02d}.home.arpa.sqlite3")
    size = first.stat().st_size
    first.unlink()
    names = Cookies(secure=True)
    return f"{names.token}={made.token}; {names.device}={made.device_cookie}", size


def _measured(app: AppProcess, cookies: str) -> list[Figure]:
    assert app.process is not None
    pid = app.process.pid or 0
    before = _resident_mb(pid)
    tablets = [
        Tablet(f"studio-{number:02d}.home.arpa", Line("127.0.0.1", app.port), cookies) for number in range(STUDIOS)
    ]
    first = [_ms(lambda tablet=tablet: tablet.ask("GET", "/clients")) for tablet in tablets]  # type: ignore[misc]
    again = [_ms(lambda tablet=tablet: tablet.ask("GET", "/clients")) for tablet in tablets]  # type: ignore[misc]
    for tablet in tablets:
        tablet.begin()
    first_set = [_ms(tablet.log) for tablet in tablets]
    for tablet in tablets[:DESKS]:
        tablet.draw()
    all_open = _resident_mb(pid)
    begun = _processor_ms(pid)
    taken = _all_at_once(tablets)
    spent = _processor_ms(pid) - begun
    time.sleep(2 * CLOSED_AFTER + 1)
    closed = _resident_mb(pid)
    reopened = [_ms(lambda tablet=tablet: tablet.ask("GET", "/clients")) for tablet in tablets]  # type: ignore[misc]
    failed = sum(tablet.failed for tablet in tablets)
    return [
        Figure("a closed studio's first answer, p95", _p(first + reopened, 95), 300, "ms",
               f"median {median(first):.0f} ms, open {median(again):.1f} ms; {STUDIOS} studios of the demo's size"),
        Figure("memory an open studio takes", (all_open - before) / STUDIOS, 30, "MB",
               f"{before:.0f} MB with none open, {all_open:.0f} MB with {STUDIOS}, {closed:.0f} MB after closing"),
        Figure("a studio's first set, p95", _p(first_set, 95), 300, "ms", f"median {median(first_set):.1f} ms"),
        Figure(f"a set acknowledged in {STUDIOS} studios at once, p99", _p(taken, 99), 250, "ms",
               f"median {median(taken):.1f} ms, {len(taken)} sets in {SECONDS} s, {DESKS} desks beside; "
               f"processor {spent / 10 / SECONDS:.0f} % of one"),
        Figure("of these refused or failed", failed, 0, "requests", ""),
    ]  # fmt: skip


def _all_at_once(tablets: list[Tablet]) -> list[float]:
    """Every tablet logs a set each second, some studios' desks open boards beside; answer the milliseconds of sets."""
    taken: list[float] = []
    until = time.perf_counter() + SECONDS

    def often(act: Callable[[], None], kept: list[float] | None, pause: float, late: float) -> None:
        time.sleep(late)
        while time.perf_counter() < until:
            spent = _ms(act)
            if kept is not None:
                kept.append(spent)
            time.sleep(max(0.0, pause - spent / 1000))

    threads = [
        Thread(target=often, args=(tablet.log, taken, 1.0, number / len(tablets)))
        for number, tablet in enumerate(tablets)
    ]
    for tablet in tablets[:DESKS]:
        desk = Tablet(tablet.studio, Line("127.0.0.1", tablet.connection.port), tablet.cookies)
        threads.append(Thread(target=often, args=(desk.draw, None, 5.0, 0.3)))
    for thread in threads:
        thread.start()
    for thread in threads:
        thread.join()
    return taken


def _restored(folder: Path, size: int) -> list[Figure]:
    """A backup of one studio is made, and opened again whole."""
    data = folder / "studio-00.home.arpa.sqlite3"
    kept = BackupFolder(data)
    kept.choose_passphrase(PASSPHRASE)
    made: list[str] = []
    backup = _ms(lambda: made.append(make_backup(data, kept, DEMO_DAY, _untold).name))
    check = _ms(lambda: check_backup(kept, made[0], PASSPHRASE, _untold))
    sealed = kept.file(made[0]).stat().st_size
    return [
        Figure("a backup of one studio made", backup, NO_AIM, "ms", f"{size / 1e6:.1f} MB, sealed {sealed / 1e6:.1f}"),
        Figure("the same opened and looked at", check, NO_AIM, "ms", "a restore takes this and as long as a copy"),
    ]


def _untold(_words: str, _share: float) -> None:
    """Nobody watches."""


def _ms(act: Callable[[], object]) -> float:
    begun = time.perf_counter()
    act()
    return (time.perf_counter() - begun) * 1000


def _p(taken: list[float], percent: int) -> float:
    return quantiles(taken, n=100)[percent - 1]


def _resident_mb(pid: int) -> float:
    status = Path(f"/proc/{pid}/status").read_text("ascii")
    return int(status.partition("VmRSS:")[2].split()[0]) / 1024


def _processor_ms(pid: int) -> float:
    fields = Path(f"/proc/{pid}/stat").read_text("ascii").rpartition(")")[2].split()
    return (int(fields[11]) + int(fields[12])) * 10
