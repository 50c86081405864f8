"""Secrets of signing in: hashes of what people know (argon2id), and random words for what browsers keep."""

import hmac
from hashlib import sha256
from secrets import choice, token_urlsafe
from typing import Final

from argon2 import PasswordHasher
from argon2.exceptions import InvalidHashError, VerificationError

_HASHER: Final = PasswordHasher()
"""The library's own cost (RFC 9106, low memory): about 64 MiB and a few hundredths of a second."""

UNKNOWN: Final = "$argon2id$v=19$m=65536,t=3,p=4$zzFMle/+5/IGJYjpcxGnEg$870utGiUO+XqIfH81xl46jX9nWPCxWuAVrZxBjwO9Q8"
"""Of no secret at all: compared with where there is nobody of that name, so that an answer takes as long."""

_LETTERS: Final = "abcdefghjkmnpqrstuvwxyz23456789"
CODES: Final = 8
"""Recovery codes that somebody gets at once."""

_PART = 5
_PARTS = 3


def hashed(secret: str) -> str:
    """Answer the slow hash of something a person knows."""
    return _HASHER.hash(secret)


def matches(kept: str | None, secret: str) -> bool:
    """Answer whether something a person says is what was hashed; it takes as long where nothing was."""
    try:
        return _HASHER.verify(kept or UNKNOWN, secret) and kept is not None
    except (VerificationError, InvalidHashError):
        return False


def token() -> str:
    """Answer a random word of 256 bits."""
    return token_urlsafe(32)


def fingerprint(random_word: str) -> str:
    """Answer the quick hash of a random word, as it is kept: it cannot be guessed, so it need not be slow."""
    return sha256(random_word.encode()).hexdigest()


def same(one: str, other: str) -> bool:
    """Answer whether two hashes are the same, in a time that says nothing."""
    return hmac.compare_digest(one, other)


def recovery_code() -> str:
    """Answer a code of 74 bits that can be read from paper: ``k3m7q-x2hyw-9d4tr``."""
    return "-".join("".join(choice(_LETTERS) for _ in range(_PART)) for _ in range(_PARTS))


def plain_code(typed: str) -> str:
    """Answer a code as it is hashed, however it was typed."""
    return "".join(letter for letter in typed.casefold() if letter.isalnum())
