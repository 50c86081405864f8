"""Which caches earn their keep: the same requests with everything kept, and with one cache emptied before each."""

import gc
import tempfile
import time
from collections.abc import Callable
from functools import _lru_cache_wrapper, partial
from statistics import median
from types import ModuleType

from bench.board import here, plan, volumes
from bench.figures import NO_AIM, Figure
from bench.paths import Counted
from upright_anvil.core.checks import study
from upright_anvil.core.checks.run import findings
from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.plan.read_out import reading
from upright_anvil.core.plan.read_out.reading import read_phase
from upright_anvil.core.progression import evidence
from upright_anvil.core.strength import estimate
from upright_anvil.services import shelf
from upright_anvil.services.profile import strength
from upright_anvil.services.today import alerts
from upright_anvil.store import programs
from upright_anvil.store.file.memo import Memo, Memory
from upright_anvil.store.rows import mapping

TIMES = 9
EARNS = 1.05
"""A cache that makes no request this much dearer when it is empty does not earn its keep."""


def measure() -> list[Figure]:
    """Answer, for every cache, the request that it helps most."""
    with tempfile.TemporaryDirectory() as folder:
        app = Counted(folder)
        today = app.ask("GET", "/today")
        session = today["sessions"][0]
        program = f"/programs/{session['program_id']}"
        board = app.ask("GET", program)
        phase = board["phases"][0]
        floor = f"{program}/weeks/{session['week_id']}/days/{session['day_id']}/floor"
        asked: dict[str, Callable[[], object]] = {
            "today": lambda: app.ask("GET", "/today"),
            "board": lambda: app.ask("GET", program),
            "findings": lambda: app.ask("GET", f"{program}/phases/{phase['id']}/findings"),
            "floor": lambda: app.ask("GET", floor),
            "review": lambda: app.ask("GET", f"/sessions/{today['waiting'][0]['session_id']}/review"),
        }
        large, profile = plan(), here()
        who = Standpoint(profile=profile)

        def longest() -> None:
            read_phase(large.phases[0], profile)
            volumes(large.phases[0], profile)
            findings(large, who)

        asked["largest plan"] = longest
        return [_figure(name, empty, asked) for name, empty in _caches(app.database.memory).items()]


def _figure(name: str, empty: Callable[[], object], asked: dict[str, Callable[[], object]]) -> Figure:
    ratios = {view: _ratio(ask, empty) for view, ask in asked.items()}
    most = max(ratios, key=lambda view: ratios[view])
    note = ", ".join(f"{view} {ratio:.2f}" for view, ratio in ratios.items())
    return Figure(f"without {name}: {most}", ratios[most], NO_AIM, "x", note)


def _ratio(ask: Callable[[], object], empty: Callable[[], object]) -> float:
    """Answer processor time with the cache emptied against kept, in turns, so that a slower minute counts for both."""
    ask()
    taken: tuple[list[float], list[float]] = ([], [])
    for _ in range(TIMES):
        for before, times in zip((empty, _nothing), taken, strict=True):
            before()
            gc.collect()
            start = time.process_time()
            ask()
            times.append(time.process_time() - start)
    return median(taken[0]) / median(taken[1])


def _nothing() -> None:
    """What is done before the run with everything kept."""


def _caches(memory: Memory) -> dict[str, Callable[[], object]]:
    found: dict[str, Callable[[], object]] = {}
    for module in (study, reading, evidence, estimate, shelf, strength, alerts, mapping, programs):
        found |= _of(module, memory)
    return found


def _of(module: ModuleType, memory: Memory) -> dict[str, Callable[[], object]]:
    short = module.__name__.removeprefix("upright_anvil.")
    return {
        f"{short}.{name}": partial(memory.kept.pop, held, None) if isinstance(held, Memo) else held.cache_clear
        for name, held in vars(module).items()
        if isinstance(held, Memo) or (isinstance(held, _lru_cache_wrapper) and held.__module__ == module.__name__)
    }
