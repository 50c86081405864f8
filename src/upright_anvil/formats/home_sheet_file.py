"""A home sheet as one HTML file: everything is in it, nothing is fetched, and without scripts it can still be read."""

from dataclasses import dataclass
from html import escape
from pathlib import Path

from upright_anvil.core.errors import DomainError
from upright_anvil.core.home.sheet import HomeDay, HomeMove, HomeSheet
from upright_anvil.core.phrases import Phrases

POLICY = (
    "default-src 'none'; script-src 'unsafe-inline'; style-src 'unsafe-inline'; img-src data: blob:; "
    "connect-src http: https:; base-uri 'none'; form-action 'none'"
)
"""Nothing is loaded; a result may be sent to the studio when the client asks for it."""


@dataclass(frozen=True, slots=True)
class SheetParts:
    """The built script and style of the sheet."""

    script: str
    style: str


def sheet_parts(folder: Path) -> SheetParts:
    """Read the built parts. Raises `DomainError` where the interface was not built."""
    try:
        return SheetParts((folder / "sheet.js").read_text("utf-8"), (folder / "sheet.css").read_text("utf-8"))
    except FileNotFoundError as missing:
        raise DomainError("The home sheet was not built with the interface; start the app anew.") from missing


def sheet_html(sheet: HomeSheet, document: str, parts: SheetParts, phrases: Phrases) -> str:
    """Answer the whole file; ``document`` is the sheet as JSON. Whatever a name holds, it stays text."""
    title = escape(f"{phrases.say('At home')}: {sheet.client}")
    return (
        "<!doctype html>\n"
        f'<html lang="{escape(sheet.language)}">\n<head>\n<meta charset="utf-8">\n'
        '<meta name="viewport" content="width=device-width, initial-scale=1, viewport-fit=cover">\n'
        '<meta name="color-scheme" content="light dark">\n'
        f'<meta http-equiv="Content-Security-Policy" content="{escape(POLICY)}">\n'
        f"<title>{title}</title>\n<style>{_no_end(parts.style, 'style')}</style>\n</head>\n<body>\n"
        f'<div id="sheet">{_plain(sheet, phrases)}</div>\n'
        f'<script type="application/json" id="data">{_as_data(document)}</script>\n'
        f"<script>{_no_end(parts.script, 'script')}</script>\n</body>\n</html>\n"
    )


def _as_data(document: str) -> str:
    """JSON that cannot end the element it stands in, nor begin another."""
    return document.replace("<", "\\u003c").replace(">", "\\u003e").replace("&", "\\u0026")


def _no_end(code: str, tag: str) -> str:
    return code.replace(f"</{tag}", f"<\\/{tag}").replace("<!--", "<\\!--")


def _plain(sheet: HomeSheet, phrases: Phrases) -> str:
    """What is read where scripts do not run: days, moves, doses, cues, and when to stop."""
    days = "".join(_plain_day(day, phrases) for day in sheet.days)
    stop = "".join(f"<li>{escape(rule)}</li>" for rule in sheet.stop_rules)
    signs = "".join(f"<li>{escape(sign)}</li>" for sign in sheet.signs)
    head = escape(f"{phrases.say('At home')}: {sheet.client}")
    return (
        f"<main><h1>{head}</h1>{days}<h2>{escape(phrases.say('While you train alone'))}</h2><ul>{stop}</ul>"
        f"<h2>{escape(phrases.say('Warning signs'))}</h2><ul>{signs}</ul><p>{escape(sheet.what_to_do)}</p></main>"
    )


def _plain_day(day: HomeDay, phrases: Phrases) -> str:
    moves = "".join(_plain_move(move, phrases) for move in day.moves)
    return f"<section><h2>{escape(day.name)}</h2><p>{escape(day.on_words)}</p><ol>{moves}</ol></section>"


def _plain_move(move: HomeMove, phrases: Phrases) -> str:
    cues = "".join(f"<li>{escape(cue)}</li>" for cue in (*move.cues, *((move.always,) if move.always else ())))
    rungs = [
        f"<p>{escape(phrases.say(word))}: {escape(rung.name)}</p>"
        for word, rung in (("Too much today", move.easier), ("Too easy", move.harder))
        if rung
    ]
    return (
        f"<li><h3>{escape(move.name)}</h3><p>{escape(move.dose)}</p><ul>{cues}</ul>"
        f"{''.join(f'<p>{escape(c)}</p>' for c in move.cautions)}{''.join(rungs)}</li>"
    )
