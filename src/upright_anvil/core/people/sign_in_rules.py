"""The rules of signing in: what a passphrase and a PIN must be, and how long wrong tries make one wait.

Lengths after NIST SP 800-63B (memorised secrets: length counts, composition rules do not); the waits are house rules.
"""

from datetime import timedelta
from itertools import pairwise
from typing import Final

from upright_anvil.core.errors import DomainError

SHORTEST_PASSPHRASE: Final = 12
LONGEST_PASSPHRASE: Final = 200
FEWEST_LETTERS: Final = 5
"""Different characters that a passphrase has at least."""

PIN_LENGTHS: Final = range(4, 9)

FREE_TRIES: Final = 4
"""Wrong tries that cost nothing: fingers are wet."""

FIRST_WAIT: Final = timedelta(seconds=15)
LONGEST_WAIT: Final = timedelta(hours=1)

PIN_GONE_AFTER: Final = 15
"""Wrong tries after which a PIN is gone from its tablet, and the passphrase is asked for."""

_OFTEN_TRIED: Final = ("password", "passphrase", "qwertz", "qwerty", "letmein", "123456", "abcdef", "iloveyou")
"""What is tried first by whoever guesses; a passphrase that is little else is refused."""

_REST_BESIDE: Final = 6
"""Characters that a passphrase has at least beside what is often tried."""


def check_passphrase(passphrase: str, name: str = "") -> str:
    """Answer a passphrase that may be used. Raises `DomainError` with what to change."""
    if not SHORTEST_PASSPHRASE <= len(passphrase) <= LONGEST_PASSPHRASE:
        raise DomainError(
            f"A passphrase has {SHORTEST_PASSPHRASE} to {LONGEST_PASSPHRASE} characters; four words do well."
        )
    if len(set(passphrase)) < FEWEST_LETTERS:
        raise DomainError("That repeats a few characters. Four words do well.")
    rest = passphrase.casefold()
    for often in (*_OFTEN_TRIED, *name.casefold().split(), "upright", "anvil"):
        rest = rest.replace(often, "") if often else rest
    if len(rest) < _REST_BESIDE:
        raise DomainError("That is among what is tried first: a name, or a common word. Four words do well.")
    return passphrase


def check_pin(pin: str) -> str:
    """Answer a PIN that may be used. Raises `DomainError` with what to change."""
    if not (pin.isascii() and pin.isdigit() and len(pin) in PIN_LENGTHS):
        raise DomainError(f"A PIN is {PIN_LENGTHS.start} to {PIN_LENGTHS.stop - 1} digits.")
    steps = {int(b) - int(a) for a, b in pairwise(pin)}
    if len(steps) == 1 and steps <= {-1, 0, 1}:
        raise DomainError("One digit again and again, or digits in a row, is tried first. Choose others.")
    return pin


def wait_after(wrong: int) -> timedelta:
    """Answer how long nobody may try again after so many wrong tries in a row: doubling, up to an hour."""
    if wrong <= FREE_TRIES:
        return timedelta(0)
    doubled: timedelta = FIRST_WAIT * (1 << min(wrong - FREE_TRIES - 1, 20))
    return min(doubled, LONGEST_WAIT)
