"""What all pages on paper share: the typeface that ships with the app, sizes, colours, and the frame of a page."""

from collections.abc import Callable, Sequence
from functools import lru_cache
from html import escape
from io import BytesIO
from pathlib import Path
from typing import Any, Final

from reportlab.lib.colors import HexColor
from reportlab.lib.pagesizes import A4, LETTER
from reportlab.lib.styles import ParagraphStyle
from reportlab.lib.units import mm
from reportlab.pdfbase import pdfmetrics
from reportlab.pdfbase.ttfonts import TTFont
from reportlab.platypus import Paragraph, SimpleDocTemplate

from upright_anvil.formats.paper.paper_size import PaperSize

FONTS = Path(__file__).parents[2] / "data" / "fonts"
PLAIN, BOLD = "Archivo", "Archivo-Bold"
INK, SOFT, LINE = HexColor("#1d2430"), HexColor("#4d5563"), HexColor("#b9b4a8")
MARGIN: Final = 15 * mm


SIZES: Final = {PaperSize.A4: A4, PaperSize.LETTER: LETTER}


@lru_cache(maxsize=1)
def _register() -> None:
    pdfmetrics.registerFont(TTFont(PLAIN, str(FONTS / "Archivo-Regular.ttf")))
    pdfmetrics.registerFont(TTFont(BOLD, str(FONTS / "Archivo-Bold.ttf")))


class Styles:
    """The styles of one document; ``scale`` 1 is ten points, large print 1.5."""

    def __init__(self, scale: float = 1.0) -> None:
        _register()
        self.scale = scale
        self.title = self._style(18, BOLD, after=2)
        self.heading = self._style(12.5, BOLD, before=8, after=3)
        self.move = self._style(11.5, BOLD)
        self.body = self._style(10, PLAIN)
        self.strong = self._style(10.5, BOLD)
        self.soft = self._style(9, PLAIN, colour=SOFT)

    def _style(
        self, size: float, font: str, *, before: float = 0, after: float = 0, colour: Any = INK
    ) -> ParagraphStyle:
        size *= self.scale
        return ParagraphStyle(
            f"{font}{size}", fontName=font, fontSize=size, leading=size * 1.28, textColor=colour,
            spaceBefore=before * self.scale, spaceAfter=after * self.scale, splitLongWords=True,
        )  # fmt: skip


def said(text: str, style: ParagraphStyle) -> Paragraph:
    """Answer a paragraph; whatever the text holds stays text, and a sign the typeface lacks becomes a box."""
    return Paragraph(escape(text), style)


def pdf(
    story: Callable[[float, float], Sequence[Any]], size: PaperSize, title: str, footer: str, language: str = "en"
) -> bytes:
    """Answer a PDF; ``story`` is given the width and height of a page's frame, points."""
    _register()
    out = BytesIO()
    paper = SIZES[size]
    document = SimpleDocTemplate(
        out, pagesize=paper, leftMargin=MARGIN, rightMargin=MARGIN, topMargin=MARGIN, bottomMargin=MARGIN + 4 * mm,
        title=title, lang=language,
    )  # fmt: skip

    def foot(canvas: Any, _: Any) -> None:
        canvas.setFont(PLAIN, 8)
        canvas.setFillColor(SOFT)
        canvas.drawString(MARGIN, MARGIN - 2 * mm, footer[:110])
        canvas.drawRightString(paper[0] - MARGIN, MARGIN - 2 * mm, str(canvas.getPageNumber()))

    # A frame has six points of padding on each side.
    document.build(list(story(document.width - 12, document.height - 12)), onFirstPage=foot, onLaterPages=foot)
    return out.getvalue()
