"""Deciding the next load: strength over a whole history, and the proposals of a session."""

from datetime import date, timedelta
from random import Random
from urllib.parse import quote

import numpy as np

from bench.figures import NO_AIM, Figure, timed
from bench.served import served
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.projection.scenario import Scenario
from upright_anvil.core.strength.attempts import Attempt, Table, columns_of, usable
from upright_anvil.core.strength.doubted import doubted
from upright_anvil.core.strength.over_time import strengths_in
from upright_anvil.core.strength.rep_curve import rep_curves_in

OUTLOOKS = [quote(outlook) for outlook in Scenario]

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
                    Attempt(
                        ExerciseId(name), on, kg, chance.randint(4, 10), chance.choice((None, 1, 2, 3)), place, name[:2]
                    )
                )
    return found


def estimate(sets: Table, on: date) -> None:
    """The client's own rep curves and the strength of every exercise, from the columns that a history keeps."""
    read = usable(sets, on)
    read = read.only(~doubted(read))
    steep = {name: curve.steepness for name, curve in rep_curves_in(read).items()}
    strengths_in(read, on, steep, "e0")


def yardstick(_: int) -> None:
    """A fixed piece of arithmetic in the library and in Python, to tell the machine's speed in this run by."""
    figures = np.sin(np.arange(200_000, dtype=np.float64))
    np.sort(figures)
    total = 0
    for number in range(30_000):
        total += number * number % 7


def measure() -> list[Figure]:
    """Time the estimate alone, and what rests on it over HTTP, beside a yardstick."""
    sets = history(5)
    stick = timed(yardstick, times=40, warm=5)
    columns, on = columns_of(sets), sets[-1].on
    whole = timed(lambda _: estimate(columns, on), times=20, warm=3)
    with served() as app:
        today = app.ask("GET", "/today")
        waiting, program = today["waiting"][0]["session_id"], today["sessions"][0]["program_id"]
        client = today["sessions"][0]["client_id"]
        review = timed(lambda _: app.fetch(f"/sessions/{waiting}/review"), times=40)
        ahead = timed(lambda _: app.fetch(f"/programs/{program}/ahead"), times=20)
        each = [f"/programs/{program}/ahead?outlook={outlook}" for outlook in OUTLOOKS]
        any_of = timed(lambda n: app.fetch(each[n % len(each)]), times=30)
        overview = timed(lambda _: app.fetch(f"/clients/{client}/overview"), times=20)
        day = timed(lambda _: app.fetch("/today"), times=40)
    detail = f"{len(sets):,} sets, rep curves included, median {whole.median:.0f} ms"
    return [
        Figure("yardstick: a fixed piece of arithmetic, median", stick.median, NO_AIM, "ms", f"p95 {stick.p95:.1f} ms"),
        Figure("strength over five years of one client, p95", whole.p95, 40, "ms", detail),
        Figure("proposals for a session over HTTP, p95", review.p95, 20, "ms", f"median {review.median:.1f} ms"),
        Figure("a day eight weeks ahead as lately, p95", ahead.p95, 60, "ms", f"median {ahead.median:.0f} ms"),
        Figure("under any of the three outlooks, p95", any_of.p95, 60, "ms", f"median {any_of.median:.0f} ms"),
        Figure("a client's progress as a whole, p95", overview.p95, NO_AIM, "ms", f"median {overview.median:.0f} ms"),
        Figure("today for the demo's studio, p95", day.p95, NO_AIM, "ms", f"median {day.median:.0f} ms"),
    ]
