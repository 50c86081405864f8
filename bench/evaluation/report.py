"""The evaluation: 500 clients, 16 weeks, three ways of choosing loads, side by side."""

import time
from concurrent.futures import ProcessPoolExecutor
from math import sqrt

from bench.evaluation import choosers
from bench.evaluation.trial import Tally, run
from bench.figures import NO_AIM, Figure
from upright_anvil.core.strength.formulas import FORMULAS

CLIENTS = 500
WAYS = ("fixed", "formula", "engine")


def _one(asked: tuple[str, str, int]) -> Tally:
    way, formula, seed = asked
    choose = {
        "fixed": choosers.fixed,
        "formula": lambda: choosers.double_progression(formula),
        "engine": choosers.engine,
    }[way]()
    return run(seed, choose)


def _all(pool: ProcessPoolExecutor, way: str, formula: str, clients: int) -> list[Tally]:
    return list(pool.map(_one, [(way, formula, seed) for seed in range(clients)], chunksize=20))


def _rms(tallies: list[Tally], name: str, *, plain: bool = False) -> float:
    errors = [error for tally in tallies for error in (tally.plain_errors if plain else tally.errors).get(name, [])]
    return sqrt(sum(error**2 for error in errors) / len(errors))


def measure(clients: int = CLIENTS) -> list[Figure]:
    """Run all ways and report them honestly; estimators are held against each other on the formula's own sessions."""
    started = time.perf_counter()
    with ProcessPoolExecutor() as pool:
        trial = _all(pool, "formula", "Epley", clients)
        best = min(FORMULAS, key=lambda name: _rms(trial, name, plain=True))
        runs = {way: _all(pool, way, best, clients) for way in WAYS}
    taken = time.perf_counter() - started
    ours, theirs = _rms(runs["formula"], "engine"), _rms(runs["formula"], best)
    plain = _rms(runs["formula"], "engine", plain=True), _rms(runs["formula"], best, plain=True)
    shares = {way: _share(tallies, "within") for way, tallies in runs.items()}
    failed = {way: _share(tallies, "failed") for way, tallies in runs.items()}
    gained = {way: sum(t.gained for t in tallies) / len(tallies) for way, tallies in runs.items()}
    said = ", ".join(f"{way} {100 * share:.1f} %" for way, share in shares.items())
    return [
        Figure("estimate error, engine / best formula", ours / theirs, 0.6, "x",
               f"{100 * ours:.1f} % against {100 * theirs:.1f} % ({best}), {clients} clients x 16 weeks"),
        Figure("the same, sessions without a slip of the pen alone", plain[0] / plain[1], NO_AIM, "x",
               f"{100 * plain[0]:.1f} % against {100 * plain[1]:.1f} %"),
        Figure("working sets further than 1 rep from the reserve", 100 * (1 - shares["engine"]), 12, "%",
               f"within: {said}"),
        Figure("the same, sessions that a rule holds back left out",
               100 * (1 - _as_planned(runs["engine"])), NO_AIM, "%",
               ", ".join(f"{way} {100 * _as_planned(tallies):.1f} %" for way, tallies in runs.items())),
        Figure("failed sets of the engine", 100 * failed["engine"], 0.5, "%",
               ", ".join(f"{way} {100 * share:.1f} %" for way, share in failed.items())),
        Figure("strength gained in the model, engine", 100 * gained["engine"], NO_AIM, "%",
               ", ".join(f"{way} {100 * share:.2f} %" for way, share in gained.items())),
        Figure("the evaluation's run time", taken, NO_AIM, "s", "2 processes"),
    ]  # fmt: skip


def _as_planned(tallies: list[Tally]) -> float:
    """The share within one repetition where no rule asks for less: not on or after a poor day, nor after time away."""
    within = sum(t.within - t.held_within for t in tallies)
    return float(within / sum(t.sets - t.held_sets for t in tallies))


def _share(tallies: list[Tally], name: str) -> float:
    return float(sum(getattr(t, name) for t in tallies) / sum(t.sets for t in tallies))
