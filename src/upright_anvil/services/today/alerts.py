"""Who falls behind or stands still: one line of evidence a client.

Whether somebody falls behind is counted each time. What stands still rests on the whole log: it is worked out once for
each state of it and kept with the client, so that the morning's first look at two hundred clients reads and does not
reckon.
"""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from datetime import date, timedelta

from upright_anvil.core.ids import ClientId, ProgramId
from upright_anvil.core.progress.behind import LOOKS_BACK, Notice, Trouble, behind
from upright_anvil.services.today.agenda import Agenda, agenda_of
from upright_anvil.store import programs
from upright_anvil.store.client.clients import all_clients
from upright_anvil.store.client.testing import newest_results
from upright_anvil.store.file.database import Scope
from upright_anvil.store.file.memo import Memo
from upright_anvil.store.log import alerts as store
from upright_anvil.store.log import ledger, training_sessions
from upright_anvil.store.tables import ClientRow, ProgramRow, SessionRow

MOST_KEPT = 2000

SETS_AT_ONCE = 4000
"""Sets that are gone through while somebody waits for Today; of clients beyond them the last known is shown."""

_known: Memo[Notice | None] = Memo(MOST_KEPT)
"""What stands still of a client, by the state of the log: until it is kept with the client."""


@dataclass(frozen=True, slots=True)
class ClientNotice:
    """A client who wants a look: what, one line of evidence, the exercise it is about, the program (None: none)."""

    client_id: ClientId
    client: str
    trouble: Trouble
    text: str
    exercise: str
    program_id: ProgramId | None


class _LaterError(Exception):
    """It would take too long to work that out now."""


class Alerts:
    """What wants a look, for all clients of a day."""

    def __init__(self, scope: Scope, today: date) -> None:
        self._scope, self._today, self._left = scope, today, SETS_AT_ONCE
        self._sets, self._results = ledger.newest_rows(scope), newest_results(scope)
        self._stored = store.kept_alerts(scope)

    def of(
        self, who: ClientRow, program: ProgramRow, agenda: Agenda, recent: Sequence[SessionRow]
    ) -> ClientNotice | None:
        """Answer what wants a look with a client, the most pressing; None where nothing does.

        ``recent`` are the client's sessions of the last three weeks.
        """
        held = {s.id: s for s in recent if s.finished_at is not None}
        # What lies before the day the program was made was never missed.
        since = max(self._today - timedelta(days=LOOKS_BACK), program.made_on)
        planned = [
            day.session_id
            for day in agenda.days
            if since <= day.on < self._today and not (day.top_up or day.alone) and day.exercises
        ]
        done, missing = sum(1 for sid in planned if sid in held), None
        if done < len(planned):
            last = max((s.on_date for s in held.values()), default=None) or training_sessions.last_finished(
                self._scope, who.id
            )
            missing = behind(done, len(planned), last, self._today)
        found = missing or (self._still(who, program, agenda) if held else None)
        return None if found is None else _named(who, program, found)

    def state(self, client_id: ClientId, program: ProgramRow, agenda: Agenda) -> str:
        """Answer what a client's standing still goes by: the plan's phase now, and how far the log is."""
        phase = next((p for monday, p in agenda.weeks if monday <= self._today < monday + timedelta(days=7)), -1)
        log = (self._sets.get(client_id, ""), self._results.get(client_id, 0))
        return f"{program.id} {program.revision} {phase} {log[0]} {log[1]}"

    def is_kept(self, client_id: ClientId, state: str) -> bool:
        """Answer whether what is kept with a client is of this state."""
        kept = self._stored.get(client_id)
        return kept is not None and kept.state == state

    def _still(self, who: ClientRow, program: ProgramRow, agenda: Agenda) -> Notice | None:
        state, kept = self.state(who.id, program, agenda), self._stored.get(who.id)
        if kept is not None and kept.state == state:
            return kept.notice

        def worked_out() -> Notice | None:
            sets = ledger.count_sets(self._scope, who.id)
            if sets > self._left:
                raise _LaterError
            self._left -= sets
            from upright_anvil.services.today.standing_still import what_stands_still

            return what_stands_still(self._scope, who.id, program, self._today)

        try:
            return _known.get(self._scope.memory, (who.id, state), worked_out)
        except _LaterError:
            return kept.notice if kept is not None else None


def _named(who: ClientRow, program: ProgramRow, found: Notice) -> ClientNotice:
    return ClientNotice(who.id, who.name, found.trouble, found.text, found.exercise, program.id)


def not_kept_yet(scope: Scope, today: date) -> Mapping[ClientId, str]:
    """Answer the clients whose log went on since what stands still was worked out, and the state it is in now."""
    alerts, running = Alerts(scope, today), programs.running_programs(scope, today)
    recent = {s.client_id for s in training_sessions.sessions_since(scope, today - timedelta(days=LOOKS_BACK))}
    found = {}
    for who in all_clients(scope):
        program = running.get(who.id)
        if program is None or who.former or who.id not in recent:
            continue
        state = alerts.state(who.id, program, agenda_of(scope, program))
        if not alerts.is_kept(who.id, state):
            found[who.id] = state
    return found
