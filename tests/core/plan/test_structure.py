"""Groups, days, weeks, lines and the calendar: what each edit does to the document."""

from datetime import date
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from tests.core.plan.samples import MONDAY, program, texts
from upright_anvil.core.errors import DomainError
from upright_anvil.core.plan.document import Pairing, Program, Section, WeekKind
from upright_anvil.core.plan.edits import Edit, apply_edits
from upright_anvil.core.plan.edits.calendar import HoldSession, MoveSession
from upright_anvil.core.plan.edits.days import RepeatDay, SetDay
from upright_anvil.core.plan.edits.groups import ChangeGroup, GroupLines, Ungroup
from upright_anvil.core.plan.edits.lines import (
    AddLine,
    ChangeExercise,
    ChangeLine,
    MoveGroup,
    MoveLine,
    MoveWithin,
    RemoveLine,
)
from upright_anvil.core.plan.edits.phases import AddPhase, ChangePhase, RemovePhase
from upright_anvil.core.plan.edits.weeks import ChangeWeek
from upright_anvil.core.prescription.groups import GroupKind


def three() -> Program:
    """The sample with a third line on its first day."""
    return AddLine(day="d1", line="row", exercise="barbell-row", text="3 x 8").apply(program())


def shape(plan: Program, day: int = 0) -> list[tuple[str, list[str]]]:
    return [(g.kind.value, [line.id for line in g.lines]) for g in plan.phases[0].days[day].groups]


PAIR = GroupLines(lines=("squat", "row"), group="g1", kind=GroupKind.PAIR, pairing=Pairing.OPPOSITE)


class GroupsTest(TestCase):
    def test_lines_are_put_together_where_the_first_stands(self) -> None:
        paired = PAIR.apply(three())
        self.assertEqual(shape(paired), [("pair", ["squat", "row"]), ("straight", ["calf"])])
        self.assertEqual(paired.phases[0].days[0].groups[0].pairing, Pairing.OPPOSITE)
        again = GroupLines(lines=("row", "calf", "squat"), group="g2", kind=GroupKind.TRI_SET).apply(paired)
        self.assertEqual(shape(again), [("tri-set", ["squat", "row", "calf"])])

    def test_a_group_that_loses_lines_is_called_what_it_has_become(self) -> None:
        tri = GroupLines(lines=("squat", "calf", "row"), group="g1", kind=GroupKind.TRI_SET).apply(three())
        left = RemoveLine(line="calf").apply(tri)
        self.assertEqual(shape(left), [("pair", ["squat", "row"])])
        self.assertEqual(shape(RemoveLine(line="row").apply(left)), [("straight", ["squat"])])
        circuit = GroupLines(lines=("squat", "calf", "row"), group="g1", kind=GroupKind.CIRCUIT).apply(three())
        moved = MoveLine(line="row", day="d2", position=0).apply(circuit)
        self.assertEqual(shape(moved), [("circuit", ["squat", "calf"])])
        self.assertEqual(shape(moved, 1)[0], ("straight", ["row"]))

    def test_parting_and_changing(self) -> None:
        parted = Ungroup(group="g1").apply(PAIR.apply(three()))
        self.assertEqual([kind for kind, _ in shape(parted)], ["straight"] * 3)
        changed = ChangeGroup(group="g1", section=Section.ACCESSORY, rest_after=75).apply(PAIR.apply(three()))
        group = changed.phases[0].days[0].groups[0]
        self.assertEqual((group.section, group.rest_after, group.pairing), (Section.ACCESSORY, 75, Pairing.OPPOSITE))

    def test_what_does_not_fit_is_refused(self) -> None:
        for words, edit in [
            ("a tri-set of two", GroupLines(lines=("squat", "calf"), group="g", kind=GroupKind.TRI_SET)),
            ("lines of two days", GroupLines(lines=("squat", "press"), group="g", kind=GroupKind.PAIR)),
            ("a line that is gone", GroupLines(lines=("squat", "gone"), group="g", kind=GroupKind.PAIR)),
            ("a group that is gone", Ungroup(group="gone")),
            ("a single made a pair", ChangeGroup(group="g-squat", kind=GroupKind.PAIR)),
            ("merging into itself", MoveSession(week="w1", day="d1", into="d1")),
            ("moved and merged", MoveSession(week="w1", day="d1", into="d2", to=MONDAY)),
            ("a day of another phase", MoveSession(week="w1", day="gone")),
            ("the only phase", RemovePhase(phase="p1")),
        ]:
            with self.subTest(words), self.assertRaisesRegex(DomainError, r"\w.*\.$"):
                edit.apply(three())


