"""Two hundred clients, some of them with long and foreign names, added to a running studio."""

import json
import urllib.request

LONG = "Wilhelmina-Constanze von und zu Unterkühlstetten-Oberwasserberg auf Langenstein"
NAMES = (LONG, "אליעזר בן־יהודה", "🏋️ Ása Þórðardóttir", "Maximilian" * 7)
OTHERS = 190
CLIMBS = 77
"""The number of the one whose goal is "stairs"."""


def crowd(url: str) -> None:
    """Add them all over the API; the names with numbers come first."""
    for number in range(OTHERS):
        _add(url, f"Client {number:03d}", goal="stairs" if number == CLIMBS else "")
    for name in NAMES:
        _add(url, name)


def _add(url: str, name: str, **more: object) -> None:
    body = json.dumps({"name": name, "unit": "kg", **more}).encode()
    request = urllib.request.Request(f"{url}/api/clients", body, {"Content-Type": "application/json"})
    urllib.request.urlopen(request).close()
