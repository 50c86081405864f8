"""What shuts people out, counted over every view at every size and look; nothing is asked."""

from collections import Counter

from tools import measure_views

from bench.figures import Figure

KINDS = {
    "overflow": "views that run over the side",
    "clipped": "texts that are cut off",
    "small": "targets under 24 px, on the floor under 48",
    "close": "pairs of targets nearer than 8 px on the floor",
    "unnamed": "controls without a name",
    "repeated": "names that lead to several places",
    "pale": "fields and disabled controls under 3:1",
    "tabs": "views with more than six Tabs to the main action",
    "focus": "sheets that lose the focus by Esc",
    "axe": "findings of axe",
    "unreached": "views that could not be reached",
}


def measure() -> list[Figure]:
    """Count everything once."""
    counts = Counter(one.kind for one in measure_views.measure([]))
    many = f"{len(measure_views.VIEWS)} views and states"
    return [Figure(said, counts[kind], 0, "", many) for kind, said in KINDS.items()]
