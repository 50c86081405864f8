"""Sessions with the kit that is there: rucksack and jugs, bands, pins, any dumbbell; triples, a knee, after a birth."""

import re

from playwright.sync_api import Page, expect

from tests.journeys.session_desk import SessionDesk
from tests.journeys.support import PHONE


class KitSessionsTest(SessionDesk):
    def there_is(self, equipment: str, unit: str = "kg") -> str:
        """A place with this equipment, the only one where the client trains; answer the client's id."""
        rufus = self.client()
        place = self.asked("/places", "POST", {"name": "Loft", "unit": unit, "equipment": equipment})
        self.asked(f"/clients/{rufus}/places", "PUT", {"places": [place["id"]]})
        return rufus

    def done(self, floor: Page, says: str, times: int = 1) -> None:
        """Log the sets that come next as the big button says them."""
        for _ in range(times):
            floor.get_by_role("button", name=says, exact=True).click()

    def test_a_rucksack_and_jugs_then_a_jump(self) -> None:
        self.there_is("rucksack 4-12 by 4\n2 jugs 8\nbox")
        board = self.typed("goblet squat 3x10 rucksack 12 leave 2", "squat jump 3x5")
        self.together(board, 2, "Pair")
        self.says(board, 0, 0, "3 x 10, rucksack 12 kg, leave 2")
        floor = self.started(board, PHONE)
        self.to_work(floor)
        for _ in range(3):
            self.done(floor, "Done: 10 reps × 12 kg, 2 left")
            self.done(floor, "Done: 5 reps")
        self.reviewed(floor)
        expect(floor.get_by_text("3 x 10-12, rucksack 12 kg, leave 2", exact=True)).to_be_visible()
        expect(floor.get_by_role("button", name="Jump to 16 kg now (+33.3 %)")).to_be_visible()
        expect(floor.get_by_text("All done: one set more, 20 contacts in all.")).to_be_visible()

    def test_bands_climbing_and_then_all_you_can(self) -> None:
        self.there_is("bands sand 5, rust 8, slate 12, coal 16\nstack 5-80 lb by 5\nbench")
        board = self.typed("biceps curl 15/10/max band sand/rust/slate", "triceps pressdown 15/10/max 10/15/20 lb")
        self.together(board, 2, "Pair")
        floor = self.started(board, PHONE)
        self.assert_accessible(floor, "a band on the pad")
        for curl, pressdown in (
            ("15 reps × 5 kg sand", "15 reps × 10 lb"),
            ("10 reps × 8 kg rust", "10 reps × 15 lb"),
            ("8 reps × 12 kg slate", "8 reps × 20 lb"),
        ):
            self.done(floor, f"Done: {curl}")
            self.done(floor, f"Done: {pressdown}")
        self.reviewed(floor)
        expect(floor.get_by_text("15/10/max, band rust/slate/coal").first).to_be_visible()
        expect(floor.get_by_text("15/10/max, band sand/rust/coal").first).to_be_visible()
        expect(floor.get_by_text("15/10/max, 10/15/25 lb").first).to_be_visible()

    def test_pause_triples_that_fall_off(self) -> None:
        self.there_is("bar 20, plates 4x1.25 4x2.5 4x5 4x10 4x20\nrack")
        board = self.typed("front squat 7x3 100 tempo 5-3-X-0 rest 3:00 with easy walking")
        program = board.url.rstrip("/").rsplit("/", 1)[1]
        self.assertEqual(self.asked(f"/programs/{program}")["phases"][0]["days"][0]["seconds"][0], 1269)
        floor = self.started(board, PHONE)
        self.to_work(floor)
        self.done(floor, "Done: 3 reps × 100 kg", 4)
        for reps in (2, 2, 1):
            floor.get_by_role("group", name="Reps", exact=True).get_by_role("button", name=str(reps)).click()
            floor.get_by_role("button", name=re.compile(f"^Done: {reps} rep")).click()
        self.reviewed(floor)
        expect(
            floor.get_by_text("7 x 3, 90 kg, tempo 5-3-X-0, rest 3:00 with easy walking", exact=True)
        ).to_be_visible()
        for other in ("Less tempo", "A longer rest", "Fewer sets"):
            expect(floor.get_by_role("button", name=other)).to_be_visible()

    def test_one_prescription_for_any_dumbbell(self) -> None:
        self.there_is("dumbbells 4-24 by 4\nmat")
        board = self.typed("goblet squat 3x12 12 kg or 8 kg x 15 or 16 kg x 8-10", "plank 3x30s")
        self.together(board, 2, "Circuit")
        floor = self.started(board, PHONE)
        self.to_work(floor)
        floor.get_by_role("button", name="Log by hand").click()
        for _ in range(3):
            floor.get_by_role("button", name="Load: more").click()
            floor.get_by_role("button", name="Reps: more").click()
            self.done(floor, "Done: 9 reps × 16 kg")
            self.done(floor, "Done: 30 s")
        self.reviewed(floor)
        expect(floor.get_by_text("All 3 rounds were done in full: one round more, 4.")).to_be_visible()

    def test_pins_with_colours(self) -> None:
        self.there_is("blocks 5-50 lb by 5: 5 white, 10 white/green, 15 green, 20 sand, 25 rust\nbench")
        board = self.typed("dumbbell bench press 3x10 step white/green leave 2", "dumbbell row 3x10/side 15 lb")
        expect(board.get_by_text("white/green 10 lb").first).to_be_visible()
        floor = self.started(board, PHONE)
        self.to_work(floor)
        self.done(floor, "Done: 10 reps × 10 lb white/green, 2 left", 3)
        floor.get_by_role("button", name="Straight to the work").click()
        self.done(floor, "Done: 10 reps × 15 lb green", 3)
        self.reviewed(floor)
        expect(floor.get_by_text("3 x 10-12, step white/green, leave 2").first).to_be_visible()
        expect(floor.get_by_role("button", name="Jump to step green now (+50 %)")).to_be_visible()

    def test_the_knee_held_back(self) -> None:
        rufus = self.there_is("bar 11\nbar 20\nrack")
        for number, (on, state) in enumerate((("2025-10-01", "hurts now"), ("2026-02-04", "watch it"))):
            entry = {
                "id": f"{number:032x}",
                "on": on,
                "topic": "knee",
                "side": "right",
                "state": state,
                "words": "quiet for four weeks",
                "clinician": False,
                "due_on": None,
            }
            self.asked(f"/clients/{rufus}/history", "POST", entry)
        rest = "5x12 rest 3:00"
        board = self.typed("back squat 2x20 11 leave 3", f"glute bridge {rest}", f"dead bug {rest}", f"push-up {rest}")
        # 50 minutes of which 15 are left: the squat keeps its sets and is done in turns with the push-up.
        floor = self.started(board, PHONE, late=20)
        expect(floor.get_by_text("(spare knee)")).to_be_visible()
        expect(floor.get_by_role("button", name=re.compile("changes? for today"))).to_be_visible()
        for says in ("Done: 20 reps × 11 kg, 3 left", "Done: 12 reps", "Done: 20 reps × 11 kg, 3 left"):
            self.done(floor, says)
        self.reviewed(floor)
        expect(floor.get_by_text(re.compile("The next load here is 20 kg .* or your choice"))).to_be_visible()
        expect(floor.get_by_role("button", name="Jump to 20 kg now (+81.8 %)")).to_be_visible()

    def test_four_months_after_a_birth(self) -> None:
        rufus = self.there_is("dumbbells 5 8 10 12 15 lb\nmat", "lb")
        page = self.page(path=f"/clients/{rufus}/health")
        page.get_by_label("What", exact=True).select_option("after birth")
        write = page.get_by_role("button", name="Write it down")
        expect(write).to_be_disabled()
        page.get_by_label("Born on").fill("2025-11-03")
        page.get_by_role("button", name="Watch it").click()
        write.click()
        expect(page.get_by_text(re.compile("Gave birth 4 months ago"))).to_be_visible()
        self.assert_accessible(page, "the history after a birth")
        board = self.typed("glute bridge 2x12", "squat jump 2x8", "goblet squat 2x10 10", "cat camel 8")
        self.says(board, 2, 0, "2 x 10, 10 kg")
        expect(board.get_by_text(re.compile("Squat jump: After birth: this means impact; ask her"))).to_be_visible()
        board.get_by_role("button", name=re.compile("^fit")).first.click()
        board.get_by_role("dialog").get_by_label("Minutes there are").fill("8")
        expect(board.get_by_role("region", name="The cheapest that fit")).to_be_visible()
