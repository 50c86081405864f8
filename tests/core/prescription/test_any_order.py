"""Clauses come in any order, with or without commas: each order says the same."""

from unittest import TestCase

from hypothesis import given, settings
from hypothesis import strategies as st

from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.text.shorthand import read, write

CLAUSES = (
    ("60", "60 kg", "bw", "bw + 5", "band red", "75%", "12 + 8", "step white/green", ""),
    ("tempo 31x0", "t31X0", "5 s down", "5 s down, 3 s pause", ""),
    ("rest 2:00", "rest 90", "90 s rest", "rest 30-60 s", "rest 45 with easy walk", ""),
    ("leave 2", "rir 2", "2 rir", "rpe 8", "@ RPE 8", ""),
    ("each side", "alternating", "e/s", "left only", ""),
    ("or bw x 12", "or 8 x 15", ""),
    ("last set max", "half reps", "+ 5 partial", ""),
)


@st.composite
def lines(draw: st.DrawFn) -> tuple[list[str], list[str]]:
    said = [clause for slot in CLAUSES if (clause := draw(st.sampled_from(slot)))]
    return said, draw(st.permutations(said))


class AnyOrderTest(TestCase):
    @settings(max_examples=400)
    @given(lines())
    def test_every_order_says_the_same(self, drawn: tuple[list[str], list[str]]) -> None:
        said, other = drawn
        first = write(read(", ".join(["3 x 8-10", *said]), Unit.KG))
        self.assertEqual(write(read(", ".join(["3 x 8-10", *other]), Unit.KG)), first)
        # Without commas a bare number is a load only where no word before it takes it for its own;
        # "bw + 5 half reps" may be either.
        if not any(clause.isdigit() or "with" in clause or "half" in clause for clause in other):
            self.assertEqual(write(read(" ".join(["3 x 8-10", *other]), Unit.KG)), first)
