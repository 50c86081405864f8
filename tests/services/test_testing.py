from datetime import date, timedelta
from decimal import Decimal

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.support import NOW, TODAY, StudioTest, depot, facts
from upright_anvil.core.assessment.items import Battery, Better, TestItem, TestKind
from upright_anvil.core.assessment.results import TestResult
from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.errors import DomainError
from upright_anvil.core.health.history import Entry, State
from upright_anvil.core.health.screening import Answers
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.services.assessment.batteries import (
    add_test,
    all_batteries,
    battery,
    remove_battery,
    save_battery,
    shelf,
)
from upright_anvil.services.assessment.rounds import (
    DoubtError,
    RoundTest,
    finish_round,
    keep_result,
    open_round,
    side_by_side,
    start_round,
)
from upright_anvil.services.assessment.weighing import weighing
from upright_anvil.services.clients.clients import add_client
from upright_anvil.services.health.health_file import add_entry, add_screen
from upright_anvil.services.today.today import open_today
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.rows.once import IdTakenError


def result(row: str, value: str, round_id: str = "round-00001", **more: object) -> TestResult:
    """Push-ups, full, unless told otherwise."""
    fields: dict[str, object] = {"test": "push-up-reps", "on": TODAY, "variant": "full", "at": NOW}
    return TestResult(row, value=Decimal(value), round_id=round_id, **(fields | more))  # type: ignore[arg-type]


class RoundsTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        with self.studio.writing() as scope:
            self.who = add_client(scope, facts(), NOW, depot()).id

    def start(self, round_id: str = "round-00001", on: date = TODAY, which: str = "no-equipment") -> None:
        with self.studio.writing() as scope:
            start_round(scope, self.who, round_id, which, NOW, on)

    def keep(self, row: TestResult) -> bool:
        with self.studio.writing() as scope:
            return keep_result(scope, self.who, row, NOW, TODAY).new

    def look_at(self, round_id: str, test: str, side: Side | None = None) -> RoundTest:
        with self.studio.reading() as scope:
            tests = open_round(scope, round_id, TODAY).tests
        return next(t for t in tests if t.item.id == test and t.side is side)

    def test_a_round_has_its_batterys_tests_left_and_right_apart(self) -> None:
        self.start()
        self.start()
        with self.studio.reading() as scope:
            view = open_round(scope, "round-00001", TODAY)
        self.assertEqual(len(view.tests), 14)
        self.assertEqual([t.side for t in view.tests if t.item.id == "bridge-reps"], [Side.LEFT, Side.RIGHT])

    def test_a_result_sent_twice_is_stored_once_and_a_correction_keeps_the_earlier_value(self) -> None:
        self.start()
        first = result("result-0001", "12")
        self.assertTrue(self.keep(first))
        self.assertFalse(self.keep(first))
        self.keep(result("result-0002", "14", replaces="result-0001"))
        kept = self.look_at("round-00001", "push-up-reps").result
        assert kept
        self.assertEqual((kept.figure, [r.value for r in kept.earlier]), (Decimal(14), [Decimal(12)]))

    def test_an_implausible_figure_is_asked_about_and_kept_if_confirmed(self) -> None:
        self.start()
        with self.assertRaisesRegex(DoubtError, "140 reps is outside 0 to 120. Is that right"):
            self.keep(result("result-0001", "140"))
        self.assertTrue(self.keep(result("result-0001", "140", confirmed=True)))

    def test_what_does_not_belong_is_refused(self) -> None:
        self.start()
        for row, words in [
            (result("result-0001", "-3"), "cannot be -3"),
            (result("result-0001", "5", test="hang-hold", variant=""), "not part of this round"),
            (result("result-0001", "5", test="nonsense"), "no such test"),
            (result("result-0001", "5", round_id="round-99999"), "no such test round"),
        ]:
            with self.subTest(words=words), self.assertRaisesRegex((DomainError, NotFoundError), words):  # type: ignore[arg-type]
                self.keep(row)

    def test_a_joint_in_trouble_is_minded_in_the_tests_too(self) -> None:
        with self.studio.writing() as scope:
            entry = Entry("entry-wrist", TODAY, Joint.WRIST, State.SPARE, Side.BOTH)
            add_entry(scope, self.who, entry, NOW, TODAY)
        self.start()
        self.assertEqual([c.about for c in self.look_at("round-00001", "push-up-reps").cautions], ["both wrists"])
        self.assertEqual(self.look_at("round-00001", "wall-sit-hold").cautions, ())

    def test_a_single_waits_for_the_screen(self) -> None:
        self.start(which="strength-estimate")
        single = result(
            "result-0001", "1", test="bench-load", variant="", load=Load.of(80, Unit.KG), reserve=0, single=True
        )
        with self.assertRaisesRegex(DomainError, "health screen is clear"):
            self.keep(single)
        with self.studio.writing() as scope:
            add_screen(scope, self.who, Answers(True), TODAY, NOW, TODAY)
        self.assertTrue(self.keep(single))

    def test_the_time_before_stands_beside_it(self) -> None:
        self.start("round-00000", TODAY - timedelta(weeks=8))
        self.keep(result("result-0000", "8", "round-00000", on=TODAY - timedelta(weeks=8)))
        self.start()
        last = self.look_at("round-00001", "push-up-reps")
        assert last.last_time
        self.assertEqual((last.last_time.figure, last.last_on), (Decimal(8), TODAY - timedelta(weeks=8)))
        self.assertIsNone(last.result)

    def test_side_by_side_takes_the_first_and_the_newest_unless_others_are_named(self) -> None:
        for number, (weeks, reps) in enumerate([(16, "6"), (8, "9"), (0, "15")]):
            on = TODAY - timedelta(weeks=weeks)
            self.start(f"round-0000{number}", on)
            self.keep(result(f"result-000{number}", reps, f"round-0000{number}", on=on))
        with self.studio.reading() as scope:
            first = side_by_side(scope, self.who, None, None)
            named = side_by_side(scope, self.who, "round-00001", "round-00002")
        change = first.pairs[0].change
        assert change and first.earlier
        self.assertEqual((first.earlier.id, change.difference, change.way), ("round-00000", Decimal(9), "better"))
        self.assertEqual(change.verdict, "clearly more than the typical error")
        assert named.pairs[0].change
        self.assertEqual(named.pairs[0].change.difference, Decimal(6))
        self.assertEqual([r.done for r in first.rounds], [1, 1, 1])

    def test_a_re_test_is_due_on_today(self) -> None:
        for weeks, shown in [(5, False), (7, True), (9, True)]:
            with self.subTest(weeks=weeks):
                with self.studio.writing() as scope:
                    on = TODAY - timedelta(weeks=weeks)
                    who = add_client(scope, facts(f"Weeks {weeks}"), NOW).id
                    start_round(scope, who, f"round-weeks-{weeks}", "no-equipment", NOW, on)
                    unfinished = [d for d in open_today(scope, TODAY).dues if d.client_id == who]
                    finish_round(scope, f"round-weeks-{weeks}", NOW, TODAY)
                    dues = [d for d in open_today(scope, TODAY).dues if d.client_id == who and d.kind == "re-test"]
                self.assertEqual([d.kind for d in unfinished], ["health screen"])
                self.assertEqual([d.late for d in dues], [(weeks - 8) * 7] if shown else [])

    def test_nobody_else_sees_a_round(self) -> None:
        self.start()
        with self.database.reading("somebody-else") as scope, self.assertRaises(NotFoundError):
            open_round(scope, "round-00001", TODAY)

    @settings(max_examples=15, deadline=None)
    @given(st.lists(st.tuples(st.integers(0, 6), st.integers(0, 120)), min_size=1, max_size=12))
    def test_no_kept_result_is_ever_lost(self, sent: list[tuple[int, int]]) -> None:
        round_id = f"round-{abs(hash(tuple(sent))):020d}"
        self.start(round_id)
        ids: dict[str, int] = {}
        for number, reps in sent:
            row = f"{round_id[-12:]}-result-{number}"
            if ids.get(row, reps) != reps:
                with self.assertRaises(IdTakenError):
                    self.keep(result(row, str(reps), round_id))
                continue
            self.assertEqual(self.keep(result(row, str(reps), round_id)), row not in ids)
            ids[row] = reps
        kept = self.look_at(round_id, "push-up-reps").result
        assert kept
        values = [*(r.value for r in kept.earlier), kept.result.value]
        self.assertEqual(values, [Decimal(v) for v in ids.values()])


