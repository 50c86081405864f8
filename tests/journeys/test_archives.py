"""What leaves the studio and comes in: a whole client, the library, the calendar's address."""

import re

from playwright.sync_api import expect

from tests.journeys.support import DESK, JourneyTest


class ArchivesTest(JourneyTest):
    def test_a_client_goes_out_and_comes_in_step_by_step(self) -> None:
        page = self.page(DESK, "/clients")
        page.get_by_role("link", name="Casimir Holt", exact=True).click()
        with page.expect_download() as got:
            page.get_by_role("link", name="All of this client as an archive").click()
        path = self.server.data.parent / got.value.suggested_filename
        got.value.save_as(path)
        page.goto(f"{self.server.url}/clients/bring-in")
        opened = page.get_by_label("Open an archive")
        wrong = self.server.data.parent / "wrong.zip"
        wrong.write_bytes(b"nothing")
        opened.set_input_files(wrong)
        expect(page.get_by_role("alert")).to_contain_text("This is no archive of a client")
        opened.set_input_files(path)
        expect(page.get_by_text("There is a client called Casimir Holt already")).to_be_visible()
        self.assert_accessible(page, "an archive looked at")
        page.get_by_role("button", name="Bring in Casimir Holt").click()
        expect(page.get_by_text(re.compile(r"Casimir Holt is here, with \d+ sessions\."))).to_be_visible()
        page.get_by_role("link", name="Open the file").click()
        expect(page.get_by_role("heading", level=1, name="Casimir Holt")).to_be_visible()
        page.get_by_role("navigation", name="File of").get_by_role("link", name="Progress").click()
        expect(page.get_by_role("button", name="Romanian deadlift").first).to_be_visible()

    def test_the_library_and_the_calendars_address(self) -> None:
        page = self.page(DESK, "/settings")
        page.get_by_role("button", name="Make an address").click()
        address = page.locator("code")
        expect(address).to_contain_text("/api/calendars/")
        self.assert_accessible(page, "settings with a calendar's address")
        answer = page.request.get(address.inner_text())
        self.assertIn("SUMMARY:Casimir Holt", answer.text())
        page.get_by_role("button", name="End it").click()
        expect(address).to_have_count(0)
        with page.expect_download() as got:
            page.get_by_role("link", name="As a file (.json)").click()
        path = self.server.data.parent / "library.json"
        got.value.save_as(path)
        page.get_by_label("Bring in a file").set_input_files(path)
        expect(page.get_by_text("There is nothing new in it.")).to_be_visible()

    def test_a_client_is_erased_for_good(self) -> None:
        page = self.page(path="/clients")
        page.get_by_role("link", name="Tobiah Renn").first.click()
        page.get_by_role("button", name="Erase this client for good …").click()
        sheet = page.get_by_role("dialog")
        self.assert_accessible(page, "before a client is erased")
        sheet.get_by_label("The whole name: Tobiah Renn").fill("Tobiah")
        sheet.get_by_role("button", name="Erase for good").click()
        expect(sheet.get_by_text("type the whole name: Tobiah Renn")).to_be_visible()
        sheet.get_by_label("The whole name: Tobiah Renn").fill("Tobiah Renn")
        sheet.get_by_role("button", name="Erase for good").click()
        expect(sheet.get_by_text(re.compile("^Gone: 1 program"))).to_be_visible()
        self.assert_accessible(page, "after a client was erased")
        sheet.get_by_role("button", name="To the clients").click()
        expect(page.get_by_role("link", name="Casimir Holt").first).to_be_visible()
        expect(page.get_by_role("link", name="Tobiah Renn")).to_have_count(0)
        page.goto(self.server.url)
        expect(page.get_by_role("heading", name=re.compile("today"))).to_be_visible()
        expect(page.get_by_text("Tobiah Renn")).to_have_count(0)
