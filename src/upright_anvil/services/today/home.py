"""Work at home, as Today tells it: what came back and waits, what wants a word, what did not come back."""

from collections.abc import Collection, Mapping
from dataclasses import dataclass
from datetime import date
from enum import StrEnum

from upright_anvil.core.ids import ClientId, SessionId
from upright_anvil.services.home.making import sheet_of_row
from upright_anvil.services.ids import session_id
from upright_anvil.store import home as store
from upright_anvil.store import programs
from upright_anvil.store.database import Scope
from upright_anvil.store.programs import Revision
from upright_anvil.store.tables import ClientRow


class HomeNews(StrEnum):
    """What there is to do about it."""

    LOOK = "to look at"
    WORD = "wants a word"
    NOT_BACK = "not back"


@dataclass(frozen=True, slots=True)
class HomeToday:
    """A day done alone that came back, or did not; ``note`` is the client's word or what hurt."""

    client_id: ClientId
    client: str
    day: str
    on: date
    news: HomeNews
    note: str


def came_back(scope: Scope, names: Mapping[ClientId, str]) -> tuple[HomeToday, ...]:
    """Answer results that wait or want a word, of the clients named, oldest first."""
    found = []
    for row in store.unread_results(scope):
        if row.client_id not in names:
            continue
        sheet = sheet_of_row(store.home_sheet(scope, row.sheet_id))
        day = next((d.name for d in sheet.days if (d.week_id, d.day_id) == (row.week_id, row.day_id)), "")
        news = HomeNews.LOOK if row.session_id is None else HomeNews.WORD
        note = " · ".join(said for said in ("Something hurt" if row.hurt else "", row.note) if said)
        found.append(HomeToday(row.client_id, names[row.client_id], day, row.received_at.date(), news, note))
    return tuple(found)


def days_not_back(
    scope: Scope, who: ClientRow, revision: Revision, held: Collection[SessionId], today: date, within: int
) -> list[HomeToday]:
    """Answer the days done alone of the last days that nothing came back of."""
    program = revision.program
    if not any(day.alone for phase in program.phases for day in phase.days):
        return []
    made = programs.program_row(scope, revision.program_id).made_on
    found = []
    for phase, index, planned, on in program.sessions():
        day = program.as_held(phase, phase.weeks[index].id, planned)
        late = 0 < (today - on).days <= within and on >= made
        if not day.alone or not late or not any(line.cells[index].text for line in day.lines):
            continue
        if session_id(revision.program_id, phase.weeks[index].id, day.id) not in held:
            found.append(HomeToday(who.id, who.name, day.name, on, HomeNews.NOT_BACK, ""))
    return found
