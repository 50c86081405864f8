"""Which program runs, weeks without training, ids of a program's own, and what the next one begins with."""

from datetime import date, timedelta
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from tests.core.plan.samples import MONDAY, program, texts
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import LineId, ProgramId
from upright_anvil.core.plan.changing.carried import carried_on
from upright_anvil.core.plan.changing.compare import compare
from upright_anvil.core.plan.changing.easing import built_before
from upright_anvil.core.plan.changing.renaming import with_own_ids
from upright_anvil.core.plan.document import Program, WeekKind
from upright_anvil.core.plan.edits.calendar import MoveSession, PauseProgram
from upright_anvil.core.plan.edits.phases import AddPhase, RemovePhase
from upright_anvil.core.plan.edits.weeks import ChangeWeek, RemoveWeek
from upright_anvil.core.plan.standing import ProgramDates, ProgramStanding, running, standings

TODAY = date(2026, 3, 4)


def dates(name: str, weeks: int, ended: int | None = None) -> ProgramDates:
    """A program that begins some weeks from this one and was ended some days from today."""
    start = TODAY - timedelta(days=TODAY.weekday()) + timedelta(weeks=weeks)
    return ProgramDates(ProgramId(name), start, None if ended is None else TODAY + timedelta(days=ended), name)


class StandingTest(TestCase):
    def test_stories(self) -> None:
        runs, later, over = ProgramStanding.RUNS, ProgramStanding.PREPARED, ProgramStanding.OVER
        for story, programs, expected in [
            ("the only one runs", [dates("a", -3)], {"a": runs}),
            ("one to come runs where nothing else does", [dates("a", 2)], {"a": runs}),
            ("the next is prepared", [dates("a", -3), dates("b", 2)], {"a": runs, "b": later}),
            ("the next takes over as it begins", [dates("a", -9), dates("b", 0)], {"a": over, "b": runs}),
            ("ended by hand", [dates("a", -3, ended=-1)], {"a": over}),
            ("ended, the next begins later", [dates("a", -3, ended=0), dates("b", 1)], {"a": over, "b": runs}),
            ("of two in a week the later made", [dates("a", 0), dates("b", 0)], {"a": over, "b": runs}),
            ("the first of two to come runs", [dates("b", 4), dates("a", 2)], {"a": runs, "b": later}),
            ("none", [], {}),
        ]:
            with self.subTest(story):
                self.assertEqual(standings(programs, TODAY), expected)

    @given(st.lists(st.tuples(st.integers(-60, 60), st.none() | st.integers(-90, 0)), max_size=6))
    def test_at_most_one_runs_and_none_that_was_ended(self, said: list[tuple[int, int | None]]) -> None:
        programs = [dates(str(n), weeks, ended) for n, (weeks, ended) in enumerate(said)]
        found = standings(programs, TODAY)
        runs = [name for name, standing in found.items() if standing is ProgramStanding.RUNS]
        self.assertEqual(len(runs), int(any(one.ended is None for one in programs)))
        self.assertEqual(runs[0] if runs else None, running(programs, TODAY))
        self.assertTrue(all(one.ended is None for one in programs if one.id in runs))


class PauseTest(TestCase):
    def mondays(self, plan: Program) -> list[int]:
        return [(monday - MONDAY).days // 7 for _, _, monday in plan.weeks()]

    def test_a_pause_moves_its_week_and_all_that_follow(self) -> None:
        paused = PauseProgram(week="w2", weeks=2, reason="Holiday").apply(program())
        self.assertEqual(self.mondays(paused), [0, 3, 4])
        self.assertEqual(paused.end, MONDAY + timedelta(days=4 * 7 + 6))
        longer = PauseProgram(week="w2", weeks=3).apply(PauseProgram(week="w3", weeks=1).apply(paused))
        self.assertEqual(self.mondays(longer), [0, 4, 6])
        self.assertEqual(PauseProgram(week="w2", weeks=0).apply(paused), program())
        with self.assertRaises(DomainError):
            PauseProgram(week="gone", weeks=1).apply(program())

    def test_it_is_told_and_breaks_the_building(self) -> None:
        paused = PauseProgram(week="w3", weeks=1, reason="Flu").apply(program())
        told = compare(program(), paused, {})
        self.assertEqual([(one.where, one.after) for one in told], [("Before week 3", "1 week without training. Flu")])
        self.assertEqual([built_before(program(), "p1", n) for n in range(3)], [1, 2, 3])
        self.assertEqual([built_before(paused, "p1", n) for n in range(3)], [1, 2, 1])

    def test_a_week_taken_out_leaves_its_pause_to_the_next(self) -> None:
        paused = PauseProgram(week="w2", weeks=2).apply(program())
        shorter = RemoveWeek(phase="p1", week="w2").apply(paused)
        self.assertEqual([(p.before, p.weeks) for p in shorter.pauses], [("w3", 2)])
        last = PauseProgram(week="w3", weeks=1).apply(program())
        self.assertEqual(RemoveWeek(phase="p1", week="w3").apply(last).pauses, ())
        two = AddPhase(phase="p2", name="Second").apply(paused)
        self.assertEqual([p.before for p in RemovePhase(phase="p1").apply(two).pauses], ["p2-w1"])


class OwnIdsTest(TestCase):
    def test_no_part_keeps_its_id_and_what_names_another_follows(self) -> None:
        moved = MoveSession(week="w1", day="d1", into="d2").apply(PauseProgram(week="w2", weeks=1).apply(program()))
        own = with_own_ids(moved, "x-")
        self.assertEqual([d.id for d in own.phases[0].days], ["x-d1", "x-d2"])
        self.assertEqual(own.moved[0].into, "x-d2")
        self.assertEqual(own.held_by(own.phases[0].weeks[0].id, own.phases[0].days[0].id), "x-d2")
        self.assertEqual([m for _, _, m in own.weeks()], [m for _, _, m in moved.weeks()])
        self.assertEqual(texts(own, "x-squat"), texts(moved, "squat"))


class CarriedOnTest(TestCase):
    def test_the_next_begins_where_the_last_built_to(self) -> None:
        eased = ChangeWeek(phase="p1", week="w3", kind=WeekKind.EASE_OFF).apply(program())
        following = carried_on(eased, "Next", MONDAY + timedelta(weeks=3))
        self.assertEqual((following.name, following.start), ("Next", MONDAY + timedelta(weeks=3)))
        phase = following.phases[0]
        self.assertEqual([week.kind for week in phase.weeks], [WeekKind.BUILD, WeekKind.BUILD, WeekKind.EASE_OFF])
        squat = next(line for day in phase.days for line in day.lines if line.exercise == "back-squat")
        self.assertEqual([cell.text for cell in squat.cells], ["3 x 8, 60 kg"] * 3)

    def test_what_stays_behind_and_what_is_nobody_s(self) -> None:
        following = carried_on(program(), "Next", MONDAY, [LineId("press"), LineId("gone")])
        self.assertEqual([day.name for day in following.phases[0].days], ["Legs"])
        with self.assertRaisesRegex(DomainError, "Nothing is left"):
            carried_on(program(), "Next", MONDAY, [LineId(name) for name in ("press", "squat", "calf")])
