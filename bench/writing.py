"""Writing at the board in Chromium: the largest plan under the fingers, and the keys a program takes."""

import re
import time
from collections.abc import Callable
from statistics import median, quantiles
from urllib.parse import quote

from playwright.sync_api import Page, sync_playwright
from tools.app_process import launch_chromium
from tools.large_program import DAYS, LINES, WEEKS, large_program, new_client

from bench.figures import NO_AIM, Figure
from bench.served import Served, served

STROKES = 60
SLOWER = 4
SAVES = 12

PROGRAM = (
    ("back-squat", "bench-press", "cable-row", "romanian-deadlift", "lateral-raise", "plank"),
    ("deadlift", "overhead-press", "lat-pulldown", "split-squat", "biceps-curl", "side-plank"),
    ("front-squat", "incline-bench-press", "barbell-row", "hip-thrust", "calf-raise", "dead-bug"),
)
"""Three days of six lines."""

LATENCY = """() => {
  window.strokes = [];
  window.addEventListener("keydown", () => {
    const begun = performance.now();
    requestAnimationFrame(() => setTimeout(() => window.strokes.push(performance.now() - begun), 0));
  }, true);
}"""

DRAWN = "() => new Promise((done) => requestAnimationFrame(() => setTimeout(done, 0)))"
"""Until the next frame stands."""


def measure() -> list[Figure]:
    """Open the largest plan, type into it, then write a small program with as few keys as it takes."""
    with served() as app, sync_playwright() as playwright:
        browser = launch_chromium(playwright)
        page = browser.new_context(viewport={"width": 1280, "height": 800}).new_page()
        url = f"http://127.0.0.1:{app.connection.port}"
        large = large_program(app.ask)
        figures = [*_typing(page, f"{url}/programs/{large}", app, large), *_keys(page, url, app)]
        browser.close()
    return figures


def _typing(page: Page, url: str, app: Served, program: str) -> list[Figure]:
    begun = time.perf_counter()
    page.goto(url)
    page.locator('[data-cell="0:5"]').wait_for(state="visible")
    rendered = (time.perf_counter() - begun) * 1000
    there = page.locator("[data-cell]").count()
    page.evaluate(LATENCY)
    strokes = _strokes(page)
    slow = page.context.new_cdp_session(page)
    slow.send("Emulation.setCPUThrottlingRate", {"rate": SLOWER})
    slowly = _strokes(page)
    slow.send("Emulation.setCPUThrottlingRate", {"rate": 1})
    saved, told = [], []
    for n in range(SAVES):
        page.locator(f'[data-cell="{n}:3"]').focus()
        page.keyboard.type(f"3 x {8 + n}, 60 kg")
        page.wait_for_load_state("networkidle")
        begun = time.perf_counter()
        with page.expect_response(lambda r: r.url.endswith("/revisions") and r.request.method == "POST") as answer:
            page.keyboard.press("Enter")
        answer.value.finished()
        saved.append((time.perf_counter() - begun) * 1000)
        page.evaluate(DRAWN)
        told.append((time.perf_counter() - begun) * 1000)
    size = f"{WEEKS} weeks x {DAYS} days x {LINES} lines"
    p95, slow_p95 = (quantiles(some, n=20)[-1] for some in (strokes, slowly))
    return [
        Figure(f"a keystroke on screen, {size}, p95", p95, 100, "ms", f"median {median(strokes):.0f} ms, Chromium"),
        Figure(f"the same, processor {SLOWER} x slower, p95", slow_p95, 150, "ms", f"median {median(slowly):.0f} ms"),
        Figure(
            "Enter to the answer: cells, time, volume, findings, median",
            median(saved),
            250,
            "ms",
            f"worst {max(saved):.0f} ms",
        ),
        Figure("Enter to findings drawn, median", median(told), 250, "ms", f"worst {max(told):.0f} ms"),
        Figure(f"open and render {size}", rendered, 700, "ms", f"{there} of {WEEKS * DAYS * LINES} cells exist"),
    ]


