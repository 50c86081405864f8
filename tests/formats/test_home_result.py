"""Results as text: whole or refused, whatever message they stand in."""

from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.errors import DomainError
from upright_anvil.formats.home_result import read_result, sheet_of, write_result

KEY = "00112233445566778899aabbccddeeff"

FROM_A_PHONE = (
    "UA1.eyJzIjoic2hlZXQtMSIsInIiOiJydW4tMDAwMDAwMDEiLCJ3IjoicDEtdzEiLCJkIjoicDEtZDEiLCJiIjoxNzcyMDAwMDAw"
    "LCJlIjoxNzcyMDAxODAwLCJmIjo2LCJ0IjoiS25lZSB3YXMgZmluZSIsIngiOiIwLDEsMiw4LCwxMi41LDIsNjA7MSwxLDEwLCw0"
    "MCwsLDIwMCJ9.Rk5XlU6WafK6"
)
"""What a sheet makes of these figures; the same text stands in the test of its script."""


def said(**more: object) -> dict[str, object]:
    return {
        "s": "sheet-1", "r": "run-00000001", "w": "p1-w1", "d": "p1-d1", "b": 1_772_000_000, "e": 1_772_001_800,
        "f": 6, "t": "Knee was fine", "x": "0,1,2,8,,12.5,2,60;1,1,10,,40,,,200",
    } | more  # fmt: skip


class HomeResultTest(TestCase):
    def test_it_comes_back_as_it_was_sent(self) -> None:
        text = write_result(said(), KEY)
        self.assertEqual(sheet_of(text), "sheet-1")
        found = read_result(text, KEY)
        self.assertEqual((found.run, found.effort, found.note), ("run-00000001", 6, "Knee was fine"))
        first, second = found.rows
        self.assertEqual((first.reps, str(first.load), first.done, first.hurt), (8, "12.5", True, False))
        self.assertEqual((second.seconds, second.by_clock), (40, True))

    def test_a_message_around_it_and_broken_lines_are_borne(self) -> None:
        text = write_result(said(), KEY)
        for message in (f"Hi! Here it is:\n{text}\nSee you", text[:40] + "\n" + text[40:], f"  {text}  "):
            self.assertEqual(read_result(message, KEY).run, "run-00000001")

    @given(st.integers(4, 200), st.sampled_from("ABCxyz019-_"))
    def test_whatever_is_changed_on_the_way_is_refused(self, at: int, letter: str) -> None:
        text = write_result(said(), KEY)
        at = min(at, len(text) - 1)
        changed = text[:at] + letter + text[at + 1 :]
        if changed != text:
            with self.assertRaises(DomainError):
                read_result(changed, KEY)

    def test_bad_input(self) -> None:
        text = write_result(said(), KEY)
        other = write_result(said(r="run-00000002"), KEY)
        for wrong in (
            "",
            "hello",
            "UA1.abc.def",
            text[:-3],
            "UA1." + "A" * 30_000 + ".AAAAAAAAAAAA",
            text + " " + other,
        ):
            with self.subTest(wrong[:20]), self.assertRaises(DomainError):
                read_result(wrong, KEY)
        with self.assertRaises(DomainError):
            read_result(text, KEY[::-1])
        for more in ({"f": 11}, {"x": "a"}, {"t": "a" * 501}, {"z": 1}, {"r": "short"}, {"b": 5}):
            with self.assertRaises(DomainError):
                write_result(said(**more), KEY)
        many = ";".join(f"0,{n % 99 + 1},2,8,,,,0" for n in range(241))
        for rows in (
            many,
            "0,0,2,8,,,,0",
            "0,1,2,8,,,,",
            "0,1",
            ";",
            "0,1,2,8,,1.2.3,,0",
            "0,1,99,8,,,,0",
            "0,1,2,9999,,,,0",
        ):
            with self.subTest(rows[:20]), self.assertRaises(DomainError):
                read_result(write_result(said(x=rows), KEY), KEY)

    def test_the_phone_writes_what_is_read_here(self) -> None:
        self.assertEqual(read_result(FROM_A_PHONE, KEY).rows, read_result(write_result(said(), KEY), KEY).rows)
