from datetime import date, timedelta
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.pasted.dates import SERIAL_START, DayOrder, date_of, day_order

TODAY = date(2026, 11, 30)
BRITISH = DayOrder(day_first=True, said=True)
AMERICAN = DayOrder(day_first=False, said=True)

SAME_DAY = (
    *("2026-03-02", "2026/3/2", "2026-03-02 18:30:00", "2026-03-02T18:30", "2.3.2026", "02.03.26", "2 . 3 . 2026"),
    *("Mon 2.3.2026", "2 March 2026", "2nd Mar 2026", "2. March 2026", "Mon, 2 Mar 2026", "2-Mar-2026", "2-Mar-26"),
    *("March 2, 2026", "Mar 2nd 2026", "Monday March 2 2026", "2 March", "Mar 2", "46083", "46083.0"),
)
NO_DAY = ("", "squat", "3x8", "2026-02-30", "31.2.2026", "13/13/2026", "60", "12345", "Monday", "3/4", "99999")


class DatesTest(TestCase):
    def test_days_as_they_are_written(self) -> None:
        for written in SAME_DAY:
            with self.subTest(written):
                self.assertEqual(date_of(written, BRITISH, TODAY), date(2026, 3, 2))

    def test_what_is_no_day(self) -> None:
        for written in NO_DAY:
            with self.subTest(written):
                self.assertIsNone(date_of(written, BRITISH, TODAY))

    def test_a_day_without_its_year_is_the_last_such_one(self) -> None:
        self.assertEqual(date_of("12 Dec", BRITISH, TODAY), date(2025, 12, 12))
        self.assertEqual(date_of("30 Nov", BRITISH, TODAY), TODAY)

    def test_one_date_tells_the_order_for_the_column(self) -> None:
        for cells, day_first, said in (
            (("3/4/2026", "14/3/2026"), True, True),
            (("3/4/2026", "3/14/2026"), False, True),
            (("3/4/2026", "5/6/2026"), True, False),
            (("3/3/2026", "4/4/2026"), True, True),
            (("3.4.2026",), True, True),
        ):
            with self.subTest(cells):
                self.assertEqual(day_order(cells), DayOrder(day_first, said))
        self.assertEqual(date_of("3/4/2026", AMERICAN, TODAY), date(2026, 3, 4))
        self.assertEqual(date_of("3.4.2026", AMERICAN, TODAY), date(2026, 4, 3))

    @given(st.dates(date(1990, 1, 1), TODAY))
    def test_every_way_to_write_a_day_says_the_same(self, on: date) -> None:
        serial = (on - SERIAL_START).days
        for written, order in (
            (on.isoformat(), BRITISH),
            (f"{on:%d/%m/%Y}", BRITISH),
            (f"{on:%m/%d/%Y}", AMERICAN),
            (f"{on:%d %B %Y}", AMERICAN),
            (str(serial), BRITISH),
        ):
            self.assertEqual(date_of(written, order, TODAY), on)
        self.assertEqual(SERIAL_START + timedelta(days=serial), on)
