"""The floor in Chromium: how soon a tap is drawn and on the disk, how true the clock is, how many taps it takes."""

import re
import tempfile
from pathlib import Path
from statistics import median, quantiles

from playwright.sync_api import Browser, Page, Playwright, ViewportSize, expect, sync_playwright
from tools.app_process import AppProcess, launch_chromium
from tools.kill_trial import ClockTrial, KillTrial
from tools.small_program import SmallProgram, ask, small_program

from bench.figures import NO_AIM, Figure

TABLET = ViewportSize(width=820, height=1180)
KILL_SEEDS = range(1, 13)
CLOCKED = 6
"""Every sixth of them kills a circuit by the clock too."""
SETS = 40

WATCH_TAPS = """() => {
  window.taps = []
  let at = 0, before = 0
  const done = () => [...document.querySelectorAll('.sr-only')].filter(e => / done /.test(e.textContent)).length
  document.addEventListener('click', event => {
    if (!/^Done:/.test(event.target.closest('button')?.textContent ?? '')) return
    at = performance.now(); before = done()
  }, true)
  new MutationObserver(() => {
    if (at && done() > before) {
      const tap = { drawn: 0, kept: 0, from: at }
      window.taps.push(tap); at = 0
      requestAnimationFrame(() => { tap.drawn = performance.now() - tap.from })
    }
    const last = window.taps.at(-1)
    if (last && !last.kept && [...document.querySelectorAll('[role=status]')].some(e => e.textContent === 'Saved'))
      last.kept = performance.now() - last.from
  }).observe(document.body, { subtree: true, childList: true, characterData: true })
}"""

HEAR = """(() => {
  window.calls = []
  const make = BaseAudioContext.prototype.createOscillator
  BaseAudioContext.prototype.createOscillator = function () {
    const now = Date.now()
    if (now - (window.calls.at(-1) ?? -1e9) > 20) window.calls.push(now)
    return make.call(this)
  }
})()"""
"""Notes when each call sounds; the tones of one call count once."""

DONE = re.compile("^Done:")


def measure() -> list[Figure]:
    """Measure the floor against an app of its own."""
    with tempfile.TemporaryDirectory() as folder, sync_playwright() as playwright:
        app = AppProcess(Path(folder) / "data.sqlite3")
        app.start()
        browser = launch_chromium(playwright)
        try:
            figures = [*_taps(browser, app.url), *_drift(browser, app.url), *_sessions(browser, app.url)]
        finally:
            browser.close()
            app.kill()
        return [*figures, *_kills(playwright)]


def _page(browser: Browser, url: str, made: SmallProgram, *, clock: bool = False) -> Page:
    page = browser.new_context(viewport=TABLET, reduced_motion="reduce").new_page()
    page.add_init_script(HEAR)
    if clock:
        page.clock.install()
    page.goto(url + made.floor)
    page.get_by_role("button", name="Begin as planned").click()
    return page


def _taps(browser: Browser, url: str) -> list[Figure]:
    made = small_program(url, ("biceps-curl", "20 x 8, 8 kg, rest 5 s"), ("plank", "1 x 8"), name="Tapped")
    page = _page(browser, url, made)
    page.evaluate(WATCH_TAPS)
    for number in range(1, 20):
        page.get_by_role("button", name=DONE).click()
        page.wait_for_function(f"() => window.taps.length >= {number} && window.taps.at(-1).kept > 0")
    taps: list[dict[str, float]] = page.evaluate("() => window.taps")
    drawn, kept = ([tap[name] for tap in taps[2:]] for name in ("drawn", "kept"))
    return [
        Figure("tap to drawn, p95", quantiles(drawn, n=20)[-1], 100, "ms", f"median {median(drawn):.0f} ms, Chromium"),
        Figure("tap to acknowledged, p95", quantiles(kept, n=20)[-1], NO_AIM, "ms", f"median {median(kept):.0f} ms"),
    ]


def _planned_calls(url: str, made: SmallProgram) -> list[float]:
    """When each call should sound, milliseconds from the start."""
    (clock,) = ask(url, "GET", f"{made.api}/clocks")
    at, found = 0, []
    for step in clock["steps"]:
        for call in step["calls"]:
            moment = step["seconds"] - call["at"] if call["from_end"] else call["at"]
            found.append((at + moment) * 1000.0)
        at += step["seconds"]
    return sorted(set(found))


def _lateness(page: Page, planned: list[float]) -> list[float]:
    """How far each call was from its moment, counted from the first, milliseconds."""
    heard: list[float] = page.evaluate("() => window.calls")
    assert len(heard) == len(planned), (len(heard), len(planned))
    return [abs(at - heard[0] - wanted + planned[0]) for at, wanted in zip(heard, planned, strict=True)]


def _drift(browser: Browser, url: str) -> list[Figure]:
    long = small_program(url, ("plank", "20 x 60 s, rest 30 s"), name="Simulated")
    page = _page(browser, url, long, clock=True)
    page.get_by_role("button", name="Start the clock").click()
    page.clock.pause_at(page.evaluate("() => (Date.now() + 50) / 1000"))
    for _ in range(30 * 60 * 2):
        page.clock.run_for(500)
    late = _lateness(page, _planned_calls(url, long))
    page.context.close()
    short = small_program(url, ("plank", "2 x 15 s, rest 10 s"), name="In real time")
    real = _page(browser, url, short)
    real.get_by_role("button", name="Start the clock").click()
    real.get_by_test_id("clock").wait_for(state="detached", timeout=90_000)
    heard = _lateness(real, _planned_calls(url, short))
    return [
        Figure("clock drift over 30 simulated minutes", max(late), 50, "ms", f"{len(late)} calls"),
        Figure("a call's lateness in real time, worst", max(heard), 50, "ms", f"{len(heard)} calls in 50 s"),
    ]


