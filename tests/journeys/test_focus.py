"""The focus goes back to where it came from, or on to what follows; few Tabs lead to the work."""

import re
from collections.abc import Callable

from playwright.sync_api import Locator, Page, expect
from playwright.sync_api import TimeoutError as PlaywrightTimeoutError
from tools.small_program import small_program

from tests.journeys.support import DESK, TABLET, JourneyTest

MOST_TABS = 6
SOMEWHERE = "() => document.activeElement && document.activeElement !== document.body"
IN_THE_VIEW = "() => Boolean(document.activeElement?.closest('main'))"
FROM_THE_TOP = """() => {
  document.activeElement?.blur();
  document.body.tabIndex = -1;
  document.body.focus();
  document.body.removeAttribute("tabindex");
}"""


class FocusTest(JourneyTest):
    def kept(self, page: Page, what: str) -> None:
        """The focus is somewhere, once what was drawn anew has settled."""
        try:
            page.wait_for_function(SOMEWHERE, timeout=3_000)
        except PlaywrightTimeoutError:
            self.fail(f"the focus fell to the page: {what}")

    def test_sheets_and_menus_give_it_back(self) -> None:
        page = self.page()
        page.get_by_role("listitem").filter(has_text="Casimir Holt").get_by_role("link", name="Program").click()
        expect(page.get_by_role("columnheader", name="Week 8")).to_be_visible()
        cell = page.locator("[data-cell]").first
        cell.focus()
        for key, sheet in (("Alt+Enter", re.compile(".")), ("Alt+w", re.compile("."))):
            page.keyboard.press(key)
            expect(page.get_by_role("dialog", name=sheet)).to_be_visible()
            page.keyboard.press("Escape")
            expect(cell).to_be_focused()
        for name in ("Logbook", "Paste"):
            button = page.get_by_role("button", name=name)
            button.focus()
            page.keyboard.press("Enter")
            expect(page.get_by_role("dialog")).to_be_visible()
            page.keyboard.press("Escape")
            expect(button).to_be_focused()
        page.keyboard.press("?")
        page.keyboard.press("Escape")
        self.kept(page, "help")

    def test_what_is_taken_out_accepted_or_decided_hands_it_on(self) -> None:
        page = self.page()
        page.get_by_role("listitem").filter(has_text="Casimir Holt").get_by_role("link", name="Program").click()
        out = page.get_by_role("button", name=re.compile("^Take .* out$|^Take out .*"))
        expect(out.last).to_be_visible()
        many = out.count()
        out.last.focus()
        page.keyboard.press("Enter")
        expect(out).to_have_count(many - 1)
        self.kept(page, "a line taken out")
        page.goto(self.server.url)
        page.get_by_role("link", name=re.compile("exercises?$")).first.click()
        for name in ("Accept", "Decline", "Change"):
            page.get_by_role("button", name=re.compile(f"^{name}")).first.focus()
            page.keyboard.press("Enter")
            self.kept(page, name)
        page.keyboard.press("Escape")
        page.goto(self.server.url + "/batteries")
        page.get_by_role("button", name=re.compile("^Take .* out$")).first.focus()
        page.keyboard.press("Enter")
        self.kept(page, "a test taken out")

    def test_the_floor_goes_on_by_the_keyboard_alone(self) -> None:
        made = small_program(self.server.url, ("back-squat", "3 x 5, 10 kg"), ("plank", "2 x 40 s"))
        page = self.page(TABLET, made.floor)
        page.get_by_role("button", name="Begin as planned").focus()
        page.keyboard.press("Enter")
        done = page.get_by_role("button", name=re.compile("^Done: 5 reps"))
        for number in (1, 2):
            expect(done).to_be_focused()
            page.keyboard.press("Enter")
            expect(page.get_by_role("button", name=re.compile(f"^Set {number}: .*done 5 reps"))).to_be_visible()
            expect(done).to_have_attribute("aria-disabled", "false")
        page.get_by_role("button", name="Undo").focus()
        page.keyboard.press("Enter")
        self.kept(page, "undo")
        more = page.get_by_role("button", name="More", exact=True)
        more.focus()
        page.keyboard.press("Enter")
        page.get_by_role("button", name="Warning signs").press("Enter")
        page.get_by_role("region", name="Stop the session at any of these").wait_for()
        page.keyboard.press("Escape")
        self.kept(page, "warning signs")
        page.get_by_role("button", name="Note", exact=True).focus()
        page.keyboard.press("Enter")
        page.keyboard.press("Escape")
        self.kept(page, "a note")

    def test_a_view_that_is_opened_is_named_and_has_it(self) -> None:
        page = self.page()
        for link in ("Clients", "Library", "Tests", "Settings", "Today"):
            page.get_by_role("navigation", name="Main").get_by_role("link", name=link, exact=True).press("Enter")
            page.wait_for_function(IN_THE_VIEW)
            heading = page.get_by_role("heading", level=1).inner_text()
            expect(page).to_have_title(re.compile(f"^{re.escape(heading)}.* Upright Anvil$"))
        page.evaluate(FROM_THE_TOP)
        page.keyboard.press("Tab")
        expect(page.get_by_role("link", name="To the view")).to_be_focused()
        page.keyboard.press("Enter")
        expect(page.get_by_role("heading", level=1)).to_be_focused()


