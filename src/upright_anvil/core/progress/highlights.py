"""The three things worth telling the client: what is beyond chance, with its figures, of three different sorts.

Nothing is made up: where there are fewer than three, there are fewer. Sources: Hopkins 2000 for tests; house rule.
"""

from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from datetime import date, timedelta
from decimal import Decimal
from enum import StrEnum
from typing import Final

from upright_anvil.core.assessment.compare import ChangeVerdict, TestChange, Way
from upright_anvil.core.loads.load import Kilograms, Unit, in_unit, plain
from upright_anvil.core.strength.standing import Point

MOST: Final = 3
KEPT_FROM: Final = Decimal("0.85")
"""The share of planned sessions from which coming is worth a word."""

PLANNED_FROM: Final = 8
"""Planned sessions before anything is said of how many were held."""

FREE_DAYS: Final = 28
"""Days without a joint that used to hurt, trained all the while."""

FREE_SESSIONS: Final = 3
"""Sessions since a joint complained last, before its quiet says anything."""

REPS_MORE: Final = 3
"""Repetitions more at the same load that are worth a word."""


WHOLE_FROM: Final = 30
"""Kilograms from which on an estimated maximum is told in whole figures."""


class TellingKind(StrEnum):
    """What sort of thing, the most telling first."""

    TEST = "test"
    STRENGTH = "strength"
    REPS = "reps at a load"
    PAIN = "pain"
    COMING = "coming"


@dataclass(frozen=True, slots=True)
class Telling:
    """One thing to tell: its sort, how big it is of its sort, one sentence with its numbers, and what it is about."""

    kind: TellingKind
    size: float
    text: str
    about: str = ""


def of_test(name: str, unit: str, change: TestChange, since: date) -> Telling | None:
    """Answer what a re-test says: better, clearly more than the typical error or on a harder variant; else None."""
    sure = change.verdict in (ChangeVerdict.CLEAR, ChangeVerdict.OTHER_VARIANT)
    if change.way is not Way.BETTER or not sure:
        return None
    if change.verdict is ChangeVerdict.OTHER_VARIANT:
        return Telling(TellingKind.TEST, 1.0, f"{name}: {change.words}", name)
    share = abs(float(change.share)) if change.share is not None else 1.0
    figures = f"{plain(change.later)} {unit}, {plain(change.earlier)} {unit} on {since:%d %B %Y}"
    return Telling(TellingKind.TEST, share, f"{name}: {figures}. More than chance.", name)


def of_strength(name: str, path: Sequence[Point], unit: Unit) -> Telling | None:
    """Answer what the estimate over time says: up from its third session so far that the intervals part; else None."""
    if len(path) <= 4:  # noqa: PLR2004 - two to start from and two to arrive at
        return None
    then, now = path[2], path[-1]
    if now.low <= then.high:
        return None
    gain = now.kg / then.kg - 1
    places = 0 if then.kg >= WHOLE_FROM else 1
    was, is_now = (plain(round(in_unit(Kilograms(Decimal(repr(kg))), unit), places)) for kg in (then.kg, now.kg))
    text = f"{name}: estimated max {is_now} {unit}, {was} {unit} in {then.on:%B}: {gain * 100:.0f} % more."
    return Telling(TellingKind.STRENGTH, gain, text, name)


@dataclass(frozen=True, slots=True)
class AtLoad:
    """Repetitions done at one load: the load in words, the day and repetitions of the first time and of the best."""

    exercise: str
    load: str
    first_on: date
    first: int
    best: int


def of_reps(found: AtLoad) -> Telling | None:
    """Answer what repetitions at one load say: three more than the first time; else None."""
    if found.best < found.first + REPS_MORE:
        return None
    text = f"{found.exercise}: {found.best} reps with {found.load}, {found.first} in {found.first_on:%B}."
    return Telling(TellingKind.REPS, (found.best - found.first) / max(found.first, 1), text, found.exercise)


def of_pain(joint: str, last: date, trained_since: int, today: date) -> Telling | None:
    """Answer what a joint that hurt says: four weeks of training without; else None."""
    if today - last < timedelta(days=FREE_DAYS) or trained_since < FREE_SESSIONS:
        return None
    text = f"The {joint} has not complained since {last:%d %B}, through {trained_since} sessions."
    return Telling(TellingKind.PAIN, (today - last).days / FREE_DAYS, text)


def of_coming(held: int, planned: int, weeks: int) -> Telling | None:
    """Answer what the sessions held say: most of those planned; else None."""
    if planned < PLANNED_FROM or held < planned * KEPT_FROM:
        return None
    return Telling(
        TellingKind.COMING, held / planned, f"Came to {min(held, planned)} of {planned} sessions in {weeks} weeks."
    )


def worth_telling(found: Iterable[Telling | None]) -> tuple[Telling, ...]:
    """Answer the three most telling, each about something else: the best of each sort first. House rule."""
    order = list(TellingKind)
    rest = sorted((t for t in found if t is not None), key=lambda t: (order.index(t.kind), -t.size))
    told: list[Telling] = []
    for first_of_its_sort in (True, False):
        for one in rest:
            sorts, about = {t.kind for t in told}, {t.about for t in told if t.about}
            if one not in told and one.about not in about and (one.kind not in sorts or not first_of_its_sort):
                told.append(one)
    return tuple(told[:MOST])