STATIONS = (
    "goblet-squat", "push-up", "plank", "reverse-lunge", "biceps-curl", "glute-bridge", "bird-dog", "lateral-lunge",
    "lateral-raise", "squat-hold", "wall-sit", "dead-bug",
)  # fmt: skip

TWENTY = (
    ("back-squat", "5 x 5, 60 kg, rest 2:00, leave 2"),
    ("floor-press", "5 x 8, 16 kg, rest 90 s, leave 2"),
    ("barbell-row", "5 x 8, 40 kg, rest 90 s, leave 2"),
    ("biceps-curl", "5 x 12, 8 kg, rest 60 s, leave 2"),
)


class _Taps:
    """Counts every click."""

    def __init__(self, page: Page) -> None:
        self.page, self.count = page, 1

    def tap(self, name: str | re.Pattern[str]) -> None:
        self.page.get_by_role("button", name=name).first.click()
        self.count += 1

    def work(self) -> None:
        """Past the ramp-up sets where some are offered."""
        self.page.get_by_role("region", name=re.compile(r"^(Set|Ramp-up set) \d")).wait_for()
        # What was tapped last has settled: the next set stands there, or the ramp-up of the next exercise.
        expect(self.page.get_by_role("button", name=DONE)).to_be_enabled()
        if self.page.get_by_role("button", name="Straight to the work").is_visible():
            self.tap("Straight to the work")

    def sets(self, count: int) -> None:
        for _ in range(count):
            self.work()
            self.tap(DONE)


def _sessions(browser: Browser, url: str) -> list[Figure]:
    plain = _Taps(_page(browser, url, small_program(url, *TWENTY, name="As planned")))
    plain.sets(20)
    plain.tap("Finish")
    expect(plain.page.get_by_role("group", name="Effort")).to_be_visible()
    twelve = [(exercise, "3 x 30 s, checkpoints 35/40 s") for exercise in STATIONS]
    clocked = small_program(url, *twelve, name="Twelve stations", kind="on the minute", rests=(0, 120))
    minute = _Taps(_page(browser, url, clocked, clock=True))
    minute.tap("Start the clock")
    for _ in range(90):
        minute.page.clock.fast_forward(30_000)
    expect(minute.page.get_by_text(re.compile("3 of 3 sets|^3$")).first).to_be_attached()
    four = [(exercise, "3 x 12") for exercise in STATIONS[:4]]
    counted = small_program(url, *four, name="Counted circuit", kind="circuit", rests=(15, 60))
    circuit = _Taps(_page(browser, url, counted, clock=True))
    circuit.tap("Start the clock")
    circuit.page.clock.fast_forward(12_000)
    for _ in range(12):
        circuit.tap(DONE)
        circuit.page.clock.fast_forward(61_000)
    odd = _Taps(_page(browser, url, small_program(url, *TWENTY, name="Five deviations")))
    odd.work()
    odd.tap("Load: less")  # 1: lighter, for the sets left too
    odd.tap(re.compile("more sets too$"))
    odd.sets(2)
    odd.tap("Reps: less")  # 2: a repetition short
    odd.tap("How it went")  # 3: and it slipped
    odd.tap("Slipping")
    odd.sets(3)
    odd.work()
    odd.tap(re.compile("^Change$"))  # 4: the bench is taken
    odd.tap(re.compile("^Swap"))
    odd.page.get_by_role("listitem").get_by_role("button").first.click()
    odd.count += 1
    odd.sets(4)
    odd.tap(re.compile("^Note$"))  # 5: a note
    odd.tap("Could have done more")
    odd.sets(11)
    odd.tap("Finish")
    expect(odd.page.get_by_role("group", name="Effort")).to_be_visible()
    return [
        Figure("taps for twelve stations on the minute, three rounds", minute.count, 2, "", "begin, start the clock"),
        Figure("taps for a counted circuit of four, three rounds", circuit.count, 14, "", "begin, start, one a set"),
        Figure("taps for 20 sets as planned", plain.count, NO_AIM, "", "beginning, finishing and ramp-ups passed over"),
        Figure("the same with five deviations", odd.count, NO_AIM, "", "load for all left, reps, quality, swap, note"),
    ]


def _kills(playwright: Playwright) -> list[Figure]:
    seen = []
    for seed in KILL_SEEDS:
        for trial in (KillTrial, ClockTrial) if seed % CLOCKED == 0 else (KillTrial,):
            with tempfile.TemporaryDirectory() as folder:
                seen.append(trial(playwright, Path(folder), seed).run())
    kills = f"{sum(s.server_kills for s in seen)} server, {sum(s.browser_kills for s in seen)} browser kills"
    taps = sum(s.acknowledged for s in seen)
    return [
        Figure("acknowledged sets lost", sum(s.lost for s in seen), 0, "", f"{taps} taps, {kills}"),
        Figure("sets stored twice", sum(s.duplicates for s in seen), 0, "", f"{len(seen)} sessions"),
        Figure("sessions out of order", sum(not s.in_order for s in seen), 0, "", f"{len(seen)} sessions"),
    ]
