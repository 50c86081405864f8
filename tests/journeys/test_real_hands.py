"""What wet hands, slow lines and reloads do: nothing is logged that was not meant, nothing typed is lost."""

import json
import re
import urllib.request
from typing import Any

from playwright.sync_api import Page, Route, expect
from tools.small_program import SmallProgram, small_program

from tests.journeys.support import DESK, TABLET, JourneyTest

SAVED = re.compile(r"/revisions$")
BOUNCED = """([name, wait]) => {
  const press = () => [...document.querySelectorAll("button")].find((one) => one.textContent.startsWith(name))?.click();
  press();
  return new Promise((done) => setTimeout(() => { press(); done(); }, wait));
}"""


class Hands(JourneyTest):
    def floor(self, *lines: tuple[str, str]) -> Page:
        self.made: SmallProgram = small_program(
            self.server.url, *(lines or (("back-squat", "3 x 5, 40 kg"), ("plank", "2 x 40 s")))
        )
        page = self.page(TABLET, self.made.floor)
        page.get_by_role("button", name="Begin as planned").click()
        self.to_work(page)
        return page

    def asked(self, path: str) -> Any:
        with urllib.request.urlopen(f"{self.server.url}/api{path}") as answer:
            return json.load(answer)

    def logged(self) -> list[tuple[str, int, str]]:
        """What the server has of the session: exercise, set, outcome."""
        view = self.asked("/programs/{}/weeks/{}/days/{}/floor".format(*self.made.floor.split("/")[2:5]))
        return [
            (line["exercise"], one["number"], one["logged"]["outcome"])
            for line in view["lines"]
            for one in line["sets"]
            if one["logged"]
        ]

    def saved(self, page: Page) -> None:
        expect(page.get_by_text("Saved", exact=True)).to_be_attached()


class KeysAndTapsTest(Hands):
    def test_keys_rest_while_a_panel_stands_in_the_place_of_the_set(self) -> None:
        page = self.floor()
        page.get_by_role("button", name="More", exact=True).click()
        for key in ("ArrowDown", "ArrowUp", "ArrowDown"):
            page.keyboard.press(key)
        page.get_by_role("button", name="Warning signs").click()
        signs = page.get_by_role("region", name="Stop the session at any of these")
        signs.get_by_role("heading").first.click()
        for key in ("n", "s", "Enter", "u", "4"):
            page.keyboard.press(key)
        page.keyboard.press("Escape")
        expect(page.get_by_role("heading", level=2, name="Back squat")).to_be_visible()
        self.saved(page)
        self.assertEqual(self.logged(), [])

    def test_single_keys_can_be_switched_off_and_help_lists_them_on_the_floor(self) -> None:
        page = self.floor()
        page.keyboard.press("?")
        help_sheet = page.get_by_role("dialog", name="Help")
        expect(help_sheet).to_contain_text("Skip the set")
        help_sheet.get_by_label("Shortcuts of one key alone").uncheck()
        page.keyboard.press("Escape")
        for key in ("s", "n", "?"):
            page.keyboard.press(key)
        expect(help_sheet).to_have_count(0)
        page.locator("body").press("Enter")
        expect(page.get_by_role("button", name=re.compile("^Set 1: .*done 5 reps.*saved"))).to_be_visible()
        self.assertEqual(self.logged(), [("Back squat", 1, "done")])

    def test_a_bouncing_finger_is_one_tap(self) -> None:
        page = self.floor()
        page.evaluate(BOUNCED, ["Done: 5 reps", 120])
        expect(page.get_by_role("button", name=re.compile("^Set 1: .*done 5 reps.*saved"))).to_be_visible()
        self.saved(page)
        self.assertEqual(self.logged(), [("Back squat", 1, "done")])
        # The next set, meant for itself, counts.
        page.get_by_role("button", name=re.compile("^Done: 5 reps")).click()
        expect(page.get_by_role("button", name=re.compile("^Set 2: .*done 5 reps.*saved"))).to_be_visible()

    def test_what_was_just_logged_is_taken_back_by_a_tap_or_a_key(self) -> None:
        page = self.floor()
        for take_back in (lambda: page.get_by_role("button", name="Undo").click(), lambda: page.keyboard.press("u")):
            page.get_by_role("button", name=re.compile("^Done: 5 reps")).click()
            expect(page.get_by_text("Set 1 of Back squat: 5 reps × 40 kg")).to_be_visible()
            take_back()
            expect(page.get_by_role("button", name=re.compile("^Set 1: planned [^,]*$"))).to_have_attribute(
                "aria-pressed", "true"
            )
            self.saved(page)
            self.assertEqual(self.logged(), [])


