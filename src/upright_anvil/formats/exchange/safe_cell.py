"""Text in a spreadsheet's cell that stays text: what begins like a formula is marked with an apostrophe."""

from typing import Final

FORMULA: Final = ("=", "+", "-", "@", "\t", "\r")


def safe(text: str) -> str:
    """Answer a text as it is written into a cell of CSV."""
    return f"'{text}" if text.startswith(FORMULA) else text


def as_typed(text: str) -> str:
    """Answer a text as it was before it was made safe."""
    return text[1:] if text[:1] == "'" and text[1:].startswith(FORMULA) else text
