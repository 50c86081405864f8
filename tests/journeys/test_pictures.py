"""A photo or drawing of the trainer's own: attached in the library, seen on the floor, taken away again."""

import io
import re

from PIL import Image
from playwright.sync_api import expect

from tests.journeys.support import PHONE, JourneyTest


def photo() -> bytes:
    made = io.BytesIO()
    Image.effect_noise((2400, 1800), 80).convert("RGB").save(made, "JPEG", quality=95)
    return made.getvalue()


class PicturesTest(JourneyTest):
    def test_a_photo_of_a_telephone_is_kept_small_and_shown_on_the_floor(self) -> None:
        phone = self.page(PHONE)
        self.floor_of(phone, "Agnes Thornby")
        name = phone.get_by_role("main").get_by_role("heading", level=2).first.inner_text()
        desk = self.page(path="/library")
        desk.get_by_role("searchbox").fill(name)
        desk.get_by_role("list", name="Found").get_by_role("button", name=re.compile(f"^{name}")).first.click()
        box = desk.get_by_label("Add a photo or drawing")
        self.assertGreater(len(photo()), 1_000_000)
        box.set_input_files({"name": "photo.jpg", "mimeType": "image/jpeg", "buffer": photo()})
        shown = desk.get_by_role("img", name=re.compile("as the trainer shows it"))
        expect(shown).to_be_visible()
        expect(shown).to_have_js_property("naturalWidth", 960)
        self.assert_accessible(desk, "an exercise with its picture")
        self.floor_of(phone, "Agnes Thornby")
        phone.get_by_role("button", name=f"Show the picture of {name}").click()
        expect(
            phone.get_by_role("region", name=name).get_by_role("img", name=f"{name}, as the trainer shows it")
        ).to_be_visible()
        self.assert_accessible(phone, "the picture on the floor")
        desk.get_by_label("Another picture").set_input_files(
            {"name": "notes.png", "mimeType": "image/png", "buffer": b"hello"}
        )
        expect(desk.get_by_role("alert")).to_contain_text("no picture that can be read")
        expect(shown).to_be_visible()
        desk.get_by_role("button", name="Take it away").click()
        expect(shown).to_have_count(0)
