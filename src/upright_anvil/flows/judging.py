"""Judging a line after a session: what the judgements look at, gathered; the proposal, or why there is none."""

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, replace
from datetime import date
from itertools import pairwise

from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.plan.document import Line, Program, WeekKind
from upright_anvil.core.plan.locate import find_line
from upright_anvil.core.plan.reading import prescription_or_none
from upright_anvil.core.plan.resolving import load_caution
from upright_anvil.core.plan.setting import Setting
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.progression.judge import proposal
from upright_anvil.core.progression.model import Exposure, Proposal, Situation
from upright_anvil.core.progression.schools import School, policy_for
from upright_anvil.core.sentences import Refusal
from upright_anvil.core.session.model import Sort
from upright_anvil.core.session.readiness import Grade, Report, grade
from upright_anvil.core.session.swapping import fits
from upright_anvil.flows.done import Done
from upright_anvil.flows.floor.on_the_day import on_the_day
from upright_anvil.flows.floor.session import FoundSession
from upright_anvil.flows.strength import group_of
from upright_anvil.store.database import Scope
from upright_anvil.store.floor import readiness_of_session


@dataclass(frozen=True, slots=True)
class Judged:
    """What the judgements look at beside a line's own sessions; ``today`` is None where the line was trained since.

    ``changed`` says that readiness, less time or another place changed the session, ``worn`` why an easier week is due.
    """

    school: School
    poor_day: bool
    today: date | None
    rests: Mapping[str, tuple[int, ...]]
    changed: bool = False
    worn: str = ""


def chosen_policy(program: Program, line: Line) -> str:
    """Answer the policy chosen for a line as the plan stands now, since what was run may be older; empty for none."""
    try:
        return find_line(program, line.id).line.policy
    except Refusal:
        return line.policy


def poor_day(scope: Scope, sid: str) -> bool:
    """Answer whether the client came to a session with little."""
    row = readiness_of_session(scope, sid)
    if row is None:
        return False
    return grade(Report(row.sleep, row.energy, row.stress, row.soreness)) is Grade.POOR


def changed_for_the_day(scope: Scope, found: FoundSession) -> bool:
    """Answer whether readiness, less time or another place changed a session, and the change holds."""
    return any(not change.undone and change.sort in _OF_THE_DAY for change in on_the_day(scope, found).changes)


_OF_THE_DAY = frozenset({Sort.READINESS, Sort.LATE, Sort.PLACE})
"""Changes that the day brings; another load or exercise is the trainer's own word on the work."""

IN_ONE_GO = 20
"""Sets logged closer together than this, seconds, were logged afterwards and say nothing of the rests. House rule."""


def rests_of(sid: str, done: Done) -> dict[str, tuple[int, ...]]:
    """Answer the seconds from one working set to the next of each line, as they were logged: rest and work together."""
    at: dict[str, list[float]] = {}
    for (session, line), rows in done.items():
        if session == sid:
            at[line] = [row.logged_at.timestamp() for row in rows if row.logged_at is not None]
    rests = {line: tuple(round(b - a) for a, b in pairwise(times)) for line, times in at.items()}
    return {line: found for line, found in rests.items() if all(rest >= IN_ONE_GO for rest in found)}


def _rung(named: str, beside: Iterable[str], setting: Setting) -> Exercise | None:
    """The rung named in advance, else the nearest that can be done at the place and no joint forbids."""
    found = (setting.exercises.get(name) for name in (named, *beside) if name)
    return next((rung for rung in found if rung is not None and fits(rung, setting)), None)


RowsBySession = Mapping[str, tuple[PerformedSet, ...]]


def exposures_of(rows: RowsBySession, dates: Mapping[str, date], until: date, setting: Setting) -> tuple[Exposure, ...]:
    """Answer a line's sessions up to a day, oldest first, each with the prescription it was logged against."""
    exposures = []
    for sid, done in sorted(rows.items(), key=lambda entry: (dates[entry[0]], entry[0])):
        text = next((r.planned for r in done if r.planned), "")
        prescription = prescription_or_none(text, setting.unit)
        if prescription and done and dates[sid] <= until:
            exposures.append(Exposure(dates[sid], prescription, done))
    return tuple(exposures)


def rung_of(line: Line, exercise_id: str, setting: Setting, *, harder: bool) -> Exercise | None:
    """Answer the rung beside a line's exercise that can be done: the one named in advance, else the ladder's next."""
    if harder:
        return _rung(line.harder, setting.ladders.harder(exercise_id), setting)
    return _rung(line.easier, setting.ladders.easier(exercise_id), setting)


def proposed(
    found: FoundSession,
    line: Line,
    exposures: tuple[Exposure, ...],
    plan: Prescription | None,
    done: tuple[PerformedSet, ...],
    setting: Setting,
    program: Program,
    day: Judged,
) -> tuple[Proposal | None, str]:
    """Answer the proposal for a line, or why there is none, in words."""
    if found.phase.weeks[found.week].kind is WeekKind.EASE_OFF:
        return None, "An easing-off week proves nothing either way: the plan stands."
    if plan is None:
        return None, "What was planned cannot be read as a prescription, so there is nothing to go by."
    if not done:
        return None, "Nothing was logged for this exercise, so the plan stays as it is."
    exercise = setting.exercise(line.exercise_in(found.phase.weeks[found.week]))
    written = prescription_or_none(line.cells[found.week].text, setting.unit)
    changed = day.changed and written is not None and written != plan
    if changed and written is not None:
        exposures = (*exposures[:-1], replace(exposures[-1], prescription=written))
    situation = Situation(
        exercise,
        setting.inventory,
        prescription_or_none(line.begun_with, setting.unit) or plan,
        exposures,
        setting.body_kg,
        strength=setting.known.strengths.get(exercise.id),
        steepness=setting.known.steepness(group_of(exercise.id, setting)),
        harder=rung_of(line, exercise.id, setting, harder=True),
        easier=rung_of(line, exercise.id, setting, harder=False),
        rests=day.rests.get(line.id, ()),
        poor_day=day.poor_day,
        changed_day=changed,
        worn=day.worn,
        next_on=day.today,
    )
    found_one = proposal(situation, policy_for(day.school, plan, chosen_policy(program, line)))
    caution = None if found_one.exercise else load_caution(found_one.prescription, exercise, setting)
    if caution:
        return None, f"{caution} Type what should come next."
    return found_one, ""
