"""Take the pictures of docs/screenshots from the demo data."""

import re
import sys
import tempfile
from collections.abc import Callable
from pathlib import Path

from playwright.sync_api import Browser, Page, sync_playwright

from tools.app_process import ROOT, AppProcess, launch_chromium

SHOTS = ROOT / "docs" / "screenshots"


def today(page: Page) -> None:
    """Who comes today, what waits for a decision."""
    page.goto("/")
    page.get_by_role("heading", name=re.compile("today")).wait_for()


def clients(page: Page) -> None:
    """All clients."""
    page.goto("/clients")
    page.get_by_role("heading", name="Clients").wait_for()


def client_file(client: str, part: str = "") -> Callable[[Page], None]:
    """A client's file, or one of its parts."""

    def walk(page: Page) -> None:
        clients(page)
        page.get_by_role("link", name=client).first.click()
        page.get_by_label("Birth year").wait_for()
        if part:
            page.get_by_role("navigation", name="File of").get_by_role("link", name=part).click()
            page.get_by_label("Birth year").wait_for(state="hidden")

    return walk


def home_sheet(client: str) -> Callable[[Page], None]:
    """The client's sheet, opened as a file."""

    def walk(page: Page) -> None:
        client_file(client, "At home")(page)
        page.get_by_role("button", name="Make a sheet of").click()
        with page.expect_download() as got:
            page.get_by_role("link", name="For the phone").first.click()
        path = Path(got.value.path()).with_suffix(".html")
        got.value.save_as(path)
        page.goto(path.as_uri())
        page.get_by_role("button", name=re.compile("^Done: ")).wait_for()

    return walk


def library(page: Page) -> None:
    """An exercise for a client with a knee to spare: its ladder, and what to do instead."""
    page.goto("/library/rear-foot-raised-split-squat?q=split")
    page.get_by_label("For").select_option(label="Casimir Holt")
    page.get_by_text("estimated").first.wait_for()


def testing(client: str, test: str) -> Callable[[Page], None]:
    """The testing floor in the middle of a test."""

    def walk(page: Page) -> None:
        client_file(client, "Tests")(page)
        page.get_by_role("button", name="Test now").click()
        page.get_by_role("navigation", name="Tests").get_by_role("button", name=test).first.click()
        counter = page.get_by_role("button", name=re.compile("Tap for each good rep"))
        for _ in range(13):
            counter.click()
        page.get_by_role("button", name="Form", exact=True).click()

    return walk


def board(page: Page) -> None:
    """The program board."""
    today(page)
    page.get_by_role("listitem").filter(has_text="Casimir Holt").get_by_role("link", name="Program").click()
    page.get_by_role("table").first.wait_for()


def start(page: Page) -> None:
    """A draft from the client file, and the templates as they would become."""
    page.goto("/clients")
    page.get_by_role("link", name="Oona Feldt").first.click()
    page.get_by_role("link", name="Start a program").click()
    page.get_by_role("button", name="Draft it").click()
    page.get_by_role("button", name="Start with this draft").wait_for()


def calendar(page: Page) -> None:
    """A program on the calendar, one session moved."""
    board(page)
    page.get_by_role("link", name="Calendar").click()
    page.get_by_role("row").filter(has_text="week 8").get_by_role("button", name="Upper body").first.click()
    page.get_by_role("button", name=re.compile("^Do it: Move it to")).first.click()
    page.get_by_text("moved from").wait_for()


def on_the_floor(page: Page, client: str) -> None:
    """From Today to a client's floor; each picture has a client of its own, so that none finds another's sets."""
    today(page)
    page.get_by_role("listitem").filter(has_text=client).get_by_role("link", name="Open the floor").click()
    page.get_by_role("heading", level=1, name=client).wait_for()


def before(client: str) -> Callable[[Page], None]:
    """Before the first set: how the client is, and what that changes."""

    def walk(page: Page) -> None:
        on_the_floor(page, client)
        for name, answer in (("Slept", "2"), ("Energy", "2"), ("Stress", "4"), ("Sore", "3")):
            page.get_by_role("group", name=name).get_by_role("button", name=answer).click()
        page.get_by_text("of 20 points").wait_for()

    return walk


def floor(client: str) -> Callable[[Page], None]:
    """The floor between two sets."""

    def walk(page: Page) -> None:
        on_the_floor(page, client)
        page.get_by_role("button", name="Begin as planned").click()
        page.get_by_role("region", name=re.compile(r"^(Set|Ramp-up set) \d")).wait_for()
        straight = page.get_by_role("button", name="Straight to the work")
        if straight.is_visible():
            straight.click()
        page.get_by_role("button", name=re.compile("^Done:")).click()
        page.get_by_test_id("rest").wait_for()
        page.get_by_role("button", name="Reps: less").click()
        page.get_by_role("button", name=re.compile("^Done:")).click()
        page.get_by_text("Saved", exact=True).wait_for()

    return walk


