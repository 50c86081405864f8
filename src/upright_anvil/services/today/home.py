"""Work at home, as Today tells it: what came back and waits, what wants a word, what did not come back."""

from collections.abc import Collection, Mapping
from dataclasses import dataclass
from datetime import date
from enum import StrEnum

from upright_anvil.core.ids import ClientId, SessionId
from upright_anvil.services.home.kept import sheet_of_row
from upright_anvil.services.today.agenda import Agenda
from upright_anvil.store.client import home as store
from upright_anvil.store.file.database import Scope
from upright_anvil.store.tables import ClientRow, ProgramRow


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
    who: ClientRow, program: ProgramRow, agenda: Agenda, held: Collection[SessionId], today: date, within: int
) -> list[HomeToday]:
    """Answer the days done alone of the last days that nothing came back of."""
    return [
        HomeToday(who.id, who.name, day.name, day.on, HomeNews.NOT_BACK, "")
        for day in agenda.days
        if day.alone
        and day.exercises
        and 0 < (today - day.on).days <= within
        and day.on >= program.made_on
        and day.session_id not in held
    ]
