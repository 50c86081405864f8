"""A home sheet on paper: a page a day, with boxes to tick; or a blank log with room to write."""

from typing import Any, Final

from reportlab.lib.units import mm
from reportlab.platypus import Flowable, KeepInFrame, PageBreak, Spacer, Table, TableStyle

from upright_anvil.core.home.sheet import HomeDay, HomeMove, HomeSheet
from upright_anvil.core.phrases import Phrases
from upright_anvil.formats.paper.page import LINE, Styles, pdf, said
from upright_anvil.formats.paper.paper_size import PaperSize

LARGE: Final = 1.5
BOX: Final = 5.5 * mm
HEADS: Final = ("Exercise", "Set", "Planned", "Done", "Load", "Left")
RUNGS: Final = ("Too much today: {{name}}", "Too easy: {{name}}")
WORDS: Final = ("Date", "How hard, 0 to 10", "A word")
"""Sentences by their English, said in the client's language."""


class _Boxes(Flowable):
    """A row of boxes to tick, one a set; ramp-up sets are smaller."""

    def __init__(self, move: HomeMove, scale: float, width: float) -> None:
        super().__init__()
        self.sets, self.side, self.width = move.sets, BOX * scale, width
        self.each = self.side + 2 * mm
        self.a_row = max(1, int(width // self.each))
        self.height = self.each * -(-len(self.sets) // self.a_row)

    def draw(self) -> None:
        self.canv.setStrokeColor(LINE)
        self.canv.setLineWidth(1)
        for at, one in enumerate(self.sets):
            side = self.side * (0.6 if one.ramp else 1)
            row, column = divmod(at, self.a_row)
            self.canv.rect(column * self.each, self.height - row * self.each - self.side, side, side)


def home_pdf(sheet: HomeSheet, phrases: Phrases, size: PaperSize, *, large: bool = False, blank: bool = False) -> bytes:
    """Answer the sheet as PDF, a page a day: what does not fit is set smaller, never cut.

    Large print stays large and takes the pages it needs.
    """
    styles = Styles(LARGE if large else 1.0)

    def story(width: float, height: float) -> list[Any]:
        pages: list[Any] = []
        for at, day in enumerate(sheet.days):
            if at:
                pages.append(PageBreak())
            made = _log(day, phrases, styles, width) if blank else _day(day, phrases, styles, width)
            if not large and not blank:
                made += [Spacer(1, 4 * mm), *_stop(sheet, phrases, styles)]
            pages += made if large else [KeepInFrame(width, height, made, mode="shrink")]
        if large and not blank:
            pages += [PageBreak(), *_stop(sheet, phrases, styles)]
        return pages

    title = f"{phrases.say('At home')}: {sheet.client}"
    return pdf(story, size, title, f"{title} · {sheet.program}", sheet.language.value)


def _head(day: HomeDay, phrases: Phrases, styles: Styles) -> list[Any]:
    week = phrases.say("Week {{week}}", week=day.week)
    minutes = phrases.say("about {{minutes}} min", minutes=day.minutes)
    return [said(day.name, styles.title), said(f"{day.on_words} · {week} · {minutes}", styles.soft), Spacer(1, 4 * mm)]


def _day(day: HomeDay, phrases: Phrases, styles: Styles, width: float) -> list[Any]:
    boxes = width * 0.3
    rows = [[_move(move, phrases, styles), _Boxes(move, styles.scale, boxes - 12)] for move in day.moves]
    table = Table(rows, colWidths=[width - boxes, boxes], hAlign="LEFT")
    table.setStyle(_lines(len(rows)))
    return [*_head(day, phrases, styles), table]


def _stop(sheet: HomeSheet, phrases: Phrases, styles: Styles) -> list[Any]:
    """When to stop: with the day where there is room, on a page of its own in large print."""
    rules = [said(f"· {rule}", styles.soft) for rule in (*sheet.stop_rules, *sheet.signs)]
    return [said(phrases.say("When to stop"), styles.strong), *rules, said(sheet.what_to_do, styles.soft)]


def _move(move: HomeMove, phrases: Phrases, styles: Styles) -> list[Any]:
    found = [said(move.name, styles.move), said(move.dose, styles.body)]
    if move.cues:
        found.append(said(" · ".join(move.cues), styles.soft))
    found += [said(words, styles.soft) for words in (move.always, *move.cautions) if words]
    rungs = [
        phrases.say(word, name=rung.name) for word, rung in zip(RUNGS, (move.easier, move.harder), strict=True) if rung
    ]
    if rungs:
        found.append(said(" · ".join(rungs), styles.soft))
    return found


def _log(day: HomeDay, phrases: Phrases, styles: Styles, width: float) -> list[Any]:
    heads = [phrases.say(word) for word in HEADS]
    rows: list[list[Any]] = [[said(head, styles.strong) for head in heads]]
    for move in day.moves:
        for at, one in enumerate(move.sets):
            name = move.name if at == 0 else ""
            number = phrases.say("Ramp-up set {{number}}", number=one.number) if one.ramp else str(one.number)
            cells = [name, number, one.words, "", "", ""]
            rows.append(
                [said(cell, styles.strong if at == 0 and i == 0 else styles.body) for i, cell in enumerate(cells)]
            )
    shares = (0.3, 0.12, 0.25, 0.13, 0.12, 0.08)
    table = Table(rows, colWidths=[width * share for share in shares], repeatRows=1, hAlign="LEFT")
    style = _lines(len(rows))
    style.add("LINEAFTER", (0, 0), (-2, -1), 0.4, LINE)
    table.setStyle(style)
    words = [said(f"{phrases.say(word)} ______________________", styles.body) for word in WORDS]
    return [*_head(day, phrases, styles), table, Spacer(1, 5 * mm), *words]


def _lines(rows: int) -> TableStyle:
    return TableStyle(
        [
            ("VALIGN", (0, 0), (-1, -1), "TOP"),
            ("LINEBELOW", (0, 0), (-1, rows - 1), 0.5, LINE),
            ("LEFTPADDING", (0, 0), (0, -1), 0),
            ("TOPPADDING", (0, 0), (-1, -1), 4),
            ("BOTTOMPADDING", (0, 0), (-1, -1), 5),
        ]
    )
