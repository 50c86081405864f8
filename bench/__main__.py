"""Print the figures part by part: ``make bench``, or ``python -m bench floor``; ends non-zero on a missed aim."""

import sys

from bench import (
    between,
    board,
    busiest,
    caches,
    client_file,
    extremes,
    floor,
    full_house,
    heap,
    held_up,
    large,
    library,
    long_texts,
    one_set,
    paths,
    phone,
    plateau,
    raising,
    rep_counting,
    screens,
    starting,
    studios,
    views,
    writing,
)
from bench.drafts import judged
from bench.evaluation import report
from bench.figures import Figure, table, yardstick
from bench.watchman import watch


def main() -> int:
    """Measure everything once and print it."""
    parts = {
        module.__name__.removeprefix("bench.")
        .removesuffix(".report")
        .removesuffix(".watch")
        .removeprefix("drafts."): module.measure
        for module in (
            one_set,
            held_up,
            full_house,
            studios,
            large,
            busiest,
            extremes,
            paths,
            between,
            caches,
            views,
            board,
            library,
            long_texts,
            client_file,
            writing,
            heap,
            floor,
            screens,
            starting,
            phone,
            rep_counting,
            raising,
            plateau,
            judged,
            watch,
            report,
        )
    }
    wanted = sys.argv[1:] or list(parts)
    if unknown := [name for name in wanted if name not in parts]:
        sys.exit(f"There is no part {', '.join(unknown)}; there are: {', '.join(parts)}.")
    figures_ms, objects_ms = yardstick()
    print(
        f"yardstick: {figures_ms:.0f} ms of arithmetic, {objects_ms:.0f} ms of objects; compare two runs by it\n",
        flush=True,
    )
    missed: list[str] = []
    for name in wanted:
        figures: list[Figure] = parts[name]()
        print(f"{name}\n{table(figures)}\n", flush=True)
        missed += [f.claim for f in figures if not f.met]
    print("All aims met." if not missed else "Missed: " + "; ".join(missed))
    return 1 if missed else 0


if __name__ == "__main__":
    sys.exit(main())
