"""Running the checks over a program: hits merged over the weeks, answered ones marked."""

from collections.abc import Iterator
from dataclasses import replace
from functools import partial

from upright_anvil.core.checks.merging import HitKey, Merged, fix_of, put_together
from upright_anvil.core.checks.model import Check, Finding, Fix, Severity, Violation
from upright_anvil.core.checks.registry import ALL
from upright_anvil.core.checks.remembered import Key, basis, day_key, day_shape, line_key, remembered, week_key
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine, StudiedPhase, StudiedWeek, study
from upright_anvil.core.plan.document import Answer, Program
from upright_anvil.core.plan.edits.cells import SetCell

_SEVERE = {severity: number for number, severity in enumerate(Severity)}
_OF = {level: tuple(c for c in ALL if c.level == level) for level in ("line", "day", "week", "phase")}


def findings(program: Program, who: Standpoint, phase_id: str | None = None) -> tuple[Finding, ...]:
    """Answer what the checks find, most serious first; all of a program or one phase. House rule.

    One fault is one finding with one fix, through all its weeks and lines (`merging`). A finding the trainer has
    answered keeps the reason as long as its sentence, numbers included, stays the same.
    """
    answers = {(a.check, a.where): a for a in program.answers}
    found: list[Finding] = []
    for phase in study(program, who, phase_id):
        merged: dict[HitKey, Merged] = {}
        for check, hit, asked, weeks in _hits(phase, who):
            day = hit.day or (asked.day if asked else "")
            entry = merged.setdefault((check.id, day, hit.line, hit.message), Merged(check, hit))
            entry.weeks += weeks
            entry.asked += [asked] if asked else []
            if hit.fix:
                entry.fixes.append(hit.fix)
        found += [_finding(key, entry, phase, answers) for key, entry in put_together(merged).items()]
    return tuple(sorted(found, key=lambda f: _SEVERE[f.severity]))


def _hits(phase: StudiedPhase, who: Standpoint) -> Iterator[tuple[Check, Violation, StudiedLine | None, list[int]]]:
    client = basis(who)
    shapes: dict[str, Key] = {}
    for week in phase.weeks:
        days = []
        for day in week.days:
            lines = [line_key(asked, day, client) for asked in day.asked]
            for asked, key in zip(day.asked, lines, strict=True):
                for check, hit in remembered(key, partial(_of_line, asked, day, who)) if asked.text else ():
                    yield check, _rebound(hit, asked), asked, [week.number]
            shape = shapes.get(day.day.id) or shapes.setdefault(day.day.id, day_shape(day))
            days.append(day_key(day, lines, shape, client))
            for check, hit in remembered(days[-1], partial(_of_day, day, who)):
                yield check, hit, None, [week.number]
        for check, hit in remembered(week_key(week, days, client), partial(_of_week, week, who)):
            yield check, hit, None, [week.number]
    for check in _OF["phase"]:
        for hit in check.look(phase, who):  # type: ignore[call-arg, arg-type]
            yield check, hit, None, []


def _of_line(asked: StudiedLine, day: StudiedDay, who: Standpoint) -> Iterator[tuple[Check, Violation]]:
    for check in _OF["line"]:
        for hit in check.look(asked, day, who):  # type: ignore[call-arg, arg-type]
            yield check, hit


def _of_day(day: StudiedDay, who: Standpoint) -> Iterator[tuple[Check, Violation]]:
    for check in _OF["day"]:
        for hit in check.look(day, who):  # type: ignore[call-arg, arg-type]
            yield check, hit


def _of_week(week: StudiedWeek, who: Standpoint) -> Iterator[tuple[Check, Violation]]:
    for check in _OF["week"]:
        for hit in check.look(week, who):  # type: ignore[call-arg, arg-type]
            yield check, hit


def _rebound(hit: Violation, asked: StudiedLine) -> Violation:
    """The same said of another line and week with the same text."""
    if hit.fix is None:
        return hit if hit.line == asked.line.id else replace(hit, line=asked.line.id)
    edits = tuple(
        edit.model_copy(update={"line": asked.line.id, "week": asked.week.id}) if isinstance(edit, SetCell) else edit
        for edit in hit.fix.edits
    )
    return replace(hit, line=asked.line.id, fix=Fix(hit.fix.label, edits))


def _finding(key: HitKey, entry: Merged, phase: StudiedPhase, answers: dict[tuple[str, str], Answer]) -> Finding:
    check, hit = entry.check, entry.hit
    where = "/".join((phase.phase.id, key[1], key[2]) + ((hit.message,) if check.level == "week" else ()))[:200]
    answer = answers.get((check.id, where))
    return Finding(
        check=check.id,
        severity=check.severity,
        title=check.title,
        message=hit.message,
        why=check.why,
        source=check.source,
        phase=phase.phase.id,
        day=key[1],
        line=hit.line,
        where=where,
        weeks=tuple(dict.fromkeys(entry.weeks)),
        fix=fix_of(entry),
        answered=answer.reason if answer and answer.message == hit.message[:500] else "",
    )
