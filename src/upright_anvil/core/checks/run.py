"""Running the checks over a program: hits merged over the weeks, answered ones marked."""

from collections.abc import Iterator
from dataclasses import dataclass, field, replace

from upright_anvil.core.checks.fixes import swap
from upright_anvil.core.checks.model import Check, Finding, Fix, Hit, Severity
from upright_anvil.core.checks.registry import ALL
from upright_anvil.core.checks.study import Asked, Standpoint, StudiedDay, StudiedPhase, StudiedWeek, study
from upright_anvil.core.plan.document import Answer, Program
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.same import Same

_SEVERE = {severity: number for number, severity in enumerate(Severity)}
_OF = {level: tuple(c for c in ALL if c.level == level) for level in ("line", "day", "week", "phase")}


@dataclass(slots=True)
class _Merged:
    """Hits that say the same, week after week."""

    check: Check
    hit: Hit
    asked: list[Asked] = field(default_factory=list)
    weeks: list[int] = field(default_factory=list)
    fixes: list[Fix] = field(default_factory=list)


_Key = tuple[str, str, str, str]


def findings(program: Program, who: Standpoint, phase_id: str | None = None) -> tuple[Finding, ...]:
    """Answer what the checks find, most serious first; all of a program or one phase. House rule.

    Hits with the same sentence are one finding with its weeks. A finding the trainer has answered keeps the reason as
    long as its sentence, numbers included, stays the same.
    """
    answers = {(a.check, a.where): a for a in program.answers}
    found: list[Finding] = []
    for phase in study(program, who, phase_id):
        merged: dict[_Key, _Merged] = {}
        for check, hit, asked, weeks in _hits(phase, who):
            day = hit.day or (asked.day if asked else "")
            entry = merged.setdefault((check.id, day, hit.line, hit.message), _Merged(check, hit))
            entry.weeks += weeks
            entry.asked += [asked] if asked else []
            if hit.fix:
                entry.fixes.append(hit.fix)
        found += [_finding(key, entry, phase, answers) for key, entry in merged.items()]
    return tuple(sorted(found, key=lambda f: _SEVERE[f.severity]))


def _hits(phase: StudiedPhase, who: Standpoint) -> Iterator[tuple[Check, Hit, Asked | None, list[int]]]:
    for week in phase.weeks:
        yield from _of_week(week, who)
    for check in _OF["phase"]:
        for hit in check.look(phase, who):  # type: ignore[call-arg, arg-type]
            yield check, hit, None, []


def _of_week(week: StudiedWeek, who: Standpoint) -> Iterator[tuple[Check, Hit, Asked | None, list[int]]]:
    for day in week.days:
        for asked in day.asked:
            for check, hit in _line_hits(asked, day, who) if asked.text else ():
                yield check, _rebound(hit, asked), asked, [week.number]
        for check in _OF["day"]:
            for hit in check.look(day, who):  # type: ignore[call-arg, arg-type]
                yield check, hit, None, [week.number]
    for check in _OF["week"]:
        for hit in check.look(week, who):  # type: ignore[call-arg, arg-type]
            yield check, hit, None, [week.number]


_LineKey = tuple[object, ...]
_known: dict[_LineKey, tuple[tuple[Check, Hit], ...]] = {}
"""What the line checks said of a text for an exercise, a place and a client: most cells of a plan stay as they were."""

MOST_KNOWN = 20_000


def _line_hits(asked: Asked, day: StudiedDay, who: Standpoint) -> tuple[tuple[Check, Hit], ...]:
    here, exercise = asked.setting, asked.exercise
    key = (
        asked.text,
        here.unit,
        Same(exercise),
        Same(here.inventory),
        here.athlete(exercise.id),
        here.last_loads.get(exercise.id),
        here.standing,
        asked.group.section,
        asked.group.kind,
        asked.week.kind,
        day.phase.method,
        asked.line.reason,
        who.goal,
        who.training_age,
        who.clearance,
    )
    found = _known.get(key)
    if found is None:
        if len(_known) >= MOST_KNOWN:
            _known.clear()
        looks = ((check, check.look(asked, day, who)) for check in _OF["line"])  # type: ignore[call-arg, arg-type]
        found = _known[key] = tuple((check, hit) for check, hits in looks for hit in hits)
    return found


def _rebound(hit: Hit, asked: Asked) -> Hit:
    """The same said of another line and week with the same text."""
    if hit.fix is None:
        return replace(hit, line=asked.line.id)
    edits = tuple(
        edit.model_copy(update={"line": asked.line.id, "week": asked.week.id}) if isinstance(edit, SetCell) else edit
        for edit in hit.fix.edits
    )
    return replace(hit, line=asked.line.id, fix=Fix(hit.fix.label, edits))


def _finding(key: _Key, entry: _Merged, phase: StudiedPhase, answers: dict[tuple[str, str], Answer]) -> Finding:
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
        fix=_fix(entry),
        answered=answer.reason if answer and answer.message == hit.message[:500] else "",
    )


def _fix(entry: _Merged) -> Fix | None:
    if entry.hit.swap and entry.asked:
        return swap(entry.asked)
    if not entry.fixes:
        return None
    edits = dict.fromkeys(edit for fix in entry.fixes for edit in fix.edits)
    return Fix(entry.fixes[0].label, tuple(edits))
