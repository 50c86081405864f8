"""A home sheet as one file and on paper."""

import json
import re
from dataclasses import replace

from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.errors import DomainError
from upright_anvil.core.home.sheet import HomeSheet
from upright_anvil.core.phrases import Language
from upright_anvil.formats.home_sheet_file import SheetParts, sheet_html, sheet_parts
from upright_anvil.formats.paper.home_paper import home_pdf
from upright_anvil.formats.paper.paper_size import PaperSize
from upright_anvil.formats.shipped.languages import phrases_of
from upright_anvil.services.home.kept import kept_sheet, written
from upright_anvil.services.home.making import SheetDay, make_sheet

PARTS = SheetParts("const a = '</script>';", "body{color:red}")


class HomeFilesTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        lines = [("goblet-squat", "3 x 8, 12 kg, rest 60 s"), ("plank", "2 x 40 s, rest 30 s")]
        board = self.client_with_program(*lines, name="Ann <b>Bold</b>")
        with self.studio.writing() as scope:
            days = [SheetDay(f"p1-w{week}", "p1-d1") for week in (1, 2)]
            made = make_sheet(scope, board.client_id, board.program_id, days, "", NOW, TODAY)
            self.sheet: HomeSheet = kept_sheet(scope, made.id)

    def html(self, sheet: HomeSheet) -> str:
        return sheet_html(sheet, written(sheet), PARTS, phrases_of(sheet.language))

    def test_all_is_in_the_one_file_and_names_stay_text(self) -> None:
        sheet = replace(self.sheet, client="<img src=x onerror=alert(1)>", program="</script><script>x")
        page = self.html(sheet)
        self.assertNotIn("<img src=x", page)
        self.assertEqual(page.count("</script>"), 2)
        data = json.loads(page.split('id="data">')[1].split("</script>")[0])
        self.assertEqual(data["program"], sheet.program)
        self.assertEqual(re.findall(r'(?:src|href)="', page), [])

    def test_without_scripts_it_can_be_read(self) -> None:
        page = self.html(self.sheet)
        body = page.split('<div id="sheet">')[1].split("</div>")[0]
        for words in ("Goblet squat", "3 × 8 reps, 12 kg, 60 s rest", "Warning signs", self.sheet.days[0].on_words):
            self.assertIn(words, body)

    def test_an_interface_that_was_not_built_is_told(self) -> None:
        with self.assertRaises(DomainError):
            sheet_parts(self.database.path.parent)

    def test_on_paper_a_page_a_day(self) -> None:
        for size in PaperSize:
            for large, blank, pages in ((False, False, 2), (True, False, 3), (False, True, 2)):
                with self.subTest(size=size, large=large, blank=blank):
                    for language in Language:
                        made = home_pdf(self.sheet, phrases_of(language), size, large=large, blank=blank)
                        self.assertEqual(len(re.findall(rb"/Type /Page\b", made)), pages)

    def test_large_print_stays_large(self) -> None:
        day = self.sheet.days[0]
        long = replace(self.sheet, days=(replace(day, moves=day.moves * 6),))
        for blank in (False, True):
            made = home_pdf(long, phrases_of(Language.GERMAN), PaperSize.LETTER, large=True, blank=blank)
            self.assertGreater(len(re.findall(rb"/Type /Page\b", made)), 2)

    def test_a_day_of_forty_moves_still_takes_one_page(self) -> None:
        day = self.sheet.days[0]
        long = replace(self.sheet, days=(replace(day, moves=day.moves * 20),))
        for blank in (False, True):
            made = home_pdf(long, phrases_of(Language.ENGLISH), PaperSize.A4, blank=blank)
            self.assertEqual(len(re.findall(rb"/Type /Page\b", made)), 1)
