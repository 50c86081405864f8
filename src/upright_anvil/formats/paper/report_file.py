"""A report as a page of its own (HTML) and on paper (PDF); a picture the client brings is put in and kept nowhere."""

from base64 import b64encode
from html import escape
from io import BytesIO
from pathlib import Path
from typing import Any, Final

from reportlab.graphics.shapes import Drawing, Polygon, PolyLine, Rect, String
from reportlab.lib.units import mm
from reportlab.platypus import Image, KeepTogether, Spacer, Table, TableStyle

from upright_anvil.core.report import ClientReport, ReportLift, ReportTest, day_words
from upright_anvil.formats.paper.page import INK, LINE, PLAIN, SOFT, Styles, pdf, said
from upright_anvil.formats.paper.paper_size import PaperSize
from upright_anvil.formats.paper.report_chart import HEIGHT, WIDTH, Chart, lift_chart, week_chart
from upright_anvil.formats.picture_file import small_picture

TITLES: Final = {
    "work": "What you did",
    "strength": "Strength",
    "tests": "Tests",
    "praise": "Worth saying",
    "minded": "Minded",
    "following": "What comes next",
}
"""The parts of a report in their order, by the paragraph they begin with."""

FOOT: Final = (
    "Strength is an estimate from logged sets; the band is where it lies with 95 % confidence. Differences within the "
    "error of a test are said to be so. Nothing here replaces medical advice."
)
HEADS: Final = ("Test", "Then", "Now", "What it says")
_STYLE: Final = (Path(__file__).parents[2] / "data" / "report.css").read_text("utf-8")


def report_html(report: ClientReport, picture: bytes = b"") -> bytes:
    """Answer the report as one file. Raises `DomainError` for a picture that is none."""
    parts = [f"<h1>{escape(report.client)}</h1>", f'<p class="soft">{_span(report)}</p>']
    parts.append(f"<p>{escape(report.texts.opening)}</p>")
    if picture:
        coded = b64encode(small_picture(picture)).decode()
        parts.append(f'<img src="data:image/webp;base64,{coded}" alt="The picture that you brought">')
    for name, title in TITLES.items():
        text = getattr(report.texts, name)
        body = _charts_html(report, name) + (_table_html(report.tests) if name == "tests" else "")
        if text or body:
            parts.append(f"<h2>{title}</h2>" + (f"<p>{escape(text)}</p>" if text else "") + body)
    policy = "default-src 'none'; style-src 'unsafe-inline'; img-src data:"
    return (
        '<!doctype html>\n<html lang="en"><head><meta charset="utf-8">'
        '<meta name="viewport" content="width=device-width, initial-scale=1">'
        f'<meta http-equiv="Content-Security-Policy" content="{escape(policy)}">'
        f"<title>{escape(report.client)}, {_span(report)}</title><style>{_STYLE}</style></head>"
        f'<body><main>{"".join(parts)}<p class="soft">{escape(FOOT)}</p></main></body></html>\n'
    ).encode()


def _span(report: ClientReport) -> str:
    return f"{day_words(report.start)} to {day_words(report.until)}"


def _charts(report: ClientReport, name: str) -> list[tuple[str, Chart]]:
    """The pictures of a part with their headings."""
    if name == "work" and report.weeks:
        return [("", week_chart(report.weeks))]
    if name == "strength":
        return [(_lift_head(lift), lift_chart(lift, report.unit)) for lift in report.lifts if lift.path]
    return []


def _lift_head(lift: ReportLift) -> str:
    return lift.name if lift.clear else f"{lift.name}, within the error"


def _charts_html(report: ClientReport, name: str) -> str:
    return "".join((f"<h3>{escape(head)}</h3>" if head else "") + _svg(chart) for head, chart in _charts(report, name))


def _svg(chart: Chart) -> str:
    def spots(of: tuple[tuple[float, float], ...]) -> str:
        return " ".join(f"{x:.1f},{y:.1f}" for x, y in of)

    drawn = [f'<svg role="img" aria-label="{escape(chart.says)}" viewBox="0 0 {WIDTH:g} {HEIGHT:g}">']
    if chart.band:
        drawn.append(f'<polygon points="{spots(chart.band)}" fill="var(--band)"/>')
    if chart.line:
        drawn.append(f'<polyline points="{spots(chart.line)}" fill="none" stroke="var(--ink)" stroke-width="2"/>')
    for bar in chart.bars:
        fill = "var(--done)" if bar.done else "none"
        stroke = "none" if bar.done else "var(--soft)"
        x, y = bar.at
        place = f'x="{x:.1f}" y="{y:.1f}" width="{bar.width:.1f}" height="{bar.height:.1f}"'
        drawn.append(f'<rect {place} fill="{fill}" stroke="{stroke}"/>')
    for label in chart.labels:
        anchor = "end" if label.end else "start"
        x, y = label.at
        drawn.append(f'<text x="{x:.1f}" y="{y:.1f}" text-anchor="{anchor}">{escape(label.words)}</text>')
    return "".join(drawn) + "</svg>"