class FinishTest(Hands):
    def test_it_says_what_is_open_and_opens_again_from_everywhere(self) -> None:
        page = self.floor()
        page.get_by_role("button", name=re.compile("^Done: 5 reps")).click()
        page.get_by_role("button", name="Finish", exact=True).click()
        expect(page.get_by_role("heading", name="4 sets not done yet")).to_be_visible()
        page.get_by_role("button", name="Back to the set").click()
        expect(page.get_by_role("region", name="Set 2")).to_be_visible()
        page.get_by_role("button", name="Finish", exact=True).click()
        page.get_by_role("button", name="Finish as it is").click()
        expect(page.get_by_role("group", name="Effort")).to_be_visible()
        program = self.made.floor.split("/")[2]
        for number, (path, words) in enumerate(
            (
                ("", "Go back to the floor"),
                ("/", "Open it again"),
                (f"/programs/{program}/calendar", "Open it again on the floor"),
                ("review", "Open it again"),
            ),
            start=2,
        ):
            if path == "review":
                page.goto(f"{self.server.url}/sessions/{self.made.session}")
            elif path:
                page.goto(self.server.url + path)
            if path.endswith("calendar"):
                page.get_by_role("button", name=re.compile("done$")).first.click()
            page.get_by_role("link", name=re.compile(f"^{words}")).first.click()
            if number <= 3:
                expect(page.get_by_role("region", name=f"Set {number}")).to_be_visible()
                page.get_by_role("button", name=re.compile("^Done: 5 reps")).click()
                expect(page.get_by_role("button", name=f"Back squat {number} of 3 sets")).to_be_visible()
                self.saved(page)
            page.get_by_role("button", name="Summary").click()
            expect(page.get_by_role("group", name="Effort")).to_be_visible()
        self.assertEqual(self.logged(), [("Back squat", n, "done") for n in (1, 2, 3)])


