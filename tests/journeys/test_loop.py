"""The whole loop once: a new client, a program, the floor, the proposals, the next week, the progress."""

from playwright.sync_api import Page, expect
from tools.app_process import DEMO_DAY

from tests.journeys.support import DESK, TABLET, JourneyTest


class LoopTest(JourneyTest):
    def test_at_the_desk_and_on_a_tablet(self) -> None:
        self.loop(self.page(DESK), self.page(TABLET))

    def loop(self, desk: Page, floor: Page) -> None:
        self.new_client(desk)
        self.write_program(desk)
        floor.goto(desk.url)
        self.train(floor)
        self.decide(floor)
        self.look(desk)

    def new_client(self, page: Page) -> None:
        page.get_by_role("link", name="Clients").click()
        page.get_by_role("link", name="Add a client").click()
        page.get_by_label("Name").fill("Ottoline Fisk")
        page.keyboard.press("Enter")
        expect(page.get_by_role("heading", name="Ottoline Fisk")).to_be_visible()
        goal = page.get_by_label("In the client’s own words")
        goal.fill("Strong for the harvest")
        goal.press("Enter")
        expect(page.get_by_text("Saved", exact=True)).to_be_visible()
        page.get_by_label("Minutes a session").fill("an hour")
        page.keyboard.press("Enter")
        expect(page.get_by_text("Not saved")).to_be_visible()
        expect(page.get_by_text("valid integer")).to_be_visible()
        page.get_by_label("Minutes a session").fill("45")
        page.keyboard.press("Enter")
        page.get_by_label("Days a week").fill("2")
        page.keyboard.press("Enter")
        expect(page.get_by_text("Saved", exact=True)).to_be_visible()
        page.get_by_label("Body weight, kg").fill("70,5")
        page.get_by_role("button", name="Keep it").click()
        expect(page.get_by_text("70.5 kg")).to_be_visible()
        page.get_by_role("navigation", name="File of").get_by_role("link", name="Places").click()
        page.get_by_role("button", name="Does not train here").click()
        expect(page.get_by_text("No place yet")).to_be_visible()
        page.get_by_role("button", name="A new place").click()
        expect(page.get_by_label("Place", exact=True)).to_have_value("Ottoline Fisk: new place")
        page.get_by_label("Equipment there").fill("bar 20, plates 2x1.25 4x5 2x10 2x20\nbnech")
        expect(page.get_by_text("Line 2, “bnech”")).to_be_visible()
        page.get_by_label("Equipment there").fill("bar 20, plates 2x1.25 4x5 2x10 2x20\ndumbbells 4-20 by 2")
        expect(page.get_by_text("9 loads, 4 to 20 kg")).to_be_visible()
        page.get_by_label("Place", exact=True).fill("The barn")
        page.keyboard.press("Tab")
        expect(page.get_by_text("Saved", exact=True)).to_be_visible()

    def write_program(self, page: Page) -> None:
        page.get_by_role("link", name="Start a program").click()
        expect(page.get_by_text("The health screen was not asked yet")).to_be_visible()
        page.get_by_role("button", name="Start empty").click()
        add = page.get_by_role("combobox", name="Add an exercise to Day 1")
        add.fill("back sq")
        add.press("Enter")
        expect(page.get_by_role("rowheader", name="Back squat")).to_be_visible()
        add.fill("bench pr")
        expect(page.get_by_role("listbox").get_by_role("option").first).to_contain_text("Bench press")
        add.press("Enter")
        expect(page.get_by_role("rowheader", name="Bench press")).to_be_visible()
        first = page.get_by_role("button", name="Back squat, week 1: empty")
        first.focus()
        page.keyboard.type("3x6-8 60 rest 2:00 leave 2")
        expect(page.get_by_text("3 x 6-8, 60 kg, rest 2:00, leave 2")).to_be_visible()
        page.keyboard.press("Enter")
        # Typing in one week has carried on to the empty weeks after it, and the focus has gone down.
        for week in (1, 2, 3, 4):
            expect(
                page.get_by_role("button", name=f"Back squat, week {week}: 3 x 6-8, 60 kg, rest 2:00, leave 2")
            ).to_be_visible()
        page.keyboard.type("2x5 41 rest 90")
        page.keyboard.press("Enter")
        expect(page.get_by_text("41 kg cannot be made here: take 40 kg or 42.5 kg.").first).to_be_visible()
        expect(page.get_by_text("of 45 min").first).to_be_visible()

    def train(self, page: Page) -> None:
        page.get_by_role("link", name="floor").first.click()
        page.get_by_role("button", name="Begin as planned").click()
        expect(page.get_by_role("heading", name="Back squat")).to_be_visible()
        # The bar to load for the first ramp-up set, said plate by plate.
        expect(page.get_by_role("group", name="On the bar")).to_contain_text("Each end 5 kg")
        page.get_by_role("button", name="Straight to the work").click()
        expect(page.get_by_role("group", name="On the bar")).to_contain_text("Each end 20 kg")
        expect(page.get_by_text("First time with this exercise.")).to_be_visible()
        # As planned, and for three sets at the top of the range: another figure and the same button.
        for number in (1, 2, 3):
            page.get_by_role("group", name="Reps", exact=True).get_by_role("button", name="8", exact=True).click()
            page.get_by_role("button", name="Done: 8 reps × 60 kg, 2 left").click()
            if number < 3:
                expect(page.get_by_test_id("rest")).to_have_text("2:00")
        # The next exercise stands ready; other reps and another load are three taps.
        expect(page.get_by_role("heading", name="Bench press")).to_be_visible()
        self.to_work(page)
        page.get_by_role("button", name="Load: less").click()
        page.get_by_role("group", name="Reps left").get_by_role("button", name="1", exact=True).click()
        page.get_by_role("button", name="Done: 5 reps × 40 kg, 1 left").click()
        page.get_by_role("button", name="Note").click()
        page.get_by_label("In your own words").fill("Left shoulder lower than right")
        page.get_by_role("button", name="On Bench press").click()
        expect(page.get_by_text("“Left shoulder lower than right”")).to_be_visible()
        page.get_by_role("button", name="Skip set").click()
        expect(page.get_by_role("button", name="Set 2: planned 5 reps with 41 kg, skipped")).to_be_visible()
        page.get_by_role("button", name="Add a set").click()
        page.get_by_role("button", name="Done: 5 reps").click()
        expect(page.get_by_role("button", name="Set 3: added, done 5 reps")).to_be_visible()
        expect(page.get_by_text("Saved", exact=True)).to_be_visible()
        self.finish(page)
        expect(page.get_by_text("First time with Back squat: 8 reps with 60 kg.")).to_be_visible()
        page.get_by_role("group", name="Effort").get_by_role("button", name="7", exact=True).click()
        expect(page.get_by_text("effort 7 × 0 min")).to_be_visible()
        page.get_by_label("Shown when").fill("Ask about the shoulder")
        page.get_by_role("button", name="Keep").click()
        expect(page.get_by_text("Ask about the shoulder")).to_be_visible()
        page.get_by_role("link", name="Decide what comes next").click()

    def screened(self, page: Page) -> None:
        clients = page.request.get(f"{self.server.url}/api/clients").json()
        who = next(client["id"] for client in clients if client["name"] == "Ottoline Fisk")
        screen = {"on": DEMO_DAY.date().isoformat(), "active": True, "diseases": [], "signs": [], "intends": "vigorous"}
        answer = page.request.post(f"{self.server.url}/api/clients/{who}/screens", data=screen)
        self.assertEqual(answer.status, 201, answer.text())

    def decide(self, page: Page) -> None:
        expect(page.get_by_role("heading", name="Ottoline Fisk, Day 1")).to_be_visible()
        squat = page.get_by_role("listitem").filter(has_text="Back squat")
        # Never screened is not cleared: nothing goes up before the health screen was asked.
        expect(squat.get_by_text("Light to moderate at most for now")).to_be_visible()
        self.screened(page)
        page.reload()
        expect(squat.get_by_text("Every set at the top of the range: 62.5 kg next (+4.2 %)")).to_be_visible()
        squat.get_by_text("Evidence:").click()
        expect(squat.get_by_text("done 8, 8, 8 reps at 60 kg")).to_be_visible()
        squat.get_by_role("button", name="Accept").click()
        expect(squat.get_by_text("Accepted")).to_be_visible()
        bench = page.get_by_role("listitem").filter(has_text="Bench press")
        bench.get_by_role("button", name="Change").click()
        bench.get_by_label("Next Bench press").fill("3 x heavy")
        bench.get_by_role("button", name="Write it").click()
        expect(page.get_by_role("alert")).to_contain_text("expected repetitions")
        bench.get_by_label("Next Bench press").fill("3x5 40")
        bench.get_by_label("Your reason").fill("One more set suits her")
        bench.get_by_role("button", name="Write it").click()
        expect(bench.get_by_text("Changed")).to_be_visible()

    def look(self, page: Page) -> None:
        page.reload()
        expect(
            page.get_by_role("button", name="Back squat, week 2: 3 x 6-8, 62.5 kg, rest 2:00, leave 2")
        ).to_be_visible()
        expect(page.get_by_role("button", name="Bench press, week 2: 3 x 5, 40 kg")).to_be_visible()
        page.get_by_role("button", name="Logbook").click()
        expect(page.get_by_text("Proposal accepted: Every set at the top of the range")).to_be_visible()
        expect(page.get_by_text("One more set suits her")).to_be_visible()
        page.keyboard.press("Escape")
        page.get_by_role("link", name="Ottoline Fisk", exact=True).click()
        page.get_by_role("navigation", name="File of").get_by_role("link", name="Progress").click()
        expect(page.get_by_text("Nothing beyond chance to tell yet")).to_be_visible()
        page.get_by_role("button", name="Back squat").click()
        expect(page.get_by_role("heading", level=1, name="Back squat")).to_be_visible()
        expect(page.get_by_text("Estimated max, house")).to_be_visible()
        expect(page.get_by_text("80.0 kg")).to_be_visible()
        page.get_by_role("button", name="Bench press").click()
        expect(page.get_by_role("table").first).to_contain_text("5 with 40 kg, left 1 · 5 with 41 kg")
