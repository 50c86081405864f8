"""Backups on their page: begun, made, checked, restored; a studio that lost its clients has them again."""

import re

from playwright.sync_api import expect

from tests.journeys.support import PHONE, JourneyTest

WORDS = "a chair, a wall, a floor"


class BackupsTest(JourneyTest):
    def test_a_studio_is_backed_up_and_restored(self) -> None:
        page = self.page(path="/settings")
        page.get_by_role("link", name="Copies of all data: make, check, restore").click()
        self.assert_accessible(page, "before the first backup")
        begin = page.get_by_role("button", name="Begin backups with it")
        page.get_by_label("Passphrase", exact=True).fill(WORDS)
        page.get_by_label("The same again").fill(WORDS + "?")
        expect(page.get_by_text("Not the same yet.")).to_be_visible()
        expect(begin).to_be_disabled()
        page.get_by_label("The same again").fill(WORDS)
        begin.click()
        page.get_by_role("button", name="Back up now").click()
        opens = page.get_by_role("button", name=re.compile("^Check or restore the backup of 4 Mar 2026, 17:0"))
        expect(opens).to_have_count(1)
        self.assert_accessible(page, "a backup in the list")

        # A client comes after it, and goes with what is restored.
        page.goto(self.server.url + "/clients/new")
        page.get_by_label("Name", exact=True).fill("Late Comer")
        # Once the other clients have said in which unit.
        expect(page.get_by_role("button", name="Open the file")).to_be_enabled()
        page.keyboard.press("Enter")
        expect(page.get_by_label("Main goal")).to_be_visible()
        page.goto(self.server.url + "/settings/backups")
        opens.click()
        sheet = page.get_by_role("dialog")
        sheet.get_by_label("Its passphrase").fill("another one altogether")
        sheet.get_by_role("button", name="Check it").click()
        expect(sheet.get_by_text("That is not the passphrase this backup was made with.")).to_be_visible()
        sheet.get_by_label("Its passphrase").fill(WORDS)
        sheet.get_by_role("button", name="Check it").click()
        expect(sheet.get_by_text(re.compile(r"^It is whole\. 10 clients, 8 programs"))).to_be_visible()
        self.assert_accessible(page, "a backup opened")
        restore = sheet.get_by_role("button", name="Restore", exact=True)
        expect(restore).to_be_disabled()
        sheet.get_by_text(re.compile("^Replace all data with those of")).click()
        restore.click()
        expect(sheet.get_by_text(re.compile("^Restored"))).to_be_visible()
        sheet.get_by_role("button", name="Go on with these data").click()
        page.get_by_role("link", name="Clients").first.click()
        expect(page.get_by_role("link", name="Casimir Holt").first).to_be_visible()
        expect(page.get_by_role("link", name="Late Comer")).to_have_count(0)

    def test_a_folder_that_is_not_there_is_said_and_nothing_runs_over_on_a_phone(self) -> None:
        page = self.page(PHONE, "/settings/backups")
        page.get_by_label("Passphrase", exact=True).fill(WORDS)
        page.get_by_label("The same again").fill(WORDS)
        page.get_by_role("button", name="Begin backups with it").click()
        page.get_by_role("button", name="Back up now").click()
        expect(page.get_by_role("button", name=re.compile("^Check or restore"))).to_be_visible()
        page.get_by_label("A second folder, on another disk").fill("/no/such/disk")
        page.get_by_role("button", name="Save").click()
        expect(page.get_by_text("There is no folder /no/such/disk.")).to_be_visible()
        wide = page.evaluate("() => document.scrollingElement.scrollWidth - document.documentElement.clientWidth")
        self.assertLessEqual(wide, 0)
