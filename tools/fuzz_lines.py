"""Reads random lines in bulk: ``python -m tools.fuzz_lines 1000000 7`` (how many, seed).

Each line is put together from the pieces real lines are made of, then bent. Whatever it is, reading either refuses it
with a place inside the line, or its normal form reads back to the same prescription.
"""

import random
import sys
from time import perf_counter

from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.text.shorthand import MAX_LENGTH, ShorthandError, read, write

_HEADS = ["3 x 8", "4x8-10", "12/10/8/max", "5 x max to 12", "2 x 40 s", "6 x 20 m", "most x 5", "4 x 2+2+2", "10/8/6"]
_CLAUSES = [
    "62.5 kg", "75 %", "60/70/80 kg", "bw", "bw + 10 kg", "bw - 15", "band red", "step Y", "last time + 2.5",
    "open load", "each side", "left first", "right only", "alternate lead", "tempo 3-1-X-0", "tempo 31x0", "rest 90",
    "rest 2:00 with easy walk", "leave 2", "rpe 8.5", "ramp-up", "or 8 kg x 15", "last set max", "drop to 15/10 kg",
    "back off 3 x 8 at -15 %", "pause 20 s", "every 60 s", "in 12:00", "checkpoints 50/60 s",
]  # fmt: skip
_STRAY = "0123456789 xX/-+:,.;%@skgmbwéß×–\t?"


def random_line(chance: random.Random) -> str:
    """Answer one line: a head, a few clauses, and now and then a few characters changed."""
    pieces = [chance.choice(_HEADS), *chance.sample(_CLAUSES, chance.randint(0, 5))]
    line = chance.choice([", ", " ", ","]).join(pieces)
    for _ in range(chance.choice([0, 0, 1, 2, 5])):
        at = chance.randrange(len(line) + 1)
        line = line[:at] + chance.choice(["", chance.choice(_STRAY)]) + line[at + chance.randint(0, 1) :]
    return line


def main(count: int, seed: int) -> None:
    """Read the lines; raises at the first that is neither refused properly nor lossless."""
    chance, understood, started = random.Random(seed), 0, perf_counter()  # noqa: S311 - repeatable on purpose
    for number in range(count):
        line = random_line(chance)
        try:
            prescription = read(line, Unit.KG)
        except ShorthandError as error:
            if not 0 <= error.why.position <= len(line) or not error.why.expected:
                raise AssertionError(f"line {number}, {line!r}: refused without a place") from error
            continue
        understood += 1
        normal = write(prescription)
        if len(normal) <= MAX_LENGTH and read(normal, Unit.KG) != prescription:
            raise AssertionError(f"line {number}, {line!r}: {normal!r} reads otherwise")
    print(f"{count:,} lines, {understood:,} understood, {perf_counter() - started:.0f} s, seed {seed}: none went wrong")


if __name__ == "__main__":
    main(int(sys.argv[1]), int(sys.argv[2]))
