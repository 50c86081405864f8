"""Drives random histories through the review, the floor and looking ahead, and counts what is wrong."""

import sys
import time
from collections import Counter
from collections.abc import Iterable
from concurrent.futures import ProcessPoolExecutor
from dataclasses import replace
from datetime import timedelta
from decimal import Decimal
from typing import Any, cast

from bench.figures import NO_AIM, Figure
from bench.watchman.histories import Day, Facts, drawn
from bench.watchman.predicates import NEVER, Told, loads_in
from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.health.raising import why_not_up
from upright_anvil.core.health.readiness import Report
from upright_anvil.core.ids import NO_EXERCISE, NO_PLACE, DayId, ExerciseId, LineId, SessionId
from upright_anvil.core.ledger.how import Quality
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.plan.document import Cell, Line, Phase, Program, Section, Week
from upright_anvil.core.plan.document import Day as PlanDay
from upright_anvil.core.plan.document import Group as PlanGroup
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.prescription.load_targets import moved_kg
from upright_anvil.core.prescription.tempo import is_slow
from upright_anvil.core.prescription.text.shorthand import ShorthandError, read
from upright_anvil.core.progression.judge import is_plain
from upright_anvil.core.progression.model import Exposure, ProgressionContext, Proposal
from upright_anvil.core.progression.schools import School
from upright_anvil.core.projection.projection import ProjectedLine, WeekAhead, cannot, course
from upright_anvil.core.projection.scenario import Scenario
from upright_anvil.core.session.away import stepping_back
from upright_anvil.core.session.easing import easing
from upright_anvil.core.strength.attempts import Attempt, table
from upright_anvil.core.strength.doubted import doubted
from upright_anvil.core.strength.known import Known
from upright_anvil.core.strength.over_time import strengths_in
from upright_anvil.services.floor.session import FoundSession
from upright_anvil.services.review.proposals import Judged, JudgedLine, proposed, proposed_for_circuit

HISTORIES = 100_000
AHEAD_EVERY = 25
"""One history in so many is looked ahead of as well, since that lives through many weeks each time."""

SLICE = 1000


def told_by_the_review(facts: Facts) -> Proposal | None:
    """Answer what the review proposes after the last session; None where it proposes nothing."""
    profile, week = _profile(facts), Week(id="w")
    found, program = _session(facts, week)
    judged = JudgedLine(
        found.day.groups[0].lines[0],
        tuple(Exposure(day.on, read(day.text, facts.unit), day.rows) for day in facts.days if day.rows),
        read(facts.last.text, facts.unit),
        facts.last.rows,
        profile,
        Judged(
            School.RANGE,
            poor_day=facts.poor,
            today=facts.last.on + timedelta(days=facts.gap),
            rests={},
            changed=facts.changed,
            away_days=facts.away,
        ),
    )
    group = found.day.groups[0]
    if facts.in_circuit:
        other = _otherwise(replace(judged, line=found.day.groups[0].lines[1]), facts.other_station)
        both = [judged, other]
        told = proposed_for_circuit(found, group, both, facts.last.rows, program, round_fits=facts.number % 2 == 0)
        return next((p for p, _ in told.values() if p), None)
    return proposed(found, group, judged, program, facts.last.rows)[0]


