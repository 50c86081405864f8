"""Opening a session after it was run: what was done against the plan, and a proposal for each line."""

from collections.abc import Mapping
from dataclasses import dataclass, replace
from datetime import date

from upright_anvil.core.errors import DomainError
from upright_anvil.core.goals import NEW, TrainingAge
from upright_anvil.core.ids import LineId, SessionId
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Group, Line, Program
from upright_anvil.core.plan.next_cell import next_cell
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.progression.easier_week import EasierKind
from upright_anvil.core.progression.model import Proposal
from upright_anvil.core.progression.schools import School
from upright_anvil.services.board.minutes import a_round_fits
from upright_anvil.services.floor.session import FoundSession, find_started
from upright_anvil.services.log.done import all_rows, done_by_line, lately_done, rows_of
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.review.easier_weeks import EasierNext, easier_next
from upright_anvil.services.review.later_weeks import profile_of_cell
from upright_anvil.services.review.proposals import (
    Judged,
    JudgedLine,
    RowsBySession,
    away_before,
    changed_for_the_day,
    exposures_of,
    poor_day,
    proposed,
    proposed_for_circuit,
    rests_of,
)
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import ledger, training_sessions
from upright_anvil.store.programs import Revision
from upright_anvil.store.tables import DecisionRow, SessionRow


@dataclass(frozen=True, slots=True)
class ProposedLine:
    """A line as it was judged, in its group: the proposal, or in words why there is none."""

    judged: JudgedLine
    group: Group
    proposal: Proposal | None
    why_none: str


@dataclass(frozen=True, slots=True)
class OpenReview:
    """A session that was judged once: what its view is drawn from, and what decisions go by.

    ``revision`` is the program as it holds, ``taken`` the decisions so far, by line.
    """

    found: FoundSession
    row: SessionRow
    client: str
    minutes_limit: int
    profile: ClientProfile
    revision: Revision
    lines: tuple[ProposedLine, ...]
    taken: Mapping[LineId, DecisionRow]
    notes: tuple[str, ...]
    easier: EasierNext | None

    @property
    def program(self) -> Program:
        """The program as it holds."""
        return self.revision.program

    @property
    def unit(self) -> Unit:
        """The client's unit."""
        return self.profile.unit


def open_review(scope: Scope, sid: SessionId, today: date) -> OpenReview:
    """Judge a started session, as things stand on a day. Raises `DomainError`, `NotFoundError`."""
    found = find_started(scope, sid)
    row = _started(found)
    who = client(scope, row.client_id)
    week = found.phase.weeks[found.week]
    trained = {line.id: line.exercise_in(week) for line in found.day.lines}
    dates = training_sessions.session_dates(scope, who.id)
    done = lately_done(scope, who.id, trained, dates, dates[sid])
    profile = client_profile(scope, who.id, today, dates=dates, until=dates[sid])
    now = found.now(scope)
    easier = easier_next(scope, found, now.program, profile, dates[sid])
    every = all_rows(done_by_line(ledger.sets_of_sessions(scope, [sid])))
    rows_today = [row for row in every if row.exercise in trained.values()]
    day = Judged(
        School(who.school),
        poor_day=poor_day(scope, found),
        today=today,
        rests=rests_of(found, done, profile),
        changed=changed_for_the_day(scope, found),
        worn=easier.why if easier is not None and easier.kind is EasierKind.DUE else "",
        away_days=away_before(dates, sid),
        new=TrainingAge(who.training_age) in NEW,
        unfinished=any(line.cells[found.week].text and not done.get((sid, line.id)) for line in found.day.lines),
    )
    minutes_limit = found.day.minutes or who.minutes
    lines: list[ProposedLine] = []
    for group in found.day.groups:
        judged = [
            _judged(found, line, rows_of(done, line.id), dates, profile, now.program, day)
            for line in group.lines
            if line.cells[found.week].text or (sid, line.id) in done
        ]
        if group.is_circuit_in(found.week):
            fits = a_round_fits(found.day, found.phase.weeks, found.week, group, profile, minutes_limit)
            verdicts = proposed_for_circuit(found, group, judged, rows_today, now.program, round_fits=fits)
        else:
            verdicts = {one.line.id: proposed(found, group, one, now.program, rows_today) for one in judged}
        lines += [ProposedLine(one, group, *verdicts[one.line.id]) for one in judged]
    return OpenReview(
        found=found,
        row=row,
        client=who.name,
        minutes_limit=minutes_limit,
        profile=profile,
        revision=now,
        lines=tuple(lines),
        taken={d.line: d for d in ledger.decisions_of_sessions(scope, [sid])},
        notes=tuple(n.text for n in ledger.notes_of_session(scope, sid)),
        easier=easier,
    )


def _started(found: FoundSession) -> SessionRow:
    if found.row is None:
        raise DomainError("This session has not been started yet.")
    return found.row


def _judged(
    found: FoundSession,
    line: Line,
    rows: RowsBySession,
    dates: dict[SessionId, date],
    profile: ClientProfile,
    program: Program,
    day: Judged,
) -> JudgedLine:
    on = dates[found.id]
    done = rows.get(found.id, ())
    planned = next((r.planned for r in done if r.planned), line.cells[found.week].text)
    latest = max((dates[session] for session in rows), default=on) <= on
    there = profile_of_cell(program, next_cell(program, line.id, found.week), profile)
    return JudgedLine(
        line,
        exposures_of(rows, dates, on, profile),
        prescription_or_none(planned, profile.unit),
        done,
        there,
        day if latest else replace(day, today=None),
    )
