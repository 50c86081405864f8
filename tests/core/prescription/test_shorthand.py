from unittest import TestCase

from hypothesis import example, given
from hypothesis import strategies as st

from tests.core.strategies import prescriptions
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.load_targets import BodyweightLoad
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Reps, Seconds
from upright_anvil.core.prescription.tempo import Tempo
from upright_anvil.core.prescription.text.shorthand import ShorthandError, Unreadable, read, write, write_parts


def why(text: str) -> Unreadable:
    try:
        read(text, Unit.KG)
    except ShorthandError as error:
        return error.why
    raise AssertionError(f"{text!r} was read")


class ReadTest(TestCase):
    def test_reads_a_whole_line(self) -> None:
        self.assertEqual(
            read("4 x 8-10, 62.5 kg, tempo 3-1-X-0, rest 2:00, leave 2", Unit.KG),
            Prescription(4, Reps(8, 10), False, Load.of("62.5", Unit.KG), Tempo(3, 1, None, 0), 120, 2),
        )

    def test_forgives_spaces_case_and_commas(self) -> None:
        for typed, normal in [
            ("4x8", "4 x 8"),
            ("  4 × 8 ", "4 x 8"),
            ("4*8", "4 x 8"),
            ("4 sets of 8", "4 x 8"),
            ("4 X 8 TO 10 REPS", "4 x 8-10"),
            ("4x8–10", "4 x 8-10"),
            ("4 x 8 62,5kg", "4 x 8, 62.5 kg"),
            ("4x8,10kg", "4 x 8, 10 kg"),
            ("4x8 @ 20", "4 x 8, 20 kg"),
            ("4x8 20 lbs", "4 x 8, 20 lb"),
            ("3x40s e/s rest 30", "3 x 40 s each side, rest 30 s"),
            ("3 x 40 sec per side", "3 x 40 s each side"),
            ("3 x 1:30", "3 x 90 s"),
            ("4x8 TEMPO 31x0", "4 x 8, tempo 3-1-X-0"),
            ("4x8 tempo 3 - 1 - x - 0", "4 x 8, tempo 3-1-X-0"),
            ("4x8 rest 90", "4 x 8, rest 1:30"),
            ("4x8 rest 3 min", "4 x 8, rest 3:00"),
            ("4x8 rest 0", "4 x 8, rest 0 s"),
            ("4x8 bodyweight", "4 x 8, bw"),
            ("4x8 bw+10", "4 x 8, bw + 10 kg"),
            ("4x8 bw - 15 kg", "4 x 8, bw - 15 kg"),
            ("4x8 leave 2 20kg rest 1:00", "4 x 8, 20 kg, rest 1:00, leave 2"),
            ("4x8,,; leave 2,", "4 x 8, leave 2"),
        ]:
            with self.subTest(typed=typed):
                self.assertEqual(write(read(typed, Unit.KG)), normal)

    def test_a_load_without_its_unit_takes_the_clients(self) -> None:
        self.assertEqual(read("3x5 100", Unit.LB).load, Load.of(100, "lb"))
        self.assertEqual(read("3x5 100 kg", Unit.LB).load, Load.of(100, Unit.KG))

    def test_reads_holds_and_body_weight(self) -> None:
        self.assertEqual(read("3 x 40 s each side", Unit.KG).target, Seconds(40))
        self.assertEqual(read("3 x 5, bw", Unit.KG).load, BodyweightLoad())
        self.assertEqual(read("3 x 5, bw - 15 kg", Unit.KG).load, BodyweightLoad(Load.of(15, Unit.KG), assisted=True))


