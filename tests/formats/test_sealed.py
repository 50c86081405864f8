"""A sealed file opens with its passphrase, whole or not at all."""

import io
import random
from typing import ClassVar
from unittest import TestCase

from hypothesis import given, settings
from hypothesis import strategies as st

from upright_anvil.core.errors import DomainError
from upright_anvil.formats.sealed import (
    FRAME,
    MAGIC,
    SealError,
    SealKey,
    WrongPassphraseError,
    key_of,
    new_key,
    seal,
    unseal,
)

WORDS = "correct horse and a chair"


def sealed(content: bytes, key: SealKey) -> bytes:
    target = io.BytesIO()
    seal(iter([content[:100], content[100:]]), target, key)
    return target.getvalue()


def opened(file: bytes, passphrase: str = WORDS) -> bytes:
    return b"".join(unseal(io.BytesIO(file), passphrase))


class SealedTest(TestCase):
    key: ClassVar[SealKey]
    small: ClassVar[bytes]

    @classmethod
    def setUpClass(cls) -> None:
        cls.key = new_key(WORDS)
        cls.small = sealed(b"Ottoline Fisk, left knee", cls.key)

    def test_what_was_sealed_comes_back_whatever_its_length(self) -> None:
        noise = bytes(range(256)) * 9000
        for content in (b"", b"a", noise, b"\0" * (5 * FRAME)):
            with self.subTest(len(content)):
                self.assertEqual(opened(sealed(content, self.key)), content)

    def test_nothing_of_it_stands_in_the_file(self) -> None:
        for part in (b"Ottoline", b"knee", WORDS.encode()):
            self.assertNotIn(part, self.small)

    def test_another_passphrase_is_told(self) -> None:
        for wrong in ("", WORDS + " ", WORDS.upper(), "a" * 10_000):
            with self.assertRaises(WrongPassphraseError):
                opened(self.small, wrong)

    def test_a_short_passphrase_is_refused(self) -> None:
        with self.assertRaises(DomainError):
            new_key("elevenchars")

    @settings(max_examples=25, deadline=None)
    @given(st.data())
    def test_a_file_that_was_cut_or_changed_never_opens(self, data: st.DataObject) -> None:
        at = data.draw(st.integers(0, len(self.small) - 1))
        changed = bytearray(self.small)
        changed[at] ^= data.draw(st.integers(1, 255))
        for file in (bytes(changed), self.small[:at], self.small + b"\0"):
            with self.assertRaises(SealError):
                opened(file)

    def test_frames_in_another_order_or_left_out_do_not_open(self) -> None:
        noise = random.Random(7).randbytes(3 * FRAME)
        file = sealed(noise, self.key)
        head = len(MAGIC) + 4 + int.from_bytes(file[len(MAGIC) : len(MAGIC) + 4], "big")
        frame = 4 + FRAME + 16
        first, second = file[head : head + frame], file[head + frame : head + 2 * frame]
        rest = file[head + 2 * frame :]
        self.assertEqual(opened(file[:head] + first + second + rest), noise)
        for wrong in (second + first + rest, first + rest, first + first + second + rest):
            with self.assertRaises(SealError):
                opened(file[:head] + wrong)

    def test_the_key_tells_which_studio_made_it(self) -> None:
        self.assertEqual(key_of(io.BytesIO(self.small)).fingerprint, self.key.fingerprint)
        self.assertNotEqual(new_key(WORDS).fingerprint, self.key.fingerprint)

    def test_what_is_no_backup_is_told(self) -> None:
        for file in (b"", b"PK\x03\x04", MAGIC, MAGIC + b"\xff\xff\xff\xff", MAGIC + b"\0\0\0\x02[]"):
            with self.assertRaises(SealError):
                opened(file)
