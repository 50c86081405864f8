"""The browser's heap while a program is written: an hour of it is some hundred edits."""

from playwright.sync_api import CDPSession, Page, sync_playwright
from tools.app_process import launch_chromium
from tools.large_program import LINES, large_program

from bench.figures import NO_AIM, Figure
from bench.served import served

FIRST, EDITS = 24, 96
"""Edits before it is measured, so that what is made once is there, and those it is measured over."""


def measure() -> list[Figure]:
    """Write cell after cell of the largest plan; what is not needed any more is collected before each look."""
    with served() as app, sync_playwright() as playwright:
        browser = launch_chromium(playwright)
        page = browser.new_context(viewport={"width": 1280, "height": 800}).new_page()
        heap = page.context.new_cdp_session(page)
        page.goto(f"http://127.0.0.1:{app.connection.port}/programs/{large_program(app.ask)}")
        page.locator('[data-cell="0:5"]').wait_for()
        _write(page, 0, FIRST)
        before = _used(heap)
        _write(page, FIRST, FIRST + EDITS)
        after = _used(heap)
        browser.close()
    detail = f"{before / 1024:.1f} MB after {FIRST} edits, {after / 1024:.1f} MB after {FIRST + EDITS}"
    return [
        Figure("the browser's heap, an edit", (after - before) / EDITS, 20, "kB", detail),
        Figure("the browser's heap at the end", after / 1024, NO_AIM, "MB", ""),
    ]


def _write(page: Page, begin: int, end: int) -> None:
    for number in range(begin, end):
        page.locator(f'[data-cell="{number % LINES}:{number // LINES % 5}"]').focus()
        page.keyboard.type(f"3 x {5 + number % 9}, {40 + number % 7 * 5} kg")
        with page.expect_response(lambda r: r.url.endswith("/revisions") and r.request.method == "POST") as answer:
            page.keyboard.press("Enter")
        answer.value.finished()


def _used(session: CDPSession) -> float:
    """Answer the kilobytes of the heap that are in use."""
    session.send("HeapProfiler.collectGarbage")
    return float(session.send("Runtime.getHeapUsage")["usedSize"]) / 1024
