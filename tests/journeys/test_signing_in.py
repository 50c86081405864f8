"""People in the browser: signing in begun, locked, changed; taps that wait for their trainer; nothing left readable."""

import re
import tempfile
from pathlib import Path

from playwright.sync_api import BrowserContext, Page, expect
from tools.app_process import CHROMIUM, QUIET

from tests.journeys.support import DESK, PHONE, TABLET, JourneyTest, playwright

OWNER, WORDS = "Ida Brandt", "wet hands lift well"
TRAINER, OTHER_WORDS = "Jorun Vik", "four tram bells ring"


class SigningInTest(JourneyTest):
    def begun(self, page: Page) -> None:
        """The owner chooses name and passphrase, and puts the codes away."""
        page.goto(self.server.url + "/settings/people")
        page.get_by_label("Your name").fill(OWNER)
        page.get_by_label("Passphrase", exact=True).fill(WORDS)
        page.get_by_label("The same again").fill(WORDS)
        page.get_by_role("button", name="Begin signing in").click()
        codes = page.get_by_role("dialog", name="Recovery codes")
        expect(codes.get_by_role("listitem")).to_have_count(8)
        codes.get_by_role("button", name="They are kept safe").click()
        # From nobody's page to the owner's: it is drawn anew.
        expect(page.get_by_role("button", name=re.compile(f"{OWNER} is signed in"))).to_be_visible()

    def with_passphrase(self, page: Page, name: str, words: str) -> None:
        way = page.get_by_role("button", name="With name and passphrase")
        expect(way.or_(page.get_by_label("Passphrase", exact=True)).first).to_be_visible()
        if way.is_visible():
            way.click()
        page.get_by_label("Name", exact=True).fill(name)
        page.get_by_label("Passphrase", exact=True).fill(words)
        page.get_by_role("button", name="Sign in", exact=True).click()
        expect(page.get_by_role("button", name=re.compile(f"{name} is signed in"))).to_be_visible()

    def test_begun_locked_and_in_again_by_pin(self) -> None:
        page = self.page(TABLET)
        self.begun(page)
        page.goto(self.server.url + "/settings/people")
        self.assert_accessible(page, "people")
        page.get_by_label("This device is the studio’s, and is called").fill("Tablet by the rack")
        page.get_by_role("button", name="Enrol it").click()
        page.get_by_label("Your PIN on this device").fill("1234")
        page.get_by_role("button", name="Keep it").click()
        expect(page.get_by_text("One digit again and again")).to_be_visible()
        page.get_by_label("Your PIN on this device").fill("4711")
        page.get_by_role("button", name="Keep it").click()
        expect(page.get_by_label("Another PIN on this device")).to_be_visible()

        page.get_by_role("link", name="Clients").click()
        page.get_by_role("button", name=re.compile("^Lock, or change trainer")).click()
        expect(page.get_by_role("heading", level=1, name="Who is it?")).to_be_visible()
        self.assert_accessible(page, "the lock")
        page.get_by_role("button", name=OWNER).click()
        self.assert_accessible(page, "the PIN")
        for digit in "4712":
            page.get_by_role("button", name=digit, exact=True).click()
        page.get_by_role("button", name="Enter").click()
        expect(page.get_by_role("alert")).to_be_visible()
        for digit in "4711":
            page.keyboard.press(digit)
        page.keyboard.press("Enter")
        expect(page.get_by_role("heading", level=1, name="Clients")).to_be_visible()

    def test_somebody_new_comes_in_with_a_code_and_sees_what_the_role_allows(self) -> None:
        page = self.page(DESK)
        self.begun(page)
        page.goto(self.server.url + "/settings/people")
        page.get_by_label("Somebody new").fill(TRAINER)
        page.get_by_label("May", exact=True).select_option("assistant")
        page.get_by_role("button", name="Add", exact=True).click()
        sheet = page.get_by_role("dialog", name=f"A code for {TRAINER}")
        code = sheet.get_by_role("listitem").inner_text()
        sheet.get_by_role("button", name="They are kept safe").click()
        self.assert_accessible(page, "two people")

        other = self.page(PHONE)
        other.get_by_role("button", name="With a code").click()
        self.assert_accessible(other, "coming in with a code")
        other.get_by_label("Name", exact=True).fill(TRAINER)
        other.get_by_label("Code", exact=True).fill(code.upper())
        other.get_by_label("New passphrase").fill(OTHER_WORDS)
        other.get_by_role("button", name="Come in").click()
        signed_in = other.get_by_role("button", name=re.compile(f"{TRAINER} is signed in, logs, does not plan"))
        expect(signed_in).to_be_visible()
        other.goto(self.server.url + "/settings/people")
        expect(other.get_by_role("heading", level=2, name="Where you are signed in")).to_be_visible()
        expect(other.get_by_role("button", name="Add", exact=True)).to_have_count(0)

        page.reload()
        mine = (
            page.get_by_role("listitem")
            .filter(has_text=TRAINER)
            .filter(has=page.get_by_role("button", name="Sign out"))
        )
        mine.get_by_role("button").click()
        # Signed out there before the other page asks who it is: that is the first thing it does.
        expect(mine).to_have_count(0)
        other.reload()
        expect(other.get_by_role("heading", level=1, name="Sign in")).to_be_visible()

        page.goto(self.server.url + "/settings/records")
        expect(page.get_by_text(f"added a person: {TRAINER}, assistant")).to_be_visible()
        self.assert_accessible(page, "records")

    def test_unsent_taps_wait_for_their_own_trainer(self) -> None:
        page = self.page(TABLET)
        self.begun(page)
        page.goto(self.server.url + "/settings/people")
        page.get_by_label("Somebody new").fill(TRAINER)
        page.get_by_role("button", name="Add", exact=True).click()
        sheet = page.get_by_role("dialog", name=f"A code for {TRAINER}")
        code = sheet.get_by_role("listitem").inner_text()
        page.reload()

        self.floor_of(page, "Casimir Holt")
        sets = re.compile(r"/api/sessions/[^/]+/sets$")
        page.route(sets, lambda route: route.fulfill(status=503, json={"detail": "not now"}))
        sent: list[str] = []
        page.on("request", lambda request: sent.append(request.url) if sets.search(request.url) else None)
        with page.expect_request(sets):
            page.get_by_role("button", name=re.compile("^Done:")).click()
        page.goto(self.server.url + "/settings")
        page.get_by_role("button", name="Sign out of this browser").click()
        expect(page.get_by_role("heading", level=1, name="Sign in")).to_be_visible()
        page.unroute(sets)

        page.get_by_role("button", name="With a code").click()
        page.get_by_label("Name", exact=True).fill(TRAINER)
        page.get_by_label("Code", exact=True).fill(code)
        page.get_by_label("New passphrase").fill(OTHER_WORDS)
        sent.clear()
        page.get_by_role("button", name="Come in").click()
        expect(page.get_by_role("button", name=re.compile(f"{TRAINER} is signed in"))).to_be_visible()
        self.assertEqual(sent, [])
        page.goto(self.server.url + "/settings")
        page.get_by_role("button", name="Sign out of this browser").click()

        with page.expect_response(lambda answer: bool(sets.search(answer.url)) and answer.ok):
            self.with_passphrase(page, OWNER, WORDS)

    def test_a_passkey_is_made_and_signs_in(self) -> None:
        page = self.page(DESK)
        devtools = page.context.new_cdp_session(page)
        devtools.send("WebAuthn.enable")
        devtools.send(
            "WebAuthn.addVirtualAuthenticator",
            {
                "options": {
                    "protocol": "ctap2", "transport": "internal", "hasResidentKey": True, "hasUserVerification": True,
                    "isUserVerified": True, "automaticPresenceSimulation": True,
                }
            },
        )  # fmt: skip
        self.server.url = f"http://localhost:{self.server.port}"
        self.begun(page)
        page.goto(self.server.url + "/settings/people")
        page.get_by_role("button", name="Make a passkey").click()
        expect(page.get_by_text("1 of your passkeys are known here.")).to_be_visible()
        page.get_by_role("button", name=re.compile("^Lock, or change trainer")).click()
        page.get_by_role("button", name="With a passkey").click()
        expect(page.get_by_text("1 of your passkeys are known here.")).to_be_visible()

    def test_nothing_of_a_client_can_be_read_in_the_browsers_own_files(self) -> None:
        """Neither while somebody is signed in nor afterwards: a mark in a client's name and in a note half typed."""
        with tempfile.TemporaryDirectory() as profile:
            context = self.profile(Path(profile))
            page = context.pages[0]
            self.begun(page)
            page.goto(self.server.url + "/clients")
            page.get_by_role("link", name="Casimir Holt", exact=True).click()
            page.get_by_label("In the client’s own words").fill("MARKEDaim of the client")
            page.keyboard.press("Tab")
            expect(page.get_by_role("status").filter(has_text="Saved")).to_be_visible()
            self.floor_of(page, "Casimir Holt")
            page.get_by_role("button", name=re.compile("^Done:")).click()
            page.reload()
            expect(page.get_by_role("heading", level=1, name="Casimir Holt")).to_be_visible()
            page.goto(self.server.url)
            expect(page.get_by_text("Casimir Holt").first).to_be_visible()
            context.close()
            self.assertEqual(self.found(Path(profile)), {})
            context = self.profile(Path(profile))
            page = context.pages[0]
            page.goto(self.server.url + "/settings")
            # A rest runs since the set: nothing is covered before somebody says so.
            page.get_by_role("button", name="Sign in now").click()
            self.with_passphrase(page, OWNER, WORDS)
            page.get_by_role("button", name="Sign out of this browser").click()
            expect(page.get_by_role("heading", level=1, name="Sign in")).to_be_visible()
            context.close()
            self.assertEqual(self.found(Path(profile)), {})

    def profile(self, folder: Path) -> BrowserContext:
        context = playwright().chromium.launch_persistent_context(
            folder,
            executable_path=CHROMIUM,
            args=["--no-sandbox", "--disable-gpu", *QUIET],
            viewport={"width": 820, "height": 1180},
            timezone_id="UTC",
        )
        self.server.set_clock(context)
        return context

    def found(self, folder: Path) -> dict[str, bytes]:
        """Files of a profile that hold a mark or the client's name, in either way of writing text."""
        marks = [word.encode(coding) for word in ("MARKEDaim", "Casimir") for coding in ("utf-8", "utf-16-le")]
        return {
            str(file.relative_to(folder)): mark
            for file in folder.rglob("*")
            if file.is_file()
            for mark in marks
            if mark in file.read_bytes()
        }