def _strokes(page: Page) -> list[float]:
    """Milliseconds from each key to the frame that shows it, in a cell that is left as it was."""
    page.evaluate("() => { window.strokes = [] }")
    page.locator('[data-cell="0:2"]').focus()
    for n in range(STROKES):
        page.keyboard.press(("3", "x", "8", ",", " ", "6", "0")[n % 7])
        page.wait_for_function("n => window.strokes.length > n", arg=n)
    found: list[float] = page.evaluate("() => window.strokes")
    page.keyboard.press("Escape")
    return found


def _keys(page: Page, url: str, app: Served) -> list[Figure]:
    """Keys and clicks, each counted as one, from the start page to a finished program."""
    app.connection.close()  # it has been idle too long; the next request opens it again
    plain = _program(page, url, app, "Ottilie Scratch", _alike)
    differing = _program(page, url, app, "Odilo Loads", _differing)
    other = new_client(app.ask, "Ottokar Template", 3)
    page.goto(f"{url}/clients/{other}/start")
    page.get_by_role("button", name="Start with it: Three whole-body days").click()
    page.get_by_role("columnheader", name="Week 4").wait_for()
    lines = sum(len(day) for day in PROGRAM)
    of = "4 weeks x 3 days x 6 lines"
    return [
        Figure(f"keys and clicks for {of}, from scratch", plain, 130, "", f"{plain / lines:.1f} a line"),
        Figure("the same, loads by line, rests, tempo", differing, 260, "", f"{differing / lines:.1f} a line"),
        Figure("the same from a template", 1, NO_AIM, "", "one click"),
    ]


def _alike(number: int) -> str:
    """What is typed behind a name: the first line in full, the others the same as above."""
    return '"' if number else " 3x8"


LOADS = ("60", "50", "45", "70", "8", "40", "90", "35", "50", "16", "10", "30", "55", "20", "60", "80", "65", "12")


def _differing(number: int) -> str:
    """A load for every line; rest and tempo said once a day, another for the small lifts at its end."""
    load, place = LOADS[number], number % len(PROGRAM[0])
    if place == 0:
        return f" 3x8 {load} tempo 3010 rest 2:00"
    return f'"{load} rest 60 s' if place == len(PROGRAM[0]) - 2 else f'"{load}'


def _program(page: Page, url: str, app: Served, name: str, behind: Callable[[int], str]) -> int:
    """Write the program and answer the keys and clicks that it took."""
    client = new_client(app.ask, name, 3)
    page.goto(f"{url}/clients/{client}/start")
    page.get_by_role("button", name="Start empty").click()
    page.get_by_role("columnheader", name="Week 4").wait_for()
    page.locator("[data-add]").first.click()
    count, number = 2, 0
    for day, exercises in enumerate(PROGRAM):
        if day:
            page.keyboard.press("ArrowDown")
            count += 1
        for exercise in exercises:
            typed = _shortest(app, client, exercise) + behind(number)
            page.keyboard.type(typed)
            page.keyboard.press("Enter")
            count += len(typed) + 1
            page.locator(f'[data-cell="{number}:3"]').filter(has_text=re.compile(r"\d x \d")).wait_for(state="attached")
            number += 1
    return count


def _shortest(app: Served, client: str, exercise: str) -> str:
    """The fewest characters that name an exercise: the beginning of one of its names, the short ones among them."""
    known = app.ask("GET", f"/exercises/{exercise}")["exercise"]
    names = [str(name).lower() for name in (known["name"], *known["also"])]
    for length in range(2, max(map(len, names)) + 1):
        for typed in dict.fromkeys(name[:length] for name in names if len(name) >= length and name[length - 1] != " "):
            found = app.ask("GET", f"/exercises?q={quote(typed)}&client={client}&limit=1")["hits"]
            if found and found[0]["named"] and found[0]["exercise"]["id"] == exercise:
                return typed
    return names[0]
