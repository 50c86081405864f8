from datetime import date
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.pasted.as_done import as_shorthand
from upright_anvil.core.pasted.session_rows import MOST_SETS_A_DAY, DoneSet, PastLog, session_rows, sets_done
from upright_anvil.core.pasted.table import table_of

TODAY = date(2026, 11, 30)


def read(text: str, unit: Unit = Unit.KG) -> PastLog:
    return session_rows(table_of(text), unit, TODAY)


def said(log: PastLog) -> list[str]:
    return [
        f"{one.on:%d %b %Y}{f' {one.client}' if one.client else ''} / {done.name}: {as_shorthand(done.sets)}"
        for one in log.sessions
        for done in one.exercises
    ]


class SessionRowsTest(TestCase):
    def test_a_row_an_exercise_with_days_left_blank_as_merged_cells_leave_them(self) -> None:
        log = read(
            "Date\tExercise\tSets\tReps\tWeight\tRPE\tNotes\n2/3/2026\tSquat\t3\t8\t60\t8\tfine\n"
            "\tBench\t3\t8,8,7\t40,40,42.5\n14/3/2026\tSquat\t3\t8\t62,5 kg\n"
        )
        self.assertEqual(
            said(log),
            [
                "02 Mar 2026 / Squat: 3 x 8, 60 kg",
                "02 Mar 2026 / Bench: 8/8/7, 40/40/42.5 kg",
                "14 Mar 2026 / Squat: 3 x 8, 62.5 kg",
            ],
        )
        first = log.sessions[0].exercises[0].sets
        self.assertEqual([(done.reserve, done.note) for done in first], [(2, "fine"), (2, ""), (2, "")])

    def test_a_row_a_set_in_pounds_with_the_client_in_a_column(self) -> None:
        log = read(
            "date,client,exercise,set,reps,weight (lbs)\n3/14/2026,Agnes,squat,1,8,135\n"
            "3/14/2026,Agnes,squat,2,7,140\n3/14/2026,Berthold,plank,1,30s,\n"
        )
        self.assertEqual(
            said(log),
            [
                "14 Mar 2026 Agnes / squat: 8/7, 135/140 lb",
                "14 Mar 2026 Berthold / plank: 1 x 30 s",
            ],
        )

    def test_a_column_called_set_that_counts_them(self) -> None:
        log = read("date\texercise\tset\treps\n2026-03-02\tsquat\t3\t8\n2026-03-02\trow\t4\t10\n")
        self.assertEqual([done.rpartition(": ")[2] for done in said(log)], ["3 x 8", "4 x 10"])

    def test_a_column_a_day(self) -> None:
        log = read("\t2026-01-05\t2026-01-12\nSquat\t3x8 60\t3x8 62.5\nPlank\t3x40s\t")
        self.assertEqual(
            said(log),
            [
                "05 Jan 2026 / Squat: 3 x 8, 60 kg",
                "05 Jan 2026 / Plank: 3 x 40 s",
                "12 Jan 2026 / Squat: 3 x 8, 62.5 kg",
            ],
        )

    def test_a_plain_list_below_its_days(self) -> None:
        log = read("Mon 2 March 2026\nGoblet squat 3x10 16\npush ups 12/10/8\n\n5 March\nDeadlift 1x5 100 leave 2\n")
        self.assertEqual(
            said(log),
            [
                "02 Mar 2026 / Goblet squat: 3 x 10, 16 kg",
                "02 Mar 2026 / push ups: 12/10/8",
                "05 Mar 2026 / Deadlift: 1 x 5, 100 kg",
            ],
        )

    def test_distance_beside_its_time(self) -> None:
        log = read("Date\tExercise\tDistance (km)\tTime\n2026-03-02\tRun\t5\t25:00\n2026-03-03\tRun\t5.5\t\n")
        runs = [(done.metres, done.seconds) for one in log.sessions for done in one.exercises[0].sets]
        self.assertEqual(runs, [(5000, 1500), (5500, None)])

    def test_body_weight_assistance_and_bands(self) -> None:
        for text, load, assisted, note in (
            ("2 x 5, bw", None, False, ""),
            ("2 x 5, bw+10", Load.of(10, Unit.KG), False, ""),
            ("2 x 5, bw-20", Load.of(20, Unit.KG), True, ""),
            ("2 x 5, band red", None, False, "band red"),
            ("2 x 5, 2x10 kg dumbbells", Load.of(10, Unit.KG), False, "dumbbells 10 kg"),
        ):
            with self.subTest(text):
                first = sets_done(text, Unit.KG)[0]
                self.assertEqual((first.load, first.assisted, first.note), (load, assisted, note))

    def test_what_says_a_plan_or_nothing_is_left_with_its_reason(self) -> None:
        log = read(
            "date\texercise\tsets\treps\tload\n2026-03-02\tsquat\t3\t8\t60\n2026-03-02\trow\t3\t8-10\t40\n"
            "2026-03-02\tpush up\t3\tmax\t\n2026-03-02\tbench\t3\t8\t70%\n2026-03-02\tpress\t\t\t\n"
            "2030-01-01\tsquat\t3\t8\t60\n1970-01-01\tsquat\t3\t8\t60\n32.13.2026\tsquat\t3\t8\t60\n"
            "\tsquat\t3\t8\t60\n2026-03-03\t=A1\t3\t8\t60\n"
        )
        self.assertEqual(said(log), ["02 Mar 2026 / squat: 3 x 8, 60 kg"])
        whys = [left.why for left in log.left]
        for row, words in enumerate(
            (
                "“8-10” is a plan",
                "“max” is a plan",
                "“70 %” is a plan",
                "does not say what was done",
                "has not come yet",
                "more than 30 years back",
                "is no day",
                "No day stands",
                "A formula",
            )
        ):
            with self.subTest(words):
                self.assertIn(words, whys[row])

    def test_nothing_to_read_is_refused(self) -> None:
        for text in ("hello\nworld", "name\tgoal\nAgnes\tstairs", "Пн\tприсед", "🙂\t🙃"):
            with self.subTest(text), self.assertRaisesRegex(DomainError, "No row says what was done"):
                read(text)

    def test_rows_twice_over_are_bounded(self) -> None:
        log = read("2026-03-02\n" + "squat 10x5 60\n" * 8)
        self.assertEqual(len(log.sessions[0].exercises[0].sets), MOST_SETS_A_DAY)
        self.assertEqual(len(log.left), 2)

    @given(
        st.lists(
            st.builds(
                DoneSet,
                reps=st.integers(1, 100),
                load=st.integers(1, 600).map(lambda n: Load.of(f"{n / 2:g}", Unit.KG)),
            ),
            min_size=1,
            max_size=20,
        )
    )
    def test_what_was_done_is_written_and_read_back_the_same(self, sets: list[DoneSet]) -> None:
        self.assertEqual(sets_done(as_shorthand(sets), Unit.KG), sets)
