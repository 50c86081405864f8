"""The catalogues of sentences that ship with the app, and dates as a language writes them."""

import json
from datetime import date
from functools import lru_cache
from pathlib import Path

from upright_anvil.core.phrases import ENGLISH, Language, Phrases

FOLDER = Path(__file__).parents[2] / "data" / "languages"


@lru_cache
def phrases_of(language: Language) -> Phrases:
    """Answer the phrases of a language; English has no catalogue, its sentences are the keys."""
    if language is Language.ENGLISH:
        return ENGLISH
    from babel import Locale
    from babel.numbers import get_decimal_symbol

    sentences = json.loads((FOLDER / f"{language.value}.json").read_text("utf-8"))
    return Phrases(language.value, sentences, get_decimal_symbol(Locale(language.value)))


def interface_catalogue() -> bytes:
    """Answer the sentences of the screens, all of them English, as the file to translate: JSON as i18next reads it."""
    return (FOLDER / "interface.en.json").read_bytes()


def day_words(on: date, language: Language) -> str:
    """Answer a date in words: ``Tuesday, 5 May``."""
    from babel import Locale
    from babel.dates import format_date

    return format_date(on, "EEEE, d MMMM", locale=Locale(language.value))
