"""Days as people write them in a spreadsheet: ``2026-03-02``, ``2.3.26``, ``3/14/2026``, ``Mon 2 March``, 46083."""

import re
from collections.abc import Iterable
from dataclasses import dataclass
from datetime import date, timedelta
from typing import Final

MONTHS: Final = ("jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec")
_MONTH = "|".join(MONTHS)
_TIME = r"(?:[T ,]+\d{1,2}:\d{2}(?::\d{2}(?:\.\d+)?)?)?"
_WEEKDAY = r"(?:(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*[.,]*\s+)?"
_ISO = re.compile(rf"(\d{{4}})[-/.](\d{{1,2}})[-/.](\d{{1,2}}){_TIME}")
_FIGURES = re.compile(rf"{_WEEKDAY}(\d{{1,2}})\s*([./-])\s*(\d{{1,2}})\s*[./-]\s*(\d{{4}}|\d{{2}}){_TIME}", re.I)
_DAY_MONTH = re.compile(
    rf"{_WEEKDAY}(\d{{1,2}})(?:st|nd|rd|th|\.)?[\s-]+({_MONTH})[a-z]*\.?(?:[\s,-]+(\d{{4}}|\d{{2}}))?", re.I
)
_MONTH_DAY = re.compile(
    rf"{_WEEKDAY}({_MONTH})[a-z]*\.?\s+(\d{{1,2}})(?:st|nd|rd|th)?(?:[\s,]+(\d{{4}}|\d{{2}}))?", re.I
)
_SERIAL = re.compile(r"\d{5}(?:\.0+)?")
SERIAL_START: Final = date(1899, 12, 30)
"""Day 0 of the spreadsheets' own count of days."""

SERIALS: Final = range(25_569, 60_000)
"""Numbers read as such a count: 1970 to 2064. A load or a figure of five digits is not written in a log."""

MONTHS_A_YEAR: Final = 12
THIS_CENTURY: Final = 2000


@dataclass(frozen=True, slots=True)
class DayOrder:
    """Whether the day stands before the month in dates such as 3/4/2026; ``said`` that one of them tells so."""

    day_first: bool
    said: bool


def day_order(cells: Iterable[str]) -> DayOrder:
    """Answer the order of day and month in a column: as any date tells that cannot be read both ways. House rule.

    Where none tells, the day stands first.
    """
    slashed = [found for cell in cells if (found := _FIGURES.fullmatch(cell)) and found.group(2) != "."]
    if any(int(found.group(1)) > MONTHS_A_YEAR for found in slashed):
        return DayOrder(day_first=True, said=True)
    if any(int(found.group(3)) > MONTHS_A_YEAR for found in slashed):
        return DayOrder(day_first=False, said=True)
    return DayOrder(day_first=True, said=not any(found.group(1) != found.group(3) for found in slashed))


def date_of(cell: str, order: DayOrder, today: date) -> date | None:
    """Answer the day that a cell says; None where it says none. A day without a year is the last such one."""
    cell = cell.strip()
    if found := _ISO.fullmatch(cell):
        return _day(*(int(part) for part in found.groups()))
    if found := _FIGURES.fullmatch(cell):
        first, second = int(found.group(1)), int(found.group(3))
        # Points between the figures are only written with the day first.
        day, month = (first, second) if order.day_first or found.group(2) == "." else (second, first)
        return _day(_year(found.group(4)), month, day)
    if _SERIAL.fullmatch(cell) and int(float(cell)) in SERIALS:
        return SERIAL_START + timedelta(days=int(float(cell)))
    if found := _DAY_MONTH.fullmatch(cell):
        return _named(found.group(1), found.group(2), found.group(3), today)
    if found := _MONTH_DAY.fullmatch(cell):
        return _named(found.group(2), found.group(1), found.group(3), today)
    return None


def _named(day: str, month: str, year: str | None, today: date) -> date | None:
    number = MONTHS.index(month.lower()[:3]) + 1
    if year:
        return _day(_year(year), number, int(day))
    found = _day(today.year, number, int(day))
    return found if found is None or found <= today else _day(today.year - 1, number, int(day))


def _year(written: str) -> int:
    return int(written) if len(written) > len("26") else THIS_CENTURY + int(written)


def _day(year: int, month: int, day: int) -> date | None:
    try:
        return date(year, month, day)
    except ValueError:
        return None
