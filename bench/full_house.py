"""A full house for a minute: ten tablets on the floor, five desks that write; what it costs whom."""

import time
from http import HTTPStatus
from random import Random
from statistics import median, quantiles
from threading import Event, Thread

from bench.figures import Figure
from bench.held_up import Sets
from bench.served import Served, served

TABLETS, DESKS = 10, 5
SECONDS = 60
BETWEEN_SETS, BETWEEN_CELLS = (1.0, 3.0), (1.0, 4.0)
"""Seconds between what one of them does, at least and at most: several times as busy as people are."""
PROBE_EVERY = 0.02


class House:
    """What they are told, and how long it took."""

    def __init__(self) -> None:
        self.over = Event()
        self.sets: list[float] = []
        self.probes: list[float] = []
        self.cells: list[float] = []
        self.refused: list[int] = []

    def timed(self, own: Served, into: list[float], method: str, path: str, body: object = None) -> None:
        """Send one request and note how long its answer took, or that it was refused."""
        begun = time.perf_counter()
        status = own.status(method, path, body)
        into.append((time.perf_counter() - begun) * 1000)
        if status >= HTTPStatus.BAD_REQUEST:
            self.refused.append(status)

    def tablet(self, own: Served, sets: Sets, chance: Random) -> None:
        """Log set after set, and look at the floor now and then."""
        while not self.over.wait(chance.uniform(*BETWEEN_SETS)):
            self.timed(own, self.sets, "POST", f"/sessions/{sets.sid}/sets", sets.next())
            if chance.random() < 0.3:
                self.timed(own, [], "GET", sets.path)

    def desk(self, own: Served, program: str, chance: Random) -> None:
        """Write cell after cell, with what the checks say of it, and look at Today now and then."""
        board = own.ask("GET", f"/programs/{program}")
        phase = board["phases"][0]
        line, week = phase["days"][0]["groups"][0]["lines"][0]["id"], phase["weeks"][0]["id"]
        base = board["revision"]["number"]
        while not self.over.wait(chance.uniform(*BETWEEN_CELLS)):
            edit = {"op": "set_cell", "line": line, "week": week, "text": f"3 x {5 + base % 7}"}
            said = {"base": base, "edits": [edit], "reason": "Bench", "look": [phase["id"]]}
            self.timed(own, self.cells, "POST", f"/programs/{program}/revisions", said)
            base += 1
            if chance.random() < 0.3:
                self.timed(own, [], "GET", "/today")

    def probe(self, own: Served) -> None:
        """Ask for nothing, again and again: how long the event loop lets one wait."""
        while not self.over.wait(PROBE_EVERY):
            begun = time.perf_counter()
            own.status("GET", "/nowhere")
            self.probes.append((time.perf_counter() - begun) * 1000)


def measure() -> list[Figure]:
    """Let them all in for a minute."""
    house = House()
    with served() as app:
        started = [Sets(app, at) for at in range(len(app.ask("GET", "/today")["sessions"]))]
        programs = [client["program_id"] for client in app.ask("GET", "/clients") if client["program_id"]][:DESKS]
        threads = [
            Thread(target=house.tablet, args=(app.again(), started[n % len(started)], Random(n)))
            for n in range(TABLETS)
        ]
        threads += [Thread(target=house.desk, args=(app.again(), p, Random(p))) for p in programs]
        threads.append(Thread(target=house.probe, args=(app.again(),)))
        for thread in threads:
            thread.start()
        house.over.wait(SECONDS)
        house.over.set()
        for thread in threads:
            thread.join()
    beside = f"{TABLETS} tablets, {len(programs)} desks, {SECONDS} s"
    return [
        Figure("a set acknowledged in a full house, p99", _p99(house.sets), 100, "ms",
               f"median {median(house.sets):.1f} ms, {len(house.sets)} sets; {beside}"),
        Figure("the event loop in a full house, p99", _p99(house.probes), 50, "ms",
               f"median {median(house.probes):.1f} ms, {len(house.probes)} probes"),
        Figure("a cell saved with its findings in a full house, p99", _p99(house.cells), 250, "ms",
               f"median {median(house.cells):.1f} ms, {len(house.cells)} cells"),
        Figure("requests refused", len(house.refused), 0, "", ", ".join(map(str, sorted(set(house.refused))))),
    ]  # fmt: skip


def _p99(taken: list[float]) -> float:
    return quantiles(taken, n=100)[-1]
