"""Groups: put lines together, part them, say how they go."""

from typing import Annotated, Any, Literal

from pydantic import Field

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import LineId
from upright_anvil.core.plan.document import Day, Group, Id, Line, Pairing, Part, Program, Section
from upright_anvil.core.plan.locate import find_group, find_line, rebuilt, with_day
from upright_anvil.core.plan.parts import EXACTLY, MAX_LINES, LeadRule, LineKey, OptionalWeek, RestSeconds, kind_for
from upright_anvil.core.prescription.bounds import MAX_SETS
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.prescription.text.rounds import with_sets


class GroupLines(Part):
    """Put lines of a day together where the first of them stands; the id is made by the caller.

    A pair has two lines, a tri-set three, circuits any number. What was left of other groups stays where it was; the
    section is the one that most of the lines stood in, never one that an exercise brings.
    """

    op: Literal["group_lines"] = "group_lines"
    lines: Annotated[tuple[LineKey, ...], Field(min_length=2, max_length=MAX_LINES)]
    group: Id
    kind: GroupKind
    pairing: Pairing = Pairing.NONE

    def apply(self, program: Program) -> Program:
        """Answer the program with the group. Raises `DomainError` for lines of several days or too many of them."""
        places = [find_line(program, line) for line in dict.fromkeys(self.lines)]
        day = places[0].day
        if any(place.day.id != day.id for place in places):
            raise DomainError("Lines are grouped within one day; move them to the same day first.")
        exact = EXACTLY.get(self.kind)
        if exact is not None and exact != len(places):
            raise DomainError(f"A {self.kind} has {exact} lines; {len(places)} are chosen.")
        chosen = {place.line.id for place in places}
        together = tuple(line for line in day.lines if line.id in chosen)
        sections = [g.section for g in day.groups for line in g.lines if line.id in chosen]
        section = max(sections, key=lambda one: (sections.count(one), -sections.index(one)))
        whole = Group(id=self.group, kind=self.kind, lines=together, section=section, pairing=self._pairing())
        return with_day(program, day.id, lambda d: _regrouped(d, chosen, whole))

    def _pairing(self) -> Pairing:
        return self.pairing if self.kind is GroupKind.PAIR else Pairing.NONE


class Ungroup(Part):
    """Part a group: each of its lines stands on its own again, in their order."""

    op: Literal["ungroup"] = "ungroup"
    group: Id

    def apply(self, program: Program) -> Program:
        """Answer the program with the group parted. Raises `DomainError` when it is gone."""
        day, group = find_group(program, self.group)
        singles = tuple(single(line, group.section) for line in group.lines)
        groups: list[Group] = []
        for held in day.groups:
            groups += singles if held.id == self.group else (held,)
        return with_day(program, day.id, lambda d: rebuilt(d, groups=tuple(groups)))


class ChangeGroup(Part):
    """Say what a group is: its section, kind and pairing, its rests and times (seconds). What is left out stays.

    ``rounds`` is a figure of the group: every station is done so often, in one week or, where none is named, in all.
    """

    op: Literal["change_group"] = "change_group"
    group: Id
    section: Section | None = None
    kind: GroupKind | None = None
    pairing: Pairing | None = None
    rest_inside: RestSeconds | None = None
    rest_after: RestSeconds | None = None
    break_after: RestSeconds | None = None
    every: Annotated[int, Field(ge=10, le=900)] | None = None
    time_cap: Annotated[int, Field(ge=60, le=3600)] | None = None
    lead: LeadRule | None = None
    words: Annotated[tuple[Annotated[str, Field(max_length=60)], ...], Field(max_length=20)] | None = None
    optional_rounds: Annotated[int, Field(ge=0, le=19)] | None = None
    rounds: Annotated[int, Field(ge=1, le=MAX_SETS)] | None = None
    week: OptionalWeek | None = None

    def apply(self, program: Program) -> Program:
        """Answer the program with the group changed. Raises `DomainError` when it is gone or the kind does not fit."""
        day, group = find_group(program, self.group)
        said = {name: value for name in _GROUP_FIELDS if (value := getattr(self, name)) is not None}
        if said.get("kind") not in (None, GroupKind.PAIR) or (group.kind is not GroupKind.PAIR and "kind" not in said):
            said["pairing"] = Pairing.NONE
        weeks = self._weeks(program)
        return with_day(
            program,
            day.id,
            lambda d: rebuilt(
                d, groups=tuple(self._said(g, said, weeks) if g.id == self.group else g for g in d.groups)
            ),
        )

    def _said(self, group: Group, said: dict[str, Any], weeks: tuple[int, ...] | None) -> Group:
        if self.rounds is None:
            return rebuilt(group, **said)
        lines = tuple(_with_rounds(line, self.rounds, weeks) for line in group.lines)
        return rebuilt(group, lines=lines, **said)

    def _weeks(self, program: Program) -> tuple[int, ...] | None:
        """The weeks that the rounds hold for, as places in the phase; None for all."""
        if not self.week:
            return None
        found = [n for phase in program.phases for n, week in enumerate(phase.weeks) if week.id == self.week]
        if not found:
            raise DomainError("That week is no longer in the program.")
        return tuple(found)


_GROUP_FIELDS = (
    "section", "kind", "pairing", "rest_inside", "rest_after", "break_after", "every", "time_cap", "lead", "words",
    "optional_rounds",
)  # fmt: skip


def _with_rounds(line: Line, rounds: int, weeks: tuple[int, ...] | None) -> Line:
    cells = tuple(
        cell if weeks is not None and number not in weeks else rebuilt(cell, text=with_sets(cell.text, rounds))
        for number, cell in enumerate(line.cells)
    )
    return rebuilt(line, cells=cells)


def single(line: Line, section: Section) -> Group:
    """Answer a line as a group of its own."""
    return Group(id=f"g-{line.id}"[:64], lines=(line,), section=section)


def without(day: Day, chosen: frozenset[LineId] | set[LineId]) -> Day:
    """Answer a day without some lines; what is left of their groups is called what it has become."""
    return rebuilt(day, groups=tuple(g for held in day.groups if (g := _less(held, chosen)) is not None))


def _less(group: Group, chosen: frozenset[LineId] | set[LineId]) -> Group | None:
    left = tuple(line for line in group.lines if line.id not in chosen)
    if len(left) == len(group.lines):
        return group
    if not left:
        return None
    kind = kind_for(group.kind, len(left))
    pairing = group.pairing if kind is GroupKind.PAIR else Pairing.NONE
    return rebuilt(group, lines=left, kind=kind, pairing=pairing)


def _regrouped(day: Day, chosen: set[LineId], whole: Group) -> Day:
    groups: list[Group] = []
    placed = False
    for held in day.groups:
        if not placed and any(line.id in chosen for line in held.lines):
            groups.append(whole)
            placed = True
        rest = _less(held, chosen)
        if rest is not None:
            groups.append(rest if rest.id != whole.id else rebuilt(rest, id=f"{rest.id}-rest"[:64]))
    return rebuilt(day, groups=tuple(groups))
