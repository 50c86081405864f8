"""Walk every view at every size and look, and count what shuts people out: ``python -m tools.measure_views``.

Counted are what runs over the side or is cut off, targets under 24 px (48 on the floor) or nearer than 8 px on the
floor, controls without a name or with one that leads elsewhere too, frames and disabled controls under 3:1, more than
six Tabs to the main action, the focus lost by Esc, and what axe finds. Names of views narrow it.
"""

import re
import sys
import tempfile
from collections import Counter
from collections.abc import Callable, Iterator, Mapping
from dataclasses import dataclass
from enum import Enum
from pathlib import Path

from playwright.sync_api import Browser, BrowserContext, Page, Route, sync_playwright
from playwright.sync_api import Error as PlaywrightError
from tests.demo.filled import demo_copy

from tools import shots
from tools.app_process import ROOT, AppProcess, launch_chromium
from tools.crowd import LONG, crowd

COUNT = (Path(__file__).parent / "measured_view.js").read_text("utf-8").split("\n", 2)[2]
AXE = ROOT / "web" / "node_modules" / "axe-core" / "axe.min.js"
TAGS = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"]
DESK_LEAST, FLOOR_LEAST, FLOOR_APART = 24, 48, 8

DESK_SIZES = ((390, 844), (820, 1180), (1280, 800), (1920, 1080))
FLOOR_SIZES = ((390, 844), (844, 390), (820, 1180), (1280, 800))
ZOOMED = (640, 400)
"""A window of 1280 by 800 at 200 %."""

MOST_TABS = 6
MAIN_ACTION = """() => {
  // The focus goes to the beginning of the page or the sheet; the action is what is marked, else what is ember.
  const over = document.querySelector("[role=dialog]");
  const root = over ?? document.querySelector("main") ?? document.body;
  const start = over ?? document.body;
  const was = start.getAttribute("tabindex");
  start.tabIndex = -1;
  start.focus();
  if (was === null) start.removeAttribute("tabindex");
  const all = [...root.querySelectorAll("button:enabled, a[href], input, select, textarea, [tabindex='0']")];
  const shown = all.filter(
    (one) => one.checkVisibility() && one.getBoundingClientRect().width > 1 && one.tabIndex >= 0,
  );
  const ember = (one) => one.matches(".bg-ember");
  window.mainAction = root.querySelector("[data-main-action]") ?? shown.find(ember) ?? shown[0];
  return Boolean(window.mainAction);
}"""

SPACED = "* { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing: 0.16em !important; }"
ADOPT = "css => { const more = new CSSStyleSheet(); more.replaceSync(css); document.adoptedStyleSheets.push(more); }"
"""Adds lines of style as the page's own, since its policy allows none written into it."""
"""Text spacing as WCAG 1.4.12 has it."""

Walk = Callable[[Page], None]


class Answers(Enum):
    """How the server answers once a view is opened."""

    AS_THEY_COME = "as they come"
    NEVER = "never"
    FAILING = "failing"


@dataclass(frozen=True)
class View:
    """A view or a state of it: the way there, whether it belongs to the floor, and what it meets."""

    name: str
    walk: Walk
    floor: bool = False
    many: bool = False
    """Whether the studio has two hundred clients, some of long and foreign names."""
    answers: Answers = Answers.AS_THEY_COME


@dataclass(frozen=True)
class Look:
    """How a view is looked at: its window, its colours, whether the text is spaced."""

    size: tuple[int, int]
    dark: bool = False
    forced: bool = False
    spaced: bool = False

    def __str__(self) -> str:
        said = [
            name for name, on in (("dark", self.dark), ("forced colours", self.forced), ("spaced", self.spaced)) if on
        ]
        return " ".join([f"{self.size[0]}x{self.size[1]}", *said])


@dataclass(frozen=True)
class Finding:
    """Something that was counted: of what kind, where, and a text that leads to it."""

    kind: str
    view: str
    look: str
    text: str

    def __str__(self) -> str:
        return f"{self.kind:9} {self.view:18} {self.look:24} {self.text}"


def opened(walk: Walk, name: str | re.Pattern[str]) -> Walk:
    """A view with a sheet or menu opened by a button."""

    def go(page: Page) -> None:
        walk(page)
        page.get_by_role("button", name=name).first.click()

    return go


def path_of(path: str, heading: str | re.Pattern[str]) -> Walk:
    """A view by its address."""

    def go(page: Page) -> None:
        page.goto(path)
        page.get_by_role("heading", name=heading).first.wait_for()

    return go


def finishing(page: Page) -> None:
    """Ending a session with sets open."""
    shots.floor("Dell Ostrander")(page)
    page.get_by_role("button", name="Finish", exact=True).click()
    page.get_by_role("button", name="Finish as it is").wait_for()


def calendar(page: Page) -> None:
    """A program by date, as it stands."""
    shots.board(page)
    page.get_by_role("link", name="Calendar").click()
    page.get_by_role("region", name="Weeks").wait_for()


