"""The plateau test's power: how often level work is found and rising work flagged, at 2 % noise a session."""

from collections.abc import Sequence
from datetime import date, timedelta
from math import exp
from random import Random

from bench.figures import NO_AIM, Figure
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.progression.judgements.plateau import no_useful_gain
from upright_anvil.core.strength.attempts import Attempt, table
from upright_anvil.core.strength.estimate import house_factor
from upright_anvil.core.strength.over_time import strengths_in

HISTORIES = 400
NOISE = 0.02
START = date(2026, 1, 5)
CURVE = (0.0, 0.0025, 0.005, 0.01)
"""Gains a week for which the share that is flagged is told, as a share of the maximum."""


def flagged(seed: int, gain: float, a_week: int, weeks: int) -> int | None:
    """Answer the week in which a history is first said to stand still; None within so many weeks."""
    chance, sets = Random(seed), []
    for week in range(weeks + 1):
        for session in range(a_week if week < weeks else 1):
            on = START + timedelta(days=7 * week + 2 * session)
            kg = 100 * exp(gain * (week + 2 * session / 7) + chance.gauss(0, NOISE)) / (house_factor(10) or 1)
            sets += [Attempt(ExerciseId("lift"), on, kg, 8, 2, place, "g") for place in range(3)]
            if week >= 2:
                found = strengths_in(table(sets, on), on)[ExerciseId("lift")]
                if no_useful_gain(found):
                    return week
    return None


def _share(gain: float, a_week: int, weeks: int, histories: int = HISTORIES) -> float:
    return 100 * sum(flagged(seed, gain, a_week, weeks) is not None for seed in range(histories)) / histories


def _told(a_week: int, weeks: Sequence[int]) -> str:
    curve = {gain: [_share(gain, a_week, w, HISTORIES // 4) for w in weeks] for gain in CURVE}
    return "; ".join(
        f"{100 * gain:g} % a week: {' / '.join(f'{share:.0f}' for share in shares)} %" for gain, shares in curve.items()
    )


def measure() -> list[Figure]:
    """Run level and rising histories through the estimate and the test."""
    return [
        Figure("level work not found by week 6, three sessions a week", 100 - _share(0, 3, 6), 10, "%",
               f"flagged by week 6 / 12, {_told(3, (6, 12))}"),
        Figure("level work not found by week 8, one session a week", 100 - _share(0, 1, 8), 10, "%",
               f"flagged by week 8 / 16, {_told(1, (8, 16))}"),
        Figure("work rising 1 % a week flagged within 12 weeks, three a week", _share(0.01, 3, 12), 5, "%", ""),
        Figure("work rising 1 % a week flagged within 16 weeks, one a week", _share(0.01, 1, 16), 5, "%", ""),
        Figure("histories", HISTORIES, NO_AIM, "", "2 % noise a session, three sets of eight with two left"),
    ]  # fmt: skip
