"""Today on a slow telephone: a processor four times slower, 1.6 Mbit/s, 150 ms to the server. Drawn, not answered."""

from statistics import median

from playwright.sync_api import Browser, BrowserContext, Page, ViewportSize, sync_playwright
from tools.app_process import launch_chromium

from bench.figures import Figure
from bench.served import served

SLOWER = 4
WAY_MS = 150
BYTES_A_SECOND = 1_600_000 / 8
PHONE: ViewportSize = {"width": 390, "height": 844}
TIMES = 3
SETTLED_MS = 6000
"""How long the first visit is left alone once the app is installed, so that what comes later has come."""

SESSION = "main [data-main-action], main a[href*='/floor']"
"""What Today is opened for."""

WATCH = """new MutationObserver(() => {
  if (globalThis.drawnAt || !document.querySelector("%s")) return;
  globalThis.drawnAt = true;
  requestAnimationFrame(() => setTimeout(() => (globalThis.drawnAt = performance.now())));
}).observe(document, { childList: true, subtree: true })"""
"""Notes when it was drawn, milliseconds since the page was asked for."""


def measure() -> list[Figure]:
    """Open Today for the first time and again, each time in a browser that knows nothing of the app."""
    firsts, agains, sizes = [], [], []
    with served() as app, sync_playwright() as playwright:
        address = f"http://127.0.0.1:{app.connection.port}/"
        browser = launch_chromium(playwright)
        for _ in range(TIMES):
            first, again, size = _visits(browser, address)
            firsts.append(first)
            agains.append(again)
            sizes.append(size)
        browser.close()
    how = f"{SLOWER} x slower, 1.6 Mbit/s, {WAY_MS} ms; median of {TIMES}"
    return [
        Figure("Today drawn on a slow phone, first", median(firsts), 2500, "ms", how),
        Figure("Today drawn on a slow phone, again", median(agains), 600, "ms", how),
        Figure("scripts on the wire until then", median(sizes) / 1000, 140, "kB", "as the browser received them"),
    ]


def _visits(browser: Browser, address: str) -> tuple[float, float, float]:
    with browser.new_context(viewport=PHONE) as context:
        page = _slow_page(context)
        scripts: dict[str, float] = {}
        wire = context.new_cdp_session(page)
        wire.send("Network.enable")
        kinds: dict[str, str] = {}
        wire.on("Network.responseReceived", lambda told: kinds.update({told["requestId"]: told["type"]}))
        wire.on("Network.loadingFinished", lambda told: scripts.update({told["requestId"]: told["encodedDataLength"]}))
        first = _drawn(page, address)
        size = sum(length for request, length in scripts.items() if kinds.get(request) == "Script")
        page.wait_for_function("() => navigator.serviceWorker.controller !== null", timeout=60_000)
        page.wait_for_timeout(SETTLED_MS)
        page.close()
        again = _drawn(_slow_page(context), address)
    return first, again, size


def _slow_page(context: BrowserContext) -> Page:
    page = context.new_page()
    session = context.new_cdp_session(page)
    session.send("Network.enable")
    session.send(
        "Network.emulateNetworkConditions",
        {
            "offline": False,
            "latency": WAY_MS,
            "downloadThroughput": BYTES_A_SECOND,
            "uploadThroughput": BYTES_A_SECOND / 2,
        },
    )
    session.send("Emulation.setCPUThrottlingRate", {"rate": SLOWER})
    return page


def _drawn(page: Page, address: str) -> float:
    """Milliseconds from asking for the page until Today's sessions stand on it."""
    page.add_init_script(WATCH % SESSION)
    page.goto(address, wait_until="commit")
    page.locator(SESSION).first.wait_for(timeout=60_000)
    while not isinstance(found := page.evaluate("globalThis.drawnAt"), float | int) or found is True:
        page.wait_for_timeout(20)
    return float(found)
