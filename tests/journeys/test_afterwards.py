"""Sessions that nobody logged: written down afterwards from Today, as planned with two taps, or from paper."""

import re
import tempfile
from datetime import timedelta
from pathlib import Path

from playwright.sync_api import expect
from tools.app_process import DEMO_DAY, AppProcess

from tests.demo.filled import demo_copy
from tests.journeys.support import JourneyTest


class AfterwardsTest(JourneyTest):
    def setUp(self) -> None:
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.server = AppProcess(demo_copy(Path(folder.name)), begins=DEMO_DAY + timedelta(days=2))
        self.addCleanup(self.server.kill)
        self.server.start()

    def test_two_taps_from_today_and_what_the_paper_says(self) -> None:
        page = self.page()
        missed = page.get_by_role("region", name="Planned these days and not logged")
        noor = missed.get_by_role("listitem").filter(has_text="Noor Vandermeer").filter(has_text="4 Mar")
        noor.get_by_role("button", name=re.compile("^It was held")).click()
        paper = noor.get_by_label("Or from paper, one exercise a line")
        paper.fill("swimming 20")
        noor.get_by_role("button", name="Log what stands here").click()
        expect(noor.get_by_text("Line 1, “swimming 20”: no exercise of this session is called so.")).to_be_visible()
        expect(paper).to_have_value("swimming 20")
        page.reload()
        noor.get_by_role("button", name=re.compile("^It was held")).click()
        expect(paper).to_have_value("swimming 20")
        tobiah = missed.get_by_role("listitem").filter(has_text="Tobiah Renn").filter(has_text="4 Mar")
        tobiah.get_by_role("button", name=re.compile("^It was held")).click()
        self.assert_accessible(page, "Today with a session to write down")
        tobiah.get_by_role("button", name="Log it as planned").click()
        expect(tobiah.get_by_text("It is in the ledger.")).to_be_visible()
        tobiah.get_by_role("link", name="Look back and decide what comes next").click()
        expect(page.get_by_role("heading", level=1)).to_contain_text("Tobiah Renn")
