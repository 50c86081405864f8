"""Telling what is being done by what takes a while."""

from collections.abc import Callable

Told = Callable[[str, float], None]
"""Takes what is being done, in words, and the share that is done, 0 to 1. What it raises ends the work."""


def untold(doing: str, share: float) -> None:
    """Tell nobody."""