class LinesAndDaysTest(TestCase):
    def test_a_line_with_a_section_goes_where_that_belongs(self) -> None:
        warm = AddLine(day="d1", line="warm", exercise="cat-camel", section=Section.WARM_UP).apply(three())
        cool = AddLine(day="d1", line="cool", exercise="quad-stretch", section=Section.COOL_DOWN).apply(warm)
        main = AddLine(day="d1", line="hinge", exercise="deadlift", section=Section.MAIN).apply(cool)
        order = [line.id for line in main.phases[0].days[0].lines]
        self.assertEqual(order, ["warm", "squat", "calf", "row", "hinge", "cool"])

    def test_text_fills_every_week(self) -> None:
        self.assertEqual(texts(three(), "row"), ["3 x 8"] * 3)

    def test_a_group_moves_whole(self) -> None:
        moved = MoveGroup(group="g1", day="d2", position=1).apply(PAIR.apply(three()))
        self.assertEqual(shape(moved, 1), [("straight", ["press"]), ("pair", ["squat", "row"])])

    def test_more_of_a_line(self) -> None:
        said = ChangeLine(line="squat", reason="Knees like it", cues=("Chest up",), harder="front-squat").apply(three())
        line = said.phases[0].days[0].lines[0]
        self.assertEqual(
            (line.reason, line.cues, line.harder, line.easier), ("Knees like it", ("Chest up",), "front-squat", "")
        )

    def test_b_weeks_train_the_other_exercise(self) -> None:
        both = apply_edits(
            three(),
            [
                ChangeWeek(phase="p1", week="w2", variant="B"),
                ChangeExercise(line="squat", exercise="front-squat", variant="B"),
            ],
        )
        phase = both.phases[0]
        line = phase.days[0].lines[0]
        self.assertEqual([line.exercise_in(w) for w in phase.weeks], ["back-squat", "front-squat", "back-squat"])
        self.assertEqual(phase.weeks[1].kind, WeekKind.BUILD)

    def test_a_day_is_repeated_with_ids_of_its_own(self) -> None:
        again = RepeatDay(day="d1", copy_id="d9", name="Legs again", weekday=5).apply(PAIR.apply(three()))
        self.assertEqual([d.name for d in again.phases[0].days], ["Legs", "Press", "Legs again"])
        copied = again.phases[0].days[2]
        self.assertEqual([line.exercise for line in copied.lines], ["back-squat", "barbell-row", "calf-raise"])
        self.assertEqual(copied.groups[0].kind, GroupKind.PAIR)
        self.assertEqual(RepeatDay(day="d1", copy_id="d9", name="X", weekday=5).apply(again), again)

    def test_a_day_knows_its_place_and_minutes(self) -> None:
        day = SetDay(day="d1", place="gym", minutes=40, top_up=True).apply(three()).phases[0].days[0]
        self.assertEqual((day.place, day.minutes, day.top_up), ("gym", 40, True))

    def test_a_phase_begun_again_keeps_its_groups(self) -> None:
        two = AddPhase(phase="p2", name="Next").apply(PAIR.apply(three()))
        self.assertEqual([g.kind for g in two.phases[1].days[0].groups], [GroupKind.PAIR, GroupKind.SINGLE])
        named = ChangePhase(phase="p2", name="Next", purpose="Peak", method="Waves").apply(two)
        self.assertEqual(named.phases[1].method, "Waves")
        self.assertEqual(RemovePhase(phase="p2").apply(two).phases, PAIR.apply(three()).phases)


class CalendarEditsTest(TestCase):
    def test_moved_dropped_and_held_after_all(self) -> None:
        moved = MoveSession(week="w1", day="d1", to=date(2026, 1, 6), reason="Away").apply(program())
        dates = [on for _, _, _, on in moved.sessions()]
        self.assertEqual(dates[:2], [date(2026, 1, 6), date(2026, 1, 8)])
        dropped = MoveSession(week="w1", day="d1").apply(moved)
        self.assertEqual(len(list(dropped.sessions())), 5)
        self.assertEqual(len(dropped.moved), 1)
        self.assertEqual(dropped.held_by("w1", "d1"), "d1")
        held = HoldSession(week="w1", day="d1").apply(dropped)
        self.assertEqual(list(held.sessions()), list(program().sessions()))

    def test_a_merged_session_is_held_with_the_other(self) -> None:
        merged = MoveSession(week="w1", day="d1", into="d2").apply(program())
        phase = merged.phases[0]
        together = merged.as_held(phase, "w1", phase.days[1])
        self.assertEqual([line.id for line in together.lines], ["press", "squat", "calf"])
        self.assertEqual(merged.as_held(phase, "w2", phase.days[1]), phase.days[1])
        self.assertEqual((merged.held_by("w1", "d1"), merged.held_by("w2", "d1")), ("d2", "d1"))
        for words, edit in [
            ("what something was merged into is dropped", MoveSession(week="w1", day="d2")),
            ("round in a circle", MoveSession(week="w1", day="d2", into="d1")),
        ]:
            with self.subTest(words), self.assertRaises(DomainError):
                edit.apply(merged)
        self.assertEqual(len(list(MoveSession(week="w1", day="d2", to=MONDAY).apply(merged).sessions())), 5)


ids = st.sampled_from(["squat", "calf", "row", "press"])
edits: st.SearchStrategy[Edit] = st.one_of(
    st.builds(MoveWithin, line=ids, position=st.integers(0, 4)),
    st.builds(MoveLine, line=ids, day=st.sampled_from(["d1", "d2"]), position=st.integers(0, 4)),
    st.builds(RemoveLine, line=ids),
    st.builds(
        GroupLines,
        lines=st.lists(ids, min_size=2, max_size=3, unique=True).map(tuple),
        group=st.sampled_from(["g1", "g2"]),
        kind=st.sampled_from(GroupKind),
    ),
    st.builds(Ungroup, group=st.sampled_from(["g1", "g2"])),
    st.builds(
        RepeatDay, day=st.just("d1"), copy_id=st.sampled_from(["x", "y"]), name=st.just("Again"), weekday=st.just(5)
    ),
)


class AnyEditsTest(TestCase):
    @given(st.lists(edits, max_size=8))
    def test_the_document_always_holds_together(self, asked: list[Edit]) -> None:
        """Whatever is edited in whatever order: refused with a sentence, or a document that reads back as itself."""
        plan = three()
        for edit in asked:
            try:
                plan = edit.apply(plan)
            except DomainError as refusal:
                self.assertRegex(str(refusal), r"\w")
        self.assertEqual(Program.model_validate_json(plan.model_dump_json()), plan)
