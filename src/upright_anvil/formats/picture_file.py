"""A photo or drawing as it is kept: small, upright, and without what a camera writes beside it."""

import io
from typing import TYPE_CHECKING, Final

from upright_anvil.core.errors import DomainError

if TYPE_CHECKING:
    from PIL.Image import Image

SIDE: Final = 960
"""Pixels of the longer side, at most."""

MOST_PIXELS: Final = 40_000_000
"""Pixels of what is sent; more are not read."""

FORMATS: Final = ("JPEG", "PNG", "WEBP", "GIF")
MEDIA_TYPE: Final = "image/webp"
QUALITY: Final = 78


def small_picture(content: bytes) -> bytes:
    """Answer a picture as WebP of at most 960 pixels a side, upright, without where and when it was taken.

    Raises `DomainError` where it is none, of another kind, or of more than 40 million pixels.
    """
    from PIL.Image import DecompressionBombError

    try:
        seen = _shrunk(content)
    except (OSError, SyntaxError, DecompressionBombError) as fault:
        raise DomainError(
            "This is no picture that can be read here. Send a photo or drawing as JPEG, PNG or WebP."
        ) from fault
    kept = io.BytesIO()
    seen.save(kept, "WEBP", quality=QUALITY)
    return kept.getvalue()


def _shrunk(content: bytes) -> "Image":
    from PIL import Image, ImageOps

    with Image.open(io.BytesIO(content), formats=FORMATS) as found:
        if found.width * found.height > MOST_PIXELS:
            raise DomainError("The picture is too large. Send one of at most 40 million pixels.")
        upright = ImageOps.exif_transpose(found)
        upright.thumbnail((SIDE, SIDE))
        return upright.convert("RGBA" if upright.has_transparency_data else "RGB")
