from dataclasses import replace
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition
from upright_anvil.core.ledger.standing import done_sets, standing_rows
from upright_anvil.core.loads.load import Load, Unit

FIRST = SetPosition("line", 1)


def row(row_id: str, reps: int = 8, replaces: str | None = None, slot: SetPosition = FIRST) -> PerformedSet:
    return PerformedSet(
        row_id, slot, "squat", Outcome.DONE, reps=reps, load=Load.of(60, Unit.KG), reserve=2, replaces=replaces
    )


class RowTest(TestCase):
    def test_refuses_what_no_set_can_be(self) -> None:
        good = row("a")
        for wrong in [
            {"reps": 101},
            {"reps": -1},
            {"reps": None},
            {"seconds": 30},
            {"reserve": 11},
            {"slot": SetPosition("line", 0)},
            {"slot": SetPosition("line", 61)},
        ]:
            with self.subTest(wrong=wrong), self.assertRaisesRegex(DomainError, r"\.$"):
                replace(good, **wrong)

    def test_a_skipped_set_needs_neither_reps_nor_seconds(self) -> None:
        self.assertEqual(PerformedSet("a", FIRST, "squat", Outcome.SKIPPED).reps, None)


class StandingTest(TestCase):
    def test_a_correction_stands_and_keeps_the_earlier_value(self) -> None:
        standing = standing_rows([row("a", 8), row("b", 6, replaces="a"), row("c", 7, replaces="b")])[FIRST]
        self.assertEqual(standing.row.reps, 7)
        self.assertEqual([r.reps for r in standing.earlier], [8, 6])

    def test_two_devices_that_did_not_know_of_each_other(self) -> None:
        standing = standing_rows([row("tablet", 8), row("phone", 6)])[FIRST]
        self.assertEqual(standing.row.id, "tablet")
        self.assertEqual([r.id for r in standing.beside], ["phone"])

    def test_taking_the_other_value_settles_the_difference(self) -> None:
        rows = [row("tablet", 8), row("phone", 6), row("settled", 6, replaces="tablet")]
        self.assertEqual(standing_rows(rows)[FIRST].beside, ())

    def test_a_late_row_does_not_undo_a_correction(self) -> None:
        rows = [row("a", 8), row("b", 6, replaces="a"), row("late", 9, replaces="a")]
        standing = standing_rows(rows)[FIRST]
        self.assertEqual((standing.row.id, [r.id for r in standing.beside]), ("b", ["late"]))

    def test_a_cleared_set_is_not_done(self) -> None:
        cleared = replace(row("b", replaces="a"), outcome=Outcome.CLEARED, reps=None)
        self.assertEqual(done_sets([row("a"), cleared]), ())

    @given(
        st.lists(
            st.tuples(st.integers(0, 12), st.integers(1, 3), st.one_of(st.none(), st.integers(0, 12))), max_size=20
        )
    )
    def test_no_row_is_ever_lost(self, drawn: list[tuple[int, int, int | None]]) -> None:
        rows = [row(f"r{i}", i, None if to is None else f"r{to}", SetPosition("line", slot)) for i, slot, to in drawn]
        kept = standing_rows(rows)
        said = {r.id for s in kept.values() for r in (s.row, *s.earlier, *s.beside)}
        settled = {(r.slot, r.reps) for s in kept.values() for r in (s.row, *s.earlier)}
        for first in {r.id: r for r in reversed(rows)}.values():
            self.assertTrue(first.id in said or (first.slot, first.reps) in settled)

    @given(st.lists(st.integers(0, 5), max_size=8))
    def test_sending_twice_changes_nothing(self, ids: list[int]) -> None:
        rows = [row(f"r{i}", i, slot=SetPosition("line", i + 1)) for i in ids]
        self.assertEqual(standing_rows(rows), standing_rows([*rows, *rows]))
