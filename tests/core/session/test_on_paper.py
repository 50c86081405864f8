from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import LineId
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.session.on_paper import PaperLine, read_paper

NAMES = {
    LineId("l1"): "Back squat", LineId("l2"): "Plank", LineId("l3"): "Barbell row", LineId("l4"): "Biceps curl",
    LineId("l5"): "Push-up",
}  # fmt: skip


def told(line: PaperLine) -> str:
    if line.sets is None:
        return f"{line.line} as planned"
    return f"{line.line} " + " ".join(
        f"{s.reps or f'{s.seconds}s'}{f'@{s.load}' if s.load else ''}{f'/{s.left}' if s.left is not None else ''}"
        for s in line.sets
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
