"""The sizes of paper, told apart from how it is printed."""

from enum import StrEnum


class PaperSize(StrEnum):
    """The sizes that printers have."""

    A4 = "a4"
    LETTER = "letter"
