"""Hits that are one fault put together: the same place in other weeks, the same check at other lines.

A trainer answers or mends a fault once, however many weeks and lines it runs through.
"""

from collections.abc import Mapping
from dataclasses import dataclass, field, replace

from upright_anvil.core.checks.fixes import swap
from upright_anvil.core.checks.model import Check, Fix, Severity, Violation
from upright_anvil.core.checks.study import StudiedLine

HitKey = tuple[str, str, str, str]
"""A check, a day, a line and a sentence."""

SEVERAL = 3
"""Lines from which what one check asks of each of them is one finding. House rule."""

_LIKEWISE = frozenset({"kit-missing", "load-missing"})
"""Checks that are put together though they are more than questions: one thing is missing for all."""


@dataclass(slots=True)
class Merged:
    """Hits that are one finding: what it says, the lines and weeks it is about, and their fixes."""

    check: Check
    hit: Violation
    asked: list[StudiedLine] = field(default_factory=list)
    weeks: list[int] = field(default_factory=list)
    fixes: list[Fix] = field(default_factory=list)


def put_together(hits: Mapping[HitKey, Merged]) -> dict[HitKey, Merged]:
    """Answer the hits as findings: first over weeks that differ in their figures, then over lines. House rule."""
    return _of_other_lines(_of_other_weeks(hits))


def _of_other_weeks(merged: Mapping[HitKey, Merged]) -> dict[HitKey, Merged]:
    """The hits with those put together that one check has of one place in different weeks.

    Of a line the last week speaks, to which loads have climbed; else what holds for most weeks, the first of equals. It
    says whose figures they are.
    """
    places: dict[tuple[str, str, str], list[tuple[HitKey, Merged]]] = {}
    for key, entry in merged.items():
        places.setdefault(key[:3], []).append((key, entry))
    found: dict[HitKey, Merged] = {}
    for entries in places.values():
        for group in _apart(entries):
            last = group[0][1].check.level == "line"
            key, entry = max(group, key=lambda one: max(one[1].weeks) if last else len(set(one[1].weeks)))
            if len(group) > 1:
                others = [other for _, other in group]
                said = f"{entry.hit.message} Figures of week {entry.weeks[0]}."
                entry = Merged(
                    entry.check,
                    replace(entry.hit, message=said),
                    [asked for one in others for asked in one.asked],
                    sorted({week for one in others for week in one.weeks}),
                    [fix for one in others for fix in one.fixes],
                )
            found[key] = entry
    return found


def _apart(entries: list[tuple[HitKey, Merged]]) -> list[list[tuple[HitKey, Merged]]]:
    """The entries in groups of which no two share a week; those of no week stand alone."""
    groups: list[list[tuple[HitKey, Merged]]] = []
    for key, entry in entries:
        fits = (g for g in groups if entry.weeks and all(not set(e.weeks) & set(entry.weeks) and e.weeks for _, e in g))
        group = next(fits, None)
        if group is None:
            groups.append([(key, entry)])
        else:
            group.append((key, entry))
    return groups


def _of_other_lines(merged: Mapping[HitKey, Merged]) -> dict[HitKey, Merged]:
    """The hits with those put together that one check has of several lines; what is a caution stays by itself."""
    by_check: dict[str, list[HitKey]] = {}
    for key, entry in merged.items():
        asks = entry.check.severity in (Severity.QUESTION, Severity.NOTE) or entry.check.id in _LIKEWISE
        if entry.check.level == "line" and asks:
            by_check.setdefault(entry.check.id, []).append(key)
    found = dict(merged)
    for keys in by_check.values():
        if len({key[2] for key in keys}) >= SEVERAL:
            entries = [found.pop(key) for key in keys]
            first = entries[0]
            names = dict.fromkeys(one.asked[0].exercise.name for one in entries[1:])
            names.pop(first.asked[0].exercise.name, None)
            said = f"{first.hit.message} Likewise: {', '.join(names)}." if names else first.hit.message
            fixes = [fix for one in entries if (fix := fix_of(one))]
            found[first.check.id, "", "", said] = Merged(
                first.check,
                replace(first.hit, message=said, fix=None, swap=False),
                [asked for one in entries for asked in one.asked],
                sorted({week for one in entries for week in one.weeks}),
                [Fix(f"{fixes[0].label}, and so in all {len(fixes)}", fixes[0].edits), *fixes[1:]] if fixes else [],
            )
    return found


def fix_of(entry: Merged) -> Fix | None:
    """Answer the one fix for all of it; None where there is none."""
    if entry.hit.swap and entry.asked:
        return swap(entry.asked)
    if not entry.fixes:
        return None
    edits = dict.fromkeys(edit for fix in entry.fixes for edit in fix.edits)
    return Fix(entry.fixes[0].label, tuple(edits))