def roomy_board(page: Page) -> None:
    """The board in the density that is not the first one."""
    shots.board(page)
    page.keyboard.press("F9")
    page.get_by_role("table").first.wait_for()


def outcome(page: Page) -> None:
    """What came of a program that still runs."""
    shots.board(page)
    page.goto(f"{page.url.split('?')[0]}/outcome")
    page.get_by_role("heading", name="What carries over").wait_for()


def report(page: Page) -> None:
    """The report of the last weeks, its words to be changed."""
    shots.client_file("Casimir Holt")(page)
    page.goto(f"{page.url}/report")
    page.get_by_role("heading", name="Its words").wait_for()


def clients_window(page: Page) -> None:
    """What a client sees over a call, while no floor is open beside it."""
    shots.floor("Casimir Holt")(page)
    page.goto(f"{page.url}/shared")
    page.get_by_role("button", name="Mirror left and right").wait_for()


def home_sheet(page: Page) -> None:
    """A sheet as the client's phone opens it."""
    shots.home_sheet("Casimir Holt")(page)


VIEWS: tuple[View, ...] = (
    View("today", shots.today),
    View("clients", shots.clients),
    View("new client", path_of("/clients/new", "New client")),
    View("bring in clients", path_of("/clients/bring-in", "Bring in clients")),
    View("client file", shots.client_file("Casimir Holt")),
    View("health", shots.client_file("Tobiah Renn", "Health")),
    View("places", shots.client_file("Saskia Brandvold", "Places")),
    View("tests", shots.client_file("Noor Vandermeer", "Tests")),
    View("library", path_of("/library/plank", "Plank")),
    View("batteries", path_of("/batteries", "Test batteries")),
    View("settings", path_of("/settings", "Settings")),
    View("backups", path_of("/settings/backups", "Backups")),
    View("board", shots.board),
    View("roomy board", roomy_board),
    View("logbook", opened(shots.board, "Logbook")),
    View("about a program", opened(shots.board, "About")),
    View("find and replace", opened(shots.board, "Find")),
    View("a phase taken over", opened(shots.board, "Take one over")),
    View("programs", shots.client_file("Casimir Holt", "Past and next")),
    View("what came of it", outcome),
    View("at home", shots.client_file("Casimir Holt", "At home")),
    View("report", report),
    View("paste", opened(shots.board, "Paste")),
    View("ahead", shots.ahead),
    View("calendar", calendar),
    View("review", shots.review),
    View("progress", shots.progress),
    View("one exercise", shots.lift),
    View("help", opened(shots.today, "Help")),
    View("before a session", shots.before("Agnes Thornby"), floor=True),
    View("floor", shots.floor("Casimir Holt"), floor=True),
    View("how it went", opened(shots.floor("Ilse Marwick"), "How it went"), floor=True),
    View("change", opened(shots.floor("Saskia Brandvold"), "Change"), floor=True),
    View("note", opened(shots.floor("Dell Ostrander"), "Note"), floor=True),
    View("finishing", finishing, floor=True),
    View("the client's window", clients_window, floor=True),
    View("home sheet", home_sheet, floor=True),
    View("summary", shots.summary("Tobiah Renn"), floor=True),
    View("testing", shots.testing("Rufus Kettleman", "Push-ups"), floor=True),
)


def long_name(page: Page) -> None:
    """The file of a client with a name of eighty letters."""
    shots.clients(page)
    page.get_by_label(re.compile("^Find among")).fill(LONG[:12])
    page.get_by_role("link", name=LONG, exact=True).click()
    page.get_by_role("heading", level=1, name=LONG).wait_for()


def without_answers(path: str, shape: str) -> Walk:
    """A view by its address while nothing has been answered: its outline."""

    def go(page: Page) -> None:
        page.goto(path)
        page.locator(f"[data-shape={shape}]").wait_for()

    return go


def failed(path: str) -> Walk:
    """A view by its address that the server stumbles over."""

    def go(page: Page) -> None:
        page.goto(path)
        page.get_by_role("alert").first.wait_for()

    return go


VIEWS += (
    View("today of many", shots.today, many=True),
    View("clients of many", shots.clients, many=True),
    View("a long name", long_name, many=True),
    View("late: today", without_answers("/", "rows"), answers=Answers.NEVER),
    View("late: board", without_answers("/programs/late", "board"), answers=Answers.NEVER),
    View("late: floor", without_answers("/floor/a/b/c", "floor"), floor=True, answers=Answers.NEVER),
    View("failing: today", failed("/"), answers=Answers.FAILING),
    View("failing: board", failed("/programs/failing"), answers=Answers.FAILING),
    View("failing: floor", failed("/floor/a/b/c"), floor=True, answers=Answers.FAILING),
)


