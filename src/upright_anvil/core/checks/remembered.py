"""What the checks said before: most of a plan stays as it was from one keystroke to the next.

A line, a session and a week are remembered by all that their checks may look at. A new field that a check of these
levels looks at belongs into the key here; a test compares what is remembered with what is found afresh.
"""

from collections.abc import Callable, Iterable

from upright_anvil.core.checks.model import Check, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine, StudiedWeek
from upright_anvil.core.same import Same

Hits = tuple[tuple[Check, Violation], ...]
Key = tuple[object, ...]

MOST = 20_000
_known: dict[Key, Hits] = {}
_bases: dict[Key, Key] = {}


def forget() -> None:
    """Forget everything; only a bench or a test has a reason to."""
    _known.clear()
    _bases.clear()


def remembered(key: Key, look: Callable[[], Iterable[tuple[Check, Violation]]]) -> Hits:
    """Answer what was said of a key before, else look now."""
    found = _known.get(key)
    if found is None:
        if len(_known) >= MOST:
            _known.clear()
        found = _known[key] = tuple(look())
    return found


def basis(who: Standpoint) -> Same[Key]:
    """Answer the client as the checks see her, the very same object for the same client."""
    here = who.profile
    key = (
        here.unit,
        here.pace,
        here.body_kg,
        here.standing,
        who.goal,
        who.second_goal,
        who.training_age,
        who.minutes,
        who.days_a_week,
        who.clearance,
    )
    if len(_bases) >= MOST:
        _bases.clear()
    return Same(_bases.setdefault(key, key))


def line_key(asked: StudiedLine, day: StudiedDay, who: Same[Key]) -> Key:
    """Answer all that a line check may look at."""
    exercise = asked.exercise
    return (
        who,
        asked.text,
        Same(exercise),
        Same(asked.profile.inventory),
        asked.profile.max_kg.get(exercise.id),
        asked.profile.last_loads.get(exercise.id),
        asked.group.section,
        asked.group.kind,
        asked.week.kind,
        asked.line.reason,
    )


def day_key(day: StudiedDay, lines: Iterable[Key], shape: Key, who: Same[Key]) -> Key:
    """Answer all that a check of a session may look at; ``shape`` is the day's own, the same in every week."""
    return (who, shape, Same(day.profile.inventory), day.week.kind, *lines)


def day_shape(day: StudiedDay) -> Key:
    """Answer a day without its texts: what it is called, when, how long, its groups and which lines stand in them."""
    own = day.day
    groups = (
        (g.id, g.section, g.kind, g.pairing, g.rest_inside, g.rest_after, tuple(line.id for line in g.lines))
        for g in own.groups
    )
    return ("day", own.id, own.name, own.weekday, own.minutes, own.top_up, own.alone, *groups)


def week_key(week: StudiedWeek, days: Iterable[Key], who: Same[Key]) -> Key:
    """Answer all that a check of a week may look at."""
    return (who, "week", week.week.kind, *days)