class NothingTypedIsLostTest(Hands):
    def file_of(self, client: str, part: str = "File") -> Page:
        page = self.page(DESK, "/clients")
        page.get_by_role("link", name=client, exact=True).click()
        page.get_by_role("navigation", name="File of").get_by_role("link", name=part, exact=True).click()
        return page

    def test_typing_goes_on_while_its_beginning_is_saved(self) -> None:
        page = self.file_of("Casimir Holt")
        held: list[Route] = []

        def hold(route: Route) -> None:
            held.append(route)

        page.route(re.compile("/api/clients/[^/]+$"), hold)
        field = page.get_by_label("Notes")
        field.fill("One")
        field.blur()
        expect(page.get_by_text("Saving …")).to_be_visible()
        field.fill("One and two")
        held.pop().continue_()
        page.unroute(re.compile("/api/clients/[^/]+$"))
        expect(page.get_by_text("Saved", exact=True)).to_be_visible()
        expect(field).to_have_value("One and two")
        field.blur()
        page.reload()
        expect(field).to_have_value("One and two")

    def test_a_half_typed_file_history_and_note_outlive_a_reload(self) -> None:
        page = self.file_of("Casimir Holt")
        page.get_by_label("In the client’s own words").fill("Carry the cello up the stairs")
        page.reload()
        expect(page.get_by_label("In the client’s own words")).to_have_value("Carry the cello up the stairs")
        expect(page.get_by_text("Saved", exact=True)).to_be_visible()
        page.get_by_role("navigation", name="File of").get_by_role("link", name="Health", exact=True).click()
        form = page.get_by_role("form", name="Add to the history")
        form.get_by_label("In a few words").fill("came back on the stairs")
        page.reload()
        expect(form.get_by_label("In a few words")).to_have_value("came back on the stairs")
        form.get_by_role("button", name="Write it down").click()
        expect(page.get_by_role("region", name="History", exact=True)).to_contain_text("came back on the stairs")
        expect(form.get_by_label("In a few words")).to_have_value("")

    def test_the_floor_comes_back_where_it_was(self) -> None:
        page = self.floor()
        page.get_by_role("button", name="Reps: less").click()
        page.get_by_role("button", name="Note", exact=True).click()
        page.get_by_label("In your own words").fill("left heel lifts")
        page.reload()
        expect(page.get_by_label("In your own words")).to_have_value("left heel lifts")
        page.get_by_role("button", name="Back to the set").click()
        expect(page.get_by_role("button", name=re.compile("^Done: 4 reps"))).to_be_visible()
        page.reload()
        expect(page.get_by_role("button", name=re.compile("^Done: 4 reps"))).to_be_visible()
        page.get_by_role("button", name="How it went").click()
        page.get_by_role("button", name="Something hurts").click()
        page.get_by_role("button", name="hip", exact=True).click()
        page.get_by_role("group", name="Side").get_by_role("button", name="Right").click()
        page.get_by_role("button", name=re.compile("^Stop here")).click()
        expect(page.get_by_role("heading", name="Stop Back squat for today")).to_be_visible()
        self.saved(page)
        page.reload()
        expect(page.get_by_role("heading", name="Stop Back squat for today")).to_be_visible()
        page.get_by_role("button", name="Go on with it").click()
        expect(page.get_by_role("region", name="Set 2")).to_be_visible()

    def test_answers_before_the_first_set_and_an_own_exercise_stay(self) -> None:
        made = small_program(self.server.url, ("back-squat", "3 x 5, 40 kg"))
        page = self.page(TABLET, made.floor)
        page.get_by_role("group", name="Slept").get_by_role("button", name="2").click()
        page.reload()
        expect(page.get_by_role("group", name="Slept").get_by_role("button", name="2")).to_have_attribute(
            "aria-pressed", "true"
        )
        page.goto(self.server.url + "/library")
        page.get_by_role("button", name="An exercise of your own").click()
        page.get_by_role("dialog").get_by_label("Name").fill("Tram-sleeper carry")
        page.keyboard.press("Escape")
        page.get_by_role("button", name="An exercise of your own").click()
        expect(page.get_by_role("dialog").get_by_label("Name")).to_have_value("Tram-sleeper carry")
        page.mouse.click(5, 5)
        page.reload()
        page.get_by_role("button", name="An exercise of your own").click()
        expect(page.get_by_role("dialog").get_by_label("Name")).to_have_value("Tram-sleeper carry")

    def test_the_count_of_a_test_outlives_a_reload(self) -> None:
        page = self.file_of("Noor Vandermeer", "Tests")
        page.get_by_role("button", name="Test now").click()
        tests = page.get_by_role("navigation", name="Tests")
        tests.get_by_role("button", name="Push-ups").click()
        for _ in range(3):
            page.get_by_role("button", name=re.compile("Tap for each good rep")).click()
        expect(page.get_by_role("button", name=re.compile("^Keep 3"))).to_be_visible()
        page.reload()
        expect(page.get_by_role("button", name=re.compile("^Keep 3"))).to_be_visible()


class BoardTest(Hands):
    def test_what_was_refused_is_marked_and_can_be_kept_after_all(self) -> None:
        made = small_program(self.server.url, ("back-squat", "3 x 5, 40 kg"))
        page = self.page(DESK, f"/programs/{made.floor.split('/')[2]}")
        cell = page.locator('[data-cell="0:0"]')
        page.route(SAVED, lambda route: route.fulfill(status=500, content_type="application/problem+json", body="{}"))
        cell.focus()
        page.keyboard.type("4x6 45")
        page.keyboard.press("Enter")
        page.get_by_role("dialog").get_by_role("button", name="Leave it").click()
        expect(cell).to_have_accessible_name(re.compile("3 x 5, 40 kg"))
        expect(cell).to_contain_text("Not kept yet: 4x6 45")
        name = page.get_by_label("Name of the day").first
        before = name.input_value()
        name.fill("Heavy Tuesday")
        name.press("Enter")
        page.get_by_role("dialog").get_by_role("button", name="Leave it").click()
        expect(name).to_have_value(before)
        page.unroute(SAVED)
        cell.focus()
        page.keyboard.press("Enter")
        expect(page.get_by_role("textbox", name=re.compile("^Back squat, week 1"))).to_have_value("4x6 45")
        page.keyboard.press("Enter")
        expect(cell).to_have_accessible_name(re.compile("4 x 6, 45 kg"))
        expect(cell).not_to_contain_text("Not kept yet")


