"""Deciding what comes next: what wants a look, what rolls on, the weeks ahead, progress, who wants a look today."""

import re

from playwright.sync_api import Page, expect

from tests.journeys.support import DESK, PHONE, JourneyTest
from upright_anvil.core.strength.formulas import FORMULAS


class RaisingTest(JourneyTest):
    def waiting(self, page: Page, client: str) -> None:
        page.get_by_role("listitem").filter(has_text=client).get_by_role("link", name=re.compile("exercises$")).click()
        expect(page.get_by_role("heading", level=1, name=client)).to_be_visible()

    def cell(self, page: Page, exercise: str, week: int) -> str:
        return page.get_by_role("button", name=re.compile(f"^{exercise}, week {week}:")).first.inner_text()

    def test_one_proposal_rolls_on_and_the_plain_ones_go_at_once(self) -> None:
        page = self.page(DESK)
        self.waiting(page, "Casimir Holt")
        # The knee is to be spared: nothing that loads it goes up, nor is it among those taken at once.
        squat = page.get_by_role("listitem").filter(has_text="Front squat")
        for picture in ("Front squat, last", "Front squat, planned and done", "Proposed 3 x 6-8, 60 kg"):
            expect(squat.get_by_role("img", name=picture)).to_be_visible()
        expect(squat.get_by_text("Left knee: spare it, and this loads it: nothing goes up")).to_be_visible()
        deadlift = page.get_by_role("listitem").filter(has_text="Single-leg Romanian deadlift")
        deadlift.get_by_text("Week 8 goes on from there").click()
        expect(deadlift.get_by_text("Week 8: 3 x 8-10 each side, 12 kg, tempo 4-0-1-0")).to_be_visible()
        # The alternative is one tap away, and taken it is the trainer's own.
        deadlift.get_by_role("button", name="Jump to 14 kg now (+16.7 %)").click()
        expect(deadlift.get_by_text("Changed")).to_be_visible()
        page.get_by_role("button", name=re.compile("^Accept (all|the) ")).click()
        for held in ("Front squat", "Wall sit"):
            row = page.get_by_role("listitem").filter(has_text=held)
            row.get_by_role("button", name="Accept").click()
            expect(row.get_by_text("Accepted")).to_be_visible()
        expect(page.get_by_text("Everything is decided.")).to_be_visible()
        page.get_by_role("link", name="Program").click()
        for week in (7, 8):
            name = re.compile(f"^Single-leg Romanian deadlift, week {week}: 3 x 8-10 each side, 14 kg")
            expect(page.get_by_role("button", name=name)).to_be_visible()
        page.get_by_role("button", name="Logbook").click()
        expect(page.get_by_text("and week 8 from there").first).to_be_visible()

    def test_a_declined_proposal_leaves_the_plan_and_stays_declined(self) -> None:
        page = self.page(DESK)
        self.waiting(page, "Ilse Marwick")
        first = page.get_by_role("listitem").filter(has=page.get_by_role("button", name="Decline")).first
        name = first.get_by_role("heading").inner_text()
        first.get_by_role("button", name="Decline").click()
        row = page.get_by_role("listitem").filter(has_text=name)
        expect(row.get_by_text("Declined")).to_be_visible()
        page.reload()
        expect(row.get_by_text("Declined")).to_be_visible()

    def test_the_weeks_ahead_under_three_outlooks(self) -> None:
        page = self.page(DESK)
        page.get_by_role("listitem").filter(has_text="Casimir Holt").get_by_role("link", name="Program").click()
        page.get_by_role("link", name="Ahead").click()
        page.get_by_role("button", name="Upper body", exact=True).click()
        expect(page.get_by_role("img", name=re.compile(r"^Bench press: [\d.]+ kg, [\d.]+ kg"))).to_be_visible()
        page.get_by_role("button", name="A bad patch").click()
        patch = re.compile(r"^Bench press: [\d.]+ kg, not trained, not trained, [\d.]+ kg")
        expect(page.get_by_role("img", name=patch)).to_be_visible()
        expect(page.get_by_text(re.compile("Back in week 10 at .* kg after the weeks without")).first).to_be_visible()
        # The outlook and the day are in the address: reload loses nothing.
        expect(page.get_by_role("rowheader", name="Bench press")).to_be_visible()
        page.reload()
        expect(page.get_by_role("rowheader", name="Bench press")).to_be_visible()
        expect(page.get_by_role("button", name="A bad patch")).to_have_attribute("aria-pressed", "true")
        page.get_by_label("In words").check()
        expect(page.get_by_role("cell", name=re.compile(r"^\d x .* kg")).first).to_be_visible()
        expect(page.get_by_role("cell", name=re.compile(r"^\d+ min$")).first).to_be_visible()

    def test_the_weeks_ahead_go_by_what_was_written_since(self) -> None:
        page = self.page(DESK)
        api = f"{self.server.url}/api"
        today = page.request.get(f"{api}/today").json()["sessions"]
        planned = next(session for session in today if session["client"] == "Casimir Holt")
        program = planned["program_id"]
        page.goto(f"{self.server.url}/programs/{program}/ahead")
        expect(page.get_by_role("img", name=re.compile("^Back squat: 80 kg"))).to_be_visible()
        page.get_by_role("link", name="Heavy legs").click()
        expect(page.get_by_role("link", name="Ahead")).to_be_visible()
        ahead = page.request.get(f"{api}/programs/{program}/ahead").json()
        line = next(line["line"] for line in ahead["lines"] if line["exercise"] == "Back squat")
        edit = {"op": "set_cell", "line": line, "week": planned["week_id"], "text": "4 x 5-7, 70 kg", "carry": "none"}
        base = page.request.get(f"{api}/programs/{program}").json()["revision"]["number"]
        headers = {"Origin": self.server.url}
        body = {"base": base, "reason": "By hand", "edits": [edit]}
        saved = page.request.post(f"{api}/programs/{program}/revisions", data=body, headers=headers)
        self.assertEqual(saved.status, 201, saved.text())
        page.get_by_role("link", name="Ahead").click()
        expect(page.get_by_role("img", name=re.compile("^Back squat: 70 kg"))).to_be_visible()

    def test_progress_as_a_whole_and_down_to_one_decision(self) -> None:
        page = self.page(DESK, "/clients")
        page.get_by_role("listitem").filter(has_text="Tobiah Renn").get_by_role("link", name="Progress").click()
        told = page.get_by_role("region", name="Worth telling").get_by_role("listitem")
        expect(told).to_have_count(3)
        expect(page.get_by_role("region", name="Pain in training")).to_contain_text("right knee")
        page.get_by_text("The same in figures").click()
        expect(page.get_by_role("row").filter(has_text="right knee").first).to_be_visible()
        page.get_by_role("row").filter(has_text="Seated cable row").get_by_role("link").click()
        expect(page.get_by_role("heading", level=1, name="Seated cable row")).to_be_visible()
        expect(page.locator("svg text", has_text="Groundwork")).to_be_visible()
        expect(page.locator("p", has_text=re.compile("^▲ (accepted|declined)"))).to_be_visible()
        newest = page.get_by_role("region", name="Session of")
        expect(newest.get_by_role("img")).to_be_visible()
        expect(newest.get_by_role("term")).to_have_count(7)
        with page.expect_response(re.compile("/progress/")):
            page.get_by_role("combobox", name="Session").select_option(index=4)
        first = page.get_by_role("region", name="Session of")
        expect(first.get_by_role("img")).to_be_visible()
        expect(first.get_by_role("term")).to_have_text(["Estimated max, house", *FORMULAS])
        self.assert_accessible(page, "an earlier session looked at")
        page.go_back()
        expect(page.get_by_role("heading", name="Week by week")).to_be_visible()

    def test_today_names_who_wants_a_look_also_on_a_phone(self) -> None:
        page = self.page(PHONE)
        behind = page.get_by_role("link").filter(has_text="Noor Vandermeer").filter(has_text="falling behind")
        expect(behind).to_contain_text("6 of 9 sessions in three weeks")
        lift = page.get_by_role("link").filter(has_text="at best.")
        expect(lift).to_contain_text("Bench press")
        self.assertLessEqual(page.evaluate("document.documentElement.scrollWidth"), PHONE[0])
        lift.click()
        expect(page.get_by_role("heading", level=1, name="Bench press")).to_be_visible()
        page.get_by_role("button", name="As a whole").click()
        expect(page.get_by_role("heading", name="Week by week")).to_be_visible()
        self.assertLessEqual(page.evaluate("document.documentElement.scrollWidth"), PHONE[0])
