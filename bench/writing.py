"""Writing at the board in Chromium: the largest plan under the fingers, and the keys a program takes."""

import time
from statistics import median, quantiles

from playwright.sync_api import Page, sync_playwright
from tools.app_process import launch_chromium

from bench.figures import NO_AIM, Figure
from bench.served import Served, served

WEEKS, DAYS, LINES = 16, 5, 12
STROKES = 60
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


def measure() -> list[Figure]:
    """Open the largest plan, type into it, then write a small program with as few keys as it takes."""
    with served() as app, sync_playwright() as playwright:
        browser = launch_chromium(playwright)
        page = browser.new_context(viewport={"width": 1280, "height": 800}).new_page()
        url = f"http://127.0.0.1:{app.connection.port}"
        large = _largest(app)
        figures = [*_typing(page, f"{url}/programs/{large}", app, large), *_keys(page, url, app)]
        browser.close()
    return figures


def _client(app: Served, name: str, days: int) -> str:
    place = {
        "name": f"Hall of {name}",
        "unit": "kg",
        "equipment": "bar 20, plates 4x2.5 4x5 4x10\nbench, rack\nstack 5-90 by 5",
    }
    body = {"name": name, "unit": "kg", "minutes": 60, "days_a_week": days, "place": place}
    return str(app.ask("POST", "/clients", body)["id"])


def _largest(app: Served) -> str:
    client = _client(app, "Brunhild Large", DAYS)
    board = app.ask("POST", f"/clients/{client}/program", {"name": "Large", "weeks": WEEKS})
    exercises = [e["exercise"]["id"] for e in app.ask("GET", "/exercises?q=press&limit=40")["hits"]][:LINES]
    edits = [
        {
            "op": "add_line",
            "day": f"p1-d{day}",
            "line": f"l{day}-{n}",
            "exercise": exercise,
            "text": f"3 x {6 + n}-{8 + n}, {20 + 5 * (n % 8)} kg, rest 90 s, leave 2",
        }
        for day in range(1, DAYS + 1)
        for n, exercise in enumerate(exercises)
    ]
    path = f"/programs/{board['program_id']}"
    app.ask("POST", f"{path}/revisions", {"base": 1, "edits": edits, "reason": "Written"})
    lines = [edit["line"] for edit in edits]
    fill = {"week": "p1-w1", "kind": "reps", "step": "1"}
    for base, some in enumerate((lines[:30], lines[30:]), start=2):
        app.ask("POST", f"{path}/fill", fill | {"base": base, "lines": some})
    return str(board["program_id"])


def _typing(page: Page, url: str, app: Served, program: str) -> list[Figure]:
    begun = time.perf_counter()
    page.goto(url)
    page.locator('[data-cell="59:15"]').wait_for(state="attached")
    rendered = (time.perf_counter() - begun) * 1000
    page.evaluate(LATENCY)
    page.locator('[data-cell="0:2"]').focus()
    for n in range(STROKES):
        page.keyboard.press(("3", "x", "8", ",", " ", "6", "0")[n % 7])
        page.wait_for_function("n => window.strokes.length > n", arg=n)
    strokes = sorted(page.evaluate("() => window.strokes"))
    page.keyboard.press("Escape")
    saved, told = [], []
    for n in range(SAVES):
        page.locator(f'[data-cell="{n}:3"]').focus()
        page.keyboard.type(f"3 x {8 + n}, 60 kg")
        page.wait_for_load_state("networkidle")
        begun = time.perf_counter()
        with page.expect_response(lambda r: "/findings" in r.url) as findings:
            with page.expect_response(lambda r: r.url.endswith("/revisions") and r.request.method == "POST"):
                page.keyboard.press("Enter")
            saved.append((time.perf_counter() - begun) * 1000)
        findings.value.finished()
        told.append((time.perf_counter() - begun) * 1000)
    size = f"{WEEKS} weeks x {DAYS} days x {LINES} lines"
    p95 = quantiles(strokes, n=20)[-1]
    return [
        Figure(f"a keystroke on screen, {size}, p95", p95, 100, "ms", f"median {median(strokes):.0f} ms, Chromium"),
        Figure("Enter to recomputed time and volume, median", median(saved), 250, "ms", f"worst {max(saved):.0f} ms"),
        Figure("Enter to findings, median", median(told), 250, "ms", f"worst {max(told):.0f} ms"),
        Figure(f"open and render {size}", rendered, NO_AIM, "ms", f"{WEEKS * DAYS * LINES} cells"),
    ]


def _keys(page: Page, url: str, app: Served) -> list[Figure]:
    """Keys and clicks, each counted as one, from the start page to a finished program."""
    app.connection.close()  # it has been idle too long; the next request opens it again
    client = _client(app, "Ottilie Scratch", 3)
    page.goto(f"{url}/clients/{client}/start")
    count = 1
    page.get_by_role("button", name="Start empty").click()
    page.get_by_role("columnheader", name="Week 4").wait_for()
    page.locator("[data-add]").first.click()
    count += 1
    for day, exercises in enumerate(PROGRAM):
        if day:
            page.keyboard.press("ArrowDown")
            count += 1
        for n, exercise in enumerate(exercises):
            typed = f"{_shortest(app, client, exercise)} 3x8"
            page.keyboard.type(typed)
            page.keyboard.press("Enter")
            count += len(typed) + 1
            page.locator(f'[data-cell="{day * len(exercises) + n}:3"]').wait_for(state="attached")
    other = _client(app, "Ottokar Template", 3)
    page.goto(f"{url}/clients/{other}/start")
    page.get_by_role("button", name="Start with it: Three whole-body days").click()
    page.get_by_role("columnheader", name="Week 4").wait_for()
    lines = sum(len(day) for day in PROGRAM)
    return [
        Figure(
            "keys and clicks for 4 weeks x 3 days x 6 lines, from scratch",
            count,
            NO_AIM,
            "",
            f"{count / lines:.1f} a line",
        ),
        Figure("the same from a template", 1, NO_AIM, "", "one click"),
    ]


def _shortest(app: Served, client: str, exercise: str) -> str:
    """The fewest characters that find an exercise first."""
    name = str(app.ask("GET", f"/exercises/{exercise}")["exercise"]["name"]).lower()
    for length in range(2, len(name) + 1):
        found = app.ask("GET", f"/exercises?q={name[:length].replace(' ', '+')}&client={client}&limit=1")["hits"]
        if name[length - 1] != " " and found and found[0]["exercise"]["id"] == exercise:
            return name[:length]
    return name