class UnreadableTest(TestCase):
    def test_says_where_and_what_was_expected(self) -> None:
        for typed, position, expected in [
            ("", 0, "sets x reps"),
            ("8", 0, "sets x reps"),
            ("four by eight", 0, "sets x reps"),
            ("3 x", 3, "repetitions such as 8"),
            ("3 x heavy", 4, "repetitions such as 8"),
            ("3 x 8, banana", 7, "a load"),
            ("3 x 8, tmepo 3-1-1-0", 7, "'tempo 3-1-X-0'"),
            ("3 x 8 rst 90", 6, "'rest 2:00'"),
            ("3 x 8, tempo 3-1-1", 7, "'tempo"),
            ("3 x 8, tempo 3-1-Y-1", 7, "'tempo"),
            ("3 x 8, 50 kg, 60 kg", 14, "a load only once"),
            ("3 x 8, each side each side", 17, "'each side' only once"),
            ("3 x 999", 4, "must be 1 to 100"),
            ("3 x 0", 4, "must be 1 to 100"),
            ("0 x 8", 0, "must be 1 to 20"),
            ("99 x 8", 0, "must be 1 to 20"),
            ("3 x 10-8", 4, "write 8-10"),
            ("3 x 8, 5000 kg", 7, "at most 1000 kg"),
            ("3 x 8, 0 kg", 7, "more than 0"),
            ("3 x 8, rest 99:00", 7, "must be 0 to 1800"),
            ("3 x 8, leave 40", 7, "must be 0 to 10"),
            ("3 x 8, tempo 99-0-1-0", 7, "must be 0 to 60"),
            ("3 x 22000 s", 4, "must be 1 to 21600"),
            ("3 x -8", 4, "repetitions such as 8"),
        ]:
            with self.subTest(typed=typed):
                found = why(typed)
                self.assertEqual(found.position, position)
                self.assertIn(expected, found.expected)

    def test_offers_the_nearest_line_that_can_be_read(self) -> None:
        for typed, nearest in [
            ("3 x 8, 10 kg, tmepo 3-1-1-0, rest 60", "3 x 8, 10 kg, tempo 3-1-1-0, rest 1:00"),
            ("3 x 8, banana, leave 2", "3 x 8, leave 2"),
            ("3 x 8 rst 90", "3 x 8, rest 1:30"),
            ("3 x 8, 50 kg, 60 kg, rest 1:00", "3 x 8, 50 kg, rest 1:00"),
            ("3 x 8, leav 2", "3 x 8, leave 2"),
            ("banana", None),
        ]:
            with self.subTest(typed=typed):
                self.assertEqual(why(typed).nearest, nearest)

    def test_a_line_too_long_is_refused_at_its_end(self) -> None:
        self.assertEqual(why("3 x 8" + " " * 500).position, 400)

    @given(st.text(max_size=80))
    @example("3 x 8" + ",a" * 90)
    @example("9999999999999999999999 x 8")
    def test_never_breaks_and_never_points_outside(self, text: str) -> None:
        try:
            read(text, Unit.KG)
        except ShorthandError as error:
            self.assertTrue(0 <= error.why.position <= len(text))
            self.assertTrue(error.why.expected)
            if error.why.nearest:
                self.assertEqual(write(read(error.why.nearest, Unit.KG)), error.why.nearest)

    @given(prescriptions, st.data())
    def test_a_slip_anywhere_keeps_what_came_before(self, prescription: Prescription, data: st.DataObject) -> None:
        text = write(prescription)
        at = data.draw(st.integers(0, len(text)))
        slipped = text[:at] + "?" + text[at:]
        self.assertLessEqual(why(slipped[:400]).position, at)


class WriteTest(TestCase):
    @given(prescriptions)
    def test_is_lossless(self, prescription: Prescription) -> None:
        self.assertEqual(read(write(prescription), Unit.KG), prescription)

    @given(prescriptions)
    def test_the_clients_unit_never_changes_a_written_load(self, prescription: Prescription) -> None:
        self.assertEqual(read(write(prescription), Unit.LB), prescription)

    @given(prescriptions)
    def test_normal_form_is_its_own_normal_form(self, prescription: Prescription) -> None:
        self.assertEqual(write(read(write(prescription), Unit.KG)), write(prescription))

    def test_comes_in_two_halves(self) -> None:
        self.assertEqual(write_parts(read("4x8 60 leave 1 rest 90", Unit.KG)), ("4 x 8, 60 kg", "rest 1:30, leave 1"))
        self.assertEqual(write_parts(read("3x40s", Unit.KG)), ("3 x 40 s", ""))
