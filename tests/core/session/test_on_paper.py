from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import LineId
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.bounds import MAX_SETS
from upright_anvil.core.session.on_paper import MOST_IN_A_LINE, PaperLine, PaperSet, read_paper

NAMES = {
    LineId("l1"): "Back squat", LineId("l2"): "Plank", LineId("l3"): "Barbell row", LineId("l4"): "Biceps curl",
    LineId("l5"): "Push-up", LineId("l6"): "Easy run",
}  # fmt: skip


def amount(one: PaperSet) -> str:
    if one.metres is not None:
        return f"{one.metres}m" + (f"/{one.seconds}s" if one.seconds else "")
    counted = "" if one.counted is None else f"{one.counted}in"
    return f"{counted}{one.seconds}s" if one.reps is None else str(one.reps)


def told(line: PaperLine) -> str:
    if line.sets is None:
        return f"{line.line} as planned"
    return f"{line.line} " + " ".join(
        f"{amount(s)}{f'@{s.load}' if s.load else ''}{f'/{s.left}' if s.left is not None else ''}" for s in line.sets
    )


class PaperTest(TestCase):
    def test_a_session_as_it_stands_in_a_notebook(self) -> None:
        for text, expected in [
            ("squat 8,8,7 at 60, left 2", "l1 8@60 kg 8@60 kg 7@60 kg/2"),
            ("Squat: 8, 8, 7 @ 62,5 kg", "l1 8@62.5 kg 8@62.5 kg 7@62.5 kg"),
            ("squats 8/8/7 x 60 2 left", "l1 8@60 kg 8@60 kg 7@60 kg/2"),
            ("plank 40,40,35 s", "l2 40s 40s 35s"),
            ("row 3x10 at 22.5", "l3 10@22.5 kg 10@22.5 kg 10@22.5 kg"),
            ("bar row 10 at 50 lb", "l3 10@50 lb"),
            ("curl 12,10,8 at 10/12, left 1", "l4 12@10 kg 10@12 kg 8@12 kg/1"),
            ("push-up", "l5 as planned"),
            ("push up done", "l5 as planned"),
            ("curl skipped", "l4 "),
            ("run 5 km in 31:20", "l6 5000m/1880s"),
            ("Easy run: 3,5 km 22 min", "l6 3500m/1320s"),
            ("run 3 km", "l6 3000m"),
            ("run 75 min", "l6 4500s"),
            ("curl 14, 13 in 45 s at 8", "l4 14in45s@8 kg 13in45s@8 kg"),
        ]:
            with self.subTest(text):
                (found,) = read_paper(text, NAMES, Unit.KG)
                self.assertEqual(told(found), expected)

    def test_nothing_is_half_read(self) -> None:
        for text, said in [
            ("squat 8,8\nswim 20", "Line 2, “swim 20”: no exercise of this session"),
            ("squat 8,8\nsquat 7", "Line 2, “squat 7”: that exercise stands there already"),
            ("squat 8,8 at 60/70/80", "3 loads for 2 sets"),
            ("squat 8,8 sixty", "write a name and its sets"),
            ("squat 900", "at most 100 repetitions"),
            ("squat 8, left 40", "0 to 10"),
            ("8,8,7", "write a name"),
            ("squat 30x5", "1 to 20 sets"),
            ("run 80 km", "1 to 50000 whole metres"),
            ("run 5 km in 700:00", "at most 6 hours"),
            ("curl 1400 in 45 s", "at most 999"),
        ]:
            with self.subTest(text), self.assertRaises(DomainError) as refused:
                read_paper(text, NAMES, Unit.KG)
            with self.subTest(text):
                self.assertIn(said, str(refused.exception))

    @given(st.text(max_size=80))
    def test_anything_is_read_or_refused(self, text: str) -> None:
        try:
            read_paper(text, NAMES, Unit.KG)
        except DomainError as refusal:
            self.assertTrue(str(refusal))

    def test_any_room_between_words_is_one_space(self) -> None:
        room = " " * 5000
        self.assertEqual(
            [told(line) for line in read_paper(f"squat{room}8,8 at 60", NAMES, Unit.KG)], ["l1 8@60 kg 8@60 kg"]
        )

    def test_a_line_too_long_is_refused_at_once(self) -> None:
        for again in ("1", "1 ", "- ", "5 x ", "squat 8 "):
            with self.subTest(again), self.assertRaises(DomainError) as refused:
                read_paper("plank\n" + "squat " + again * (5000 // len(again)), NAMES, Unit.KG)
            self.assertIn("Line 2", str(refused.exception))
            self.assertIn(f"at most {MOST_IN_A_LINE} characters", str(refused.exception))
            self.assertLess(len(str(refused.exception)), MOST_IN_A_LINE)

    def test_the_longest_session_fits_a_line(self) -> None:
        sets = MAX_SETS - 1
        line = f"squat {','.join(['12'] * sets)} at {'/'.join(['102.5'] * sets)}, left 2"
        self.assertEqual(len(read_paper(line, NAMES, Unit.KG)[0].sets or ()), sets)
