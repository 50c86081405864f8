"""Who falls behind or stands still: one line of evidence a client, worked out once for each state of the log."""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import date, timedelta

from upright_anvil.core.ids import ClientId, ProgramId
from upright_anvil.core.plan.document import Program, Section
from upright_anvil.core.progress.behind import LOOKS_BACK, Notice, Trouble, behind, standing_still
from upright_anvil.services.ids import session_id
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.store import ledger
from upright_anvil.store.database import Scope
from upright_anvil.store.memo import Memo
from upright_anvil.store.programs import Revision, program_row
from upright_anvil.store.tables import ClientRow, SessionRow

MOST_KEPT = 2000

_known: Memo[Notice | None] = Memo(MOST_KEPT)
"""What was found for a client, revision, day and log: Today asks again and again, and little has changed."""


@dataclass(frozen=True, slots=True)
class ClientNotice:
    """A client who wants a look: what, one line of evidence, the exercise it is about, the program (None: none)."""

    client_id: ClientId
    client: str
    trouble: Trouble
    text: str
    exercise: str
    program_id: ProgramId | None


def notice(
    scope: Scope,
    who: ClientRow,
    revision: Revision,
    recent: Sequence[SessionRow],
    today: date,
    log_version: tuple[str, int],
) -> ClientNotice | None:
    """Answer what wants a look with a client, the most pressing; None where nothing does.

    ``recent`` are the client's sessions of the last three weeks, ``log_version`` how far their log is:
    sets and results.
    """
    over = tuple(s.id for s in recent if s.finished_at is not None)
    state = (who.id, revision.program_id, revision.number, today, over, log_version)
    found = _known.get(
        scope.memory, state, lambda: _found(scope, who, revision.program, revision.program_id, recent, today)
    )
    if found is None:
        return None
    return ClientNotice(who.id, who.name, found.trouble, found.text, found.exercise, revision.program_id)


def _found(
    scope: Scope, who: ClientRow, program: Program, program_id: ProgramId, recent: Sequence[SessionRow], today: date
) -> Notice | None:
    held = {s.id: s for s in recent if s.finished_at is not None}
    # What lies before the day the program was made was never missed.
    since = max(today - timedelta(days=LOOKS_BACK), program_row(scope, program_id).made_on)
    planned = [
        session_id(program_id, phase.weeks[index].id, day.id)
        for phase, index, day, on in program.sessions()
        if since <= on < today and not (day.top_up or day.alone) and any(line.cells[index].text for line in day.lines)
    ]
    last = max((s.on_date for s in held.values()), default=None) or _last_ever(scope, who)
    missing = behind(sum(1 for sid in planned if sid in held), len(planned), last, today)
    return missing or (_still(scope, who, program, today) if held else None)


def _last_ever(scope: Scope, who: ClientRow) -> date | None:
    """The day of a client's last finished session, however long ago."""
    done = (s.on_date for s in ledger.sessions_of_client(scope, who.id) if s.finished_at is not None)
    return max(done, default=None)


def _still(scope: Scope, who: ClientRow, program: Program, today: date) -> Notice | None:
    """The main lift of the weeks now that falls or stands still."""
    main = _main_lifts(program, today)
    profile = client_profile(scope, who.id, today)
    known = profile.known.strengths
    return standing_still([(profile.exercise(name).name, strength) for name, strength in known.items() if name in main])


def _main_lifts(program: Program, today: date) -> set[str]:
    now = [phase for phase, _, monday in program.weeks() if monday <= today < monday + timedelta(days=7)]
    phases = now or [program.phases[-1]]
    return {
        exercise
        for day in phases[0].days
        for group in day.groups
        if group.section is Section.MAIN
        for line in group.lines
        for exercise in (line.exercise, line.exercise_b)
        if exercise
    }
