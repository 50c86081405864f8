"""Sixteen weeks of one client under one way of choosing loads."""

from collections.abc import Callable
from dataclasses import dataclass, field
from datetime import date, timedelta
from math import log

from bench.evaluation.truth import Client
from upright_anvil.core.strength.attempts import Attempt
from upright_anvil.core.strength.formulas import FORMULAS
from upright_anvil.core.strength.over_time import strengths
from upright_anvil.core.strength.rep_curve import rep_curves

WEEKS, SETS, LEAVE = 16, 3, 2
BY_DAY = (5, 9)
"""A heavier and a lighter day a week: repetitions of each."""

START = date(2026, 1, 5)
STEP = 2.5


@dataclass(frozen=True)
class Done:
    """One set: the load, repetitions done, what was said to be left, what really was."""

    kg: float
    reps: int
    said: int | None
    left: float


@dataclass
class Story:
    """What has been seen of a client so far, session by session."""

    sessions: list[tuple[date, list[Done], int]] = field(default_factory=list)

    def of(self, reps: int) -> list[tuple[date, list[Done]]]:
        """The sessions of one of the two days, oldest first; sessions in which nothing was done are left out."""
        return [(on, sets) for on, sets, asked in self.sessions if asked == reps and sets]

    def attempts(self) -> list[Attempt]:
        """The sets as the estimator reads them."""
        return [
            Attempt("lift", on, done.kg, done.reps, done.said, place, "lift")
            for on, sets, _ in self.sessions
            for place, done in enumerate(sets)
        ]


@dataclass
class Tally:
    """What a trial came to; errors are logs of estimate over truth by estimator, from the third week on."""

    within: int = 0
    failed: int = 0
    sets: int = 0
    gained: float = 0.0
    errors: dict[str, list[float]] = field(default_factory=dict)


Chooser = Callable[[Story, date, int], float]


def made(kg: float) -> float:
    """The nearest load that can be made."""
    return max(20.0, round(kg / STEP) * STEP)


def run(seed: int, choose: Chooser) -> Tally:
    """Run one client through all weeks."""
    client, story, tally = Client.drawn(seed), Story(), Tally()
    first = made(client.max_kg * client.chance.uniform(0.70, 0.80))
    story.sessions.append((START - timedelta(days=4), _session(client, first, 5, Tally()), 0))
    for week in range(WEEKS):
        missed = client.chance.random() < 0.07
        lefts: list[float] = []
        for day, reps in enumerate(BY_DAY if not missed else ()):
            on = START + timedelta(weeks=week, days=3 * day)
            sets = _session(client, choose(story, on, reps), reps, tally)
            story.sessions.append((on, sets, reps))
            lefts += [done.left for done in sets]
        if week > 1 and not missed:
            _judge(story, client, tally)
        client.week(not missed, lefts)
    tally.gained = client.max_kg / client.begun_kg - 1
    return tally


def _session(client: Client, kg: float, reps: int, tally: Tally) -> list[Done]:
    form, found = client.day(), []
    for place in range(SETS):
        capable = client.capable(kg, form, place)
        did = min(reps, int(capable))
        left = int(capable) - did if capable >= reps else -(reps - int(capable))
        tally.sets += 1
        tally.failed += did < reps
        tally.within += abs(left - LEAVE) <= 1
        found.append(Done(kg, did, client.says(max(left, 0)), float(left)))
    return [done for done in found if done.reps > 0]


def _judge(story: Story, client: Client, tally: Tally) -> None:
    """Hold every estimator's figure against the truth."""
    for name, formula in FORMULAS.items():
        seen = []
        for done in story.sessions[-1][1]:
            factor = formula(done.reps + (2 if done.said is None else done.said))
            if factor is not None:
                seen.append(done.kg * factor)
        if seen:
            tally.errors.setdefault(name, []).append(log(max(seen) / client.max_kg))
    on = story.sessions[-1][0]
    attempts = story.attempts()
    steep = {name: curve.steepness for name, curve in rep_curves(attempts, on).items()}
    found = strengths(attempts, on, steep).get("lift")
    if found:
        tally.errors.setdefault("engine", []).append(log(found.kg / client.max_kg))
