"""The JavaScript a browser needs before the first view."""

import gzip
import re
from pathlib import Path

from bench.figures import Figure

DIST = Path(__file__).parents[1] / "web" / "dist"


def measure() -> list[Figure]:
    """Add up the scripts that index.html names, gzipped."""
    page = (DIST / "index.html").read_text("utf-8")
    named = re.findall(r'(?:src|href)="/(assets/[^"]+\.js)"', page)
    size = sum(len(gzip.compress((DIST / name).read_bytes(), 9)) for name in named)
    return [Figure("initial JavaScript, gzipped", size / 1000, 220, "kB", f"{len(named)} files")]
