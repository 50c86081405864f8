"""Between sessions: a sheet that runs on the client's phone without a network, and its result back in the log."""

import io
import json
import re
import urllib.request
from datetime import UTC, datetime
from pathlib import Path
from typing import Any

from PIL import Image
from playwright.sync_api import Page, expect
from tools.app_process import CHROMIUM, QUIET

from tests.journeys.support import DESK, PHONE, JourneyTest, playwright

DONE = re.compile("^Done: ")


class HomeTest(JourneyTest):
    def home_of(self, client: str = "Casimir Holt") -> Page:
        page = self.page(DESK, "/clients")
        page.get_by_role("link", name=client, exact=True).click()
        page.get_by_role("navigation", name="File of").get_by_role("link", name="At home").click()
        expect(page.get_by_role("heading", name="A sheet to take home")).to_be_visible()
        return page

    def sheet_file(self, page: Page) -> Path:
        """Make a sheet of what stands ready, and keep its file."""
        page.get_by_role("button", name="Make a sheet of").click()
        with page.expect_download() as got:
            page.get_by_role("link", name="For the phone").first.click()
        path = self.server.data.parent / got.value.suggested_filename
        got.value.save_as(path)
        return path

    def phone(self, path: Path, *, offline: bool = True, dark: bool = False) -> Page:
        """A phone that opens a file, with its own clock at the app's time."""
        width, height = PHONE
        context = self.browser.new_context(
            viewport={"width": width, "height": height},
            color_scheme="dark" if dark else "light",
            reduced_motion="reduce",
            offline=offline,
        )
        self.addCleanup(context.close)
        page = context.new_page()
        broken: list[str] = []
        page.on("pageerror", lambda error: broken.append(str(error)))
        self.addCleanup(lambda: self.assertEqual(broken, []))
        page.clock.install(time=datetime.now(UTC) + self.server.shift)
        page.goto(path.as_uri())
        return page

    def run_to_its_end(self, page: Page) -> str:
        """Do the day: sets by taps, timed groups by the clock; answer what goes back."""
        finish = page.get_by_role("button", name="Finish", exact=True)
        start, done = page.get_by_role("button", name="Start the clock"), page.get_by_role("button", name=DONE)
        while True:
            expect(finish.or_(start).or_(done).first).to_be_visible()
            if finish.is_visible():
                break
            if done.is_visible():
                done.click()
                continue
            start.click()
            expect(page.get_by_role("timer")).to_be_visible()
            page.clock.fast_forward("00:12")
            rounds = page.get_by_role("button", name=re.compile(r"^Round \d+ done$"))
            work = page.get_by_role("button", name=re.compile("^(Stop now|Done|On to .*)$"))
            expect(rounds.or_(work)).to_be_visible()
            for _ in range(9 if rounds.is_visible() else 0):
                rounds.click()
            page.clock.fast_forward("30:00")
            expect(page.get_by_role("timer")).to_have_count(0)
        finish.click()
        page.get_by_role("button", name="6", exact=True).click()
        page.get_by_label("A word to your trainer").fill("Knee was fine")
        return page.get_by_label("The result as text").input_value()

    def test_a_sheet_runs_offline_and_its_result_is_reviewed(self) -> None:
        desk = self.home_of()
        path = self.sheet_file(desk)
        self.assertLess(path.stat().st_size, 400_000)
        phone = self.phone(path)
        expect(phone.get_by_role("heading", level=2, name="Back squat")).to_be_visible()
        self.assert_accessible(phone, "a set of the sheet")
        phone.get_by_role("button", name=DONE).click()
        expect(phone.get_by_role("timer", name="Rest")).to_be_visible()
        expect(phone.get_by_text("1/7")).to_be_visible()
        # Looked at before the reload: what a page of a file keeps goes to the browser's own process first.
        self.assert_accessible(phone, "the rest behind a set of the sheet")
        phone.reload()
        expect(phone.get_by_text("1/7")).to_be_visible()
        text = self.run_to_its_end(phone)
        self.assert_accessible(phone, "the end of the sheet")
        desk.get_by_label("The result as text").fill(f"Hi! Here it is: {text} See you")
        expect(desk.get_by_text("“Knee was fine”")).to_be_visible()
        self.assert_accessible(desk, "the home tab with a result")
        desk.get_by_role("button", name="Into the log").click()
        expect(desk.get_by_text("is in the log as work done at home")).to_be_visible()
        desk.get_by_label("The result as text").fill(text)
        expect(desk.get_by_text("This came back before and is in the log already.")).to_be_visible()
        desk.get_by_label("The result as text").fill(text[:-3] + "AAA")
        expect(desk.get_by_role("alert")).to_contain_text("not whole, or was changed")
        desk.get_by_label("The result as text").fill("")
        desk.goto(self.server.url)
        news = desk.get_by_role("link").filter(has_text="Knee was fine")
        expect(news).to_contain_text("wants a word")
        news.click()
        desk.get_by_role("button", name="We spoke about it").click()
        expect(desk.get_by_role("button", name="We spoke about it")).to_have_count(0)
        desk.get_by_role("link", name="To the review").click()
        expect(desk.get_by_text("Done alone at home, as the client told it.").first).to_be_attached()

    def circuits(self) -> tuple[Page, list[str]]:
        """A phone with a sheet of timed groups, and its days."""
        client = self.asked("/clients", "POST", {"name": "Rufus Kettleman", "unit": "kg"})["id"]
        self.asked(f"/clients/{client}/program/from-template", "POST", {"template": "density-circuits"})
        view = self.asked(f"/clients/{client}/home")
        days = [{"week_id": one["week_id"], "day_id": one["day_id"]} for one in view["days"][:3]]
        sheet = self.asked(f"/clients/{client}/home-sheets", "POST", {"program_id": view["program_id"], "days": days})
        path = self.server.data.parent / "sheet.html"
        path.write_bytes(urllib.request.urlopen(f"{self.server.url}/api/home-sheets/{sheet['id']}/sheet.html").read())
        return self.phone(path), sheet["days"]

    def test_circuits_run_by_their_clocks_to_the_end(self) -> None:
        phone, days = self.circuits()
        self.assert_accessible(phone, "the days of a sheet")
        for name in days:
            phone.get_by_role("button", name=re.compile(f"^{re.escape(name)}")).click()
            text = self.run_to_its_end(phone)
            taken = self.asked("/home-results", "POST", {"text": text})
            self.assertTrue(taken["taken"])
            self.assertEqual([line for line in taken["lines"] if not line["done"]], [])
            phone.get_by_role("button", name="All days").click()
            expect(phone.get_by_role("button", name=re.compile(f"^{re.escape(name)}.*done$"))).to_be_visible()

    def test_rounds_that_nobody_tapped_are_said_by_hand(self) -> None:
        phone, _ = self.circuits()
        start, done = phone.get_by_role("button", name="Start the clock"), phone.get_by_role("button", name=DONE)
        phone.get_by_role("button", name=re.compile("^Most rounds")).click()
        rounds, work = phone.get_by_role("button", name="Round 1 done"), phone.get_by_role("button", name="Stop now")
        while not rounds.is_visible():
            phone.clock.fast_forward("30:00")
            expect(start.or_(done).first).to_be_visible()
            if done.is_visible():
                done.click()
                continue
            start.click()
            phone.clock.fast_forward("00:12")
            expect(rounds.or_(work)).to_be_visible()
        phone.clock.fast_forward("30:00")
        expect(phone.get_by_role("timer")).to_have_count(0)
        expect(done).to_be_visible()
        expect(phone.get_by_role("button", name=re.compile("^Thruster"))).to_contain_text("0/1")

    def asked(self, path: str, method: str = "GET", body: object = None) -> Any:
        sent = None if body is None else json.dumps(body).encode()
        kind = {"Content-Type": "application/json"}
        request = urllib.request.Request(f"{self.server.url}/api{path}", sent, kind, method=method)
        with urllib.request.urlopen(request) as answer:
            return json.load(answer)

    def test_in_german_dark_and_what_hurts_stops(self) -> None:
        desk = self.home_of()
        desk.get_by_label("In the language").select_option("de")
        expect(desk.get_by_label("In the language")).to_have_value("de")
        phone = self.phone(self.sheet_file(desk), dark=True)
        expect(phone.get_by_text("Aufwärmsatz 1")).to_be_visible()
        self.assert_accessible(phone, "the sheet in the dark")
        phone.get_by_role("button", name="Warnzeichen").click()
        expect(phone.get_by_role("dialog")).to_contain_text("Notruf")
        self.assert_accessible(phone, "the warning signs")
        phone.get_by_role("button", name="Schließen").click()
        phone.get_by_role("button", name="Es tat weh").click()
        expect(phone.get_by_role("heading", level=2, name="Romanian deadlift")).to_be_visible()
        phone.get_by_role("button", name="Hier aufhören").click()
        text = phone.get_by_label("Das Ergebnis als Text").input_value()
        desk.get_by_label("The result as text").fill(text)
        expect(desk.get_by_text("Something hurt. No load goes up on this, and it wants a word.")).to_be_visible()

    def test_in_the_studios_network_it_is_sent_with_a_code(self) -> None:
        desk = self.home_of()
        path = self.sheet_file(desk)
        phone = self.phone(path, offline=False)
        phone.get_by_role("button", name=DONE).click()
        phone.get_by_role("button", name="Finish here").click()
        phone.get_by_text("Send it in the studio’s network").click()
        field = phone.get_by_label("Code from your trainer")
        field.fill("000000")
        phone.get_by_role("button", name="Send", exact=True).click()
        expect(phone.get_by_text("The code is spent or too old: ask your trainer for a new one.")).to_be_visible()
        desk.get_by_role("button", name="Code for sending").click()
        code = desk.get_by_text(re.compile(r"^\d{6}$")).inner_text()
        field.fill(code)
        phone.get_by_role("button", name="Send", exact=True).click()
        expect(phone.get_by_text("Sent.", exact=True)).to_be_visible()
        desk.reload()
        desk.get_by_role("button", name="Look at it").click()
        desk.get_by_role("button", name="Into the log").click()
        expect(desk.get_by_role("link", name="To the review")).to_be_visible()

    def test_the_camera_reads_the_picture(self) -> None:
        desk = self.home_of()
        phone = self.phone(self.sheet_file(desk))
        phone.get_by_role("button", name=DONE).click()
        phone.get_by_role("button", name="Finish here").click()
        drawn = phone.get_by_role("img", name="The result as a picture to scan").screenshot(type="png")
        scanning = self.with_camera(drawn, desk.url)
        scanning.get_by_role("button", name="Scan with the camera").click()
        expect(scanning.get_by_role("button", name="Into the log")).to_be_visible()
        self.assertEqual(
            scanning.get_by_label("The result as text").input_value(),
            phone.get_by_label("The result as text").input_value(),
        )

    def with_camera(self, picture: bytes, url: str) -> Page:
        """A browser whose camera is a stand-in that plays a picture."""
        frame = Image.new("RGB", (1280, 720), "grey")
        with Image.open(io.BytesIO(picture)) as code:
            side = 660
            frame.paste(code.convert("RGB").resize((side, side)), ((1280 - side) // 2, 30))
        kept = io.BytesIO()
        frame.save(kept, "JPEG", quality=95)
        film = self.server.data.parent / "camera.mjpeg"
        film.write_bytes(kept.getvalue() * 30)
        flags = [
            "--no-sandbox", "--disable-gpu", "--use-fake-ui-for-media-stream", "--use-fake-device-for-media-stream",
            f"--use-file-for-fake-video-capture={film}", *QUIET,
        ]  # fmt: skip
        browser = playwright().chromium.launch(executable_path=CHROMIUM, args=flags)
        self.addCleanup(browser.close)
        context = browser.new_context(viewport={"width": DESK[0], "height": DESK[1]}, permissions=["camera"])
        self.server.set_clock(context)
        page = context.new_page()
        page.goto(url)
        return page

    def test_a_day_is_marked_alone_on_the_board(self) -> None:
        page = self.page()
        page.get_by_role("listitem").filter(has_text="Casimir Holt").get_by_role("link", name="Program").first.click()
        self.roomy(page)
        page.get_by_role("button", name="Choose Plank").first.click()
        page.get_by_label("Move the chosen lines to a day").select_option(label="a new day at home, done alone")
        expect(page.get_by_text("alone", exact=True)).to_be_visible()
        page.get_by_role("link", name="Casimir Holt").click()
        page.get_by_role("navigation", name="File of").get_by_role("link", name="At home").click()
        expect(page.get_by_role("listitem").filter(has_text="At home").first).to_contain_text("alone")

    def test_the_clients_window_over_a_call(self) -> None:
        page = self.page()
        self.floor_of(page, "Casimir Holt")
        page.get_by_role("button", name="More", exact=True).click()
        with page.expect_popup() as opened:
            page.get_by_role("link", name="A window for the client, over a call").click()
        shared = opened.value
        expect(shared.get_by_role("heading", level=1, name="Back squat")).to_be_visible()
        self.assert_accessible(shared, "the client's window")
        page.get_by_role("button", name=DONE).click()
        expect(shared.get_by_role("timer")).to_be_visible()
        shared.get_by_role("button", name="Mirror left and right").click()
        expect(shared.get_by_role("button", name="Mirror left and right")).to_have_attribute("aria-pressed", "true")

    def test_a_report_is_changed_and_handed_over(self) -> None:
        page = self.page(DESK, "/clients")
        page.get_by_role("link", name="Casimir Holt", exact=True).click()
        page.get_by_role("navigation", name="File of").get_by_role("link", name="Progress").click()
        page.get_by_role("link", name="A report to hand over").click()
        opening = page.get_by_label("Opening")
        expect(opening).to_have_value(re.compile("^Casimir, this is where you began"))
        self.assert_accessible(page, "the report")
        opening.fill("Well done <b>Casimir</b>")
        with page.expect_download() as got:
            page.get_by_role("button", name="A page (HTML)").click()
        path = self.server.data.parent / "report.html"
        got.value.save_as(path)
        self.assertIn("Well done &lt;b&gt;Casimir&lt;/b&gt;", path.read_text("utf-8"))
        handed = self.phone(path)
        expect(handed.get_by_role("heading", name="Strength")).to_be_visible()
        self.assert_accessible(handed, "the report as a page")
        with page.expect_download() as got:
            page.get_by_role("button", name="PDF, A4").click()
        got.value.save_as(path.with_suffix(".pdf"))
        self.assertTrue(path.with_suffix(".pdf").read_bytes().startswith(b"%PDF"))
        page.get_by_label("From").fill("2030-01-01")
        expect(page.get_by_role("alert")).to_contain_text("choose an earlier first day")

    def test_food_is_an_estimate_or_none(self) -> None:
        page = self.page(DESK, "/clients")
        page.get_by_role("link", name="Casimir Holt", exact=True).click()
        page.get_by_label("Sex").select_option("male")
        page.get_by_label("Height, cm").fill("181")
        page.get_by_label("Height, cm").blur()
        page.get_by_label("How the week goes").select_option("light work or some training")
        expect(page.get_by_text(re.compile(r"^Keeps the weight: \d{4} kcal a day"))).to_be_visible()
        page.get_by_label("Body weight should be").select_option("slowly less")
        expect(page.get_by_text(re.compile(r"^\d{4} kcal a day, about -0\.\d+ kg a week"))).to_be_visible()
        page.get_by_label("Notes").fill("Had an eating disorder once")
        page.get_by_label("Notes").blur()
        barred = page.get_by_text(re.compile("dietitian or doctor here: no figure"))
        expect(barred).to_be_visible()
        page.reload()
        expect(barred).to_be_visible()