def looks_of(view: View) -> Iterator[Look]:
    """The ways a view is looked at: every size in the light, then zoomed, spaced, dark and in forced colours."""
    for size in FLOOR_SIZES if view.floor else DESK_SIZES:
        yield Look(size)
    usual = FLOOR_SIZES[2] if view.floor else DESK_SIZES[2]
    if not view.floor:
        yield Look(ZOOMED)
    yield Look(usual, spaced=True)
    yield Look(usual, dark=True)
    yield Look(usual, forced=True)


def never(_route: Route) -> None:
    """Let a question wait for ever."""


def failing(route: Route) -> None:
    """Answer as a server does that stumbles."""
    route.fulfill(status=500, content_type="application/problem+json", body="{}")


HOW: Mapping[Answers, Callable[[Route], None]] = {Answers.NEVER: never, Answers.FAILING: failing}


def by_keyboard(page: Page) -> tuple[list[str], list[str]]:
    """Tab from the beginning of the view, or of what is open over it, to its main action; then leave that by Esc.

    Answers more than six Tabs, and the focus on nothing afterwards, each as a list of at most one text.
    """
    if not page.evaluate(MAIN_ACTION):
        return [], []
    pressed = 0
    while pressed <= MOST_TABS and not page.evaluate("() => window.mainAction.contains(document.activeElement)"):
        page.keyboard.press("Tab")
        pressed += 1
        if page.evaluate("() => document.activeElement.matches('[data-skip]')"):
            page.keyboard.press("Enter")
            pressed += 1
    tabs = [f"more than {MOST_TABS} Tabs to the main action"] if pressed > MOST_TABS else []
    if not page.get_by_role("dialog").count():
        return tabs, []
    page.keyboard.press("Escape")
    page.get_by_role("dialog").wait_for(state="hidden")
    lost = page.evaluate(
        "() => new Promise((told) => requestAnimationFrame(() => told(document.activeElement === document.body)))"
    )
    return tabs, ["by Esc"] if lost else []


def measured(
    browser: Browser, url: str, view: View, look: Look, prepare: Callable[[BrowserContext], None]
) -> list[Finding]:
    """Walk to a view once and count."""
    width, height = look.size
    context = browser.new_context(
        base_url=url,
        viewport={"width": width, "height": height},
        color_scheme="dark" if look.dark else "light",
        forced_colors="active" if look.forced else "none",
        reduced_motion="reduce",
    )
    try:
        prepare(context)
        page = context.new_page()
        if view.answers is not Answers.AS_THEY_COME:
            page.route("**/api/**", HOW[view.answers])
            # Before it is known who looks, nothing is drawn at all.
            page.route("**/api/sign-in", lambda route: route.continue_())
        try:
            view.walk(page)
        except PlaywrightError as error:
            return [Finding("unreached", view.name, str(look), str(error).splitlines()[0])]
        if look.spaced:
            page.evaluate(ADOPT, SPACED)
        page.evaluate("() => document.fonts.ready")
        least = FLOOR_LEAST if view.floor else DESK_LEAST
        found: dict[str, list[str]] = page.evaluate(COUNT, {"least": least, "apart": FLOOR_APART if view.floor else 0})
        if look.size in (FLOOR_SIZES[2], DESK_SIZES[2]) and not look.spaced:
            # Not as a script of the page: the app's policy allows none but its own.
            page.evaluate(AXE.read_text("utf-8"))
            axe = page.evaluate("tags => axe.run(document, {runOnly: {type: 'tag', values: tags}})", TAGS)
            found["axe"] = [f"{v['id']}: {v['nodes'][0]['html'][:120]}" for v in axe["violations"]]
            if not look.dark and not look.forced:
                found["tabs"], found["focus"] = by_keyboard(page)
        return [Finding(kind, view.name, str(look), text) for kind, texts in found.items() for text in texts]
    finally:
        context.close()


def measure(names: list[str]) -> list[Finding]:
    """Measure the views of these names, all of them for none, and tell each finding as it comes."""
    found: list[Finding] = []
    with tempfile.TemporaryDirectory() as folder, sync_playwright() as playwright:
        browser = launch_chromium(playwright)
        for number, view in enumerate(one for one in VIEWS if not names or one.name in names):
            # On the floor a walk logs sets, so each look begins with data of its own.
            for at, looks in enumerate([[look] for look in looks_of(view)] if view.floor else [list(looks_of(view))]):
                place = Path(folder) / f"{number}-{at}"
                place.mkdir()
                app = AppProcess(demo_copy(place))
                app.start()
                try:
                    if view.many:
                        crowd(app.url)
                    for look in looks:
                        for one in measured(browser, app.url, view, look, app.set_clock):
                            print(one, flush=True)
                            found.append(one)
                finally:
                    app.kill()
        browser.close()
    return found


def main() -> int:
    """Print the findings and their counts; end with 1 where there are any."""
    found = measure(sys.argv[1:])
    counts = Counter(one.kind for one in found)
    print(", ".join(f"{many} {kind}" for kind, many in sorted(counts.items())) or "nothing found")
    return 1 if found else 0


if __name__ == "__main__":
    sys.exit(main())
