"""The screens in another language: every sentence of theirs comes from the catalogue, plurals and dates too."""

import json
import re
from typing import Final

from playwright.sync_api import expect

from tests.journeys.support import JourneyTest
from upright_anvil.formats.shipped.languages import interface_catalogue

MARKED: Final = "⟦{}⟧"

LEFT_OVER: Final = """
(known) => {
  const found = [];
  const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let node = walk.nextNode(); node; node = walk.nextNode()) {
    const text = node.textContent.trim();
    if (known.includes(text)) found.push(text);
  }
  for (const one of document.querySelectorAll("[aria-label], [placeholder], [title]"))
    for (const name of ["aria-label", "placeholder", "title"]) {
      const text = one.getAttribute(name);
      if (text && known.includes(text)) found.push(`${name}: ${text}`);
    }
  return found;
}
"""
"""Sentences of the catalogue that stand on the page as English."""


class LanguageTest(JourneyTest):
    def test_the_screens_speak_the_language_of_a_translators_file(self) -> None:
        english: dict[str, str] = json.loads(interface_catalogue())
        page = self.page(path="/settings")
        page.get_by_label("Bring in a translation").set_input_files(
            {"name": "interface.json", "mimeType": "application/json", "buffer": b"{}"}
        )
        expect(page.get_by_text(re.compile("^That is no translation"))).to_be_visible()
        marked = json.dumps({key: MARKED.format(text) for key, text in english.items()}).encode()
        page.get_by_label("Bring in a translation").set_input_files(
            {"name": "interface.de.json", "mimeType": "application/json", "buffer": marked}
        )
        expect(page.get_by_role("heading", level=1, name="⟦Settings⟧")).to_be_visible()
        expect(page.locator("html")).to_have_attribute("lang", "de")
        plain = [text for text in english.values() if "{{" not in text and text.count(" ") > 1]
        for path in ("/settings", "/clients", "/library", "/batteries"):
            with self.subTest(path):
                page.goto(self.server.url + path)
                expect(page.get_by_role("heading", level=1).first).to_contain_text("⟦")
                self.assertEqual(page.evaluate(LEFT_OVER, plain), [])
        page.goto(self.server.url + "/settings")
        page.get_by_role("button", name="⟦English again⟧").click()
        expect(page.get_by_role("heading", level=1, name="Settings", exact=True)).to_be_visible()
