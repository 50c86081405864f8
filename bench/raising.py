"""Deciding the next load: strength over a whole history, and the proposals of a session."""

from datetime import date, timedelta
from random import Random

from bench.figures import Figure, timed
from bench.served import served
from upright_anvil.core.strength.attempts import Attempt
from upright_anvil.core.strength.over_time import strengths
from upright_anvil.core.strength.rep_curve import rep_curves

YEARS, A_WEEK, EXERCISES, SETS = 5, 3, 6, 3


def history(seed: int) -> list[Attempt]:
    """Five years of one client: three sessions a week of six exercises and three sets, of thirty exercises in turn."""
    chance = Random(seed)
    start = date(2021, 1, 4)
    found = []
    for number in range(YEARS * 52 * A_WEEK):
        on = start + timedelta(days=number * 7 // A_WEEK)
        for turn in range(EXERCISES):
            name = f"e{(number * EXERCISES + turn) % 30}"
            for place in range(SETS):
                kg = 60 * (1 + number / 3000) * chance.gauss(1, 0.02)
                found.append(
                    Attempt(name, on, kg, chance.randint(4, 10), chance.choice((None, 1, 2, 3)), place, name[:2])
                )
    return found


def measure() -> list[Figure]:
    """Time both."""
    sets = history(5)
    today = sets[-1].on
    whole = timed(lambda _: strengths(sets, today, {}, "e0"), times=20, warm=3)
    curves = timed(lambda _: rep_curves(sets, today), times=20, warm=3)
    with served() as app:
        waiting = app.ask("GET", "/today")["waiting"][0]["session_id"]
        review = timed(lambda _: app.fetch(f"/sessions/{waiting}/review"), times=40)
    detail = f"{len(sets):,} sets, median {whole.median:.0f} ms; rep curves {curves.median:.0f} ms more"
    return [
        Figure("strength over five years of one client, p95", whole.p95, 50, "ms", detail),
        Figure("proposals for a session over HTTP, p95", review.p95, 20, "ms", f"median {review.median:.1f} ms"),
    ]
