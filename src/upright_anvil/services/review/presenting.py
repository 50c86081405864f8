"""Drawing the review of a session that was judged: as often as decisions change it, without judging again."""

from collections.abc import Sequence

from upright_anvil.core.blocks import SetBlock, planned_bar, session_blocks
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import LineId
from upright_anvil.core.plan.locate import find_line, week_index
from upright_anvil.core.plan.next_cell import NextCell, next_cell
from upright_anvil.core.plan.read_out.resolving import set_to
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.progression.judge import is_plain, rule_name
from upright_anvil.core.progression.model import Proposal
from upright_anvil.services.board.minutes import minutes_with
from upright_anvil.services.review.later_weeks import rolled_on
from upright_anvil.services.review.opening import OpenReview, ProposedLine
from upright_anvil.services.review.views import (
    DecisionView,
    NextMinutes,
    ReviewLine,
    ReviewStation,
    ReviewView,
    Verdict,
)
from upright_anvil.store.tables import DecisionRow


def view_of(opened: OpenReview) -> ReviewView:
    """Answer the review of a judged session, with the decisions taken so far."""
    found, row = opened.found, opened.row
    lines = [_line(opened, one) for one in opened.lines]
    lasted = row.finished_at - row.started_at if row.finished_at not in (None, row.started_at) else None
    return ReviewView(
        session_id=found.id,
        program_id=found.program.id,
        week_id=found.week_id,
        day_id=found.day.id,
        client_id=row.client_id,
        client=opened.client,
        unit=opened.unit,
        day=found.day.name,
        phase=found.phase.name,
        phase_id=found.phase.id,
        week=found.number,
        on=row.on_date,
        minutes=round(lasted.total_seconds() / 60) if lasted is not None else None,
        estimated_minutes=round(row.estimated_seconds / 60),
        finished=row.finished_at is not None,
        revision=opened.revision.number,
        lines=tuple(lines),
        notes=opened.notes,
        easier=opened.easier,
        next_minutes=_next_minutes(opened, lines),
        minutes_limit=opened.minutes_limit,
    )


def circuit_of(one: ProposedLine) -> str:
    """Answer the id of the circuit that a line is judged in; empty where it is judged alone."""
    group = one.group
    return group.id if group.kind.by_rounds and len(group.lines) > 1 else ""


def _line(opened: OpenReview, one: ProposedLine) -> ReviewLine:
    judged, proposal, profile = one.judged, one.proposal, opened.profile
    line, done, plan, exposures = judged.line, judged.done, judged.plan, judged.exposures
    exercise = profile.exercise(line.exercise_in(opened.found.phase.weeks[opened.found.week]))
    planned = next((r.planned for r in done if r.planned), line.cells[opened.found.week].text)
    cell = next_cell(opened.program, line.id, opened.found.week)
    athlete = profile.athlete(exercise.id)
    preview = proposal.prescription if proposal else None
    before = [e for e in exposures if e.sets is not done][-1:]
    taken = opened.taken.get(line.id)
    return ReviewLine(
        line=line.id,
        exercise_id=exercise.id,
        exercise=exercise.name,
        planned=write(plan) if plan else planned,
        blocks=session_blocks(plan, done, exercise, athlete),
        proposal=proposal,
        proposed=proposal.text if proposal else "",
        set_to=set_to(proposal.prescription, exercise, judged.profile) if proposal and not proposal.exercise else "",
        rule_name=rule_name(proposal.policy) if proposal else "",
        instead=profile.exercise(proposal.exercise).name if proposal and proposal.exercise else "",
        preview=tuple(SetBlock(planned_bar(preview, exercise, athlete, plan=part), None) for part in preview.plans)
        if preview
        else (),
        why_none=one.why_none,
        next_cell=cell,
        decision=_decision(taken) if taken else None,
        last=session_blocks(before[0].prescription, before[0].sets, exercise, athlete) if before else (),
        last_on=before[0].on if before else None,
        rolls=rolled_on(opened.program, cell, proposal.prescription, profile, proposal.exercise)
        if proposal and cell and taken is None
        else (),
        plain=proposal is not None and cell is not None and is_plain(proposal),
        circuit=circuit_of(one),
        stations=_stations(opened, proposal),
    )


def _decision(row: DecisionRow) -> DecisionView:
    return DecisionView(Verdict(row.verdict), row.taken, row.revision, row.at)


def _stations(opened: OpenReview, proposal: Proposal | None) -> tuple[ReviewStation, ...]:
    found = opened.found
    if proposal is None or not proposal.stations:
        return ()
    week = found.phase.weeks[found.week]
    names = {line.id: opened.profile.exercise(line.exercise_in(week)).name for line in found.day.lines}
    return tuple(
        ReviewStation(one.line, names.get(one.line, one.line), one.text, _says(opened, one.line))
        for one in proposal.stations
    )


def _says(opened: OpenReview, line: LineId) -> str:
    cell = next_cell(opened.program, line, opened.found.week)
    return cell.text if cell is not None else ""


def _next_minutes(opened: OpenReview, lines: Sequence[ReviewLine]) -> NextMinutes | None:
    """What taking all that is open does to the day's minutes in the next week; None where that is not there."""
    open_lines = [line for line in lines if line.proposal and line.decision is None and line.next_cell is not None]
    cells: list[NextCell] = [line.next_cell for line in open_lines if line.next_cell is not None]
    if not cells:
        return None
    try:
        place = find_line(opened.program, cells[0].line)
        index = week_index(place.phase, cells[0].week_id)
    except DomainError:
        return None
    texts: dict[LineId, str] = {}
    for line in open_lines:
        texts |= {line.line: line.proposed, **{one.line: one.text for one in line.stations}}
    weeks = place.phase.weeks
    now, then = (minutes_with(place.day, weeks, index, said, opened.profile) for said in ({}, texts))
    return NextMinutes(cells[0].week, now, then, place.day.minutes)
