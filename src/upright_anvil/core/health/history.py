"""A client's history of joints and conditions: dated entries, of which the newest says how things stand."""

from collections.abc import Iterable
from dataclasses import dataclass
from datetime import date, timedelta
from enum import StrEnum

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.errors import DomainError

MAX_WORDS = 300
PREGNANCY_WEEKS = 40
MOST_PREGNANCY_WEEKS = 44
AFTER_BIRTH_MONTHS = 12
"""Months after a birth during which the app keeps reminding. House rule."""


class Condition(StrEnum):
    """What is not a joint."""

    HEART = "heart or vessels"
    BLOOD_PRESSURE = "blood pressure"
    METABOLISM = "diabetes or metabolism"
    KIDNEYS = "kidneys"
    LUNGS = "lungs"
    SURGERY = "surgery"
    MEDICATION = "medication"
    PREGNANCY = "pregnancy"
    AFTER_BIRTH = "after birth"
    EATING = "eating"
    OTHER = "other"


class State(StrEnum):
    """How a topic stands after an entry, strictest first."""

    HURTS = "hurts now"
    SPARE = "spare it"
    WATCH = "watch it"
    OVER = "over"

    @property
    def rank(self) -> int:
        """Answer 3 for the strictest to 0 for over."""
        return len(State) - 1 - list(State).index(self)


@dataclass(frozen=True, slots=True)
class Entry:
    """One dated entry. ``words`` are the trainer's; ``due_on`` is the expected date of a birth.

    ``clinician`` says that a clinician knows of it. Entries stand in the order they were written.
    """

    id: str
    on: date
    topic: Joint | Condition
    state: State
    side: Side | None = None
    words: str = ""
    clinician: bool = False
    due_on: date | None = None


@dataclass(frozen=True, slots=True)
class JointStatus:
    """How one topic and side stands today, by the entry that says so."""

    topic: Joint | Condition
    side: Side | None
    state: State
    entry: Entry

    @property
    def name(self) -> str:
        """The topic as one says it: ``left knee``, ``both shoulders``, ``blood pressure``."""
        if self.side is None:
            return str(self.topic)
        return f"both {self.topic}s" if self.side is Side.BOTH else f"{self.side} {self.topic}"


def check_entry(entry: Entry, today: date) -> None:
    """Raise `DomainError` for an entry that cannot be: in the future, a side that is none, a birth too far off."""
    if entry.on > today:
        raise DomainError(f"{entry.on:%d %B %Y} has not come yet; write what holds today.")
    if entry.on < today - timedelta(days=366 * 100):
        raise DomainError(f"{entry.on:%d %B %Y} is more than a hundred years ago; check the year.")
    paired = isinstance(entry.topic, Joint) and entry.topic.paired
    if entry.side is not None and not paired:
        raise DomainError(f"There is no left or right for {entry.topic}; leave the side out.")
    if paired and entry.side is None:
        raise DomainError(f"Say which {entry.topic}: left, right or both.")
    if len(entry.words) > MAX_WORDS:
        raise DomainError(f"Keep an entry to {MAX_WORDS} characters.")
    if entry.due_on is not None:
        if entry.topic is not Condition.PREGNANCY:
            raise DomainError("Only a pregnancy has a due date.")
        weeks = (entry.due_on - entry.on).days / 7
        if not 0 <= weeks <= PREGNANCY_WEEKS:
            raise DomainError("The due date lies at most 40 weeks after the entry, and not before it.")


def current(entries: Iterable[Entry], today: date) -> tuple[JointStatus, ...]:
    """Answer how every topic and side stands: the newest entry up to today, the later written of two on one day.

    What is over is left out; an entry for both sides ends what was said of one side before it, and a birth ends the
    pregnancy. Strictest first, then by name. House rule.
    """
    newest: dict[tuple[Joint | Condition, Side | None], Entry] = {}
    for entry in sorted((e for e in entries if e.on <= today), key=lambda e: e.on):
        if entry.side is Side.BOTH:
            newest.pop((entry.topic, Side.LEFT), None)
            newest.pop((entry.topic, Side.RIGHT), None)
        if entry.topic is Condition.AFTER_BIRTH:
            newest.pop((Condition.PREGNANCY, None), None)
        newest[entry.topic, entry.side] = entry
    standing = [
        JointStatus(topic, side, entry.state, entry)
        for (topic, side), entry in newest.items()
        if entry.state is not State.OVER and not _long_past(entry, today)
    ]
    return tuple(sorted(standing, key=lambda s: (-s.state.rank, s.name)))


def overlaps(standing: Iterable[JointStatus]) -> tuple[str, ...]:
    """Say which current entries speak of the same joint with different words: the stricter one holds. House rule."""
    found = []
    kept = list(standing)
    for both in kept:
        for one in kept:
            if both.side is Side.BOTH and one.topic is both.topic and one.side in (Side.LEFT, Side.RIGHT):
                strict = max((both, one), key=lambda s: s.state.rank)
                found.append(
                    f"{both.name.capitalize()} and {one.name} are both written down; the stricter holds "
                    f"({strict.name}: {strict.state})."
                )
    topics = {s.topic for s in kept}
    if {Condition.PREGNANCY, Condition.AFTER_BIRTH} <= topics:
        found.append("A pregnancy and the months after a birth are both written down; end the one that is past.")
    return tuple(found)


def weeks_pregnant(entry: Entry, today: date) -> int | None:
    """Answer the week of a pregnancy from its due date (40 weeks in all); None without one."""
    return None if entry.due_on is None else PREGNANCY_WEEKS - (entry.due_on - today).days // 7


def months_since(entry: Entry, today: date) -> int:
    """Answer the whole months since an entry's date."""
    return (today.year - entry.on.year) * 12 + today.month - entry.on.month - (today.day < entry.on.day)


def _long_past(entry: Entry, today: date) -> bool:
    return entry.topic is Condition.AFTER_BIRTH and months_since(entry, today) >= AFTER_BIRTH_MONTHS
