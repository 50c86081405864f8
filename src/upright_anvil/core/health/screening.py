"""The health screen before training, by the logic of the published pre-participation algorithm.

Riebe et al., Updating ACSM's recommendations for exercise preparticipation health screening, MSSE 2015;47:2473. The
wording is ours. The app defers to clinicians, to local rules and to the trainer's own licence.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import UTC, date, datetime, timedelta
from enum import StrEnum

from upright_anvil.core.constants import BEGINS_CALMLY_DAYS, SCREEN_REPEAT_DAYS
from upright_anvil.core.errors import DomainError


class Intensity(StrEnum):
    """How hard it is meant to be."""

    LIGHT_TO_MODERATE = "light to moderate"
    VIGOROUS = "vigorous"


class Disease(StrEnum):
    """Known diseases the screen asks for."""

    CARDIOVASCULAR = "heart or blood vessels"
    METABOLIC = "diabetes"
    RENAL = "kidneys"


class Sign(StrEnum):
    """Signs and symptoms the screen asks for."""

    CHEST = "discomfort in chest, neck, jaw or arms, at rest or with effort"
    BREATHLESS = "breathless at rest or with little effort"
    DIZZY = "dizzy or fainting"
    LYING = "breathless lying down or waking breathless at night"
    ANKLES = "swollen ankles"
    HEARTBEAT = "racing or uneven heartbeat"
    CALVES = "calf pain when walking that stops with rest"
    MURMUR = "a heart murmur somebody heard"
    TIRED = "unusual tiredness or breathlessness with everyday things"


class ScreenOutcome(StrEnum):
    """What the screen comes to."""

    CLEAR = "clear"
    CLEARANCE_BEFORE_VIGOROUS = "light to moderate now, clearance before vigorous"
    CLEARANCE_FIRST = "clearance first"


@dataclass(frozen=True, slots=True)
class Answers:
    """What the client answered.

    ``active`` is planned activity of at least moderate intensity, 30 minutes on three or more days a week, for the last
    three months or longer.
    """

    active: bool
    diseases: frozenset[Disease] = frozenset()
    signs: frozenset[Sign] = frozenset()
    intends: Intensity = Intensity.LIGHT_TO_MODERATE


@dataclass(frozen=True, slots=True)
class ScreeningResult:
    """The outcome with its reason."""

    outcome: ScreenOutcome
    reason: str


@dataclass(frozen=True, slots=True)
class Screen:
    """Answers given on a day; ``at`` is when they were written, where that is known."""

    on: date
    answers: Answers
    at: datetime | None = None


@dataclass(frozen=True, slots=True)
class Clearance:
    """What a clinician allowed, on a day; ``at`` is when it was written down, where that is known."""

    on: date
    by: str
    up_to: Intensity
    limits: str = ""
    at: datetime | None = None


@dataclass(frozen=True, slots=True)
class HealthStanding:
    """Where a client stands today.

    ``allowed`` is the hardest intensity open to the client now, None where clearance comes first; ``reminder`` is what
    the floor says until it is settled; ``repeat_on`` when the screen is due again; ``awaited`` whether a clearance is
    still to be recorded.
    """

    outcome: ScreenOutcome | None
    allowed: Intensity | None
    reason: str
    repeat_on: date | None
    reminder: str | None
    due: bool
    awaited: bool = False


def screen(answers: Answers) -> ScreeningResult:
    """Answer the outcome of a screen. Source: Riebe et al., MSSE 2015;47:2473 (the published algorithm).

    Signs or symptoms: clearance first, active or not. A known disease without signs: clearance first for the inactive,
    before vigorous work for the active. Neither: clear; the inactive begin light to moderate.
    """
    if answers.signs:
        said = "; ".join(sorted(answers.signs))
        first = "Stop training and see a clinician first" if answers.active else "See a clinician before starting"
        return ScreeningResult(ScreenOutcome.CLEARANCE_FIRST, f"{first}: {said}.")
    if answers.diseases:
        known = ", ".join(sorted(answers.diseases))
        if answers.active:
            return ScreeningResult(
                ScreenOutcome.CLEARANCE_BEFORE_VIGOROUS,
                f"Known disease ({known}), active and without signs: carry on light to moderate; a clinician's "
                "clearance from the last twelve months comes before vigorous work.",
            )
        return ScreeningResult(
            ScreenOutcome.CLEARANCE_FIRST,
            f"Known disease ({known}) and not active so far: a clinician's clearance comes before starting.",
        )
    if answers.active:
        return ScreeningResult(
            ScreenOutcome.CLEAR, "Active, no known disease, no signs: carry on, and build up step by step."
        )
    start = "Not active so far, no known disease, no signs: begin light to moderate"
    if answers.intends is Intensity.VIGOROUS:
        return ScreeningResult(ScreenOutcome.CLEAR, f"{start} and build up to vigorous over the weeks.")
    return ScreeningResult(ScreenOutcome.CLEAR, f"{start} and build up step by step.")


def check_day(on: date, today: date) -> None:
    """Raise `DomainError` for a day that has not come."""
    if on > today:
        raise DomainError(f"{on:%d %B %Y} has not come yet.")


NEVER = datetime.min.replace(tzinfo=UTC)


def newest_screen(screens: Sequence[Screen], today: date) -> Screen | None:
    """Answer the screen that holds: the newest up to today by the time it was written.

    On one day any answer with a sign outranks one without. None where there is none. House rule.
    """
    asked = [s for s in screens if s.on <= today]
    if not asked:
        return None
    latest = max(s.on for s in asked)
    of_the_day = [s for s in asked if s.on == latest]
    return max(of_the_day, key=lambda s: (bool(s.answers.signs), s.at or NEVER))


def _counts(clearance: Clearance, screen: Screen, today: date) -> bool:
    """Whether a clearance counts for a screen: not a year old, and given after the signs it is asked for."""
    if not today - timedelta(days=SCREEN_REPEAT_DAYS) < clearance.on <= today:
        return False
    if not screen.answers.signs:
        return clearance.on >= screen.on - timedelta(days=SCREEN_REPEAT_DAYS)
    if clearance.on == screen.on and clearance.at is not None and screen.at is not None:
        return clearance.at > screen.at
    return clearance.on >= screen.on


def health_standing(screens: Sequence[Screen], clearances: Sequence[Clearance], today: date) -> HealthStanding:
    """Answer where a client stands: the screen that holds, and the clearances that count for it.

    A clearance counts for 365 days. One asked for because of signs must be newer than the screen that found them; one
    for a known disease may be up to a year older (Riebe et al., MSSE 2015;47:2473). Never screened is not cleared:
    light to moderate at most. A clear client who was not active begins so for four weeks. House rules.
    """
    latest = newest_screen(screens, today)
    if latest is None:
        return HealthStanding(
            None,
            Intensity.LIGHT_TO_MODERATE,
            "No health screen yet: light to moderate at most.",
            None,
            "No health screen yet: ask before loading.",
            True,
        )
    result = screen(latest.answers)
    repeat_on = latest.on + timedelta(days=SCREEN_REPEAT_DAYS)
    due = repeat_on <= today
    again = f"The health screen is from {latest.on:%d %b %Y}: ask again." if due else None
    if result.outcome is ScreenOutcome.CLEAR:
        calmly = not latest.answers.active and today < latest.on + timedelta(days=BEGINS_CALMLY_DAYS)
        allowed = Intensity.LIGHT_TO_MODERATE if calmly else Intensity.VIGOROUS
        return HealthStanding(result.outcome, allowed, result.reason, repeat_on, again, due)
    counting = [c for c in clearances if _counts(c, latest, today)]
    if counting:
        newest = max(counting, key=lambda c: (c.on, c.at or NEVER))
        limits = f" Limits: {newest.limits}." if newest.limits else ""
        reason = f"{result.reason} Cleared by {newest.by} on {newest.on:%d %b %Y}, up to {newest.up_to}.{limits}"
        reminder = again or (limits.strip() or None)
        if newest.up_to is Intensity.LIGHT_TO_MODERATE:
            reminder = f"Cleared for light to moderate work only.{limits}"
        return HealthStanding(result.outcome, newest.up_to, reason, repeat_on, reminder, due)
    if result.outcome is ScreenOutcome.CLEARANCE_BEFORE_VIGOROUS:
        reminder = "Light to moderate only: clearance before vigorous work is not recorded yet."
        return HealthStanding(
            result.outcome, Intensity.LIGHT_TO_MODERATE, result.reason, repeat_on, reminder, due, awaited=True
        )
    reminder = "Clearance by a clinician comes first and is not recorded yet."
    return HealthStanding(result.outcome, None, result.reason, repeat_on, reminder, due, awaited=True)
