"""Sentences for a client's ears and eyes in the client's language.

The English sentence is the key of its translation, as the catalogue's library has it: ``Next: {{name}}``. What stands
in double braces is put in. English needs no catalogue; what another language lacks is said in English.
"""

import re
from collections.abc import Mapping
from dataclasses import dataclass, field
from decimal import Decimal
from enum import StrEnum

from upright_anvil.core.loads.load import Load, plain

_GAP = re.compile(r"\{\{(\w+)\}\}")


class Language(StrEnum):
    """The languages of sheets and calls."""

    ENGLISH = "en"
    GERMAN = "de"


@dataclass(frozen=True)
class Phrases:
    """The phrases of one language: its code (``en``), sentences by their English, and how decimals are marked."""

    language: str = "en"
    sentences: Mapping[str, str] = field(default_factory=dict)
    decimal_mark: str = "."

    def say(self, english: str, **values: object) -> str:
        """Answer a sentence in this language with its values put in; a gap without a value stays as it is."""
        sentence = self.sentences.get(english) or english
        return _GAP.sub(lambda gap: str(values.get(gap[1], gap[0])), sentence)

    def number(self, value: Decimal | int) -> str:
        """Answer a number with this language's decimal mark."""
        text = plain(value) if isinstance(value, Decimal) else str(value)
        return text.replace(".", self.decimal_mark)

    def load(self, load: Load) -> str:
        """Answer a load with its unit: ``22,5 kg``."""
        return f"{self.number(load.value)} {load.unit}"


ENGLISH = Phrases()
