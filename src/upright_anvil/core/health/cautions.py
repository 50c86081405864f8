"""What a client's history means for an exercise, and for training as a whole: calm sentences, strictest first."""

from collections.abc import Iterable
from dataclasses import dataclass
from datetime import date
from enum import StrEnum

from upright_anvil.core.body.joints import Joint, Stress
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.health.history import (
    MOST_PREGNANCY_WEEKS,
    Condition,
    JointStatus,
    State,
    months_since,
    weeks_pregnant,
)


class CautionGrade(StrEnum):
    """How serious a caution is."""

    STOP = "stop"
    CAUTION = "caution"
    NOTE = "note"


@dataclass(frozen=True, slots=True)
class Caution:
    """One caution: how serious, what it is about, and the sentence."""

    grade: CautionGrade
    about: str
    text: str


def joint_cautions(exercise: Exercise, standing: Iterable[JointStatus]) -> tuple[Caution, ...]:
    """Answer what the joints' state means for an exercise. House rule.

    A joint that hurts: more than a light demand stops, a light one is a caution. A joint to spare: a moderate demand
    is a caution, much of it stops. A joint to watch: much is a note. One caution a joint, by its strictest side.
    """
    found: dict[Joint, Caution] = {}
    for at in standing:
        if not isinstance(at.topic, Joint) or at.topic in found:
            continue
        load = next((load for load in exercise.joints if load.joint is at.topic), None)
        grade = _GRADES.get((at.state, load.stress)) if load else None
        if load and grade:
            found[at.topic] = Caution(grade, at.name, _sentence(at, load.stress, load.how, grade))
    return tuple(sorted(found.values(), key=lambda c: list(CautionGrade).index(c.grade)))


_GRADES = {
    (State.HURTS, Stress.LIGHT): CautionGrade.CAUTION,
    (State.HURTS, Stress.MODERATE): CautionGrade.STOP,
    (State.HURTS, Stress.MUCH): CautionGrade.STOP,
    (State.SPARE, Stress.MODERATE): CautionGrade.CAUTION,
    (State.SPARE, Stress.MUCH): CautionGrade.STOP,
    (State.WATCH, Stress.MUCH): CautionGrade.NOTE,
}
_ADVICE = {
    CautionGrade.STOP: "Take something that leaves it alone.",
    CautionGrade.CAUTION: "Ask before each set, and stop if it complains.",
    CautionGrade.NOTE: "Keep an eye on it.",
}
_AMOUNT = {Stress.LIGHT: "a little", Stress.MODERATE: "something", Stress.MUCH: "a lot"}


def _sentence(at: JointStatus, stress: Stress, how: str, grade: CautionGrade) -> str:
    words = f" ({at.entry.words})" if at.entry.words else ""
    return f"{at.name.capitalize()}, {at.state}{words}: this asks {_AMOUNT[stress]} of it ({how}). {_ADVICE[grade]}"


def general_cautions(standing: Iterable[JointStatus], today: date) -> tuple[Caution, ...]:
    """Answer what conditions mean for training as a whole; the app gives no medical advice and points to clinicians.

    House rule.
    """
    return tuple(_condition(at, today) for at in standing if isinstance(at.topic, Condition))


def _condition(at: JointStatus, today: date) -> Caution:
    grade = CautionGrade.CAUTION if at.entry.clinician else CautionGrade.STOP
    asked = (
        "A clinician knows of it: keep to what was allowed."
        if at.entry.clinician
        else "Ask the client to speak to a clinician before training goes on, and write down what was said."
    )
    words = f" ({at.entry.words})" if at.entry.words else ""
    if at.topic is Condition.PREGNANCY:
        week = weeks_pregnant(at.entry, today)
        if week is not None and week > MOST_PREGNANCY_WEEKS:
            return Caution(
                CautionGrade.STOP, at.name, "The due date is weeks past: write down the birth, or end the entry."
            )
        when = "" if week is None else f", about week {max(week, 1)}"
        return Caution(grade, at.name, f"Pregnancy{when}{words}. {asked} Ask how she feels before each session.")
    if at.topic is Condition.AFTER_BIRTH:
        months = months_since(at.entry, today)
        when = "less than a month ago" if months < 1 else f"{months} month{'s' if months > 1 else ''} ago"
        return Caution(grade, at.name, f"Gave birth {when}{words}. {asked} Build up slowly.")
    return Caution(grade, at.name, f"{at.name.capitalize()}{words}, {at.state}. {asked}")
