from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.errors import DomainError
from upright_anvil.core.pasted.program_rows import PastedProgram, program_rows
from upright_anvil.core.pasted.table import MOST_ROWS, table_of


def read(text: str) -> PastedProgram:
    return program_rows(table_of(text))


def said(found: PastedProgram) -> list[str]:
    return [f"{found.days[line.day].name} / {line.name}: {' | '.join(line.texts)}" for line in found.lines]


class ProgramRowsTest(TestCase):
    def test_a_heading_with_sets_reps_and_more(self) -> None:
        found = read(
            "Exercise\tSets\tReps\tWeight\tTempo\tRest\tRIR\tNotes\nDay 1\n"
            "Back squat\t4\t6-8\t80\t3010\t2:30\t2\tslow\nRDL\t3.0\t8 reps\t72,5 kg\t\t90\t2\t\n"
            "Plank\t3\t40 s\t-\t\t1 min\t\t\nDay 2\ndb row\t3\t10/side\t70%\t\t60s\t\t\n"
        )
        self.assertEqual(
            said(found),
            [
                "Day 1 / Back squat: 4 x 6-8, 80, tempo 3-0-1-0, rest 2:30, leave 2",
                "Day 1 / RDL: 3 x 8, 72.5 kg, rest 1:30, leave 2",
                "Day 1 / Plank: 3 x 40 s, rest 1:00",
                "Day 2 / db row: 3 x 10/side, 70%, rest 1:00",
            ],
        )
        self.assertEqual(found.lines[0].note, "slow")

    def test_a_column_a_week_and_days_in_rows_of_their_own(self) -> None:
        found = read(
            "\tWeek 1\tWeek 2\tWeek 3\nMonday\nGoblet squat\t3x10 16\t3x11 16\t\nThursday\nPush ups\t3x10\t\t3x12\n"
        )
        self.assertEqual(
            said(found),
            ["Monday / Goblet squat: 3x10 16 | 3x11 16 | 3x11 16", "Thursday / Push ups: 3x10 | 3x10 | 3x12"],
        )
        self.assertEqual([day.weekday for day in found.days], [0, 3])

    def test_a_heading_of_two_rows_with_merged_weeks(self) -> None:
        found = read(",Week 1,,,Week 2,,\nExercise,Sets,Reps,Load,Sets,Reps,Load\nSquat,3,8,60,3,8,62.5\n")
        self.assertEqual(said(found), ["Day 1 / Squat: 3 x 8, 60 | 3 x 8, 62.5"])

    def test_a_row_a_week_and_weeks_as_rows(self) -> None:
        rows = "week;day;exercise;sets;reps;load\n1;1;Squat;3;8;60\n1;2;Bench;3;8;40\n"
        rows += "2;1;Squat;3;8;62.5\n2;2;Bench;3;8;42.5"
        expected = ["Day 1 / Squat: 3 x 8, 60 | 3 x 8, 62.5", "Day 2 / Bench: 3 x 8, 40 | 3 x 8, 42.5"]
        self.assertEqual(said(read(rows)), expected)
        plain = "Week 1\nDay 1\nSquat\t3x8 60\nDay 2\nBench\t3x8 40\n"
        plain += "Week 2\nDay 1\nSquat\t3x8 62\nDay 2\nBench\t3x8 42"
        self.assertEqual(said(read(plain)), ["Day 1 / Squat: 3x8 60 | 3x8 62", "Day 2 / Bench: 3x8 40 | 3x8 42"])

    def test_a_plain_list(self) -> None:
        self.assertEqual(
            said(read("Day A\ngoblet squat 3x10 16\n\npush-up 3x12\nDay B\ndeadlift 5x5 100")),
            ["Day A / goblet squat: 3x10 16", "Day A / push-up: 3x12", "Day B / deadlift: 5x5 100"],
        )

    def test_formulas_empty_names_and_what_is_too_much_are_told(self) -> None:
        found = read("Exercise\tSets\tReps\nSquat\t3\t8\nBench\t3\t=B2\n\t3\t10")
        self.assertEqual([(one.row, one.why.split(":")[0]) for one in found.left],
                         [(3, "A formula"), (4, "No exercise stands in this row.")])  # fmt: skip
        for text, word in [
            ("squat 3x8\n" * (MOST_ROWS + 1), "at most 600 at once"),
            ("1\t2\t3\n4\t5\t6", "No row names an exercise"),
            ("\n".join(f"Day {n}\nsquat 3x8" for n in range(1, 10)), "7 days"),
            ("Exercise\tWeek 90\tWeek 91\nSquat\t3x8\t3x8", "26 weeks"),
        ]:
            with self.subTest(word), self.assertRaisesRegex(DomainError, word):
                read(text)

    @given(st.text(max_size=200))
    def test_never_breaks(self, text: str) -> None:
        try:
            found = read(text)
        except DomainError:
            return
        self.assertTrue(found.lines and all(len(line.texts) == found.weeks for line in found.lines))