class FewTabsTest(JourneyTest):
    def reach(self, page: Page, goal: Locator, what: str) -> None:
        """Tab from the page's beginning to its main action."""
        expect(goal).to_be_visible()
        page.evaluate(FROM_THE_TOP)
        handle = goal.element_handle()
        for tabs in range(1, 60):
            page.keyboard.press("Tab")
            if page.evaluate("(goal) => goal.contains(document.activeElement)", handle):
                self.assertLessEqual(tabs, MOST_TABS, f"Tabs to the main action: {what}")
                return
        self.fail(f"no Tab leads to the main action: {what}")

    def test_six_tabs_lead_to_the_main_action_of_every_view(self) -> None:
        page = self.page(DESK)
        client = self.address(page, "Casimir Holt")
        program = self.program(page, "Casimir Holt")
        goals: list[tuple[str, Callable[[], Locator]]] = [
            ("/", lambda: page.get_by_role("link", name="Open the floor").first),
            ("/clients", lambda: page.get_by_role("link", name="Add a client")),
            ("/clients/new", lambda: page.get_by_label("Name")),
            ("/clients/bring-in", lambda: page.get_by_label("Rows copied from your spreadsheet")),
            (client, lambda: page.get_by_label("Main goal")),
            (f"{client}/health", lambda: page.get_by_role("form", name="Add to the history").get_by_label("What")),
            (f"{client}/places", lambda: page.get_by_role("region", name="Places").get_by_role("button").first),
            (f"{client}/tests", lambda: page.get_by_role("button", name="Test now")),
            (f"{client}/progress", lambda: page.get_by_role("button", name="As a whole")),
            ("/library", lambda: page.get_by_role("searchbox").first),
            ("/batteries", lambda: page.get_by_role("navigation", name="Batteries").get_by_role("button").first),
            ("/settings", lambda: page.get_by_role("checkbox").first),
            (program, lambda: page.locator("[data-cell]").first),
            (f"{program}/ahead", lambda: page.get_by_role("button").nth(3)),
            (
                f"{program}/calendar",
                lambda: page.get_by_role("region", name="Weeks").get_by_role("button").first,
            ),
        ]
        for path, goal in goals:
            page.goto(self.server.url + path)
            with self.subTest(path):
                self.reach(page, goal(), path)

    def address(self, page: Page, client: str) -> str:
        page.goto(self.server.url + "/clients")
        return str(page.get_by_role("link", name=client, exact=True).get_attribute("href"))

    def program(self, page: Page, client: str) -> str:
        row = page.get_by_role("listitem").filter(has_text=client)
        return str(row.get_by_role("link", name="Program").get_attribute("href"))

    def test_the_grid_is_one_stop_and_its_heads_are_reached_by_arrows(self) -> None:
        page = self.page()
        page.goto(self.server.url + self.program_of(page))
        cell = page.locator("[data-cell]").first
        expect(cell).to_be_visible()
        stops = page.locator("table").first.locator('[data-cell]:not([tabindex="-1"])')
        expect(stops).to_have_count(1)
        cell.focus()
        page.keyboard.press("ArrowLeft")
        expect(page.get_by_role("button", name=re.compile("^Choose ")).first).to_be_focused()
        page.keyboard.press("ArrowRight")
        self.assertFalse(page.evaluate("() => document.activeElement.matches('[data-cell]')"))
        page.keyboard.press("Escape")
        expect(cell).to_be_focused()
        page.keyboard.press("ArrowRight")
        page.keyboard.press("Tab")
        self.assertFalse(page.evaluate("() => Boolean(document.activeElement.closest('[data-cell]'))"))
        page.keyboard.press("Shift+Tab")
        expect(page.locator("[data-cell]").nth(1)).to_be_focused()

    def program_of(self, page: Page) -> str:
        page.goto(self.server.url + "/clients")
        return self.program(page, "Casimir Holt")
