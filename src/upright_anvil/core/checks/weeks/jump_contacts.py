"""Jumps and throws beyond a careful band of contacts, in a session or a week."""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedWeek
from upright_anvil.core.volume.contacts import contacts_band, contacts_of
from upright_anvil.core.volume.hard_sets import PlannedLine


def _look(week: StudiedWeek, who: Standpoint) -> Iterator[Violation]:
    band = contacts_band(who.training_age)
    total = 0
    for day in week.days:
        many = sum(contacts_of(PlannedLine(a.exercise, a.prescription)) for a in day.asked if a.prescription)
        total += many
        if many > band.a_session:
            yield Violation(
                f"{day.day.name}: {many} jumps and throws, usually up to {band.a_session} a session.", day=day.day.id
            )
    if total > band.a_week:
        yield Violation(f"{total} jumps and throws in a week, usually up to {band.a_week}.")


CHECK = Check(
    id="jump-contacts",
    level="week",
    severity=Severity.QUESTION,
    title="Many jumps",
    why="Landings add up before they are felt; bands are careful and grow with training age.",
    source="House band",
    look=_look,
)