def _table_html(tests: tuple[ReportTest, ...]) -> str:
    if not tests:
        return ""
    heads = "".join(f'<th scope="col">{head}</th>' for head in HEADS)
    rows = "".join(
        f'<tr><th scope="row">{escape(t.name)}</th><td>{escape(_then(t))}</td><td>{escape(_now(t))}</td>'
        f"<td>{escape(t.words)}</td></tr>"
        for t in tests
    )
    return f"<table><thead><tr>{heads}</tr></thead><tbody>{rows}</tbody></table>"


def _then(test: ReportTest) -> str:
    return f"{test.first} {test.unit}, {test.first_on:%d %b %Y}"


def _now(test: ReportTest) -> str:
    return f"{test.last} {test.unit}, {test.last_on:%d %b %Y}"


def report_pdf(report: ClientReport, size: PaperSize, picture: bytes = b"") -> bytes:
    """Answer the report on paper. Raises `DomainError` for a picture that is none."""
    styles = Styles()

    def story(width: float, height: float) -> list[Any]:
        made: list[Any] = [said(report.client, styles.title), said(_span(report), styles.soft), Spacer(1, 3 * mm)]
        made.append(said(report.texts.opening, styles.body))
        if picture:
            made.append(_image(picture, width, height / 3))
        for name, title in TITLES.items():
            text = getattr(report.texts, name)
            charts = _charts(report, name)
            if not text and not charts and not (name == "tests" and report.tests):
                continue
            head: list[Any] = [said(title, styles.heading)]
            head += [said(line, styles.body) for line in text.split("\n") if line]
            if name == "tests" and report.tests:
                head.append(_table(report.tests, styles, width))
            drawn = _in_rows(charts, styles, width)
            made.append(KeepTogether([*head, *drawn[:1]]))
            made += drawn[1:]
        return [*made, Spacer(1, 6 * mm), said(FOOT, styles.soft)]

    return pdf(story, size, f"{report.client}, {_span(report)}", f"{report.client} · {_span(report)}")


def _in_rows(charts: list[tuple[str, Chart]], styles: Styles, width: float) -> list[Any]:
    """Pictures with headings two a row, one without as wide as the page."""
    if charts and not charts[0][0]:
        return [_drawing(chart, width) for _, chart in charts]
    half = width / 2
    cells = [[said(words, styles.strong), _drawing(chart, half - 12)] for words, chart in charts]
    rows = [[*cells[at : at + 2], *([""] if at + 1 == len(cells) else [])] for at in range(0, len(cells), 2)]
    table = [Table([row], colWidths=[half, half], hAlign="LEFT") for row in rows]
    for one in table:
        one.setStyle(TableStyle([("VALIGN", (0, 0), (-1, -1), "TOP"), ("LEFTPADDING", (0, 0), (0, -1), 0)]))
    return list(table)


def _image(picture: bytes, width: float, height: float) -> Image:
    content = BytesIO(small_picture(picture))
    image = Image(content)
    scale = min(width / image.imageWidth, height / image.imageHeight, 1)
    image.drawWidth, image.drawHeight = image.imageWidth * scale, image.imageHeight * scale
    image.hAlign = "LEFT"
    return image


def _table(tests: tuple[ReportTest, ...], styles: Styles, width: float) -> Table:
    rows = [[said(head, styles.strong) for head in HEADS]]
    rows += [[said(words, styles.body) for words in (t.name, _then(t), _now(t), t.words)] for t in tests]
    table = Table(rows, colWidths=[width * share for share in (0.24, 0.2, 0.2, 0.36)], hAlign="LEFT", repeatRows=1)
    style = TableStyle([("LINEBELOW", (0, 0), (-1, -1), 0.5, LINE), ("VALIGN", (0, 0), (-1, -1), "TOP")])
    style.add("LEFTPADDING", (0, 0), (0, -1), 0)
    table.setStyle(style)
    return table


def _drawing(chart: Chart, width: float) -> Drawing:
    scale = width / WIDTH
    drawing = Drawing(width, HEIGHT * scale)
    drawing.hAlign = "LEFT"

    def flat(spots: tuple[tuple[float, float], ...]) -> list[float]:
        return [figure * scale for x, y in spots for figure in (x, HEIGHT - y)]

    if chart.band:
        drawing.add(Polygon(flat(chart.band), fillColor=LINE, strokeColor=None, fillOpacity=0.5))
    if chart.line:
        drawing.add(PolyLine(flat(chart.line), strokeColor=INK, strokeWidth=1.5))
    for bar in chart.bars:
        x, y = bar.at
        box = Rect(x * scale, (HEIGHT - y - bar.height) * scale, bar.width * scale, bar.height * scale)
        box.fillColor, box.strokeColor, box.strokeWidth = INK if bar.done else None, SOFT, 0.5
        drawing.add(box)
    for label in chart.labels:
        x, y = label.at
        words = String(x * scale, (HEIGHT - y) * scale, label.words, fontName=PLAIN, fontSize=7.5)
        words.fillColor, words.textAnchor = SOFT, "end" if label.end else "start"
        drawing.add(words)
    return drawing