def _otherwise(station: JudgedLine, went: str) -> JudgedLine:
    """The circuit's other station as it went that day: as the first did, with pain, slipped, cut short or too few."""
    rows = station.done
    match went:
        case "pain":
            rows = (replace(rows[0], how=replace(rows[0].how, pain=Joint.KNEE, pain_side=Side.LEFT)), *rows[1:])
        case "form":
            rows = (*rows[:-1], replace(rows[-1], how=replace(rows[-1].how, quality=Quality.BROKE_DOWN)))
        case "short":
            rows = rows[: max(1, len(rows) // 2)]
        case "low":
            rows = tuple(_third(row) for row in rows)
    exposures = (*station.exposures[:-1], replace(station.exposures[-1], sets=rows))
    return replace(station, done=rows, exposures=exposures)


def _third(row: PerformedSet) -> PerformedSet:
    return replace(row, reps=row.reps and max(1, row.reps // 3), seconds=row.seconds and max(1, row.seconds // 3))


NONE = NO_EXERCISE


def _session(facts: Facts, week: Week) -> tuple[FoundSession, Program]:
    names = (LineId("l"), LineId("m")) if facts.in_circuit else (LineId("l"),)
    lines = tuple(
        Line.model_construct(
            id=name, exercise=facts.exercise.id, home=facts.days[0].text,
            cells=(Cell.model_construct(text=facts.last.text),),
            exercise_b=NONE, easier=NONE, harder=NONE, cues=(), reason="", policy=facts.school,
        )
        for name in names
    )  # fmt: skip
    section = Section.WARM_UP if facts.preparing else Section.MAIN
    kind = GroupKind.CIRCUIT if facts.in_circuit else GroupKind.SINGLE
    group = PlanGroup.model_construct(
        id="g", kind=kind, lines=lines, section=section, rest_inside=None, rest_after=None
    )
    day = PlanDay.model_construct(
        id=DayId("d"), name="Day", weekday=0, groups=(group,), place=NO_PLACE, minutes=None, top_up=False
    )
    phase = Phase.model_construct(id="p", name="Phase", purpose="", method="", weeks=(week,), days=(day,))
    program = Program.model_construct(
        version=1, name="Program", start=facts.days[0].on, phases=(phase,), answers=(), moved=()
    )
    found = FoundSession(SessionId("s"), cast("Any", None), cast("Any", None), phase, day, 0, facts.last.on, 1, None)
    return found, program


def _profile(facts: Facts) -> ClientProfile:
    exercises = {facts.exercise.id: facts.exercise}
    for rung in (facts.harder, facts.easier):
        if rung is not None:
            exercises[rung.id] = rung
    bare = ClientProfile.nothing_known(facts.unit, facts.place, exercises, _ladders(facts))
    told = replace(bare, body_kg=facts.body_kg, standing=facts.standing, screening=facts.screening)
    return told.knowing(_known(facts))


def _ladders(facts: Facts) -> Any:
    from upright_anvil.core.library.ladders import Ladder, Ladders  # noqa: PLC0415 - only here

    rungs = [r.id for r in (facts.easier, facts.exercise, facts.harder) if r is not None]
    return Ladders((Ladder("l", "L", tuple(rungs)),))


def _known(facts: Facts) -> Known:
    attempts = []
    for day in facts.days:
        slow = is_slow(read(day.text, facts.unit).tempo)
        for place, row in enumerate(day.rows):
            moved = moved_kg(row.load, facts.exercise.bodyweight_share, facts.body_kg)
            if moved and row.reps and row.how.clean_enough and not row.assisted:
                attempts.append(
                    Attempt(facts.exercise.id, day.on, float(moved), row.reps, row.reserve, place, "g", slow, id=row.id)
                )
    if not attempts:
        return Known()
    sets = table(attempts, facts.last.on)
    odd = doubted(sets)
    of_today = {n for n, a in enumerate(attempts) if a.on == facts.last.on}
    ids = frozenset(attempts[row].id for row in sets.row[odd] if int(row) in of_today)
    return Known(strengths_in(sets.only(~odd), facts.last.on), doubted=ids)


def wrong_with_the_review(facts: Facts) -> list[str]:
    """Answer the names of what is wrong with a review's proposal."""
    found = told_by_the_review(facts)
    if found is None:
        return []
    told = Told(
        str(found.lever.value), found.text, found.rule, found.evidence, found.exercise, found.bridged, is_plain(found),
        found.estimated, _reads_back(found, facts),
    )  # fmt: skip
    return [name for name, wrong in NEVER if wrong(facts, told)]


def _reads_back(found: Proposal, facts: Facts) -> bool:
    texts = [found.text, *(a.text for a in found.alternatives), *(s.text for s in found.stations)]
    try:
        return read(found.text, facts.unit) == found.prescription and all(read(t, facts.unit) for t in texts)
    except ShorthandError:
        return False


def wrong_on_the_floor(facts: Facts) -> list[str]:
    """Answer what is wrong with the floor's changes: a gap or a poor day that makes anything heavier or more."""
    profile, wrong = _profile(facts), []
    found, _ = _session(replace(facts, in_circuit=False), Week(id="w"))
    session = Program.model_construct(
        version=1, name="P", start=facts.days[0].on, phases=(found.phase,), answers=(), moved=()
    )
    today = facts.last.on + timedelta(days=facts.gap)
    used = [did.kg for did in facts.last.did if did.kg is not None]
    back = replace(profile, last_loads=_last_loads(facts.last))
    ways = {
        "up after a gap": stepping_back(session, back, facts.last.on, today),
        "up after pain, form or a poor day": easing(Report(1, 1, 5, 5), session, profile),
    }
    for name, changes in ways.items():
        for change in changes:
            text = change.label.split(": ", 1)[-1].split(" (")[0]
            new, asked = loads_in(text), loads_in(facts.last.text)
            heavier = new and asked and max(new) > max(asked) + 1e-6
            slipped = any(did.typo for did in facts.last.did)
            past_last = not slipped and name == "up after a gap" and new and used and max(new) > max(used) + 1e-6
            if heavier or past_last:
                wrong.append(name)
    return wrong


def _last_loads(day: Day) -> dict[ExerciseId, Any]:
    loads = [row.load for row in day.rows if row.load is not None]
    return {day.rows[-1].exercise: loads[-1]} if loads else {}


def wrong_ahead(facts: Facts) -> list[str]:
    """Answer what is wrong with the weeks ahead: a week that rises past the cap, or anything up while health holds."""
    profile = _profile(facts)
    asked = read(facts.last.text, facts.unit)
    exposures = tuple(Exposure(day.on, read(day.text, facts.unit), day.rows) for day in facts.days if day.rows)
    context = ProgressionContext(
        facts.exercise, facts.place, read(facts.days[0].text, facts.unit), exposures, facts.body_kg,
        strength=profile.known.strengths.get(facts.exercise.id), harder=facts.harder, easier=facts.easier,
        health=why_not_up(facts.exercise, asked, facts.standing, facts.screening), preparing=facts.preparing,
    )  # fmt: skip
    weeks = tuple(WeekAhead(facts.last.on + timedelta(days=7 * n), asked) for n in range(1, 7))
    line = ProjectedLine(context, facts.school, weeks)
    if cannot(line):
        return []
    wrong = []
    for outlook in Scenario:
        before: float | None = None
        for week in course(line, outlook):
            loads = loads_in(str(week.proposal.text)) if week.proposal and not week.proposal.exercise else []
            bridged = week.proposal is not None and (week.proposal.bridged or week.proposal.estimated)
            own = float(facts.exercise.bodyweight_share) * float(facts.body_kg or Decimal(0))
            allowed = None if before is None or bridged or before + own <= 0 else (before + own) * 1.1 + 1e-6
            if loads and allowed is not None and max(loads) + own > allowed:
                wrong.append("a load above the cap")
            if week.proposal is not None and facts.held_by_health and week.proposal.rise > 0:
                wrong.append("up on a hurting joint or without clearance")
            here = loads or (loads_in(facts.last.text) if before is None else [])
            before = max(here) if here else before
    return wrong


def watch(numbers: Iterable[int]) -> tuple[Counter[str], list[str]]:
    """Run some histories; answer how often what was wrong, and the first of each in words."""
    wrong: Counter[str] = Counter()
    firsts: dict[str, str] = {}
    for number in numbers:
        facts = drawn(number)
        names: list[str] = []
        try:
            if facts.last.rows:
                names += wrong_with_the_review(facts)
            names += wrong_on_the_floor(facts)
            if number % AHEAD_EVERY == 0 and facts.last.rows:
                names += wrong_ahead(facts)
        except Exception as broke:
            names.append("an exception")
            firsts.setdefault("an exception", f"{number}: {type(broke).__name__}: {broke}")
        for name in dict.fromkeys(names):
            wrong[name] += 1
            firsts.setdefault(name, f"{number}: {facts.exercise.id}, {facts.last.text}")
    return wrong, [f"{name}: history {first}" for name, first in firsts.items()]


def _slice(start: int) -> tuple[Counter[str], list[str]]:
    return watch(range(start, start + SLICE))


def measure(histories: int = HISTORIES) -> list[Figure]:
    """Run all histories in two processes and count."""
    started = time.perf_counter()
    total: Counter[str] = Counter()
    firsts: dict[str, str] = {}
    with ProcessPoolExecutor() as pool:
        for wrong, told in pool.map(_slice, range(0, histories, SLICE)):
            total.update(wrong)
            for line in told:
                firsts.setdefault(line.split(":")[0], line)
    taken = time.perf_counter() - started
    names = [name for name, _ in NEVER] + ["an exception"]
    return [
        *(
            Figure(f"watchman: {name}", total[name], 0, "", firsts.get(name, f"{histories:,} histories"))
            for name in names
        ),
        Figure("watchman's run time", taken, NO_AIM, "s", "2 processes"),
    ]


if __name__ == "__main__":
    many = int(sys.argv[1]) if len(sys.argv) > 1 else 2000
    for figure in measure(many):
        print(f"{figure.measured:8.0f}  {figure.claim}   {figure.detail}")
