"""Print the table of figures: ``make bench``, or ``python -m bench floor`` for one part."""

import sys

from bench import board, client_file, floor, library, one_set, plateau, raising, rep_counting, scripts, views, writing
from bench.evaluation import report
from bench.figures import Figure, table
from bench.watchman import watch


def main() -> int:
    """Measure everything once and print it."""
    parts = {
        module.__name__.removeprefix("bench.").removesuffix(".report").removesuffix(".watch"): module.measure
        for module in (
            one_set,
            views,
            board,
            library,
            client_file,
            writing,
            floor,
            rep_counting,
            raising,
            plateau,
            watch,
            report,
            scripts,
        )
    }
    wanted = sys.argv[1:] or list(parts)
    if unknown := [name for name in wanted if name not in parts]:
        sys.exit(f"There is no part {', '.join(unknown)}; there are: {', '.join(parts)}.")
    figures: list[Figure] = [figure for name in wanted for figure in parts[name]()]
    print(table(figures))
    missed = [f.claim for f in figures if not f.met]
    print("\nAll aims met." if not missed else "\nMissed: " + "; ".join(missed))
    return 0


if __name__ == "__main__":
    sys.exit(main())
