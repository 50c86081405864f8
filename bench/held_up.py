"""What holds up whom: sets and reads while boards are saved, reads beside a long lock, the processor time of a set."""

import sqlite3
import time
from datetime import UTC, datetime
from http import HTTPStatus
from statistics import median, quantiles
from threading import Event, Thread

from bench.figures import NO_AIM, Figure
from bench.served import Served, served

SETS = 200
SAVERS = 5
LOCK_SECONDS = 10
PER_KIND = 400


def measure() -> list[Figure]:
    """Measure beside five boards being saved, then beside a lock of another process, then in quiet."""
    with served() as app:
        sets = Sets(app)
        return [*_beside_saves(app, sets), *_beside_a_lock(app), *_processor(app, sets)]


class Sets:
    """Sets of one started session, each new."""

    def __init__(self, app: Served, at: int = 0) -> None:
        session = app.ask("GET", "/today")["sessions"][at]
        self.path = f"/programs/{session['program_id']}/weeks/{session['week_id']}/days/{session['day_id']}/floor"
        view = app.ask("GET", self.path)
        self.sid, self.line, self.now, self.made = (
            view["session_id"],
            view["lines"][0],
            datetime.now(UTC).isoformat(),
            0,
        )
        start = {k: session[k] for k in ("program_id", "week_id", "day_id")} | {"started_at": self.now}
        app.ask("PUT", f"/sessions/{self.sid}", start)

    def next(self) -> dict[str, object]:
        """Answer one more, as it is sent."""
        self.made += 1
        return {
            "id": f"{self.sid[:8]}-{self.made:08d}", "line": self.line["line"], "number": 1,
            "exercise": self.line["exercise_id"], "outcome": "done", "reps": 8, "reserve": 2,
            "load": {"value": "60", "unit": "kg"}, "planned": self.line["planned"], "logged_at": self.now,
        }  # fmt: skip

    def log(self, app: Served) -> None:
        """Log one more."""
        app.ask("POST", f"/sessions/{self.sid}/sets", self.next())


def _beside_saves(app: Served, sets: Sets) -> list[Figure]:
    done, saves = Event(), [0] * SAVERS
    programs = [client["program_id"] for client in app.ask("GET", "/clients") if client["program_id"]][:SAVERS]

    def save(who: int, own: Served, path: str) -> None:
        board = own.ask("GET", path)
        line = board["phases"][0]["days"][0]["groups"][0]["lines"][0]["id"]
        week, base = board["phases"][0]["weeks"][0]["id"], board["revision"]["number"]
        while not done.is_set():
            edit = {"op": "set_cell", "line": line, "week": week, "text": f"3 x {8 + saves[who] % 5}"}
            said = {"base": base, "edits": [edit], "reason": "Bench"}
            # The answer is not read out: that would hold up the probes in this process.
            assert own.status("POST", f"{path}/revisions", said) == HTTPStatus.CREATED
            base, saves[who] = base + 1, saves[who] + 1

    probes: list[float] = []

    def probe(own: Served) -> None:
        while not done.is_set():
            begun = time.perf_counter()
            own.status("GET", "/nowhere")
            probes.append((time.perf_counter() - begun) * 1000)
            done.wait(0.01)

    threads = [Thread(target=save, args=(n, app.again(), f"/programs/{p}")) for n, p in enumerate(programs)]
    threads.append(Thread(target=probe, args=(app.again(),)))
    for thread in threads:
        thread.start()
    acknowledged = []
    for _ in range(SETS):
        begun = time.perf_counter()
        sets.log(app)
        acknowledged.append((time.perf_counter() - begun) * 1000)
    done.set()
    for thread in threads:
        thread.join()
    beside = f"{sum(saves)} boards saved beside"
    return [
        Figure("the event loop while five boards are saved, p99", _p99(probes), 50, "ms",
               f"median {median(probes):.1f} ms, {len(probes)} probes, {beside}"),
        Figure("a set acknowledged while five boards are saved, p99", _p99(acknowledged), 100, "ms",
               f"median {median(acknowledged):.1f} ms, {SETS} sets, {beside}"),
    ]  # fmt: skip


def _beside_a_lock(app: Served) -> list[Figure]:
    lock = sqlite3.connect(app.data, isolation_level=None)
    lock.execute("BEGIN IMMEDIATE")
    until = time.perf_counter() + LOCK_SECONDS
    told: list[tuple[int, float]] = []

    def write(own: Served) -> None:
        begun = time.perf_counter()
        told.append((own.status("POST", "/clients", {"name": "Locked Out", "unit": "kg"}), time.perf_counter() - begun))

    writer = Thread(target=write, args=(app.again(),))
    writer.start()
    reads = []
    while time.perf_counter() < until:
        begun = time.perf_counter()
        app.fetch("/clients")
        reads.append((time.perf_counter() - begun) * 1000)
    writer.join()
    lock.execute("ROLLBACK")
    lock.close()
    status, seconds = told[0]
    return [
        Figure(f"a read beside a lock of {LOCK_SECONDS} s, median", median(reads), 100, "ms",
               f"p99 {_p99(reads):.1f} ms, {len(reads)} reads"),
        Figure("a write beside it is told to come again within", seconds if status == 503 else LOCK_SECONDS * 2, 6,
               "s", f"answered {status}"),
    ]  # fmt: skip


def _processor(app: Served, sets: Sets) -> list[Figure]:
    """The server's processor time a set, an empty route of the same framework, and the bare statement."""

    def per_call(action: object) -> float:
        before = app.processor_ms
        for _ in range(PER_KIND):
            action()  # type: ignore[operator]
        return (app.processor_ms - before) / PER_KIND

    for _ in range(50):
        sets.log(app)
    a_set, empty = per_call(lambda: sets.log(app)), per_call(lambda: app.status("GET", "/nowhere"))
    bare = _bare(app)
    detail = f"set {a_set:.2f} ms, empty route {empty:.2f} ms, bare statement {bare:.2f} ms of processor time"
    return [
        Figure("processor time of a set / an empty route", a_set / max(empty, 0.01), NO_AIM, "x", detail),
        Figure("processor time of a set / the bare statement", a_set / max(bare, 0.01), NO_AIM, "x", detail),
    ]


def _bare(app: Served) -> float:
    bare = sqlite3.connect(app.data.with_name("bare.sqlite3"), isolation_level=None)
    bare.execute("PRAGMA journal_mode=WAL")
    bare.execute("PRAGMA synchronous=FULL")
    bare.execute("CREATE TABLE performed (id TEXT PRIMARY KEY, line TEXT, reps INTEGER, load TEXT, planned TEXT)")
    begun = time.process_time()
    for number in range(PER_KIND):
        bare.execute("BEGIN IMMEDIATE")
        bare.execute("INSERT INTO performed VALUES (?, ?, ?, ?, ?)", (f"s{number}", "l1", 8, "60", "3 x 8, 60 kg"))
        bare.execute("COMMIT")
    return (time.process_time() - begun) * 1000 / PER_KIND


def _p99(taken: list[float]) -> float:
    return quantiles(taken, n=100)[-1]
