"""The whole app driven through headless Chromium."""

import atexit
import re
import tempfile
from functools import cache
from pathlib import Path
from unittest import TestCase

from playwright.sync_api import Browser, Locator, Page, Playwright, expect, sync_playwright
from tools.app_process import ROOT, AppProcess, launch_chromium

from tests.demo.filled import demo_copy

AXE = ROOT / "web/node_modules/axe-core/axe.min.js"
DESK = (1280, 800)
TABLET = (820, 1180)
PHONE = (390, 844)

LOOK = """async (tags) => {
  const only = {runOnly: {type: "tag", values: tags}, resultTypes: ["violations"]};
  return (await axe.run(document, only)).violations;
}"""
"""What is right is not told: there is much of it."""

LOOKS = 3
"""How often a view is looked at before what is found counts."""

expect.set_options(timeout=20_000)


@cache
def playwright() -> Playwright:
    """What drives the browsers of a run; there can be one at a time."""
    driver = sync_playwright().start()
    atexit.register(driver.stop)
    return driver


@cache
def chromium() -> Browser:
    """The one Chromium of a run; each page is a device of its own in it."""
    browser = launch_chromium(playwright())
    atexit.register(browser.close)
    return browser


class JourneyTest(TestCase):
    """Gives a server with demo data and pages of any size; a script error, or what a policy stops, fails the test."""

    @property
    def browser(self) -> Browser:
        """What pages are opened in."""
        return chromium()

    def setUp(self) -> None:
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.server = AppProcess(demo_copy(Path(folder.name)))
        self.addCleanup(self.server.kill)
        self.server.start()

    def page(
        self, size: tuple[int, int] = DESK, path: str = "/", dark: bool = False, *, stored_files: bool = True
    ) -> Page:
        """Open a page as a device of its own; without stored files every request goes over the line and can be held."""
        width, height = size
        context = self.browser.new_context(
            viewport={"width": width, "height": height},
            color_scheme="dark" if dark else "light",
            reduced_motion="reduce",
            timezone_id="UTC",
            service_workers="allow" if stored_files else "block",
        )
        self.addCleanup(context.close)
        self.server.set_clock(context)
        page = context.new_page()
        broken: list[str] = []
        page.on("pageerror", lambda error: broken.append(str(error)))
        page.on("console", lambda said: broken.append(said.text) if "Content Security Policy" in said.text else None)
        self.addCleanup(lambda: self.assertEqual(broken, []))
        self.prepare(page, size)
        page.goto(self.server.url + path)
        # The scripts come after the page, and letters after its first words: nothing moves any more.
        page.locator("h1, [role=alert]").first.wait_for(state="attached")
        page.evaluate("() => document.fonts.ready")
        return page

    def prepare(self, page: Page, size: tuple[int, int]) -> None:
        """What a journey does with a page before it opens an address."""

    def roomy(self, page: Page) -> Page:
        """The board with room for what compact keeps in sheets: headings of groups, findings beside it."""
        page.get_by_role("button", name="Roomy").click()
        return page

    def floor_of(self, page: Page, client: str, *, begin: bool = True) -> None:
        """From Today to a client's floor, past the questions before the first set where they are asked."""
        page.goto(self.server.url)
        page.get_by_role("listitem").filter(has_text=client).get_by_role("link", name="Open the floor").click()
        expect(page.get_by_role("heading", level=1, name=client)).to_be_visible()
        start = page.get_by_role("button", name="Begin as planned")
        if begin:
            expect(start.or_(page.get_by_role("navigation", name="Exercises"))).to_be_visible()
            if start.is_visible():
                start.click()
            self.to_work(page)

    def expect_drawn(self, cell: Locator, name: str | re.Pattern[str]) -> None:
        """A cell out of sight is not drawn and has no name; what is drawn above it may push it out of sight again."""
        for _ in range(5):
            cell.scroll_into_view_if_needed()
            try:
                expect(cell).to_have_accessible_name(name, timeout=4_000)
            except AssertionError:
                continue
            return
        expect(cell).to_have_accessible_name(name)

    def to_work(self, page: Page) -> None:
        """Past the ramp-up sets, where there are any, to the first working set."""
        page.get_by_role("region", name=re.compile(r"^(Set|Ramp-up set) \d|^Clock$")).wait_for()
        straight = page.get_by_role("button", name="Straight to the work")
        if straight.is_visible():
            straight.click()

    def finish(self, page: Page) -> None:
        """End the session, with what is open left as it is."""
        page.get_by_role("button", name="Finish", exact=True).first.click()
        as_it_is = page.get_by_role("button", name="Finish as it is")
        expect(as_it_is.or_(page.get_by_role("group", name="Effort")).first).to_be_visible()
        if as_it_is.is_visible():
            as_it_is.click()
        expect(page.get_by_role("group", name="Effort").first).to_be_visible()

    def assert_accessible(self, page: Page, what: str) -> None:
        """Ask axe-core for WCAG 2.2 AA, once the view is drawn; it must find nothing."""
        # By its tag: a dialog hides the heading of its view from who looks by roles.
        page.locator("h1").first.wait_for(state="attached")
        if not page.evaluate("() => 'axe' in window"):
            # Not as a script of the page: one that allows none has to be looked at as well.
            page.evaluate(AXE.read_text("utf-8"))
        tags = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"]
        for _ in range(LOOKS):
            found = page.evaluate(LOOK, tags)
            told = [f"{v['id']}: {v['help']} ({v['nodes'][0]['html'][:160]})" for v in found]
            if not told:
                break
            # It looked while one view gave way to the next, perhaps: what is wrong stays wrong.
            page.locator("h1").first.wait_for(state="attached")
        self.assertEqual(told, [], what)
