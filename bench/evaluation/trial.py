"""Sixteen weeks of one client under one way of choosing loads."""

from collections.abc import Callable
from dataclasses import dataclass, field
from datetime import date, timedelta
from math import log

from bench.evaluation.truth import Client
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.strength.attempts import Attempt
from upright_anvil.core.strength.formulas import FORMULAS
from upright_anvil.core.strength.layoff import SHORT_GAP_DAYS
from upright_anvil.core.strength.over_time import strengths
from upright_anvil.core.strength.rep_curve import rep_curves

WEEKS, SETS, LEAVE = 16, 3, 2
BY_DAY = (5, 9)
"""A heavier and a lighter day a week: repetitions of each."""

START = date(2026, 1, 5)
STEP = 2.5


@dataclass(frozen=True)
class Done:
    """One set: the load as typed, repetitions done, what was said to be left, what really was, whether it hurt."""

    kg: float
    reps: int
    said: int | None
    left: float
    hurt: bool = False
    typed: float = 0.0

    @property
    def slipped(self) -> bool:
        """Whether another load was typed than was lifted."""
        return self.typed != self.kg


@dataclass
class Story:
    """What has been seen of a client so far, session by session."""

    sessions: list[tuple[date, list[Done], int]] = field(default_factory=list)
    poor: set[date] = field(default_factory=set)
    planned: dict[date, float] = field(default_factory=dict)
    """The loads that the plan named for the days that were eased on the floor, by day."""

    def of(self, reps: int) -> list[tuple[date, list[Done]]]:
        """The sessions of one of the two days, oldest first; sessions in which nothing was done are left out."""
        return [(on, sets) for on, sets, asked in self.sessions if asked == reps and sets]

    def attempts(self) -> list[Attempt]:
        """The sets as the estimator reads them."""
        return [
            Attempt(ExerciseId("lift"), on, done.typed, done.reps, done.said, place, "lift", id=f"{on}-{place}")
            for on, sets, _ in self.sessions
            for place, done in enumerate(sets)
            if not done.hurt
        ]


@dataclass
class Tally:
    """What a trial came to; errors are logs of estimate over truth by estimator, from the third week on.

    ``plain_errors`` are those of sessions in which nothing was mistyped, as if a formula's user had seen the slip.
    """

    within: int = 0
    failed: int = 0
    sets: int = 0
    held_within: int = 0
    held_sets: int = 0
    """Those of sessions held below what the strength would allow on purpose: eased for a poor day, the one after it
    (the lesser of planned and done), and the first after more than ten days away."""

    gained: float = 0.0
    plain_errors: dict[str, list[float]] = field(default_factory=dict)
    errors: dict[str, list[float]] = field(default_factory=dict)


Chooser = Callable[[Story, date, int, bool], float]
"""Answers a load from what was seen, for a day and repetitions, and whether the client says that the day is poor."""


def made(kg: float) -> float:
    """The nearest load that can be made."""
    return max(20.0, round(kg / STEP) * STEP)


def run(seed: int, choose: Chooser) -> Tally:
    """Run one client through all weeks."""
    client, story, tally = Client.drawn(seed), Story(), Tally()
    first = made(client.max_kg * client.chance.uniform(0.70, 0.80))
    story.sessions.append((START - timedelta(days=4), _session(client, first, 5, Tally(), client.day()[0]), 0))
    away = 0
    for week in range(WEEKS):
        away = away - 1 if away > 0 else client.away()
        missed = away > 0
        lefts: list[float] = []
        for day, reps in enumerate(BY_DAY if not missed else ()):
            on = START + timedelta(weeks=week, days=3 * day)
            form, poor = client.day()
            held = poor or _after_a_bound(story, on, reps)
            sets = _session(client, choose(story, on, reps, poor), reps, tally, form, held=held)
            story.sessions.append((on, sets, reps))
            if poor:
                story.poor.add(on)
            lefts += [done.left for done in sets]
        if week > 1 and not missed:
            _judge(story, client, tally)
        client.week(not missed, lefts)
    tally.gained = client.max_kg / client.begun_kg - 1
    return tally


def _after_a_bound(story: Story, on: date, reps: int) -> bool:
    """Whether a rule holds the session below the strength: after a poor day of the line, or after time away."""
    before = story.of(reps)
    return (bool(before) and before[-1][0] in story.poor) or (on - story.sessions[-1][0]).days > SHORT_GAP_DAYS


def _session(client: Client, kg: float, reps: int, tally: Tally, form: float, *, held: bool = False) -> list[Done]:
    found = []
    for place in range(SETS):
        capable = client.capable(kg, form, place)
        did = min(reps, int(capable))
        left = int(capable) - did if capable >= reps else -(reps - int(capable))
        hurt = client.hurts()
        if not hurt:
            tally.sets += 1
            tally.failed += did < reps
            tally.within += abs(left - LEAVE) <= 1
            tally.held_sets += held
            tally.held_within += held and abs(left - LEAVE) <= 1
        typed = kg * client.slip()
        found.append(Done(kg, max(1, did // 2) if hurt else did, client.says(max(left, 0)), float(left), hurt, typed))
    return [done for done in found if done.reps > 0]


def _judge(story: Story, client: Client, tally: Tally) -> None:
    """Hold every estimator's figure against the truth."""
    today = [done for done in story.sessions[-1][1] if not done.hurt]
    plain = not any(done.slipped for done in today)
    for name, formula in FORMULAS.items():
        seen = []
        for done in today:
            factor = formula(done.reps + (2 if done.said is None else done.said))
            if factor is not None:
                seen.append(done.typed * factor)
        if seen:
            _note(tally, name, log(max(seen) / client.max_kg), plain=plain)
    on = story.sessions[-1][0]
    attempts = story.attempts()
    steep = {name: curve.steepness for name, curve in rep_curves(attempts, on).items()}
    found = strengths(attempts, on, steep).get(ExerciseId("lift"))
    if found and today:
        _note(tally, "engine", log(found.kg / client.max_kg), plain=plain)


def _note(tally: Tally, name: str, error: float, *, plain: bool) -> None:
    tally.errors.setdefault(name, []).append(error)
    if plain:
        tally.plain_errors.setdefault(name, []).append(error)