class BatteriesTest(StudioTest):
    def test_an_edit_is_kept_apart_from_what_ships(self) -> None:
        with self.studio.writing() as scope:
            shipped = battery(scope, "no-equipment")
            asked = Battery("", "No kit", "Short", ("plank-hold", "squat-reps"), 6)
            edited = save_battery(scope, "no-equipment", asked)
            self.assertEqual((edited.id, edited.tests, edited.edited), ("no-equipment", asked.tests, True))
            save_battery(scope, "no-equipment", Battery("", "No kit", "", ("plank-hold",), 6))
            self.assertEqual(len(all_batteries(scope)), 4)
            remove_battery(scope, "no-equipment", NOW)
            self.assertEqual(battery(scope, "no-equipment"), shipped)

    def test_own_batteries_and_tests(self) -> None:
        item = TestItem(
            "", "Rope climb", TestKind.HOLD, "To the top.", Better.LESS, Decimal(1), Decimal(2), Decimal(90)
        )
        with self.studio.writing() as scope:
            made = add_test(scope, item)
            own = save_battery(scope, None, Battery("", "Gym hall", "", (made.id, "plank-hold"), 8))
            self.assertIn(made.id, [t.id for t in shelf(scope).tests])
            self.assertTrue(battery(scope, own.id).own)
            with self.assertRaisesRegex(DomainError, "called Rope climb already"):
                add_test(scope, item)

    def test_bad_lists_are_refused(self) -> None:
        for tests, words in [((), "at least one"), (("waist", "waist"), "twice"), (("ghost",), "no test called ghost")]:
            with self.subTest(words=words), self.studio.writing() as scope, self.assertRaisesRegex(DomainError, words):
                save_battery(scope, None, Battery("", "B", "", tests, 8))
        with self.studio.writing() as scope, self.assertRaises(NotFoundError):
            save_battery(scope, "ghost", Battery("", "B", "", ("waist",), 8))
        crossed = TestItem("", "X", TestKind.HOLD, "", Better.MORE, Decimal(1), Decimal(9), Decimal(2))
        with self.studio.writing() as scope, self.assertRaisesRegex(DomainError, "below the highest"):
            add_test(scope, crossed)


class WeighingTest(StudioTest):
    def test_the_scale_settles_near_the_last_weight(self) -> None:
        with self.studio.writing() as scope:
            who = add_client(scope, facts(), NOW, body_weight=Load.of(70, Unit.KG)).id
            shown = list(weighing(scope, who, TODAY))
        weight = shown[-1].settled
        assert weight
        self.assertAlmostEqual(float(weight.value), 70, delta=1)