def clock(client: str, exercise: str) -> Callable[[Page], None]:
    """A clock in the middle of a hold."""

    def walk(page: Page) -> None:
        on_the_floor(page, client)
        begin = page.get_by_role("button", name="Begin as planned")
        strip = page.get_by_role("navigation", name="Exercises")
        begin.or_(strip).wait_for()
        if begin.is_visible():
            begin.click()
        strip.get_by_role("button", name=exercise).click()
        page.get_by_role("button", name="Start the clock").click()
        page.get_by_role("button", name="Ready now").click()
        page.wait_for_timeout(6000)

    return walk


def summary(client: str) -> Callable[[Page], None]:
    """After the last set: planned against done, effort, what to praise."""

    def walk(page: Page) -> None:
        floor(client)(page)
        page.get_by_role("button", name="Finish", exact=True).click()
        page.get_by_role("button", name="Finish as it is").click()
        page.get_by_role("group", name="Effort").get_by_role("button", name="7", exact=True).click()
        page.get_by_text("Session load").wait_for()

    return walk


def review(page: Page) -> None:
    """After the session: proposals with their evidence."""
    today(page)
    page.get_by_role("link", name=re.compile("exercises$")).first.click()
    page.get_by_text("Evidence:").first.click()


def ahead(page: Page) -> None:
    """A day through the weeks to come, if they go badly."""
    board(page)
    page.get_by_role("link", name="Ahead").click()
    page.get_by_role("button", name="A bad patch").click()


def progress(page: Page) -> None:
    """A client's progress as a whole."""
    clients(page)
    page.get_by_role("listitem").filter(has_text="Ilse Marwick").get_by_role("link", name="Progress").click()
    page.get_by_role("heading", name="Week by week").wait_for()


def lift(page: Page) -> None:
    """One exercise through the weeks."""
    clients(page)
    page.get_by_role("listitem").filter(has_text="Casimir Holt").get_by_role("link", name="Progress").click()
    page.get_by_role("button", name=re.compile("^Romanian deadlift")).click()
    page.get_by_role("heading", name="Romanian deadlift").wait_for()


PICTURES: tuple[tuple[str, Callable[[Page], None], tuple[int, int], bool], ...] = (
    ("today", today, (1280, 800), False),
    ("client-file", client_file("Casimir Holt"), (1280, 800), False),
    ("health", client_file("Tobiah Renn", "Health"), (1280, 800), False),
    ("places", client_file("Saskia Brandvold", "Places"), (1280, 800), False),
    ("tests", client_file("Noor Vandermeer", "Tests"), (1280, 800), False),
    ("library", library, (1280, 800), False),
    ("start", start, (1280, 800), False),
    ("board", board, (1280, 800), False),
    ("ahead", ahead, (1280, 800), False),
    ("review", review, (1280, 800), False),
    ("calendar", calendar, (1280, 800), False),
    ("progress", progress, (1280, 800), False),
    ("lift", lift, (1280, 800), False),
    ("floor-tablet", floor("Casimir Holt"), (820, 1180), False),
    ("testing-tablet", testing("Rufus Kettleman", "Push-ups"), (820, 1180), False),
    ("floor-phone", floor("Dell Ostrander"), (390, 844), False),
    ("sheet-phone", home_sheet("Casimir Holt"), (390, 844), False),
    ("clock-phone", clock("Ilse Marwick", "Side plank"), (390, 844), True),
    ("summary-phone", summary("Tobiah Renn"), (390, 844), False),
)


def take(
    browser: Browser, app: AppProcess, name: str, walk: Callable[[Page], None], size: tuple[int, int], dark: bool
) -> None:
    """Walk to a view and take its picture, on the demo's own day."""
    width, height = size
    context = browser.new_context(
        base_url=app.url,
        viewport={"width": width, "height": height},
        color_scheme="dark" if dark else "light",
        reduced_motion="reduce",
    )
    app.set_clock(context)
    page = context.new_page()
    walk(page)
    if not name.startswith(("floor", "testing", "clock", "before", "summary")):
        page.wait_for_load_state("networkidle")
    # What a view asks for once it stands: no outline is left, and what comes without one had its moment.
    page.wait_for_function("() => !document.querySelector('.skeleton')")
    page.wait_for_timeout(400)
    page.screenshot(path=SHOTS / f"{name}.png")
    context.close()


def main() -> None:
    """Take the pictures named as arguments, or all of them."""
    wanted = set(sys.argv[1:])
    SHOTS.mkdir(parents=True, exist_ok=True)
    with tempfile.TemporaryDirectory() as folder, sync_playwright() as playwright:
        app = AppProcess(Path(folder) / "demo.sqlite3", demo=True)
        app.start()
        browser = launch_chromium(playwright)
        try:
            for name, walk, size, dark in PICTURES:
                if not wanted or name in wanted:
                    take(browser, app, name, walk, size, dark)
        finally:
            browser.close()
            app.kill()


if __name__ == "__main__":
    main()
