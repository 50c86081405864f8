import io
from unittest import TestCase

from PIL import Image

from upright_anvil.core.errors import DomainError
from upright_anvil.formats.picture_file import SIDE, small_picture

ORIENTATION = 0x0112
TURNED = 6


def drawn(size: tuple[int, int], kind: str = "PNG", mode: str = "RGB", **more: object) -> bytes:
    made = io.BytesIO()
    Image.new(mode, size, "orange").save(made, kind, **more)
    return made.getvalue()


def opened(content: bytes) -> Image.Image:
    return Image.open(io.BytesIO(content))


class PictureFileTest(TestCase):
    def test_large_pictures_become_small_and_small_ones_stay(self) -> None:
        for kind in ("PNG", "JPEG", "WEBP"):
            found = opened(small_picture(drawn((3000, 2000), kind)))
            self.assertEqual((found.format, found.size), ("WEBP", (SIDE, 640)))
        self.assertEqual(opened(small_picture(drawn((40, 30)))).size, (40, 30))

    def test_a_drawing_keeps_its_clear_ground(self) -> None:
        made = io.BytesIO()
        Image.new("RGBA", (40, 30), (0, 0, 0, 0)).save(made, "PNG")
        self.assertEqual(opened(small_picture(made.getvalue())).mode, "RGBA")

    def test_it_is_turned_upright_and_says_nothing_of_where_it_was_taken(self) -> None:
        exif = Image.Exif()
        exif[ORIENTATION] = TURNED
        exif[0x010F] = "somebody's telephone"
        found = opened(small_picture(drawn((40, 30), "JPEG", exif=exif)))
        self.assertEqual((found.size, dict(found.getexif())), ((30, 40), {}))

    def test_what_is_no_picture_is_refused_in_words(self) -> None:
        cut = drawn((300, 300), "JPEG")[:200]
        for content in (b"", b"hello", b"%PDF-1.7", b"<svg xmlns='http://www.w3.org/2000/svg'/>", cut):
            with self.subTest(content[:8]), self.assertRaisesRegex(DomainError, "no picture that can be read"):
                small_picture(content)

    def test_one_that_unpacks_to_too_much_is_refused_before_it_is_read(self) -> None:
        with self.assertRaisesRegex(DomainError, "too large"):
            small_picture(drawn((9000, 9000), mode="1"))
