"""Print the table of figures: ``make bench``."""

import sys

from bench import board, client_file, library, one_set, scripts, views, writing
from bench.figures import Figure, table


def main() -> int:
    """Measure everything once and print it."""
    figures: list[Figure] = [*one_set.measure(), *views.measure(), *board.measure()]
    figures += [*library.measure(), *client_file.measure(), *writing.measure(), *scripts.measure()]
    print(table(figures))
    missed = [f.claim for f in figures if not f.met]
    print("\nAll aims met." if not missed else "\nMissed: " + "; ".join(missed))
    return 0


if __name__ == "__main__":
    sys.exit(main())