class SlowAndFailingTest(Hands):
    def test_offline_is_told_and_the_tap_waits(self) -> None:
        page = self.floor()
        self.saved(page)
        page.context.set_offline(True)
        expect(page.get_by_text(re.compile("^Server away"))).to_be_visible()
        page.get_by_role("button", name=re.compile("^Done: 5 reps")).click()
        expect(page.get_by_text("Server away, 1 tap kept here")).to_be_visible()
        page.get_by_role("button", name="More", exact=True).click()
        page.get_by_role("button", name="Warning signs").click()
        expect(page.get_by_text("Dizziness, light-headedness or fainting")).to_be_visible()
        page.get_by_role("button", name="Back to the set").click()
        page.context.set_offline(False)
        self.saved(page)
        self.assertEqual(self.logged(), [("Back squat", 1, "done")])

    def test_what_could_not_be_kept_is_kept_by_trying_again(self) -> None:
        page = self.page(DESK, "/clients")
        page.get_by_role("link", name="Casimir Holt", exact=True).click()
        field = page.get_by_label("Notes")
        facts = re.compile("/api/clients/[^/]+$")

        def stumble(route: Route) -> None:
            if route.request.method == "PATCH":
                route.fulfill(status=500, content_type="application/problem+json", body="{}")
            else:
                route.continue_()

        page.route(facts, stumble)
        field.fill("Ridge walk on Sunday")
        field.blur()
        again = page.get_by_role("button", name="Try again")
        expect(again).to_be_visible()
        page.unroute(facts)
        again.click()
        expect(page.get_by_text("Saved", exact=True)).to_be_visible()
        page.reload()
        expect(field).to_have_value("Ridge walk on Sunday")

    def test_a_view_that_cannot_be_had_has_a_way_out(self) -> None:
        page = self.page(DESK, "/programs/nothing-of-this-name")
        expect(page.get_by_role("alert")).to_contain_text("no such program")
        self.assert_accessible(page, "a program that is not there")
        expect(page.get_by_role("button", name="Try again")).to_have_count(0)
        page.get_by_role("link", name="To Today").click()
        expect(page.get_by_role("heading", name=re.compile("today"))).to_be_visible()

    def test_a_tap_on_a_view_whose_code_is_late_is_seen_at_once(self) -> None:
        page = self.page(DESK, stored_files=False)
        expect(page.get_by_role("heading", name=re.compile("today"))).to_be_visible()
        outlines: list[int] = []

        def late(route: Route) -> None:
            outlines.append(page.get_by_role("status").filter(has_text="Opening").count())
            route.continue_()

        page.route(re.compile("SettingsView.*js$"), late)
        page.get_by_role("navigation", name="Main").get_by_role("link", name="Settings").click()
        expect(page.get_by_role("heading", level=1, name="Settings")).to_be_visible()
        self.assertEqual(outlines, [1])

    def test_a_view_whose_code_cannot_be_had_says_so_and_leaves_the_ways_on(self) -> None:
        page = self.page(DESK, stored_files=False)
        expect(page.get_by_role("heading", name=re.compile("today"))).to_be_visible()
        page.route(re.compile("(SettingsView|HelpSheet).*js$"), lambda route: route.abort())
        main = page.get_by_role("navigation", name="Main")
        main.get_by_role("link", name="Settings").click()
        expect(page.get_by_role("alert")).to_contain_text("What you logged is kept")
        main.get_by_role("link", name="Clients").click()
        expect(page.get_by_role("heading", level=1, name="Clients")).to_be_visible()
        main.get_by_role("button", name="Help").click()
        told = page.get_by_role("status").filter(has_text="not on this device yet")
        expect(told).to_be_visible()
        self.assert_accessible(page, "What cannot be had")
        told.get_by_role("button", name="Close").click()
        expect(told).to_be_hidden()
