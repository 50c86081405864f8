"""Today in a studio with years behind it, against one of the same size that has just begun; its busiest client."""

import time
from collections.abc import Callable
from pathlib import Path
from statistics import median

from tools.app_process import DEMO_DAY

from bench.figures import Figure
from bench.large_studio import CLIENTS, SETS, studio_file
from upright_anvil.api.studio import THE_STUDIO
from upright_anvil.cli import settle
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.today.today import open_today
from upright_anvil.store.client.clients import all_clients
from upright_anvil.store.file.database import Database, Scope
from upright_anvil.store.log.ledger import count_sets

YOUNG = 20_000
"""Sets of the studio that has just begun."""
TIMES = 7


def measure() -> list[Figure]:
    """Measure Today first and again, and what is known of the busiest client's strength, cold."""
    settle()
    today = DEMO_DAY.date()
    old, young = Database(studio_file(CLIENTS, SETS)), Database(studio_file(CLIENTS, YOUNG))
    try:
        first, again = _today(old)
        _, again_young = _today(young)
        busy = _strength(old)
        size = Path(old.path).stat().st_size / 1e9
        with old.reading(THE_STUDIO) as scope:
            sets = sum(count_sets(scope, who.id) for who in all_clients(scope))
            shown = len(open_today(scope, today).sessions)
    finally:
        old.close()
        young.close()
    about = f"{CLIENTS} clients, {sets:,} sets, {shown} sessions shown, {size:.2f} GB"
    return [
        Figure("Today, first after a start", first, 1000, "ms", about),
        Figure("Today, again", again, 150, "ms", about),
        Figure("Today again: many sets against few", again / again_young, 1.3, "x", f"{again_young:.0f} ms with few"),
        Figure(
            "strength of the busiest client, cold", busy, 1000, "ms", "all lifts of about 10,000 sets, once a state"
        ),
    ]


def _today(database: Database) -> tuple[float, float]:
    """Milliseconds of the first Today and of the median of those after it."""

    def drawn() -> float:
        return _ms(database, lambda scope: open_today(scope, DEMO_DAY.date()))

    first = drawn()
    return first, median(drawn() for _ in range(TIMES))


def _strength(database: Database) -> float:
    with database.reading(THE_STUDIO) as scope:
        busiest = max(all_clients(scope), key=lambda who: count_sets(scope, who.id)).id

    def cold() -> float:
        database.memory.forget()
        return _ms(database, lambda scope: client_profile(scope, busiest, DEMO_DAY.date()))

    return median(cold() for _ in range(3))


def _ms(database: Database, act: Callable[[Scope], object]) -> float:
    begun = time.perf_counter()
    with database.reading(THE_STUDIO) as scope:
        act(scope)
    return (time.perf_counter() - begun) * 1000
