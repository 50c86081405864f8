"""Sessions as iCalendar (RFC 5545): a day each, under an id that stays, so that a change updates the same event."""

from collections.abc import Iterable
from dataclasses import dataclass
from datetime import UTC, date, datetime, timedelta


@dataclass(frozen=True, slots=True)
class CalendarEntry:
    """A session on its day; ``sequence`` goes up with each change of its program; ``cancelled`` says it is not held."""

    uid: str
    on: date
    title: str
    description: str
    place: str
    sequence: int
    changed: datetime
    cancelled: bool = False


def calendar_ics(name: str, entries: Iterable[CalendarEntry]) -> bytes:
    """Answer entries as an iCalendar file; a session takes the whole day, since no hour is planned."""
    from icalendar import Calendar, Event

    calendar = Calendar()
    calendar.add("prodid", "-//Upright Anvil//Calendar//EN")
    calendar.add("version", "2.0")
    calendar.add("method", "PUBLISH")
    calendar.add("x-wr-calname", name)
    for entry in entries:
        event = Event()
        event.add("uid", f"{entry.uid}@upright-anvil")
        event.add("dtstamp", entry.changed.astimezone(UTC))
        event.add("last-modified", entry.changed.astimezone(UTC))
        event.add("sequence", entry.sequence)
        event.add("dtstart", entry.on)
        event.add("dtend", entry.on + timedelta(days=1))
        event.add("transp", "TRANSPARENT")
        event.add("summary", entry.title)
        event.add("status", "CANCELLED" if entry.cancelled else "CONFIRMED")
        if entry.description:
            event.add("description", entry.description)
        if entry.place:
            event.add("location", entry.place)
        calendar.add_component(event)
    return bytes(calendar.to_ical())
