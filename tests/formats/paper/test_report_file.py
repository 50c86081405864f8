"""The report as a page and on paper: whatever a name holds stays text, nothing is fetched."""

import io
import re
from dataclasses import replace
from datetime import timedelta
from decimal import Decimal
from unittest import TestCase

from PIL import Image

from tests.support import TODAY
from upright_anvil.core.errors import DomainError
from upright_anvil.core.report import ClientReport, ReportLift, ReportPoint, ReportTest, ReportTexts, ReportWeek
from upright_anvil.formats.paper.paper_size import PaperSize
from upright_anvil.formats.paper.report_chart import HEIGHT, WIDTH, lift_chart, week_chart
from upright_anvil.formats.paper.report_file import report_html, report_pdf

DAYS = [TODAY - timedelta(days=n) for n in (70, 35, 0)]
PATH = tuple(
    ReportPoint(on, Decimal(v), Decimal(v - 5), Decimal(v + 5)) for on, v in zip(DAYS, (80, 84, 90), strict=True)
)
LIFT = ReportLift("Back squat", Decimal(80), Decimal(90), 12.5, clear=True, path=PATH)
REPORT = ClientReport(
    client="Ottoline <script>alert(1)</script> Fisk",
    start=DAYS[0],
    until=TODAY,
    unit="kg",
    weeks=(ReportWeek(DAYS[0], 3, 2, 40, 31), ReportWeek(DAYS[2], 3, 3, 40, 40)),
    lifts=(LIFT, replace(LIFT, name="Row & pull", clear=False), replace(LIFT, name="Press")),
    tests=(ReportTest("Plank", "s", DAYS[0], Decimal(60), TODAY, Decimal(90), better=True, words="Clearly more."),),
    texts=ReportTexts(opening="Dear </p><img src=x onerror=1>", work="5 of 6", praise="Two\nlines"),
)


def photo() -> bytes:
    content = io.BytesIO()
    Image.new("RGB", (40, 30), "brown").save(content, "PNG")
    return content.getvalue()


class ReportFileTest(TestCase):
    def test_a_page_of_its_own(self) -> None:
        page = report_html(REPORT, photo()).decode()
        self.assertNotIn("<script>", page)
        self.assertNotIn("<img src=x", page)
        self.assertEqual(re.findall(r'(?:src|href)="(?!data:)', page), [])
        self.assertEqual(page.count("<svg"), 4)
        self.assertIn("Row &amp; pull, within the error", page)
        self.assertIn("data:image/webp;base64,", page)
        self.assertNotIn("<h2>Minded</h2>", page)

    def test_on_paper_in_both_sizes(self) -> None:
        for size in PaperSize:
            made = report_pdf(REPORT, size, photo())
            self.assertTrue(made.startswith(b"%PDF"))
            self.assertIn(b"/MediaBox [ 0 0 595" if size is PaperSize.A4 else b"/MediaBox [ 0 0 612", made)

    def test_what_is_no_picture_is_refused(self) -> None:
        for write in (lambda: report_html(REPORT, b"nothing"), lambda: report_pdf(REPORT, PaperSize.A4, b"nothing")):
            with self.assertRaises(DomainError):
                write()

    def test_charts_stay_in_their_frame_and_say_what_they_show(self) -> None:
        for chart in (lift_chart(LIFT, "kg"), week_chart(REPORT.weeks), week_chart(())):
            for x, y in (*chart.band, *chart.line, *(bar.at for bar in chart.bars)):
                self.assertTrue(0 <= x <= WIDTH and 0 <= y <= HEIGHT)
        self.assertIn("80 to 90 kg, +12.5 %", lift_chart(LIFT, "kg").says)
        one_day = replace(LIFT, path=PATH[:1])
        self.assertEqual(len(lift_chart(one_day, "kg").line), 1)
